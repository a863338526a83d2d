import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { mostOf } from './compare-types.ts'
import { plainOrRolling, PlainOrRollingInput, type PlainOrRolling } from '../plain/compare.ts'

/**
 * Whether a plain bearing in the room of this one would suit the duty of its position.
 *
 * @returns null while load or speed is not known, and on a journal that the rules do not know
 */
export function plainForDuty(position: RollingPosition, { row }: Pick<ResolvedBearing, 'row'>): PlainOrRolling | null {
  const { load, grease } = position
  const speedRpm = mostOf(position, 'speedRpm')
  const { data } = PlainOrRollingInput.safeParse({
    journalDiameterMm: row.boreMm,
    lengthMm: row.widthMm,
    speedRpm,
    loadN: mostOf(position, 'radialN'),
    axialN: mostOf(position, 'axialN'),
    lubrication: grease.lubrication === 'grease' ? 'grease' : 'oil-fed',
    shock: load.running === 'shock' ? 'heavy' : 'none',
    noise: load.running === 'quiet' ? 'quiet' : 'ordinary',
    dirt: grease.contamination.endsWith('abrasive') ? 'abrasive' : grease.contamination === 'heavy' ? 'dusty' : 'clean',
    wet: grease.moisture === 'wet',
  })
  return data && data.loadN > 0 && speedRpm > 0 ? plainOrRolling(data) : null
}
