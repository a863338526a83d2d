import interiorRules from '../../data/interior-rules.json' with { type: 'json' }
import { factsOf, hasNoInnerRing, isBall, isThrust } from '../bearing-types/index.ts'
import type { CatalogueRow } from './catalogue.ts'
import { dynamicRating } from './dynamic-rating.ts'
import { fatigueLimit } from './fatigue-limit.ts'
import { staticRating } from './static-rating.ts'

/** Estimated interior of a catalogue size and what follows from it. Everything here is an estimate. */
export interface InteriorEstimate {
  /** Rolling elements in one row. */
  elements: number
  elementDiameterMm: number
  /** Effective roller length; null for balls. */
  elementLengthMm: number | null
  rows: number
  contactAngleDeg: number
  pitchDiameterMm: number
  /** Raceway diameters at the contact. */
  innerRacewayMm: number
  outerRacewayMm: number
  dynamicRatingN: number
  staticRatingN: number
  /** Load below which a clean bearing does not tire. */
  fatigueLimitN: number
  /** Factor f0 of ISO 76, needed for the equivalent load of ball bearings. */
  f0: number
  massKg: number
}

interface Rule {
  rows: number
  contactAngleDeg: number
  /** Element size as a share of the ring section D − d. */
  k: number | null
  /** Element length, or the most a ball may have, as a share of the width; of the section where rollers lie across. */
  m: number | null
  fillAngleRad: number | null
  spacing: number | null
  /** Whether its estimates were held against published ratings. */
  verified: boolean
}

const rules = new Map<string, Rule>(
  interiorRules.rows.map(([series, rows, contactAngleDeg, k, m, fillAngleRad, spacing, verified]) => [
    String(series),
    { rows, contactAngleDeg, k, m, fillAngleRad, spacing, verified } as Rule,
  ]),
)

/** Ball diameters are made in steps of 1/32 in. */
const ballStepMm = 25.4 / 32

/**
 * Interior geometry, ratings and mass of a catalogue size, estimated.
 *
 * The inside of a bearing is not standardised. The rules of each series were chosen so that ISO 281 and ISO 76 meet
 * generally published ratings: medians of 0.2 to 4 % in C, at worst 16 %. A maker's figures replace them.
 *
 * @param row - size from the catalogue
 * @param contactAngleDeg - angle read from a suffix; replaces the series' angle, the elements stay
 * @param seatSize - row of the deep groove bearing with the same outside diameter, for insert bearings
 */
export function estimateInterior(
  row: CatalogueRow,
  { contactAngleDeg, seatSize }: { contactAngleDeg?: number | undefined; seatSize?: CatalogueRow | undefined } = {},
): InteriorEstimate {
  const rule = ruleOf(row)
  const facts = factsOf(row.type)
  const insert = facts.insertUnit
  const ball = facts.rolls === 'ball'
  // An insert bearing is a deep groove bearing with a long inner ring: its tracks follow the bore of that size.
  const boreMm = insert && seatSize ? seatSize.boreMm : row.boreMm
  const widthMm = insert ? (row.outerWidthMm ?? row.widthMm) : row.widthMm
  const section = row.odMm - boreMm
  const angleDeg = contactAngleDeg ?? row.inch?.contactAngleDeg ?? rule.contactAngleDeg
  const pinned = pinnedSize(insert ? seatSize?.designation : row.designation)
  const elementDiameterMm =
    pinned?.elementDiameterMm ?? (ball ? ballSize(row, rule, section, widthMm) : rollerSize(rule, section))
  // Without an inner ring the bore is the raceway itself.
  const pitchDiameterMm = hasNoInnerRing(row) ? boreMm + elementDiameterMm : (boreMm + row.odMm) / 2
  const elements = pinned?.elements ?? countElements(rule, elementDiameterMm, pitchDiameterMm)
  const alongMm = facts.rollersLie === 'along' ? widthMm : section
  const elementLengthMm = ball ? null : (rule.m ?? 0) * alongMm
  const interior = {
    bearingType: row.type,
    rows: rule.rows,
    elements,
    elementDiameterMm,
    elementLengthMm: elementLengthMm ?? undefined,
    pitchDiameterMm,
    contactAngleDeg: angleDeg,
  }
  const fixed = staticRating(interior)
  // One row with two contact lines has the load factors of two rows.
  const { lines } = facts.ratings
  const cos = isThrust(row.type) ? 0 : Math.cos((angleDeg * Math.PI) / 180)
  return {
    elements,
    elementDiameterMm,
    elementLengthMm,
    rows: rule.rows,
    contactAngleDeg: angleDeg,
    pitchDiameterMm,
    innerRacewayMm: pitchDiameterMm - elementDiameterMm * cos,
    outerRacewayMm: pitchDiameterMm + elementDiameterMm * cos,
    dynamicRatingN: lines ** 0.7 * dynamicRating(interior).ratingN,
    staticRatingN: lines * fixed.ratingN,
    fatigueLimitN: fatigueLimit(row.type, lines * fixed.ratingN, pitchDiameterMm),
    f0: fixed.f0,
    massKg: estimateMass(row),
  }
}

