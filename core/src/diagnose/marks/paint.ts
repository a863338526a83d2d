import {
  placeDeg,
  trackPlaces,
  type Band,
  type Edges,
  type MarkKind,
  type RingName,
  type Surface,
} from '../../model/painted.ts'

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
