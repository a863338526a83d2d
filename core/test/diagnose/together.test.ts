import { assert } from 'chai'
import fc from 'fast-check'
import { assess, sketchShaft, togetherWords, usualSketch, type Machine, type OtherEnd } from '../../src/index.ts'
import { alikeKeys } from '../../src/diagnose/together/both-ends.ts'
import { sideOfTrack } from '../../src/diagnose/together/side-of-track.ts'
import { evenEdges } from '../../src/diagnose/marks/paint.ts'
import type { Band, RingName } from '../../src/model/painted.ts'
import { positionWith } from '../bench-position.ts'
import { catalogue, references } from '../references.ts'

type Arrangement = 'single' | 'back-to-back' | 'face-to-face'
const band = (low: number, high: number, ring: RingName = 'outer', row = 1): Band => ({ ring, row, edges: evenEdges(low, high) }) // prettier-ignore
/** A track that runs from one edge to the other along the ring. */
const tilted = (ring: RingName): Band => ({
  ring,
  row: 1,
  edges: evenEdges(0, 0).map((_, place) => {
    const middle = 0.25 * Math.cos((2 * Math.PI * place) / 72)
    return [middle - 0.1, middle + 0.1]
  }),
})

describe('which way along the shaft a track lies', () => {
  const cases: [why: string, bands: Band[], upper: 'outward' | 'inward' | null, side: string | null, rows?: number][] = [
    ['up, and up was outward', [band(0.1, 0.4)], 'outward', 'outward'],
    ['up, and up was inward', [band(0.1, 0.4)], 'inward', 'inward'],
    ['down, and up was outward', [band(-0.4, -0.1)], 'outward', 'inward'],
    ['in the middle', [band(-0.2, 0.22)], 'outward', null],
    ['nobody marked it', [band(0.1, 0.4)], null, null],
    ['nothing was painted', [], 'outward', null],
    ['the inner ring alone, which wears on its other flank', [band(0.1, 0.4, 'inner')], 'outward', 'inward'],
    ['the outer ring speaks where both were painted', [band(0.1, 0.4), band(-0.4, -0.1, 'inner')], 'outward', 'outward'],
    ['two rows, and the upper one carries', [band(-0.3, 0.3), band(-0.05, 0.05, 'outer', 2)], 'outward', 'outward', 2],
    ['two rows, and only the upper one was reached', [band(-0.3, 0.1)], 'outward', 'outward', 2],
    ['two rows, and only the lower one was reached', [band(-0.1, 0.3, 'outer', 2)], 'outward', 'inward', 2],
    ['two rows that carry alike', [band(-0.3, 0.3), band(-0.25, 0.25, 'outer', 2)], 'outward', null, 2],
    ['two rows of the inner ring: the same row as outside', [band(-0.05, 0.05, 'inner'), band(-0.3, 0.3, 'inner', 2)], 'outward', 'inward', 2],
  ] // prettier-ignore
  for (const [why, bands, upper, side, rows = 1] of cases)
    it(why, () => assert.equal(sideOfTrack(bands, upper, rows), side))

  it('turns with the strip: what faced the other way lies the other way', () => {
    const edge = fc.double({ min: -0.5, max: 0.5, noNaN: true })
    fc.assert(
      fc.property(edge, edge, (one, other) => {
        const bands = [band(Math.min(one, other), Math.max(one, other))]
        const [out, into] = [sideOfTrack(bands, 'outward', 1), sideOfTrack(bands, 'inward', 1)]
        assert.isTrue(out === null ? into === null : into !== null && into !== out)
      }),
    )
  })
})

