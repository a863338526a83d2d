/**
 * Stable names of refused inputs. Add at the end; never rename one or give it a second meaning.
 *
 * - MISSING: a field that is needed is absent or empty.
 * - WRONG_TYPE: text where a number belongs, or the like.
 * - OUT_OF_RANGE: a number outside what the field or the table allows.
 * - NOT_ONE_OF: a word that is not in the list.
 * - FIELDS_DISAGREE: each field is fine alone, together they cannot be.
 * - UNKNOWN_FIELD: a field this input does not have.
 * - UNREADABLE: text that cannot be read as a quantity or a designation.
 */
export const inputErrorCodes = [
  'MISSING',
  'WRONG_TYPE',
  'OUT_OF_RANGE',
  'NOT_ONE_OF',
  'FIELDS_DISAGREE',
  'UNKNOWN_FIELD',
  'UNREADABLE',
] as const
export type InputErrorCode = (typeof inputErrorCodes)[number]

export interface InputErrorDetails {
  code: InputErrorCode
  /** Name of the refused field as the caller knows it. */
  field: string
  value: unknown
  /** What would have been accepted, to follow "must be". */
  allowed: string
  /** What to do about it. */
  fix: string
}

/** How much of the stack an error records is said by the engine, not by the language; one that does not know it takes no harm. */
const engine = Error as ErrorConstructor & { stackTraceLimit?: number | undefined }

/** An input the core refuses. It knows the field and the way out, and nothing of HTTP or of the screen. */
export class InputError extends Error {
  override readonly name = 'InputError'
  readonly code: InputErrorCode
  readonly field: string
  readonly allowed: string
  readonly fix: string
  /** What was given. */
  readonly value: unknown

  constructor({ code, field, value, allowed, fix }: InputErrorDetails) {
    // A refused input is the person's business, not a fault to trace; recording the stack would cost more than the
    // calculation, and a sweep of the catalogue refuses hundreds.
    const usual = engine.stackTraceLimit
    engine.stackTraceLimit = 0
    super(
      value === undefined || value === null || value === ''
        ? `${field} is missing; it must be ${allowed}`
        : `${field} is ${show(value)}; it must be ${allowed}`,
    )
    engine.stackTraceLimit = usual
    this.code = code
    this.field = field
    this.allowed = allowed
    this.value = value
    this.fix = fix
  }
}

function show(value: unknown): string {
  if (typeof value === 'string') return `"${value.length > 60 ? `${value.slice(0, 60)}…` : value}"`
  if (typeof value === 'object') return Array.isArray(value) ? 'a list' : 'an object'
  return typeof value === 'number' || typeof value === 'boolean' ? String(value) : typeof value
}

/** What a calculation came to: a value, or why it refused its input. */
export type Outcome<T> = { value: T | null; refusal: InputError | null }

/** Runs `work` and hands a refused input to `refused`; any other error is a bug and goes on up. */
export function attempt<T>(work: () => T): { value: T; refusal: null } | { value: null; refusal: InputError } {
  try {
    return { value: work(), refusal: null }
  } catch (error) {
    if (error instanceof InputError) return { value: null, refusal: error }
    throw error
  }
}

/**
 * Runs `work` on a group of an input, and names what it refuses by the group.
 *
 * @param nameOf - name of a refused field as the whole input has it
 */
export function namedBy<T>(nameOf: (field: string) => string, work: () => T): T {
  const { value, refusal } = attempt(work)
  if (!refusal) return value
  const { code, field, value: given, allowed, fix } = refusal
  throw new InputError({ code, field: nameOf(field), value: given, allowed, fix })
}
