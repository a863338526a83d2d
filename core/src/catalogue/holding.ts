import { factsOf, hasNoInnerRing } from '../bearing-types/index.ts'
import type { ResolvedBearing } from './resolve-bearing.ts'
import type { Holding, RollingPosition } from '../kinds/rolling/position.ts'

/** A tapered bore without more is on a sleeve, an insert bearing is held by its screws, all others sit against a shoulder. */
export function usualHolding(bearing: ResolvedBearing | null): Holding {
  if (bearing && hasNoInnerRing(bearing.row)) return 'no-inner-ring'
  if (bearing?.decoded.boreShape === 'tapered') return 'adapter-sleeve'
  return bearing && factsOf(bearing.row.type).insertUnit ? 'set-screws' : 'shoulder'
}

/** How the ring is held: as entered, else as is usual for it. */
export const holdingOf = ({ mount }: RollingPosition, bearing: ResolvedBearing | null): Holding =>
  mount.holding ?? usualHolding(bearing)

/** Why a bearing cannot be held this way at all; null where it can. */
export function cannotHold(holding: Holding, { decoded, row }: ResolvedBearing): CannotHold | null {
  const tapered = decoded.boreShape === 'tapered'
  if ((holding === 'adapter-sleeve' || holding === 'withdrawal-sleeve') && !tapered) return 'parallel-bore'
  if ((holding === 'eccentric-collar' || holding === 'set-screws') && !factsOf(row.type).insertUnit) return 'no-collar'
  if (holding === 'no-inner-ring' && factsOf(row.type).innerRing(row.series) === 'stays') return 'needs-inner-ring'
  if (holding !== 'no-inner-ring' && hasNoInnerRing(row)) return 'no-inner-ring'
  return null
}
export type CannotHold = 'parallel-bore' | 'no-collar' | 'needs-inner-ring' | 'no-inner-ring'
