/** How bad a finding is. */
export const verdicts = ['go', 'watch', 'stop'] as const
export type Verdict = (typeof verdicts)[number]

/**
 * When a finding matters: as the machine runs now; only when the bearing is next mounted; or not known, a question whose
 * answer would change a verdict.
 */
export const whens = ['now', 'at-fitting', 'unknown'] as const
export type When = (typeof whens)[number]

/** What is said of a finding: one sentence why, and what to do about it. */
export interface Saying {
  reason: string
  /** Way out; for `go`, what to keep doing. */
  wayOut: string
}

/** A judgement: what was found and what to do about it. */
export interface Check extends Saying {
  /** Stable name of the rule within its lens. */
  key: string
  /** A question carries `go`: it is not an alarm. */
  verdict: Verdict
  when: When
  /** What it was judged by. */
  values?: Readonly<Record<string, number | string | null>>
  /** Input to go to. */
  field?: string
}

type Rest = Pick<Check, 'values' | 'field'>

/** A finding about the machine as it runs. */
export const now = (key: string, verdict: Verdict, saying: Saying, rest: Rest = {}): Check => ({
  key,
  verdict,
  when: 'now',
  ...saying,
  ...rest,
})
/** A finding that matters when the bearing is next mounted. */
export const atFitting = (key: string, verdict: Verdict, saying: Saying, rest: Rest = {}): Check => ({
  ...now(key, verdict, saying, rest),
  when: 'at-fitting',
})
/** A question whose answer would change a verdict. */
export const unknown = (key: string, saying: Saying, rest: Rest = {}): Check => ({
  ...now(key, 'go', saying, rest),
  when: 'unknown',
})
