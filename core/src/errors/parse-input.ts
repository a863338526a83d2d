import { z } from 'zod'
import { InputError } from './input-error.ts'

/**
 * Reads an input with its schema, or refuses it naming the field, the value and what is allowed.
 *
 * `null` and an absent field mean the same at the top level.
 *
 * @param fieldName - `top`: a refused item of a list or group is named by the list (the calculations);
 *   `path`: by its whole path, `load.radialN` (the documents)
 * @throws InputError for the first field that does not fit
 */
export function parseInput<S extends z.ZodObject>(
  schema: S,
  input: unknown,
  fieldName: 'top' | 'path' = 'top',
): z.output<S> {
  const given = fieldName === 'top' ? withoutNulls(input) : input
  const result = schema.safeParse(given, { reportInput: true })
  if (result.success) return result.data
  throw inputErrorOf(schema, result.error.issues, fieldName)
}

/**
 * Turns the most telling issue of a failed parse into one InputError.
 *
 * @param inUnit - writes a limit as the reader has it, in a unit of theirs; as the schema has it when absent
 */
export function inputErrorOf(
  schema: z.ZodType,
  issues: readonly z.core.$ZodIssue[],
  fieldName: 'top' | 'path',
  inUnit?: LimitWords,
): InputError {
  // A misspelt name is the likely cause of the missing field beside it, so it is named first.
  const issue = issues.find((one) => one.code === 'unrecognized_keys') ?? issues[0]
  if (!issue) throw new Error('a failed parse without an issue')
  if (issue.code === 'unrecognized_keys') {
    const field = String(issue.keys[0])
    return new InputError({
      code: 'UNKNOWN_FIELD',
      field,
      value: 'not a field of this input',
      allowed: schema instanceof z.ZodObject ? `one of ${Object.keys(schema.shape).join(', ')}` : 'left out',
      fix: 'Check the spelling, or leave the field out.',
    })
  }
  const path = issue.path.map(String)
  const field = (fieldName === 'top' ? path[0] : path.join('.')) || 'input'
  const whole = issue.input as Record<string, unknown> | undefined
  if (issue.code === 'invalid_union' && 'discriminator' in issue && 'options' in issue) {
    const kind = String(issue.discriminator)
    const allowed = `one of ${(issue.options as string[]).join(', ')}`
    return new InputError({ code: 'NOT_ONE_OF', field, value: whole?.[kind], allowed, fix: `Correct ${field}.` })
  }
  const value = issue.input
  return new InputError({
    code: codeOf(issue),
    field,
    value: value === null ? undefined : value,
    allowed: issue.code === 'custom' ? issue.message : describeAllowed(fieldSchema(schema, issue.path), issue, inUnit),
    fix: value === undefined || value === null || value === '' ? `Give ${field}.` : `Correct ${field}.`,
  })
}

/** How a limit is written. */
export interface LimitWords {
  limit: (value: number) => string
  unit: string
}

function codeOf(issue: z.core.$ZodIssue): InputError['code'] {
  switch (issue.code) {
    case 'too_small':
    case 'too_big':
      return 'OUT_OF_RANGE'
    case 'invalid_value':
      return issue.input === undefined ? 'MISSING' : 'NOT_ONE_OF'
    case 'invalid_type':
      return issue.input === undefined || issue.input === null ? 'MISSING' : 'WRONG_TYPE'
    default:
      return 'WRONG_TYPE'
  }
}

