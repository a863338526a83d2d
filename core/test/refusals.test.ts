import { assert } from 'chai'
import { createCalculations } from '../src/calculations.ts'
import { attempt } from '../src/errors/input-error.ts'
import { references } from './references.ts'

const calculations = createCalculations(references)

/** Inputs that are whole but cannot be: what is changed in a good one, and the field that is named. */
const good: Record<string, Record<string, unknown>> = {
  'fit.result': { seat: 'shaft', nominalMm: 70, zone: 'm5' },
  'fit.gauge': { seat: 'shaft', nominalMm: 85, zone: 'k6', readingsMm: [[85.01, 85.012], [85.011, 85.013]] },
  'clearance.mounted': { boreMm: 65, odMm: 120, innerRacewayMm: 78, outerRacewayMm: 107, shaftInterferenceUm: 24, housingInterferenceUm: 0 },
  'rating.dynamic': { bearingType: 'deep-groove-ball', elements: 9, elementDiameterMm: 9.525, pitchDiameterMm: 46 },
  'load.equivalent': { bearingType: 'deep-groove-ball', radialN: 2000, axialN: 1500, staticRatingN: 11_200, f0: 13.9 },
  'load.induced': { bearingType: 'tapered-roller', arrangement: 'back-to-back', a: { radialN: 4000, yOrAngleDeg: 1.6 }, b: { radialN: 6000, yOrAngleDeg: 1.5 } },
  'load.spectrum': { bearingType: 'deep-groove-ball', steps: [{ equivalentN: 4000, speedRpm: 1000, share: 0.3 }, { equivalentN: 2000, speedRpm: 1500, share: 0.7 }] },
  'life.basic': { bearingType: 'deep-groove-ball', dynamicRatingN: 19_500, equivalentN: 1950, speedRpm: 1480 },
  'life.modified': { bearingType: 'deep-groove-ball', dynamicRatingN: 19_500, staticRatingN: 11_200, equivalentN: 1500, speedRpm: 1480, pitchDiameterMm: 46, viscosityCst: 25, cleanliness: 'normal', lubrication: 'grease' },
  'life.system': { livesH: [40_000, 40_000], bearingTypes: ['deep-groove-ball', 'deep-groove-ball'] },
  'viscosity.at': { nu40Cst: 100, viscosityIndex: 95, temperatureC: 70 },
  'identify.match': { boreMm: [30.05], odMm: [61.98], widthMm: [15.95], rollingElement: 'ball' },
  'shaft.reactions': { supportsMm: [0, 520], locating: 0, shaftMassKg: 38, shaftCentreMm: 210 },
  'shaft.float': { growthMm: 0.4, roomTowardMm: 1, roomAwayMm: 0.5, locatedEnds: 1 },
  'mount.window': { ringMassKg: 0.8, ringAreaMm2: 23_500, startC: 110, neededC: 90, roomC: 20 },
  'mount.press': { boreMm: 40, widthMm: 18, innerRacewayMm: 48.5, interferenceUm: 18 },
  'mount.driveUp': { boreMm: 130, taper: 30, clearanceClass: 'C3' },
  'grease.interval': { method: 'formula', bearingType: 'deep-groove-ball', boreMm: 60, odMm: 110, speedRpm: 1480, temperatureC: 60 },
  'grease.fill': { boreMm: 60, odMm: 110, widthMm: 22, massKg: 0.78, bearingType: 'deep-groove-ball', speedRpm: 1500, ndmLimit: 500_000 },
  'sleeve.film': { journalDiameterMm: 60, lengthMm: 60, diametralClearanceMm: 0.06, loadN: 5000, speedRpm: 1500, viscosityMPas: 25 },
} // prettier-ignore

