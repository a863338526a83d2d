import { assert } from 'chai'
import { dynamicRating } from '../../src/catalogue/dynamic-rating.ts'
import { decodeDesignation } from '../../src/catalogue/decode-designation.ts'
import { isVerifiedEstimate } from '../../src/catalogue/estimate.ts'
import { staticRating } from '../../src/catalogue/static-rating.ts'
import { equivalentLoad } from '../../src/carry/equivalent-load.ts'
import { speedCheck } from '../../src/carry/speed-check.ts'
import { InputError } from '../../src/errors/input-error.ts'
import { catalogue } from '../references.ts'
import { bearingOf } from '../bench-position.ts'
import { askAbout } from '../positions/ask.ts'

const bearingType = 'thrust-roller'
const interior = { bearingType, elements: 20, elementLengthMm: 10, pitchDiameterMm: 100 } as const

describe('cylindrical thrust roller bearings', () => {
  // ISO 281:2007, table 8: f_c at 90° by D_we / D_pw; the closed form behind it.
  for (const [ratio, printed] of [
    [0.01, 105.4],
    [0.02, 122.9],
    [0.05, 150.7],
    [0.1, 175.7],
    [0.2, 205.0],
    [0.3, 224.3],
  ] as const)
    it(`have f_c ${printed} at D_we/D_pw ${ratio}`, () => {
      const { fc, bm } = dynamicRating({ ...interior, elements: 8, elementDiameterMm: 100 * ratio })
      assert.approximately(fc, printed, 0.15)
      assert.equal(bm, 1)
    })

  it('are rated by ISO 281 and ISO 76 without an angle', () => {
    const elementDiameterMm = 10
    const { ratingN, fc } = dynamicRating({ ...interior, elementDiameterMm })
    assert.approximately(ratingN, fc * 10 ** (7 / 9) * 20 ** 0.75 * 10 ** (29 / 27), 1e-6)
    assert.approximately(staticRating({ ...interior, elementDiameterMm }).ratingN, 220 * 20 * 10 * 10, 1e-6)
  })

  it('have the sizes of ball washers, in series 811 and 812, all estimates unverified', () => {
    for (const [roller, ball] of [['811', '511'], ['812', '512']] as const) {
      const sizes = (series: string) =>
        catalogue.rows.filter((row) => row.series === series).map(({ boreMm, odMm, widthMm }) => [boreMm, odMm, widthMm])
      assert.deepEqual(sizes(roller), sizes(ball))
      assert.isFalse(catalogue.rows.filter(({ series }) => series === roller).some(isVerifiedEstimate))
    }
  }) // prettier-ignore

  it('have rollers that fit between their washers and on their width', () => {
    for (const row of catalogue.rows.filter(({ type }) => type === bearingType)) {
      const { elementDiameterMm, elementLengthMm, elements, pitchDiameterMm } = bearingOf(row.designation).interior
      assert.isBelow(elementDiameterMm, 0.6 * row.widthMm, row.designation)
      assert.isBelow(pitchDiameterMm + (elementLengthMm ?? 0), row.odMm, row.designation)
      assert.isBelow(
        elements * elementDiameterMm,
        Math.PI * (pitchDiameterMm - (elementLengthMm ?? 0)),
        row.designation,
      )
    }
  })

  it('are read from their number', () => {
    const decoded = decodeDesignation('81110 TN', catalogue)
    assert.include(decoded, {
      bearingType,
      boreMm: 50,
      odMm: 70,
      widthMm: 14,
      clearanceClass: null,
      normal: '81110-TN',
    })
  })

  it('carry no radial load at all', () => {
    assert.equal(equivalentLoad({ bearingType, axialN: 5000, dynamicRatingN: 49_000 }).equivalentN, 5000)
    const refusal = () => equivalentLoad({ bearingType, axialN: 5000, radialN: 1 })
    assert.throws(refusal, InputError, 'radialN is 1; it must be 0 N on a cylindrical thrust roller bearing of 90°')
  })

  it('want a minimum load, and stand half the speed of a ball washer', () => {
    const light = equivalentLoad({ bearingType, axialN: 900, dynamicRatingN: 49_000 })
    assert.include(light, { minimumN: 980, belowMinimum: true })
    const at = (type: 'thrust-roller' | 'thrust-ball') =>
      speedCheck({ bearingType: type, pitchDiameterMm: 60, speedRpm: 1000 }).limit
    assert.equal(at('thrust-roller'), at('thrust-ball') / 2)
  })

  it('are judged on the bench: well under axial load, stopped under a radial one', () => {
    const duty = { bearing: { designation: '81210' }, load: { axialN: 6000, speedRpm: 200 }, grease: { lubrication: 'oil-bath' } } as const // prettier-ignore
    assert.notEqual(askAbout(duty).state, 'stop')
    const leaning = askAbout({ ...duty, load: { ...duty.load, radialN: 500 } })
    assert.equal(leaning.state, 'stop')
    assert.match(leaning.findings[0]?.reason ?? '', /radial load/)
  })
})
