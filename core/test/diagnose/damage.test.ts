import { assert } from 'chai'
import fc from 'fast-check'
import { damageModes } from '../../src/diagnose/knowledge.ts'
import { expectedTrack, loadZone, zoneIntegral } from '../../src/diagnose/load-zone.ts'
import { rankCauses, RankInput } from '../../src/diagnose/rank-causes.ts'
import { matchTracks } from '../../src/diagnose/tracks.ts'
import { references } from '../references.ts'

const { damage } = references
const rank = (input: object) => rankCauses(RankInput.parse({ evidence: [], ...input }), damage)
const total = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0)

describe('knowledge of damage', () => {
  it('is whole: 39 causes, 118 signs, 68 facts, priors that make 1', () => {
    assert.deepEqual([damage.causes.length, damage.signs.length, damage.facts.length], [39, 118, 68])
    assert.approximately(total(damage.causes.map(({ prior }) => prior)), 1, 1e-9)
  })
  it('tells something by every sign, with chances strictly between never and always', () => {
    for (const { sign, given, background } of damage.signs) {
      assert.isAbove(given.size, 0, sign)
      for (const chance of [...given.values(), background]) assert.isTrue(chance > 0 && chance < 1, sign)
    }
  })
  it('never asks for what takes an instrument, and weighs it like any other', () => {
    const instrument = new Set(damage.signs.filter(({ kind }) => kind === 'spectrum').map(({ sign }) => sign))
    assert.lengthOf([...instrument], 11)
    for (const { sign } of damage.signs)
      for (const asked of rank({ evidence: [sign] }).nextQuestions)
        assert.isFalse(instrument.has(asked.sign), asked.sign)
    const loud = rank({ evidence: ['spectrum-cage-line', 'dropped'] })
    assert.equal(loud.causes[0]?.cause, 'cage-damaged-handling')
    assert.approximately(loud.causes[0]?.probability ?? 0, 0.86, 0.005)
    const raised = rank({ evidence: ['hf-level-raised', 'hf-fell-after-greasing'] })
    assert.equal(raised.causes[0]?.cause, 'lubricant-starvation')
    assert.approximately(raised.causes[0]?.probability ?? 0, 0.45, 0.005)
  })
  it('names modes of the standard only', () => {
    for (const { cause, clauses } of damage.causes)
      for (const clause of clauses) assert.isDefined(damageModes[clause], cause)
    for (const { sign, clause } of damage.signs) if (clause) assert.isDefined(damageModes[clause], sign)
  })
})

describe('rankCauses', () => {
  const signs = damage.signs.map(({ sign }) => sign)

  it('does not care in which order the evidence comes', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(signs, { minLength: 2, maxLength: 6 }), (evidence) => {
        const chances = (order: string[]) =>
          new Map(rank({ evidence: order }).causes.map(({ cause, probability }) => [cause, probability]))
        const [first, second] = [chances(evidence), chances([...evidence].reverse())]
        for (const [cause, chance] of first) assert.approximately(second.get(cause) ?? NaN, chance, 1e-9, cause)
      }),
    )
  })

  it('shares out all of the probability, whatever was seen', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(signs, { maxLength: 12 }), fc.nat(12), (drawn, cut) => {
        const { causes } = rank({ evidence: drawn.slice(cut), absent: drawn.slice(0, cut) })
        assert.approximately(total(causes.map(({ probability }) => probability)), 1, 1e-9)
      }),
    )
  })

  it('counts a sign named twice once', () =>
    assert.deepEqual(rank({ evidence: ['rust', 'rust'] }), rank({ evidence: ['rust'] })))
})

describe('load zone', () => {
  const eightBalls = { ball: true, elements: 8, elementDiameterMm: 12.7, elementLengthMm: null, radialN: 3000 }

  // ε, J for balls, J for rollers: the textbook table.
  const integrals: [number, number, number][] = [
    [0.1, 0.1156, 0.1264],
    [0.3, 0.1892, 0.205],
    [0.5, 0.2288, 0.2448],
    [0.8, 0.2559, 0.2655],
    [1, 0.2546, 0.2525],
    [2.5, 0.1339, 0.1083],
  ]
  for (const [epsilon, ball, roller] of integrals)
    it(`J at ${epsilon}`, () => {
      assert.approximately(zoneIntegral(epsilon, 3 / 2), ball, 0.0003)
      assert.approximately(zoneIntegral(epsilon, 10 / 9), roller, 0.0003)
    })

  const zones: [why: string, clearanceMm: number, extentDeg: number, largestN: number][] = [
    ['with clearance', 0.02, 150, 1827],
    ['without', 0, 180, 1639],
    ['a little tight', -0.01, 209, 1536],
    ['tighter', -0.02, 271, 1457],
  ]
  for (const [why, clearanceMm, extentDeg, largestN] of zones)
    it(why, () => {
      const zone = loadZone({ ...eightBalls, clearanceMm })
      assert.approximately(zone.extentDeg, extentDeg, 1.5)
      assert.approximately(zone.largestN, largestN, 0.005 * largestN)
    })

  it('loads rollers all round under preload', () => {
    const rollers = { ball: false, elements: 14, elementDiameterMm: 10, elementLengthMm: 12, radialN: 4000 }
    const zone = loadZone({ ...rollers, clearanceMm: -0.01 })
    assert.approximately(zone.epsilon, 1.41, 0.02)
    assert.approximately(zone.largestN, 1532, 12)
  })

  it('leaves a track that is matched as what it is', () => {
    const zone = loadZone({ ...eightBalls, clearanceMm: 0.02 })
    const turning = Array.from({ length: 72 }, () => ({ centre: 0, width: 0.35 }))
    const [nearest] = matchTracks({ rotatingRing: 'inner', outer: expectedTrack(zone, true, 0.35), inner: turning })
    assert.equal(nearest?.condition, 'normal-radial')
    assert.isBelow(nearest?.distance ?? 1, 0.05)
  })
})
