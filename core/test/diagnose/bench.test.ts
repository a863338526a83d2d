import { assert } from 'chai'
import { assess } from '../../src/assess.ts'
import { trackPlaces, type Band, type Edges } from '../../src/model/painted.ts'
import { evenEdges, stroked } from '../../src/diagnose/marks/paint.ts'
import { expectedTracks } from '../../src/diagnose/marks/expected-tracks.ts'
import { partsOfSign, signsOfPart, parts } from '../../src/diagnose/parts.ts'
import { whyNot } from '../../src/diagnose/examined.ts'
import { isJoint } from '../../src/diagnose/knowledge.ts'
import { signOfEndPlay } from '../../src/diagnose/end-play.ts'
import { settingOf } from '../../src/diagnose/remedies.ts'
import { emptyPosition, nothingSeen, RollingPosition } from '../../src/kinds/rolling/position.ts'
import { fieldSchema } from '../../src/index.ts'
import type { Machine } from '../../src/model/machine.ts'
import { references } from '../references.ts'

const { catalogue, damage } = references
const machine: Machine = { kind: 'pump', duty: 'round-the-clock' }

function position(designation: string, rest: { [group in keyof RollingPosition]?: object } = {}): RollingPosition {
  const empty = emptyPosition()
  return RollingPosition.parse({
    ...empty,
    ...rest,
    bearing: { ...empty.bearing, designation },
    load: { ...empty.load, radialN: 3000, axialN: 0, speedRpm: 1480, ...rest.load },
    diagnose: { ...nothingSeen(), ...rest.diagnose },
  })
}
const judged = (at: RollingPosition) => assess(at, machine, catalogue, damage).outcomes.diagnose
const leading = (at: RollingPosition, count = 1) =>
  judged(at).ranking?.causes.slice(0, count).map(({ cause }) => cause) ?? [] // prettier-ignore

/** A track as somebody paints it: in the middle of the strip, tilted by so much from end to end. */
const arc = (halfDeg: number, width: number, tilt = 0): Edges =>
  stroked(
    Array.from({ length: trackPlaces }, () => null),
    { fromDeg: 180 - halfDeg, toDeg: 180 + halfDeg, fromU: -tilt, toU: tilt, brush: width },
  )
const band = (ring: Band['ring'], edges: Edges): Band => ({ ring, row: 1, edges })
const even = (width: number) => evenEdges(-width / 2, width / 2)
const waved = (tilt: number, width: number): Edges =>
  Array.from({ length: trackPlaces }, (_, place) => {
    const centre = tilt * Math.cos((2 * Math.PI * place) / trackPlaces)
    return [centre - width / 2, centre + width / 2]
  })

describe('cases of the bench', () => {
  const cases: [why: string, designation: string, rest: Parameters<typeof position>[1], cause: string, within?: number][] = [
    ['a track painted askew on the ring that stands', '6313', { diagnose: { bands: [band('outer', arc(85, 0.3, 0.2)), band('inner', even(0.6))] } }, 'misalignment-housing'],
    ['the same all round', '6313', { diagnose: { bands: [band('outer', waved(0.15, 0.3)), band('inner', even(0.6))] } }, 'misalignment-housing'],
    ['a wave on the ring that turns', '6313', { diagnose: { bands: [band('outer', even(0.6)), band('inner', waved(0.15, 0.3))] } }, 'misalignment-shaft'],
    ['four everyday signs and no track', '6313', { diagnose: { seen: ['worn-to-one-side', 'cage-broken', 'seal-worn-one-side', 'grease-out-one-side'] } }, 'misalignment-housing', 2],
    ['chipped roller ends on a machine that leans', 'NU313', { load: { tiltDeg: 30, rotorKg: 80 }, diagnose: { seen: ['roller-ends-chipped', 'leant-or-on-end'] } }, 'axial-on-non-axial-type'],
    ['lines at the spacing of the rollers', '32217', { load: { axialN: 4000 }, diagnose: { marks: [0, 1, 2, 3].map((step) => ({ kind: 'etching', ring: 'outer', surface: 'raceway', row: 1, fromDeg: 100 + step * (360 / 17), lengthDeg: 3, low: -0.4, high: 0.4 })) } }, 'standstill-etching'],
    ['flutes all round', '6313', { diagnose: { marks: [{ kind: 'flutes', ring: 'outer', surface: 'raceway', row: 1, fromDeg: 0, lengthDeg: 360, low: -0.2, high: 0.2 }] } }, 'current-leakage'],
    ['two tracks opposite each other', '6313', { diagnose: { bands: [band('outer', evenEdges(-0.2, 0.2).map((edges, place) => (place % 36 < 9 || place % 36 > 27 ? edges : null))), band('inner', even(0.4))] } }, 'housing-out-of-round'],
    ['a wide track all round the ring that stands, hot at once', '6313', { diagnose: { seen: ['hot-at-once'], bands: [band('outer', even(0.5)), band('inner', even(0.5))] } }, 'preload-adjustment', 2],
    ['polished bore, ring loose on the shaft', '6313', { diagnose: { seen: ['ring-loose-on-shaft'], marks: [{ kind: 'creep', ring: 'inner', surface: 'seat', row: 1, fromDeg: 0, lengthDeg: 200, low: -0.5, high: 0.5 }] } }, 'loose-fit-shaft'],
    ['dents at the pitch, driven on with a hammer', '6313', { diagnose: { seen: ['hammered-on', 'dents-finish-intact'], marks: [0, 1, 2, 3].map((step) => ({ kind: 'dents', ring: 'inner', surface: 'raceway', row: 1, fromDeg: 40 + step * 45, lengthDeg: 3, low: -0.1, high: 0.1 })) } }, 'mounting-blow'],
    ['dents with worn bottoms, shaken while it stood', '6313', { diagnose: { seen: ['dents-finish-worn', 'vibration-at-standstill', 'dents-at-pitch'] } }, 'false-brinelling'],
    ['a large rib scored and rollers skewed, nut tight', '32217', { load: { axialN: 4000 }, diagnose: { seen: ['elements-skewed', 'stiff-to-turn'], marks: [{ kind: 'scoring', ring: 'inner', surface: 'rib', row: 1, fromDeg: 0, lengthDeg: 360, low: -0.5, high: 0.5 }] } }, 'preload-adjustment', 2],
    ['end play found far above what was set', '32217', { load: { axialN: 4000 }, float: { endPlayMm: 0.05 }, diagnose: { endPlayFoundMm: 0.4, bands: [band('outer', arc(40, 0.2)), band('inner', even(0.2))] } }, 'loose-adjustment', 2],
    ['two greases, soft', '6313', { diagnose: { seen: ['grease-colours-mixed', 'grease-runny', 'grease-type-changed'] } }, 'grease-mixed'],
    ['rust, milky grease, hosed', '6313', { diagnose: { seen: ['grease-milky', 'wash-down'], marks: [{ kind: 'rust', ring: 'outer', surface: 'raceway', row: 1, fromDeg: 120, lengthDeg: 90, low: -0.3, high: 0.3 }] } }, 'moisture-corrosion'],
  ] // prettier-ignore
  for (const [why, designation, rest, cause, within = 1] of cases)
    it(`${why}: ${cause}`, () => assert.include(leading(position(designation, rest), within), cause))
})

