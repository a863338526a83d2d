import type { Position } from '@yardfrost/core'
import { changedBy, type Choice, type Conflicting } from './conflict.ts'
import { inputDifferences, type InputDifference } from './input-differences.ts'

/** One input that two people left differently: `from` is mine, `to` is theirs. */
export type ConflictLine = InputDifference & Conflicting

type Groups = Record<string, Record<string, unknown>>
function valueAt(position: Position, path: string): unknown {
  const [group = '', field = ''] = path.split('.')
  return (position as unknown as Groups)[group]?.[field]
}

/**
 * Inputs that are not the same in mine and theirs, in working order, with who changed them.
 *
 * @param base - what both began from; where nobody knows it, every line is both people's
 */
export const conflictLines = (base: Position | null, mine: Position, theirs: Position): ConflictLine[] =>
  inputDifferences(mine, theirs).map((line) => ({
    ...line,
    changedBy: changedBy(base ? { value: valueAt(base, line.path) } : undefined, line.from, line.to),
  }))

/** Theirs, with the lines that were chosen of mine. */
export function mergeChosen(mine: Position, theirs: Position, chosen: ReadonlyMap<string, Choice>): Position {
  const merged = JSON.parse(JSON.stringify(theirs)) as Position
  for (const [path, choice] of chosen) {
    const [group = '', field = ''] = path.split('.')
    const fields = (merged as unknown as Groups)[group]
    if (choice === 'mine' && fields) fields[field] = valueAt(mine, path)
  }
  return merged
}
