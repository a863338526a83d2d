import {
  fieldSchema,
  PlainPosition,
  RollingPosition,
  type FieldMeta,
  type Position,
  type Quantity,
} from '@yardfrost/core'

/** One input that is not the same in two versions of a position. */
export interface InputDifference {
  path: string
  title: string
  quantity: Quantity
  from: unknown
  to: unknown
}

type Groups = Record<string, Record<string, unknown>>

/** Without kind and schema, a position is groups of fields. */
function groupsOf({ schema: _schema, kind: _kind, ...groups }: Position): Groups {
  return groups
}

/** Inputs of `to` that are not as they are in `from`, in working order. */
export function inputDifferences(from: Position, to: Position): InputDifference[] {
  const [old, fresh] = [groupsOf(from), groupsOf(to)]
  return Object.keys(fresh).flatMap((group) =>
    Object.keys(fresh[group] ?? {})
      .filter((field) => JSON.stringify(old[group]?.[field]) !== JSON.stringify(fresh[group]?.[field]))
      .map((field) => {
        const meta = fieldSchema(to.kind === 'plain' ? PlainPosition : RollingPosition, [group, field])?.meta() as
          FieldMeta | undefined
        return {
          path: `${group}.${field}`,
          title: meta?.title ?? field,
          quantity: meta?.quantity ?? 'ratio',
          from: old[group]?.[field],
          to: fresh[group]?.[field],
        }
      }),
  )
}
