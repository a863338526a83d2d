import type { z } from 'zod'
import { assessPosition, AssessPositionInput } from './assess-position.ts'
import type { Catalogue } from './catalogue/catalogue.ts'
import { DecodeInput, decodeDesignation } from './catalogue/decode-designation.ts'
import { dynamicRating } from './catalogue/dynamic-rating.ts'
import { initialClearance, InitialClearanceInput } from './catalogue/initial-clearance.ts'
import { RatingInput } from './catalogue/interior.ts'
import { estimateByDesignation } from './catalogue/resolve-bearing.ts'
import { staticRating } from './catalogue/static-rating.ts'
import { basicLife, BasicLifeInput } from './carry/basic-life.ts'
import { equivalentLoad, EquivalentLoadInput } from './carry/equivalent-load.ts'
import { inducedLoad, InducedLoadInput } from './carry/induced-load.ts'
import { loadSpectrum, LoadSpectrumInput } from './carry/load-spectrum.ts'
import { modifiedLife, ModifiedLifeInput } from './carry/modified-life.ts'
import { speedCheck, SpeedCheckInput } from './carry/speed-check.ts'
import { systemLife, SystemLifeInput } from './carry/system-life.ts'
import { requiredViscosity, viscosityAt, ViscosityAtInput, ViscosityRequiredInput } from './carry/viscosity.ts'
import { defectFrequencies, DefectFrequenciesInput } from './diagnose/defect-frequencies.ts'
import type { DamageKnowledge } from './diagnose/knowledge.ts'
import { rankCauses, RankInput } from './diagnose/rank-causes.ts'
import { InputError } from './errors/input-error.ts'
import { parseInput } from './errors/parse-input.ts'
import {
  mountedClearance,
  MountedClearanceInput,
  operatingClearance,
  OperatingClearanceInput,
} from './float/mounted-clearance.ts'
import { CompatibilityInput, greaseCompatibility } from './grease/compatibility.ts'
import { FillInput, greaseFill } from './grease/fill.ts'
import { greaseInterval, IntervalInput } from './grease/interval.ts'
import { greaseQuantity, QuantityInput } from './grease/quantity.ts'
import { bestClearance, BestClearanceInput } from './inside/best-clearance.ts'
import { InsideInput, withoutUnused } from './inside/bearing-inside.ts'
import { contactPressure, ContactPressureInput } from './inside/contact-pressure.ts'
import { loadDistribution } from './inside/load-distribution.ts'
import { referenceLife, ReferenceLifeInput } from './inside/reference-life.ts'
import { match, MatchInput } from './identify/match.ts'
import { chill, ChillInput } from './mount/chill.ts'
import { driveUp, DriveUpInput } from './mount/drive-up.ts'
import { heat, HeatInput } from './mount/heat.ts'
import { press, PressInput } from './mount/press.ts'
import { transferWindow, WindowInput } from './mount/window.ts'
import { fitRecommend, FitRecommendInput } from './seat/fit-recommend.ts'
import { fitResult, FitResultInput } from './seat/fit-result.ts'
import { gauge, GaugeInput } from './seat/gauge.ts'
import { iso286Limits, Iso286LimitsInput } from './seat/iso286-limits.ts'
import { ringLimits, RingLimitsInput } from './catalogue/ring-limits.ts'
import { float, FloatInput } from './shaftline/float.ts'
import { growth, GrowthInput } from './shaftline/growth.ts'
import { reactions, ReactionsInput } from './shaftline/reactions.ts'
import { film, FilmInput } from './sleeve/film.ts'
import { pressureVelocity, PressureVelocityInput } from './sleeve/pressure-velocity.ts'

/** One calculation as the command line and the API offer it. */
export interface Calculation {
  name: string
  title: string
  source: string
  input: z.ZodObject
  /** Parses the input and runs; throws InputError naming the field of a refused input. */
  run: (input: unknown) => object
}

