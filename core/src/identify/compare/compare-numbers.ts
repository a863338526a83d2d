import { bearingTypeNames, factsOf } from '../../bearing-types/index.ts'
import { overallWidth } from '../../catalogue/catalogue.ts'
import { initialClearance } from '../../catalogue/initial-clearance.ts'
import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import { attempt } from '../../errors/input-error.ts'
import { emptyPosition, type RollingPosition } from '../../kinds/rolling/position.ts'
import type { Quantity } from '../../model/units.ts'
import { clearanceMade, featureWords } from '../../words/vocabulary.ts'
import type { Saying, Verdict } from '../../working/check.ts'
import { number, text, type FigureValue } from '../../working/figure.ts'
import { differences } from '../differences.ts'
import * as words from './words.ts'

/** What is compared, in the order one looks at a bearing. */
export const comparedThings = [
  'type', 'bore-size', 'outside', 'width', 'other-width', 'corner', 'guidance', 'angle', 'pair', 'bore', 'clearance', 'closure', 'cage',
  'precision', 'heat', 'snap-ring', 'lubrication', 'rating',
] as const // prettier-ignore
export type ComparedThing = (typeof comparedThings)[number]

/** `same`; `goes`, with something to mind; `look`, where a number does not say; `never`. */
export type Likeness = 'same' | 'goes' | 'look' | 'never'

export interface ComparedLine {
  what: ComparedThing
  here: FigureValue
  wanted: FigureValue
  quantity: Quantity
  decimals?: number
  likeness: Likeness
  /** What comes of it; null where there is nothing to say. */
  saying: Saying | null
}

export interface Comparison {
  lines: ComparedLine[]
  /** The worst of the lines. */
  likeness: Likeness
}

/** A rating this much below the other shortens life worth saying. */
const ratingShare = 0.97

/**
 * What goes in where another was: each thing that two numbers say or leave open, and what comes of it. The same base number is never
 * the same bearing.
 *
 * @param here - the one that lies on the counter
 * @param wanted - the one whose place it is to take
 * @returns lines in the order one looks, those that neither has left out
 */
export function compareNumbers(here: ResolvedBearing, wanted: ResolvedBearing): Comparison {
  const lines = [
    typeLine(here, wanted),
    ...sizeLines(here, wanted),
    guidanceLine(here, wanted),
    angleLine(here, wanted),
    pairLine(here, wanted),
    ...calledForLines(here, wanted),
    featureLine('snap-ring', ['snap-ring', 'snap-ring-groove'], 'never', words.noSnapRing, here, wanted),
    featureLine('lubrication', ['lubrication-groove-and-holes', 'lubrication-holes'], 'goes', words.noGroove, here, wanted),
    ratingLine(here, wanted),
  ].filter((line) => line !== null) // prettier-ignore
  const rank: Record<Likeness, number> = { same: 0, goes: 1, look: 2, never: 3 }
  const likeness = lines.reduce<Likeness>((worst, line) => (rank[line.likeness] > rank[worst] ? line.likeness : worst), 'same') // prettier-ignore
  return { lines, likeness }
}

const line = (
  what: ComparedThing,
  [here, wanted]: readonly [FigureValue, FigureValue],
  likeness: Likeness,
  saying: Saying | null = null,
  quantity: Quantity = 'ratio',
  decimals?: number,
): ComparedLine => ({ what, here, wanted, quantity, likeness, saying, ...(decimals === undefined ? {} : { decimals }) })

function typeLine(here: ResolvedBearing, wanted: ResolvedBearing): ComparedLine {
  const [one, other] = [here.row.type, wanted.row.type]
  const names = [text(bearingTypeNames[one]), text(bearingTypeNames[other])] as const
  return one === other ? line('type', names, 'same') : line('type', names, 'never', words.anotherType(bearingTypeNames[one], bearingTypeNames[other])) // prettier-ignore
}

function sizeLines(here: ResolvedBearing, wanted: ResolvedBearing): ComparedLine[] {
  const length = (what: ComparedThing, a: number, b: number, likeness: Likeness, saying: Saying | null) =>
    line(what, [number(a), number(b)], likeness, saying, 'length', 3)
  const must = (what: 'bore-size' | 'outside', a: number, b: number, saying: Saying) =>
    length(what, a, b, a === b ? 'same' : 'never', a === b ? null : saying)
  const [w, wantedW] = [overallWidth(here.row), overallWidth(wanted.row)]
  const [other, wantedOther] = [here.row.outerWidthMm, wanted.row.outerWidthMm]
  const [corner, wantedCorner] = [here.row.chamferMm, wanted.row.chamferMm]
  return [
    must('bore-size', here.row.boreMm, wanted.row.boreMm, words.otherBore(here.row.boreMm, wanted.row.boreMm)),
    must('outside', here.row.odMm, wanted.row.odMm, words.otherOutside(here.row.odMm, wanted.row.odMm)),
    length('width', w, wantedW, w === wantedW ? 'same' : w < wantedW ? 'goes' : 'never', w === wantedW ? null : words.otherWidth(w, wantedW)), // prettier-ignore
    ...(other !== null && wantedOther !== null
      ? [length('other-width', other, wantedOther, other === wantedOther ? 'same' : 'goes', other === wantedOther ? null : words.otherRing)] // prettier-ignore
      : []),
    ...(corner !== null && wantedCorner !== null
      ? [length('corner', corner, wantedCorner, corner >= wantedCorner ? 'same' : 'goes', corner >= wantedCorner ? null : words.smallerCorner(corner))] // prettier-ignore
      : []),
  ]
}

