import type { Closure } from './bearing-type.ts'
import type { Give } from './give.ts'
import type { Factors, LoadFactorsInput } from './load-factors.ts'

/** How well a type does: 0 cannot, 1 fair, 2 good, 3 very good. General handbook guidance, a single bearing of usual design. */
export interface TypeAbilities {
  radial: number
  axialOneWay: number
  axialBothWays: number
  speed: number
  /** Angle between the rings that it forgives, degrees. */
  misalignDeg: number
  /** Takes the growth of the shaft inside itself. */
  growthInside: number
  /** How little room it needs for what it carries. */
  space: number
  stiffness: number
  /** Bears blows. */
  shock: number
  quiet: number
  /** Its rings go in one by one, or it is put on from one side. */
  separable: number
}

/** Suffixes that only some types use; the others are common to all. */
export type SuffixFamily =
  | 'tapered-bore'
  | 'closure'
  | 'snap-ring'
  | 'contact-angle'
  | 'reinforced'
  | 'internal-design'
  | 'full-complement'
  | 'iso-dimensions'
  | 'precision-6x'
  | 'pair'
  | 'universal-pair'
  | 'moulded-cage'

/** What ISO 281 and ISO 76 take of a type. */
export interface RatingRules {
  /** Rows of rolling elements it is made with. */
  rows: readonly number[]
  /** Contact angle where none is given, degrees; null: it has to be given. */
  angleDeg: number | null
  fromDeg: number
  toDeg: number
  /** Factor of contemporary steel and manufacture, ISO 281 table 1. */
  bm: number
  /** What the fatigue load limit is divided by in the life factor, ISO 281: 3 and 2.5 for thrust bearings. */
  lifeFactorDivisor: number
  /** Lines on which one element touches a ring: 2 for a four-point ball. */
  lines: 1 | 2
  /** Factor λ of the dynamic rating of balls, by rows. */
  lambda: (rows: number) => number
}

/** Groove radii of balls over the ball diameter where nothing is stated; the outer ring may be a sphere. */
export interface Grooves {
  inner: number
  outer: number | 'sphere'
}

/**
 * What the ends of rollers run against: ribs beside the raceway, the large one of tapered rollers that takes their thrust, or a
 * guide ring between two rows.
 */
export type Ribs = 'none' | 'one' | 'both' | 'large' | 'guide'
export interface RingRibs {
  inner: Ribs
  outer: Ribs
}

/** How the inside is laid out for the load distribution. */
export interface InsideRules {
  /** Rows it is made with and, where nothing is said, the usual number; none: the distribution does not know the type. */
  rows: readonly number[]
  usualRows: number
  /** Way each row carries, where the type fixes it: +1 along the shaft, −1 against it. */
  signs: readonly number[] | null
  /** Between the middles of two rows, in ball diameters or roller lengths. */
  spacing: number
  /** Contact pressure that dents the raceway, MPa. */
  dentsAtMPa: number
  /** Rollers between barrel raceways; the others have a logarithmic profile. */
  barrel: boolean
}

/** Radial clearance as it comes from the box: rows of ISO 5753 by the shape of the bore. */
export interface BoxClearance {
  cylindrical: string | null
  tapered: string | null
  /** A size on the lowest step belongs to the table. */
  includesLowest: boolean
  /** Class the standard does not have for the type. */
  absentClass: 'C5' | null
}

export type InnerRing = 'stays' | 'leavable' | 'none'

/** All that is special about a type of bearing. Whoever asks "is it a ...?" asks here. */
export interface BearingTypeFacts {
  /** What a fitter calls it, before the word bearing. */
  name: string
  /** Balls touch at points, all others along lines. */
  rolls: 'ball' | 'roller' | 'taper' | 'barrel'
  rings: 'flat' | 'sphered-od' | 'cone-and-cup'
  /** Load its ratings are for. */
  carries: 'radial' | 'axial'
  /** What becomes of an axial load on it. */
  axialLoad: 'carried' | 'on-ribs' | 'none'
  /** Single rows of it are set against each other. */
  pairs: boolean
  /** Its rings swivel against each other. */
  swivels: boolean
  /** Sealed, long inner ring, in a housing with a nipple, locked onto a sliding shaft. */
  insertUnit: boolean
  /** What the eye tells it by from others of its size. */
  tell: (series: string) => string

  ratings: RatingRules
  /** Null for rollers, which touch along lines. */
  grooves: Grooves | null
  inside: InsideRules
  /** Rollers of a thrust bearing lie across the shaft. */
  rollersLie: 'along' | 'across'
  /** Ribs that its rollers run against, by ring. */
  ribs: (series: string) => RingRibs
  /** Share of the hollow cylinder’s mass that the bearing weighs. */
  massShare: number
  give: Give | null

  /** X, Y, e of ISO 281 and the static pair of ISO 76. @throws InputError for a load it does not carry */
  loadFactors: (input: LoadFactorsInput) => Factors
  /** Its axial factor follows f0 Fa/C0. */
  takesF0: boolean
  /** Share of C that keeps its elements rolling. */
  minimumLoadShare: number
  /** What to look at when axial load meets it. */
  axialWatch: 'second-row-free' | 'four-point-contact' | 'light-series' | null
  abilities: TypeAbilities
  /** Limit of pitch diameter times speed, mm/min; guidance, standard cage, about 70 °C. */
  speedLimit: { grease: number; 'oil-bath': number }

  fitFamily: 'ball' | 'roller' | 'spherical'
  /** How its rings sit: by the fit tables, centred only, or sliding and locked. */
  seating: 'fitted' | 'centred' | 'sliding'
  ringTables: 'radial' | 'tapered' | 'washers' | 'insert'
  /** Also made to the inch tapered system. */
  inchSystem: boolean
  /** Whether its inner ring stays, may be left out so that the rollers run on the shaft, or is not there at all. */
  innerRing: (series: string) => InnerRing

  boxClearance: BoxClearance
  /** End play or preload is set when it is mounted. */
  adjusted: boolean
  /** A series of it without a clearance in the box. */
  withoutBoxClearance: (series: string) => boolean
  floatsInside: 'always' | 'without-ribs' | 'never'
  /** Preload of a pair that is watched, and that is too much, mm; and whether it wants to be seen to have play. */
  preload: { lightMm: number; mostMm: number; wantsPlay: boolean } | null
  /** How it is driven up a taper where a table says so. */
  upTaper: 'nut-turn' | 'drive-up-table' | null
  /** Its rings commonly stand 200 °C whether or not the number says so. */
  commonlyStable: boolean

  /** Factors of the two interval methods, and the free share of the space inside; null where a method does not know it. */
  greasing: { formulaFactor: number | null; speedFactor: number; freeShare: number }

  suffixes: readonly SuffixFamily[]
  /** A series of it is made with a tapered bore only. */
  alwaysTapered: (series: string) => boolean
  /** Features its number says without a suffix. */
  features: (series: string) => readonly string[]
  /** Closures a series is usually made with. */
  closuresMade: (series: string) => readonly Closure[]
}
