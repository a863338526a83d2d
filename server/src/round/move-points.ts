import type { MovePoints, PlantPoint } from '@yardfrost/contract'
import { daysBetween, InputError } from '@yardfrost/core'
import type pg from 'pg'
import { NotFoundError } from '../errors/not-found-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { listPoints, storeMoves } from '../store/points.ts'

const weekDays = 7

/**
 * Moves points to other weeks. A point may go where its tolerance reaches into the week.
 *
 * @throws InputError on `moves` for one beyond its tolerance; NotFoundError
 */
export async function movePoints(db: pg.PoolClient, who: Who, { moves }: MovePoints): Promise<void> {
  const points = new Map((await listPoints(db, who.siteId, moves.map(({ id }) => id))).map((one) => [one.id, one])) // prettier-ignore
  for (const { id, to } of moves) {
    const point = points.get(id)
    if (!point) throw new NotFoundError('point', id)
    if (to !== null && !mayMove(point, to))
      throw new InputError({
        code: 'OUT_OF_RANGE',
        field: 'moves',
        value: to,
        allowed: `from ${point.earlyOn ?? 'its day'} to ${point.lateOn ?? 'its day'} for ${point.machine.tag}, ${point.position.name}`, // prettier-ignore
        fix: 'Leave it within its tolerance, or settle another interval for it.',
      })
  }
  await storeMoves(db, who.siteId, moves)
  await recordEvent(db, who, { kind: 'points.moved', subjectId: who.siteId, detail: { moves } })
}

/** Within its tolerance, or in the week its tolerance reaches into. */
function mayMove({ earlyOn, lateOn, dueOn }: PlantPoint, to: string): boolean {
  if (earlyOn === null || lateOn === null || dueOn === null) return false
  return (to >= earlyOn || daysBetween(to, earlyOn) < weekDays) && to <= lateOn
}
