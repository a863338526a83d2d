import type { PlantPoint } from '@yardfrost/contract'
import { InputError, type PointOwn } from '@yardfrost/core'
import type pg from 'pg'
import { ConflictError } from '../errors/conflict-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { getPoint, storePoint } from '../store/points.ts'
import { reckonDue } from './reckon-due.ts'
import { today } from './today.ts'

/**
 * Settles something for a point: an interval of its own with its reason, how it is reached, when it was last done.
 *
 * @throws ConflictError with the point as it is now; NotFoundError; InputError on `lastDone` after today
 */
export async function savePoint(
  db: pg.PoolClient,
  who: Who,
  save: { id: string; version: number; own: PointOwn; lastDone: string | null },
): Promise<PlantPoint> {
  const before = await getPoint(db, who.siteId, save.id)
  if (save.lastDone !== null && save.lastDone > today())
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'lastDone',
      value: save.lastDone,
      allowed: `no later than today, ${today()}`,
      fix: 'Give the day it was really done.',
    })
  if (!(await storePoint(db, who.siteId, save))) throw new ConflictError(await getPoint(db, who.siteId, save.id))
  await reckonDue(db, who.siteId, { pointIds: [save.id] })
  // What it was before stays in the history, with its reason.
  const detail = { from: before.own, to: save.own, lastDone: save.lastDone }
  await recordEvent(db, who, { kind: 'point.saved', subjectId: save.id, detail })
  return getPoint(db, who.siteId, save.id)
}
