import { fieldSchema, type FieldMeta } from '@yardfrost/core'
import { inject, provide, type InjectionKey } from 'vue'
import { z } from 'zod'

/** What the fields of a form need of the document they are entered into. */
export interface FormPort {
  /** Schema that holds the fields: label, range and unit of each are read there. */
  schema: z.ZodType
  valueAt: (path: string) => unknown
  setAt: (path: string, value: unknown) => void
  /** Fields whose text cannot be read, by their name, with what is wrong. They keep the last good value. */
  unreadable: Map<string, string>
  /** Stands before the path where fields of several forms are on one page. */
  prefix?: string
  /** What the site gives for a field, and whether the document leaves it open to that; null where it gives nothing. */
  site?: (path: string) => SiteSays | null
  /** What a value would break beside other fields, as what is allowed; null where nothing. */
  conflict?: (path: string, value: unknown) => string | null
}

/** What the site says of one field. */
export interface SiteSays {
  value: unknown
  /** What of the site it is. */
  from: string
  /** The document has nothing of its own. */
  open: boolean
  /** Why the document has it otherwise. */
  reason: string
  explain: (reason: string) => void
}

const portKey: InjectionKey<FormPort> = Symbol('form')

/** Lays a form over a document: fields below enter into it. */
export const provideForm = (port: FormPort): void => provide(portKey, port)

/** The form that a field stands in. */
export function useForm(): FormPort {
  const port = inject(portKey)
  if (!port) throw new Error('a field stands in no form')
  return port
}

/** Schema of one field without default and null, and what it says of itself. */
export function fieldOf(
  schema: z.ZodType,
  path: string,
): { schema: z.ZodType | undefined; inner: z.ZodType | undefined; meta: FieldMeta | undefined } {
  const own = fieldSchema(schema, path.split('.'))
  const bare = own instanceof z.ZodDefault ? (own.unwrap() as z.ZodType) : own
  const inner = bare instanceof z.ZodNullable ? (bare.unwrap() as z.ZodType) : bare
  // The title of an optional field may stand on what it wraps.
  const meta = (own?.meta() ?? bare?.meta() ?? inner?.meta()) as FieldMeta | undefined
  return { schema: bare, inner, meta }
}

/** Names of one field: on the page, among the unreadable ones, and for its label. */
export function namesOf({ prefix }: Pick<FormPort, 'prefix'>, path: string): { name: string; inputId: string } {
  const name = prefix ? `${prefix}.${path}` : path
  return { name, inputId: `field-${name.replace(/\W/g, '-')}` }
}

/** What was refused, in a sentence or two, with the label of its field in the place of its name. */
export function inLabels(
  { field, message, fix }: { field?: string | null; message: string; fix: string },
  schema: z.ZodType,
): string {
  const said = (name: string, title: string) =>
    `${message.replace(name, title)}. ${fix.replace(name, title.charAt(0).toLowerCase() + title.slice(1))}`
  if (!field) return `${message}. ${fix}`
  // Of a list it is the field of its line.
  const title = [field, field.split('.').at(-1) ?? field].map((name) => fieldOf(schema, name).meta?.title).find(Boolean)
  return title ? said(field, title) : `${message}. ${fix}`
}
