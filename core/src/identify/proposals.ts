import { sizeKey, type Catalogue, type CatalogueRow } from '../catalogue/catalogue.ts'
import { spellSuffix } from '../catalogue/designation-suffixes.ts'
import { lookUpBearing, type ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { factsOf, type BearingType } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { stabilisedFor } from './differences.ts'
import { closureSuffix, otherSeries, otherType, type Change } from './words.ts'

/** A bearing to put in instead, and what changes with it. */
export interface Proposal {
  designation: string
  kind: 'equivalent' | 'alternative'
  /** What changes, in one sentence. */
  changes: string
}

/**
 * The number to order for what the machine calls for, then other types of the same bore, outside diameter and width.
 *
 * @returns the direct equivalent first; every number is one this program reads
 */
export function proposals(position: RollingPosition, bearing: ResolvedBearing, catalogue: Catalogue): Proposal[] {
  const direct: Proposal = {
    designation: orderNumber(position, bearing, catalogue),
    kind: 'equivalent',
    changes: 'The same size with everything the machine calls for in its number.',
  }
  return [direct, ...alternatives(bearing.row, catalogue)]
}

// Sizes do not change, so what else goes into the same place is worked out once a size.
const alternativesCache = new WeakMap<CatalogueRow, Proposal[]>()

/** Bearings of the same bore, outside diameter and width, and what changes with each; in catalogue order. */
export function alternatives(row: CatalogueRow, catalogue: Catalogue): Proposal[] {
  const known =
    alternativesCache.get(row) ??
    (catalogue.bySize.get(sizeKey(row)) ?? [])
      .filter(({ designation }) => designation !== row.designation)
      .map(({ designation, type, series }): Proposal => ({
        designation,
        kind: 'alternative',
        changes: changesFrom(row.type, type, series),
      }))
  alternativesCache.set(row, known)
  return known
}

/** The size with the suffixes of what is called for; a suffix its type does not have is left off. */
function orderNumber(
  { bearing: given }: RollingPosition,
  { decoded, row }: ResolvedBearing,
  catalogue: Catalogue,
): string {
  const wantedClosure = given.requiredClosure ?? decoded.closure
  // An insert bearing is sealed without a suffix, and what is not made closed is not ordered closed.
  const facts = factsOf(row.type)
  const closure = !facts.insertUnit && facts.closuresMade(row.series).includes(wantedClosure) ? wantedClosure : 'open'
  const sides = given.requiredClosure === null && decoded.closedSides === 1
  const clearance = decoded.clearanceClass === null ? null : (given.requiredClearance ?? decoded.clearanceClass)
  const precision =
    given.requiredPrecision ??
    decoded.features.find((one) => one.startsWith('precision-'))?.replace('precision-', '') ??
    'normal'
  const cage =
    given.requiredCage ??
    (['brass', 'polyamide', 'steel'] as const).find((one) => decoded.features.includes(`${one}-cage`))
  const kept = decoded.features.includes('reinforced') ? ' E' : ''
  const parts = [
    (given.requiredBore ?? decoded.boreShape) === 'tapered' ? 'K' : '',
    sides ? closureSuffix[closure].replace('2', '') : closureSuffix[closure],
    cage ? `-${{ brass: 'M', polyamide: 'TN', steel: 'J' }[cage]}` : '',
    precision === 'normal' ? '' : `-${precision}`,
    clearance === null || clearance === 'CN' ? '' : `-${clearance}`,
    given.hottestRingC !== null && given.hottestRingC > 120 ? `-${stabilisedFor(given.hottestRingC) ?? ''}` : '',
  ]
  // Angular contact bearings carry their angle in the number.
  const angle = decoded.features.find((one) => one.startsWith('contact-angle-'))
  const angleSuffix = angle ? ` ${{ '15': 'C', '25': 'AC', '30': 'A', '40': 'B' }[angle.slice(14)] ?? ''}` : ''
  let built = `${row.designation}${kept}${angleSuffix}`
  for (const part of parts) if (spellSuffix(part.replace('-', ''), row.type)?.length) built += part
  const ordered = lookUpBearing(built, catalogue)
  return ordered.kind === 'found' ? ordered.bearing.decoded.normal : built
}

function changesFrom(from: BearingType, to: BearingType, series: string): string {
  if (from === to) return otherSeries(series)
  const [old, other] = [factsOf(from).abilities, factsOf(to).abilities]
  const changes: Change[] = [...axialChange(from, to, series)]
  for (const [ability, words] of [
    ['radial', 'radial load'],
    ['growthInside', 'growth inside the bearing'],
    ['stiffness', 'stiffness'],
  ] as const) {
    const step = other[ability] - old[ability]
    if (step !== 0) changes.push(`${other[ability] === 0 ? 'no' : step > 0 ? 'more' : 'less'} ${words}`)
  }
  if (other.misalignDeg > 3 * old.misalignDeg) changes.push('forgives misalignment')
  if (other.misalignDeg * 3 < old.misalignDeg) changes.push('forgives no misalignment')
  return otherType(to, changes)
}

/** What becomes of axial load: ribs take a little of it, single rows take it one way. */
function axialChange(from: BearingType, to: BearingType, series: string): Change[] {
  if (factsOf(to).axialLoad === 'on-ribs') {
    if (series.startsWith('NUP')) return ['light axial load both ways']
    return [series.startsWith('NJ') ? 'light axial load one way only' : 'no axial load']
  }
  const [old, other] = [factsOf(from).abilities, factsOf(to).abilities]
  if (other.axialOneWay === 0) return ['no axial load']
  if (other.axialBothWays === 0) return ['axial load one way only']
  const step = other.axialBothWays - old.axialBothWays
  return step === 0 ? [] : [step > 0 ? 'more axial load' : 'less axial load']
}
