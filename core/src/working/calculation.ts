import type { z } from 'zod'
import { parseInput } from '../errors/parse-input.ts'

/** One calculation as the command line and the API offer it. */
export interface Calculation {
  name: string
  title: string
  source: string
  input: z.ZodObject
  /** Parses the input and runs; throws InputError naming the field of a refused input. */
  run: (input: unknown) => object
}

interface CalculationOptions {
  /** Takes out what the input does not use. */
  prepare?: (given: unknown) => unknown
  /** How a refused field is named, see parseInput. */
  fieldName?: 'top' | 'path'
}

/**
 * The register entry of a calculation, to stand beside its function.
 *
 * @param source - standard or practice it follows
 */
/* @__NO_SIDE_EFFECTS__ */ export function calculation<S extends z.ZodObject>(
  name: string,
  title: string,
  source: string,
  input: S,
  work: (input: z.output<S>) => object,
  { prepare = (given) => given, fieldName = 'top' }: CalculationOptions = {},
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
  const own: unknown[] = 'warnings' in answer && Array.isArray(answer.warnings) ? answer.warnings : []
  return { ...answer, warnings: [...own, ...warnings] }
}
