import type { Catalogue, CatalogueRow } from '../catalogue/catalogue.ts'
import { lookUpBearing } from '../catalogue/resolve-bearing.ts'
import { cleanlinessLevels } from '../kinds/rolling/choices.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { inSentence } from '../model/sentence.ts'
import type { ShaftLine, ShaftPart } from '../model/shaft-line.ts'
import { formatNumber } from '../model/units.ts'
import { type ShaftPosition, type WholeShaft, shaftLife } from './life.ts'

/** One thing done otherwise, and how long the whole shaft lasts then. */
export interface Lever {
  /** What is done, in words. */
  label: string
  systemH: number
  /** Against the life as it stands. */
  ratio: number
}

/** A change that buys less is not worth naming. */
const worthNaming = 1.02

/**
 * Single changes that lengthen the life of a whole shaft, the one that buys most first.
 *
 * Tried are: belts at their right tension, what overhangs a fifth nearer its bearing, dirt off what turns, a finer balance, a
 * coupling better in line; for each bearing cleaner running, a thicker oil, a cooler housing, the next heavier size on the same
 * shaft.
 *
 * @returns those worth naming; none while the shaft has no life to compare with
 */
export function shaftLevers(whole: WholeShaft, catalogue: Catalogue): Lever[] {
  const { systemH: nowH } = shaftLife(whole, catalogue)
  if (nowH === null) return []
  return [...lineChanges(whole), ...whole.positions.flatMap((position) => positionChanges(position, whole, catalogue))]
    .flatMap(({ label, changed }) => {
      const { systemH } = shaftLife(changed, catalogue)
      return systemH === null ? [] : [{ label, systemH, ratio: systemH / nowH }]
    })
    .filter(({ ratio }) => ratio >= worthNaming)
    .sort((a, b) => b.ratio - a.ratio)
}

interface Change {
  label: string
  changed: WholeShaft
}

/** How much nearer to its bearing a part is tried, of its overhang. */
const nearer = 0.2
const finerBalance = 2.5

function lineChanges(whole: WholeShaft): Change[] {
  const { line } = whole
  return line.parts.flatMap((part) => {
    const to = (label: string, changes: object): Change => ({
      label,
      changed: {
        ...whole,
        line: {
          ...line,
          parts: line.parts.map((one) => (one === part ? { ...one, ...changes } : one)),
        },
      },
    })
    const overhangMm = overhangOf(part, line)
    return [
      ...(part.kind === 'pulley' && part.tension > 1 ? [to(`${part.id} at its right tension`, { tension: 1 })] : []),
      ...(part.kind === 'coupling' && part.misalignShare > 0
        ? [to(`${part.id} twice as well in line`, { misalignShare: part.misalignShare / 2 })]
        : []),
      ...('stuckG' in part && part.stuckG * part.stuckRadiusMm > 0
        ? [to(`${inSentence(part.stuckG, 'grams')} cleaned off the ${part.id}`, { stuckG: 0 })]
        : []),
      ...('gradeMmPerS' in part && part.gradeMmPerS > finerBalance
        ? [to(`${part.id} balanced to G ${formatNumber(finerBalance, { figures: 2 })}`, { gradeMmPerS: finerBalance })]
        : []),
      ...(overhangMm === 0
        ? []
        : [
            to(`${part.id} ${inSentence(Math.abs(overhangMm) * nearer, 'length', 2)} nearer to its bearing`, {
              xMm: part.xMm - overhangMm * nearer,
            }),
          ]),
    ]
  })
}

/** How far a part stands out over the last bearing, mm, to the right positive; 0 between the bearings. */
function overhangOf({ xMm }: ShaftPart, { supports }: ShaftLine): number {
  const places = supports.map((support) => support.xMm)
  return Math.max(0, xMm - Math.max(...places)) + Math.min(0, xMm - Math.min(...places))
}

/** One grade of ISO VG thicker. */
const thickerTimes = 1.5
const coolerK = 10

function positionChanges({ name, inputs }: ShaftPosition, whole: WholeShaft, catalogue: Catalogue): Change[] {
  if (!whole.line.supports.some(({ position }) => position === name)) return []
  const to = (label: string, next: RollingPosition): Change => ({
    label: `${name}: ${label}`,
    changed: {
      ...whole,
      positions: whole.positions.map((one) => (one.name === name ? { name, inputs: next } : one)),
    },
  })
  const { grease } = inputs
  const greased = (changes: Partial<RollingPosition['grease']>): RollingPosition => ({
    ...inputs,
    grease: { ...grease, ...changes },
  })
  const cleaner = grease.cleanliness && cleanlinessLevels[cleanlinessLevels.indexOf(grease.cleanliness) - 1]
  const filmCounts = grease.cleanliness !== null && grease.nu40Cst !== null && grease.runningC !== null
  const heavier = heavierThan(inputs, catalogue)
  return [
    ...(cleaner && filmCounts ? [to('one step cleaner', greased({ cleanliness: cleaner }))] : []),
    ...(filmCounts
      ? [
          to('oil one grade thicker', greased({ nu40Cst: Math.min(5000, (grease.nu40Cst ?? 0) * thickerTimes) })),
          to(
            `${inSentence(coolerK, 'temperatureRise')} cooler`,
            greased({ runningC: (grease.runningC ?? 0) - coolerK }),
          ),
        ]
      : []),
    ...(heavier
      ? [
          to(`a ${heavier.designation}, housing bored to ${inSentence(heavier.odMm, 'length')}`, {
            ...inputs,
            // A maker's ratings belong to the bearing that was there.
            bearing: { ...inputs.bearing, designation: heavier.designation, makerDynamicN: null, makerStaticN: null },
          }),
        ]
      : []),
  ]
}

/** A rating this much higher is the next size, not the same one wider. */
const clearlyHeavier = 1.15

/** The next heavier size of the same type on the same shaft; null where the tables have none. */
function heavierThan({ bearing }: RollingPosition, catalogue: Catalogue): CatalogueRow | null {
  const lookup = lookUpBearing(bearing.designation, catalogue)
  if (lookup.kind !== 'found') return null
  const { row, interior } = lookup.bearing
  let next: CatalogueRow | null = null
  let nextN = Infinity
  for (const one of catalogue.rows) {
    if (one.type !== row.type || one.boreMm !== row.boreMm || one.odMm <= row.odMm) continue
    const found = lookUpBearing(one.designation, catalogue)
    const ratingN = found.kind === 'found' ? found.bearing.interior.dynamicRatingN : 0
    if (ratingN < clearlyHeavier * interior.dynamicRatingN || ratingN >= nextN) continue
    next = one
    nextN = ratingN
  }
  return next
}
