import table from '../../data/static-safety.json' with { type: 'json' }
import { isBall, type BearingType } from '../bearing-types/index.ts'

/** Recommended least static safety C0/P0 for the way the bearing runs. @see ISO 76:2006 */
export function wantedStaticSafety(type: BearingType, running: string): number {
  const row = table.rows.find(([name]) => name === running)
  if (!row) throw new Error(`no static safety for ${running}`)
  return Number(isBall(type) ? row[1] : row[2])
}
