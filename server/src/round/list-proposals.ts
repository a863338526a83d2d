import type { Proposals } from '@yardfrost/contract'
import { proposalOf, seenAt } from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { listPoints } from '../store/points.ts'
import { listSeen } from '../store/rounds.ts'

/** Points whose interval should be another one, or that something should be looked into at, by what came out. */
export async function listProposals(db: Db, siteId: string): Promise<Proposals> {
  const visits = await listSeen(db, siteId)
  if (visits.size === 0) return []
  const points = await listPoints(db, siteId, [...visits.keys()])
  return points.flatMap((point) => {
    const seen = seenAt(visits.get(point.id) ?? [])
    return proposalOf(point.kind, point.work, point.own, seen) ? [{ point, seen }] : []
  })
}
