import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import deviations from '../../data/iso286-fundamental-deviations.json' with { type: 'json' }
import fineDeviations from '../../data/iso286-fundamental-deviations-rs.json' with { type: 'json' }
import gradesHeld from '../../data/iso286-grades-held.json' with { type: 'json' }
import tolerances from '../../data/iso286-standard-tolerances.json' with { type: 'json' }
import type { Limits } from '../tables/limits.ts'
import { InputError } from '../errors/input-error.ts'
import { cell, stepRow } from '../tables/step-table.ts'

export const Iso286LimitsInput = z.strictObject({
  nominalMm: z.number().gt(0).lte(1250).meta({ unit: 'mm', description: 'Nominal size of the seat' }),
  zone: z
    .string()
    .max(8)
    .meta({ description: 'Tolerance zone: small letters for a shaft, capitals for a housing, as k5 or JS7' }),
})
export type Iso286LimitsInput = z.infer<typeof Iso286LimitsInput>

export type { Limits } from '../tables/limits.ts'

/** A zone taken apart: letters and grade; `shaft` tells small letters from capitals. */
export interface Zone {
  letters: string
  grade: number
  shaft: boolean
}

/**
 * Reads a tolerance zone such as `k5`, `js6`, `H7`.
 *
 * @param field - name of the field to blame
 * @throws InputError when the letter or the grade is not held in the tables
 */
export function parseZone(zone: string, field = 'zone'): Zone {
  const match = /^([a-z]{1,2}|[A-Z]{1,2})(\d{1,2})$/.exec(zone)
  const letters = match?.[1]
  const held = gradesHeld.rows.find(([letter]) => letter === letters)
  if (!letters || !held) {
    throw new InputError({
      code: 'NOT_ONE_OF',
      field,
      value: zone,
      allowed: `a zone such as k5 or H7 with one of the letters ${gradesHeld.rows.map(([letter]) => letter).join(', ')}`,
      fix: 'Write small letters for a shaft, capitals for a housing.',
    })
  }
  const grade = Number(match[2])
  const [least, most] = [Number(held[1]), Number(held[2])]
  if (grade < least || grade > most) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field,
      value: zone,
      allowed: `${letters} in grades ${least} to ${most}`,
      fix: 'Choose a grade the tables hold.',
    })
  }
  return { letters, grade, shaft: letters === letters.toLowerCase() }
}

/**
 * Standard tolerance IT of a grade for a nominal size, µm.
 *
 * @param nominalMm - over 0 up to 1250
 * @param grade - 3 to 11
 * @throws InputError beyond the table
 * @see ISO 286-1:2010
 */
export function standardTolerance(nominalMm: number, grade: number, field = 'nominalMm'): number {
  const row = stepRow(tolerances.rows, nominalMm)
  const value = row && cell(tolerances, row, `IT${grade}`)
  if (value === null) throw beyondTable(field, nominalMm, 'above 0 up to 1250 mm')
  return value
}

/**
 * Limits of a shaft or housing seat in a tolerance zone.
 *
 *     shaft k, m, n, p, r, s:  +dev … +dev + IT        housing K, M, N, P, R:  ES = −dev + Δ,  EI = ES − IT
 *     Δ = IT(n) − IT(n−1) over 3 up to 500 mm, otherwise 0
 *
 * js and JS are exactly ±IT/2 also where IT is odd; the older edition rounds grades from 7 to the next even number.
 *
 * @param nominalMm - over 0 up to 1250 (j and J up to 500)
 * @throws InputError on `zone` (letter or grade not held) or `nominalMm` (beyond the table)
 * @example iso286Limits({ nominalMm: 68, zone: 'K7' }) // { lowerUm: -21, upperUm: 9 }
 * @see ISO 286-1:2010, ISO 286-2:2010
 */
export function iso286Limits({ nominalMm, zone }: Iso286LimitsInput): Limits {
  const { letters, grade, shaft } = parseZone(zone)
  const it = standardTolerance(nominalMm, grade)
  const letter = letters.toLowerCase()
  if (letter === 'h') return shaft ? { lowerUm: -it, upperUm: 0 } : { lowerUm: 0, upperUm: it }
  if (letter === 'js') return { lowerUm: -it / 2, upperUm: it / 2 }
  const deviation = fundamentalDeviation(nominalMm, letters, grade)
  if (letter === 'j')
    return shaft ? { lowerUm: deviation, upperUm: deviation + it } : { lowerUm: deviation - it, upperUm: deviation }
  if (letter === 'f' || letter === 'g')
    return shaft ? { lowerUm: -deviation - it, upperUm: -deviation } : { lowerUm: deviation, upperUm: deviation + it }
  if (shaft) return { lowerUm: deviation, upperUm: deviation + it }
  const upperUm = housingUpper(nominalMm, letters, grade, deviation, it)
  return { lowerUm: upperUm - it, upperUm }
}

function housingUpper(nominalMm: number, letters: string, grade: number, deviation: number, it: number): number {
  // The standard lists this one cell apart from its own rule.
  if (letters === 'M' && grade === 6 && nominalMm > 250 && nominalMm <= 315) return -9
  const ruleHolds = nominalMm > 3 && nominalMm <= 500 && !(letters === 'P' && grade === 8)
  const delta = ruleHolds ? it - standardTolerance(nominalMm, grade - 1) : 0
  return -deviation + delta
}

function fundamentalDeviation(nominalMm: number, letters: string, grade: number): number {
  const letter = letters.toLowerCase()
  const fine = letter === 'r' || letter === 's'
  const table = fine ? fineDeviations : deviations
  const row = stepRow<number | null>(table.rows, nominalMm)
  const value = row && cell(table, row, letter === 'j' ? `${letters}${grade}` : letter)
  if (value === null) {
    throw beyondTable(
      'nominalMm',
      nominalMm,
      letter === 'j' ? `at most 500 mm for ${letters}` : 'above 0 up to 1250 mm',
    )
  }
  return value
}

function beyondTable(field: string, value: number, allowed: string): InputError {
  return new InputError({
    code: 'OUT_OF_RANGE',
    field,
    value,
    allowed: `${allowed} (ISO 286)`,
    fix: 'Check the size and its unit; sizes beyond the standard are not extrapolated.',
  })
}

export const iso286LimitsCalculation = calculation(
  'iso286.limits',
  'Limits of a shaft or housing seat',
  'ISO 286-1:2010, ISO 286-2:2010',
  Iso286LimitsInput,
  iso286Limits,
)
