import type { PlantPoint } from '@yardfrost/contract'
import { addDays, mondayOf, pointPlan, weekNumber, weeksAhead } from '@yardfrost/core'
import ical, { ICalCalendarMethod } from 'ical-generator'
import type { CalendarRound } from '../store/calendars.ts'

/** So far ahead a calendar tells what comes due. */
const weeks = 12
/** How often a calendar that subscribes should ask, s. */
const askAgainS = 3600

/** The calendar of one person: rounds on their day, and for each week and area what comes due. */
export function calendarOf(
  site: string,
  rounds: readonly CalendarRound[],
  points: readonly PlantPoint[],
  asOf: string,
): string {
  const calendar = ical({
    name: `${site}: rounds`,
    prodId: { company: 'Yardfrost', product: 'Rounds', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: askAgainS,
  })
  const wholeDay = (id: string, day: string, summary: string, description: string, location: string | null) =>
    calendar.createEvent({ id, start: atDay(day), end: atDay(addDays(day, 1)), allDay: true, summary, description, ...(location ? { location } : {}) }) // prettier-ignore
  for (const { id, number, title, day, points: count, area } of rounds)
    wholeDay(`round-${id}`, day, `Round ${number}: ${title}`, `${count} points`, area)
  for (const { monday, area, due } of weeksOf(points, asOf)) {
    const minutes = due.reduce((sum, point) => sum + planOf(point).minutes, 0)
    const lines = due.map((point) => {
      const { strokes } = planOf(point)
      return `${point.machine.tag} ${point.position.name.toLowerCase()}: ${strokes === null ? point.kind : `${strokes} strokes`}`
    })
    wholeDay(
      `week-${monday}-${area}`,
      monday,
      `${area}: ${due.length} due in week ${weekNumber(monday)}, ${minutes} min`,
      lines.join('\n'),
      area,
    )
  }
  return calendar.toString()
}

const planOf = ({ kind, work, own }: PlantPoint) => pointPlan(kind, work, own)
/** Noon, so that no time zone makes another day of it. */
const atDay = (day: string): Date => new Date(`${day}T12:00:00Z`)

/** What comes due in each week, by area, in walking order. */
function weeksOf(points: readonly PlantPoint[], asOf: string): { monday: string; area: string; due: PlantPoint[] }[] {
  const reached = points.filter(({ own }) => own.unreachable === '')
  const { marks } = weeksAhead(
    reached.map((point) => ({ ...point, machine: point.machine.id, minutes: planOf(point).minutes })),
    asOf,
    weeks,
  )
  const byId = new Map(reached.map((point) => [point.id, point]))
  const found = new Map<string, { monday: string; area: string; due: PlantPoint[] }>()
  for (const mark of [...marks.values()].flat()) {
    // What is overdue is for this week.
    const monday = addDays(mondayOf(asOf), 7 * Math.max(0, mark.week))
    for (const point of mark.ids.flatMap((id) => byId.get(id) ?? [])) {
      const key = `${monday} ${point.machine.area}`
      const week = found.get(key) ?? { monday, area: point.machine.area, due: [] }
      found.set(key, week)
      week.due.push(point)
    }
  }
  return [...found.values()].sort((a, b) => (a.monday < b.monday ? -1 : a.monday > b.monday ? 1 : 0))
}
