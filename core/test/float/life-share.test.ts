import { assert } from 'chai'
import { assess } from '../../src/index.ts'
import { lifeShareOf } from '../../src/float/life-share.ts'
import { bearingOf, positionWith } from '../bench-position.ts'
import { catalogue } from '../references.ts'

/** Share of the basic rating life that is left at a clearance, at P/C 0.06. */
function shareAt(designation: string): (um: number) => number {
  const bearing = bearingOf(designation)
  const radialN = 0.06 * bearing.interior.dynamicRatingN
  const { outcomes } = assess(
    positionWith({ bearing: { designation }, load: { radialN, axialN: 0, speedRpm: 1480 } }),
    { kind: 'pump', duty: 'round-the-clock' },
    catalogue,
  )
  const share = lifeShareOf(bearing, outcomes.carry)
  return (um) => share(um) ?? NaN
}

describe('what a clearance leaves of the life', () => {
  for (const [designation, um] of [
    ['6206', -17],
    ['6313', -39],
    ['6324', -57],
  ] as const)
    it(`${designation} has about 0.7 of it left at ${um} µm`, () => assert.approximately(shareAt(designation)(um), 0.7, 0.08)) // prettier-ignore

  it('is more at a touch of preload than at none, and less beyond', () => {
    for (const designation of ['6206', '6210', '6313', '6320']) {
      const share = shareAt(designation)
      assert.isAbove(share(-4), share(0), designation)
      assert.isAbove(share(0), share(25), designation)
      assert.isBelow(share(-80), 0.5, designation)
    }
  })

  it('falls as rollers get looser, too', () => {
    const share = shareAt('NU314')
    assert.isAbove(share(10), share(60))
  })

  it('is nothing where the bearing could not even be built', () => assert.equal(shareAt('6206')(-1000), 0))
})
