import type { FittedStory } from '@yardfrost/contract'
import { today } from '../round/today.ts'
import type { Db } from '../store/database.ts'
import { getStory, listFindings } from '../store/log.ts'

/** One bearing with everything that is known of it. @throws NotFoundError */
export async function fittedStory(db: Db, siteId: string, id: string): Promise<FittedStory> {
  const story = await getStory(db, siteId, id, today())
  const { fittedOn, outOn } = story.bearing
  const findings = await listFindings(db, siteId, story.position.id)
  // What was found while it was there.
  const of = findings.filter(({ at }) => at.slice(0, 10) >= fittedOn && (outOn === null || at.slice(0, 10) <= outOn))
  return { ...story, findings: of }
}
