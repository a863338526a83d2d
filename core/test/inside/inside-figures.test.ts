import { assert } from 'chai'
import { insideFigures, numberOf, seeInside } from '../../src/index.ts'
import type { InsideLoad } from '../../src/inside/see-inside.ts'
import { bearingOf } from '../bench-position.ts'

const load: InsideLoad = {
  ...{ radialN: 12_000, axialN: 0, clearanceUm: 10, tiltArcmin: 0 },
  ...{ speedRpm: 980, dynamicRatingN: null, rotatingRing: 'inner' },
}
const figuresOf = (designation: string, changes: Partial<InsideLoad> = {}) => {
  const bearing = bearingOf(designation)
  const under = { ...load, ...changes }
  const seen = seeInside(bearing, under)
  return { seen, figures: insideFigures(bearing, under, seen) }
}

describe('figures of the inside', () => {
  for (const designation of ['6313', 'NU313', '22313', '1313', 'C2216', 'NA4914'])
    it(`of ${designation} say what the distribution says, each with formula, givens and source`, () => {
      const { seen, figures } = figuresOf(designation)
      assert.equal(numberOf(figures['hardest']), seen.distribution.maxElementN)
      assert.equal(numberOf(figures['pressureInner']), seen.distribution.inner.maxPressureMPa)
      assert.equal(numberOf(figures['insideLife']), seen.life?.hoursH)
      for (const [name, figure] of Object.entries(figures)) {
        assert.isNotEmpty(figure.formula, name)
        assert.isNotEmpty(figure.givens, name)
        assert.isNotEmpty(figure.source, name)
        assert.isTrue(figure.estimate, name)
      }
      assert.equal('edge' in figures, seen.distribution.laminaLoadsN !== null)
    })

  it('set the practices beside one another, the one that knows this inside first', () => {
    const practices = figuresOf('NU313', { tiltArcmin: 3 }).figures['insideLife']?.practices ?? []
    assert.deepEqual(practices.map(({ key }) => key), ['reference', 'iso281', 'strict']) // prettier-ignore
    const [reference, iso] = practices.map(({ value }) => (value?.kind === 'number' ? value.number : 0))
    assert.isBelow(reference ?? 0, iso ?? 0)
  })

  it('have no life without a speed', () =>
    assert.notProperty(figuresOf('6313', { speedRpm: null }).figures, 'insideLife'))
})
