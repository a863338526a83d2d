import { z } from 'zod'

// What somebody paints on the unrolled raceways of a bearing that came out, as it is kept. Places go round the ring from 0 to 360°, with
// the load at 180°, so that the loaded part is not cut; across the raceway from −0.5 to 0.5.

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

/** A point of a picture, in shares of its width: across from the left, down from the top. */
const PicturePoint = z.tuple([z.number().min(0).max(1), z.number().min(0).max(5)])
export type PicturePoint = z.infer<typeof PicturePoint>
const Line = { from: PicturePoint, to: PicturePoint }

/** A length that somebody knows in a picture: a coin, a rule, a part of this bearing. */
export const KnownLength = z.strictObject({
  ...Line,
  lengthMm: z.number().gt(0).max(2000).meta({ title: 'Known length', quantity: 'length', unit: 'mm' }),
})
export type KnownLength = z.infer<typeof KnownLength>

/** A photograph by its id and the name of its file. */
export const TakenPhoto = z.strictObject({ photo: z.uuid(), name: z.string().max(120) })
export type TakenPhoto = z.infer<typeof TakenPhoto>

/** A photograph pinned to a place on a raceway, and what is measured in it. */
export const PinnedPhoto = TakenPhoto.extend({
  ring: z.enum(rings),
  row: Row,
  deg: z.number().min(0).lt(360),
  u: Across,
  known: KnownLength.nullable().default(null),
  lengths: z.array(z.strictObject(Line)).max(12).default([]),
})
export type PinnedPhoto = z.infer<typeof PinnedPhoto>
export const mostPinned = 24

/** Which way the upper edge of the unrolled strips faced while the bearing was in: away from the other bearing, or toward it. */
export const facings = ['outward', 'inward'] as const
export type Facing = (typeof facings)[number]

/** What is kept besides the strips themselves, on a bench and in a finding alike. */
export const besideStrips = {
  upperFaces: z.enum(facings).nullable().default(null).meta({ title: 'Upper edge of the strips faced' }),
  /** Painted on the other bearing of a pair. */
  mateBands: z.array(Band).max(4).default([]).meta({ title: 'Running tracks of the other of the pair' }),
  mateMarks: z.array(PaintedMark).max(300).default([]).meta({ title: 'Marks of the other of the pair' }),
  /** Photographs pinned to the raceways. */
  photos: z.array(PinnedPhoto).max(mostPinned).default([]).meta({ title: 'Photographs' }),
}
