import type { LogStatistics, LogStatisticsQuery } from '@yardfrost/contract'
import { endingOf, lifeRecords, logLife, logPareto, logRecurrent, type Recurrent } from '@yardfrost/core'
import type { z } from 'zod'
import { today } from '../round/today.ts'
import type { Db } from '../store/database.ts'
import { countLog, getPlace, hoursOf, listEnds, type Meant } from '../store/log.ts'

type Query = z.output<typeof LogStatisticsQuery>

/** Up to so many ends are taken each by itself; more are counted by their hours. */
const fewEnds = 200

/** What the bearings that are meant say together. */
export async function logStatistics(db: Db, siteId: string, query: Query): Promise<LogStatistics> {
  const asOf = today()
  const { groupBy, ...meant } = query
  const counted = await countLog(db, siteId, meant, { groupBy, asOf })
  const { byHours, byCause, running, runsByHours } = counted
  const ended = byHours.reduce((sum, { count }) => sum + count, 0)
  const hours = await hoursOf(db, running, asOf)
  const runs = running.map((one) => ({ ...one, hoursH: hours(one, one.fitted_on, asOf) }))
  const run = runsByHours.reduce((sum, { count }) => sum + count, runs.length)
  const apart = ended <= fewEnds ? await listEnds(db, siteId, meant, fewEnds) : null
  const lives = [
    ...(apart
      ? apart.map(({ ended: why, hours: hoursH }) => ({ hoursH, ended: endingOf(why) }))
      : byHours.map(({ ended: why, hours: sum, count }) => ({ hoursH: sum / count, ended: endingOf(why), count }))),
    ...runs.map(({ hoursH }) => ({ hoursH, ended: endingOf(null) })),
    ...runsByHours.map(({ hours: sum, count }) => ({ hoursH: sum / count, ended: endingOf(null), count })),
  ]
  const ratedLifeH = query.position ? (await getPlace(db, siteId, query.position)).life_h : null
  const failed = byHours.reduce((sum, one) => sum + (one.ended === 'sound' ? 0 : one.count), 0)
  const records = lifeRecords(lives)
  return {
    fitted: ended + run,
    failed,
    sound: ended - failed,
    running: run,
    life: records.length > 0 ? logLife({ records, ...(ratedLifeH && ratedLifeH > 0 ? { ratedLifeH } : {}) }) : null,
    ratedLifeH,
    pareto: paretoOf(counted, runs, groupBy),
    recurrent: apart ? recurrentOf(meant, apart, runs) : null,
    causes: byCause
      .map(({ cause, ended: why, count }) => ({ cause, ended: why, count }))
      .sort((a, b) => b.count - a.count),
  }
}

type Run = Awaited<ReturnType<typeof countLog>>['running'][number] & { hoursH: number }

/** More than so many machines or positions nobody reads. */
const mostRows = 200

/** Which eat bearings: failures against the hours of all that were there; the worst of them. */
function paretoOf(
  { byKey, runsByKey }: Pick<Awaited<ReturnType<typeof countLog>>, 'byKey' | 'runsByKey'>,
  runs: readonly Run[],
  groupBy: Query['groupBy'],
) {
  const failed = byKey.filter((one) => one.failed > 0)
  if (failed.length === 0) return null
  const keyOf = (one: Run): string =>
    groupBy === 'machine'
      ? one.machine_id
      : groupBy === 'position'
        ? one.position_id
        : groupBy === 'cause'
          ? (one.cause ?? '(unknown)')
          : (one.bearing_type ?? '(unknown)')
  const hours = new Map<string, number>()
  const add = (key: string, hoursH: number) => hours.set(key, (hours.get(key) ?? 0) + hoursH)
  for (const { key, hours: ran } of [...byKey, ...runsByKey]) add(key, ran)
  for (const one of runs) add(keyOf(one), one.hoursH)
  const names = new Map(byKey.map(({ key, name }) => [key, name ?? key]))
  // What only runs has nothing that failed, and stands below all that has.
  const nameOf = (key: string) => names.get(key) ?? key
  // A cause has no hours of its own: everything that runs may end by it.
  const timed = groupBy === 'cause' ? [] : [...hours].filter(([, ran]) => ran > 0)
  const { rows, ...rest } = logPareto({
    events: failed.map(({ key, failed: count }) => ({ [groupBy]: nameOf(key), downtimeH: 0, cost: 0, count })),
    groupBy,
    by: 'count',
    hours: timed.map(([key, hoursH]) => ({ group: nameOf(key), hoursH })),
  })
  return { ...rest, rows: rows.filter(({ count }) => count > 0).slice(0, mostRows) }
}

/** Better or worse: the hours of each position at its failures, one after the other. */
function recurrentOf(meant: Meant, ends: Awaited<ReturnType<typeof listEnds>>, runs: readonly Run[]): Recurrent | null {
  // Only of one machine or position: unlike places together show no trend of any.
  if (meant.position === null && meant.machine === null) return null
  const positions = new Map<string, { toH: number; eventsH: number[] }>()
  const at = (id: string) => positions.get(id) ?? { toH: 0, eventsH: [] }
  for (const { position_id, ended, hours } of ends) {
    const { toH, eventsH } = at(position_id)
    const until = toH + hours
    positions.set(position_id, { toH: until, eventsH: ended === 'sound' ? eventsH : [...eventsH, until] })
  }
  for (const { position_id, hoursH } of runs) {
    const { toH, eventsH } = at(position_id)
    positions.set(position_id, { toH: toH + hoursH, eventsH })
  }
  const watched = [...positions.values()].filter(({ toH }) => toH > 0)
  return watched.length === 0 ? null : logRecurrent({ positions: watched.map((one) => ({ fromH: 0, ...one })) })
}
