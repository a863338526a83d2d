import { assert } from 'chai'
import fc from 'fast-check'
import { logLife, LifeInput, type Ending } from '../../src/records/log/life.ts'
import { logPareto, ParetoInput } from '../../src/records/log/pareto.ts'
import { logRecurrent, RecurrentInput } from '../../src/records/log/recurrent.ts'

const life = (records: { hoursH: number; ended: Ending }[], rest: object = {}) =>
  logLife(LifeInput.parse({ records, ...rest }))
const failed = (...hours: number[]) => hours.map((hoursH) => ({ hoursH, ended: 'failed' as const }))
const hours = fc.array(fc.integer({ min: 50, max: 40_000 }), { minLength: 4, maxLength: 15 })
const uneven = hours.filter((all) => Math.max(...all) > 1.3 * Math.min(...all))

describe('how long bearings lasted', () => {
  it('does not hang on the order in which they were entered, nor on the unit', () => {
    fc.assert(
      fc.property(uneven, (all) => {
        const [one, back, tenfold] = [life(failed(...all)), life(failed(...[...all].reverse())), life(failed(...all.map((h) => h * 10)))] // prettier-ignore
        assert.approximately(back.shape, one.shape, 1e-9 * one.shape)
        assert.approximately(tenfold.shape, one.shape, 1e-7 * one.shape)
        assert.approximately(tenfold.scaleH, 10 * one.scaleH, 1e-6 * one.scaleH * 10)
      }),
      { numRuns: 40 },
    )
  })
  it('counts several bearings of the same hours as if each were told', () => {
    const told = [...failed(400, 400, 400, 900, 1500, 1500), { hoursH: 2000, ended: 'still-running' as const }]
    const counted = [{ hoursH: 400, ended: 'failed', count: 3 }, { hoursH: 900, ended: 'failed' }, { hoursH: 1500, ended: 'failed', count: 2 }, { hoursH: 2000, ended: 'still-running' }] // prettier-ignore
    const [one, other] = [life(told), logLife(LifeInput.parse({ records: counted }))]
    for (const key of ['shape', 'scaleH', 'b10H', 'b10LowH', 'b10HighH', 'shapeLow', 'failures', 'totalH'] as const)
      assert.approximately(other[key] ?? NaN, one[key] ?? NaN, 1e-6 * (one[key] ?? 1), key)
    assert.deepEqual(other.points.at(-1), one.points.at(-1))
  })
  it('lies within its bounds, and later shares later', () => {
    fc.assert(
      fc.property(uneven, (all) => {
        const { quantiles, shape, shapeLow, shapeHigh } = life(failed(...all))
        assert.isTrue((shapeLow ?? 0) < shape && shape < (shapeHigh ?? Infinity))
        for (const [index, { hoursH, lowH, highH }] of quantiles.entries()) {
          assert.isTrue((lowH ?? 0) < hoursH && hoursH < (highH ?? Infinity))
          assert.isAbove(hoursH, quantiles[index - 1]?.hoursH ?? 0)
        }
      }),
      { numRuns: 25 },
    )
  })
  it('is longer for each one that still runs, and leaving it out makes it look worse', () => {
    const dead = failed(900, 2100, 3300, 5200)
    const b10 = (running: number) => life([...dead, ...Array.from({ length: running }, () => ({ hoursH: 6000, ended: 'still-running' as const }))]).b10H // prettier-ignore
    assert.isAbove(b10(3), b10(0))
    assert.isAbove(b10(9), b10(3))
  })
  it('gives no verdict under four failures, and says which failures are few', () => {
    assert.equal(life(failed(800, 3000, 9000)).verdict, 'no-verdict')
    assert.deepEqual(life(failed(800, 3000, 9000, 12_000)).remarks, ['few-failures'])
    assert.deepEqual(life(failed(800)).remarks, ['shape-assumed'])
  })
})

describe('which eat bearings', () => {
  const events = (...machines: string[]) => machines.map((machine) => ({ machine }))
  const pareto = (input: object) => logPareto(ParetoInput.parse({ groupBy: 'machine', ...input }))
  it('loses none, and its shares make one', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('A', 'B', 'C', 'D'), { minLength: 1, maxLength: 40 }), (machines) => {
        const { rows, total } = pareto({ events: events(...machines) })
        assert.equal(rows.reduce((sum, { count }) => sum + count, 0), machines.length) // prettier-ignore
        assert.equal(total, machines.length)
        assert.approximately(rows.at(-1)?.cumulativeShare ?? 0, 1, 1e-9)
      }),
    )
  })
  it('names no machine for bad luck, and one that eats them', () => {
    const alike = ['A', 'B', 'C', 'D'].map((group) => ({ group, hoursH: 10_000 }))
    assert.isEmpty(pareto({ events: events('A', 'A', 'B', 'C'), hours: alike }).standsOut)
    assert.deepEqual(pareto({ events: events('A', 'A', 'A', 'A', 'A', 'A', 'A', 'B'), hours: alike }).standsOut, ['A'])
  })
})

describe('better or worse', () => {
  const recurrent = (...eventsH: number[]) => logRecurrent(RecurrentInput.parse({ positions: [{ toH: 20_000, eventsH }] })) // prettier-ignore
  it('turns round with the calendar', () => {
    const late = [12_000, 15_000, 17_000, 18_500, 19_500]
    const [worse, better] = [recurrent(...late), recurrent(...late.map((at) => 20_000 - at))]
    assert.equal(worse.trend, 'worsening')
    assert.equal(better.trend, 'improving')
    assert.approximately(worse.laplace ?? 0, -(better.laplace ?? 0), 1e-9)
  })
  it('is not told of fewer than four', () => assert.equal(recurrent(17_000, 18_000, 19_000).trend, 'too-few'))
})
