import type { PlantPoint, PlantPoints, PlantStop } from '@yardfrost/contract'
import {
  addDays,
  dayInWeek,
  daysBetween,
  isOverdue,
  levelledMoves,
  mondayOf,
  plannedDay,
  pointPlan,
  roundPlan,
  standsIn,
  weekNumber,
  weeksAhead,
  type WeekMark,
  type WeekPoint,
} from '@yardfrost/core'
import { computed, shallowRef } from 'vue'
import { api } from '../api/client.ts'
import { today } from '../shell/today.ts'

export const weeksShown = 11
/** Days of a round that looks a week ahead. */
const weekDays = 7

export interface Week {
  monday: string
  number: number
  stands: boolean
  minutes: number
}
export type WeekRow =
  | { kind: 'area'; key: string; name: string }
  | { kind: 'machine'; key: string; id: string; tag: string; name: string; marks: readonly WeekMark[] }

/** Everything that comes due, in the weeks it comes due in, and what can be done about it. */
export function useWeeks() {
  const points = shallowRef<readonly PlantPoint[] | null>(null)
  const stops = shallowRef<readonly PlantStop[]>([])
  const asOf = today()
  const monday = mondayOf(asOf)

  const take = (all: PlantPoints) => {
    points.value = all.points
    stops.value = all.stops
  }
  const load = async () => take(await api.points())

  const byId = computed(() => new Map((points.value ?? []).map((point) => [point.id, point])))
  const reached = computed(() => (points.value ?? []).filter(({ own }) => own.unreachable === ''))
  const unreached = computed(() => (points.value ?? []).filter(({ own }) => own.unreachable !== ''))
  const planned = computed(() => reached.value.map(weekPoint))
  const ahead = computed(() => weeksAhead(planned.value, asOf, weeksShown))
  const weeks = computed((): Week[] =>
    ahead.value.loads.map((minutes, index) => {
      const from = addDays(monday, weekDays * index)
      return { monday: from, number: weekNumber(from), stands: standsIn(stops.value, from), minutes }
    }),
  )
  /** Machines that have something to do, in walking order under their areas. */
  const rows = computed((): WeekRow[] => {
    const all: WeekRow[] = []
    let [area, machine] = ['', '']
    for (const point of reached.value) {
      if (point.machine.id === machine) continue
      const marks = ahead.value.marks.get(point.machine.id) ?? []
      if (point.machine.area !== area) {
        area = point.machine.area
        all.push({ kind: 'area', key: `area ${area}`, name: area })
      }
      machine = point.machine.id
      all.push({ kind: 'machine', key: machine, id: machine, tag: point.machine.tag, name: point.machine.name, marks })
    }
    return all
  })

  /** Weeks that all of some points may be moved to. */
  function allowed(ids: readonly string[]): Set<number> {
    const all = ids.flatMap((id) => byId.value.get(id) ?? [])
    return new Set(
      weeks.value.flatMap(({ monday: from }, index) =>
        all.length > 0 && all.every((point) => dayInWeek(point, from) !== null) ? [index] : [],
      ),
    )
  }

  async function move(ids: readonly string[], week: number): Promise<void> {
    const from = addDays(monday, weekDays * week)
    const moves = ids.flatMap((id) => {
      const point = byId.value.get(id)
      const to = point ? dayInWeek(point, from) : null
      // Back in the week it is due in it is moved no more.
      return point && to ? [{ id, to: point.dueOn && mondayOf(point.dueOn) === from ? null : to }] : []
    })
    if (moves.length > 0) take(await api.movePoints({ moves }))
  }

  /** Evens the weeks out; tells how many points moved. */
  async function level(): Promise<number> {
    const moves = levelledMoves(planned.value, stops.value, asOf, weeksShown).filter(
      ({ id, to }) => byId.value.get(id)?.movedTo !== to,
    )
    if (moves.length > 0) take(await api.movePoints({ moves }))
    return moves.length
  }

  /** Points for a round of some areas: what is due by the end of a week, and what goes well with it. */
  function pointsFor(week: number, areas: ReadonlySet<string>): string[] {
    const candidates = reached.value.filter(({ machine }) => areas.has(machine.area))
    const dated = candidates.flatMap((point, walkOrder) => {
      const day = plannedDay(weekPoint(point), asOf)
      return day === null ? [] : [{ point, day, walkOrder }]
    })
    if (dated.length === 0) return []
    return roundPlan({
      asOf,
      windowDays: Math.max(0, daysBetween(asOf, addDays(monday, weekDays * week + weekDays - 1))),
      togetherPercent: 15,
      areas: [...areas],
      points: dated.map(({ point, day, walkOrder }) => ({
        id: point.id,
        machine: point.machine.id,
        area: point.machine.area,
        walkOrder,
        dueDate: isOverdue(point, asOf) ? (point.dueOn ?? asOf) : day,
        intervalDays: point.intervalDays,
        minutes: minutesOf(point),
      })),
    }).order
  }

  const areas = computed(() => [...new Set(reached.value.map(({ machine }) => machine.area))])
  return { points, byId, stops, weeks, rows, areas, unreached, overdueMinutes: computed(() => ahead.value.overdueMinutes), asOf, load, take, allowed, move, level, pointsFor } // prettier-ignore
}

export type Weeks = ReturnType<typeof useWeeks>

export const minutesOf = ({ kind, work, own }: PlantPoint): number => pointPlan(kind, work, own).minutes
const weekPoint = (point: PlantPoint): WeekPoint => ({
  id: point.id,
  machine: point.machine.id,
  dueOn: point.dueOn,
  earlyOn: point.earlyOn,
  lateOn: point.lateOn,
  movedTo: point.movedTo,
  lastDone: point.lastDone,
  intervalDays: point.intervalDays,
  minutes: minutesOf(point),
})