describe('what a bearing can show', () => {
  const types = [
    '6313',
    '7313 B',
    '1213',
    'QJ313',
    'NU313',
    'NA4910',
    '32217',
    '22216',
    'C2216',
    '51213',
    'UC211',
    '6313-2RS1',
  ]
  for (const designation of types)
    it(`${designation}: nothing is asked that it cannot have`, () => {
      const { examined } = judged(position(designation, { diagnose: { seen: ['at-cage'] } }))
      assert.isNotNull(examined)
      for (const seen of ['at-cage', 'noise-from-first-run', 'grease-metal', 'hot-at-once', 'at-elements', 'track-off-centre']) {
        const { ranking } = judged(position(designation, { diagnose: { seen: [seen] } }))
        for (const { sign } of ranking?.nextQuestions ?? []) assert.isNull(whyNot(sign, examined), sign)
      }
      for (const part of parts)
        for (const { sign } of signsOfPart(part, damage.signs, examined)) assert.isNull(whyNot(sign, examined), sign)
    }) // prettier-ignore

  const cannot: [designation: string, sign: string][] = [
    ['6313', 'roller-ends-chipped'],
    ['6313', 'elements-skewed'],
    ['22216', 'track-on-shoulder'],
    ['C2216', 'rib-scoring'],
    ['NU313', 'track-on-shoulder'],
    ['6313-2RS1', 'relubrication-missed'],
  ]
  for (const [designation, sign] of cannot)
    it(`${designation}: ${sign} does not count, and says why`, () => {
      const { impossible, ranking } = judged(position(designation, { diagnose: { seen: ['rust', sign] } }))
      assert.deepEqual(impossible.map((one) => one.sign), [sign]) // prettier-ignore
      const alone = judged(position(designation, { diagnose: { seen: ['rust'] } }))
      assert.deepEqual(ranking?.causes[0], alone.ranking?.causes[0])
    })

  it('has every sign on some part, but for those that nobody enters', () => {
    for (const known of damage.signs) {
      const { sign } = known
      const on = partsOfSign(sign)
      if (isJoint(known)) assert.isEmpty(on)
      else assert.isNotEmpty(on, sign)
      for (const part of on) assert.include(parts as readonly string[], part, sign)
    }
  })
})