function calculation<S extends z.ZodObject>(
  name: string,
  title: string,
  source: string,
  input: S,
  work: (input: z.output<S>) => object,
  { prepare = (given: unknown): unknown => given, fieldName = 'top' as 'top' | 'path' } = {},
): Calculation {
  const run = (given: unknown) => {
    const parsed = parseInput(input, prepare(given), fieldName)
    return withWarnings(work(parsed), suspectUnits(parsed))
  }
  return { name, title, source, input, run }
}

/** Sizes a bearing or its seat does not have under a millimetre: below it metres or inches were probably meant. */
const sizeFields = ['nominalMm', 'diameterMm', 'boreMm', 'odMm', 'pitchDiameterMm']

function suspectUnits(parsed: object): string[] {
  return Object.entries(parsed).flatMap(([field, value]) =>
    sizeFields.includes(field) && typeof value === 'number' && value < 1
      ? [`${field} is ${value} mm; if metres are meant, write ${Number((value * 1000).toPrecision(6))}.`]
      : [],
  )
}

/** Adds warnings to an answer, after its own. */
function withWarnings(answer: object, warnings: string[]): object {
  if (warnings.length === 0) return answer
  const own = 'warnings' in answer && Array.isArray(answer.warnings) ? answer.warnings : []
  return { ...answer, warnings: [...own, ...warnings] }
}

/** What calculations look things up in. */
export interface References {
  catalogue: Catalogue
  damage: DamageKnowledge
}

