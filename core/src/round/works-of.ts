import type { RollingOutcomes } from '../kinds/rolling/assess.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Machine } from '../model/machine.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { oilChange } from '../running/oil-change.ts'
import { oilLevel } from '../running/oil-level.ts'
import { gunOf, lubricantOf, withSite } from '../site/apply.ts'
import { bathOf } from './oil-in-bath.ts'
import { PointWork, type pointHousings, type PointKind } from './point.ts'

/** Points of a position, by their kind. */
export type PointWorks = Partial<Record<PointKind, PointWork>>

/** Custom: an oil level is looked at every week, a bearing every four. */
const [levelDays, lookDays] = [7, 28]
/** Grease ages where it stands as well: dirty and wet places are greased once a year at the least. */
const greaseYearDays = 365
/** Oil nobody has measured is taken to be as warm as a bearing usually runs, °C. */
const usualOilC = 60

/**
 * What a position asks for on a round: grease by the interval and quantity of Grease, or oil by its level and age, and a look.
 *
 * @param given - the position as it was entered
 */
export function worksOf(given: RollingPosition, machine: Machine, { grease }: RollingOutcomes): PointWorks {
  const position = withSite(given, machine)
  const designation = grease.bearing?.decoded.normal ?? (given.bearing.designation || null)
  if (designation === null) return {}
  const shared = {
    designation,
    speedRpm: runningSpeed(position)?.meanRpm ?? null,
    housing: housingOf(position, machine),
  }
  const product = machine.site ? lubricantOf(given, machine.site) : null
  const oil = { ...shared, lubricant: product?.name ?? '' }
  return {
    ...greasePoint(position, machine, grease, oil),
    ...(position.grease.lubrication === 'oil-bath' ? oilPoints(position, grease, oil) : {}),
    look: PointWork.parse({ ...shared, maxDays: lookDays, why: 'by custom' }),
  }
}

type Shared = Pick<PointWork, 'designation' | 'speedRpm' | 'housing' | 'lubricant'>

function greasePoint(
  position: RollingPosition,
  { site }: Machine,
  grease: RollingOutcomes['grease'],
  shared: Shared,
): PointWorks {
  const { intervalH, intervals, insertInDirt, quantity } = grease
  if (intervalH === null || !quantity) return {}
  const { contamination, moisture, thickener, port, gramsPerStroke } = position.grease
  const dirty = contamination !== 'light' || moisture !== 'dry'
  const gun = site ? gunOf(position, site) : null
  return {
    grease: PointWork.parse({
      ...shared,
      intervalH: Math.max(1, intervalH),
      maxDays: dirty ? greaseYearDays : null,
      why: insertInDirt ? 'custom of insert units in dirt' : `by ${intervals?.[0]?.name ?? 'formula'}`,
      quantityG: quantity.quantityG,
      gun: gun ?? (gramsPerStroke === null ? null : { name: 'the usual gun', gramsPerStroke }),
      thickener,
      port,
    }),
  }
}

function oilPoints(position: RollingPosition, { bearing }: RollingOutcomes['grease'], shared: Shared): PointWorks {
  const { runningC, contamination, moisture } = position.grease
  const temperatureC = Math.min(130, Math.max(-20, runningC ?? usualOilC))
  const { hoursH } = oilChange({ temperatureC, contamination, moisture, oil: 'mineral', system: 'bath' })
  const level = bearing && oilLevel(bearing.interior)
  return {
    'oil-level': PointWork.parse({
      ...shared,
      maxDays: levelDays,
      why: 'by custom',
      levelMm: level?.centreToLevelMm ?? null,
      bath: bearing && bathOf(bearing),
    }),
    'oil-change': PointWork.parse({
      ...shared,
      intervalH: Math.max(1, hoursH),
      maxDays: greaseYearDays,
      why: 'by temperature and dirt',
    }),
  }
}

function housingOf({ seat, mount }: RollingPosition, { kind }: Machine): (typeof pointHousings)[number] {
  if (kind === 'motor') return 'motor-end'
  if (mount.housing === 'flanged') return 'flanged'
  return mount.housing === 'split' || seat.housing === 'split' ? 'split' : 'solid'
}
