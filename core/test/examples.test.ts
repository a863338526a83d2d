import { assert } from 'chai'
import { createCalculations } from '../src/calculations.ts'
import { references } from './references.ts'

const calculations = createCalculations(references)

/** Worked by hand; each docstring carries its own. The first column says what it shows. */
const cases: [why: string, name: string, input: unknown, expected: Record<string, number | string | null>, within: number][] = [
  ['housing K7 by the Δ rule', 'iso286.limits', { nominalMm: 68, zone: 'K7' }, { lowerUm: -21, upperUm: 9 }, 0],
  ['r has its finer steps', 'iso286.limits', { nominalMm: 115, zone: 'r6' }, { lowerUm: 54, upperUm: 76 }, 0],
  ['M6 over 250 mm stands apart', 'iso286.limits', { nominalMm: 280, zone: 'M6' }, { lowerUm: -41, upperUm: -9 }, 0],
  ['an odd tolerance is halved exactly', 'iso286.limits', { nominalMm: 100, zone: 'JS7' }, { lowerUm: -17.5, upperUm: 17.5 }, 0],
  ['the probable band is narrower than the extremes', 'fit.result', { seat: 'shaft', nominalMm: 70, zone: 'm5' }, { probableMinUm: 15.1, probableMaxUm: 34.9 }, 0.05],
  ['three inches lie in their step', 'ring.limits', { ring: 'inner', diameterMm: 3 * 25.4, system: 'inch-tapered' }, { upperUm: 12.7 }, 1e-9],
  ['one tight ring, one loose', 'clearance.mounted', { boreMm: 65, odMm: 120, innerRacewayMm: 78, outerRacewayMm: 107, shaftInterferenceUm: 24, housingInterferenceUm: -15, housingMaterial: 'cast-iron' }, { innerExpansionUm: 20, outerContractionUm: 0 }, 0.05],
  ['doubling the load leaves an eighth', 'life.basic', { bearingType: 'deep-groove-ball', dynamicRatingN: 20_000, equivalentN: 4000, speedRpm: 1000 }, { millionRevs: 125 }, 1e-9],
  ['rollers lose more', 'life.basic', { bearingType: 'spherical-roller', dynamicRatingN: 20_000, equivalentN: 2000, speedRpm: 1000 }, { millionRevs: 2154.4 }, 0.1],
  ['two bearings last shorter than one', 'life.system', { livesH: [40_000, 40_000], bearingTypes: ['deep-groove-ball', 'insert-ball'] }, { systemH: 21_435 }, 1],
  ['back to back the left takes the push', 'load.induced', { bearingType: 'tapered-roller', arrangement: 'back-to-back', a: { radialN: 4000, yOrAngleDeg: 1.6 }, b: { radialN: 6000, yOrAngleDeg: 1.5 }, externalAxialN: 2000 }, { aAxialN: 4000, bAxialN: 2000 }, 1e-9],
  ['oil VG 150 at 70 °C', 'viscosity.at', { nu40Cst: 150, viscosityIndex: 95, temperatureC: 70 }, { viscosityCst: 37.7 }, 0.05],
  ['carbon steel over 50 K', 'shaft.growth', { spanMm: 600, material: 'carbon-steel', assemblyC: 20, runningC: 70 }, { growthMm: 0.362, perFootMm: 0.5, absoluteMm: 0.635, recommendedMm: 0.612 }, 0.0006],
  ['both ends held', 'shaft.float', { growthMm: 0.4, locatedEnds: 2, spanMm: 700, shaftDiameterMm: 55 }, { residualMm: -0.4, verdict: 'bound', thrustN: 279_700 }, 50],
  ['a ring of 60 mm', 'mount.heat', { boreMm: 60, interferenceMaxUm: 27, slipClearanceUm: 30, roomC: 20 }, { ringC: 109.17, verdict: 'ok' }, 0.01],
  ['a bush in nitrogen', 'mount.chill', { odMm: 90, interferenceMaxUm: 80, slipClearanceUm: 40, roomC: 22, coolant: 'liquid-nitrogen', part: 'bush' }, { shrinkUm: 181.1, gapUm: 101.1, verdict: 'ok' }, 0.05],
  ['a whole bearing stays out of nitrogen', 'mount.chill', { odMm: 90, interferenceMaxUm: 20, roomC: 22, coolant: 'liquid-nitrogen' }, { ringC: -50, verdict: 'not-permitted' }, 0],
  ['five minutes from heater to shaft', 'mount.window', { ringMassKg: 0.8, ringAreaMm2: 23_500, startC: 110, neededC: 90, roomC: 20 }, { windowS: 335 }, 0.5],
  ['a light press fit', 'mount.press', { boreMm: 40, widthMm: 18, innerRacewayMm: 48.5, interferenceUm: 18 }, { effectiveUm: 17.14, pressureMPa: 14.1, forceN: 4790 }, 5],
  ['a long taper', 'mount.driveUp', { boreMm: 130, taper: 30, clearanceClass: 'C3', initialUm: 175 }, { reductionMinUm: 65, targetMinUm: 85, targetMaxUm: 110, verdict: 'ok' }, 0],
  ['a clean ball bearing by the formula', 'grease.interval', { method: 'formula', bearingType: 'deep-groove-ball', boreMm: 60, speedRpm: 1480, temperatureC: 60 }, { hoursH: 9812 }, 1],
  ['and by the curve', 'grease.interval', { method: 'speed-factor', bearingType: 'deep-groove-ball', boreMm: 60, odMm: 110, speedRpm: 1480, temperatureC: 60 }, { hoursH: 18_138 }, 1],
  ['a fan is greased weekly', 'grease.interval', { method: 'formula', bearingType: 'spherical-roller', boreMm: 110, speedRpm: 1480, temperatureC: 66, contamination: 'heavy' }, { hoursH: 162 }, 0.5],
  ['strokes are whole', 'grease.quantity', { odMm: 110, widthMm: 27, port: 'side', gramsPerStroke: 1.4 }, { quantityG: 14.85, strokes: 11 }, 1e-9],
  ['no gun, no strokes', 'grease.quantity', { odMm: 110, widthMm: 27, port: 'side' }, { strokes: null }, 0],
  ['half of the housing', 'grease.fill', { boreMm: 60, odMm: 110, widthMm: 22, massKg: 0.78, bearingType: 'deep-groove-ball', speedRpm: 1500, ndmLimit: 500_000, housingFreeVolumeCm3: 90 }, { freeVolumeCm3: 46.9, fillPercent: 50, fillG: 82.7 }, 0.1],
  ['lithium on polyurea', 'grease.compatibility', { a: 'lithium', b: 'polyurea' }, { verdict: 'incompatible' }, 0],
  ['a journal on its film', 'sleeve.film', { journalDiameterMm: 60, lengthMm: 60, diametralClearanceMm: 0.06, loadN: 5000, speedRpm: 1500, viscosityMPas: 25 }, { sommerfeld: 0.45, eccentricityRatio: 0.284, minFilmUm: 21.5, regime: 'full-film' }, 0.05],
  ['a fast sintered bush', 'sleeve.pv', { journalDiameterMm: 12, lengthMm: 16, loadN: 240, speedRpm: 1800, material: 'sintered-bronze' }, { pv: 1.414, governing: 'pv', verdict: 'marginal' }, 0.001],
  ['lines of a damaged bearing', 'frequency.defects', { elements: 9, elementDiameterMm: 9.525, pitchDiameterMm: 46, speedRpm: 1480 }, { ftfHz: 9.78, bpfoHz: 88, bpfiHz: 134, bsfHz: 57 }, 0.05],
] // prettier-ignore

describe('worked examples', () => {
  for (const [why, name, input, expected, within] of cases)
    it(`${name}: ${why}`, () => {
      const answer = calculations.get(name)?.run(input) as Record<string, unknown>
      for (const [field, value] of Object.entries(expected)) {
        if (typeof value === 'number') assert.approximately(answer[field] as number, value, within, field)
        else assert.strictEqual(answer[field], value, field)
      }
    })

  it('a tilted rotor pushes downhill on the end that locates', () => {
    const { supports } = calculations
      .get('shaft.reactions')
      ?.run({ supportsMm: [0, 450], locating: 1, tiltDeg: 30, shaftMassKg: 60, shaftCentreMm: 225, loads: [{ xMm: 225, radialN: 1000, angleDeg: 90 }] }) as { supports: { radialN: number; axialN: number }[] } // prettier-ignore
    assert.approximately(supports[0]?.radialN ?? 0, 561.2, 0.1)
    assert.approximately(supports[1]?.axialN ?? 0, -294.2, 0.1)
    assert.equal(supports[0]?.axialN, 0)
  })
})
