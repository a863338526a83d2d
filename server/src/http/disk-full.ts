import type { Application } from 'express'

/** So long after a write found no room the disk is taken to be full still, ms. */
const staysMs = 60_000

/** Remembers that the disk of the database had no room for a write. */
export function noteDiskFull({ locals }: Application): void {
  locals['diskFullAt'] = Date.now()
}

/** Whether a write found no room within the last minute. */
export function isDiskFullNow({ locals }: Application): boolean {
  const at: unknown = locals['diskFullAt']
  return typeof at === 'number' && Date.now() - at < staysMs
}
