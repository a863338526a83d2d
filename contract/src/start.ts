import { SiteCustoms } from '@yardfrost/core'
import { z } from 'zod'
import { NewPassword } from './password.ts'
import { Login, PersonName } from './people.ts'

export const SiteName = z.string().trim().min(2).max(80).meta({ description: 'Name of the site' })

/** How this server stands before anybody signs in. */
export const StartState = z.object({
  /** No site is there yet: whoever comes first makes one, with the word that was printed where one is asked for. */
  empty: z.boolean(),
  asksWord: z.boolean(),
  /** The made-up plant is loaded. */
  demo: z.boolean(),
})
export type StartState = z.infer<typeof StartState>

export const LookAtStart = z.strictObject({ word: z.string().max(100) })
export const StartDetail = z.object({ siteName: z.string(), expiresAt: z.iso.datetime() })

/** The first site, or another one, with its first planner. */
export const MakeSite = z.strictObject({
  word: z.string().max(100).default('').meta({ description: 'Word printed at the start' }),
  site: SiteName,
  customs: SiteCustoms,
  login: Login,
  name: PersonName,
  password: NewPassword,
})
export type MakeSite = z.input<typeof MakeSite>
