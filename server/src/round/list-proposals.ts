import type { Proposals } from '@yardfrost/contract'
import { proposalOf, seenAt } from '@yardfrost/core'
import { readAround } from '../reading/read-around.ts'
import type { Db } from '../store/database.ts'
import { listPoints } from '../store/points.ts'
import { listSeen } from '../store/rounds.ts'

/** Points whose interval should be another one, or that something should be looked into at, by what was seen. */
export async function listProposals(db: Db, siteId: string): Promise<Proposals> {
  const visits = await listSeen(db, siteId)
  if (visits.size === 0) return []
  const points = await listPoints(db, siteId, [...visits.keys()])
  const told = points.map((point) => ({ positionId: point.position.id, entries: visits.get(point.id) ?? [], point }))
  const around = await readAround(db, siteId, told)
  return told.flatMap(({ positionId, entries, point }) => {
    const seen = seenAt(entries, around(positionId))
    return proposalOf(point.kind, point.work, point.own, seen) ? [{ point, seen }] : []
  })
}
