import type { Cause } from './knowledge.ts'

/** So many findings have to stand before a plant speaks for itself. */
export const fewestFindings = 30

/** How the trade finds them counts as so many findings more: a cause that was never found here stays possible. */
export const tradeCountsAs = 30

/** How often each cause is the one at a plant. */
export interface OwnCauses {
  /** Shares, in the order of the causes; they sum to 1. */
  priors: number[]
  /** Findings they were counted from. */
  findings: number
}

/**
 * How often each cause is the one at this plant, by the findings that people decided.
 *
 *     π(c) = (n(c) + k π₀(c)) / (n + k)      k = 30 findings
 *
 * @param found - findings decided for each cause, by its name; names that are no cause do not count
 * @returns null while fewer than 30 stand
 * @see conjugate (Dirichlet) estimate of shares with the trade's as its prior
 */
export function ownCauses(found: Readonly<Record<string, number>>, causes: readonly Cause[]): OwnCauses | null {
  const counts = causes.map(({ cause }) => found[cause] ?? 0)
  const findings = counts.reduce((sum, count) => sum + count, 0)
  if (findings < fewestFindings) return null
  const priors = causes.map(({ prior }, index) => ((counts[index] ?? 0) + tradeCountsAs * prior) / (findings + tradeCountsAs)) // prettier-ignore
  return { priors, findings }
}
