import { z } from 'zod'
import { NewPassword } from './password.ts'
import { Role } from './session.ts'

/** Somebody of a site, as planners see them. */
export const Person = z.object({
  id: z.uuid(),
  login: z.string(),
  name: z.string(),
  role: Role,
  createdAt: z.iso.datetime(),
  retiredAt: z.iso.datetime().nullable(),
  /** Has a password and may sign in here. */
  ready: z.boolean(),
  /** Until when a link of theirs is good; null where there is none. */
  linkUntil: z.iso.datetime().nullable(),
  /** When they last signed in. */
  seenAt: z.iso.datetime().nullable(),
})
export type Person = z.infer<typeof Person>
export const People = z.array(Person)

/** What people sign in with: no spaces, so that it is typed as it is told. */
export const Login = z
  .string()
  .trim()
  .min(1)
  .max(80)
  .regex(/^[\p{L}\p{N}._@-]+$/u, 'letters, digits, dots, dashes and @, without spaces')
  .meta({ description: 'Sign-in name' })
export const PersonName = z
  .string()
  .trim()
  .min(1)
  .max(80)
  .meta({ description: 'Name, as it stands beside what was done' })

export const AddPerson = z.strictObject({ login: Login, name: PersonName, role: Role })
export type AddPerson = z.infer<typeof AddPerson>
export const SavePerson = z.strictObject({ name: PersonName, role: Role })
export type SavePerson = z.infer<typeof SavePerson>
export const RetirePerson = z.strictObject({ retired: z.boolean() })

/** A word that is shown once; the address /welcome takes it behind a #. */
export const GivenLink = z.object({ person: Person, word: z.string(), expiresAt: z.iso.datetime() })
export type GivenLink = z.infer<typeof GivenLink>

const Word = z.string().min(20).max(100).meta({ description: 'Word of the link' })
export const LookAtLink = z.strictObject({ word: Word })
/** Whom a link is for. `asks`: a password they set now, or the one they have on another site already. */
export const LinkDetail = z.object({
  site: z.string(),
  name: z.string(),
  login: z.string(),
  asks: z.enum(['new-password', 'own-password']),
  expiresAt: z.iso.datetime(),
})
export type LinkDetail = z.infer<typeof LinkDetail>
export const UseLink = z.strictObject({ word: Word, password: NewPassword })

export const ChangePassword = z.strictObject({
  current: z.string().min(1).max(400).meta({ description: 'Password until now' }),
  password: NewPassword,
})
export const ChooseSite = z.strictObject({ siteId: z.uuid() })
