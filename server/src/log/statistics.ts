import type { LogStatistics, LogStatisticsQuery } from '@yardfrost/contract'
import { endingOf, lifeRecords, logLife, logPareto, logRecurrent, type Recurrent } from '@yardfrost/core'
import type { z } from 'zod'
import { today } from '../round/today.ts'
import type { Db } from '../store/database.ts'
import {
  countedBy,
  countLog,
  getPlace,
  hoursOf,
  listEnds,
  nameThings,
  type CountedEnd,
  type Meant,
} from '../store/log.ts'

type Query = z.output<typeof LogStatisticsQuery>

/** Up to so many ends are taken each by itself; more are counted by their hours. */
const fewEnds = 200

/** What the bearings that are meant say together. */
export async function logStatistics(db: Db, siteId: string, query: Query): Promise<LogStatistics> {
  const asOf = today()
  const { groupBy, ...meant } = query
  const { ends, running } = await countLog(db, siteId, meant, groupBy)
  const by = (counted: number) => ends.filter((one) => one.counted === counted)
  const byHours = by(countedBy.hours)
  const ended = byHours.reduce((sum, { count }) => sum + count, 0)
  const hours = await hoursOf(db, running, asOf)
  const runs = running.map((one) => ({ ...one, hoursH: hours(one, one.fitted_on, asOf) }))
  const apart = ended <= fewEnds ? await listEnds(db, siteId, meant, fewEnds) : null
  const lives = [
    ...(apart
      ? apart.map(({ ended: why, hours: hoursH }) => ({ hoursH, ended: endingOf(why) }))
      : byHours.map(({ ended: why, hours: sum, count }) => ({ hoursH: sum / count, ended: endingOf(why), count }))),
    ...runs.map(({ hoursH }) => ({ hoursH, ended: endingOf(null) })),
  ]
  const ratedLifeH = query.position ? (await getPlace(db, siteId, query.position)).life_h : null
  const failed = byHours.reduce((sum, one) => sum + (one.ended === 'sound' ? 0 : one.count), 0)
  const records = lifeRecords(lives)
  return {
    fitted: ended + runs.length,
    failed,
    sound: ended - failed,
    running: runs.length,
    life: records.length > 0 ? logLife({ records, ...(ratedLifeH && ratedLifeH > 0 ? { ratedLifeH } : {}) }) : null,
    ratedLifeH,
    pareto: await paretoOf(db, by(countedBy.key), runs, groupBy),
    recurrent: apart ? recurrentOf(meant, apart, runs) : null,
    causes: by(countedBy.cause)
      .map(({ cause, ended: why, count }) => ({ cause, ended: why, count }))
      .sort((a, b) => b.count - a.count),
  }
}

type Run = Awaited<ReturnType<typeof countLog>>['running'][number] & { hoursH: number }

/** Which eat bearings: failures against the hours of all that were there. */
async function paretoOf(db: Db, ends: readonly CountedEnd[], runs: readonly Run[], groupBy: Query['groupBy']) {
  const failed = new Map<string, number>()
  const hours = new Map<string, number>()
  const add = (to: Map<string, number>, key: string, value: number) => to.set(key, (to.get(key) ?? 0) + value)
  for (const { key, ended, count, hours: ran } of ends) {
    if (ended !== 'sound') add(failed, key ?? '', count)
    add(hours, key ?? '', ran)
  }
  const keyOf = (run: Run): string =>
    groupBy === 'machine'
      ? run.machine_id
      : groupBy === 'position'
        ? run.position_id
        : groupBy === 'cause'
          ? (run.cause ?? '(unknown)')
          : (run.bearing_type ?? '(unknown)')
  for (const run of runs) add(hours, keyOf(run), run.hoursH)
  if (failed.size === 0) return null
  const things = groupBy === 'machine' || groupBy === 'position'
  const names = things ? await nameThings(db, [...hours.keys()]) : new Map<string, string>()
  const nameOf = (key: string) => names.get(key) ?? key
  // A cause has no hours of its own: everything that runs may end by it.
  const timed = groupBy === 'cause' ? [] : [...hours].filter(([, ran]) => ran > 0)
  return logPareto({
    events: [...failed].map(([key, count]) => ({ [groupBy]: nameOf(key), downtimeH: 0, cost: 0, count })),
    groupBy,
    by: 'count',
    hours: timed.map(([key, hoursH]) => ({ group: nameOf(key), hoursH })),
  })
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
