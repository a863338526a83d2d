import { z } from 'zod'

// What somebody paints on the unrolled raceways of a bearing that came out. Places go round the ring from 0 to 360°, with the
// load at 180°, so that the loaded part is not cut; across the raceway from −0.5 to 0.5.

export const rings = ['inner', 'outer'] as const
export type RingName = (typeof rings)[number]
/** What is painted on: the raceway, the rib beside it, or the seat on the other side of the ring. */
export const surfaces = ['raceway', 'rib', 'seat'] as const
export type Surface = (typeof surfaces)[number]

/** Where the load stands on the strip of a ring that does not turn, degrees. */
export const loadAtDeg = 180
/** Places round a ring that a track is kept at. */
export const trackPlaces = 72
export const placeDeg = 360 / trackPlaces

const Across = z.number().min(-0.5).max(0.5)
const Row = z.int().min(1).max(2)

/** A running track on one raceway: its edges at each place round it, null where nothing ran. */
export const Band = z.strictObject({
  ring: z.enum(rings),
  row: Row,
  edges: z.array(z.tuple([Across, Across]).nullable()).length(trackPlaces),
})
export type Band = z.infer<typeof Band>
export type Edges = Band['edges']

export const markKinds = ['spalling', 'dents', 'rust', 'etching', 'flutes', 'heat-tint', 'scoring', 'creep'] as const
export type MarkKind = (typeof markKinds)[number]

/** A mark: what it is, on which ring, where round it and how long, and where across. */
export const PaintedMark = z.strictObject({
  kind: z.enum(markKinds),
  ring: z.enum(rings),
  surface: z.enum(surfaces),
  row: Row,
  fromDeg: z.number().min(0).lt(360),
  lengthDeg: z.number().gt(0).max(360),
  low: Across,
  high: Across,
})
export type PaintedMark = z.infer<typeof PaintedMark>

/** What each mark can be on. */
export const takes: Readonly<Record<MarkKind, readonly Surface[]>> = {
  spalling: ['raceway'],
  dents: ['raceway'],
  rust: ['raceway', 'seat'],
  etching: ['raceway'],
  flutes: ['raceway'],
  'heat-tint': ['raceway', 'rib', 'seat'],
  scoring: ['raceway', 'rib'],
  creep: ['seat'],
}

const emptyEdges = (): Edges => Array.from({ length: trackPlaces }, () => null)
const round = (value: number): number => Math.round(value * 1000) / 1000

/** Nearest place to an angle. */
export const placeAt = (deg: number): number => ((Math.round(deg / placeDeg) % trackPlaces) + trackPlaces) % trackPlaces

/** Edges painted on a raceway; nothing where nobody has. */
export const edgesOn = (bands: readonly Band[], ring: RingName, row: number): Edges =>
  bands.find((band) => band.ring === ring && band.row === row)?.edges ?? emptyEdges()

/** Bands with other edges on one raceway; one that has nothing left is gone. */
export function withEdges(bands: readonly Band[], ring: RingName, row: number, edges: Edges): Band[] {
  const rest = bands.filter((band) => band.ring !== ring || band.row !== row)
  return edges.some((one) => one !== null) ? [...rest, { ring, row, edges }] : rest
}

/** A stroke of the track brush from one place to another: it widens what is there. */
export interface Stroke {
  fromDeg: number
  toDeg: number
  fromU: number
  toU: number
  /** Width of the brush, of the raceway’s width. */
  brush: number
}

/**
 * Edges after a stroke, straight from its start to its end and at most half way round.
 *
 * @param erase - takes away in place of adding
 */
export function stroked(edges: Edges, { fromDeg, toDeg, fromU, toU, brush }: Stroke, erase = false): Edges {
  const next = [...edges]
  const steps = Math.max(1, Math.ceil(Math.abs(toDeg - fromDeg) / placeDeg))
  const half = brush / 2
  const limit = (u: number) => round(Math.max(-0.5, Math.min(0.5, u)))
  for (let step = 0; step <= steps; step++) {
    const share = step / steps
    const place = placeAt(fromDeg + share * (toDeg - fromDeg))
    const u = fromU + share * (toU - fromU)
    const [low, high] = [limit(u - half), limit(u + half)]
    const there = next[place] ?? null
    next[place] = erase ? null : there ? [Math.min(there[0], low), Math.max(there[1], high)] : [low, high]
  }
  return next
}

/** A track of one width all round. */
export const evenEdges = (low: number, high: number): Edges =>
  Array.from({ length: trackPlaces }, () => [round(low), round(high)])

/** The same on the other row, seen in a mirror between them. */
export const mirrored = (edges: Edges): Edges => edges.map((one) => (one ? [-one[1], -one[0]] : null))