/** Says in words what a field takes, read from its schema so that the range is written once only. */
export function describeAllowed(schema: z.ZodType | undefined, issue?: z.core.$ZodIssue, inUnit?: LimitWords): string {
  const told = schema instanceof z.ZodPipe ? unwrapped(schema) : schema
  const json = told ? (z.toJSONSchema(told, { unrepresentable: 'any', io: 'input' }) as JsonSchema) : {}
  const plain = (json.anyOf ?? json.oneOf)?.find((one) => one.type !== 'null') ?? json
  if (plain.enum) return `one of ${plain.enum.join(', ')}`
  if (plain.const !== undefined) return String(plain.const)
  if (plain.type === 'number' || plain.type === 'integer') return describeRange(plain, describedUnit(schema), inUnit)
  if (plain.type === 'boolean') return 'true or false'
  if (plain.format === 'date') return 'a day, written YYYY-MM-DD'
  if (plain.type === 'string') return plain.maxLength ? `text of at most ${plain.maxLength} characters` : 'text'
  if (plain.type === 'array') return plain.minItems ? `a list of at least ${plain.minItems}` : 'a list'
  if (plain.type === 'object') return 'an object'
  return issue?.message ?? 'of the right kind'
}

interface JsonSchema {
  type?: string
  enum?: (string | number)[]
  const?: string | number
  format?: string
  anyOf?: JsonSchema[]
  oneOf?: JsonSchema[]
  minimum?: number
  maximum?: number
  exclusiveMinimum?: number
  exclusiveMaximum?: number
  maxLength?: number
  minItems?: number
}

function describeRange(json: JsonSchema, unit: string, inUnit: LimitWords = { limit: String, unit }): string {
  const kind = json.type === 'integer' ? 'a whole number' : 'a number'
  // JSON Schema spells an unbounded integer with the largest safe one.
  const bounded = (edge: number | undefined) =>
    edge !== undefined && Math.abs(edge) < Number.MAX_SAFE_INTEGER ? edge : undefined
  const low = bounded(json.minimum)
  const high = bounded(json.maximum)
  const parts = [
    json.exclusiveMinimum !== undefined
      ? `above ${inUnit.limit(json.exclusiveMinimum)}`
      : low !== undefined
        ? `from ${inUnit.limit(low)}`
        : '',
    json.exclusiveMaximum !== undefined
      ? `below ${inUnit.limit(json.exclusiveMaximum)}`
      : high !== undefined
        ? `to ${inUnit.limit(high)}`
        : '',
  ].filter(Boolean)
  return [kind, ...parts].join(' ') + (parts.length > 0 && inUnit.unit ? ` ${inUnit.unit}` : '')
}

function describedUnit(schema: z.ZodType | undefined): string {
  const unit = schema?.meta()?.['unit']
  return typeof unit === 'string' ? unit : ''
}

/** The schema of the field that a path leads to; undefined where the path goes through a list. */
export function fieldSchema(schema: z.ZodType, path: readonly PropertyKey[]): z.ZodType | undefined {
  let here: z.ZodType | undefined = schema
  for (const key of path) here = fieldOf(unwrapped(here), String(key))
  // What reads older documents says nothing of the field; what comes out of it does.
  return here instanceof z.ZodPipe ? unwrapped(here) : here
}

function fieldOf(schema: z.ZodType | undefined, key: string): z.ZodType | undefined {
  if (schema instanceof z.ZodObject) return schema.shape[key] as z.ZodType | undefined
  if (!(schema instanceof z.ZodDiscriminatedUnion)) return undefined
  const options = schema.options as readonly z.ZodType[]
  return options.map((option) => fieldOf(unwrapped(option), key)).find((found) => found !== undefined)
}

function unwrapped(schema: z.ZodType | undefined): z.ZodType | undefined {
  let here = schema
  while (here) {
    if (isWrapped(here)) here = (here as z.ZodNullable).unwrap() as z.ZodType
    else if (here instanceof z.ZodPipe) here = here.out as z.ZodType
    else break
  }
  return here
}

const isWrapped = (schema: z.ZodType | undefined) =>
  schema instanceof z.ZodNullable ||
  schema instanceof z.ZodOptional ||
  schema instanceof z.ZodDefault ||
  schema instanceof z.ZodPrefault

function withoutNulls(input: unknown): unknown {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) return input
  return Object.fromEntries(Object.entries(input).filter(([, value]) => value !== null))
}
