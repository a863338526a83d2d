import type { z } from 'zod'
import type { Catalogue } from './catalogue/catalogue.ts'
import { DecodeInput, decodeDesignation } from './catalogue/decode-designation.ts'
import { dynamicRating } from './catalogue/dynamic-rating.ts'
import { initialClearance, InitialClearanceInput } from './catalogue/initial-clearance.ts'
import { RatingInput } from './catalogue/interior.ts'
import { estimateByDesignation } from './catalogue/resolve-bearing.ts'
import { staticRating } from './catalogue/static-rating.ts'
import { basicLife, BasicLifeInput } from './carry/basic-life.ts'
import { equivalentLoad, EquivalentLoadInput } from './carry/equivalent-load.ts'
import { InputError } from './errors/input-error.ts'
import { parseInput } from './errors/parse-input.ts'
import { driveUp, DriveUpInput } from './mount/drive-up.ts'
import { heat, HeatInput } from './mount/heat.ts'
import { fitRecommend, FitRecommendInput } from './seat/fit-recommend.ts'
import { fitResult, FitResultInput } from './seat/fit-result.ts'
import { iso286Limits, Iso286LimitsInput } from './seat/iso286-limits.ts'
import { ringLimits, RingLimitsInput } from './seat/ring-limits.ts'

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
): Calculation {
  return { name, title, source, input, run: (given) => work(parseInput(input, given)) }
}

/** The register: every calculation by its name. The catalogue is what numbers are looked up in. */
export function createCalculations(catalogue: Catalogue): ReadonlyMap<string, Calculation> {
  const all = [
    calculation('designation.decode', 'What a designation says', 'ISO 15, ISO 355, ISO 104; common suffixes', DecodeInput, ({ designation }) => decodeDesignation(designation, catalogue)),
    calculation('catalogue.estimate', 'Interior, ratings and mass of a size, estimated', 'ISO 281, ISO 76 with estimated geometry', DecodeInput, ({ designation }) => estimateByDesignation(designation, catalogue)),
    calculation('iso286.limits', 'Limits of a shaft or housing seat', 'ISO 286-1:2010, ISO 286-2:2010', Iso286LimitsInput, iso286Limits),
    calculation('ring.limits', 'Limits of a bearing bore or outside diameter', 'ISO 492, ISO 199, ISO 578 practice', RingLimitsInput, ringLimits),
    calculation('fit.result', 'Tightest, loosest and probable fit', 'ISO 286-1, ISO 492', FitResultInput, fitResult),
    calculation('fit.recommend', 'Recommended seat for a ring', 'Handbook practice; ISO 286, ISO 492', FitRecommendInput, fitRecommend),
    calculation('clearance.initial', 'Radial clearance in the box', 'ISO 5753-1', InitialClearanceInput, initialClearance),
    calculation('rating.dynamic', 'Basic dynamic rating from the interior', 'ISO 281:2007', RatingInput, dynamicRating),
    calculation('rating.static', 'Basic static rating from the interior', 'ISO 76:2006', RatingInput, staticRating),
    calculation('load.equivalent', 'Equivalent dynamic and static load', 'ISO 281:2007, ISO 76:2006', EquivalentLoadInput, equivalentLoad),
    calculation('life.basic', 'Basic rating life', 'ISO 281:2007', BasicLifeInput, basicLife),
    calculation('mount.heat', 'Ring temperature for a hot mount', 'Linear expansion; mounting practice', HeatInput, heat),
    calculation('mount.driveUp', 'Drive-up of a tapered bore', 'Mounting practice', DriveUpInput, driveUp),
  ] // prettier-ignore
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
