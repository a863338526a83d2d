import { SiteSettings } from '@yardfrost/core'
import { z } from 'zod'
import { PositionState } from './site.ts'
import { SavedVersion, StartedVersion } from './version.ts'

/** Settings of a site, and the version a save starts from. */
export const SettingsDetail = z.object({ settings: SiteSettings, version: SavedVersion })
export type SettingsDetail = z.infer<typeof SettingsDetail>
export const SaveSettings = z.strictObject({ version: StartedVersion, settings: SiteSettings })
export type SaveSettings = z.infer<typeof SaveSettings>

export const JudgedOtherwise = z.object({
  id: z.uuid(),
  tag: z.string(),
  position: z.string(),
  from: PositionState,
  to: PositionState,
})
export type JudgedOtherwise = z.infer<typeof JudgedOtherwise>
/** How far the judging of a whole site is, and what it has changed. */
export const JudgingState = z.object({
  total: z.int(),
  done: z.int(),
  askedAt: z.iso.datetime(),
  endedAt: z.iso.datetime().nullable(),
  changes: z.array(JudgedOtherwise),
})
export type JudgingState = z.infer<typeof JudgingState>
