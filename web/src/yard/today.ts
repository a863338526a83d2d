import type { JobSummary, MachineSummary, PlantPoint, RoundSummary, Warming, Yard } from '@yardfrost/contract'
import { daysBetween, grouped, hasEnded, pointPlan } from '@yardfrost/core'
import { trendTitles, trendWords } from '../trend/trend-words.ts'
import { today } from '../shell/today.ts'
import type { RouteLocationRaw } from 'vue-router'

/** One thing that wants hands: where, why, and the door to do it. */
export interface TodayLine {
  key: string
  mark: 'stop' | 'watch' | 'grease' | 'job' | 'round' | 'warming'
  /** `BP-12 coupling end`, `DF-41 both ends`. */
  place: string
  reason: string
  /** Of a job or a round: how much of it is done. */
  share: number | null
  door: { label: string; to: RouteLocationRaw }
  /** Number of the job behind the door. */
  job: number | null
}

export interface TodayArea {
  name: string
  lines: TodayLine[]
}

const marks = ['stop', 'watch'] as const

/**
 * What wants hands today, in walking order: positions that say stop or watch, points that are overdue, jobs and rounds under way.
 * A position that a job is open for is told of once, with the job.
 */
export function todayOf(
  yard: Yard,
  jobs: readonly JobSummary[],
  rounds: readonly RoundSummary[],
  overdue: readonly PlantPoint[],
  sentence: (text: string) => string,
  warming: Warming = [],
): TodayArea[] {
  const open = jobs.filter(({ state }) => !hasEnded(state))
  const areas = yard.areas.map(({ name, machines }) => ({
    name,
    lines: machines.flatMap((machine) => {
      const mine = open.filter((job) => job.machine.id === machine.id)
      const found = findings(machine, mine, sentence)
      const told = new Set(found.flatMap(({ job }) => job ?? []))
      return [
        ...found.map(({ line }) => line),
        ...mine.filter(({ id, state }) => state !== 'planned' && !told.has(id)).map(jobLine),
        ...warming.filter((one) => one.machine.id === machine.id).map(warmingLine),
        ...greaseLines(machine, overdue, rounds),
      ]
    }),
  }))
  const walked = rounds.filter(({ state, done, skipped }) => state === 'open' && done + skipped > 0)
  for (const round of walked) areas.find(({ name }) => name === round.areas[0])?.lines.push(roundLine(round))
  return areas.filter(({ lines }) => lines.length > 0)
}

/** Positions of a machine that ask for hands, those with the same state and words together, and the job that is open for them. */
function findings(
  machine: MachineSummary,
  jobs: readonly JobSummary[],
  sentence: (text: string) => string,
): { line: TodayLine; job: string | null }[] {
  return marks.flatMap((state) => {
    const inState = machine.positions.filter((one) => one.state === state)
    return [...grouped(inState, ({ finding }) => sentence(finding ?? ''))].map(([reason, positions]) => {
      const [first] = positions
      const job = jobs.find(({ title }) =>
        positions.some(({ name }) => title.toLowerCase().includes(name.toLowerCase())),
      )
      const line: TodayLine = {
        key: `${machine.id} ${state} ${first?.id ?? ''}`,
        mark: state,
        place: placeOf(
          machine,
          positions.map(({ name }) => name),
        ),
        reason: job && job.state !== 'planned' ? `${stageOf(job)} ${reason}` : reason,
        share: null,
        door: job ? doorOf(job) : { label: 'Look', to: { name: 'position', params: { id: first?.id ?? '' } } },
        job: job?.number ?? null,
      }
      return { line, job: job?.id ?? null }
    })
  })
}

const doorOf = (job: JobSummary) => ({ label: `Job ${job.number}`, to: { name: 'job', params: { id: job.id } } })
const stageOf = (job: JobSummary): string =>
  `${job.state === 'waiting' ? 'Waits at' : 'At'} ${job.stage?.toLowerCase() ?? 'its end'}, ${job.doneSteps} of ${job.steps} steps${job.who ? `, ${job.who}` : ''}.${job.state === 'waiting' && job.reason ? ` ${job.reason}.` : ''}`

/** `DF-41 both ends`, or the ends by name. */
function placeOf(machine: { tag: string; positions: readonly unknown[] }, names: readonly string[]): string {
  if (names.length > 1 && names.length === machine.positions.length)
    return `${machine.tag} ${names.length === 2 ? 'both ends' : 'all over'}`
  return `${machine.tag} ${names.join(' and ').toLowerCase()}`
}

const jobLine = (job: JobSummary): TodayLine => ({
  key: job.id,
  mark: 'job',
  place: job.machine.tag,
  reason: `${job.title}. ${stageOf(job)}`,
  share: job.steps > 0 ? job.doneSteps / job.steps : 0,
  door: doorOf(job),
  job: job.number,
})

const warmingLine = ({ machine, position, quantity, verdict, result }: Warming[number]): TodayLine => ({
  key: `${position.id} ${quantity}`,
  mark: verdict === 'stop' ? 'stop' : 'warming',
  place: `${machine.tag} ${position.name.toLowerCase()}`,
  reason: `${trendTitles[quantity].title}: ${trendWords(result)}`,
  share: null,
  door: { label: 'Look', to: { name: 'position', params: { id: position.id, lens: 'diagnose' } } },
  job: null,
})

const roundLine = ({ id, number, title, done, skipped, points, walkedBy }: RoundSummary): TodayLine => ({
  key: id,
  mark: 'round',
  place: title,
  reason: `${done} of ${points} points done${skipped ? `, ${skipped} not` : ''}${walkedBy ? `. ${walkedBy}` : ''}.`,
  share: points > 0 ? (done + skipped) / points : 0,
  door: { label: `Round ${number}`, to: { name: 'round', params: { id } } },
  job: null,
})

/** Points of a machine that nobody has greased, oiled or looked at in time. */
function greaseLines(
  machine: MachineSummary,
  overdue: readonly PlantPoint[],
  rounds: readonly RoundSummary[],
): TodayLine[] {
  const points = overdue.filter((point) => point.machine.id === machine.id)
  if (points.length === 0) return []
  const days = Math.max(...points.map(({ dueOn }) => daysSince(dueOn)))
  const strokes = points.flatMap(({ kind, work, own }) => pointPlan(kind, work, own).strokes ?? [])
  const gun = points.map(({ work }) => work.gun?.name).find((name) => name !== undefined)
  const round = rounds.find(({ state }) => state === 'open')
  return [
    {
      key: `${machine.id} overdue`,
      mark: 'grease',
      place: placeOf(machine, [...new Set(points.map(({ position }) => position.name))]),
      reason: `Overdue by ${days} ${days === 1 ? 'day' : 'days'}${strokes.length ? `: ${strokes.join(' and ')} strokes${gun ? `, ${gun}` : ''}` : ''}.`,
      share: null,
      door: { label: round ? 'Rounds' : 'Make a round', to: { name: 'rounds' } },
      job: null,
    },
  ]
}

const daysSince = (day: string | null): number => (day === null ? 0 : Math.max(0, daysBetween(day, today())))