/** The register: every calculation by its name, in working order. */
export function createCalculations({ catalogue, damage }: References): ReadonlyMap<string, Calculation> {
  const all = [
    calculation(
      'iso286.limits',
      'Limits of a shaft or housing seat',
      'ISO 286-1:2010, ISO 286-2:2010',
      Iso286LimitsInput,
      iso286Limits,
    ),
    calculation(
      'ring.limits',
      'Limits of a bearing bore or outside diameter',
      'ISO 492, ISO 199, ISO 578 practice',
      RingLimitsInput,
      ringLimits,
    ),
    calculation('fit.result', 'Tightest, loosest and probable fit', 'ISO 286-1, ISO 492', FitResultInput, fitResult),
    calculation(
      'fit.recommend',
      'Recommended seat for a ring',
      'Handbook practice; ISO 286, ISO 492',
      FitRecommendInput,
      fitRecommend,
    ),
    calculation('fit.gauge', 'Verdict on a gauged seat', 'ISO 14405-1, ISO 1101, ISO 286', GaugeInput, gauge),
    calculation(
      'clearance.initial',
      'Radial clearance in the box',
      'ISO 5753-1',
      InitialClearanceInput,
      initialClearance,
    ),
    calculation(
      'clearance.mounted',
      'Clearance lost by mounting',
      'Lamé, thick cylinders',
      MountedClearanceInput,
      mountedClearance,
    ),
    calculation(
      'clearance.operating',
      'Clearance at running temperatures',
      'Lamé, thick cylinders; linear expansion',
      OperatingClearanceInput,
      operatingClearance,
    ),
    calculation('rating.dynamic', 'Basic dynamic rating from the interior', 'ISO 281:2007', RatingInput, dynamicRating),
    calculation('rating.static', 'Basic static rating from the interior', 'ISO 76:2006', RatingInput, staticRating),
    calculation(
      'load.equivalent',
      'Equivalent dynamic and static load',
      'ISO 281:2007, ISO 76:2006',
      EquivalentLoadInput,
      equivalentLoad,
    ),
    calculation(
      'load.induced',
      'Axial loads in an opposed pair',
      'Textbook rule with ISO 281 factors',
      InducedLoadInput,
      inducedLoad,
    ),
    calculation(
      'load.spectrum',
      'One load and speed for a duty of steps',
      'Cumulative damage',
      LoadSpectrumInput,
      loadSpectrum,
    ),
    calculation('life.basic', 'Basic rating life', 'ISO 281:2007', BasicLifeInput, basicLife),
    calculation(
      'life.modified',
      'Rated life with film, dirt and reliability',
      'ISO 281:2007, clause 9',
      ModifiedLifeInput,
      modifiedLife,
    ),
    calculation(
      'life.system',
      'Rated life of several bearings together',
      'Survival product, slopes of ISO 281',
      SystemLifeInput,
      systemLife,
    ),
    calculation(
      'viscosity.at',
      'Viscosity of an oil at a temperature',
      'ASTM D341, ISO 2909',
      ViscosityAtInput,
      viscosityAt,
    ),
    calculation(
      'viscosity.required',
      'Viscosity a bearing needs',
      'ISO 281:2007, clause 9',
      ViscosityRequiredInput,
      (input) => ({ requiredViscosityCst: requiredViscosity(input) }),
    ),
    calculation(
      'speed.check',
      'Speed against what the type stands',
      'Guidance, no standard',
      SpeedCheckInput,
      speedCheck,
    ),
    calculation(
      'contact.pressure',
      'Pressure and footprint of one rolling element',
      'Hertz; ISO/TS 16281 for the roller’s profile',
      ContactPressureInput,
      contactPressure,
      { prepare: withoutUnused },
    ),
    calculation(
      'load.distribution',
      'How the load is shared among the rolling elements',
      'Hertz; ISO/TS 16281',
      InsideInput,
      loadDistribution,
      { prepare: withoutUnused },
    ),
    calculation(
      'life.reference',
      'Life with clearance and tilt taken in',
      'ISO/TS 16281, rollers tied to ISO 281',
      ReferenceLifeInput,
      referenceLife,
      { prepare: withoutUnused },
    ),
    calculation(
      'clearance.best',
      'Operating clearance that lasts longest',
      'ISO/TS 16281, searched',
      BestClearanceInput,
      bestClearance,
      { prepare: withoutUnused },
    ),
    calculation(
      'frequency.defects',
      'Frequencies of a damaged bearing',
      'Rolling without slip',
      DefectFrequenciesInput,
      defectFrequencies,
    ),
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
    calculation(
      'shaft.reactions',
      'Loads of a shaft on its two bearings',
      'Statics of a beam on two supports',
      ReactionsInput,
      reactions,
    ),
    calculation(
      'shaft.growth',
      'Growth of a shaft, three practices',
      'Linear expansion; trade practice',
      GrowthInput,
      growth,
    ),
    calculation(
      'shaft.float',
      'Room left to grow, and the thrust without it',
      'Springs in series; Euler column',
      FloatInput,
      float,
    ),
    calculation(
      'mount.heat',
      'Ring temperature for a hot mount',
      'Linear expansion; mounting practice',
      HeatInput,
      heat,
    ),
    calculation('mount.window', 'Time from heater to seat', 'Lumped cooling', WindowInput, transferWindow),
    calculation('mount.chill', 'Shrinking of a chilled part', 'Contraction of steel to 77 K', ChillInput, chill),
    calculation('mount.press', 'Force that presses a ring home', 'Lamé, thick cylinders', PressInput, press),
    calculation('mount.driveUp', 'Drive-up of a tapered bore', 'Mounting practice', DriveUpInput, driveUp),
    calculation(
      'grease.interval',
      'Hours between regreasings, two practices',
      'General published practice',
      IntervalInput,
      greaseInterval,
    ),
    calculation(
      'grease.quantity',
      'Grease and strokes for one regreasing',
      'General published practice',
      QuantityInput,
      greaseQuantity,
    ),
    calculation(
      'grease.fill',
      'First fill of bearing and housing',
      'General published practice',
      FillInput,
      greaseFill,
    ),
    calculation(
      'grease.compatibility',
      'Whether two greases may mix',
      'Common chart; ASTM D6185 for the test',
      CompatibilityInput,
      greaseCompatibility,
    ),
    calculation('sleeve.film', 'Oil film of a sleeve bearing', 'Raimondi and Boyd (1958); ISO 7902', FilmInput, film),
    calculation(
      'sleeve.pv',
      'Pressure and speed of a bush',
      'General catalogue practice',
      PressureVelocityInput,
      pressureVelocity,
    ),
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
      (input) => assessPosition(input, catalogue, damage),
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
