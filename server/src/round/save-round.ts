import type { RoundDetail, SaveRound } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import type { z } from 'zod'
import { ConflictError } from '../errors/conflict-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { holdMember } from '../store/people.ts'
import { listPoints } from '../store/points.ts'
import { getRound, storeRound } from '../store/rounds.ts'
import { openRound } from './add-round-entries.ts'
import { roundPoint } from './add-round.ts'

type Given = z.output<typeof SaveRound>

/**
 * Changes a round that is open: its name, its day, who walks it, and its points, which stay in walking order. A point that
 * stays is as it was when it came to the round.
 *
 * @throws ConflictError with the round as it is, when somebody saved in between; NotFoundError, JobError
 * @throws InputError on `remove` for a point of which something was said, or where none would be left
 */
export async function saveRound(
  db: pg.PoolClient,
  who: Who,
  { id, version, walkedBy, add, remove, ...head }: Given & { id: string },
): Promise<RoundDetail> {
  const round = await openRound(db, who.siteId, id)
  const { title = round.title, day = round.day } = head
  const spoken = new Set(round.entries.map(({ entry }) => entry.point))
  const gone = new Set(remove)
  const kept = new Map(round.points.filter((point) => !gone.has(point.id)).map((point) => [point.id, point]))
  const said = remove.find((one) => spoken.has(one))
  if (said)
    throw refused(said, 'points of which nothing was said yet', 'Leave it on the round, and say why it was not done.')
  const ids = [...new Set([...kept.keys(), ...add])]
  if (ids.length === 0) throw refused(remove, 'all but one at most', 'Close the round instead.')
  // A point that its position asks for no more stays where it stood.
  const listed = await listPoints(db, who.siteId, ids)
  const fresh = new Map(listed.map((point) => [point.id, point]))
  const stranger = add.find((one) => !fresh.has(one))
  if (stranger) throw new NotFoundError('point', stranger)
  if (walkedBy) await holdMember(db, who.siteId, walkedBy)
  const dropped = [...kept.values()].filter((point) => !fresh.has(point.id))
  const points = [...listed.map((point) => kept.get(point.id) ?? roundPoint(point, day)), ...dropped]
  if (!(await storeRound(db, id, { version, title, day, walkedBy, points })))
    throw new ConflictError(await getRound(db, who.siteId, id))
  await recordEvent(db, who, { kind: 'round.saved', subjectId: id, detail: { title, day, add, remove } })
  return getRound(db, who.siteId, id)
}

const refused = (value: unknown, allowed: string, fix: string): InputError =>
  new InputError({ code: 'FIELDS_DISAGREE', field: 'remove', value, allowed, fix })
