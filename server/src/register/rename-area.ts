import type { RenameArea } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import { NotFoundError } from '../errors/not-found-error.ts'
import { listAreas, renameAreaRow } from '../store/areas.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { isTaken } from '../store/database.ts'

/**
 * Gives an area another name, and returns all of them in walking order.
 *
 * @throws NotFoundError for the area; InputError on `to` where another area has that name
 */
export async function renameArea(db: pg.PoolClient, who: Who, { from, to }: RenameArea): Promise<string[]> {
  if (from !== to && (await listAreas(db, who.siteId)).includes(to)) throw nameTaken(to)
  const subjectId = await renameAreaRow(db, who.siteId, from, to).catch((error: unknown) => {
    // Another area got it between looking and writing.
    throw isTaken(error) ? nameTaken(to) : error
  })
  if (!subjectId) throw new NotFoundError('area', from)
  await recordEvent(db, who, { kind: 'area.renamed', subjectId, detail: { from, to } })
  return listAreas(db, who.siteId)
}

const nameTaken = (to: string): InputError =>
  new InputError({
    code: 'FIELDS_DISAGREE',
    field: 'to',
    value: to,
    allowed: 'a name that no other area of this site has',
    fix: 'To put two areas together, move the machines of one into the other.',
  })
