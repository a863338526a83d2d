import { assert } from 'chai'
import { filmPressure } from '../../src/plain/film-pressure.ts'

describe('the pressure round a journal', () => {
  // Published solutions of the finite bearing: Sommerfeld number and attitude by eccentricity and L/D.
  const published: [ratio: number, eccentricity: number, sommerfeld: number, attitudeDeg: number][] = [
    [1, 0.1, 1.33, 79.5],
    [1, 0.4, 0.264, 63.1],
    [1, 0.6, 0.121, 50.6],
    [1, 0.8, 0.0446, 36.2],
    [0.5, 0.6, 0.319, 48.1],
    [0.25, 0.6, 1.07, 45],
  ]
  for (const [ratio, eccentricity, sommerfeld, attitudeDeg] of published)
    it(`L/D ${ratio}, eccentricity ${eccentricity}: as published within 4 %`, () => {
      const found = filmPressure(eccentricity, ratio)
      assert.closeTo(found.sommerfeld, sommerfeld, 0.04 * sommerfeld)
      assert.closeTo(found.attitudeDeg, attitudeDeg, 2)
    })

  it('carries the load it is scaled to', () => {
    const { places, attitudeDeg } = filmPressure(0.7, 1)
    const step = (2 * Math.PI) / (places.length - 1)
    // The mean of a parabola is two thirds of its height; L D is twice L R.
    const sum = (of: (rad: number) => number) => places.slice(0, -1).reduce((all, { deg, times }) => all + times * of((deg * Math.PI) / 180) * step, 0) // prettier-ignore
    const [along, across] = [-sum(Math.cos), sum(Math.sin)]
    assert.closeTo((Math.hypot(along, across) * (2 / 3)) / 2, 1, 0.01)
    assert.closeTo((Math.atan2(across, along) * 180) / Math.PI, attitudeDeg, 0.01)
  })

  it('is nowhere below nothing, and nothing where a groove lies', () => {
    const { places } = filmPressure(0.6, 1, [150])
    assert.isAtLeast(Math.min(...places.map(({ times }) => times)), 0)
    assert.equal(places.find(({ deg }) => deg === 150)?.times, 0)
  })

  it('is cut in two by a groove in the loaded part: it carries less at the same place', () =>
    assert.isAbove(filmPressure(0.6, 1, [150]).sommerfeld, 1.5 * filmPressure(0.6, 1).sommerfeld))
})
