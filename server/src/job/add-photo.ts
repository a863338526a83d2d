import { photoTypes } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import { fileTypeFromBuffer } from 'file-type'
import type pg from 'pg'
import type { Who } from '../store/audit.ts'
import { insertPhoto } from '../store/jobs.ts'
import { openJob } from './open-job.ts'

/**
 * Keeps a photograph of a job; one that was sent before is kept once.
 *
 * @throws InputError on `photo` for what is no photograph; JobError when the job has ended; NotFoundError
 */
export async function addPhoto(
  db: pg.PoolClient,
  who: Who,
  { jobId, id, content }: { jobId: string; id: string; content: unknown },
): Promise<void> {
  const type = Buffer.isBuffer(content) ? (await fileTypeFromBuffer(content))?.mime : undefined
  if (!Buffer.isBuffer(content) || !type || !(photoTypes as readonly string[]).includes(type)) {
    throw new InputError({
      code: 'WRONG_TYPE',
      field: 'photo',
      value: type ?? 'no picture',
      allowed: `a photograph: ${photoTypes.map((one) => one.replace('image/', '')).join(', ')}`,
      fix: 'Choose a photograph; what a file is called does not make it one.',
    })
  }
  await openJob(db, who.siteId, jobId)
  await insertPhoto(db, { ...who, id, jobId, type, content })
}
