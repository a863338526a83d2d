/** One input that two people left differently. */
export interface Conflicting {
  path: string
  /** Who touched it since both began; where only one did, their value stands unless it is chosen otherwise. */
  changedBy: 'me' | 'them' | 'both'
}
export type Choice = 'mine' | 'theirs'

export const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** @param base - what both began from; undefined where nobody knows it, and then it is both people's */
export const changedBy = (
  base: { value: unknown } | undefined,
  mine: unknown,
  theirs: unknown,
): Conflicting['changedBy'] =>
  !base ? 'both' : same(base.value, mine) ? 'them' : same(base.value, theirs) ? 'me' : 'both'

/** What stands until somebody chooses; null where both touched it. */
export const usualChoice = ({ changedBy: by }: Conflicting): Choice | null =>
  by === 'both' ? null : by === 'me' ? 'mine' : 'theirs'
