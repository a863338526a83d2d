import { SiteCustoms } from '@yardfrost/core'
import { z } from 'zod'

export const roles = ['technician', 'planner', 'viewer'] as const
/** A viewer reads and tries; technician and planner save. */
export const Role = z.enum(roles)
export type Role = z.infer<typeof Role>

export const SignIn = z.strictObject({
  login: z.string().trim().min(1).max(80).meta({ description: 'Sign-in name' }),
  password: z.string().min(1).max(200).meta({ description: 'Password' }),
})
export type SignIn = z.infer<typeof SignIn>

export const Account = z.object({
  id: z.uuid(),
  login: z.string(),
  name: z.string(),
  role: Role,
  siteId: z.uuid(),
  siteName: z.string(),
  /** The made-up plant, to try things on. */
  demo: z.boolean().default(false),
  /** Units and dates of the site. */
  customs: SiteCustoms.prefault({}),
  /** Every site they belong to. */
  sites: z.array(z.object({ id: z.uuid(), name: z.string() })).default([]),
})
export type Account = z.infer<typeof Account>
