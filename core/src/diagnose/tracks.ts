import { z } from 'zod'

const Sample = z.strictObject({
  centre: z.number().min(-0.5).max(0.5).default(0),
  width: z.number().min(0).max(1),
})
const Ring = z
  .array(Sample)
  .min(12)
  .max(360)
  .refine(
    (samples) => samples.some(({ width }) => width > 0),
    'a list of 12 to 360 samples, at least one of them marked',
  )

export const Tracks = z.strictObject({
  rotatingRing: z.enum(['inner', 'outer']),
  inner: Ring,
  outer: Ring,
})
export type Tracks = z.output<typeof Tracks>

/** Running track at one place round a raceway: centre across it from −0.5 to 0.5, width as a share of it, 0 for no mark. */
export interface TrackSample {
  centre: number
  width: number
}

export const trackConditions = [
  'normal-radial',
  'rotating-load',
  'combined',
  'pure-axial',
  'preload',
  'misaligned-housing',
  'misaligned-shaft',
  'oval-housing',
  'loose',
] as const
export type TrackCondition = (typeof trackConditions)[number]

export interface TrackMatch {
  condition: TrackCondition
  distance: number
  /** Sign the pattern stands for; null where the pattern is right for some duties. */
  sign: string | null
}

const signOf: Record<TrackCondition, string | null> = {
  'normal-radial': 'track-as-expected',
  'rotating-load': 'track-spot-rotating',
  combined: null,
  'pure-axial': 'track-off-centre',
  preload: 'track-all-round-stationary',
  'misaligned-housing': 'track-tilted-stationary',
  'misaligned-shaft': 'track-tilted-rotating',
  'oval-housing': 'track-two-opposite',
  loose: 'track-short-narrow',
}

/** Beyond this distance no pattern fits. */
export const acceptedDistance = 0.2

const samples = 72
/** Widths below this are no mark. */
const leastWidth = 1e-6
const angles = Array.from({ length: samples }, (_, index) => (2 * Math.PI * index) / samples)

type Pattern = TrackSample[]

/** Share of the greatest load at an angle from its direction, for a load zone ε. */
export const zoneShare = (angle: number, epsilon: number): number =>
  epsilon === Infinity ? 1 : Math.max(0, 1 - (1 - Math.cos(angle)) / (2 * epsilon))

const marked = (centre: number, width: number): TrackSample => ({ centre, width: width < leastWidth ? 0 : width })

/** Track of a load zone; its width goes with the square root of the load's share. */
const arc = (width: number, epsilon: number, centre: (angle: number) => number = () => 0): Pattern =>
  angles.map((angle) => marked(centre(angle), width * Math.sqrt(zoneShare(angle, epsilon))))
const even = (width: number, centre: (angle: number) => number = () => 0): Pattern =>
  angles.map((angle) => marked(centre(angle), width))
const pinched = (width: number, halfAngleDeg: number): Pattern => {
  const edge = Math.cos((2 * halfAngleDeg * Math.PI) / 180)
  return angles.map((angle) => {
    const share = (Math.cos(2 * angle) - edge) / (1 - edge)
    // Only the two arcs about the pinch are loaded; the cosine comes round again between them.
    return marked(0, width * Math.sqrt(Math.max(share, 0)))
  })
}

