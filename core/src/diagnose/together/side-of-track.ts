import type { Band, Edges, Facing, RingName } from '../../model/painted.ts'

/** A track whose middle lies so far from the middle of the raceway, of its width, is worn to one side. */
const offFrom = 0.08
/** Of two rows, one that is so much of both together carries alone. */
const rowFrom = 2 / 3

const widthOf = (edge: Edges[number]): number => (edge ? edge[1] - edge[0] : 0)

/** Mean width of a track all round its ring, of the raceway’s width; nothing counts as nothing. */
export const meanWidthOf = ({ edges }: Pick<Band, 'edges'>): number =>
  edges.reduce((sum, edge) => sum + widthOf(edge), 0) / edges.length

/** Where a track lies across its raceway, positive up. */
function middleOf({ edges }: Band): number {
  const weight = edges.reduce((sum, edge) => sum + widthOf(edge), 0)
  const moment = edges.reduce((sum, edge) => sum + (edge ? widthOf(edge) * ((edge[0] + edge[1]) / 2) : 0), 0)
  return weight > 0 ? moment / weight : 0
}

/** Up, down or neither, of one ring: by the row that carries, or by where the track of a single row lies. */
function leaningOf(bands: readonly Band[], rows: number): -1 | 0 | 1 {
  if (rows === 1) {
    const [only] = bands
    const middle = only ? middleOf(only) : 0
    return middle >= offFrom ? 1 : middle <= -offFrom ? -1 : 0
  }
  const of = (row: number) => bands.filter((band) => band.row === row).reduce((sum, band) => sum + meanWidthOf(band), 0)
  const [upper, both] = [of(1), of(1) + of(2)]
  if (both === 0) return 0
  return upper >= rowFrom * both ? 1 : upper <= (1 - rowFrom) * both ? -1 : 0
}

/**
 * Which way along the shaft the elements were pressed against the outer ring.
 *
 * Thrust presses the elements to one flank of the outer groove and to the other flank of the inner one; of two rows it loads the same on
 * both rings. So the outer ring speaks, and the inner one where only it was painted.
 *
 * @param upperFaces - which way the upper edge of the strips faced
 * @param rows - of the bearing; row 1 is the upper one
 * @returns null where it is not known, or the track lies in the middle
 */
export function sideOfTrack(bands: readonly Band[], upperFaces: Facing | null, rows: number): Facing | null {
  const of = (ring: RingName) => bands.filter((band) => band.ring === ring)
  const [outer, inner] = [of('outer'), of('inner')]
  const flipped = outer.length === 0 && rows === 1 ? -1 : 1
  const leaning = flipped * leaningOf(outer.length > 0 ? outer : inner, rows)
  if (leaning === 0 || upperFaces === null) return null
  const up = upperFaces === 'outward'
  return leaning > 0 === up ? 'outward' : 'inward'
}
