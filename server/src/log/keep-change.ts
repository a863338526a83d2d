import { attempt, FittedEntry, lookUpBearing, outReasons, type JobProgress, type OutReason, type Position, type References } from '@yardfrost/core' // prettier-ignore
import type pg from 'pg'
import { today } from '../round/today.ts'
import type { Who } from '../store/audit.ts'
import { addBearing, endBearing, findRunning, getPlace, hoursOf, latestFinding } from '../store/log.ts'

/** What a position was found and left as by a change. */
interface Change {
  jobId: string
  positionId: string
  progress: JobProgress
  left: Position
}

/** Writes into the log what a closed change took out and put in. */
export async function keepChange(
  db: pg.PoolClient,
  { catalogue }: References,
  who: Who,
  { jobId, positionId, progress, left }: Change,
): Promise<void> {
  if (left.kind !== 'rolling') return
  const day = today()
  const place = await getPlace(db, who.siteId, positionId)
  const running = await findRunning(db, positionId)
  if (running) {
    const hours = await hoursOf(db, [place], day)
    const finding = await latestFinding(db, positionId, running.fitted_on)
    await endBearing(db, running.id, {
      day,
      hoursH: Math.max(hours(place, running.fitted_on, day), 0.1),
      ended: endedBy(progress, positionId),
      cause: finding?.cause ?? null,
      findingId: finding?.id ?? null,
      jobId,
    })
  }
  const { designation } = left.bearing
  const { value: entry } = attempt(() =>
    FittedEntry.parse({ designation, fittedOn: day, batch: readOf(progress, positionId, 'check-new', 'batch') ?? '' }),
  )
  if (!entry) return
  const lookup = lookUpBearing(designation, catalogue)
  const bearingType = lookup.kind === 'found' ? lookup.bearing.row.type : null
  await addBearing(db, who, positionId, entry, { bearingType, source: 'job', hoursH: null, jobId, asLeft: left })
}

/** What was read at a step of a position. */
const readOf = ({ steps }: JobProgress, positionId: string, stage: string, key: string): string | null =>
  steps
    .find(({ step }) => step.stage === stage && step.position?.id === positionId)
    ?.readings.find(({ reading }) => reading.key === key)?.entry?.text ?? null

/** Why it came out, as somebody said at the step that names it; a job of before that was not asked counts as a failure. */
function endedBy(progress: JobProgress, positionId: string): OutReason {
  const said = readOf(progress, positionId, 'came-out', 'ended')
  return outReasons.find((reason) => reason === said) ?? 'failed'
}
