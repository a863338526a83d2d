import type { DriftPractice } from '../model/site-practices.ts'
import type { MountOutcome } from './work-out.ts'

/** How a ring is pushed, struck, pulled and cleaned: what is right, and what ruins a bearing before it has turned. */
export const handlingKeys = [
  'tube-on-inner', 'tube-on-outer', 'plate-on-both', 'through-elements', 'steel-drift', 'brass-drift', 'hard-drift',
  'hammer-on-ring', 'pull-inner', 'pull-outer', 'pull-through', 'press-on-closure', 'flame', 'air-spin', 'clean-bench',
] as const // prettier-ignore
export type HandlingKey = (typeof handlingKeys)[number]

/** Where in the work it is asked for. */
export type HandlingStage = 'take-off' | 'mount' | 'came-out'

/** What is known of the seats and the closure when it is done. */
export interface Handled {
  /** Tight on the shaft, in the housing. */
  innerTight: boolean
  outerTight: boolean
  /** Sealed or shielded. */
  closed: boolean
  drift: DriftPractice
}

/** Both ways to drive a ring, the one that leads first. */
export const drifts: Record<DriftPractice, readonly HandlingKey[]> = {
  'mild-steel': ['steel-drift', 'brass-drift'],
  brass: ['brass-drift', 'steel-drift'],
}

const pushed = ({ innerTight, outerTight }: Handled): HandlingKey =>
  innerTight && outerTight ? 'plate-on-both' : outerTight ? 'tube-on-outer' : 'tube-on-inner'

/**
 * What to draw beside a step: first what is right here, then what must not be done.
 *
 * @param struck - whether anything is pressed or tapped; heated rings, and those driven up a taper, are not
 */
export function handlingAt(stage: HandlingStage, how: Handled, struck: boolean): HandlingKey[] {
  const closure: HandlingKey[] = how.closed ? ['press-on-closure'] : []
  switch (stage) {
    case 'take-off':
      return [
        how.outerTight && !how.innerTight ? 'pull-outer' : 'pull-inner',
        'pull-through',
        'hammer-on-ring',
        'flame',
      ]
    case 'mount':
      return struck
        ? [pushed(how), 'through-elements', ...drifts[how.drift], 'hard-drift', 'hammer-on-ring', ...closure]
        : ['hammer-on-ring', 'through-elements', 'flame', ...closure]
    case 'came-out':
      return ['air-spin', 'clean-bench']
    default:
      return stage satisfies never
  }
}

/** The same for a position, as Mount has worked it out. */
export function handlingFor(
  stage: HandlingStage,
  { bearing, force, way, tightestHousingUm }: MountOutcome,
  drift: DriftPractice | null | undefined,
): HandlingKey[] {
  const closure = bearing?.decoded.closure ?? 'open'
  const how = {
    innerTight: (force?.pressN ?? null) !== null,
    outerTight: (tightestHousingUm ?? 0) > 0,
    closed: closure !== 'open',
    drift: drift ?? 'mild-steel',
  }
  return handlingAt(stage, how, way === 'pressed' || way === 'by-hand')
}

/** What was done wrong where a cause lies in the handling; nothing for any other. */
const ofCause: Readonly<Record<string, readonly HandlingKey[]>> = {
  'mounting-blow': ['tube-on-inner', 'through-elements', 'hammer-on-ring', 'pull-through'],
  'static-shock': ['pull-through', 'through-elements'],
  'cage-damaged-handling': ['tube-on-inner', 'press-on-closure', 'pull-through', 'air-spin'],
  'tool-marks': ['steel-drift', 'brass-drift', 'hard-drift', 'hammer-on-ring'],
  'debris-at-mounting': ['clean-bench', 'steel-drift', 'brass-drift', 'air-spin'],
  'overheated-mounting': ['flame'],
}
export const handlingOfCause = (cause: string): readonly HandlingKey[] => ofCause[cause] ?? []
