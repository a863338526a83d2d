import type { RenameArea, WalkAreas } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { Db } from './database.ts'
import { recordEvent } from './positions.ts'
import { readQueries } from './read-queries.ts'
import type { Registrar } from './registrar.ts'

const sql = readQueries('./areas.sql', import.meta.url, ['findArea', 'addArea', 'listAreas', 'renameArea', 'walkAreas'])

/** Names of the areas of a site in walking order. */
export async function listAreas(db: Db, siteId: string): Promise<string[]> {
  const { rows } = await db.query({ name: 'areas.listAreas', text: sql.listAreas, values: [siteId] })
  return z
    .array(z.object({ name: z.string() }))
    .parse(rows)
    .map(({ name }) => name)
}

/**
 * Gives an area another name, inside a transaction that is under way.
 *
 * @throws NotFoundError for the area; InputError on `to` where another area has that name
 */
export async function renameArea(
  db: pg.PoolClient,
  { siteId, accountId }: Registrar,
  { from, to }: RenameArea,
): Promise<string[]> {
  if (from !== to && (await listAreas(db, siteId)).includes(to)) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'to',
      value: to,
      allowed: 'a name that no other area of this site has',
      fix: 'To put two areas together, move the machines of one into the other.',
    })
  }
  const { rows } = await db.query({ name: 'areas.renameArea', text: sql.renameArea, values: [siteId, from, to] })
  if (!rows[0]) throw new NotFoundError('area', from)
  const subjectId = z.uuid().parse(rows[0].id)
  await recordEvent(db, { siteId, accountId, kind: 'area.renamed', subjectId, detail: { from, to } })
  return listAreas(db, siteId)
}

/**
 * Puts the areas of a site into another walking order, inside a transaction that is under way.
 *
 * @throws InputError on `areas` where they are not all of the site's, once each: somebody added or renamed one meanwhile
 */
export async function walkAreas(
  db: pg.PoolClient,
  { siteId, accountId }: Registrar,
  { areas }: WalkAreas,
): Promise<string[]> {
  const known = await listAreas(db, siteId)
  if (new Set(areas).size !== areas.length || [...areas].sort().join('\n') !== [...known].sort().join('\n')) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'areas',
      value: areas.join(', '),
      allowed: `each once: ${known.join(', ')}`,
      fix: 'Read the areas again, and order them anew.',
    })
  }
  await db.query({ name: 'areas.walkAreas', text: sql.walkAreas, values: [siteId, areas] })
  await recordEvent(db, { siteId, accountId, kind: 'areas.ordered', subjectId: siteId, detail: { areas } })
  return listAreas(db, siteId)
}

/** Id of the area of that name; one that is not there yet is added at the end of the walk. */
export async function areaNamed(db: Db, siteId: string, name: string): Promise<string> {
  const found = await db.query({ name: 'areas.findArea', text: sql.findArea, values: [siteId, name] })
  const { rows } = found.rows[0]
    ? found
    : await db.query({ name: 'areas.addArea', text: sql.addArea, values: [siteId, name] })
  return z.uuid().parse(rows[0]?.id)
}
