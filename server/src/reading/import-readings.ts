import { TrendQuantity } from '@yardfrost/core'
import { parse } from 'csv-parse/sync'
import type pg from 'pg'
import { z } from 'zod'
import type { ReadingsTaken } from '@yardfrost/contract'
import { recordEvent, type Who } from '../store/audit.ts'
import { positionsByName, type NewReading } from '../store/readings.ts'
import { addReadings } from './add-readings.ts'

const number = z.string().trim().transform((text, context) => {
  const value = Number(text.replace(',', '.'))
  if (text !== '' && Number.isFinite(value)) return value
  context.addIssue({ code: 'custom', message: 'a number' })
  return z.NEVER
}) // prettier-ignore
const maybe = z
  .string()
  .trim()
  .transform((text) => (text === '' ? null : text))
  .pipe(z.union([z.null(), number]))
const Line = z.object({
  machine: z.string().trim().toLowerCase(),
  position: z.string().trim().toLowerCase(),
  quantity: z.string().trim().toLowerCase().pipe(TrendQuantity),
  at: z
    .string()
    .trim()
    .pipe(z.union([z.iso.datetime({ offset: true }), z.iso.date()])),
  value: number.pipe(z.number().min(-1e6).max(1e9)),
  ambient: maybe.default(null),
  load: maybe.default(null),
})

/** So many bad lines are told one by one. */
const mostTold = 200

/**
 * Takes a file of readings in: `machine,position,quantity,at,value,ambient,load`. A line that cannot be read is told with its
 * number and holds up no other.
 *
 * @returns what became of it, and the positions that were read
 */
export async function importReadings(
  db: pg.PoolClient,
  who: Who,
  csv: string,
): Promise<{ answer: ReadingsTaken; read: string[] }> {
  const rows = z.array(z.record(z.string(), z.string())).parse(parse(csv, { columns: (names: string[]) => names.map((name) => name.trim().toLowerCase()), bom: true, skip_empty_lines: true, relax_column_count: true })) // prettier-ignore
  const positions = new Map((await positionsByName(db, who.siteId)).map(({ id, tag, name }) => [`${tag}\n${name}`, id]))
  const readings: NewReading[] = []
  const refused: ReadingsTaken['refused'] = []
  rows.forEach((row, index) => {
    const read = Line.safeParse(row)
    const line = index + 2
    if (!read.success) {
      const [issue] = read.error.issues
      refused.push({ line, message: `${String(issue?.path[0] ?? 'line')} is ${JSON.stringify(row[String(issue?.path[0])] ?? '')}; it must be ${issue?.message ?? 'readable'}` }) // prettier-ignore
      return
    }
    const { machine, position, at, ...rest } = read.data
    const positionId = positions.get(`${machine}\n${position}`)
    if (positionId) readings.push({ positionId, at: new Date(at).toISOString(), ...rest })
    else refused.push({ line, message: `There is no position ${row['position'] ?? ''} on ${row['machine'] ?? ''}` })
  })
  await addReadings(db, who.siteId, readings, 'file')
  await recordEvent(db, who, { kind: 'readings.imported', subjectId: who.siteId, detail: { taken: readings.length } })
  return {
    answer: { taken: readings.length, refused: refused.slice(0, mostTold) },
    read: readings.map(({ positionId }) => positionId),
  }
}
