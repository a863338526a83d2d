import { assessLine, ShaftLine } from '@yardfrost/core'
import { catalogue } from '@yardfrost/core/test/references.ts'
import { assert } from 'chai'
import { beginDrag, dragTo, nudgeBy, placeOf } from '../../../src/drawing/shaft/drag-along.ts'
import { edgesOf, placeParts, placeSteps, placeSupports } from '../../../src/drawing/shaft/place-body.ts'
import { placeBent, placeGrowth, placeSpans } from '../../../src/drawing/shaft/place-growth.ts'
import { longestArrowPx, placeLoadArrows, placeThrust } from '../../../src/drawing/shaft/place-load-arrows.ts'
import { placeBearingLoads } from '../../../src/drawing/shaft/place-reactions.ts'
import { diameterAt, shaftFrame } from '../../../src/drawing/shaft/shaft-frame.ts'

/** A fan shaft: wheel between the bearings, belt pulled downward over the left end, located at the left bearing. */
const line = ShaftLine.parse({
  sections: [
    { lengthMm: 200, diameterMm: 60 },
    { lengthMm: 800, diameterMm: 80 },
  ],
  supports: [
    { position: 'Drive end', xMm: 250, holds: 'both' },
    { position: 'Fan end', xMm: 950, holds: 'none' },
  ],
  parts: [
    { kind: 'force', id: 'belt', xMm: 60, radialN: 1500, angleDeg: 0 },
    { kind: 'force', id: 'lift', xMm: 600, radialN: 500, angleDeg: 180 },
    { kind: 'force', id: 'side', xMm: 700, radialN: 900, angleDeg: 90 },
  ],
  hottestC: 80,
})
const frame = shaftFrame(line, new Map(), 900, 500)
const assessment = assessLine(line, new Map(), catalogue)
const words = {
  force: (newton: number) => `${newton.toFixed(0)} N`,
  length: (mm: number, decimals = 0) => `${mm.toFixed(decimals)} mm`,
}
const parts = placeParts(frame)
const supports = placeSupports(frame)

