import type { SayDone } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import { NotFoundError } from '../errors/not-found-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { storeToldDone } from '../store/points.ts'
import { reckonDue } from './reckon-due.ts'
import { today } from './today.ts'

/** Says of many points at once when they were last done. @throws NotFoundError; InputError on `day` after today */
export async function sayDone(db: pg.PoolClient, who: Who, { pointIds, day }: SayDone): Promise<void> {
  if (day > today())
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'day',
      value: day,
      allowed: `no later than today, ${today()}`,
      fix: 'Give the day they were really done.',
    })
  const known = new Set(await storeToldDone(db, who.siteId, pointIds, day))
  const stranger = pointIds.find((id) => !known.has(id))
  if (stranger) throw new NotFoundError('point', stranger)
  await reckonDue(db, who.siteId, { pointIds })
  await recordEvent(db, who, { kind: 'points.done', subjectId: who.siteId, detail: { points: pointIds.length, day } })
}
