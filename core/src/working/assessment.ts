import type { BearingType } from '../bearing-types/index.ts'
import type { Check, Verdict } from './check.ts'
import type { Figure, Missing } from './figure.ts'

/**
 * A lens with nothing to complain of, but with inputs missing, is open; one whose questions nobody has begun to answer is
 * idle, and does not count.
 */
export type LensState = Verdict | 'open' | 'idle'
/** State of a whole position. */
export type PositionState = Verdict | 'open'

/** Everything one lens says about a position. */
export interface LensAssessment<Lens extends string = string> {
  lens: Lens
  /** On the bench: what matters now and at the next fitting. */
  state: LensState
  /** As the machine runs: what matters now only. */
  nowState: LensState
  /** Key of the figure that answers the question of the lens. */
  headline: string
  figures: Record<string, Figure>
  checks: Check[]
  missing: Missing[]
  /** Hazards of the step; site rules and the maker's manual come first. */
  cautions: string[]
}

/** A check with the lens that made it. */
export type Finding<Lens extends string = string> = Check & { lens: Lens }

/** The whole judgement of a position: plain data. */
export interface Assessment<Kind extends string = string, Lens extends string = string, Outcomes = unknown> {
  kind: Kind
  lenses: Record<Lens, LensAssessment<Lens>>
  /** Watch and stop: what matters now first, worst first, then in working order. */
  findings: Finding<Lens>[]
  /** Questions whose answers would change a verdict. */
  questions: Finding<Lens>[]
  /** Worst lens, as the machine runs. */
  state: PositionState
  /** Null while no bearing of the tables is on the bench. */
  bearingType: BearingType | null
  /** What each lens worked out, typed: for use, where figures are for showing. */
  outcomes: Outcomes
}

const severity: Record<LensState, number> = { idle: 0, go: 1, open: 2, watch: 3, stop: 4 }

/** Worst of some states; go when there are none, or none that count. */
export const worstOf = (states: readonly LensState[]): PositionState =>
  states.reduce<PositionState>(
    (worst, state) => (state !== 'idle' && severity[state] > severity[worst] ? state : worst),
    'go',
  )

/** Worst first, for a list of checks. */
export const bySeverity = (a: { verdict: Verdict }, b: { verdict: Verdict }): number =>
  severity[b.verdict] - severity[a.verdict]

/**
 * Puts a lens together: its state follows from its checks and from what is missing.
 *
 * @param parts.begun - whether anybody has begun to answer its questions; a lens that is not needed may wait
 */
export function assessLens<Lens extends string>({
  begun = true,
  ...parts
}: Omit<LensAssessment<Lens>, 'state' | 'nowState' | 'missing' | 'cautions'> & {
  cautions?: string[]
  begun?: boolean
}): LensAssessment<Lens> {
  const missing = missingOf(parts.figures)
  const stateOf = (checks: readonly Check[]): LensState => {
    const states: LensState[] = [
      ...checks.map(({ verdict }) => verdict),
      ...(missing.length > 0 && begun ? ['open' as const] : []),
    ]
    return states.length === 0 && !begun ? 'idle' : worstOf(states)
  }
  const counted = parts.checks.filter(({ when }) => when !== 'unknown')
  return {
    ...parts,
    state: stateOf(counted),
    nowState: stateOf(counted.filter(({ when }) => when === 'now')),
    missing,
    cautions: parts.cautions ?? [],
  }
}

/** A lens with checks of the machine as it runs that come from elsewhere than its own inputs. */
export function withChecks<Lens extends string>(
  lens: LensAssessment<Lens>,
  more: readonly Check[],
): LensAssessment<Lens> {
  if (more.length === 0) return lens
  const added = more.filter(({ when }) => when !== 'unknown').map(({ verdict }) => verdict)
  return {
    ...lens,
    state: worstOf([lens.state, ...added]),
    nowState: worstOf([lens.nowState, ...added]),
    checks: [...lens.checks, ...more],
  }
}

/** What the figures still need, each field once. */
function missingOf(figures: Record<string, Figure>): Missing[] {
  const missing: Missing[] = []
  for (const name in figures)
    for (const one of figures[name]?.missing ?? [])
      if (!missing.some(({ field }) => field === one.field)) missing.push(one)
  return missing
}

/**
 * Puts the lenses of a position together.
 *
 * @param lenses - those of the kind, in working order
 */
export function assessment<Kind extends string, Lens extends string, Outcomes>(
  kind: Kind,
  lenses: readonly Lens[],
  all: Record<Lens, LensAssessment<Lens>>,
  bearingType: BearingType | null,
  outcomes: Outcomes,
): Assessment<Kind, Lens, Outcomes> {
  const checks = lenses.flatMap((lens) => all[lens].checks.map((check): Finding<Lens> => ({ ...check, lens })))
  const [runs, fits] = (['now', 'at-fitting'] as const).map((when) =>
    checks.filter((check) => check.when === when && check.verdict !== 'go').sort(bySeverity),
  )
  return {
    kind,
    lenses: all,
    findings: [...(runs ?? []), ...(fits ?? [])],
    questions: checks.filter(({ when }) => when === 'unknown'),
    state: worstOf(lenses.map((lens) => all[lens].nowState)),
    bearingType,
    outcomes,
  }
}
