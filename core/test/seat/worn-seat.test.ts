import { assert } from 'chai'
import type { Gauging } from '../../src/seat/gauge.ts'
import { wornSeatRemedies, type WornSeatInput } from '../../src/seat/worn-seat.ts'

const gauging = (changes: Partial<Gauging> = {}): Gauging => ({
  meanMm: 69.98,
  ovalityUm: 4,
  taperUm: 3,
  withinZone: false,
  interferenceUm: -20,
  formLimitUm: 6.5,
  verdict: 'reject',
  warnings: [],
  ...changes,
})
const best = (changes: Partial<WornSeatInput> = {}) =>
  wornSeatRemedies({
    seat: 'housing',
    ringLoad: 'stationary',
    gauging: gauging(),
    metalToSpare: false,
    mustSlide: false,
    holds: true,
    hottestC: 70,
    ...changes,
  })[0]?.key

describe('worn seat', () => {
  const cases: [why: string, changes: Partial<WornSeatInput>, first: string][] = [
    ['accepted: fit it', { gauging: gauging({ verdict: 'accept' }) }, 'fit'],
    ['watch under a standing load: fit it this once', { gauging: gauging({ verdict: 'watch' }) }, 'fit'],
    ['watch under a turning load where this ring holds', { gauging: gauging({ verdict: 'watch' }), ringLoad: 'rotating', holds: true }, 'fit'],
    ['watch under a turning load where it does not', { gauging: gauging({ verdict: 'watch' }), ringLoad: 'rotating', holds: false }, 'rework'],
    ['loose, round, standing load, cool: compound as a stop-gap', {}, 'compound'],
    ['the ring has to slide: no compound', { mustSlide: true }, 'rework'],
    ['the load travels round it: no compound', { ringLoad: 'rotating' }, 'rework'],
    ['too loose for compound', { gauging: gauging({ interferenceUm: -80 }) }, 'rework'],
    ['too hot for compound', { hottestC: 140 }, 'rework'],
    ['oval: no compound', { gauging: gauging({ ovalityUm: 20 }) }, 'rework'],
    ['too tight: compound is no cure', { gauging: gauging({ interferenceUm: 30 }) }, 'rework'],
  ] // prettier-ignore
  for (const [why, changes, first] of cases) it(why, () => assert.equal(best(changes), first))

  it('takes metal off where there is some to spare, and builds nothing up', () => {
    for (const [seat, title] of [
      ['shaft', 'Grind to size'],
      ['housing', 'Hone or bore to size'],
    ] as const) {
      const [first, ...others] = wornSeatRemedies({ seat, ringLoad: 'rotating', gauging: gauging({ interferenceUm: 60 }), metalToSpare: true, mustSlide: false, holds: true, hottestC: 70 }) // prettier-ignore
      assert.equal(first?.title, title)
      assert.notInclude(
        others.filter(({ barred }) => barred === null).map(({ key }) => key),
        'sleeve',
      )
    }
  })

  it('shows every way, and says why one is barred', () => {
    const all = wornSeatRemedies({
      seat: 'shaft',
      ringLoad: 'rotating',
      gauging: gauging(),
      metalToSpare: false,
      mustSlide: false,
      holds: false,
      hottestC: null,
    })
    assert.lengthOf(all, 5)
    for (const { barred, hours, trust } of all) {
      assert.isAtMost(hours.from, hours.to)
      assert.isNotEmpty(trust)
      if (barred !== null) assert.match(barred, /\.$/)
    }
  })
})
