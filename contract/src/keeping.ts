import { z } from 'zod'

/** When the last backup was made, and what became of the last that was tried. */
export const BackupState = z.object({
  madeAt: z.iso.datetime().nullable(),
  triedAt: z.iso.datetime().nullable(),
  trouble: z.string().nullable(),
})
export type BackupState = z.infer<typeof BackupState>

/** How a site is kept: its backups, and the room its photographs take, bytes. */
export const Keeping = z.object({
  backup: BackupState,
  photos: z.object({ count: z.int(), taken: z.number(), room: z.number() }),
})
export type Keeping = z.infer<typeof Keeping>
