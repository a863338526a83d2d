import type { Edges, PaintedMark, Raceway, RingName, Surface } from '@yardfrost/core'
import { placeDeg } from '@yardfrost/core'

/** Where the surfaces of one ring lie on the sheet, px: its rows, their ribs, and its seat below. */
export interface StripFrame {
  ring: RingName
  left: number
  width: number
  top: number
  bottom: number
  /** Surfaces that can be painted, from above. */
  lanes: Lane[]
  /** How many times wider than long the raceway is drawn. */
  widened: number
}
export interface Lane {
  surface: Surface
  row: number
  top: number
  height: number
  /** On which side of its row a rib stands. */
  side?: 'low' | 'high'
}

const ribHeight = 9
const seatHeight = 12
const gap = 4

/**
 * Lays the surfaces of a ring out below each other.
 *
 * @param raceways - of one ring, by row
 * @param roomPx - height that its rows may take together
 */
export function stripFrame(
  raceways: readonly Raceway[],
  { left, width, top, roomPx }: { left: number; width: number; top: number; roomPx: number },
): StripFrame {
  const [first] = raceways
  const rows = raceways.length
  const lanes: Lane[] = []
  let at = top
  const put = (lane: Omit<Lane, 'top'>) => {
    lanes.push({ ...lane, top: at })
    at += lane.height
  }
  const height = (roomPx - (rows - 1) * gap) / Math.max(rows, 1)
  for (const { row, ribs } of raceways) {
    if (ribs === 'both') put({ surface: 'rib', row, side: 'low', height: ribHeight })
    put({ surface: 'raceway', row, height })
    if (ribs !== 'none' && (ribs !== 'guide' || row < rows))
      put({ surface: 'rib', row, side: 'high', height: ribHeight })
    if (row < rows) at += gap
  }
  if (first && !first.ofShaft) {
    at += gap
    put({ surface: 'seat', row: 1, height: seatHeight })
  }
  const pxPerMm = first ? width / (Math.PI * first.diameterMm) : 1
  return {
    ring: first?.ring ?? 'outer',
    left,
    width,
    top,
    bottom: at,
    lanes,
    widened: first ? height / (first.widthMm * pxPerMm) : 1,
  }
}

/** Room beside the strips for their words, for the rows of a ring, above the first, and between the two rings, px. */
const sheet = { left: 56, right: 22, rowsPx: 72, above: 44, between: 64, below: 26 }

/**
 * Both rings below each other on a sheet of a width, the outer one first.
 *
 * @returns no frames while the sheet has no width; its height, px
 */
export function stripSheet(raceways: readonly Raceway[], widthPx: number): { frames: StripFrame[]; height: number } {
  let top = sheet.above
  const frames = (['outer', 'inner'] as const).flatMap((ring) => {
    const of = raceways.filter((one) => one.ring === ring)
    if (of.length === 0 || widthPx === 0) return []
    const width = Math.max(widthPx - sheet.left - sheet.right, 200)
    const frame = stripFrame(of, { left: sheet.left, width, top, roomPx: sheet.rowsPx })
    top = frame.bottom + sheet.between
    return [frame]
  })
  return { frames, height: (frames.at(-1)?.bottom ?? 200) + sheet.below }
}

/** A point of a strip: surface, row, degrees round and share across. */
export interface StripPoint {
  surface: Surface
  row: number
  deg: number
  u: number
}

export const xOf = ({ left, width }: StripFrame, deg: number): number => left + (width * deg) / 360
export const yOf = ({ top, height }: Lane, u: number): number => top + height * (0.5 - u)

const clampU = (u: number): number => Math.max(-0.5, Math.min(0.5, u))

/** What lies under a point of the sheet; the nearest lane where it lies between two. */
export function pointAt(frame: StripFrame, x: number, y: number): StripPoint | null {
  const nearest = frame.lanes
    .map((lane) => ({ lane, off: Math.max(lane.top - y, y - lane.top - lane.height, 0) }))
    .sort((a, b) => a.off - b.off)[0]?.lane
  return nearest ? pointOn(frame, nearest, x, y) : null
}

/** A point of the sheet on one lane, wherever the pointer has gone. */
export const pointOn = ({ left, width }: StripFrame, lane: Lane, x: number, y: number): StripPoint => ({
  surface: lane.surface,
  row: lane.row,
  deg: Math.max(0, Math.min(359.9, ((x - left) / width) * 360)),
  u: clampU(0.5 - (y - lane.top) / lane.height),
})

export const laneOf = (frame: StripFrame, surface: Surface, row: number): Lane | undefined =>
  frame.lanes.find((lane) => lane.surface === surface && (surface === 'seat' || lane.row === row))

/** Outlines of a running track on its lane: one for each part of it that hangs together. */
export function bandPaths(frame: StripFrame, lane: Lane, edges: Edges): string[] {
  const parts: [place: number, low: number, high: number][][] = []
  let part: [number, number, number][] | null = null
  edges.forEach((one, place) => {
    if (!one) part = null
    else if (part) part.push([place, ...one])
    else parts.push((part = [[place, ...one]]))
  })
  const x = (place: number) => xOf(frame, place * placeDeg)
  return parts.map((points) => {
    const [first, last] = [points[0], points.at(-1)]
    // A track that reaches the ends of the strip goes on round the ring; others end half a place further.
    const from = first ? (first[0] === 0 ? frame.left : x(first[0] - 0.5)) : 0
    const to = last ? (last[0] === edges.length - 1 ? frame.left + frame.width : x(last[0] + 0.5)) : 0
    const along = (side: 1 | 2): [number, number][] => {
      const middle = points.map((point): [number, number] => [x(point[0]), yOf(lane, point[side])])
      const [a, b] = [middle[0]?.[1] ?? 0, middle.at(-1)?.[1] ?? 0]
      return [[from, a], ...middle, [to, b]]
    }
    const outline = [...along(2), ...along(1).reverse()]
    return `${outline.map(([px, py], index) => `${index === 0 ? 'M' : 'L'}${px.toFixed(1)} ${py.toFixed(1)}`).join('')}Z`
  })
}

/** Place of a mark on its lane, px; a mark over the end of the strip is cut into two. */
export function markBoxes(
  frame: StripFrame,
  lane: Lane,
  { fromDeg, lengthDeg, low, high }: PaintedMark,
): { x: number; y: number; width: number; height: number }[] {
  const cut = Math.min(lengthDeg, 360 - fromDeg)
  const pieces: [number, number][] = [[fromDeg, cut]]
  if (cut < lengthDeg) pieces.push([0, lengthDeg - cut])
  const [top, bottom] = [yOf(lane, high), yOf(lane, low)]
  return pieces.map(([from, length]) => ({
    x: xOf(frame, from),
    y: top,
    width: Math.max((length / 360) * frame.width, 1.5),
    height: Math.max(bottom - top, 2),
  }))
}
