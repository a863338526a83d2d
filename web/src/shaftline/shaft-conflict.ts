import {
  partFields,
  ShaftLineFields,
  supportFields,
  type FieldMeta,
  type Quantity,
  type ShaftLine,
} from '@yardfrost/core'
import type { z } from 'zod'
import { changedBy, same, type Choice, type Conflicting } from '../figures/conflict.ts'

/** One thing of a shaft line that two people left differently, with what it is called and both values. */
export interface ShaftConflictLine extends Conflicting {
  title: string
  quantity: Quantity
  mine: unknown
  theirs: unknown
}

interface Leaf {
  title: string
  quantity: Quantity
  value: unknown
}
type Leaves = Map<string, Leaf>
type Shape = Record<string, z.ZodType>

const metaOf = (schema: z.ZodType | undefined): FieldMeta | undefined => {
  const inner = schema && 'unwrap' in schema ? (schema.unwrap as () => z.ZodType)() : undefined
  return (schema?.meta() ?? (inner && metaOf(inner))) as FieldMeta | undefined
}
const leaf = (schema: z.ZodType | undefined, value: unknown, title: string): Leaf => ({
  title,
  quantity: metaOf(schema)?.quantity ?? 'ratio',
  value,
})
const titleOf = (schema: z.ZodType | undefined, key: string) => metaOf(schema)?.title ?? key

/** Lists that are one thing: their members have no names to be told apart by. */
const whole = { sections: 'Steps of the shaft', steps: 'Steps of the duty' } as const
/** A thing that only one of both has. */
const isThere = 'on the shaft'

/** A shaft line taken apart: every field of the machine, of each bearing, of each part, each answer of the arrival list. */
function leavesOf(line: ShaftLine): Leaves {
  const leaves: Leaves = new Map()
  const shape = ShaftLineFields.shape as unknown as Shape
  const { schema: _schema, sections, supports, parts, steps, arrival, ...fields } = line
  for (const [key, value] of Object.entries(fields)) leaves.set(key, leaf(shape[key], value, titleOf(shape[key], key)))
  leaves.set('sections', { title: whole.sections, quantity: 'ratio', value: sections })
  leaves.set('steps', { title: whole.steps, quantity: 'ratio', value: steps })
  const members = (group: string, name: string, of: Shape, thing: object) => {
    leaves.set(`${group}.${name}`, { title: name, quantity: 'ratio', value: isThere })
    for (const [key, value] of Object.entries(thing))
      leaves.set(`${group}.${name}.${key}`, leaf(of[key], value, `${name}: ${titleOf(of[key], key)}`))
  }
  for (const support of supports) members('supports', support.position, supportFields.shape, support)
  for (const part of parts) members('parts', part.id, partFields[part.kind].shape, part)
  for (const [question, found] of Object.entries(arrival))
    leaves.set(`arrival.${question}`, { title: `Found: ${question}`, quantity: 'ratio', value: found })
  return leaves
}

/** The thing that a field of a bearing or a part belongs to; null for anything else. */
const ownerOf = (path: string): string | null => /^((?:supports|parts)\.[^.]*)\./.exec(path)?.[1] ?? null

/**
 * What is not the same in mine and theirs, with who changed it; of a part that only one has, the part and not its fields.
 *
 * @param base - what both began from; null where nobody knows it
 */
export function shaftConflictLines(base: ShaftLine | null, mine: ShaftLine, theirs: ShaftLine): ShaftConflictLine[] {
  const [began, own, other] = [base && leavesOf(base), leavesOf(mine), leavesOf(theirs)]
  return [...new Set([...own.keys(), ...other.keys()])].flatMap((path) => {
    const [here, there] = [own.get(path), other.get(path)]
    const owner = ownerOf(path)
    if (owner !== null && (!own.has(owner) || !other.has(owner))) return []
    if (same(here?.value, there?.value)) return []
    const { title = path, quantity = 'ratio' as const } = here ?? there ?? {}
    return [
      {
        path,
        title,
        quantity,
        mine: here?.value,
        theirs: there?.value,
        changedBy: changedBy(began ? { value: began.get(path)?.value } : undefined, here?.value, there?.value),
      },
    ]
  })
}

/** Theirs, with what was chosen of mine. */
export function mergeShafts(mine: ShaftLine, theirs: ShaftLine, chosen: ReadonlyMap<string, Choice>): ShaftLine {
  const takesMine = (path: string) => chosen.get(path) === 'mine'
  const list = <T extends object>(
    group: 'supports' | 'parts',
    nameOf: (one: T) => string,
    own: T[],
    other: T[],
  ): T[] => {
    const named = new Map(own.map((one) => [nameOf(one), one]))
    const kept = other.flatMap((one): T[] => {
      const name = nameOf(one)
      const ours = named.get(name)
      if (!ours) return takesMine(`${group}.${name}`) ? [] : [one]
      const fields = Object.entries(ours).filter(([key]) => takesMine(`${group}.${name}.${key}`))
      return [{ ...one, ...(Object.fromEntries(fields) as Partial<T>) }]
    })
    const there = new Set(other.map(nameOf))
    return [...kept, ...own.filter((one) => !there.has(nameOf(one)) && takesMine(`${group}.${nameOf(one)}`))]
  }
  const { arrival: answers, ...fields } = theirs
  const own = Object.entries(mine).filter(([key]) => takesMine(key))
  const arrival = Object.fromEntries(
    [...new Set([...Object.keys(mine.arrival), ...Object.keys(answers)])].flatMap((question) => {
      const found = takesMine(`arrival.${question}`) ? mine.arrival[question] : answers[question]
      return found ? [[question, found]] : []
    }),
  )
  return {
    ...fields,
    ...(Object.fromEntries(own) as Partial<ShaftLine>),
    supports: list('supports', ({ position }) => position, mine.supports, theirs.supports),
    parts: list('parts', ({ id }) => id, mine.parts, theirs.parts),
    arrival,
  }
}