describe('the track a position should show', () => {
  const expected = (at: RollingPosition) => {
    const { carry, float } = assess(at, machine, catalogue, damage).outcomes
    return expectedTracks(at, carry, float)
  }
  const on = (at: RollingPosition, ring: Band['ring']) => {
    const edges = expected(at)?.bands.find((one) => one.ring === ring)?.edges ?? []
    const marked = edges.filter((one) => one !== null)
    return { edges, count: marked.length, centre: marked.map(([low, high]) => (low + high) / 2) }
  }

  it('is an arc about the load on the ring that stands, and full on the one that turns', () => {
    const at = position('6313')
    assert.isNotNull(on(at, 'outer').edges[trackPlaces / 2])
    assert.isNull(on(at, 'outer').edges[0])
    assert.isBelow(on(at, 'outer').count, trackPlaces)
    assert.equal(on(at, 'inner').count, trackPlaces)
  })
  it('is the reverse where the load turns with the shaft, and where the outer ring turns', () => {
    const turning = position('6313', { seat: { loadCase: 'load-turns' } })
    assert.equal(on(turning, 'outer').count, trackPlaces)
    assert.isBelow(on(turning, 'inner').count, trackPlaces)
    const wheel = position('6313', { seat: { loadCase: 'outer-turns' } })
    assert.isBelow(on(wheel, 'inner').count, trackPlaces)
  })
  it('goes to one side under thrust, opposite ways on the two rings', () => {
    const at = position('6313', { load: { axialN: 3000 } })
    const [outer, inner] = [on(at, 'outer').centre, on(at, 'inner').centre]
    assert.isAbove(Math.min(...outer), 0.02)
    assert.isBelow(Math.max(...inner), -0.02)
  })
  it('runs askew on the ring that stands when the rings are tilted', () => {
    const spread = (tilt: number) => {
      const { centre } = on(position('6313', { load: { misalignDeg: tilt } }), 'outer')
      return Math.max(...centre) - Math.min(...centre)
    }
    assert.isBelow(spread(0), 1e-6)
    assert.isAbove(spread(0.1), 0.05)
    assert.isAbove(spread(0.1), spread(0.05))
  })
  it('is shorter with more clearance, and wider under more load', () => {
    const loose = position('6313-C5')
    assert.isAtMost(on(loose, 'outer').count, on(position('6313'), 'outer').count)
    const width = (radialN: number) => {
      const middle = on(position('6313', { load: { radialN } }), 'outer').edges[trackPlaces / 2]
      return middle ? middle[1] - middle[0] : 0
    }
    assert.isAbove(width(12_000), width(3000))
  })
  for (const designation of ['NU313', '32217', '22216', '1213', 'QJ313', 'C2216', '51213'])
    it(`stays on the raceways of ${designation}`, () => {
      const thrust = designation === '51213'
      const at = position(designation, { load: thrust ? { radialN: 0, axialN: 4000 } : { radialN: 6000, axialN: designation.startsWith('32') ? 4000 : 0 } }) // prettier-ignore
      const found = expected(at)
      assert.isNotNull(found)
      for (const { edges } of found.bands)
        for (const one of edges) if (one) assert.isTrue(one[0] >= -0.5 && one[0] <= one[1] && one[1] <= 0.5)
    })
  it('is not there while the load is not known', () => {
    const at = position('6313', { load: { radialN: null } })
    assert.isNull(expected(at))
  })
})

describe('a track painted as it should be', () => {
  const healthy: [designation: string, load: object][] = [
    ['6313', {}],
    ['6313-C3', { radialN: 900 }],
    ['6313', { axialN: 2000 }],
    ['6205', { radialN: 600 }],
    ['NU313', { radialN: 9000 }],
    ['22216', { radialN: 9000, axialN: 1500 }],
    ['1213', { radialN: 2500 }],
    ['7313 B', { radialN: 3000, axialN: 4000 }],
  ]
  for (const [designation, load] of healthy)
    it(`${designation}, ${JSON.stringify(load)}: accuses nobody`, () => {
      const at = position(designation, { load })
      const { carry, float } = assess(at, machine, catalogue, damage).outcomes
      const bands = expectedTracks(at, carry, float)?.bands ?? []
      const { asExpected, painted } = judged({ ...at, diagnose: { ...nothingSeen(), bands } })
      assert.isTrue(asExpected)
      assert.deepEqual(painted.map(({ sign }) => sign), ['track-as-expected']) // prettier-ignore
    })
})

describe('end play as found', () => {
  const cases: [found: number | null, set: number | null, sign: string | null][] = [
    [null, 0.05, null],
    [0.06, 0.05, null],
    [0.2, 0.05, 'axial-play-felt'],
    [0.1, null, null],
    [0.3, null, 'axial-play-felt'],
    [-0.02, 0.05, 'stiff-to-turn'],
    [-0.02, -0.03, null],
  ]
  for (const [found, set, sign] of cases)
    it(`${found} against ${set}: ${sign}`, () => assert.equal(signOfEndPlay(found, set)?.sign ?? null, sign))
})

describe('settings that put a cause right', () => {
  it('are inputs of a position, and belong to causes', () => {
    const at = damage.causes.map(({ cause }) => settingOf(cause)).filter((path) => path !== null)
    assert.isAbove(at.length, 20)
    for (const path of at) assert.isDefined(fieldSchema(RollingPosition, path.split('.')), path)
  })
})
