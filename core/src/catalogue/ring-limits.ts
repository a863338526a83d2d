import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import inchBore from '../../data/inch-tapered-bore.json' with { type: 'json' }
import inchOutside from '../../data/inch-tapered-outside.json' with { type: 'json' }
import insertBore from '../../data/insert-bore.json' with { type: 'json' }
import thrustOutside from '../../data/iso199-thrust-outside.json' with { type: 'json' }
import radialBore from '../../data/iso492-radial-bore.json' with { type: 'json' }
import radialOutside from '../../data/iso492-radial-outside.json' with { type: 'json' }
import taperedBore from '../../data/iso492-tapered-bore.json' with { type: 'json' }
import taperedOutside from '../../data/iso492-tapered-outside.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { factsOf, BearingType } from '../bearing-types/index.ts'
import { cell, stepRow, type TableData } from '../tables/step-table.ts'
import type { Limits } from '../tables/limits.ts'

export const metricClasses = ['normal', 'P6', 'P5', 'P4'] as const
export const inchClasses = ['4', '2', '3', '0', '00'] as const
export const BearingSystem = z.enum(['metric', 'inch-tapered']).meta({ description: 'System of the bearing' })
export const ToleranceClass = z
  .enum([...metricClasses, ...inchClasses])
  .meta({ description: 'Tolerance class of the bearing: normal, P6, P5, P4; inch tapered 4, 2, 3, 0, 00' })
export type ToleranceClass = z.infer<typeof ToleranceClass>

export const RingLimitsInput = z.strictObject({
  ring: z.enum(['inner', 'outer']).meta({ description: 'Ring' }),
  diameterMm: z
    .number()
    .gt(0)
    .meta({ unit: 'mm', description: 'Nominal bore of the inner ring or outside diameter of the outer' }),
  system: BearingSystem.default('metric'),
  toleranceClass: ToleranceClass.optional(),
  bearingType: BearingType.optional(),
})
export type RingLimitsInput = z.input<typeof RingLimitsInput>

/** Which side of nominal the whole tolerance lies on. */
type Sense = 'minus' | 'plus'

/** The exact inch steps are compared with this slack, so that 76.2 read from 3 in still lies in its step. */
const inchSlackMm = 1e-9

/**
 * Deviation of the mean bore or mean outside diameter of a ring from nominal, µm.
 *
 * Metric rings lie at or below nominal; insert bores and inch tapered rings at or above it.
 *
 * @throws InputError on `toleranceClass` (of the other system, or not made for the type), `bearingType`
 *   (inch system is tapered only) or `diameterMm` (beyond the table)
 * @example ringLimits({ ring: 'inner', diameterMm: 65 }) // { lowerUm: -15, upperUm: 0 }
 * @see ISO 492 (radial and tapered), ISO 199 (thrust), ISO 578 practice (inch tapered)
 */
export function ringLimits({
  ring,
  diameterMm,
  system = 'metric',
  toleranceClass,
  bearingType,
}: RingLimitsInput): Limits {
  const inch = system === 'inch-tapered'
  if (inch && bearingType && !factsOf(bearingType).inchSystem) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'bearingType',
      value: bearingType,
      allowed: 'tapered-roller in the inch-tapered system',
      fix: 'Set the system to metric for this type.',
    })
  }
  const chosen = toleranceClass ?? (inch ? '4' : 'normal')
  const { table, sense, includeLowest } = inch
    ? { table: ring === 'inner' ? inchBore : inchOutside, sense: 'plus' as Sense, includeLowest: false }
    : metricTable(ring, bearingType)
  if (!table.columns.includes(chosen)) throw classRefused(chosen, table, bearingType)
  const row = stepRow(table.rows, diameterMm, { slackMm: inch ? inchSlackMm : 0, includeLowest })
  const limit = row && cell(table, row, chosen)
  if (limit === null) throw diameterRefused(diameterMm, chosen, table)
  return sense === 'plus' ? { lowerUm: 0, upperUm: limit } : { lowerUm: limit, upperUm: 0 }
}

function metricTable(
  ring: 'inner' | 'outer',
  type: BearingType | undefined,
): { table: TableData; sense: Sense; includeLowest: boolean } {
  const tables = type ? factsOf(type).ringTables : 'radial'
  const inner = ring === 'inner'
  const minus = (table: TableData) => ({ table, sense: 'minus' as const, includeLowest: true })
  switch (tables) {
    case 'insert':
      return inner ? { table: insertBore, sense: 'plus', includeLowest: true } : minus(radialOutside)
    case 'washers':
      // ISO 199 gives the shaft washer the bore of a normal radial ring, up to 500 mm.
      return minus(inner ? onlyNormalUpTo(radialBore, 500) : thrustOutside)
    case 'tapered':
      return minus(inner ? taperedBore : taperedOutside)
    case 'radial':
      return minus(inner ? radialBore : radialOutside)
    default:
      return tables satisfies never
  }
}

function onlyNormalUpTo(table: TableData, largestMm: number): TableData {
  const rows = table.rows.filter((row) => Number(row[1]) <= largestMm).map((row) => row.slice(0, 3))
  return { source: table.source, columns: ['overMm', 'upToMm', 'normal'], rows }
}

function classRefused(chosen: string, table: TableData, type: BearingType | undefined): InputError {
  const classes = table.columns.slice(2).join(', ')
  return new InputError({
    code: 'NOT_ONE_OF',
    field: 'toleranceClass',
    value: chosen,
    allowed: `one of ${classes}${type ? ` for ${type}` : ''}`,
    fix: 'Metric bearings take normal, P6, P5, P4; inch tapered 4, 2, 3, 0, 00.',
  })
}

function diameterRefused(diameterMm: number, chosen: string, table: TableData): InputError {
  const column = table.columns.indexOf(chosen)
  const held = table.rows.filter((row) => row[column] !== null)
  return new InputError({
    code: 'OUT_OF_RANGE',
    field: 'diameterMm',
    value: diameterMm,
    allowed: `from ${Number(held[0]?.[0])} to ${Number(held.at(-1)?.[1])} mm in class ${chosen} (${table.source.replace(/:.*/, '')})`,
    fix: 'Check the size and its unit, or use the tolerance the maker states.',
  })
}

export const ringLimitsCalculation = calculation(
  'ring.limits',
  'Limits of a bearing bore or outside diameter',
  'ISO 492, ISO 199, ISO 578 practice',
  RingLimitsInput,
  ringLimits,
)
