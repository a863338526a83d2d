import type { AddJob, JobDetail } from '@yardfrost/contract'
import { composeJob, jobKinds, type JobPosition, type PositionKind, type References } from '@yardfrost/core'
import type pg from 'pg'
import { NotFoundError } from '../errors/not-found-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { getJob, insertJob } from '../store/jobs.ts'
import { getPosition } from '../store/positions.ts'

/**
 * Makes a job of some positions of one machine; its steps are composed from how they stand now.
 *
 * @throws NotFoundError for a position that is not one of the machine's, or not of the kind the work is done on
 */
export async function addJob(
  db: pg.PoolClient,
  { catalogue }: References,
  who: Who,
  { machineId, positionIds, kind = 'bearing-change', plannedFor = null }: AddJob,
): Promise<JobDetail> {
  const work = jobKinds[kind]
  const positions: JobPosition<PositionKind>[] = []
  for (const id of positionIds) {
    const position = await getPosition(db, who.siteId, id)
    if (position.machine.id !== machineId || position.inputs.kind !== work.takes)
      throw new NotFoundError('position', id)
    const { name, inputs, machine } = position
    positions.push({ id, name, inputs, machine })
  }
  const jobId = await insertJob(db, {
    ...who,
    machineId,
    kind,
    title: work.title(positions.map(({ name }) => name)),
    positionIds,
    steps: composeJob(kind, positions, catalogue),
    found: Object.fromEntries(positions.map(({ id, inputs }) => [id, inputs])),
    plannedFor,
  })
  const detail = { machineId, positionIds, kind, plannedFor }
  await recordEvent(db, who, { kind: 'job.added', subjectId: jobId, detail })
  return getJob(db, who.siteId, jobId)
}
