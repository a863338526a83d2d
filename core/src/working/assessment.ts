import type { Figure, Missing } from './figure.ts'

/** Lenses in the order the work is done. */
export const lenses = ['identify', 'carry', 'seat', 'mount'] as const
export type Lens = (typeof lenses)[number]

export const verdicts = ['go', 'watch', 'stop'] as const
export type Verdict = (typeof verdicts)[number]
/** A lens with nothing to complain of, but with inputs missing, is open. */
export type LensState = Verdict | 'open'

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
  state: LensState
}

const severity: Record<LensState, number> = { go: 0, open: 1, watch: 2, stop: 3 }

export const worstOf = (states: readonly LensState[]): LensState =>
  states.reduce<LensState>((worst, state) => (severity[state] > severity[worst] ? state : worst), 'go')

/** Puts a lens together: its state follows from its checks and from what is missing. */
export function assessLens(
  parts: Omit<LensAssessment, 'state' | 'missing' | 'cautions'> & { cautions?: string[] },
): LensAssessment {
  const missing = uniqueMissing(Object.values(parts.figures).flatMap((figure) => figure.missing ?? []))
  const states: LensState[] = [
    ...parts.checks.map(({ verdict }) => verdict),
    ...(missing.length > 0 ? ['open' as const] : []),
  ]
  return { ...parts, state: worstOf(states), missing, cautions: parts.cautions ?? [] }
}

function uniqueMissing(all: Missing[]): Missing[] {
  return [...new Map(all.map((one) => [one.field, one])).values()]
}

/** Puts the lenses of a position together. */
export function assessment(all: Record<Lens, LensAssessment>): Assessment {
  const findings = lenses
    .flatMap((lens) => all[lens].checks.map((check) => ({ ...check, lens })))
    .filter(({ verdict }) => verdict !== 'go')
    .sort((a, b) => severity[b.verdict] - severity[a.verdict])
  return { lenses: all, findings, state: worstOf(lenses.map((lens) => all[lens].state)) }
}
