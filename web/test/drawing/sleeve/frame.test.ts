import { plainDamage } from '@yardfrost/core'
import { assert } from 'chai'
import { drawPlainSign, isPlainDrawn } from '../../../src/drawing/signs/plain.ts'
import { layOutSleeve, roundPoint, sheet, type DrawnSleeve } from '../../../src/drawing/sleeve/frame.ts'

const sleeve = (journalMm: number, lengthMm: number, wallMm: number, rest: Partial<DrawnSleeve> = {}): DrawnSleeve => ({
  sizes: { journalMm, lengthMm, wallMm, usualWall: false, odMm: journalMm + 2 * wallMm, ratio: lengthMm / journalMm },
  split: false,
  flangeMm: null,
  groove: null,
  feedDeg: null,
  loadDeg: 180,
  loadTurns: false,
  bothWays: false,
  clearanceMm: 0.001 * journalMm,
  eccentricity: 0.5,
  attitudeDeg: 50,
  ring: null,
  oiled: true,
  ...rest,
})

describe('a plain bearing on the sheet', () => {
  const drawn: [what: string, one: DrawnSleeve][] = [
    ['a bush of 8 mm', sleeve(8, 8, 2)],
    ['a long thin one', sleeve(40, 90, 2.5)],
    ['a narrow one of 400 mm', sleeve(400, 120, 40)],
    ['shells with a loose ring', sleeve(110, 95, 14, { split: true, ring: { insideMm: 190, dipMm: 28 } })],
    ['a flanged one', sleeve(60, 60, 6, { flangeMm: 110 })],
  ]
  for (const [what, one] of drawn)
    it(`${what} stands on it, both views apart and to one scale`, () => {
      const frame = layOutSleeve(one)
      assert.isAtLeast(frame.along.shaftFrom, 0)
      assert.isBelow(frame.along.shaftTo, frame.across.x - frame.housing)
      assert.isAtMost(frame.across.x + frame.housing, sheet.width)
      assert.isAtLeast(frame.axisY - frame.housing, 0)
      assert.isAtMost(frame.axisY + frame.housing, sheet.height)
      assert.closeTo(frame.journal, (one.sizes.journalMm / 2) * frame.pxPerMm, 1e-9)
      assert.closeTo(2 * frame.along.half, one.sizes.lengthMm * frame.pxPerMm, 1e-9)
      if (one.ring) assert.isAtMost(frame.axisY + (one.ring.insideMm - one.sizes.journalMm / 2) * frame.pxPerMm, sheet.height) // prettier-ignore
    })

  it('says how many times the gap is drawn as large', () => {
    const { gap, gapTimes, pxPerMm } = layOutSleeve(sleeve(100, 80, 8))
    assert.closeTo(gap / pxPerMm, 0.05 * gapTimes, 1e-9)
    assert.isAbove(gapTimes, 1)
  })

  it('goes round clockwise from the top', () => {
    assert.deepEqual(roundPoint(10, 10, 5, 0), { x: 10, y: 5 })
    assert.closeTo(roundPoint(10, 10, 5, 90).x, 15, 1e-9)
  })
})

describe('signs of plain bearings', () => {
  for (const { sign } of plainDamage.signs)
    it(`${sign} has its drawing, with what is wrong in it`, () => {
      assert.isTrue(isPlainDrawn(sign))
      const shapes = drawPlainSign(sign)
      assert.isTrue(shapes.some(({ look }) => ['mark', 'fill', 'shade', 'dark'].includes(look)))
      for (const { d } of shapes) assert.notMatch(d, /NaN|undefined/)
    })

  it('are told apart', () => {
    const drawings = plainDamage.signs.map(({ sign }) => JSON.stringify(drawPlainSign(sign)))
    assert.lengthOf(new Set(drawings), drawings.length)
  })
})
