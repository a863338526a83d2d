import type { BearingType } from '../model/bearing-type.ts'
import type { Figure, Missing } from './figure.ts'

/** Lenses in the order the work is done. */
export const lenses = ['identify', 'carry', 'seat', 'float', 'mount', 'grease', 'diagnose'] as const
export type Lens = (typeof lenses)[number]

export const verdicts = ['go', 'watch', 'stop'] as const
export type Verdict = (typeof verdicts)[number]
/**
 * A lens with nothing to complain of, but with inputs missing, is open; one whose questions nobody has begun to answer is
 * idle, and does not count.
 */
export type LensState = Verdict | 'open' | 'idle'
/** State of a whole position. */
export type PositionState = Verdict | 'open'

/** A judgement: what was found and what to do about it. */
export interface Check {
  key: string
  verdict: Verdict
  /** One sentence. */
  reason: string
  /** Way out; for `go`, what to keep doing. */
  wayOut: string
  /** Input to go to. */
  field?: string
}

/** Everything one lens says about a position. */
export interface LensAssessment {
  lens: Lens
  state: LensState
  /** Key of the figure that answers the question of the lens. */
  headline: string
  figures: Record<string, Figure>
  checks: Check[]
  missing: Missing[]
  /** Hazards of the step; site rules and the maker's manual come first. */
  cautions: string[]
}

/** The whole judgement of a position: plain data. */
export interface Assessment {
  lenses: Record<Lens, LensAssessment>
  /** Watch and stop, worst first, then in working order. */
  findings: (Check & { lens: Lens })[]
  /** Worst lens. */
  state: PositionState
  /** Null while no bearing of the tables is on the bench. */
  bearingType: BearingType | null
}

const severity: Record<LensState, number> = { idle: 0, go: 1, open: 2, watch: 3, stop: 4 }

/** Worst of some states; go when there are none, or none that count. */
export const worstOf = (states: readonly LensState[]): PositionState =>
  states.reduce<PositionState>(
    (worst, state) => (state !== 'idle' && severity[state] > severity[worst] ? state : worst),
    'go',
  )

/**
 * Puts a lens together: its state follows from its checks and from what is missing.
 *
 * @param parts.begun - whether anybody has begun to answer its questions; a lens that is not needed may wait
 */
export function assessLens({
  begun = true,
  ...parts
}: Omit<LensAssessment, 'state' | 'missing' | 'cautions'> & { cautions?: string[]; begun?: boolean }): LensAssessment {
  const missing = missingOf(parts.figures)
  const states: LensState[] = [
    ...parts.checks.map(({ verdict }) => verdict),
    ...(missing.length > 0 && begun ? ['open' as const] : []),
  ]
  const state = states.length === 0 && !begun ? 'idle' : worstOf(states)
  return { ...parts, state, missing, cautions: parts.cautions ?? [] }
}

/** A lens with checks that come from elsewhere than its own inputs. */
export function withChecks(lens: LensAssessment, more: readonly Check[]): LensAssessment {
  if (more.length === 0) return lens
  const state = worstOf([lens.state, ...more.map(({ verdict }) => verdict)])
  return { ...lens, state, checks: [...lens.checks, ...more] }
}

/** What the figures still need, each field once. */
function missingOf(figures: Record<string, Figure>): Missing[] {
  const missing: Missing[] = []
  for (const name in figures)
    for (const one of figures[name]?.missing ?? [])
      if (!missing.some(({ field }) => field === one.field)) missing.push(one)
  return missing
}

/** Puts the lenses of a position together. */
export function assessment(all: Record<Lens, LensAssessment>, bearingType: BearingType | null): Assessment {
  const findings = lenses
    .flatMap((lens) => all[lens].checks.map((check) => ({ ...check, lens })))
    .filter(({ verdict }) => verdict !== 'go')
    .sort((a, b) => severity[b.verdict] - severity[a.verdict])
  return { lenses: all, findings, state: worstOf(lenses.map((lens) => all[lens].state)), bearingType }
}
