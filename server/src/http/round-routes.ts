import { addDays, mondayOf, type References } from '@yardfrost/core'
import type pg from 'pg'
import { judgeTold } from '../bench/judge-anew.ts'
import { SharedChanges } from '../live/shared-changes.ts'
import { tellChanges } from '../live/tell-changes.ts'
import type { WorkWatch } from '../live/work-watch.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { hashOfWord, newWord } from '../people/words.ts'
import { calendarOf } from '../report/calendar.ts'
import { dropFeed, feedMadeAt, findFeed, listForPerson, putFeed } from '../store/calendars.ts'
import { pointsCsv } from '../report/points-csv.ts'
import { importReadings } from '../reading/import-readings.ts'
import { trendsOf } from '../reading/judge-trends.ts'
import { readingsCsv } from '../report/readings-csv.ts'
import { getPosition } from '../store/positions.ts'
import { listRaw, listTrends } from '../store/readings.ts'
import { roundCsv } from '../report/round-csv.ts'
import { addPhoto } from '../photo/add-photo.ts'
import { readPhoto } from '../photo/read-photo.ts'
import { getPhoto } from '../store/photos.ts'
import { addRoundEntries, openRound } from '../round/add-round-entries.ts'
import { addRound } from '../round/add-round.ts'
import { closeRound } from '../round/close-round.ts'
import { listProposals } from '../round/list-proposals.ts'
import { pointHistory } from '../round/point-history.ts'
import { listRounds } from '../round/list-rounds.ts'
import { movePoints } from '../round/move-points.ts'
import { readMeter } from '../round/read-meter.ts'
import { savePoint } from '../round/save-point.ts'
import { today } from '../round/today.ts'
import { saveRound } from '../round/save-round.ts'
import { sayDone } from '../round/say-done.ts'
import { saveStops } from '../round/save-stops.ts'
import { inTransaction } from '../store/database.ts'
import { countDue, getMeter, getPoint, listOverdue, listPoints, listStops } from '../store/points.ts'
import { getSettings } from '../store/sites.ts'
import { getRound, getRoundChange } from '../store/rounds.ts'
import type { Serve } from './serve.ts'

/** So many readings go into one file. */
const mostExported = 500_000