const steelKgPerMm3 = 7.85e-6

function estimateMass(row: CatalogueRow): number {
  const heightMm = row.assemblyWidthMm ?? row.widthMm
  return (factsOf(row.type).massShare * steelKgPerMm3 * Math.PI * (row.odMm ** 2 - row.boreMm ** 2) * heightMm) / 4
}

function ruleOf(row: CatalogueRow): Rule {
  const rule = rules.get(row.series)
  if (!rule) throw new Error(`no interior rule for series ${row.series}`)
  return rule
}

function pinnedSize(designation: string | undefined): { elements: number; elementDiameterMm: number } | null {
  const found = interiorRules.pinned.find(([size]) => size === designation)
  return found ? { elements: Number(found[1]), elementDiameterMm: Number(found[2]) } : null
}

function ballSize(row: CatalogueRow, rule: Rule, section: number, widthMm: number): number {
  // Series 12 is the one whose balls grow more slowly than its section.
  const k = rule.k ?? Math.max(0.2, 0.266 - 0.0014 * (section - 27))
  const most = rule.m !== null ? rule.m * widthMm : Infinity
  const raw = Math.min(k * section, most)
  const step = raw < 6 * ballStepMm ? ballStepMm / 2 : ballStepMm
  return Math.floor(raw / step + 1e-6) * step
}

function rollerSize(rule: Rule, section: number): number {
  return Math.max(1, Math.floor(2 * (rule.k ?? 0) * section + 0.5 + 1e-6) / 2)
}

function countElements(rule: Rule, elementDiameterMm: number, pitchDiameterMm: number): number {
  const half = Math.asin(elementDiameterMm / pitchDiameterMm)
  return rule.fillAngleRad !== null
    ? 1 + Math.floor(rule.fillAngleRad / (2 * half) + 1e-9)
    : Math.floor(Math.PI / ((rule.spacing ?? 1) * half) + 1e-9)
}

/** Whether the estimate of this series was held against published ratings. */
export const isVerifiedEstimate = (row: CatalogueRow): boolean => rules.get(row.series)?.verified ?? false

/** Series of which the large sizes are estimated too high, from this bore on, mm, and by what share of C at most. */
const runningHigh: Record<string, { fromBoreMm: number; share: number }> = {
  62: { fromBoreMm: 120, share: 0.16 },
  63: { fromBoreMm: 120, share: 0.09 },
}
/** Above this bore, mm, no estimate was held against published ratings, and the rolling elements are smaller than the rules have them. */
const mostHeldBoreMm = 300
const beyondHeld = { ball: 0.5, roller: 0.25 } as const

/**
 * How far the estimate of C may run above what is generally published for this size, as a share; 0 where it does not.
 *
 * The rule for the balls of deep groove bearings was chosen on sizes up to 100 mm of bore; in large ones they are smaller.
 */
export function runsHighBy({ series, type, boreMm }: Pick<CatalogueRow, 'series' | 'type' | 'boreMm'>): number {
  if (boreMm > mostHeldBoreMm) return beyondHeld[isBall(type) ? 'ball' : 'roller']
  const rule = runningHigh[series]
  return rule && boreMm >= rule.fromBoreMm ? rule.share : 0
}
