import { reportedSigns, type References, type Reported } from '@yardfrost/core'
import type pg from 'pg'
import { readAround } from '../reading/read-around.ts'
import { keepAsked } from '../round/keep-asked.ts'
import { inTransaction, type Db } from '../store/database.ts'
import { holdPosition, storeJudgement, storeReported } from '../store/positions.ts'
import { workedAt } from '../store/readings.ts'
import { listTold } from '../store/rounds.ts'
import { judgement } from './judgement.ts'
import { withMaker } from './with-maker.ts'

/** What rounds and readings tell of a position since somebody last worked on it. */
async function toldOf(db: Db, siteId: string, positionId: string): Promise<Reported[]> {
  // What was seen before somebody last worked on it has been answered by the work.
  const worked = await workedAt(db, siteId, positionId)
  const told = [...(await listTold(db, siteId, positionId, worked)).values()]
  const around = (await readAround(db, siteId, [{ positionId, entries: told.flat() }]))(positionId)
  const since = worked?.slice(0, 10) ?? ''
  const verdicts = around.verdicts.filter(({ day }) => day >= since)
  return reportedSigns(told, around, verdicts)
}

/**
 * Judges a position anew with what rounds and readings tell of it; its inputs and its history stay.
 *
 * @param onlyIfTold - leaves it as it is where they tell what they did
 * @throws NotFoundError
 */
export async function judgeAnew(
  db: pg.PoolClient,
  references: References,
  siteId: string,
  positionId: string,
  onlyIfTold = false,
): Promise<string | null> {
  const { inputs, machine, version } = await holdPosition(db, siteId, positionId)
  const reported = await toldOf(db, siteId, positionId)
  const news = await storeReported(db, siteId, positionId, reported)
  if (onlyIfTold && !news) return null
  const judged = judgement(
    inputs,
    await withMaker(db, references, siteId, { ...machine, reported }, inputs),
    references,
  )
  await storeJudgement(db, { positionId, version }, judged)
  await keepAsked(db, siteId, positionId, judged.points)
  return judged.state
}

/** Judges those positions anew of which rounds or readings tell something they did not, each in a transaction of its own. */
export async function judgeTold(
  pool: pg.Pool,
  references: References,
  siteId: string,
  positionIds: Iterable<string>,
): Promise<void> {
  for (const positionId of new Set(positionIds))
    await inTransaction(pool, (db) => judgeAnew(db, references, siteId, positionId, true))
}
