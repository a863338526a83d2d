import { assert } from 'chai'
import fc from 'fast-check'
import { loadDistribution } from '../../src/inside/load-distribution.ts'
import { contactPressure } from '../../src/inside/contact-pressure.ts'

const ball = { bearingType: 'deep-groove-ball', elements: 9, elementDiameterMm: 9.525, pitchDiameterMm: 46 } as const
const roller = { bearingType: 'cylindrical-roller', elements: 14, elementDiameterMm: 12.5, elementLengthMm: 12.4, pitchDiameterMm: 70 } as const // prettier-ignore
const sum = (values: number[]) => values.reduce((all, one) => all + one, 0)

describe('the load among the elements', () => {
  it('adds up to the load on the ring', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(ball, roller),
        fc.double({ min: 200, max: 6000, noNaN: true }),
        fc.double({ min: -10, max: 40, noNaN: true }),
        (bearing, radialN, operatingClearanceUm) => {
          const { elementLoadsN, contactAnglesDeg } = loadDistribution({ ...bearing, radialN, operatingClearanceUm })
          const [row = []] = elementLoadsN
          const carried = sum(
            row.map((load, index) => {
              const angle = ((contactAnglesDeg?.[0]?.[index] ?? 0) * Math.PI) / 180
              return load * Math.cos(angle) * Math.cos((2 * Math.PI * index) / row.length)
            }),
          )
          assert.approximately(carried / radialN, 1, 1e-4)
        },
      ),
      { numRuns: 60 },
    )
  })

  it('is the same on both sides of the load, and heaviest under it', () => {
    const { elementLoadsN, maxElementN } = loadDistribution({ ...ball, radialN: 2000, operatingClearanceUm: 10 })
    const [row = []] = elementLoadsN
    for (let index = 1; index < row.length; index++) assert.approximately(row[index] ?? 0, row[row.length - index] ?? 0, 1e-6) // prettier-ignore
    assert.equal(maxElementN, row[0])
  })

  it('narrows with the clearance', () => {
    const zone = (operatingClearanceUm: number) => loadDistribution({ ...ball, radialN: 2000, operatingClearanceUm }).loadZoneDeg // prettier-ignore
    const zones = [-10, 0, 20, 60].map(zone)
    assert.deepEqual(
      zones,
      [...zones].sort((a, b) => b - a),
    )
    assert.isBelow(zone(60), 140)
  })

  it('crowns no roller that is not tilted, and loads the end of one that is', () => {
    const peak = (tiltArcmin: number) =>
      loadDistribution({ ...roller, radialN: 7500, operatingClearanceUm: 20, tiltArcmin })
    assert.isAbove(peak(4).laminaPeakRatio ?? 0, peak(0).laminaPeakRatio ?? Infinity)
    assert.isAbove(peak(4).maxElementN, 0)
  })
})

describe('the pressure of one contact', () => {
  it('of a ball goes with the cube root of its load, of a roller with the square root', () => {
    const point = (loadN: number) => contactPressure({ ...ball, loadN }).inner.pressureMPa
    assert.approximately(point(8000) / point(1000), 2, 1e-9)
    const line = (loadN: number) => contactPressure({ ...roller, loadN }).inner.pressureMPa
    assert.approximately(line(4000) / line(1000), 2, 0.02)
  })
})
