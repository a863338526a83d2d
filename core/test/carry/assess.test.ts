import { assert } from 'chai'
import { assess, emptyPosition, numberOf, systemLife, type Machine } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

const pump: Machine = { kind: 'pump', duty: 'round-the-clock' }
const run = (load: Changes['load'], designation = '6214-C3', changes: Changes = {}, machine = pump) =>
  assess(
    positionWith({ bearing: { designation }, load: { radialN: 4000, axialN: 0, speedRpm: 1480, ...load }, ...changes }),
    machine,
    catalogue,
  ).lenses.carry
const figure = (name: string, ...given: Parameters<typeof run>) => numberOf(run(...given).figures[name])
const verdict = (key: string, ...given: Parameters<typeof run>) =>
  run(...given).checks.find((check) => check.key === key)?.verdict

describe('assess: carry', () => {
  const step = { radialN: 4000, axialN: 0, speedRpm: 1480, share: 1 }

  describe('a duty in steps', () => {
    it('of one step is the steady load', () =>
      assert.approximately(figure('equivalent', { steps: [step] }) ?? 0, figure('equivalent', {}) ?? 1, 1e-6))

    it('of two equal halves is one step', () => {
      const halves = [{ ...step, share: 0.5 }, { ...step, share: 0.5 }] // prettier-ignore
      assert.approximately(figure('life', { steps: halves }) ?? 0, figure('life', {}) ?? 1, 1e-6)
    })

    // (0.3 · 8³ + 0.7 · 2³)^(1/3) = 5.420 at one speed
    it('is brought to one load by cumulative damage', () => {
      const steps = [{ ...step, radialN: 8000, share: 0.3 }, { ...step, radialN: 2000, share: 0.7 }] // prettier-ignore
      assert.approximately(figure('equivalent', { steps }) ?? 0, 5420, 1)
    })

    it('tells how much of the life each step uses', () => {
      const steps = [{ ...step, radialN: 8000, share: 0.3 }, { ...step, radialN: 2000, share: 0.7 }] // prettier-ignore
      const words = run({ steps })
        .figures['equivalent']?.givens.map(({ from }) => from)
        .join()
      assert.match(words ?? '', /uses 96 % of the life.*uses 3\.5 % of the life/)
    })

    it('counts a standstill in time, not in turns', () => {
      const steps = [{ ...step, share: 0.5 }, { ...step, radialN: 0, speedRpm: 0, share: 0.5 }] // prettier-ignore
      assert.approximately(figure('life', { steps }) ?? 0, 2 * (figure('life', {}) ?? 0), 1)
    })

    it('judges static safety on the worst step', () => {
      const steps = [{ ...step, share: 0.99 }, { ...step, radialN: 60_000, speedRpm: 1, share: 0.01 }] // prettier-ignore
      assert.equal(verdict('staticSafety', { steps }), 'stop')
    })

    it('whose shares make no whole is a stop that says so', () => {
      const found = run({ steps: [{ ...step, share: 0.5 }, { ...step, share: 0.2 }] }).checks // prettier-ignore
      assert.match(found[0]?.reason ?? '', /together make 1/)
      assert.equal(found[0]?.field, 'load.steps')
    })
  })

  describe('pairs and ways', () => {
    const cases: [why: string, load: Changes['load'], designation: string, key: string, expected: string | undefined][] = [
      ['a single taper against nothing: a question', {}, '32214', 'unpaired', 'go'],
      ['one of a pair', { arrangement: 'face-to-face', partnerRadialN: 3000 }, '32214', 'unpaired', undefined],
      ['its number says it is a pair', {}, '7214 B-DB', 'unpaired', undefined],
      ['thrust both ways on a single angular contact', { axialN: 900, axialWay: 'both' }, '7214 B', 'bothWays', 'stop'],
      ['thrust both ways on a pair', { axialN: 900, axialWay: 'both', arrangement: 'back-to-back', partnerRadialN: 3000 }, '7214 B', 'bothWays', undefined],
      ['thrust both ways on a deep groove', { axialN: 900, axialWay: 'both' }, '6214', 'bothWays', undefined],
      ['a pair of a type that makes none', { arrangement: 'back-to-back', partnerRadialN: 3000 }, '6214', 'refused', 'stop'],
      ['out of line by more than a groove forgives', { misalignDeg: 0.15 }, '6214', 'misaligned', 'watch'],
      ['far out of line', { misalignDeg: 1 }, '6214', 'misaligned', 'stop'],
      ['out of line on barrels', { misalignDeg: 1 }, '22214', 'misaligned', undefined],
    ] // prettier-ignore
    for (const [why, load, designation, key, expected] of cases)
      it(`${expected ?? 'nothing'}: ${why}`, () => assert.equal(verdict(key, load, designation), expected))

    it('asks for the load on the other of the pair', () =>
      assert.include(
        run({ arrangement: 'back-to-back' }, '32214').missing.map(({ field }) => field),
        'load.partnerRadialN',
      ))

    it('never counts a pair for less than its radial load', () => {
      const alone = figure('equivalent', { arrangement: 'back-to-back', partnerRadialN: 0 }, '32214') ?? 0
      assert.isAtLeast(alone, 4000)
    })
  })

  describe('reliability', () => {
    const film: Changes = { grease: { ...emptyPosition().grease, nu40Cst: 100, runningC: 60, cleanliness: 'normal' } }
    it('costs life', () => {
      const at = (reliabilityPercent: number | null) => figure('modified', { reliabilityPercent }, '6214-C3', film) ?? 0
      assert.equal(at(null), at(90))
      // a1 is 0.25 at 99 %
      assert.approximately(at(99) / at(90), 0.25, 1e-6)
    })
  })

  describe('the whole shaft', () => {
    const other = { position: 'Far end', bearingType: 'spherical-roller', lifeH: 30_000 } as const

    it('lives shorter than its weakest, by the slopes of ISO 281', () => {
      const machine: Machine = { ...pump, others: [other] }
      const own = figure('life', {}) ?? 0
      const { systemH } = systemLife({ livesH: [own, 30_000], bearingTypes: ['deep-groove-ball', 'spherical-roller'] })
      assert.approximately(figure('system', {}, '6214-C3', {}, machine) ?? 0, systemH, 1e-6)
      assert.isBelow(systemH, Math.min(own, 30_000))
    })

    it('names the weakest', () => {
      const givens = run({}, '6214-C3', {}, { ...pump, others: [other] }).figures['system']?.givens ?? []
      assert.equal(givens.find(({ from }) => from === 'the weakest')?.label, 'Far end')
    })

    it('is not asked of a machine with one bearing', () => assert.isUndefined(run({}).figures['system']))
  })
})
