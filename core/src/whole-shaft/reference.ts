import { systemLife } from '../carry/system-life.ts'
import type { Catalogue } from '../catalogue/catalogue.ts'
import { attempt } from '../errors/input-error.ts'
import { lifeShareOf } from '../float/life-share.ts'
import { assessRolling } from '../kinds/rolling/assess.ts'
import type { Machine } from '../model/machine.ts'
import { assessLine } from '../shaftline/assess-line.ts'
import { onShaft, type ShaftLife, type WholeShaft } from './life.ts'

/**
 * Life of all bearings of a shaft together with clearance, load zone and tilt as they run.
 *
 * Each rated life is taken times what its inside leaves of ISO 281; one whose inside is not known keeps its rated life.
 *
 * @returns null while fewer than two have a life, or none of them a known inside
 * @see ISO/TS 16281; life.system for the sum
 */
export function referenceSystemH({ line, positions, machine }: WholeShaft, { lives }: ShaftLife, catalogue: Catalogue): number | null {
  const designations = new Map(positions.map(({ name, inputs }) => [name, inputs.bearing.designation]))
  const slopes = attempt(() => assessLine(line, designations, catalogue)).value?.bending?.supportDeg ?? []
  const all = lives.flatMap(({ position, type, lifeH }, index) => {
    if (type === null || lifeH === null || lifeH <= 0) return []
    const inputs = positions.find(({ name }) => name === position)?.inputs
    const here: Machine = { ...machine, shaft: line, position }
    const share = inputs ? shareOf(onShaft(inputs), here, 60 * (slopes[index] ?? 0), catalogue) : null
    return [{ type, share, lifeH: Math.min(lifeH * (share ?? 1), longestH) }]
  })
  if (all.length < 2 || all.every(({ share }) => share === null)) return null
  return systemLife({ livesH: all.map(({ lifeH }) => lifeH), bearingTypes: all.map(({ type }) => type) }).systemH
} // prettier-ignore

/** No life is longer to the sum. */
const longestH = 1e12

/** What clearance and tilt leave of the life by ISO 281; null where the inside or the clearance is not known. */
function shareOf(
  inputs: ReturnType<typeof onShaft>,
  machine: Machine,
  tiltArcmin: number,
  catalogue: Catalogue,
): number | null {
  const { carry, float } = assessRolling(inputs, machine, catalogue).outcomes
  const clearanceUm = float.clearance?.span.probable
  if (!carry.bearing || clearanceUm === undefined) return null
  const rotatingRing = inputs.seat.loadCase === 'outer-turns' ? 'outer' : 'inner'
  return lifeShareOf(carry.bearing, carry, { tiltArcmin, rotatingRing })(clearanceUm)
}
