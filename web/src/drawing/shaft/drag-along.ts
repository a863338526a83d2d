import type { ShaftLine } from '@yardfrost/core'
import { alongShaft, snapPlace, type Elevation } from './elevation.ts'
import { edgesOf } from './place-body.ts'

/** Something on the shaft that can be picked and moved. */
export interface Handle {
  what: 'part' | 'support' | 'section'
  index: number
}

/** A thing that is held by the pointer: where it was taken hold of, and whether it has moved yet. */
export interface Drag {
  handle: Handle
  x: number
  y: number
  fromMm: number
  moved: boolean
}

/** Less than this is a press, and no drag, px. */
const leastPx = 3
/** Within this a place snaps to an edge or another bearing, px. */
const snapPx = 5
/** Places otherwise lie on whole steps of so much, mm; finer while Ctrl is held. */
const gridMm = { usual: 5, fine: 1 }

/** Where a part or bearing stands along the shaft, mm. */
export const placeOf = ({ parts, supports }: ShaftLine, { what, index }: Handle): number =>
  (what === 'part' ? parts[index]?.xMm : supports[index]?.xMm) ?? 0

/** A drag that begins; null for a step of the shaft, which is picked and not moved. */
export const beginDrag = (line: ShaftLine, handle: Handle, x: number, y: number): Drag | null =>
  handle.what === 'section' ? null : { handle, x, y, fromMm: placeOf(line, handle), moved: false }

/**
 * Where a drag has come to.
 *
 * @param pointer - place of the pointer, px; `fine` for the finer grid
 * @returns the drag as it goes on, and the place to move to, mm; null while it is no drag yet
 */
export function dragTo(
  drag: Drag,
  line: ShaftLine,
  elevation: Elevation,
  pointer: { x: number; y: number; fine: boolean },
): { drag: Drag; toMm: number } | null {
  const byMm = alongShaft(elevation, pointer.x - drag.x, pointer.y - drag.y)
  if (!drag.moved && Math.abs(byMm * elevation.pxPerMm) < leastPx) return null
  const { what, index } = drag.handle
  const others = line.supports.filter((_, at) => what !== 'support' || at !== index).map(({ xMm }) => xMm)
  const grid = pointer.fine ? gridMm.fine : gridMm.usual
  const toMm = snapPlace(drag.fromMm + byMm, [...edgesOf({ line }), ...others], snapPx / elevation.pxPerMm, grid)
  return { drag: { ...drag, moved: true }, toMm }
}

/** How far an arrow key moves a thing, mm; null for another key. */
export function nudgeBy(key: string, far: boolean): number | null {
  const way = key === 'ArrowLeft' ? -1 : key === 'ArrowRight' ? 1 : null
  return way === null ? null : way * (far ? 10 : 1)
}