/** Points that come due, what was read there, and the rounds they are walked on. */
export function roundRoutes(serve: Serve, pool: pg.Pool, references: References, watch: WorkWatch): void {
  const changes = new SharedChanges(async (siteId, id, after) => {
    const change = await getRoundChange(pool, siteId, id, after)
    return { text: JSON.stringify(change), last: change.entries.at(-1)?.seq ?? after, more: false }
  })
  const plantPoints = async (siteId: string) => {
    const [points, stops] = await Promise.all([listPoints(pool, siteId), listStops(pool, siteId)])
    return { points, stops }
  }

  serve('points', ({ who }) => plantPoints(who.siteId))
  serve('point', ({ who, params }) => getPoint(pool, who.siteId, params.id))
  serve('overduePoints', async ({ who: { siteId } }) => {
    const sunday = addDays(mondayOf(today()), 6)
    const [points, dueThisWeek] = await Promise.all([
      listOverdue(pool, siteId, today()),
      countDue(pool, siteId, sunday, today()),
    ])
    return { points, dueThisWeek }
  })
  serve('exportPoints', async ({ who, response }) => {
    response
      .type('text/csv')
      .attachment('points.csv')
      .send(pointsCsv(await listPoints(pool, who.siteId)))
  })
  serve('proposals', ({ who }) => listProposals(pool, who.siteId))
  serve('pointHistory', ({ who, params }) => pointHistory(pool, who.siteId, params.id))
  serve('savePoint', ({ who, params, body }) =>
    inTransaction(pool, (db) => savePoint(db, who, { ...body, id: params.id })),
  )
  serve('sayDone', async ({ who, body }) => {
    await inTransaction(pool, (db) => sayDone(db, who, body))
    return plantPoints(who.siteId)
  })
  serve('movePoints', async ({ who, body }) => {
    await inTransaction(pool, (db) => movePoints(db, who, body))
    return plantPoints(who.siteId)
  })
  serve('saveStops', ({ who, body: { stops } }) => inTransaction(pool, (db) => saveStops(db, who, stops)))
  serve('meter', ({ who, params }) => getMeter(pool, who.siteId, params.id))
  serve('readMeter', ({ who, params, body }) =>
    inTransaction(pool, (db) => readMeter(db, who, { ...body, machineId: params.id })),
  )

  serve('calendar', async ({ who }) => ({ madeAt: await feedMadeAt(pool, who.siteId, who.accountId ?? '') }))
  serve('makeCalendar', async ({ who }) => {
    const word = newWord()
    await putFeed(pool, hashOfWord(word), who.siteId, who.accountId ?? '')
    return { path: `/api/calendars/${word}.ics` }
  })
  serve('dropCalendar', ({ who }) => dropFeed(pool, who.siteId, who.accountId ?? ''))
  serve('calendarFeed', async ({ params: { word }, response }) => {
    const feed = await findFeed(pool, hashOfWord(word.replace(/\.ics$/, '')))
    if (!feed) throw new NotFoundError('calendar', null, 'Make another address on the page of your account.')
    const [rounds, points] = await Promise.all([
      listForPerson(pool, feed.siteId, feed.accountId),
      listPoints(pool, feed.siteId),
    ])
    response
      .type('text/calendar')
      .set('Cache-Control', 'no-store')
      .send(calendarOf(feed.site, rounds, points, today()))
  })

  serve('trends', async ({ who, params }) => {
    await getPosition(pool, who.siteId, params.id)
    const { settings } = await getSettings(pool, who.siteId)
    return trendsOf(pool, who.siteId, params.id, settings.limits, today())
  })
  serve('exportTrends', async ({ who, params, response }) => {
    const { machine, name } = await getPosition(pool, who.siteId, params.id)
    const readings = await listRaw(pool, who.siteId, params.id, mostExported)
    response
      .type('text/csv')
      .attachment('readings.csv')
      .send(readingsCsv(machine.tag, name, readings))
  })
  serve('warming', ({ who }) => listTrends(pool, who.siteId))
  serve('importReadings', async ({ who, body }) => {
    const { answer, read } = await inTransaction(pool, (db) => importReadings(db, who, body))
    await judgeTold(pool, references, who.siteId, read)
    return answer
  })

  serve('rounds', ({ who }) => listRounds(pool, who.siteId))
  serve('addRound', ({ who, body }) => inTransaction(pool, (db) => addRound(db, who, body)))
  serve('round', ({ who, params }) => getRound(pool, who.siteId, params.id))
  serve('addRoundEntries', async ({ account, who, params: { id: roundId }, body: { entries } }) => {
    const { answer, told } = await inTransaction(pool, (db) =>
      addRoundEntries(db, who, account.name, { roundId, entries }),
    )
    await judgeTold(pool, references, who.siteId, told)
    return answer
  })
  serve('addRoundPhoto', async ({ who, params: { id: roundId, photoId: id }, body: content }) => {
    const photo = await readPhoto(content)
    await inTransaction(pool, async (db) => {
      await openRound(db, who.siteId, roundId)
      await addPhoto(db, who, { of: { roundId }, id, photo })
    })
    return { id }
  })
  serve('roundPhoto', async ({ who, params, response }) => {
    const { type, content } = await getPhoto(pool, who.siteId, params.id, params.photoId)
    response.type(type).set('Cache-Control', 'private, max-age=86400').send(content)
  })
  serve('saveRound', ({ who, params: { id }, body }) =>
    inTransaction(pool, (db) => saveRound(db, who, { ...body, id })),
  )
  serve('closeRound', ({ who, params }) => inTransaction(pool, (db) => closeRound(db, who, params.id)))
  serve('exportRound', async ({ who, params, response }) => {
    const round = await getRound(pool, who.siteId, params.id)
    response.type('text/csv').attachment(`round-${round.number}.csv`).send(roundCsv(round))
  })
  serve('watchRound', async ({ who: { siteId }, params: { id }, request, openStream }) => {
    const first = await getRound(pool, siteId, id)
    const stream = openStream()
    stream.send('round', JSON.stringify(first))
    const from = { last: first.entries.at(-1)?.seq ?? 0, more: false }
    tellChanges(stream, { siteId, id, changes, watch, log: request.log }, from)
  })
}
