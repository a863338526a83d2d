import type { Catalogue } from './catalogue/catalogue.ts'
import type { DamageKnowledge } from './diagnose/knowledge.ts'
import { assessPosition, AssessPositionInput } from './assess-position.ts'
import { basicLifeCalculation } from './carry/basic-life.ts'
import { equivalentLoadCalculation } from './carry/equivalent-load.ts'
import { inducedLoadCalculation } from './carry/induced-load.ts'
import { loadSpectrumCalculation } from './carry/load-spectrum.ts'
import { modifiedLifeCalculation } from './carry/modified-life.ts'
import { speedCheckCalculation } from './carry/speed-check.ts'
import { systemLifeCalculation } from './carry/system-life.ts'
import { DecodeInput, decodeDesignation } from './catalogue/decode-designation.ts'
import { dynamicRatingCalculation } from './catalogue/dynamic-rating.ts'
import { initialClearanceCalculation } from './catalogue/initial-clearance.ts'
import { estimateByDesignation } from './catalogue/resolve-bearing.ts'
import { ringLimitsCalculation } from './catalogue/ring-limits.ts'
import { staticRatingCalculation } from './catalogue/static-rating.ts'
import { defectFrequenciesCalculation } from './diagnose/defect-frequencies.ts'
import { rankCauses, RankInput } from './diagnose/rank-causes.ts'
import { InputError } from './errors/input-error.ts'
import { blockEndCalculation } from './float/ends/block-end.ts'
import { capEndCalculation } from './float/ends/cap-end.ts'
import { growthCalculation } from './float/growth.ts'
import { mountedClearanceCalculation, operatingClearanceCalculation } from './float/mounted-clearance.ts'
import { floatCalculation } from './float/room.ts'
import { greaseCompatibilityCalculation } from './grease/compatibility.ts'
import { greaseFillCalculation } from './grease/fill.ts'
import { greaseIntervalCalculation } from './grease/interval.ts'
import { greaseQuantityCalculation } from './grease/quantity.ts'
import { greaseStrokesCalculation } from './grease/strokes.ts'
import { match, MatchInput } from './identify/match.ts'
import { bestClearanceCalculation } from './inside/best-clearance.ts'
import { contactPressureCalculation } from './inside/contact-pressure.ts'
import { loadDistributionCalculation } from './inside/load-distribution.ts'
import { referenceLifeCalculation } from './inside/reference-life.ts'
import { viscosityAtCalculation, requiredViscosity, ViscosityRequiredInput } from './lubrication/viscosity.ts'
import { chillCalculation } from './mount/cold/chill.ts'
import { soakCalculation } from './mount/cold/soak.ts'
import { thawCalculation } from './mount/cold/thaw.ts'
import { nutTorqueCalculation } from './mount/force/nut-torque.ts'
import { heatingTimeCalculation } from './mount/pad/heating-time.ts'
import { infraredCalculation } from './mount/pad/infrared.ts'
import { driveUpCalculation } from './mount/drive-up.ts'
import { heatCalculation } from './mount/heat.ts'
import { pressCalculation } from './mount/press.ts'
import { transferWindowCalculation } from './mount/window.ts'
import { balanceCalculation } from './plain/balance.ts'
import { bushCalculation } from './plain/bush.ts'
import { plainOrRollingCalculation } from './plain/compare.ts'
import { filmCalculation } from './plain/film.ts'
import { pressureVelocityCalculation } from './plain/pressure-velocity.ts'
import { adaptIntervalCalculation } from './records/adapt-interval.ts'
import { calibrateGunCalculation } from './records/calibrate-gun.ts'
import { roundDueCalculation } from './records/round-due.ts'
import { roundLevelCalculation } from './records/round-level.ts'
import { roundPlanCalculation } from './records/round-plan.ts'
import { judgeTrendCalculation } from './records/trend/judge-trend.ts'
import { envelopeSpectrumCalculation } from './records/spectrum/envelope.ts'
import { matchSpectrumCalculation } from './records/spectrum/match.ts'
import { simulateSpectrumCalculation } from './records/spectrum/simulate.ts'
import { logLifeCalculation } from './records/log/life.ts'
import { logParetoCalculation } from './records/log/pareto.ts'
import { logRecurrentCalculation } from './records/log/recurrent.ts'
import { vibrationSeverityCalculation } from './records/vibration-severity.ts'
import { oilChangeCalculation } from './running/oil-change.ts'
import { chooseViscosityCalculation } from './lubrication/choose.ts'
import { frictionTorqueCalculation } from './running/friction.ts'
import { greaseLifeCalculation } from './running/grease-life.ts'
import { speedThermalCalculation } from './running/speed-thermal.ts'
import { runningTemperatureCalculation } from './running/temperature.ts'
import { oilLevelCalculation } from './running/oil-level.ts'
import { fitRecommendCalculation } from './seat/fit-recommend.ts'
import { fitResultCalculation } from './seat/fit-result.ts'
import { gaugeCalculation } from './seat/gauge.ts'
import { iso286LimitsCalculation } from './seat/iso286-limits.ts'
import { reactionsCalculation } from './shaftline/reactions.ts'
import { calculation, type Calculation } from './working/calculation.ts'

