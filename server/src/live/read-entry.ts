import { inputErrorOf } from '@yardfrost/core'
import type { z } from 'zod'
import { unstorableField } from '../store/unstorable.ts'

/** Why an entry cannot be taken, and what to do about it. */
export interface Refusal {
  message: string
  fix: string
}

/** An entry of a piece of work as a device sent it, or why it cannot be read. */
export function readEntry<S extends z.ZodType<object>>(schema: S, given: object): z.output<S> | Refusal {
  const parsed = schema.safeParse(given, { reportInput: true })
  if (!parsed.success) {
    const { message, fix } = inputErrorOf(schema, parsed.error.issues, 'path')
    return { message, fix }
  }
  const cut = unstorableField(parsed.data)
  if (cut === null) return parsed.data
  return { message: `${cut} was cut in the middle of a character`, fix: 'Enter it again, without its last character.' }
}
