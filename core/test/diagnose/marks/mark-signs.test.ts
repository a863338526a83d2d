import { assert } from 'chai'
import { signsOfBands, signsOfRings } from '../../../src/diagnose/marks/band-signs.ts'
import { signsOfMarks } from '../../../src/diagnose/marks/mark-signs.ts'
import { PaintedMark } from '../../../src/model/painted.ts'
import { evenEdges, mirrored, stroked, withEdges, edgesOn } from '../../../src/diagnose/marks/paint.ts'
import { racewaysOf } from '../../../src/diagnose/marks/raceways.ts'
import { lookUpBearing } from '../../../src/catalogue/resolve-bearing.ts'
import { catalogue } from '../../references.ts'

function bearing(designation: string) {
  const found = lookUpBearing(designation, catalogue)
  if (found.kind !== 'found') throw new Error(designation)
  return found.bearing
}
const raceways = racewaysOf(bearing('6313'), 'inner-turns')
const pitch = raceways[0]?.pitchDeg ?? 0

type Mark = Pick<PaintedMark, 'kind' | 'ring'> & Partial<PaintedMark>
const mark = (one: Mark): PaintedMark =>
  PaintedMark.parse({ surface: 'raceway', row: 1, fromDeg: 170, lengthDeg: 12, low: -0.1, high: 0.1, ...one })
const row = (one: Mark, count: number, step = pitch): PaintedMark[] =>
  Array.from({ length: count }, (_, index) => mark({ lengthDeg: 3, ...one, fromDeg: (100 + index * step) % 360 }))

describe('painted marks as signs', () => {
  const cases: [why: string, marks: PaintedMark[], signs: string[]][] = [
    ['a spall under the load', [mark({ kind: 'spalling', ring: 'outer' })], ['at-outer-raceway', 'spall-load-zone']],
    ['a spall away from it', [mark({ kind: 'spalling', ring: 'outer', fromDeg: 10 })], ['at-outer-raceway']],
    ['a spall on the ring that turns', [mark({ kind: 'spalling', ring: 'inner' })], ['at-inner-raceway']],
    ['a spall at one edge', [mark({ kind: 'spalling', ring: 'outer', low: 0.2, high: 0.4 })], ['at-outer-raceway', 'spall-one-edge']],
    ['spalls at both edges', [mark({ kind: 'spalling', ring: 'outer', low: 0.2, high: 0.4, fromDeg: 20 }), mark({ kind: 'spalling', ring: 'outer', low: -0.4, high: -0.2, fromDeg: 220 })], ['at-outer-raceway']],
    ['both rings spalled all over', (['outer', 'inner'] as const).map((ring) => mark({ kind: 'spalling', ring, fromDeg: 0, lengthDeg: 360, low: -0.5, high: 0.5 })), ['at-inner-raceway', 'at-outer-raceway', 'spall-full-width-all']],
    ['a spall beside a dent', [mark({ kind: 'dents', ring: 'outer', fromDeg: 160, lengthDeg: 3 }), mark({ kind: 'spalling', ring: 'outer' })], ['at-outer-raceway', 'spall-behind-dent', 'dents-random']],
    ['dents at the pitch', row({ kind: 'dents', ring: 'inner' }, 4), ['at-inner-raceway', 'dents-at-pitch']],
    ['dents at the pitch toward a shoulder', row({ kind: 'dents', ring: 'inner', low: 0.2, high: 0.4 }, 4), ['at-inner-raceway', 'dents-at-pitch', 'dents-toward-shoulder']],
    ['dents at another spacing', row({ kind: 'dents', ring: 'inner' }, 4, 0.4 * pitch), ['at-inner-raceway', 'dents-random']],
    ['two dents at the pitch may be chance', row({ kind: 'dents', ring: 'inner' }, 2), ['at-inner-raceway', 'dents-random']],
    ['etched lines', row({ kind: 'etching', ring: 'outer' }, 3), ['at-outer-raceway', 'etched-lines-at-pitch']],
    ['one etched line', row({ kind: 'etching', ring: 'outer' }, 1), ['at-outer-raceway', 'rust']],
    ['spalls in lines', row({ kind: 'spalling', ring: 'outer' }, 3), ['at-outer-raceway', 'line-spalls-at-pitch']],
    ['flutes', [mark({ kind: 'flutes', ring: 'outer', fromDeg: 0, lengthDeg: 360 })], ['at-outer-raceway', 'fluting']],
    ['scoring', [mark({ kind: 'scoring', ring: 'inner' })], ['at-inner-raceway', 'smearing']],
    ['scoring of the rib', [mark({ kind: 'scoring', ring: 'inner', surface: 'rib' })], ['at-rib-or-roller-ends', 'rib-scoring']],
    ['heat tint', [mark({ kind: 'heat-tint', ring: 'inner' })], ['heat-tint']],
    ['heat tint of the seat', [mark({ kind: 'heat-tint', ring: 'inner', surface: 'seat' })], ['at-bore', 'heat-tint-faces']],
    ['creep in the bore', [mark({ kind: 'creep', ring: 'inner', surface: 'seat' })], ['at-bore', 'creep-bore']],
    ['fretting outside', [mark({ kind: 'rust', ring: 'outer', surface: 'seat' })], ['at-outside', 'fretting-outside']],
  ] // prettier-ignore
  for (const [why, marks, signs] of cases)
    it(why, () => assert.deepEqual(signsOfMarks(marks, raceways).map(({ sign }) => sign), signs)) // prettier-ignore

  it('say on which ring, and where', () =>
    assert.equal(
      signsOfMarks([mark({ kind: 'spalling', ring: 'outer' })], raceways)[1]?.where,
      'on the outer ring, at the load',
    ))

  it('say that one row is worn more than the other, and that a track runs on a shoulder', () => {
    const wide = { ring: 'outer' as const, row: 1, edges: evenEdges(-0.2, 0.2) }
    const narrow = { ring: 'outer' as const, row: 2, edges: evenEdges(-0.05, 0.05) }
    const signs = (bands: Parameters<typeof signsOfBands>[0], grooved: boolean) =>
      signsOfBands(bands, grooved).map(({ sign }) => sign)
    assert.deepEqual(signs([wide, narrow], false), ['worn-to-one-side'])
    assert.isEmpty(signs([wide, { ...wide, row: 2 }], false))
    const onShoulder = { ring: 'inner' as const, row: 1, edges: evenEdges(0.2, 0.5) }
    assert.deepEqual(signs([onShoulder], true), ['track-on-shoulder'])
    assert.isEmpty(signs([onShoulder], false))
  })
})

