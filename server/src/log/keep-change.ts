import { assess, attempt, FittedEntry, holdsRolling, makeFinding, marksOf, outReasons, sleeveName, workOutSleeve, type JobProgress, type OutReason, type Position, type References } from '@yardfrost/core' // prettier-ignore
import type { PositionDetail, RollingDetail } from '@yardfrost/contract'
import { randomUUID } from 'node:crypto'
import type pg from 'pg'
import { today } from '../round/today.ts'
import type { Who } from '../store/audit.ts'
import { typeOf } from './add-fitted.ts'
import { addBearing, endBearing, findRunning, getPlace, hoursOf, insertFinding, latestFinding } from '../store/log.ts'

/** What a position was found and left as by a change. */
interface Change {
  jobId: string
  position: PositionDetail
  progress: JobProgress
  left: Position
}

/** Writes into the log what a closed change took out and put in. */
export async function keepChange(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { jobId, position, progress, left }: Change,
): Promise<void> {
  const positionId = position.id
  const day = today()
  const place = await getPlace(db, who.siteId, positionId)
  const running = await findRunning(db, positionId)
  if (running) {
    const hours = await hoursOf(db, [place], day)
    const finding =
      (await latestFinding(db, positionId, running.fitted_on)) ??
      (holdsRolling(position) ? await findingOfJob(db, references, who, position, progress) : null)
    await endBearing(db, running.id, {
      day,
      hoursH: Math.max(hours(place, running.fitted_on, day), 0.1),
      ended: endedBy(progress, positionId),
      cause: finding?.cause ?? null,
      findingId: finding?.id ?? null,
      jobId,
    })
  }
  const designation = left.kind === 'rolling' ? left.bearing.designation : (sleeveName(left, workOutSleeve(left)) ?? '')
  const { value: entry } = attempt(() =>
    FittedEntry.parse({ designation, fittedOn: day, batch: readOf(progress, positionId, 'check-new', 'batch') ?? '' }),
  )
  if (!entry) return
  const bearingType = typeOf(designation, references)
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

/** What was seen in the job and on the bench, kept as it ranked; what it was is left open, for nobody has decided. */
async function findingOfJob(
  db: pg.PoolClient,
  { catalogue, damage }: References,
  who: Who,
  { id, inputs, machine }: RollingDetail,
  progress: JobProgress,
): Promise<{ id: string; cause: string | null } | null> {
  const known = new Set(damage.signs.map(({ sign }) => sign))
  const marks = marksOf(readOf(progress, id, 'came-out', 'marks')).filter((sign) => known.has(sign))
  const notSeen = inputs.diagnose.notSeen.filter((sign) => !marks.includes(sign))
  const position = { ...inputs, diagnose: { ...inputs.diagnose, seen: [...new Set([...inputs.diagnose.seen, ...marks])], notSeen } } // prettier-ignore
  const finding = makeFinding(position, assess(position, machine, catalogue, damage).outcomes.diagnose)
  if (!finding) return null
  const entry = { id: randomUUID(), at: new Date().toISOString(), finding, cause: null, why: '' }
  await insertFinding(db, who, id, entry)
  return entry
}
