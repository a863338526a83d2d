import { roomForPhotos } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import type pg from 'pg'
import type { Who } from '../store/audit.ts'
import { holdPhotoRoom, insertPhoto, type PhotoOf } from '../store/photos.ts'
import type { ReadPhoto } from './read-photo.ts'

const inMb = (bytes: number) => `${Math.round(bytes / 1e6)} MB`

/**
 * Keeps a photograph; one that was sent before is kept once.
 *
 * @param given.of - the job or the round it belongs to, which is open, or the position
 * @throws InputError on `photo` where the site has no room left, or other work has its id
 */
export async function addPhoto(
  db: pg.PoolClient,
  who: Who,
  { of, id, photo }: { of: PhotoOf; id: string; photo: ReadPhoto },
): Promise<void> {
  const taken = await holdPhotoRoom(db, who.siteId)
  if (taken + photo.content.length > roomForPhotos)
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'photo',
      value: `${inMb(photo.content.length)} on top of ${inMb(taken)}`,
      allowed: `within the ${inMb(roomForPhotos)} a site has for photographs`,
      fix: 'Whoever runs the server exports the site and takes old photographs out.',
    })
  const kept = await insertPhoto(db, who, { id, of, ...photo })
  if (!kept)
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'photo',
      value: id,
      allowed: 'an id that no other photograph has',
      fix: 'Take the photograph again.',
    })
}
