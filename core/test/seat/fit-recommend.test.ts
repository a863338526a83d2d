import { assert } from 'chai'
import fc from 'fast-check'
import { interference } from '../../src/seat/fit-result.ts'
import { FitRecommendInput } from '../../src/seat/fit-recommend.schema.ts'
import { fitRecommend } from '../../src/seat/fit-recommend.ts'
import { iso286Limits } from '../../src/seat/iso286-limits.ts'

const recommend = (changes: object) =>
  fitRecommend(
    FitRecommendInput.parse({
      seat: 'shaft',
      bearingType: 'deep-groove-ball',
      diameterMm: 70,
      ringLoad: 'rotating',
      loadRatio: 0.1,
      ...changes,
    }),
  )

describe('fitRecommend at the edges of its rows', () => {
  const cases: [why: string, changes: object, zone: string][] = [
    ['light ends at 0.07', { loadRatio: 0.07 }, 'j6'],
    ['normal begins above', { loadRatio: 0.0701 }, 'k5'],
    ['normal ends at 0.15', { loadRatio: 0.15 }, 'k5'],
    ['heavy begins above', { loadRatio: 0.1501 }, 'm5'],
    ['100 mm is still in its row', { diameterMm: 100 }, 'k5'],
    ['just over it is in the next', { diameterMm: 100.01 }, 'm5'],
    ['half hollow is not hollow', { shaftBoreMm: 35 }, 'k5'],
    ['more than half is', { shaftBoreMm: 36 }, 'm5'],
    ['a stationary ring needs no load', { ringLoad: 'stationary', loadRatio: undefined }, 'h6'],
    ['a split housing is never tighter than K', { seat: 'housing', diameterMm: 125, housing: 'split' }, 'K7'],
    ['light alloy is a letter tighter', { seat: 'housing', diameterMm: 125, ringLoad: 'stationary', housing: 'light-alloy' }, 'K7'],
    ['J becomes JS for P4', { seat: 'housing', diameterMm: 125, ringLoad: 'stationary', toleranceClass: 'P4' }, 'JS5'],
  ] // prettier-ignore
  for (const [why, changes, zone] of cases) it(`${why}: ${zone}`, () => assert.equal(recommend(changes).zone, zone))

  it('says so near a cut', () => {
    assert.match(recommend({ loadRatio: 0.075 }).reason, /the next row is as good/)
    assert.notMatch(recommend({ loadRatio: 0.1 }).reason, /as good/)
  })

  it('says why a split housing is wrong under a turning load', () =>
    assert.match(recommend({ seat: 'housing', diameterMm: 125, housing: 'split' }).reason, /a solid one is needed/))
})

describe('interference', () => {
  const limits = fc
    .tuple(fc.integer({ min: -80, max: 80 }), fc.integer({ min: 0, max: 60 }))
    .map(([lowerUm, width]) => ({ lowerUm, upperUm: lowerUm + width }))

  it('holds the probable band between loosest and tightest, about one mean', () => {
    fc.assert(
      fc.property(fc.constantFrom('shaft' as const, 'housing' as const), limits, limits, (seat, worked, ring) => {
        const fit = interference(seat, worked, ring)
        assert.isAtLeast(fit.probableMinUm, fit.interferenceMinUm - 1e-9)
        assert.isAtMost(fit.probableMaxUm, fit.interferenceMaxUm + 1e-9)
        assert.approximately(fit.probableMinUm + fit.probableMaxUm, 2 * fit.interferenceMeanUm, 1e-9)
      }),
    )
  })

  it('is additive: a seat worked larger by so much is tighter by so much', () => {
    fc.assert(
      fc.property(limits, limits, fc.integer({ min: -40, max: 40 }), (worked, ring, more) => {
        const larger = { lowerUm: worked.lowerUm + more, upperUm: worked.upperUm + more }
        const before = interference('shaft', worked, ring).interferenceMaxUm
        assert.equal(interference('shaft', larger, ring).interferenceMaxUm, before + more)
      }),
    )
  })
})

describe('a drawn cup', () => {
  const cup = { seat: 'housing', bearingType: 'needle-roller', diameterMm: 32, drawnCup: true, loadRatio: 0.08, housing: 'solid', mustSlide: false, application: 'general', system: 'metric', duty: 'industrial' } as const // prettier-ignore
  it('is pressed into a bore of N6 however the load turns, R6 where the housing gives way', () => {
    for (const ringLoad of ['rotating', 'stationary', 'indeterminate'] as const) {
      assert.equal(fitRecommend({ ...cup, ringLoad }).zone, 'N6')
      assert.equal(fitRecommend({ ...cup, ringLoad, housing: 'light-alloy' }).zone, 'R6')
    }
  })
  it('does not slide', () =>
    assert.throws(() => fitRecommend({ ...cup, ringLoad: 'stationary', mustSlide: true }), /drawn cup/))
})

describe('iso286Limits', () => {
  it('keeps every zone as wide as its standard tolerance, shaft and housing alike', () => {
    const widths = ['k6', 'm6', 'n6', 'js6', 'h6'].map((zone) => {
      const { lowerUm, upperUm } = iso286Limits({ nominalMm: 95, zone })
      return upperUm - lowerUm
    })
    assert.deepEqual(widths, [22, 22, 22, 22, 22])
  })
})
