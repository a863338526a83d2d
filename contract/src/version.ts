import { z } from 'zod'

/** Which save of a thing this is, counted from 1; the database counts to here. */
export const SavedVersion = z.int().min(1).max(2_147_483_647)
/** A save may be the first. */
export const StartedVersion = z.int().min(0).max(2_147_483_647)
