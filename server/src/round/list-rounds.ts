import type { RoundSummary } from '@yardfrost/contract'
import { pointPlan, roundProgress } from '@yardfrost/core'
import type { Db } from '../store/database.ts'
import { listRoundRows } from '../store/rounds.ts'

/** So many closed rounds are listed with the open ones. */
const closedShown = 20

/** Rounds of a site, with how far each is. */
export async function listRounds(db: Db, siteId: string): Promise<RoundSummary[]> {
  const rounds = await listRoundRows(db, siteId, closedShown)
  return rounds.map(({ points, entries, ...round }) => {
    const progress = [...roundProgress(entries.map(({ entry, by }) => ({ ...entry, by }))).values()]
    return {
      ...round,
      points: points.length,
      done: progress.filter(({ state }) => state === 'done').length,
      skipped: progress.filter(({ state }) => state === 'skipped').length,
      minutes: points.reduce((sum, { kind, work, own }) => sum + pointPlan(kind, work, own).minutes, 0),
      areas: [...new Set(points.map(({ machine }) => machine.area))],
    }
  })
}
