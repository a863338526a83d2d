import { factsOf, clearanceClasses, type BearingType } from '../../bearing-types/index.ts'
import { overallWidth, type Catalogue, type CatalogueRow } from '../../catalogue/catalogue.ts'
import { spellSuffix } from '../../catalogue/designation-suffixes.ts'
import { findBearing, type ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import { alternatives } from '../proposals.ts'
import { closureSuffix } from '../words.ts'
import { compareNumbers, type ComparedLine } from './compare-numbers.ts'
import * as words from './words.ts'

/** How far from the bearing asked for: as its number says; one thing else, named; another width; another type of the size. */
export type ReplacementKind = 'exact' | 'change' | 'seat-work' | 'type'

export interface Replacement {
  designation: string
  kind: ReplacementKind
  /** What it brings with it, in sentences; none for the exact one. */
  minds: string[]
}

/** A spacer makes up for so much of the width, a cover is turned for so much, and no more. */
const [narrowest, widest] = [0.6, 1.26]

/**
 * What may go in the place of a bearing: itself; the same size with a suffix else that does no harm; the same type in another width,
 * with work on spacer or cover; another type of the same size, whose place is to be judged anew.
 *
 * @returns in that order; every number is one this program reads
 */
export function replacements(wanted: ResolvedBearing, catalogue: Catalogue): Replacement[] {
  const exact: Replacement = { designation: wanted.decoded.normal, kind: 'exact', minds: [] }
  const { row } = wanted
  const sameSize = alternatives(row, catalogue).map((one) => ({
    ...one,
    row: catalogue.byDesignation.get(one.designation),
  }))
  const found = [
    exact,
    ...otherSuffixes(wanted).flatMap((designation) => changed(designation, wanted, catalogue)),
    ...sameSize.flatMap(({ row: other }) => (other?.type === row.type ? changed(numberOf(other, wanted), wanted, catalogue) : [])),
    ...otherWidths(wanted, catalogue),
    ...sameSize.flatMap(({ row: other, changes }): Replacement[] =>
      other && other.type !== row.type
        ? [{ designation: findBearing(numberOf(other, wanted), catalogue)?.decoded.normal ?? other.designation, kind: 'type', minds: [changes] }]
        : [],
    ),
  ] // prettier-ignore
  const seen = new Set<string>()
  return found.filter(({ designation }) => !seen.has(designation) && seen.add(designation))
}

/** Suffixes behind dashes of a bearing, as its normal number has them. */
const suffixesOf = ({ decoded }: ResolvedBearing): string[] => decoded.normal.slice(decoded.size.length).split('-').slice(1) // prettier-ignore
/** What stands between base number and the first dash. */
const gluedOf = ({ decoded }: ResolvedBearing): string => decoded.normal.slice(decoded.size.length).split('-')[0] ?? ''
const groupOf = (suffix: string, type: BearingType): string | null => spellSuffix(suffix, type)?.[0]?.groups[0] ?? null

/** Number of another size with the suffixes that are called for, as far as its type has them. */
function numberOf(row: CatalogueRow, wanted: ResolvedBearing): string {
  const made = factsOf(row.type).closuresMade(row.series).length > 0
  const glued = row.type === wanted.row.type ? gluedOf(wanted) : ''
  const suffixes = suffixesOf(wanted).filter((one) => {
    const group = groupOf(one, row.type)
    return group !== null && (group !== 'closure' || made)
  })
  return [`${row.designation}${glued}`, ...suffixes].join('-')
}

/** The same size with one suffix else. */
function otherSuffixes(wanted: ResolvedBearing): string[] {
  const { decoded, row } = wanted
  const step = decoded.clearanceClass === null ? -1 : clearanceClasses.indexOf(decoded.clearanceClass)
  const roomier = step < 0 ? undefined : clearanceClasses[step + 1]
  const closures = factsOf(row.type).closuresMade(row.series)
  const tried = [...closures.map((one) => closureSuffix[one].slice(1)), roomier ?? '', 'M', 'J', 'TN', 'P6', 'W33'].filter(Boolean) // prettier-ignore
  return tried.map((suffix) => {
    const group = groupOf(suffix, row.type)
    // One of the same group makes room for the one that is tried.
    const others = suffixesOf(wanted).filter((one) => groupOf(one, row.type) !== group)
    return [`${decoded.size}${gluedOf(wanted)}`, ...others, suffix].join('-')
  })
}

/** A number that goes in with something to mind; nothing where it says the same, or must not. */
function changed(designation: string, wanted: ResolvedBearing, catalogue: Catalogue): Replacement[] {
  const other = findBearing(designation, catalogue)
  if (!other || other.decoded.unknown.length > 0) return []
  const { likeness, lines } = compareNumbers(other, wanted)
  if (likeness !== 'goes' && likeness !== 'look') return []
  return [{ designation: other.decoded.normal, kind: 'change', minds: reasonsOf(lines) }]
}

/** The same type, bore and outside in another width: a spacer, or a cover that is turned. */
function otherWidths(wanted: ResolvedBearing, catalogue: Catalogue): Replacement[] {
  const { row } = wanted
  return catalogue.everyRow
    .filter((one) => one.type === row.type && one.boreMm === row.boreMm && one.odMm === row.odMm)
    .filter((one) => {
      const share = overallWidth(one) / overallWidth(row)
      return share !== 1 && share >= narrowest && share <= widest
    })
    .flatMap((one) => {
      const other = findBearing(numberOf(one, wanted), catalogue)
      if (!other || other.decoded.unknown.length > 0 || other.interior.rows !== wanted.interior.rows) return []
      const { lines } = compareNumbers(other, wanted)
      // Anything but the width would be a second thing to mend.
      if (lines.some(({ what, likeness }) => likeness === 'never' && what !== 'width')) return []
      const rest = reasonsOf(lines.filter(({ what }) => what !== 'width'))
      const work = words.workForWidth(overallWidth(one), overallWidth(row))
      return [{ designation: other.decoded.normal, kind: 'seat-work' as const, minds: [work, ...rest] }]
    })
}

const reasonsOf = (lines: readonly ComparedLine[]): string[] => lines.flatMap(({ saying }) => (saying ? [saying.reason] : [])) // prettier-ignore