const guidances = ['no-axial-guidance', 'axial-one-direction', 'axial-both-directions'] as const

/** Ribs of cylindrical rollers: what they hold, and whether the shaft can float inside. */
function guidanceLine(here: ResolvedBearing, wanted: ResolvedBearing): ComparedLine | null {
  const of = ({ decoded }: ResolvedBearing) => guidances.find((one) => decoded.features.includes(one)) ?? null
  const [one, other] = [of(here), of(wanted)]
  if (one === null || other === null) return null
  const values = [text(featureWords(one)), text(featureWords(other))] as const
  if (one !== other) return line('guidance', values, 'never', words.otherGuidance(guidances.indexOf(one) < guidances.indexOf(other))) // prettier-ignore
  // N and NU float alike, but the ring that comes off is the other one.
  const ribs = ({ row }: ResolvedBearing) => factsOf(row.type).ribs(row.series).inner
  return ribs(here) === ribs(wanted)
    ? line('guidance', values, 'same')
    : line('guidance', values, 'goes', words.ribsOnOther)
}

function angleLine(here: ResolvedBearing, wanted: ResolvedBearing): ComparedLine | null {
  const [one, other] = [here.interior.contactAngleDeg, wanted.interior.contactAngleDeg]
  if (here.row.type !== wanted.row.type || (one === 0 && other === 0) || here.decoded.contactAngleDeg === null)
    return null
  const values = [number(one), number(other)] as const
  return one === other ? line('angle', values, 'same', null, 'angle', 0) : line('angle', values, 'never', words.otherAngle, 'angle', 0) // prettier-ignore
}

function pairLine(here: ResolvedBearing, wanted: ResolvedBearing): ComparedLine | null {
  const of = ({ decoded }: ResolvedBearing) =>
    decoded.features.find((one) => one.startsWith('pair-') || one === 'universal-pair')
  const [one, other] = [of(here), of(wanted)]
  if (!one && !other) return null
  const value = (feature: string | undefined) => text(feature ? featureWords(feature) : 'single')
  const values = [value(one), value(other)] as const
  return one === other ? line('pair', values, 'same') : line('pair', values, 'never', words.otherPair)
}

/** A number calls for what it says: clearance, closure, bore, cage, precision, stabilisation. */
function calledForLines(here: ResolvedBearing, wanted: ResolvedBearing): ComparedLine[] {
  const { decoded } = wanted
  const feature = (start: string) => decoded.features.find((one) => one.startsWith(start))?.slice(start.length)
  const cage = (['steel', 'brass', 'polyamide'] as const).find((one) => decoded.features.includes(`${one}-cage`))
  const precision = feature('precision-')
  const stableC = feature('heat-stabilised-')
  const base = emptyPosition()
  const position: RollingPosition = {
    ...base,
    bearing: {
      ...base.bearing,
      requiredClearance: decoded.clearanceClass,
      requiredClosure: decoded.closure,
      requiredBore: decoded.boreShape,
      requiredCage: cage ?? null,
      requiredPrecision: (['P6', 'P5', 'P4'] as const).find((one) => one === precision) ?? 'normal',
      hottestRingC: stableC ? Number.parseInt(stableC, 10) : null,
    },
  }
  const likenessOf: Record<Verdict, Likeness> = { go: 'same', watch: 'goes', stop: 'never' }
  return differences(position, here).map(({ what, wanted: called, present, check }) => {
    const same = check.verdict === 'go' && check.when !== 'unknown'
    const likeness = check.when === 'unknown' ? 'look' : likenessOf[check.verdict]
    const said = same ? null : { reason: check.reason, wayOut: check.wayOut }
    if (what !== 'clearance') return line(what, [text(present), text(called)], likeness, said)
    const box = (one: ResolvedBearing) => boxWords(one)
    return line(what, [text(box(here)), text(box(wanted))], likeness, said)
  })
}

/** `C3, {18 µm~d0} … {36 µm~d0}`: class and clearance in the box. */
function boxWords({ row, decoded }: ResolvedBearing): string {
  const { clearanceClass, boreShape, features } = decoded
  if (clearanceClass === null) return clearanceMade(features)
  const { value } = attempt(() => initialClearance({ bearingType: row.type, boreMm: row.boreMm, boreShape, clearanceClass })) // prettier-ignore
  return value ? words.inBox(clearanceClass, value.minUm, value.maxUm) : clearanceClass
}

/** Something that one has and the other may lack. */
function featureLine(
  what: ComparedThing,
  features: readonly string[],
  without: Likeness,
  saying: Saying,
  here: ResolvedBearing,
  wanted: ResolvedBearing,
): ComparedLine | null {
  const of = ({ decoded }: ResolvedBearing) => features.find((one) => decoded.features.includes(one))
  const [one, other] = [of(here), of(wanted)]
  if (!one && !other) return null
  const value = (feature: string | undefined) => text(feature ? featureWords(feature) : 'none')
  return other && !one
    ? line(what, [value(one), value(other)], without, saying)
    : line(what, [value(one), value(other)], 'same')
}

function ratingLine(here: ResolvedBearing, wanted: ResolvedBearing): ComparedLine | null {
  if (here.row.type !== wanted.row.type) return null
  const [one, other] = [here.interior.dynamicRatingN, wanted.interior.dynamicRatingN]
  const exponent = factsOf(here.row.type).rolls === 'ball' ? 3 : 10 / 3
  const lower = one < ratingShare * other
  return line('rating', [number(one), number(other)], lower ? 'goes' : 'same', lower ? words.lowerRating((one / other) ** exponent) : null, 'force') // prettier-ignore
}