describe('two ends of one shaft', () => {
  const end = (rest: Partial<OtherEnd> = {}): OtherEnd => ({ id: '7b1f3c5a-4f0e-4f57-9a3d-2b9d4c6e8f10', position: 'Fan end', designation: '6312', loadCase: null, seen: [], bands: [], marks: [], upperFaces: null, at: null, ...rest }) // prettier-ignore
  const judge = (
    diagnose: object,
    ends: OtherEnd[],
    rest: Partial<Machine> = {},
    arrangement: Arrangement = 'single',
  ) =>
    assess(
      positionWith({ bearing: { designation: '7312' }, load: { arrangement }, diagnose }),
      { kind: 'fan', duty: 'round-the-clock', position: 'Drive end', ends, ...rest },
      catalogue,
      references.damage,
    ).outcomes.diagnose
  const up = { bands: [band(0.1, 0.4)], upperFaces: 'outward' as const }
  const down = { ...up, bands: [band(-0.4, -0.1)] }

  const cases: [why: string, own: object, other: Partial<OtherEnd>, keys: string[], sign: string | null][] = [
    ['both outward: it grew between two that held it', up, up, ['outward'], 'tracks-offset-opposed'],
    ['both inward', down, down, ['inward'], 'tracks-offset-opposed'],
    ['the same way along the shaft: something pushes', up, down, ['one-way'], 'same-side-both-ends'],
    ['the other lies in the middle', up, { ...up, bands: [band(-0.2, 0.2)] }, [], null],
    ['nobody marked which way the other faced', up, { bands: up.bands }, [], null],
    ['both tilted on the ring that stands', { bands: [tilted('outer')] }, { bands: [tilted('outer')] }, ['tilted-standing'], null],
    ['both tilted on the ring that turns', { bands: [tilted('inner')] }, { seen: ['track-tilted-rotating'] }, ['tilted-turning'], null],
    ['current at both', { seen: ['fluting'] }, { seen: ['craters'] }, ['current'], null],
    ['dirt at both', { seen: ['grease-gritty'] }, { seen: ['dents-random'] }, ['dirt'], null],
    ['rust painted at both', { seen: ['rust'] }, { marks: [{ kind: 'rust', ring: 'outer', surface: 'raceway', row: 1, fromDeg: 10, lengthDeg: 20, low: -0.1, high: 0.1 }] }, ['wet'], null],
    ['heat at both', { seen: ['heat-tint'] }, { seen: ['heat-tint'] }, ['heat'], null],
    ['marks of this end alone', { seen: ['fluting'] }, { seen: ['rust'] }, [], null],
    ['nothing seen of the other', { seen: ['fluting'] }, {}, [], null],
  ] // prettier-ignore
  for (const [why, own, other, keys, sign] of cases)
    it(why, () => {
      const { alike, painted } = judge(own, [end(other)])
      assert.deepEqual(alike.map(({ key }) => key), keys) // prettier-ignore
      const followed = ['tracks-offset-opposed', 'same-side-both-ends']
      assert.deepEqual(painted.filter((one) => followed.includes(one.sign)), sign ? [{ sign, where: 'here and at Fan end' }] : []) // prettier-ignore
    })

  it('says more than either: growth comes first when both lie outward', () => {
    const place = ({ ranking }: ReturnType<typeof judge>) => ranking?.causes.findIndex(({ cause }) => cause === 'no-float') ?? NaN // prettier-ignore
    const [alone, both] = [judge(up, []), judge(up, [end(up)])].map(place)
    assert.equal(both, 0)
    assert.isAbove(alone ?? NaN, 0)
  })

  it('takes the ends that the shaft line has, or the only other one', () => {
    const [near, far] = [end(up), end({ ...up, position: 'Motor, free end' })]
    assert.isEmpty(judge(up, [near, far]).alike)
    const shaft = sketchShaft('fan', usualSketch.fan, ['Drive end', 'Fan end'])
    assert.deepEqual(
      judge(up, [near, far], { shaft }).alike.map(({ position }) => position),
      ['Fan end'],
    )
  })

  it('says each in a sentence with its way out', () => {
    for (const key of alikeKeys) {
      const { reason, wayOut } = togetherWords[key]('Fan end')
      assert.match(reason, /^[A-Z].*here and at Fan end.*\.$/, key)
      assert.match(wayOut, /\.$/)
    }
  })

  describe('and the two of a pair', () => {
    const signs = (diagnose: object, arrangement: Arrangement = 'back-to-back') => judge(diagnose, [], {}, arrangement).painted.map(({ sign }) => sign) // prettier-ignore
    const wide = [band(-0.3, 0.3)]
    const narrow = [band(-0.05, 0.05)]
    const pairs: [why: string, diagnose: object, alone: boolean][] = [
      ['carry alike', { bands: wide, mateBands: wide }, false],
      ['one carries alone', { bands: wide, mateBands: narrow }, true],
      ['the other carries alone', { bands: narrow, mateBands: wide }, true],
      ['only one was painted', { bands: wide, mateBands: [] }, false],
    ]
    for (const [why, diagnose, alone] of pairs)
      it(why, () => assert.equal(signs(diagnose).includes('pair-one-carries'), alone))

    it('marks of the other count, with their place; of a single bearing they do not', () => {
      const mateMarks = [{ kind: 'flutes', ring: 'outer', surface: 'raceway', row: 1, fromDeg: 100, lengthDeg: 90, low: -0.2, high: 0.2 }] // prettier-ignore
      const { painted } = judge({ mateMarks }, [], {}, 'face-to-face')
      assert.match(painted.find(({ sign }) => sign === 'fluting')?.where ?? '', /of the other of the pair$/)
      assert.isEmpty(signs({ mateMarks }, 'single'))
    })
  })
})
