import type { KnownLength, PicturePoint } from '../../model/painted.ts'

/** An end of a line is set to within so much of the width of the picture. */
const setWithin = 0.004
/** A camera that is not square to the part shortens what it sees by up to so much. */
const askewBy = 0.03
/** A known length shorter than so much of the width says nothing. */
const shortest = 0.02

/** What a line in a picture is long. */
export interface PictureLength {
  lengthMm: number
  /** Either way, mm. */
  withinMm: number
}

const apart = ([ax, ay]: PicturePoint, [bx, by]: PicturePoint): number => Math.hypot(ax - bx, ay - by)

/**
 * The length of a line in a picture, by a known length beside it.
 *
 *     l = L |ab| / |AB|      Δl/l = √( (√2 e/|ab|)² + (√2 e/|AB|)² + s² ),  e = 0.4 % of the width, s = 3 %
 *
 * @param line - its ends, in shares of the width of the picture
 * @param known - a line of which the length is known, mm, in the plane of the other
 * @returns null where the known one is too short to go by, or the line has no length
 * @example pictureLength({ from: [0.2, 0.3], to: [0.4, 0.3] }, { from: [0.1, 0.6], to: [0.5, 0.6], lengthMm: 20 })?.lengthMm // 10
 * @see similar triangles; errors of independent settings added in squares
 */
export function pictureLength(
  { from, to }: { from: PicturePoint; to: PicturePoint },
  known: KnownLength,
): PictureLength | null {
  const [own, other] = [apart(from, to), apart(known.from, known.to)]
  if (other < shortest || own === 0) return null
  const lengthMm = (known.lengthMm * own) / other
  const ends = Math.SQRT2 * setWithin
  return { lengthMm, withinMm: lengthMm * Math.hypot(ends / own, ends / other, askewBy) }
}
