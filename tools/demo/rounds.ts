import type { PlantPoint } from '@yardfrost/contract'
import { pointPlan, type References, type RoundEntry } from '@yardfrost/core'
import {
  addReadings,
  addRound,
  addRoundEntries,
  closeRound,
  inTransaction,
  judgeTold,
  listPoints,
  reckonDue,
} from '@yardfrost/server'
import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import { z } from 'zod'

/** Points that were forgotten, by the machine and how many intervals ago they were last greased. */
const forgotten: Record<string, number> = { 'BM-12': 1.32, 'DC-45': 1.16 }
/** Nobody has greased it since it was built, or nobody has said. */
const neverDone = 'TG-2'

const dayMs = 86_400_000
const daysAgo = (days: number) => new Date(Date.now() - days * dayMs).toISOString().slice(0, 10)

/** Gives the made-up plant a past of greasing: when each point was last done, hour meters, a round behind and one ahead. */
export async function loadDemoRounds(pool: pg.Pool, references: References): Promise<void> {
  const { rows } = await pool.query('select id from site where demo')
  const siteId = z.uuid().parse((rows[0] as { id: unknown } | undefined)?.id)
  const { rows: people } = await pool.query(
    `select account_id, name from membership where site_id = $1 and role = 'technician'`,
    [siteId],
  )
  const walker = z.object({ account_id: z.uuid(), name: z.string() }).parse(people[0])
  const who = { siteId, accountId: walker.account_id }
  await inTransaction(pool, async (db) => {
    await readMeters(db, siteId)
    const points = await listPoints(db, siteId)
    for (const [order, point] of points.entries()) {
      if (point.machine.tag === neverDone) continue
      await db.query('update point set told_done = $2, last_done = $2 where id = $1', [point.id, doneOn(point, order)])
    }
    const { rows: machines } = await db.query<{ id: string }>('select id from machine where site_id = $1', [siteId])
    for (const { id } of machines) await reckonDue(db, siteId, { machineId: id })
  })
  await inTransaction(pool, (db) => walked(db, who, walker.name))
  await inTransaction(pool, (db) => readUntilNow(db, siteId))
  const told = await pool.query<{ id: string }>('select id from position where site_id = $1 order by id', [siteId])
  await judgeTold(pool, references, siteId, told.rows.map(({ id }) => id)) // prettier-ignore
}

/** Every point somewhere in its interval, as they stand on any day of a plant that is looked after. */
function doneOn({ machine, kind, intervalDays }: PlantPoint, order: number): string {
  const late = kind === 'grease' ? forgotten[machine.tag] : undefined
  const used = late ?? ((order * 37) % 97) / 100
  return daysAgo(Math.round(used * Math.min(intervalDays, 1200)))
}

/** Meters of the machines that have one, read every two weeks of the last half year. */
async function readMeters(db: pg.PoolClient, siteId: string): Promise<void> {
  const { rows } = await db.query<{ id: string }>(
    `select id from machine where site_id = $1 and hours_source = 'meter' order by tag`,
    [siteId],
  )
  for (const [order, { id }] of rows.entries())
    for (let back = 182; back >= 0; back -= 14) {
      const hours = 4000 + 700 * order + (182 - back) * (9 + order * 1.5)
      await db.query('insert into meter_reading (site_id, machine_id, day, shown, hours) values ($1, $2, $3, $4, $4)', [
        siteId,
        id,
        daysAgo(back),
        Math.round(hours),
      ])
    }
}

