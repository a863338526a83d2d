import type { PlainPosition } from '../kinds/plain/position.ts'
import type { PlainOutcomes } from '../kinds/plain/assess.ts'
import { PointWork } from '../round/point.ts'
import type { PointWorks } from '../round/works-of.ts'
import { sleeveName } from './identify/figures.ts'

/** Custom: an oil level is looked at every week, a bearing every four. */
const [levelDays, lookDays] = [7, 28]
/** Oil and grease age where they stand as well. */
const yearDays = 365

/** What a plain bearing asks for on a round: oil by its level and age, grease by its interval, and a look. */
export function plainWorksOf(position: PlainPosition, { identify, carry, oil }: PlainOutcomes): PointWorks {
  const designation = sleeveName(position, identify)
  if (designation === null) return {}
  const shared = {
    designation,
    speedRpm: carry.speedRpm,
    housing: position.bearing.form === 'split' ? ('split' as const) : ('solid' as const),
  }
  const { gramsPerStroke } = position.oil
  return {
    ...(oil.grease
      ? {
          grease: PointWork.parse({
            ...shared,
            intervalH: oil.grease.intervalH,
            maxDays: yearDays,
            why: 'by pressure, speed, dirt and heat',
            quantityG: oil.grease.quantityG,
            gun: gramsPerStroke === null ? null : { name: 'the usual gun', gramsPerStroke },
            port: 'centre',
          }),
        }
      : {}),
    ...(position.oil.lubrication === 'oil-fed'
      ? { 'oil-level': PointWork.parse({ ...shared, maxDays: levelDays, why: 'by custom' }) }
      : {}),
    ...(oil.change
      ? {
          'oil-change': PointWork.parse({
            ...shared,
            intervalH: Math.max(1, oil.change.hoursH),
            maxDays: yearDays,
            why: 'by temperature and dirt',
          }),
        }
      : {}),
    look: PointWork.parse({ ...shared, maxDays: lookDays, why: 'by custom' }),
  }
}
