import { assert } from 'chai'
import fc from 'fast-check'
import { fitHistogram, seededRandom, simulateFits } from '../../src/seat/simulate-fit.ts'

const worked = { lowerUm: 2, upperUm: 21 }
const ring = { lowerUm: -15, upperUm: 0 }

describe('fits drawn by chance', () => {
  it('are the same for the same seed, and others for another', () => {
    const draw = (seed: number) => [...simulateFits('shaft', worked, ring, 50, seededRandom(seed))]
    assert.deepEqual(draw(7), draw(7))
    assert.notDeepEqual(draw(7), draw(8))
  })

  it('lie between loosest and tightest, about the middle', () => {
    const fits = simulateFits('shaft', worked, ring, 40_000, seededRandom(1))
    assert.isAtLeast(Math.min(...fits), 2)
    assert.isAtMost(Math.max(...fits), 36)
    const mean = fits.reduce((sum, fit) => sum + fit, 0) / fits.length
    assert.approximately(mean, 19, 0.15)
    // Three even draws of a width w vary by w² / 36 each: here 19² / 36 + 15² / 36.
    const spread = fits.reduce((sum, fit) => sum + (fit - mean) ** 2, 0) / fits.length
    assert.approximately(spread, (19 ** 2 + 15 ** 2) / 36, 0.4)
  })

  it('turn their sign in a housing', () => {
    const shaft = simulateFits('shaft', worked, ring, 10, seededRandom(3))
    const housing = simulateFits('housing', worked, ring, 10, seededRandom(3))
    assert.deepEqual(
      [...housing],
      [...shaft].map((fit) => -fit),
    )
  })

  it('are all counted, once each, and the loose ones told', () => {
    const fits = fc.array(fc.float({ min: -40, max: 40, noNaN: true }), { minLength: 1, maxLength: 200 })
    fc.assert(
      fc.property(fits, fc.integer({ min: 1, max: 40 }), (some, bins) => {
        const { counts, looseShare } = fitHistogram(Float32Array.from(some), -30, 30, bins)
        assert.lengthOf(counts, bins)
        assert.equal(
          counts.reduce((sum, count) => sum + count, 0),
          some.length,
        )
        assert.approximately(looseShare, some.filter((fit) => Math.fround(fit) < 0).length / some.length, 1e-12)
      }),
    )
  })

  it('of none are none, loose or not', () =>
    assert.deepEqual(fitHistogram(new Float32Array(0), -10, 10, 2), { fromUm: -10, toUm: 10, counts: [0, 0], looseShare: 0 })) // prettier-ignore
})

describe('a seeded source of chance', () => {
  it('gives even numbers from 0 to 1', () => {
    const random = seededRandom(42)
    const tenths = Array.from({ length: 10 }, () => 0)
    for (let draw = 0; draw < 20_000; draw++) {
      const value = random()
      assert.isAtLeast(value, 0)
      assert.isBelow(value, 1)
      const tenth = Math.floor(value * 10)
      tenths[tenth] = (tenths[tenth] ?? 0) + 1
    }
    for (const count of tenths) assert.approximately(count, 2000, 200)
  })
})