describe('a shaft on its sheet', () => {
  it('has its steps one after another, over the whole length', () => {
    const steps = placeSteps(frame)
    assert.approximately(steps[0]!.x + steps[0]!.width, steps[1]!.x, 1e-9)
    assert.approximately(steps[1]!.width / steps[0]!.width, 4, 1e-9)
    assert.deepEqual(edgesOf(frame), [0, 200, 1000])
  })

  it('is as thick as its step, and beyond its end as the last', () => {
    assert.deepEqual([0, 200, 201, 1500].map((xMm) => diameterAt(line, xMm)), [60, 60, 80, 80])
  }) // prettier-ignore

  it('stands a bearing nobody has entered as a middling one for its shaft', () =>
    assert.approximately(supports[0]!.od, frame.px(1.9 * 80), 1e-9))

  describe('with its loads', () => {
    const arrows = placeLoadArrows(frame, parts, assessment.loads, words)
    const of = (from: string) => arrows.find((one) => one.from === from)!

    it('has one arrow a source, the heaviest the longest', () => {
      assert.lengthOf(arrows, new Set(arrows.map(({ from }) => from)).size)
      assert.equal(of('belt').length, longestArrowPx)
      assert.isBelow(of('lift').length, of('belt').length)
    })

    const ways: [from: string, way: string][] = [['belt', 'down'], ['lift', 'up'], ['side', 'sideways']] // prettier-ignore
    for (const [from, way] of ways) it(`points ${way} for ${from}`, () => assert.equal(of(from).way, way))

    it('names the part and its load, and knows which part can be drawn out', () => {
      // With the shock factor that a line usually has, 1.1.
      assert.match(of('belt').text, /belt 1650 N/)
      assert.deepEqual(['belt', 'lift', 'side'].map((from) => of(from).partIndex), [0, 1, 2])
    }) // prettier-ignore

    it('writes no two words over each other, and none off the sheet', () => {
      const narrow = placeLoadArrows(shaftFrame(line, new Map(), 360, 400), parts, assessment.loads, words)
      for (const [a, one] of narrow.entries()) {
        assert.isAtLeast(one.labelY, 10)
        for (const other of narrow.slice(a + 1)) {
          const apart = Math.abs(one.labelX - other.labelX) > 40 || Math.abs(one.labelY - other.labelY) >= 18
          assert.isTrue(apart, `${one.text} over ${other.text}`)
        }
      }
    })

    it('has an arrow of thrust only where there is thrust, the way it pushes', () => {
      assert.isNull(placeThrust(frame, 0.4, words))
      assert.include(placeThrust(frame, -800, words), { toRight: false, text: 'thrust 800 N' })
    })

    it('has what each bearing carries below it, lifted where the load lifts', () => {
      const carried = placeBearingLoads(frame, supports, parts, assessment.supports, words)
      assert.deepEqual(carried.map(({ letter, position }) => [letter, position]), [['A', 'Drive end'], ['B', 'Fan end']])
      for (const [index, one] of carried.entries())
        assert.equal(one.lifted, (assessment.supports[index]?.downN ?? 0) < 0)
    }) // prettier-ignore
  })

  it('grows from the end that is held to the one that floats, drawn a round number of times', () => {
    const growth = placeGrowth(frame, supports, assessment, words)!
    assert.isBelow(growth.from.x, growth.to.x)
    assert.isBelow(growth.to.x, growth.tip.x)
    assert.match(growth.text, /^grows 0\.\d\d mm, drawn \d+ times$/)
    assert.isNull(placeGrowth(frame, supports, { growth: null, growsTo: null }, words))
  })

  it('bends where it bends, and is measured from bearing to bearing', () => {
    assert.match(placeBent(frame, assessment.bending, words)?.d ?? '', /^M[\d.]+ [\d.]+L/)
    assert.isNull(placeBent(frame, null, words))
    assert.deepEqual(placeSpans(frame, words).map(({ text }) => text), ['700 mm'])
  }) // prettier-ignore
})

describe('dragging along a shaft', () => {
  const { pxPerMm } = frame.elevation
  const support = { what: 'support', index: 1 } as const
  const drag = beginDrag(line, support, 100, 100)!
  const to = (mm: number, fine = false) =>
    dragTo(drag, line, frame.elevation, { x: 100 + mm * pxPerMm, y: 100, fine })?.toMm

  it('begins at a part or bearing, and not at a step of the shaft', () => {
    assert.isNull(beginDrag(line, { what: 'section', index: 0 }, 0, 0))
    assert.include(drag, { fromMm: 950, moved: false })
    assert.equal(placeOf(line, { what: 'part', index: 1 }), 600)
  })

  it('is a press until it has moved some pixels', () => assert.isUndefined(to(2 / pxPerMm)))

  const cases: [why: string, mm: number, fine: boolean, place: number][] = [
    ['goes in steps of 5 mm', -63, false, 885],
    ['and of 1 mm while it is asked to', -63, true, 887],
    ['snaps to the edge of a step', -748, false, 200],
    ['snaps to the end of the shaft', 47, false, 1000],
    ['snaps to another bearing, not to itself', -699, false, 250],
  ]
  for (const [why, mm, fine, place] of cases) it(why, () => assert.equal(to(mm, fine), place))

  it('goes back to where it began once it has moved', () => {
    const moved = dragTo(drag, line, frame.elevation, { x: 100 + 60 * pxPerMm, y: 100, fine: false })!
    assert.isTrue(moved.drag.moved)
    assert.equal(dragTo(moved.drag, line, frame.elevation, { x: 100, y: 100, fine: false })?.toMm, 950)
  })

  it('is nudged by arrow keys, farther with Shift', () => {
    assert.deepEqual(
      [nudgeBy('ArrowLeft', false), nudgeBy('ArrowRight', true), nudgeBy('Enter', false)],
      [-1, 10, null],
    )
  })
})
