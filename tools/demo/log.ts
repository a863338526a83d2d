import type { References } from '@yardfrost/core'
import { FittedEntry } from '@yardfrost/core'
import { addBearing, typeOf } from '@yardfrost/server'
import type pg from 'pg'
import { z } from 'zod'

/** A bearing that came out, by days before today. */
interface Out {
  daysAgo: number
  ended: 'failed' | 'warned' | 'sound'
  cause?: string
  note?: string
  bearing?: string
}

/** When the saltworks began to write bearings down. */
const sinceDays = 730

/** Positions that had more than the bearing they have now, oldest first. */
const past: Record<string, Out[]> = {
  'DF-41 Fan end': [
    { daysAgo: 705, ended: 'failed', cause: 'no-float', note: 'Both rings ran hot within weeks of the kiln coming up' },
    { daysAgo: 620, ended: 'failed', cause: 'no-float' },
    { daysAgo: 590, ended: 'failed', note: 'Changed in the night, nobody looked at the marks' },
    { daysAgo: 240, ended: 'failed', cause: 'no-float', note: 'Wide track all round the outer ring' },
  ],
  'DF-41 Coupling end': [
    { daysAgo: 590, ended: 'sound' },
    { daysAgo: 240, ended: 'warned', cause: 'no-float', note: 'Taken out with the other end, tinted straw' },
  ],
  'DF-42 Belt end': [{ daysAgo: 152, ended: 'failed', cause: 'belt-overtension' }],
  'DC-45 Drive side': [{ daysAgo: 336, ended: 'warned', cause: 'moisture-corrosion', note: 'Rust at the seal' }],
  'BP-12 Coupling end': [
    { daysAgo: 402, ended: 'failed', cause: 'debris-at-mounting', bearing: '6313-C3' },
    { daysAgo: 371, ended: 'failed', cause: 'clearance-class-too-small', bearing: '6313' },
    { daysAgo: 9, ended: 'failed', cause: 'clearance-class-too-small', bearing: '6313-C3' },
  ],
  'BP-11 Coupling end': [{ daysAgo: 388, ended: 'sound', bearing: '6313' }],
  'CP-31 Impeller end': [{ daysAgo: 246, ended: 'failed', cause: 'seal-failure', note: 'Brine behind the seal' }],
  'CM-31 Drive end': [{ daysAgo: 309, ended: 'failed', cause: 'current-leakage', note: 'Washboard all round' }],
  'TL-71 Chuck end': [{ daysAgo: 520, ended: 'sound' }],
} // prettier-ignore

/** Two years of bearings: what ran in every position, when it came out and why. */
export async function loadDemoLog(pool: pg.Pool, references: References): Promise<void> {
  const Row = z.object({ id: z.uuid(), site_id: z.uuid(), account_id: z.uuid(), place: z.string(), designation: z.string(), per_day: z.number() }) // prettier-ignore
  const { rows } = await pool.query(
    `select p.id, p.site_id, s.account_id, m.tag || ' ' || p.name as place, p.designation,
       coalesce(m.hours_per_week / 7, 24)::double precision as per_day
     from position p
     join machine m on m.id = p.machine_id
     join site t on t.id = p.site_id and t.demo
     join membership s on s.site_id = p.site_id and s.role = 'technician'
     where p.designation <> ''`,
  )
  for (const { id, site_id: siteId, account_id: accountId, place, designation, per_day } of z.array(Row).parse(rows)) {
    const add = (entry: object, hoursH: number | null) => {
      const read = FittedEntry.parse(entry)
      const bearingType = typeOf(read.designation, references)
      return addBearing(pool, { siteId, accountId }, id, read, { bearingType, source: 'typed', hoursH })
    }
    let from = sinceDays
    for (const { daysAgo, ended, cause = null, note = '', bearing = designation } of past[place] ?? []) {
      const ran = (from - daysAgo) * per_day
      await add({ designation: bearing, fittedOn: day(from), outOn: day(daysAgo), ended, cause, note }, ran)
      from = daysAgo
    }
    await add({ designation, fittedOn: day(from) }, null)
  }
}

const day = (daysAgo: number): string => new Date(Date.now() - daysAgo * 86_400_000).toISOString().slice(0, 10)
