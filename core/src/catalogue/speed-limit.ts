import limits from '../../data/speed-limits.json' with { type: 'json' }
import type { BearingType } from '../model/bearing-type.ts'

/** Limit of pitch diameter times speed for a type, mm/min. Guidance; a maker's limit overrides it. */
export function speedLimit(type: BearingType, lubrication: 'grease' | 'oil-bath'): number {
  const row = limits.rows.find(([name]) => name === type)
  if (!row) throw new Error(`no speed limit for ${type}`)
  return Number(row[limits.columns.indexOf(lubrication)])
}
