import table from '../../data/wanted-life.json' with { type: 'json' }
import type { Duty } from '../model/machine.ts'

/** Rated life recommended for a duty, hours: the one to aim at, the usual span, and the duty in words. */
export function wantedLife(duty: Duty): { wantedH: number; fromH: number; toH: number; label: string } {
  const row = table.rows.find(([name]) => name === duty)
  if (!row) throw new Error(`no wanted life for ${duty}`)
  return { fromH: Number(row[1]), toH: Number(row[2]), wantedH: Number(row[3]), label: String(row[4]) }
}
