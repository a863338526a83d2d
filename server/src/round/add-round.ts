import type { AddRound, PlantPoint, RoundDetail, RoundGun, RoundPoint } from '@yardfrost/contract'
import { type GreaseGun, type Lubricant } from '@yardfrost/core'
import type pg from 'pg'
import type { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { holdMember } from '../store/people.ts'
import { listPoints } from '../store/points.ts'
import { getRound, insertRound } from '../store/rounds.ts'
import { getSettings } from '../store/sites.ts'
import { today } from './today.ts'

type Given = z.output<typeof AddRound>

/**
 * Makes a round of points, in walking order. It keeps what each of them is and asks for, so that a tablet needs nothing else.
 *
 * @throws NotFoundError for a point or a person that is not of this site
 */
export async function addRound(db: pg.PoolClient, who: Who, given: Given): Promise<RoundDetail> {
  const { title, day, walkedBy, pointIds } = given
  const points = await listPoints(db, who.siteId, pointIds)
  const known = new Set(points.map(({ id }) => id))
  const stranger = pointIds.find((id) => !known.has(id))
  if (stranger) throw new NotFoundError('point', stranger)
  if (walkedBy) await holdMember(db, who.siteId, walkedBy)
  const { settings } = await getSettings(db, who.siteId)
  const id = await insertRound(db, who, {
    ...{ title, day, walkedBy },
    points: points.map((point) => roundPoint(point, day)),
    guns: settings.guns.map((gun) => gunOf(gun, settings.lubricants)),
  })
  await recordEvent(db, who, { kind: 'round.added', subjectId: id, detail: { title, day, points: points.length } })
  return getRound(db, who.siteId, id)
}

function gunOf({ name, gramsPerStroke, holds }: GreaseGun, lubricants: readonly Lubricant[]): RoundGun {
  const inside = lubricants.find(({ id }) => id === holds)
  return { name, gramsPerStroke, lubricant: inside?.name ?? '', thickener: inside?.thickener ?? null }
}

/** A point as a round of a day keeps it. */
export function roundPoint({ version: _version, movedTo: _movedTo, ...point }: PlantPoint, day: string): RoundPoint {
  return { ...point, reason: reasonOf(point, day) }
}

/** Why a point is on the round of a day. */
function reasonOf(
  { lateOn, earlyOn, dueOn, lastDone }: Omit<PlantPoint, 'version' | 'movedTo'>,
  day: string,
): RoundPoint['reason'] {
  if (lastDone === null) return 'due'
  if (dueOn === null) return 'by-hand'
  if (lateOn !== null && lateOn < today()) return 'overdue'
  if (dueOn <= day) return 'due'
  return earlyOn !== null && earlyOn <= day ? 'together' : 'by-hand'
}