/** What each condition leaves on the standing and on the turning ring, in all its variants. */
function variants(rotatingRing: 'inner' | 'outer'): Record<TrackCondition, [standing: Pattern, turning: Pattern][]> {
  const tilts = [0.08, 0.15, 0.22]
  const oval = [25, 40, 55].map((half): [Pattern, Pattern] => {
    const arcs = pinched(0.4, half)
    // The pinch sits in the housing, so its arcs are always on the outer ring.
    return rotatingRing === 'inner' ? [arcs, even(0.4)] : [even(0.4), arcs]
  })
  return {
    'normal-radial': [0.25, 0.35, 0.45, 0.6].map((epsilon) => [arc(0.35, epsilon), even(0.35)]),
    'rotating-load': [0.25, 0.35, 0.45, 0.6].map((epsilon) => [even(0.35), arc(0.35, epsilon)]),
    combined: [0.6, 0.8, 0.95].flatMap((epsilon) =>
      [0.1, 0.18].map((o): [Pattern, Pattern] => [arc(0.35, epsilon, () => o), even(0.35, () => -o)]),
    ),
    'pure-axial': [0.12, 0.2, 0.3].map((o) => [even(0.3, () => o), even(0.3, () => -o)]),
    preload: [1, 1.5, 3, Infinity].map((epsilon) => [arc(0.5, epsilon), even(0.5)]),
    'misaligned-housing': tilts.flatMap((tilt): [Pattern, Pattern][] => [
      [even(0.3, (angle) => tilt * Math.cos(angle)), even(0.3 + 2 * tilt)],
      [arc(0.3, 0.5, (angle) => tilt * Math.cos(angle - Math.PI / 2)), even(0.3 + 2 * tilt)],
    ]),
    'misaligned-shaft': tilts.flatMap((tilt): [Pattern, Pattern][] => {
      const turning = even(0.3, (angle) => tilt * Math.cos(angle))
      return [
        [even(0.3 + 2 * tilt), turning],
        [arc(0.3 + 2 * tilt, 0.5), turning],
      ]
    }),
    'oval-housing': oval,
    loose: [0.05, 0.1, 0.15].map((epsilon) => [arc(0.2, epsilon), even(0.2)]),
  }
}

/** Weights of the six features in the distance. */
const featureWeights = [1, 3, 3, 0.5, 0.7, 0.7]

/**
 * Six numbers that do not depend on where a drawing starts nor on which side is called plus: share marked, offset, swing,
 * mean width, one-sidedness, two-sidedness.
 */
function features(track: readonly TrackSample[]): number[] {
  const on = track.filter(({ width }) => width > 0)
  const mean = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length
  const centres = on.map(({ centre }) => centre)
  const harmonic = (order: number) => {
    let [re, im, sum] = [0, 0, 0]
    for (const [index, { width }] of track.entries()) {
      const angle = (2 * Math.PI * index * order) / track.length
      re += width * Math.cos(angle)
      im += width * Math.sin(angle)
      sum += width
    }
    return Math.hypot(re, im) / sum
  }
  return [
    on.length / track.length,
    Math.abs(mean(centres)),
    (Math.max(...centres) - Math.min(...centres)) / 2,
    mean(on.map(({ width }) => width)),
    harmonic(1),
    harmonic(2),
  ]
}

const patternFeatures = { inner: featuresOfVariants('inner'), outer: featuresOfVariants('outer') }

function featuresOfVariants(rotatingRing: 'inner' | 'outer'): [TrackCondition, number[][]][] {
  const all = variants(rotatingRing)
  return trackConditions.map((condition) => [
    condition,
    all[condition].map(([standing, turning]) => [...features(standing), ...features(turning)]),
  ])
}

const featuresOf = ({ rotatingRing, inner, outer }: Tracks): number[] =>
  (rotatingRing === 'inner' ? [outer, inner] : [inner, outer]).flatMap(features)

const between = (one: readonly number[], other: readonly number[]): number =>
  Math.hypot(
    ...one.map((value, index) => (featureWeights[index % featureWeights.length] ?? 0) * (value - (other[index] ?? 0))),
  )

/** How unlike two pairs of tracks are, by the same measure as the patterns; the same ring turns in both. */
export const tracksApart = (one: Tracks, other: Tracks): number => between(featuresOf(one), featuresOf(other))

/**
 * Which conditions leave tracks like the drawn ones, nearest first.
 *
 * @param tracks - samples evenly spaced round each ring
 */
export function matchTracks(tracks: Tracks): TrackMatch[] {
  const drawn = featuresOf(tracks)
  return patternFeatures[tracks.rotatingRing]
    .map(([condition, patterns]) => ({
      condition,
      distance: Math.min(...patterns.map((pattern) => between(pattern, drawn))),
      sign: signOf[condition],
    }))
    .sort((a, b) => a.distance - b.distance)
}
