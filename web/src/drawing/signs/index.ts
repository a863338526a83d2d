import { happeningDrawings } from './happenings.ts'
import { partDrawings } from './parts.ts'
import type { Rolls, Shape } from './shape.ts'
import { surfaceDrawings } from './surfaces.ts'
import { trackDrawings } from './tracks.ts'

export type { Look, Rolls, Shape } from './shape.ts'

const drawings: Record<string, (rolls: Rolls) => Shape[]> = {
  ...trackDrawings,
  ...surfaceDrawings,
  ...partDrawings,
  ...happeningDrawings,
}

/** Whether a sign has its drawing. */
export const isDrawn = (sign: string): boolean => sign in drawings

/**
 * The drawing of a sign, on a square of 64.
 *
 * @param rolls - what rolls in the bearing, where the drawing shows it
 * @returns nothing for a sign that has none
 */
export const drawSign = (sign: string, rolls: Rolls = 'ball'): Shape[] => drawings[sign]?.(rolls) ?? []
