import { usualHolding, type Holding, type RollingPosition, type ResolvedBearing } from '@yardfrost/core'

/** How a ring is drawn held: as it is stated, else as its kind usually is; null for a shoulder that nobody has stated. */
export function drawnHolding({ mount }: Pick<RollingPosition, 'mount'>, bearing: ResolvedBearing): Holding | null {
  if (mount.holding !== null) return mount.holding
  const usual = usualHolding(bearing)
  return usual === 'shoulder' ? null : usual
}