const cases: [why: string, name: string, change: Record<string, unknown>, field: string][] = [
  ['a housing zone on a shaft', 'fit.result', { zone: 'H7' }, 'zone'],
  ['seat limits the wrong way round', 'fit.result', { zone: undefined, seatLowerUm: 5, seatUpperUm: 1 }, 'seatUpperUm'],
  ['one seat limit only', 'fit.result', { zone: undefined, seatLowerUm: 5 }, 'zone'],
  ['a load without the ring’s width', 'fit.result', { radialN: 5000 }, 'widthMm'],
  ['load losses of a housing seat', 'fit.result', { seat: 'housing', zone: 'H7', radialN: 5000, widthMm: 20 }, 'seat'],
  ['a class of the other system', 'fit.result', { toleranceClass: '2' }, 'toleranceClass'],
  ['a reading with a slipped digit', 'fit.gauge', { readingsMm: [[85.01, 58.012]] }, 'readingsMm'],
  ['a plane of one reading', 'fit.gauge', { readingsMm: [[85.01]] }, 'readingsMm'],
  ['a raceway inside the bore', 'clearance.mounted', { innerRacewayMm: 60 }, 'innerRacewayMm'],
  ['raceways the wrong way round', 'clearance.mounted', { outerRacewayMm: 70 }, 'outerRacewayMm'],
  ['a shaft bored through', 'clearance.mounted', { shaftBoreMm: 65 }, 'shaftBoreMm'],
  ['a housing smaller than its ring', 'clearance.mounted', { housingOdMm: 110 }, 'housingOdMm'],
  ['a fit beyond elastic', 'clearance.mounted', { shaftInterferenceUm: 196 }, 'shaftInterferenceUm'],
  ['elements that do not fit on the circle', 'rating.dynamic', { elements: 20 }, 'elements'],
  ['elements as large as the circle', 'rating.dynamic', { elementDiameterMm: 46 }, 'elements'],
  ['rows the type does not have', 'rating.dynamic', { rows: 3 }, 'rows'],
  ['a contact angle on a deep groove bearing', 'rating.dynamic', { contactAngleDeg: 15 }, 'contactAngleDeg'],
  ['a roller without its length', 'rating.dynamic', { bearingType: 'cylindrical-roller' }, 'elementLengthMm'],
  ['no load', 'load.equivalent', { radialN: 0, axialN: 0 }, 'radialN'],
  ['an axial load without a rating', 'load.equivalent', { staticRatingN: undefined }, 'staticRatingN'],
  ['an axial load beyond the factors', 'load.equivalent', { axialN: 9000 }, 'axialN'],
  ['a pair of deep groove bearings', 'load.equivalent', { arrangement: 'tandem' }, 'arrangement'],
  ['an angle no angular contact bearing has', 'load.induced', { bearingType: 'angular-contact-ball', a: { radialN: 1, yOrAngleDeg: 10 } }, 'a'],
  ['a spectrum that is not whole', 'load.spectrum', { steps: [{ equivalentN: 1, speedRpm: 1, share: 0.5 }] }, 'steps'],
  ['a spectrum at standstill', 'load.spectrum', { steps: [{ equivalentN: 9, speedRpm: 0, share: 1 }] }, 'steps'],
  ['a load above the rating', 'life.basic', { equivalentN: 20_000 }, 'equivalentN'],
  ['no film', 'life.modified', { viscosityCst: 1.5 }, 'viscosityCst'],
  ['reliability nobody can promise', 'life.modified', { reliabilityPercent: 99.99 }, 'reliabilityPercent'],
  ['more lives than types', 'life.system', { bearingTypes: ['deep-groove-ball'] }, 'bearingTypes'],
  ['an oil thicker when hot', 'viscosity.at', { nu100Cst: 120 }, 'nu100Cst'],
  ['neither viscosity nor index', 'viscosity.at', { viscosityIndex: undefined }, 'nu100Cst'],
  ['an oil too thin to tell', 'viscosity.at', { nu40Cst: 5, temperatureC: 200 }, 'viscosityIndex'],
  ['one dimension only', 'identify.match', { odMm: [], widthMm: [] }, 'odMm'],
  ['a shield on no side', 'identify.match', { closure: 'shield' }, 'closedSides'],
  ['a sealed tapered roller bearing', 'identify.match', { rollingElement: 'taper', ringShape: 'cone-and-cup', closure: 'contact-seal', closedSides: 2 }, 'closure'],
  ['a ring inside out', 'identify.match', { odMm: [20] }, 'odMm'],
  ['two bearings in one place', 'shaft.reactions', { supportsMm: [100, 100.5] }, 'supportsMm'],
  ['a mass without a place', 'shaft.reactions', { shaftCentreMm: undefined }, 'shaftCentreMm'],
  ['a floating end without its room', 'shaft.float', { roomTowardMm: undefined }, 'roomTowardMm'],
  ['a ring needed colder than the room', 'mount.window', { neededC: 15 }, 'neededC'],
  ['a ring that leaves too cold', 'mount.window', { startC: 80 }, 'startC'],
  ['a raceway smaller than the bore', 'mount.press', { innerRacewayMm: 39 }, 'innerRacewayMm'],
  ['a press fit beyond elastic', 'mount.press', { interferenceUm: 121 }, 'interferenceUm'],
  ['a slow taper on a small bore', 'mount.driveUp', { boreMm: 70 }, 'taper'],
  ['a class without drive-up values', 'mount.driveUp', { clearanceClass: 'C2' }, 'clearanceClass'],
  ['too fast for the formula', 'grease.interval', { speedRpm: 9000 }, 'speedRpm'],
  ['the curve without an outside diameter', 'grease.interval', { method: 'speed-factor', odMm: undefined }, 'odMm'],
  ['a thrust bearing in the formula', 'grease.interval', { bearingType: 'thrust-ball' }, 'bearingType'],
  ['too hot for grease', 'grease.interval', { temperatureC: 111 }, 'temperatureC'],
  ['a bearing heavier than steel', 'grease.fill', { massKg: 3 }, 'massKg'],
  ['too fast for grease', 'grease.fill', { speedRpm: 6000 }, 'speedRpm'],
  ['a bush too short', 'sleeve.film', { lengthMm: 10 }, 'lengthMm'],
  ['a bush too wide', 'sleeve.film', { diametralClearanceMm: 1 }, 'diametralClearanceMm'],
] // prettier-ignore

describe('inputs that cannot be', () => {
  for (const [name, input] of Object.entries(good))
    it(`${name} accepts the input they are made from`, () => {
      assert.isObject(calculations.get(name)?.run(input))
    })

  for (const [why, name, change, field] of cases)
    it(`${name}: ${why}`, () => {
      const { refusal } = attempt(() => calculations.get(name)?.run({ ...good[name], ...change }))
      assert.equal(refusal?.field, field, refusal?.message ?? 'it was accepted')
      assert.match(refusal?.message ?? '', /must be/)
      assert.match(refusal?.fix ?? '', /\.$/)
    })
})
