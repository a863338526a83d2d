import limits from '../../data/speed-limits.json' with { type: 'json' }
import type { BearingType, Closure } from '../model/bearing-type.ts'

/** Rubbing seals stand no more, mm/min; those of needle and insert bearings are slower already. */
const rubbingLimit = 300_000

/** Limit of pitch diameter times speed for a type, mm/min. Guidance; a maker's limit overrides it. */
export function speedLimit(type: BearingType, lubrication: 'grease' | 'oil-bath', closure: Closure = 'open'): number {
  const row = limits.rows.find(([name]) => name === type)
  if (!row) throw new Error(`no speed limit for ${type}`)
  const ofType = Number(row[limits.columns.indexOf(lubrication)])
  return closure === 'contact-seal' ? Math.min(ofType, rubbingLimit) : ofType
}
