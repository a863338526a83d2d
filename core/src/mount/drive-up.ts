import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import table from '../../data/drive-up.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { cell, stepRow } from '../tables/step-table.ts'

const driveUpClasses = ['CN', 'C3', 'C4'] as const

export const DriveUpInput = z.strictObject({
  boreMm: z.number().gt(24).lte(500).meta({ unit: 'mm', description: 'Small end of the tapered bore' }),
  taper: z.union([z.literal(12), z.literal(30)]).meta({ description: 'Taper 1 in 12 or 1 in 30' }),
  clearanceClass: z.enum(driveUpClasses).meta({ description: 'Class of radial internal clearance' }),
  initialUm: z
    .number()
    .min(0)
    .max(2000)
    .optional()
    .meta({ unit: 'µm', description: 'Clearance measured before mounting' }),
})
export type DriveUpInput = z.infer<typeof DriveUpInput>

export interface DriveUp {
  reductionMinUm: number
  reductionMaxUm: number
  axialMinMm: number
  axialMaxMm: number
  /** Least clearance that may be left. */
  residualMinUm: number
  /** With a measured clearance: where it should end, and whether it can. */
  targetMinUm?: number
  targetMaxUm?: number
  verdict?: 'ok' | 'limited' | 'insufficient'
}

/**
 * How far a spherical or toroidal roller bearing is driven up its taper.
 *
 * The loss of clearance is the master, the axial travel a check: sleeves, hollow shafts and worn tapers travel further.
 *
 * @throws InputError on `taper` (1:30 is tabled over 80 mm only) or `boreMm`
 * @example driveUp({ boreMm: 130, taper: 30, clearanceClass: 'C3', initialUm: 175 }).targetMaxUm // 110
 * @see general mounting practice
 */
export function driveUp({ boreMm, taper, clearanceClass, initialUm }: DriveUpInput): DriveUp {
  const row = stepRow(table.rows, boreMm)
  const at = (column: string) => (row ? cell(table, row, column) : null)
  const axialMinMm = at(`axial${taper}MinMm`)
  if (row && axialMinMm === null) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'taper',
      value: taper,
      allowed: '12 for bores up to 80 mm',
      fix: 'Measure the taper again: over the width the bore changes by a twelfth or a thirtieth of it.',
    })
  }
  const numbers = ['reductionMinUm', 'reductionMaxUm', `axial${taper}MaxMm`, clearanceClass].map(at)
  const [reductionMinUm, reductionMaxUm, axialMaxMm, residualMinUm] = numbers
  if (
    axialMinMm === null ||
    reductionMinUm == null ||
    reductionMaxUm == null ||
    axialMaxMm == null ||
    residualMinUm == null
  )
    throw new Error(`drive-up table has no row for ${boreMm} mm`)
  const result: DriveUp = { reductionMinUm, reductionMaxUm, axialMinMm, axialMaxMm, residualMinUm }
  if (initialUm === undefined) return result
  const verdict =
    initialUm - reductionMaxUm >= residualMinUm
      ? 'ok'
      : initialUm - reductionMinUm >= residualMinUm
        ? 'limited'
        : 'insufficient'
  return {
    ...result,
    targetMinUm: Math.max(residualMinUm, initialUm - reductionMaxUm),
    targetMaxUm: initialUm - reductionMinUm,
    verdict,
  }
}

export const driveUpCalculation = calculation(
  'mount.driveUp',
  'Drive-up of a tapered bore',
  'Mounting practice',
  DriveUpInput,
  driveUp,
)
