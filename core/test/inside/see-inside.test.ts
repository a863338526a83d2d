import { assert } from 'chai'
import { findBearing, seeInside, type InsideLoad } from '../../src/index.ts'
import { catalogue } from '../references.ts'

const see = (designation: string, more: Partial<InsideLoad> = {}) => {
  const bearing = findBearing(designation, catalogue)
  if (!bearing) throw new Error(designation)
  return seeInside(bearing, {
    ...{ radialN: 4000, axialN: 0, clearanceUm: 15, tiltArcmin: 0, speedRpm: 1480 },
    ...{ dynamicRatingN: null, rotatingRing: 'inner' },
    ...more,
  })
}

describe('looking into a bearing', () => {
  for (const designation of ['6313-C3', 'NU313', '22216', 'C2216', '1212', 'QJ310'])
    it(`${designation}: the elements carry the load between them, and the same on both sides`, () => {
      const { distribution } = see(designation)
      const radial = distribution.elementLoadsN.flat()
      const perRow = distribution.elementLoadsN[0] ?? []
      for (const [j, load] of perRow.entries())
        assert.closeTo(load, perRow[(perRow.length - j) % perRow.length] ?? 0, 1e-6 * distribution.maxElementN + 1e-9)
      assert.isAtLeast(distribution.elementsLoaded, 1)
      assert.equal(Math.max(...radial), distribution.maxElementN)
    })

  it('more load brings more elements in, and preload widens the zone', () => {
    assert.isAtLeast(see('6313', { radialN: 20_000 }).distribution.elementsLoaded, see('6313', { radialN: 1000 }).distribution.elementsLoaded) // prettier-ignore
    assert.isAbove(see('6313', { clearanceUm: -10 }).distribution.loadZoneDeg, see('6313', { clearanceUm: 40 }).distribution.loadZoneDeg) // prettier-ignore
  })

  it('tilt never helps a roller, and costs a barrel nothing', () => {
    const life = (designation: string, tiltArcmin: number) => see(designation, { tiltArcmin, radialN: 9000 }).life?.hoursH ?? NaN // prettier-ignore
    assert.isBelow(life('NU313', 4), life('NU313', 0))
    assert.closeTo(life('22216', 4) / life('22216', 0), 1, 1e-9)
  })

  it('knows no life without a speed, and that the load sets the clearance of an angular row', () => {
    assert.isNull(see('6313', { speedRpm: null }).life)
    assert.isTrue(see('6313').setsClearance)
    assert.isFalse(see('7214 B', { axialN: 5000 }).setsClearance)
  })

  it('refuses what does not carry the load', () => assert.throws(() => see('51110')))
})
