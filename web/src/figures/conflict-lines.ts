import type { RollingPosition } from '@yardfrost/core'
import { inputDifferences, type InputDifference } from './input-differences.ts'

/** One input that two people left differently: `from` is mine, `to` is theirs. */
export interface ConflictLine extends InputDifference {
  /** Who touched it since both began; where only one did, their value stands unless it is chosen otherwise. */
  changedBy: 'me' | 'them' | 'both'
}
export type Choice = 'mine' | 'theirs'

type Groups = Record<string, Record<string, unknown>>
const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

function valueAt(position: RollingPosition, path: string): unknown {
  const [group = '', field = ''] = path.split('.')
  return (position as unknown as Groups)[group]?.[field]
}

/**
 * Inputs that are not the same in mine and theirs, in working order, with who changed them.
 *
 * @param base - what both began from; where nobody knows it, every line is both people's
 */
export const conflictLines = (
  base: RollingPosition | null,
  mine: RollingPosition,
  theirs: RollingPosition,
): ConflictLine[] =>
  inputDifferences(mine, theirs).map((line) => ({
    ...line,
    changedBy: !base
      ? 'both'
      : same(valueAt(base, line.path), line.from)
        ? 'them'
        : same(valueAt(base, line.path), line.to)
          ? 'me'
          : 'both',
  }))

/** What stands until somebody chooses; null where both touched it. */
export const usualChoice = ({ changedBy }: ConflictLine): Choice | null =>
  changedBy === 'both' ? null : changedBy === 'me' ? 'mine' : 'theirs'

/** Theirs, with the lines that were chosen of mine. */
export function mergeChosen(
  mine: RollingPosition,
  theirs: RollingPosition,
  chosen: ReadonlyMap<string, Choice>,
): RollingPosition {
  const merged = JSON.parse(JSON.stringify(theirs)) as RollingPosition
  for (const [path, choice] of chosen) {
    const [group = '', field = ''] = path.split('.')
    const fields = (merged as unknown as Groups)[group]
    if (choice === 'mine' && fields) fields[field] = valueAt(mine, path)
  }
  return merged
}
