import { hours } from '../words/quantities.ts'
import type { PointKind, PointOwn, PointWork } from './point.ts'

/** What stands for a point: what is worked out, and what people have settled over it. */
export interface PointPlan {
  intervalH: number | null
  maxDays: number | null
  quantityG: number | null
  /** Whole strokes of its gun; null for no grease, or where no gun was weighed. */
  strokes: number | null
  minutes: number
  /** Where the interval comes from, in words. */
  why: string
  /** The interval by itself, where a person has another. */
  usualH: number | null
}

/** What a point takes of a person who knows the way, minutes; custom. */
const usualMinutes: Record<PointKind, number> = { grease: 5, 'oil-level': 2, 'oil-change': 30, look: 3 }

const originWords = { site: 'the site’s own', manual: 'from the manual', learned: 'learned here' } as const

/** Strokes of a gun for so many grams, as `grease.quantity` rounds them. */
export const strokesFor = (quantityG: number, gramsPerStroke: number): number =>
  Math.max(1, Math.floor(quantityG / gramsPerStroke + 0.5))

export function pointPlan(kind: PointKind, work: PointWork, own: PointOwn): PointPlan {
  const quantityG = kind === 'grease' ? (own.quantityG ?? work.quantityG) : null
  return {
    intervalH: own.intervalH ?? work.intervalH,
    maxDays: own.maxDays ?? work.maxDays,
    quantityG,
    strokes: quantityG !== null && work.gun ? strokesFor(quantityG, work.gun.gramsPerStroke) : null,
    minutes: own.minutes ?? usualMinutes[kind],
    why: own.intervalH === null ? work.why : `${originWords[own.from]}: ${own.reason}`,
    usualH: own.intervalH === null ? null : work.intervalH,
  }
}

/** A span of the calendar: `week`, `4 weeks`, `year`, `100 days`. */
function span(days: number): string {
  if (days === 7) return 'week'
  if (days === 365) return 'year'
  return days % 7 === 0 && days < 60 ? `${days / 7} weeks` : `${days} days`
}

/** How often a point comes round and why, in a sentence. */
export function oftenSaid({ intervalH, maxDays, why }: PointPlan): string {
  const often =
    intervalH === null
      ? `Every ${span(maxDays ?? 1)}`
      : `Every ${hours(intervalH)} of running${maxDays === null ? '' : `, every ${span(maxDays)} at the least`}`
  return `${often}, ${why}.`
}
