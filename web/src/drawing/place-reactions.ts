import { placeInRows } from './elevation.ts'

/** Words beside an arrow under the shaft. */
export interface ReactionWords {
  x: number
  /** How far below the shaft's axis its arrow begins, px. */
  top: number
  text: string
}

/** What stands on the shaft beside the bearings, px. */
export interface Obstacle {
  x: number
  /** How far below the axis it reaches. */
  reach: number
}

/** A digit of the words is about so wide; the letter of a bearing stands left of its arrow. */
const digitPx = 9.4
const letterPx = 24
/** From the arrow to its words, and what the words and their letter take beside it. */
const besidePx = 40
/** The words stand this far below where the arrow begins. */
const belowPx = 26

/**
 * On which side of its arrow the load of each bearing is written, and in which row.
 *
 * To the right, unless a wheel or pulley reaches down there or the next arrow is too near, and the left is free; what still
 * runs into its neighbour goes a row down.
 */
export function placeReactions(
  words: readonly ReactionWords[],
  obstacles: readonly Obstacle[],
): { left: boolean; row: number }[] {
  const crowded = (from: number, to: number, top: number) =>
    obstacles.some(({ x, reach }) => reach > top + belowPx && x > from && x < to) ||
    words.some(({ x }) => x > from + 1 && x < to - 1)
  const placed = words.map(({ x, top, text }) => {
    const wide = text.length * digitPx + besidePx
    return { x, wide, left: crowded(x, x + wide + letterPx, top) && !crowded(x - wide, x, top) }
  })
  const rows = placeInRows(
    placed.map(({ x, wide, left }) =>
      left ? { x: x - wide, width: wide + 6 } : { x: x - letterPx - 8, width: wide + 6 },
    ),
  )
  return placed.map(({ left }, index) => ({ left, row: rows[index] ?? 0 }))
}
