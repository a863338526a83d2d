import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { ringOfSeat, Seat, seatLimitsOf } from './fit-result.ts'
import { parseZone, standardTolerance } from './iso286-limits.ts'

const deviation = (description: string) => z.number().min(-5000).max(5000).optional().meta({ unit: 'µm', description })

export const GaugeInput = z.strictObject({
  seat: Seat,
  nominalMm: z.number().gt(0).lte(1250).meta({ unit: 'mm', description: 'Nominal size' }),
  readingsMm: z
    .array(z.array(z.number()).min(2).max(100))
    .min(1)
    .max(100)
    .meta({ unit: 'mm', description: 'Readings plane by plane, each plane at least two directions, in one order' }),
  zone: z.string().max(8).optional().meta({ description: 'Tolerance zone of the seat; or give its limits' }),
  seatLowerUm: deviation('Lower deviation of the seat'),
  seatUpperUm: deviation('Upper deviation of the seat'),
  ringMeanDeviationUm: z
    .number()
    .min(-1000)
    .max(1000)
    .optional()
    .meta({ unit: 'µm', description: 'Measured mean deviation of this ring; else the middle of its limits' }),
})
export type GaugeInput = z.infer<typeof GaugeInput>

export interface Gauging {
  meanMm: number
  ovalityUm: number
  taperUm: number
  withinZone: boolean
  interferenceUm: number
  formLimitUm: number
  verdict: 'accept' | 'watch' | 'reject'
  warnings: string[]
}

/** Slack of every comparison, µm: below anything a gauge tells apart. */
const slackUm = 0.01

/**
 * Judges a gauged seat: its mean, its form, and the fit it gives with a ring.
 *
 * Accept: every reading in the zone and form within t. Reject: the mean outside, a reading outside by more than the guard
 * (a tenth of the zone, at least 1 µm), or form beyond 2t. Between: watch. t is half the standard tolerance that the grade
 * calls for: read strictly it limits the difference of diameters, on a drawing the radial form.
 *
 * @param formGrade - grade whose half tolerance limits the form, where the seat is no ordinary one
 * @returns mean in mm; ovality, taper, fit and form limit in µm, tight positive
 * @throws InputError on `zone` (missing, other seat), `readingsMm` (a reading over 1 mm off), `seatUpperUm`, `nominalMm`
 * @example gauge({ seat: 'shaft', nominalMm: 85, zone: 'k6', readingsMm: [[85.010, 85.014, 85.012], [85.011, 85.013, 85.012]] })
 * @see ISO 14405-1 (two-point size), ISO 1101 (form)
 */
export function gauge(input: GaugeInput, formGrade = formGradeOf(input)): Gauging {
  const { seat, nominalMm, readingsMm, zone } = input
  const limits = seatLimitsOf(input)
  const far = readingsMm.flat().find((reading) => Math.abs(reading - nominalMm) > 1)
  if (far !== undefined) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'readingsMm',
      value: far,
      allowed: `within 1 mm of nominal (${nominalMm} mm)`,
      fix: 'A digit or the unit slipped; read again.',
    })
  }
  const planeMeans = readingsMm.map((plane) => plane.reduce((sum, reading) => sum + reading, 0) / plane.length)
  const meanMm = planeMeans.reduce((sum, mean) => sum + mean, 0) / planeMeans.length
  const spread = (values: readonly number[]) => 1000 * (Math.max(...values) - Math.min(...values))
  const ovalityUm = Math.max(...readingsMm.map(spread))
  const taperUm = spread(planeMeans)
  /** How far outside the zone a size lies, µm; not above 0 inside. */
  const outside = (sizeMm: number) => {
    const actual = 1000 * (sizeMm - nominalMm)
    return Math.max(limits.lowerUm - actual, actual - limits.upperUm)
  }
  const worst = Math.max(...readingsMm.flat().map(outside))
  const withinZone = worst <= slackUm
  const formLimitUm = standardTolerance(nominalMm, formGrade) / 2
  const guard = Math.max(1, 0.1 * (limits.upperUm - limits.lowerUm))
  const form = Math.max(ovalityUm, taperUm)
  const verdict =
    outside(meanMm) > slackUm || worst > guard + slackUm || form > 2 * formLimitUm + slackUm
      ? 'reject'
      : withinZone && form <= formLimitUm + slackUm
        ? 'accept'
        : 'watch'
  const ring = input.ringMeanDeviationUm ?? middleOfRing(input)
  const actual = 1000 * (meanMm - nominalMm)
  return {
    meanMm,
    ovalityUm,
    taperUm,
    withinZone,
    interferenceUm: seat === 'shaft' ? actual - ring : ring - actual,
    formLimitUm,
    verdict,
    warnings: warningsFor(readingsMm, zone),
  }
}

/** Grade whose half tolerance limits the form: coarse for sleeve seats, fine for precise ones. */
function formGradeOf({ seat, zone }: GaugeInput): number {
  if (zone === undefined) return 5
  const { grade } = parseZone(zone)
  if (grade >= 10) return 7
  return (seat === 'shaft' ? grade <= 4 : grade <= 5) ? 3 : 5
}

function middleOfRing({ seat, nominalMm }: GaugeInput): number {
  const { lowerUm, upperUm } = ringOfSeat({ seat, nominalMm })
  return (lowerUm + upperUm) / 2
}

function warningsFor(readingsMm: number[][], zone: string | undefined): string[] {
  const warnings: string[] = []
  if (readingsMm.length < 2) warnings.push('One plane tells nothing of taper: gauge two, three on a wide or worn seat.')
  if (readingsMm.some((plane) => plane.length < 3)) warnings.push('Three directions are the least, four are better.')
  if (zone === undefined) warnings.push('Without a zone the form limit of ordinary seats is taken.')
  return warnings
}

export const gaugeCalculation = calculation(
  'fit.gauge',
  'Verdict on a gauged seat',
  'ISO 14405-1, ISO 1101, ISO 286',
  GaugeInput,
  gauge,
)
