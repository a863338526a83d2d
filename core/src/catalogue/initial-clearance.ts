import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import clearance from '../../data/iso5753-clearance.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { factsOf, BearingType, ClearanceClass } from '../bearing-types/index.ts'
import { stepRow } from '../tables/step-table.ts'

export const BoreShape = z.enum(['cylindrical', 'tapered']).meta({ description: 'Shape of the bore' })
export type BoreShape = z.infer<typeof BoreShape>

export const InitialClearanceInput = z.strictObject({
  bearingType: BearingType,
  boreMm: z.number().gt(0).meta({ unit: 'mm', description: 'Bore' }),
  boreShape: BoreShape.default('cylindrical'),
  clearanceClass: ClearanceClass.default('CN'),
})
export type InitialClearanceInput = z.input<typeof InitialClearanceInput>

/** Smallest and largest radial clearance of the class, µm. */
export interface InitialClearance {
  minUm: number
  maxUm: number
}

type Rows = (number | null)[][]
const tables: Record<string, unknown> = clearance
const tableNamed = (name: string): Rows => tables[name] as Rows

/**
 * Radial internal clearance of a bearing as it comes from the box, unmounted and unloaded, µm.
 *
 * @throws InputError on `bearingType` (clearance set on mounting, or only in the maker's table), `boreShape` or
 *   `clearanceClass` (not in the standard for the type), `boreMm` (beyond the table)
 * @example initialClearance({ bearingType: 'deep-groove-ball', boreMm: 45, clearanceClass: 'C3' }) // { minUm: 18, maxUm: 36 }
 * @see ISO 5753-1
 */
export function initialClearance(input: InitialClearanceInput): InitialClearance {
  const { bearingType, boreMm, boreShape = 'cylindrical', clearanceClass = 'CN' } = input
  const rows = rowsFor(bearingType, boreShape)
  const { includesLowest: includeLowest, absentClass } = factsOf(bearingType).boxClearance
  const row = stepRow(rows, boreMm, { includeLowest })
  if (!row) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'boreMm',
      value: boreMm,
      allowed: `${includeLowest ? 'from' : 'over'} ${Number(rows[0]?.[0])} up to ${Number(rows.at(-1)?.[1])} mm for ${bearingType}, ${boreShape} bore (ISO 5753-1)`,
      fix: 'Check the bore and its unit, or use the clearance the maker states.',
    })
  }
  const column = clearance.columns.indexOf(`${clearanceClass}min`)
  const minUm = row[column]
  const maxUm = row[column + 1]
  const absent = column < 0 || clearanceClass === absentClass
  if (absent || typeof minUm !== 'number' || typeof maxUm !== 'number') {
    throw new InputError({
      code: 'NOT_ONE_OF',
      field: 'clearanceClass',
      value: clearanceClass,
      allowed: `a class the standard has for ${bearingType} of this bore (ISO 5753-1)`,
      fix: 'Look at the suffix again, or use the clearance the maker states.',
    })
  }
  return { minUm, maxUm }
}

function rowsFor(type: BearingType, shape: BoreShape): Rows {
  const { boxClearance, adjusted } = factsOf(type)
  if (!boxClearance.cylindrical) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'bearingType',
      value: type,
      allowed: adjusted
        ? 'a type with its clearance in the box; here end play or preload is set on mounting'
        : 'a type in the tables of ISO 5753-1; its clearance is in the maker’s table',
      fix: adjusted
        ? 'Set the end play or preload with nut, shims or spacers and a dial gauge.'
        : 'Use the clearance the maker states.',
    })
  }
  const name = boxClearance[shape]
  if (!name) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'boreShape',
      value: shape,
      allowed: `cylindrical for ${type}`,
      fix: 'Tapered bores are tabled for self-aligning ball and spherical roller bearings.',
    })
  }
  return tableNamed(name)
}

export const initialClearanceCalculation = calculation(
  'clearance.initial',
  'Radial clearance in the box',
  'ISO 5753-1',
  InitialClearanceInput,
  initialClearance,
)