describe('what one ring says by itself', () => {
  const arc = (from: number, to: number, fromU: number, toU: number, brush = 0.3) =>
    stroked(edgesOn([], 'outer', 1), { fromDeg: from, toDeg: to, fromU, toU, brush })
  const both = (from: number) => arc(from, from + 60, 0, 0).map((edges, place) => edges ?? arc(from + 180, from + 240, 0, 0)[place] ?? null) // prettier-ignore
  /** Bent the same way on both sides of the load, as thrust does. */
  const bent = arc(90, 270, 0, 0).map((edges, place) => {
    const by = 0.15 * (1 - Math.cos(((place - 36) * Math.PI) / 36))
    return edges && ([edges[0] + by, edges[1] + by] as [number, number])
  })
  const wave = evenEdges(-0.1, 0.1).map((edges, place) => {
    const by = 0.15 * Math.cos((place * Math.PI) / 36)
    return edges && ([edges[0] + by, edges[1] + by] as [number, number])
  })
  const cases: [why: string, ring: 'inner' | 'outer', edges: typeof wave, sign: string | null][] = [
    ['askew over the load zone', 'outer', arc(100, 260, 0.15, -0.15), 'track-tilted-stationary'],
    ['askew all round', 'outer', wave, 'track-tilted-stationary'],
    ['a wave on the ring that turns', 'inner', wave, 'track-tilted-rotating'],
    ['straight', 'outer', arc(100, 260, 0, 0), null],
    ['bent by thrust and not tilted', 'outer', bent, null],
    ['two arcs opposite each other', 'outer', both(40), 'track-two-opposite'],
    ['short and narrow', 'outer', arc(150, 210, 0, 0, 0.15), 'track-short-narrow'],
    ['wide all round the ring that stands', 'outer', evenEdges(-0.25, 0.25), 'track-all-round-stationary'],
    ['narrow all round the ring that stands', 'outer', evenEdges(-0.1, 0.1), null],
    ['even on the ring that turns', 'inner', evenEdges(-0.25, 0.25), null],
    ['one spot on the ring that turns', 'inner', arc(60, 160, 0, 0), 'track-spot-rotating'],
  ]
  for (const [why, ring, edges, sign] of cases)
    it(why, () =>
      assert.deepEqual(
        signsOfRings([{ ring, row: 1, edges }], 'inner').map((one) => one.sign),
        sign ? [sign] : [],
      ),
    )
})

describe('the track brush', () => {
  const nothing = edgesOn([], 'outer', 1)
  const stroke = { fromDeg: 90, toDeg: 180, fromU: 0, toU: 0.2, brush: 0.2 }

  it('marks every place it passes, slanted from its start to its end', () => {
    const edges = stroked(nothing, stroke)
    assert.equal(edges.filter(Boolean).length, 19)
    assert.deepEqual(edges[18], [-0.1, 0.1])
    assert.deepEqual(edges[36], [0.1, 0.3])
    assert.isNull(edges[17])
  })
  it('widens what is there, stays on the raceway, and wipes it out again', () => {
    const wide = stroked(stroked(nothing, stroke), { ...stroke, fromU: -0.45, toU: -0.45 })
    assert.deepEqual(wide[18], [-0.5, 0.1])
    assert.isTrue(stroked(wide, stroke, true).every((one) => one === null))
  })
  it('goes on over the ends of the strip', () => {
    const edges = stroked(nothing, { ...stroke, fromDeg: 350, toDeg: 370 })
    assert.isNotNull(edges[0])
    assert.isNotNull(edges[71])
    assert.isNotNull(edges[2])
  })
  it('is mirrored to the other row, and an empty track is gone', () => {
    assert.deepEqual(mirrored(stroked(nothing, stroke))[36], [-0.3, -0.1])
    const bands = withEdges([], 'outer', 1, stroked(nothing, stroke))
    assert.lengthOf(bands, 1)
    assert.isEmpty(withEdges(bands, 'outer', 1, nothing))
  })
})

describe('raceways of a bearing', () => {
  const cases: [designation: string, count: number, ribs: string[]][] = [
    ['6313', 2, ['none', 'none']],
    ['NU313', 2, ['both', 'none']],
    ['NJ313', 2, ['both', 'one']],
    ['N313', 2, ['none', 'both']],
    ['32217', 2, ['none', 'large']],
    ['22216', 4, ['none', 'none', 'guide', 'guide']],
  ]
  for (const [designation, count, ribs] of cases)
    it(designation, () => {
      const drawn = racewaysOf(bearing(designation), 'outer-turns')
      assert.lengthOf(drawn, count)
      assert.deepEqual(drawn.map((one) => one.ribs), ribs) // prettier-ignore
      assert.deepEqual([...new Set(drawn.filter(({ turns }) => turns).map(({ ring }) => ring))], ['outer'])
      for (const { widthMm, diameterMm } of drawn) assert.isBelow(widthMm, diameterMm)
    })
})
