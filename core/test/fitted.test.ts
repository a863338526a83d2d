import { assert } from 'chai'
import { assess } from '../src/assess.ts'
import { endingOf, FittedEntry } from '../src/fitted/fitted.ts'
import { lifeRecords } from '../src/fitted/lives.ts'
import { makeFinding } from '../src/fitted/make-finding.ts'
import { DamageFinding } from '../src/fitted/finding.ts'
import { composeBearingChange } from '../src/job/kinds/bearing-change/compose.ts'
import { emptyPosition, nothingSeen } from '../src/kinds/rolling/position.ts'
import type { Machine } from '../src/model/machine.ts'
import { logLife } from '../src/records/log/life.ts'
import { references } from './references.ts'

const { catalogue, damage } = references
const machine = (youngDeaths: number): Machine => ({ kind: 'fan', duty: 'round-the-clock', youngDeaths })
const empty = emptyPosition()
const position = {
  ...empty,
  bearing: { ...empty.bearing, designation: '22216EK-C3', requiredClearance: 'C3' as const },
}

describe('a position that eats bearings', () => {
  for (const [deaths, told] of [
    [0, false],
    [2, false],
    [3, true],
    [7, true],
  ] as const)
    // prettier-ignore
    it(`${deaths} young deaths: ${told ? 'is told on the Yard and in the next job' : 'says nothing'}`, () => {
      const { checks } = assess(position, machine(deaths), catalogue, damage).lenses.diagnose
      assert.equal(checks.some(({ key, when, verdict }) => key === 'young-deaths' && when === 'now' && verdict === 'watch'), told) // prettier-ignore
      const steps = composeBearingChange([{ id: 'a', name: 'Fan end', inputs: position, machine: machine(deaths) }], catalogue)
      const arrival = steps.find(({ stage }) => stage === 'arrival')
      assert.equal(arrival?.does.some((line) => line.includes('died young at Fan end')), told)
    })
})

describe('a remedy that was taken on', () => {
  const put = (as: 'step' | 'question') => ({
    ...position,
    diagnose: {
      ...nothingSeen(),
      putRight: [{ cause: 'no-float', when: 'machine' as const, as, does: 'Free one end.' }],
    },
  })
  const steps = (as: 'step' | 'question') =>
    composeBearingChange([{ id: 'a', name: 'Fan end', inputs: put(as), machine: machine(0) }], catalogue)
  it('is a step of the next job, to be ticked', () => {
    const step = steps('step').find(({ stage }) => stage === 'put-right')
    assert.deepEqual(step?.does, ['Free one end.'])
    assert.deepEqual(step?.readings.map(({ kind }) => kind), ['yes']) // prettier-ignore
  })
  it('is no step where it is to be asked', () => assert.isFalse(steps('question').some(({ stage }) => stage === 'put-right'))) // prettier-ignore
})

describe('bearings for the statistics', () => {
  it('end as they ended: one taken out on a warning would have failed', () =>
    assert.deepEqual(
      [null, 'failed', 'warned', 'sound'].map((one) => endingOf(one as Parameters<typeof endingOf>[0])),
      ['still-running', 'failed', 'failed', 'taken-out-sound'],
    ))
  it('are counted in bins where they are many, and say the same', () => {
    const lives = Array.from({ length: 900 }, (_, index) => ({
      hoursH: 200 + 40 * index,
      ended: index % 3 === 0 ? ('taken-out-sound' as const) : ('failed' as const),
    }))
    const [binned, apart] = [lifeRecords(lives), lives.map((one) => ({ ...one, count: 1 }))]
    assert.isBelow(binned.length, 400)
    assert.equal(binned.reduce((sum, { count }) => sum + count, 0), 900) // prettier-ignore
    const [one, other] = [logLife({ records: binned }), logLife({ records: apart })]
    assert.approximately(one.shape, other.shape, 0.01 * other.shape)
    assert.approximately(one.b10H, other.b10H, 0.02 * other.b10H)
  })
  it('have a reason where they came out, and none where they run', () => {
    const read = (rest: object) =>
      FittedEntry.safeParse({ designation: '6313', fittedOn: '2025-01-05', ...rest }).success
    assert.isTrue(read({}))
    assert.isTrue(read({ outOn: '2025-03-05', ended: 'sound' }))
    assert.isFalse(read({ outOn: '2025-03-05' }))
    assert.isFalse(read({ ended: 'failed' }))
    assert.isFalse(read({ outOn: '2024-03-05', ended: 'failed' }))
  })
})

describe('a finding', () => {
  it('keeps what was seen, how it ranked, and the clearance found against called for', () => {
    const at = { ...position, diagnose: { ...nothingSeen(), seen: ['track-all-round-stationary', 'hot-at-once'] } }
    const finding = makeFinding(at, assess(at, machine(0), catalogue, damage).outcomes.diagnose)
    assert.isTrue(DamageFinding.safeParse(finding).success)
    assert.deepInclude(finding, { designation: '22216EK-C3', clearanceFound: 'C3', clearanceCalledFor: 'C3' })
    assert.isAbove(finding?.ranking[0]?.probability ?? 0, finding?.ranking[1]?.probability ?? 1)
  })
  it('is none while nothing was seen', () =>
    assert.isNull(makeFinding(position, assess(position, machine(0), catalogue, damage).outcomes.diagnose)))
})
