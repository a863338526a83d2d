import { z } from 'zod'
import { calculation } from '../working/calculation.ts'
import { atMost, byCodeUnit } from './compare.ts'
import { addDays, Day, daysBetween } from './days.ts'
import { refused } from './running-hours.ts'

const text = z.string().trim().min(1).max(200)

/** A point that comes again and again. */
export const DuePoint = z.strictObject({ id: text, dueDate: Day, intervalDays: z.number().min(1).max(36_500) })

const RoutePoint = DuePoint.extend({
  machine: text,
  area: text,
  walkOrder: z.number().min(-1e6).max(1e6),
  minutes: z.number().min(0).max(600).default(5),
})
type RoutePoint = z.output<typeof RoutePoint>

export const RoundPlanInput = z.strictObject({
  asOf: Day.meta({ description: 'Today' }),
  points: z.array(RoutePoint).min(1).max(5000).meta({ description: 'Points of the plant' }),
  windowDays: z.int().min(0).max(365).default(7).meta({ unit: 'd', description: 'Days that the round looks ahead' }),
  togetherPercent: z
    .number()
    .min(0)
    .max(50)
    .default(15)
    .meta({ unit: '%', description: 'Share of its interval that a point may come early to go with another' }),
  areas: z.array(text).max(1000).default([]).meta({ description: 'Areas in walking order' }),
})

export type RoundReason = 'overdue' | 'due' | 'together'
export interface RoundPlan {
  stops: { area: string; machine: string; points: { id: string; reason: RoundReason; daysEarly: number }[] }[]
  /** All points in the order they are walked. */
  order: string[]
  count: number
  minutes: number
  overdue: number
  together: number
}

interface Taken {
  point: RoutePoint
  reason: RoundReason
}

/** Refuses a name that stands twice. */
export function eachOnce(field: string, names: readonly string[]): void {
  const seen = new Set<string>()
  const twice = names.find((name) => seen.size === seen.add(name).size)
  if (twice !== undefined) throw refused(field, twice, 'there once only', 'FIELDS_DISAGREE')
}

/**
 * The points of a round in walking order: what is due, and what of the same machines is nearly due.
 *
 * @returns stops, one for each area and machine; minutes
 * @throws InputError on `points`, `areas` (one twice)
 * @see general practice
 */
export function roundPlan({
  asOf,
  points,
  windowDays,
  togetherPercent,
  areas,
}: z.output<typeof RoundPlanInput>): RoundPlan {
  eachOnce(
    'points',
    points.map(({ id }) => id),
  )
  eachOnce('areas', areas)
  const end = addDays(asOf, windowDays)
  const isDue = (point: RoutePoint) => daysBetween(point.dueDate, end) >= 0
  const opened = new Set(points.filter(isDue).map(({ machine }) => machine))
  const taken = points.flatMap((point): Taken[] => {
    if (isDue(point)) return [{ point, reason: daysBetween(asOf, point.dueDate) < 0 ? 'overdue' : 'due' }]
    const early = daysBetween(end, point.dueDate)
    const near = opened.has(point.machine) && atMost(early, (togetherPercent / 100) * point.intervalDays)
    return near ? [{ point, reason: 'together' }] : []
  })
  const stops = stopsOf(taken, areas).map(({ area, machine, taken: at }) => ({
    area,
    machine,
    points: at.map(({ point: { id, dueDate }, reason }) => ({
      id,
      reason,
      daysEarly: Math.max(0, daysBetween(asOf, dueDate)),
    })),
  }))
  const counted = (reason: RoundReason) => taken.filter((one) => one.reason === reason).length
  return {
    stops,
    order: stops.flatMap((stop) => stop.points.map(({ id }) => id)),
    count: taken.length,
    minutes: taken.reduce((sum, { point }) => sum + point.minutes, 0),
    overdue: counted('overdue'),
    together: counted('together'),
  }
}

/** What is taken, a stop for each area and machine, both in walking order. */
function stopsOf(taken: readonly Taken[], areas: readonly string[]) {
  const stops = new Map<string, { area: string; machine: string; taken: Taken[] }>()
  for (const one of taken) {
    const { area, machine } = one.point
    const key = JSON.stringify([area, machine])
    const stop = stops.get(key) ?? { area, machine, taken: [] }
    stops.set(key, stop)
    stop.taken.push(one)
  }
  const place = new Map(areas.map((area, index) => [area, index]))
  const first = (at: readonly Taken[]) => Math.min(...at.map(({ point }) => point.walkOrder))
  for (const stop of stops.values())
    stop.taken.sort((a, b) => a.point.walkOrder - b.point.walkOrder || byCodeUnit(a.point.id, b.point.id))
  return [...stops.values()].sort(
    (a, b) =>
      (place.get(a.area) ?? areas.length) - (place.get(b.area) ?? areas.length) ||
      byCodeUnit(a.area, b.area) ||
      first(a.taken) - first(b.taken) ||
      byCodeUnit(a.machine, b.machine),
  )
}

export const roundPlanCalculation = calculation(
  'round.plan',
  'Points of a round, in walking order',
  'General practice',
  RoundPlanInput,
  roundPlan,
)
