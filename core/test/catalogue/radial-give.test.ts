import { assert } from 'chai'
import { bearingTypes, factsOf } from '../../src/index.ts'
import { radialGive } from '../../src/catalogue/radial-give.ts'
import { bearingOf } from '../bench-position.ts'

describe('how far a bearing gives way', () => {
  const { row, interior } = bearingOf('6214')

  it('follows the contact of its balls: Q = 5 F / Z, δ = 4.36e-4 Q^⅔ / Dw^⅓', () => {
    const elementN = (5 * 4000) / interior.elements
    const byHand = (4.36e-4 * elementN ** (2 / 3)) / interior.elementDiameterMm ** (1 / 3)
    assert.approximately(radialGive(row.type, interior, 4000) ?? NaN, byHand, 1e-9)
  })

  // Handbook deflections of middling bearings: balls some 20 to 30 µm, rollers a few.
  for (const [designation, least, most] of [
    ['6214', 15, 35],
    ['NU214', 2, 8],
    ['22214', 3, 12],
  ] as const)
    it(`${designation} under 5 kN gives some micrometres`, () => {
      const bearing = bearingOf(designation)
      const um = 1000 * (radialGive(bearing.row.type, bearing.interior, 5000) ?? NaN)
      assert.isAtLeast(um, least)
      assert.isAtMost(um, most)
    })

  it('gives more under more load, for every type that carries any', () => {
    for (const type of bearingTypes) {
      const light = radialGive(type, interior, 1000)
      const heavy = radialGive(type, interior, 3000)
      if (factsOf(type).carries === 'axial') assert.isNull(light)
      else assert.isBelow(light ?? NaN, heavy ?? NaN)
    }
  })
})
