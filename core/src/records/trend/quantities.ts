import type { TrendQuantity } from './schema.ts'

/** How a quantity is judged: sizes are in what is judged, a value or its decimal logarithm. */
export interface Judged {
  worse: 'up' | 'down'
  logarithmic: boolean
  /** No spread counts as smaller. */
  leastScale: (base: number) => number
  /** Over the baseline by the larger of this and so many scales. */
  alert: (base: number) => number
  alarm: (base: number) => number
  fixed: { alert: number | null; alarm: number | null }
}

export const alertScales = 4
export const alarmScales = 7

const none = { alert: null, alarm: null }
const flat = (value: number) => () => value
const share = (part: number) => (base: number) => part * base

export const judged: Record<TrendQuantity, Judged> = {
  temperature: { worse: 'up', logarithmic: false, leastScale: flat(0.7), alert: flat(10), alarm: flat(15), fixed: { alert: 80, alarm: 90 } }, // prettier-ignore
  velocity: { worse: 'up', logarithmic: false, leastScale: (base) => Math.max(0.1, 0.05 * base), alert: share(0.6), alarm: share(1.5), fixed: none }, // prettier-ignore
  envelope: { worse: 'up', logarithmic: false, leastScale: share(0.1), alert: share(1), alarm: share(3), fixed: none },
  ultrasound: { worse: 'up', logarithmic: false, leastScale: flat(1), alert: flat(8), alarm: flat(16), fixed: none },
  insulation: {
    worse: 'down',
    logarithmic: true,
    leastScale: flat(0.05),
    alert: flat(0.5),
    alarm: flat(1),
    fixed: none,
  },
  other: { worse: 'up', logarithmic: false, leastScale: share(0.05), alert: flat(0), alarm: flat(0), fixed: none },
}
