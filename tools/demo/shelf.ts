import { StockEntry } from '@yardfrost/core'
import { addStock, inTransaction } from '@yardfrost/server'
import type pg from 'pg'
import { z } from 'zod'

/** What the saltworks has in its two racks; days are before today. */
const stock: [designation: string, place: string, count: number, more?: { least?: number; greasedDaysAgo?: number; note?: string; condition?: 'opened' }][] = [
  ['6314-C3', 'A 3', 4, { least: 2 }],
  ['6316-C3', 'A 3', 1, { least: 2 }],
  ['6319-C3', 'A 4', 2],
  ['NU319', 'A 4', 1],
  ['6313-C3', 'A 2', 0, { least: 2 }],
  ['6313', 'A 2', 2, { note: 'not for the brine pumps: they call for C3' }],
  ['NU313-C3', 'A 2', 1],
  ['6311-C3', 'A 1', 1],
  ['22218 E', 'B 1', 2],
  ['NU2218 E-C3', 'B 1', 1],
  ['22220 EK', 'B 2', 1],
  ['22216 EK-C3', 'B 2', 2, { least: 2 }],
  ['UC212', 'C 1', 2, { greasedDaysAgo: 1410 }],
  ['6212-2RS', 'C 1', 5, { greasedDaysAgo: 300 }],
  ['30222', 'B 3', 1, { condition: 'opened', note: 'box torn; cone and cup of one maker' }],
  ['6008-P5', 'D 1', 1],
] // prettier-ignore

/** Puts stock on the shelf, as somebody of the plant would. */
export async function loadDemoShelf(pool: pg.Pool): Promise<void> {
  const { rows } = await pool.query(
    `select t.id as "siteId", s.account_id as "accountId"
     from site t
     join membership s on s.site_id = t.id and s.role = 'technician'
     where t.demo
     limit 1`,
  )
  const [who] = z.array(z.object({ siteId: z.uuid(), accountId: z.uuid() })).parse(rows)
  if (!who) return
  const dayBefore = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10)
  await inTransaction(pool, async (db) => {
    for (const [designation, place, count, { greasedDaysAgo, ...more } = {}] of stock) {
      const greasedOn = greasedDaysAgo === undefined ? null : dayBefore(greasedDaysAgo)
      await addStock(db, who, StockEntry.parse({ designation, place, count, greasedOn, ...more }))
    }
  })
}
