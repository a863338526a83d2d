import factorTable from '../../../data/grease-factors.json' with { type: 'json' }
import { InputError } from '../../errors/input-error.ts'
import type { IntervalGiven } from '../interval.schema.ts'

/** What a practice makes of one case: hours under good conditions, and the factors on them. */
export interface Worked {
  baseH: number
  product: number
  factors: Record<string, number>
}

/** Factors of the place it stands in, by the column of a practice. */
export function conditions(input: IntervalGiven, practice: 'formula' | 'speedFactor') {
  const column = factorTable.columns.indexOf(practice)
  const factor = (name: 'contamination' | 'moisture' | 'vibration' | 'orientation') => {
    const row = factorTable.rows.find(([key, value]) => key === name && value === input[name])
    if (!row) throw new Error(`no grease factor for ${name} ${input[name]}`)
    return Number(row[column])
  }
  return {
    contamination: factor('contamination'),
    moisture: factor('moisture'),
    vibration: factor('vibration'),
    orientation: factor('orientation'),
  }
}

export function refuse(field: string, value: unknown, allowed: string, fix: string): InputError {
  return new InputError({ code: value === undefined ? 'MISSING' : 'OUT_OF_RANGE', field, value, allowed, fix })
}
