import { roundLevel } from '../records/round-level.ts'
import { addDays, daysBetween } from '../records/days.ts'

/** What the weeks ahead need of a point. */
export interface WeekPoint {
  id: string
  machine: string
  /** Null where it was never done: it is due now. */
  dueOn: string | null
  earlyOn: string | null
  lateOn: string | null
  movedTo: string | null
  lastDone: string | null
  intervalDays: number
  minutes: number
}

export interface PlantPause {
  fromDay: string
  toDay: string
}

/** Points of one machine in one week; week −1 is what is overdue. */
export interface WeekMark {
  week: number
  ids: string[]
  minutes: number
}

export interface WeeksAhead {
  /** Marks by machine, in order of weeks. */
  marks: Map<string, WeekMark[]>
  /** Minutes of each week. */
  loads: number[]
  overdueMinutes: number
}

/** Monday of the week of a day: weeks of a plant begin there. */
export const mondayOf = (day: string): string => addDays(day, -((daysBetween('1970-01-05', day) % 7) + 7) % 7)

/** Number of the week in its year, as ISO 8601 counts. */
export function weekNumber(day: string): number {
  const thursday = addDays(mondayOf(day), 3)
  return 1 + Math.floor(daysBetween(`${thursday.slice(0, 4)}-01-01`, thursday) / 7)
}

/** Day a point is planned for: where it was moved to, when it is due, or now. */
export const plannedDay = ({ movedTo, dueOn, lastDone }: WeekPoint, asOf: string): string | null =>
  movedTo ?? dueOn ?? (lastDone === null ? asOf : null)

export const isOverdue = ({ lateOn }: Pick<WeekPoint, 'lateOn'>, asOf: string): boolean =>
  lateOn !== null && lateOn < asOf

/**
 * The weeks ahead: each point in the week it is planned for, and again every interval after.
 *
 * @param asOf - today; the first week is the one it falls in
 * @returns minutes of each week, and what is overdue apart from them
 */
export function weeksAhead(points: readonly WeekPoint[], asOf: string, weeks: number): WeeksAhead {
  const monday = mondayOf(asOf)
  const marks = new Map<string, WeekMark[]>()
  const loads = new Array<number>(weeks).fill(0)
  let overdueMinutes = 0
  const put = (point: WeekPoint, week: number) => {
    const mine = marks.get(point.machine) ?? []
    marks.set(point.machine, mine)
    const mark = mine.find((one) => one.week === week)
    if (mark) {
      mark.ids.push(point.id)
      mark.minutes += point.minutes
    } else mine.push({ week, ids: [point.id], minutes: point.minutes })
  }
  for (const point of points) {
    const day = plannedDay(point, asOf)
    if (day === null) continue
    const overdue = isOverdue(point, asOf)
    if (overdue) {
      put(point, -1)
      overdueMinutes += point.minutes
    }
    const step = Math.max(1, Math.floor(point.intervalDays / 7))
    // What is overdue is done now at the earliest, and comes again an interval from then.
    const first = overdue ? step : Math.max(0, Math.floor(daysBetween(monday, day) / 7))
    for (let week = first; week < weeks; week += step) {
      put(point, week)
      loads[week] = (loads[week] ?? 0) + point.minutes
    }
  }
  for (const mine of marks.values()) mine.sort((a, b) => a.week - b.week)
  return { marks, loads, overdueMinutes }
}

/** Whether the plant stands for the most of a week. */
export const standsIn = (stops: readonly PlantPause[], monday: string): boolean => {
  const days = Array.from({ length: 7 }, (_, day) => addDays(monday, day))
  return days.filter((day) => stops.some(({ fromDay, toDay }) => fromDay <= day && day <= toDay)).length >= 4
}

/** The day nearest to the start of a week that lies within the tolerance of a point; null where none does. */
export function dayInWeek({ earlyOn, lateOn }: Pick<WeekPoint, 'earlyOn' | 'lateOn'>, monday: string): string | null {
  if (earlyOn === null || lateOn === null) return null
  const day = monday < earlyOn ? earlyOn : monday
  return day <= lateOn && day <= addDays(monday, 6) ? day : null
}

/** What is within a tolerance of 10 % of its interval; the same that due dates are reckoned by. */
const tolerancePercent = 10

/**
 * Even weeks, and none of the work in a week in which the plant stands, as far as tolerances reach.
 *
 * @returns days to move points to
 */
export function levelledMoves(
  points: readonly WeekPoint[],
  stops: readonly PlantPause[],
  asOf: string,
  weeks: number,
): { id: string; to: string }[] {
  const monday = mondayOf(asOf)
  const dated = points.filter((point) => point.dueOn !== null && !isOverdue(point, asOf))
  if (dated.length === 0) return []
  const byId = new Map(dated.map((point) => [point.id, point]))
  const stands = Array.from({ length: weeks }, (_, week) => standsIn(stops, addDays(monday, 7 * week)))
  const beside = new Map(dated.map((point) => [point.id, besideStop(point, monday, stands)]))
  const { moves } = roundLevel({
    asOf: monday,
    weeks,
    earlyPercent: tolerancePercent,
    latePercent: tolerancePercent,
    points: dated.map((point) => ({
      id: point.id,
      dueDate: beside.get(point.id) ?? point.dueOn ?? asOf,
      intervalDays: point.intervalDays,
      minutes: point.minutes,
      machine: point.machine,
    })),
  })
  const to = new Map([...beside].flatMap(([id, day]): [string, string][] => (day === null ? [] : [[id, day]])))
  for (const { id, toWeek } of moves) {
    const point = byId.get(id)
    const day = point && !stands[toWeek] ? dayInWeek(point, addDays(monday, 7 * toWeek)) : null
    if (day !== null) to.set(id, day)
  }
  return [...to].map(([id, day]) => ({ id, to: day }))
}

/** A day beside the stop that a point is due in, the week before first; null where it is due in none, or cannot move. */
function besideStop(point: WeekPoint, monday: string, stands: readonly boolean[]): string | null {
  const week = Math.max(0, Math.floor(daysBetween(monday, point.dueOn ?? monday) / 7))
  if (!stands[week]) return null
  for (let away = 1; away < stands.length; away++)
    for (const other of [week - away, week + away]) {
      const day = other < 0 || (stands[other] ?? true) ? null : dayInWeek(point, addDays(monday, 7 * other))
      if (day !== null) return day
    }
  return null
}
