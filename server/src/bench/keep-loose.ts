import type pg from 'pg'
import { recordEvent, type Who } from '../store/audit.ts'
import { holdLoose, storeLooseName } from '../store/loose.ts'
import { retirePositions } from '../store/positions.ts'

/** Gives a loose bearing another name. @throws NotFoundError where it is not loose */
export async function renameLoose(db: pg.PoolClient, who: Who, positionId: string, name: string): Promise<void> {
  await holdLoose(db, who.siteId, positionId)
  await storeLooseName(db, positionId, name)
  await recordEvent(db, who, { kind: 'loose.renamed', subjectId: positionId, detail: { name } })
}

/** Takes a loose bearing off its bench; its history stays. @throws NotFoundError where it is not loose */
export async function takeOffLoose(db: pg.PoolClient, who: Who, positionId: string): Promise<void> {
  await holdLoose(db, who.siteId, positionId)
  await retirePositions(db, [positionId])
  await recordEvent(db, who, { kind: 'loose.taken-off', subjectId: positionId, detail: {} })
}
