import type { SaveStock, StockLine } from '@yardfrost/contract'
import { InputError, type StockEntry } from '@yardfrost/core'
import type pg from 'pg'
import { ConflictError } from '../errors/conflict-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { deleteStock, holdStock, insertStock, storeStock } from '../store/stock.ts'

/** The refusal of a number that lies in that place already. */
const liesThere = ({ designation, place }: Pick<StockEntry, 'designation' | 'place'>): InputError =>
  new InputError({
    code: 'FIELDS_DISAGREE',
    field: 'place',
    value: place,
    allowed: `a place where no ${designation} of that box and filling lies yet`,
    fix: 'Put them to the line that is there.',
  })

/** Adds a line. @throws InputError on `place` where that number lies there already */
export async function addStock(db: pg.PoolClient, who: Who, entry: StockEntry): Promise<StockLine> {
  const id = await insertStock(db, who.siteId, entry)
  if (!id) throw liesThere(entry)
  await recordEvent(db, who, { kind: 'stock.added', subjectId: id, detail: entry })
  return holdStock(db, who.siteId, id)
}

/** Changes what is said of a line, but for its count. @throws ConflictError, NotFoundError, InputError on `place` */
export async function saveStock(
  db: pg.PoolClient,
  who: Who,
  { id, version, entry }: SaveStock & { id: string },
): Promise<StockLine> {
  const before = await holdStock(db, who.siteId, id)
  const saved = await storeStock(db, { siteId: who.siteId, id, version }, entry).catch((error: unknown) => {
    if (error instanceof Error && 'code' in error && error.code === '23505') throw liesThere(entry)
    throw error
  })
  if (!saved) throw new ConflictError(before)
  await recordEvent(db, who, { kind: 'stock.saved', subjectId: id, detail: { before, entry } })
  return holdStock(db, who.siteId, id)
}

/** Takes a line off the shelf, with what was done with it. @throws NotFoundError */
export async function dropStock(db: pg.PoolClient, who: Who, id: string): Promise<void> {
  const before = await holdStock(db, who.siteId, id)
  await deleteStock(db, who.siteId, id)
  await recordEvent(db, who, { kind: 'stock.dropped', subjectId: id, detail: { before } })
}
