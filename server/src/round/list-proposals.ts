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
  const found: Proposals = []
  for (const point of points) {
    const around = await readAround(db, siteId, point.position.id)
    const seen = seenAt(visits.get(point.id) ?? [], around)
    if (proposalOf(point.kind, point.work, point.own, seen)) found.push({ point, seen })
  }
  return found
}