/** A round of last week that is closed, one point of it skipped, and one of this week that nobody has begun. */
async function walked(db: pg.PoolClient, who: { siteId: string; accountId: string }, name: string): Promise<void> {
  const points = await listPoints(db, who.siteId)
  const of = (area: string, kinds: readonly string[]) =>
    points.filter(({ machine, kind }) => machine.area === area && kinds.includes(kind)).map(({ id }) => id)
  const behind = of('Brine intake', ['grease', 'look']).slice(0, 6)
  const round = await addRound(db, who, { title: 'Brine intake', day: daysAgo(6), walkedBy: who.accountId, pointIds: behind }) // prettier-ignore
  const at = new Date(Date.now() - 6 * dayMs).toISOString()
  const entries = round.points.map((point, index): RoundEntry =>
    index === 2
      ? {
          kind: 'skipped',
          id: randomUUID(),
          point: point.id,
          at,
          reason: 'no-access',
          noticed: [],
          note: 'Scaffold in the way',
        }
      : {
          kind: 'done',
          id: randomUUID(),
          point: point.id,
          at,
          strokes: pointPlan(point.kind, point.work, point.own).strokes,
          gun: point.work.gun?.name ?? '',
          gramsPerStroke: point.work.gun?.gramsPerStroke ?? null,
          came: point.kind === 'grease' ? (index % 2 ? 'darkened' : 'fresh') : null,
          noticed: [],
          note: '',
        },
  )
  await addRoundEntries(db, who, name, { roundId: round.id, entries })
  await closeRound(db, who, round.id)
  const ahead = points
    .filter(({ machine, kind }) => ['Crystalliser hall', 'Dryer house'].includes(machine.area) && kind === 'grease')
    .map(({ id }) => id)
  await addRound(db, who, { title: 'Crystalliser hall and dryer house', day: daysAgo(0), walkedBy: who.accountId, pointIds: ahead }) // prettier-ignore
}

interface Read {
  tag: string
  position: string
  quantity: 'temperature' | 'velocity'
  base: number
  spread: number
  /** The room it stands in, °C: warm afternoons, cold mornings. Its base is over the room. */
  room?: { mean: number; swing: number }
  /** Rises so much a day, from so many days ago on. */
  rises?: { perDay: number; daysAgo: number }
}

/** Where somebody reads the housing every other day; one of them gets warmer. */
const read: Read[] = [
  { tag: 'CP-31', position: 'Thrust end', quantity: 'temperature', base: 61, spread: 1.4 },
  { tag: 'CP-31', position: 'Thrust end', quantity: 'velocity', base: 1.6, spread: 0.15 },
  { tag: 'BM-11', position: 'Drive end', quantity: 'temperature', base: 55, spread: 1.2 },
  { tag: 'DF-41', position: 'Fan end', quantity: 'temperature', base: 34, spread: 1.1, room: { mean: 29, swing: 8 } },
  { tag: 'CG-33', position: 'Pinion, fixed side', quantity: 'temperature', base: 52, spread: 1.2, rises: { perDay: 0.31, daysAgo: 38 } },
] // prettier-ignore

/** A number from 0 to 1 that jumps about, and is the same every time. */
const scattered = (index: number, row: number): number => {
  const wild = Math.sin(12.9898 * index + 78.233 * (row + 1)) * 43_758.5453
  return wild - Math.floor(wild)
}

const readDays = 160

async function readUntilNow(db: pg.PoolClient, siteId: string): Promise<void> {
  const { rows } = await db.query<{ id: string; tag: string; name: string }>(
    `select p.id, m.tag, p.name from position p join machine m on m.id = p.machine_id where p.site_id = $1`,
    [siteId],
  )
  const readings = read.flatMap(({ tag, position, quantity, base, spread, room, rises }, row) => {
    const found = rows.find((one) => one.tag === tag && one.name === position)
    if (!found) throw new Error(`the made-up plant has no ${position} on ${tag}`)
    return Array.from({ length: readDays / 2 }, (_, index) => {
      const ago = readDays - 2 * index - 1
      const risen = rises ? Math.max(0, rises.daysAgo - ago) * rises.perDay : 0
      // A day is warmer or cooler than the next; the same every time the plant is made.
      const noise = 2 * spread * (scattered(index + 1, row) - 0.5)
      const ambient = room ? Number((room.mean + room.swing * (scattered(index + 1, row + 50) - 0.5)).toFixed(1)) : null
      const value = Number((base + (ambient ?? 0) + noise + risen).toFixed(quantity === 'velocity' ? 2 : 1))
      return { positionId: found.id, quantity, at: `${daysAgo(ago)}T08:00:00.000Z`, value, ambient, load: null }
    })
  })
  await addReadings(db, siteId, readings, 'demo')
}
