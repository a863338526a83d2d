import type { StockTaken } from '@yardfrost/contract'
import { attempt, conditions, parseInput, StockEntry } from '@yardfrost/core'
import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import { readTable } from '../file/read-table.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { insertMove, insertStock, listStock, storeCount } from '../store/stock.ts'

/** Columns of a file; the first three it must have. */
export const stockColumns = ['bearing', 'place', 'count', 'least', 'condition', 'greased_on', 'note'] as const
const needed = stockColumns.slice(0, 3)
type Row = Partial<Record<(typeof stockColumns)[number], string>>

const mostLines = 50_000

const nameOf = ({ designation, place, condition, greasedOn }: Omit<StockEntry, 'count' | 'least' | 'note'>): string =>
  [designation, place, condition, greasedOn].join('\n')

/**
 * Takes a file of stock in, or says what it would do: a line that is there is counted anew, any other is added. What cannot be read is
 * told with its reason and holds up no other.
 *
 * @param save - false for a trial run
 * @throws InputError on `csv` for a file that cannot be read at all
 */
export async function importStock(
  db: pg.PoolClient,
  who: Who,
  { csv, save }: { csv: string; save: boolean },
): Promise<StockTaken> {
  const there = new Map((await listStock(db, who.siteId)).map((line) => [nameOf(line), line]))
  const seen = new Set<string>()
  const lines: StockTaken['lines'] = []
  for (const { cells, line } of readTable(csv, { columns: stockColumns, needed, most: mostLines, pattern: 'shelf' })) {
    const row: Row = cells
    const tell = (outcome: StockTaken['lines'][number]['outcome'], message: string | null = null) =>
      lines.push({ line, designation: row.bearing ?? '', outcome, message })
    const { value: entry, refusal } = attempt(() => parseInput(StockEntry, entryOf(row), 'path'))
    if (!entry) {
      tell('refused', `${refusal.message}. ${refusal.fix}`)
      continue
    }
    if (seen.has(nameOf(entry))) {
      tell('refused', 'That number in that place stands further up in the file. Put the two together.')
      continue
    }
    seen.add(nameOf(entry))
    const before = there.get(nameOf(entry))
    tell(before ? (before.count === entry.count ? 'same' : 'counted') : 'new')
    if (!save || before?.count === entry.count) continue
    if (!before) await insertStock(db, who.siteId, entry)
    else {
      const change = entry.count - before.count
      await insertMove(db, who, { id: randomUUID(), stockId: before.id, kind: 'counted', change, jobId: null })
      await storeCount(db, before.id, entry.count)
    }
  }
  const taken = lines.filter(({ outcome }) => outcome === 'new' || outcome === 'counted').length
  if (save) await recordEvent(db, who, { kind: 'stock.imported', subjectId: who.siteId, detail: { taken } })
  return { saved: save, taken, lines }
}

/** Cells as the schema takes them: an empty one is none. */
function entryOf({
  bearing,
  place,
  count,
  least,
  condition,
  greased_on: greasedOn,
  note,
}: Row): Record<string, unknown> {
  const whole = (text: string | undefined) => (text && /^\d+$/.test(text.trim()) ? Number(text) : text)
  const given = {
    ...{ designation: bearing, place, note, greasedOn },
    ...{ count: whole(count), least: whole(least) },
    condition: conditions.find((one) => one === condition?.trim().toLowerCase()) ?? condition,
  }
  return Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined && value !== ''))
}
