import type { UpgradeStep } from './document.ts'

/** Schema 2: a position has a kind; what was stored before was a rolling bearing. */
const withKind: UpgradeStep = (document) => ({ ...document, kind: document['kind'] ?? 'rolling' })

/**
 * Schema 3: cone and cup of an inch tapered bearing say each how they stand. Before, one word held for both, and floating was
 * said of the ring that the load stands on.
 */
const withConeAndCup: UpgradeStep = (document) => {
  const { adjust, ...seat } = (document['seat'] ?? {}) as Record<string, unknown>
  if (adjust === undefined) return { ...document }
  const coneStands = seat['loadCase'] === 'outer-turns' || seat['loadCase'] === 'load-turns'
  const adjustOf = (stands: boolean) => (adjust === 'floating' && !stands ? 'non-adjustable' : adjust)
  return { ...document, seat: { ...seat, coneAdjust: adjustOf(coneStands), cupAdjust: adjustOf(!coneStands) } }
}

export const positionSteps: readonly UpgradeStep[] = [withKind, withConeAndCup]
export const positionSchema = 3
