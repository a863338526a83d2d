import { roomForPhotos } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import type { Who } from '../store/audit.ts'
import { holdPhotoRoom, insertPhoto } from '../store/jobs.ts'
import { openJob } from './open-job.ts'
import type { ReadPhoto } from './read-photo.ts'

const inMb = (bytes: number) => `${Math.round(bytes / 1e6)} MB`

/**
 * Keeps a photograph of a job; one that was sent before is kept once.
 *
 * @throws InputError on `photo` where the site has no room left, or another job has its id; JobError when the job has ended;
 *   NotFoundError
 */
export async function addPhoto(
  db: pg.PoolClient,
  who: Who,
  { jobId, id, photo }: { jobId: string; id: string; photo: ReadPhoto },
): Promise<void> {
  await openJob(db, who.siteId, jobId)
  const taken = await holdPhotoRoom(db, who.siteId)
  if (taken + photo.content.length > roomForPhotos)
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'photo',
      value: `${inMb(photo.content.length)} on top of ${inMb(taken)}`,
      allowed: `within the ${inMb(roomForPhotos)} a site has for photographs`,
      fix: 'Whoever runs the server exports the site and takes old photographs out.',
    })
  const kept = await insertPhoto(db, { ...who, id, jobId, ...photo })
  if (!kept)
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'photo',
      value: id,
      allowed: 'an id that no other photograph has',
      fix: 'Take the photograph again.',
    })
}
