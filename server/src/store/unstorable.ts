import { InputError } from '@yardfrost/core'

/** Half of a character that needs two, or the character 0: PostgreSQL stores neither. */
const unstorable = /[\p{Surrogate}\0]/u

/** Path of the first text that cannot be stored; null where all can. */
export function unstorableField(value: unknown, path = ''): string | null {
  if (typeof value === 'string') return unstorable.test(value) ? path : null
  if (typeof value !== 'object' || value === null) return null
  for (const [key, one] of Object.entries(value)) {
    const found = unstorableField(one, path ? `${path}.${key}` : key)
    if (found !== null) return found
  }
  return null
}

/** @throws InputError naming the field whose text was cut in the middle of a character */
export function refuseUnstorable(value: unknown): void {
  const field = unstorableField(value)
  if (field === null) return
  throw new InputError({
    code: 'WRONG_TYPE',
    field,
    value: 'text with half a character in it',
    allowed: 'text of whole characters',
    fix: 'Type the last character of it again.',
  })
}
