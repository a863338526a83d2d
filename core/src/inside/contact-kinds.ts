import { bearingTypes, factsOf, type BearingType } from '../bearing-types/index.ts'
import { overallWidth, type Catalogue, type CatalogueRow } from '../catalogue/catalogue.ts'
import { findBearing, type ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import { seeInside, type InsideLoad, type SeenInside } from './see-inside.ts'

/** How an element touches its track. */
export const contactKinds = ['point', 'line', 'barrel'] as const
export type ContactKind = (typeof contactKinds)[number]

/** What is done to all three alike. */
export interface ContactTrial {
  radialN: number
  tiltArcmin: number
}

/** One kind of contact in a bearing of like size under a like load. */
export interface ContactOfKind extends SeenInside {
  kind: ContactKind
  bearing: ResolvedBearing
  under: InsideLoad
  /** Largest pressure over that of the load once, in line. */
  pressureTimes: number
  /** Half width of the footprint along the rolling element, from end to end, mm; of a ball from edge to edge of its ellipse. */
  outline: { atMm: number; halfMm: number }[]
}

/** Plain types that show it best, one a kind: nothing else of them is different. */
const isOfKind: Record<ContactKind, (type: BearingType) => boolean> = {
  point: (type) => factsOf(type).rolls === 'ball' && factsOf(type).takesF0 && !factsOf(type).insertUnit,
  line: (type) => factsOf(type).rolls === 'roller' && factsOf(type).axialLoad === 'on-ribs',
  barrel: (type) => factsOf(type).inside.barrel,
}

/** The bearing of a kind that is nearest in size: the same bore, then the nearest outside and width. */
function nearestOf(kind: ContactKind, row: CatalogueRow, catalogue: Catalogue): ResolvedBearing | null {
  const types = bearingTypes.filter(isOfKind[kind])
  if (types.includes(row.type)) return findBearing(row.designation, catalogue)
  const off = (one: CatalogueRow) => Math.abs(one.odMm - row.odMm) + Math.abs(overallWidth(one) - overallWidth(row))
  const [nearest] = catalogue.rows
    .filter((one) => types.includes(one.type) && one.boreMm === row.boreMm)
    .sort((a, b) => off(a) - off(b))
  return nearest ? findBearing(nearest.designation, catalogue) : null
}

/**
 * Point, line and barrel side by side: a bearing of each kind on the same bore under the same load, in line and tilted.
 *
 * @param trial - load, N, and how far the rings are out of line, minutes of arc
 * @returns those of which there is a bearing on that bore, and which carry the load
 * @see load.distribution, contact.pressure; clearance is taken as none
 */
export function contactsOf(
  row: CatalogueRow,
  trial: ContactTrial,
  catalogue: Catalogue,
  usualN: number,
): ContactOfKind[] {
  return contactKinds.flatMap((kind) => {
    const bearing = nearestOf(kind, row, catalogue)
    if (!bearing) return []
    const loaded = (radialN: number, tiltArcmin: number): InsideLoad => ({
      ...{ radialN, axialN: 0, clearanceUm: 0, tiltArcmin },
      ...{ speedRpm: null, dynamicRatingN: null, rotatingRing: 'inner' },
    })
    const under = loaded(trial.radialN, trial.tiltArcmin)
    const [seen, usual] = [under, loaded(usualN, 0)].map((load) => attempt(() => seeInside(bearing, load)).value)
    if (!seen || !usual) return []
    const pressureTimes = seen.distribution.inner.maxPressureMPa / usual.distribution.inner.maxPressureMPa
    return [{ ...seen, kind, bearing, under, pressureTimes, outline: outlineOf(bearing, seen.distribution) }]
  })
}

const ballPoints = 40

function outlineOf(
  { interior }: ResolvedBearing,
  { inner, laminaLoadsN }: SeenInside['distribution'],
): ContactOfKind['outline'] {
  const halfAlong = inner.footprintAlongMm / 2
  if (!laminaLoadsN) {
    const halfAcross = inner.footprintAcrossMm / 2
    return Array.from({ length: ballPoints + 1 }, (_, index) => {
      const share = (2 * index) / ballPoints - 1
      return { atMm: share * halfAcross, halfMm: halfAlong * Math.sqrt(1 - share ** 2) }
    })
  }
  const length = interior.elementLengthMm ?? 0
  const most = Math.max(...laminaLoadsN)
  // Of a line the half width goes with the root of its load.
  const loaded = laminaLoadsN.map((load, index) => ({
    atMm: ((index + 0.5) / laminaLoadsN.length - 0.5) * length,
    halfMm: halfAlong * Math.sqrt(load / most),
  }))
  return loaded.filter(({ halfMm }) => halfMm > 0)
}
