import type { LineAssessment } from '@yardfrost/core'
import { placeInRows } from './elevation.ts'
import type { PlacedSupport } from './place-body.ts'
import type { ShaftFrame } from './shaft-frame.ts'
import type { ShaftWords } from './shaft-words.ts'

/** Words beside an arrow under the shaft. */
export interface ReactionWords {
  x: number
  /** How far below the shaft's axis its arrow begins, px. */
  top: number
  text: string
}

/** What stands on the shaft beside the bearings, px. */
export interface Obstacle {
  from: number
  to: number
  /** How far below the axis it reaches. */
  reach: number
}

/** A digit of the words is about so wide; the letter of a bearing stands left of its arrow. */
const digitPx = 9.4
const letterPx = 24
/** From the arrow to its words, and what the words and their letter take beside it. */
const besidePx = 40
/** The words stand this far below where the arrow begins, and in rows so far apart. */
const belowPx = 26
export const reactionRowPx = 34

/**
 * On which side of its arrow the load of each bearing is written, and in which row.
 *
 * To the right, unless a wheel or pulley reaches down there or the next arrow is too near, and the left is free; what still
 * runs into its neighbour goes a row down, and what has a wheel on both sides goes below it.
 */
export function placeReactions(
  words: readonly ReactionWords[],
  obstacles: readonly Obstacle[],
): { left: boolean; row: number }[] {
  const inTheWay = (from: number, to: number, top: number) =>
    obstacles.filter((one) => one.reach > top + belowPx && one.to > from && one.from < to)
  const crowded = (from: number, to: number, top: number) =>
    inTheWay(from, to, top).length > 0 || words.some(({ x }) => x > from + 1 && x < to - 1)
  const placed = words.map(({ x, top, text }) => {
    const wide = text.length * digitPx + besidePx
    const left = crowded(x, x + wide + letterPx, top) && !crowded(x - wide, x, top)
    const over = left ? [] : inTheWay(x - letterPx, x + wide, top)
    const deepest = Math.max(0, ...over.map(({ reach }) => reach - top - belowPx))
    return { x, wide, left, below: Math.ceil(deepest / reactionRowPx) }
  })
  const rows = placeInRows(
    placed.map(({ x, wide, left }) =>
      left ? { x: x - wide, width: wide + 6 } : { x: x - letterPx - 8, width: wide + 6 },
    ),
  )
  return placed.map(({ left, below }, index) => ({ left, row: (rows[index] ?? 0) + below }))
}

/** Loads on the bearings, below the machine: an arrow each, with its words where there is room. */
export function placeBearingLoads(
  { at }: ShaftFrame,
  supports: readonly PlacedSupport[],
  obstacles: readonly Obstacle[],
  carried: LineAssessment['supports'],
  words: Pick<ShaftWords, 'force'>,
) {
  const labels = supports.map((support, index) => {
    const load = carried[index]
    const { x, y } = at(support.xMm)
    const top = support.od / 2 + support.wall + 12
    const lifted = (load?.downN ?? 0) < 0
    return {
      letter: String.fromCharCode(65 + index),
      position: support.position,
      x,
      top,
      y: y + top,
      lifted,
      text: words.force((lifted ? -1 : 1) * (load?.radialN ?? 0)),
      axial: load && Math.abs(load.axialN) > 0.5 ? words.force(Math.abs(load.axialN)) : '',
    }
  })
  const places = placeReactions(labels, obstacles)
  return labels.map((label, index) => {
    const { left, row } = places[index] ?? { left: false, row: 0 }
    return { ...label, left, wordsY: label.y + 44 + row * reactionRowPx }
  })
}
export type BearingLoad = ReturnType<typeof placeBearingLoads>[number]