/** What calculations look things up in. */
export interface References {
  catalogue: Catalogue
  damage: DamageKnowledge
}

/** The contract knows the sizes of its own table; further series are of the pages. */
const ofContract = (catalogue: Catalogue): Catalogue => ({
  ...catalogue,
  byDesignation: new Map(catalogue.rows.map((row) => [row.designation, row])),
})

/** The register: every calculation by its name, in working order. */
export function createCalculations({ catalogue: whole, damage }: References): ReadonlyMap<string, Calculation> {
  const catalogue = ofContract(whole)
  const all = [
    iso286LimitsCalculation,
    ringLimitsCalculation,
    fitResultCalculation,
    fitRecommendCalculation,
    gaugeCalculation,
    initialClearanceCalculation,
    mountedClearanceCalculation,
    operatingClearanceCalculation,
    dynamicRatingCalculation,
    staticRatingCalculation,
    equivalentLoadCalculation,
    inducedLoadCalculation,
    loadSpectrumCalculation,
    basicLifeCalculation,
    modifiedLifeCalculation,
    systemLifeCalculation,
    viscosityAtCalculation,
    calculation(
      'viscosity.required',
      'Viscosity a bearing needs',
      'ISO 281:2007, clause 9',
      ViscosityRequiredInput,
      (input) => ({ requiredViscosityCst: requiredViscosity(input) }),
    ),
    speedCheckCalculation,
    contactPressureCalculation,
    loadDistributionCalculation,
    referenceLifeCalculation,
    bestClearanceCalculation,
    defectFrequenciesCalculation,
    calculation(
      'designation.decode',
      'What a designation says',
      'ISO 15, ISO 355, ISO 104; common suffixes',
      DecodeInput,
      ({ designation }) => decodeDesignation(designation, catalogue),
    ),
    calculation(
      'identify.match',
      'Bearings a measured one can be',
      'Measuring practice; ISO 15, ISO 355, ISO 104',
      MatchInput,
      (input) => match(input, catalogue),
    ),
    calculation(
      'catalogue.estimate',
      'Interior, ratings and mass of a size, estimated',
      'ISO 281, ISO 76 with estimated geometry',
      DecodeInput,
      ({ designation }) => estimateByDesignation(designation, catalogue),
    ),
    reactionsCalculation,
    growthCalculation,
    floatCalculation,
    capEndCalculation,
    blockEndCalculation,
    heatCalculation,
    transferWindowCalculation,
    heatingTimeCalculation,
    infraredCalculation,
    chillCalculation,
    soakCalculation,
    thawCalculation,
    pressCalculation,
    nutTorqueCalculation,
    driveUpCalculation,
    greaseIntervalCalculation,
    greaseQuantityCalculation,
    greaseStrokesCalculation,
    greaseFillCalculation,
    greaseCompatibilityCalculation,
    frictionTorqueCalculation,
    runningTemperatureCalculation,
    speedThermalCalculation,
    greaseLifeCalculation,
    chooseViscosityCalculation,
    oilLevelCalculation,
    oilChangeCalculation,
    roundDueCalculation,
    roundPlanCalculation,
    roundLevelCalculation,
    calibrateGunCalculation,
    adaptIntervalCalculation,
    judgeTrendCalculation,
    vibrationSeverityCalculation,
    logLifeCalculation,
    logParetoCalculation,
    logRecurrentCalculation,
    simulateSpectrumCalculation,
    envelopeSpectrumCalculation,
    matchSpectrumCalculation,
    filmCalculation,
    pressureVelocityCalculation,
    balanceCalculation,
    bushCalculation,
    plainOrRollingCalculation,
    calculation(
      'damage.rank',
      'Causes of damage, ranked, and what to look at next',
      'Naive Bayes; ISO 15243:2017 for the modes',
      RankInput,
      (input) => rankCauses(input, damage),
    ),
    calculation(
      'position.assess',
      'A whole position judged: state, findings, headlines',
      'All of the above, put together',
      AssessPositionInput,
      (input) => assessPosition(input, whole, damage),
      { fieldName: 'path' },
    ),
  ]
  return new Map(all.map((one) => [one.name, one]))
}

/**
 * Runs a calculation on one input or on a list of them.
 *
 * In a list a refused input yields `{ error: { field, message } }` in its place; alone it throws.
 *
 * @throws InputError for a single refused input
 */
export function runCalculation(calculation: Calculation, input: unknown): object {
  if (!Array.isArray(input)) return calculation.run(input)
  return input.map((one) => {
    try {
      return calculation.run(one)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      return { error: { code: error.code, field: error.field, message: error.message, fix: error.fix } }
    }
  })
}
