import type { WalkAreas } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import { listAreas, orderAreas } from '../store/areas.ts'
import { recordEvent, type Who } from '../store/audit.ts'

/**
 * Puts the areas of a site into another walking order.
 *
 * @throws InputError on `areas` where they are not all of the site's, once each: somebody added or renamed one meanwhile
 */
export async function walkAreas(db: pg.PoolClient, who: Who, { areas }: WalkAreas): Promise<string[]> {
  const known = await listAreas(db, who.siteId)
  if (new Set(areas).size !== areas.length || [...areas].sort().join('\n') !== [...known].sort().join('\n')) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'areas',
      value: areas.join(', '),
      allowed: `each once: ${known.join(', ')}`,
      fix: 'Read the areas again, and order them anew.',
    })
  }
  await orderAreas(db, who.siteId, areas)
  await recordEvent(db, who, { kind: 'areas.ordered', subjectId: who.siteId, detail: { areas } })
  return listAreas(db, who.siteId)
}
