import { assert } from 'chai'
import { attempt } from '../../src/index.ts'
import { FitRecommendInput } from '../../src/seat/fit-recommend.schema.ts'
import { inchSeat } from '../../src/seat/inch-seat.ts'

const input = (changes: object) =>
  FitRecommendInput.parse({
    seat: 'shaft',
    bearingType: 'tapered-roller',
    diameterMm: 50.8,
    ringLoad: 'rotating',
    loadRatio: 0.1,
    system: 'inch-tapered',
    toleranceClass: '4',
    adjust: 'non-adjustable',
    ...changes,
  })

describe('the seat of an inch tapered bearing', () => {
  const seats: [why: string, changes: object, lowerUm: number, upperUm: number][] = [
    // Half a thousandth tight per inch of bore under a heavy load, one thousandth wide up to 12 in, two to 24, three above.
    ['a heavy load on a cone up to 3 in', { loadRatio: 0.2 }, 38.1, 63.5],
    ['on one of 4 in', { diameterMm: 101.6, loadRatio: 0.2 }, 50.8, 76.2],
    ['on one of 16 in', { diameterMm: 406.4, loadRatio: 0.2 }, 203.2, 254],
    ['on one of 30 in', { diameterMm: 762, loadRatio: 0.2 }, 381, 457.2],
  ]
  for (const [why, changes, lowerUm, upperUm] of seats)
    it(why, () => {
      const seat = inchSeat(input(changes))
      assert.approximately(seat.lowerUm, lowerUm, 0.1)
      assert.approximately(seat.upperUm, upperUm, 0.1)
    })

  it('is the easy one for a cup in a split housing, whatever turns, and says why', () => {
    const cup = { seat: 'housing', diameterMm: 95.25 }
    const split = inchSeat(input({ ...cup, housing: 'split' }))
    const stands = inchSeat(input({ ...cup, ringLoad: 'stationary', adjust: 'adjustable' }))
    assert.deepEqual([split.lowerUm, split.upperUm], [stands.lowerUm, stands.upperUm])
    assert.match(split.reason, /split housing must not pinch/)
  })

  it('in light alloy is to be checked when it runs', () =>
    assert.match(
      inchSeat(input({ seat: 'housing', diameterMm: 95.25, housing: 'light-alloy' })).reason,
      /check the fit/,
    ))

  const refused: [why: string, changes: object, field: string, code: string, message: RegExp][] = [
    ['nobody said how it is set', { adjust: undefined }, 'adjust', 'MISSING', /adjustable, non-adjustable, floating/],
    ['a ring that floats under a load that turns on it', { adjust: 'floating' }, 'adjust', 'FIELDS_DISAGREE', /rotating load/],
    ['no load for a cone that turns', { loadRatio: undefined }, 'loadRatio', 'MISSING', /P\/C from 0 to 1/],
    ['a precision class on a vehicle', { toleranceClass: '3', duty: 'automotive' }, 'toleranceClass', 'FIELDS_DISAGREE', /4 or 2/],
    ['a precision seat larger than the table', { toleranceClass: '00', diameterMm: 900 }, 'diameterMm', 'OUT_OF_RANGE', /at most/],
  ] // prettier-ignore
  for (const [why, changes, field, code, message] of refused)
    it(`refuses ${why}`, () => {
      const { refusal } = attempt(() => inchSeat(input(changes)))
      assert.equal(refusal?.field, field)
      assert.equal(refusal?.code, code)
      assert.match(refusal?.message ?? '', message)
      assert.isNotEmpty(refusal?.fix)
    })
})
