import { evenEdges, type PaintedMark, type Raceway } from '@yardfrost/core'
import { assert } from 'chai'
import { bandPaths, laneOf, markBoxes, pointAt, stripFrame, xOf, yOf } from '../../src/drawing/raceway/strip-frame.ts'
import { markShape } from '../../src/drawing/raceway/mark-shape.ts'
import { drawSign, isDrawn } from '../../src/drawing/signs/index.ts'
import { parse } from 'csv-parse/sync'
import { readFileSync } from 'node:fs'

const file = readFileSync(new URL('../../../core/data/damage-signs.csv', import.meta.url), 'utf8')
/** Signs that somebody can enter: facts are no signs, and some follow from the others. */
const signs = parse<{ sign: string; kind: string; group: string }>(file, { columns: true }).filter(
  ({ group, kind }) => kind !== 'context' && group !== 'joint',
)

const raceway = (rest: Partial<Raceway> = {}): Raceway => ({ ring: 'outer', row: 1, turns: false, diameterMm: 120, widthMm: 15, pitchDeg: 40, ribs: 'none', ofShaft: false, ...rest }) // prettier-ignore
const at = { left: 50, width: 720, top: 40, roomPx: 76 }

describe('a strip of raceways', () => {
  it('goes to scale along, and says how many times wider it is across', () => {
    const frame = stripFrame([raceway()], at)
    assert.equal(xOf(frame, 180), 50 + 360)
    assert.approximately(frame.widened, 76 / (15 * (720 / (Math.PI * 120))), 1e-9)
  })
  const lanes: [why: string, raceways: Raceway[], surfaces: string[]][] = [
    ['a ball bearing', [raceway()], ['raceway', 'seat']],
    ['ribs on both sides', [raceway({ ribs: 'both' })], ['rib', 'raceway', 'rib', 'seat']],
    ['the large rib', [raceway({ ribs: 'large' })], ['raceway', 'rib', 'seat']],
    ['two rows and their guide ring', [raceway({ ribs: 'guide' }), raceway({ row: 2, ribs: 'guide' })], ['raceway', 'rib', 'raceway', 'seat']],
    ['rollers on the shaft', [raceway({ ring: 'inner', ofShaft: true })], ['raceway']],
  ] // prettier-ignore
  for (const [why, raceways, surfaces] of lanes)
    it(why, () => assert.deepEqual(stripFrame(raceways, at).lanes.map(({ surface }) => surface), surfaces)) // prettier-ignore

  it('finds what lies under the pointer, and draws it there', () => {
    const frame = stripFrame([raceway({ ribs: 'both' })], at)
    const lane = laneOf(frame, 'raceway', 1) ?? assert.fail('no raceway')
    const point = pointAt(frame, xOf(frame, 90), yOf(lane, 0.25))
    assert.deepInclude(point, { surface: 'raceway', row: 1 })
    assert.approximately(point?.deg ?? 0, 90, 1e-9)
    assert.approximately(point?.u ?? 0, 0.25, 1e-9)
    assert.equal(pointAt(frame, 0, 0)?.deg, 0)
  })
  it('draws a track as one piece where it hangs together, and a mark over the end of the strip in two', () => {
    const frame = stripFrame([raceway()], at)
    const lane = laneOf(frame, 'raceway', 1) ?? assert.fail('no raceway')
    const edges = evenEdges(-0.1, 0.1)
    assert.lengthOf(bandPaths(frame, lane, edges), 1)
    const cut = edges.map((one, place) => (place > 20 && place < 30 ? null : one))
    assert.lengthOf(bandPaths(frame, lane, cut), 2)
    const mark: PaintedMark = { kind: 'rust', ring: 'outer', surface: 'raceway', row: 1, fromDeg: 350, lengthDeg: 20, low: -0.1, high: 0.1 } // prettier-ignore
    const boxes = markBoxes(frame, lane, mark)
    assert.deepEqual(boxes.map(({ width }) => width), [20, 20]) // prettier-ignore
    assert.equal(boxes[1]?.x, 50)
  })
})

describe('drawings of marks and signs', () => {
  it('every mark has its look, and nothing in it is no number', () => {
    for (const kind of ['spalling', 'dents', 'rust', 'etching', 'flutes', 'heat-tint', 'scoring', 'creep'] as const)
      for (const width of [3, 40, 700]) {
        const { d } = markShape(kind, { x: 10, y: 10, width, height: 20 })
        assert.match(d, /^M/)
        assert.notMatch(d, /NaN|undefined|Infinity/)
      }
  })
  it('every sign that somebody can enter has a drawing of its own, for every rolling element', () => {
    const seen = new Map<string, string>()
    for (const { sign } of signs) {
      assert.isTrue(isDrawn(sign), sign)
      for (const rolls of ['ball', 'roller', 'taper', 'barrel'] as const)
        for (const { d } of drawSign(sign, rolls)) assert.notMatch(d, /NaN|undefined/, sign)
      const all = drawSign(sign).map(({ look, d }) => look + d).join() // prettier-ignore
      assert.isUndefined(seen.get(all), `${sign} is drawn as ${seen.get(all)}`)
      seen.set(all, sign)
    }
  })
})
