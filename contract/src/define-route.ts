import { z } from 'zod'
import type { Role } from './session.ts'

/** Who may ask: anybody, or somebody signed in whose role is at least this one. */
export type Access = 'anyone' | Role

/**
 * What is sent: JSON of a schema, a file of CSV lines, or a picture. `limit`: most that is read of it, bytes; `itemByItem`: its
 * items are read and answered one by one, so that a bad one does not refuse the whole.
 */
export type Body =
  { as: 'json'; schema: z.ZodType; limit: number; itemByItem: boolean } | { as: 'csv' | 'picture'; limit: number }

/** What is answered. */
export type Answer =
  | { as: 'json'; schema: z.ZodType; status: 200 | 201; what: string }
  | { as: 'nothing'; what: string }
  /** Server-sent events, by their names. */
  | { as: 'events'; events: Record<string, z.ZodType>; what: string }
  | { as: 'file'; type: string; what: string }

type Fields = z.ZodObject

/** One route of the API: the server serves it, the client asks it, and OpenAPI describes it from this object alone. */
export interface Route<
  P extends Fields = Fields,
  Q extends Fields = Fields,
  B extends Body | null = Body | null,
  A extends Answer = Answer,
> {
  method: 'get' | 'post' | 'put' | 'delete'
  /** Below /api, parameters with a colon: `/jobs/:id`. */
  path: string
  role: Access
  summary: string
  params: P
  query: Q
  body: B
  answer: A
  /** Statuses it may refuse with besides those that follow from the rest: 404, 409, 413, 429, 502, 503. */
  refusals: readonly number[]
  /** A save that comes second is told what is there now. */
  conflict: z.ZodType | null
}

const none = z.object({})

/** Declares a route; what is left out it does not take. */
export function defineRoute<
  A extends Answer,
  P extends Fields = typeof none,
  Q extends Fields = typeof none,
  B extends Body | null = null,
>(
  route: Pick<Route, 'method' | 'path' | 'role' | 'summary'> & {
    params?: P
    query?: Q
    body?: B
    answer: A
    refusals?: readonly number[]
    conflict?: z.ZodType
  },
): Route<P, Q, B, A> {
  const { params = none, query = none, body = null, refusals = [], conflict = null, ...rest } = route
  return { ...rest, params: params as P, query: query as Q, body: body as B, refusals, conflict }
}

const usualLimit = 512_000

export const json = <S extends z.ZodType>(schema: S, { limit = usualLimit, itemByItem = false } = {}) => ({
  as: 'json' as const,
  schema,
  limit,
  itemByItem,
})
export const csv = (limit: number) => ({ as: 'csv' as const, limit })
export const picture = (limit: number) => ({ as: 'picture' as const, limit })

export const answers = <S extends z.ZodType>(schema: S, what: string) =>
  ({ as: 'json', schema, status: 200, what }) as const
/** Answers with what was made. */
export const creates = <S extends z.ZodType>(schema: S, what: string) =>
  ({ as: 'json', schema, status: 201, what }) as const
export const nothing = (what: string) => ({ as: 'nothing', what }) as const
export const streams = <E extends Record<string, z.ZodType>>(events: E, what: string) =>
  ({ as: 'events', events, what }) as const
export const file = (type: string, what: string) => ({ as: 'file', type, what }) as const

/** What is asked with a route: parameters, query and body, those it has. */
export type Asked<R extends Route> = {
  params: z.output<R['params']>
  query: z.output<R['query']>
  body: R['body'] extends { as: 'json'; schema: infer S extends z.ZodType }
    ? z.output<S>
    : R['body'] extends { as: 'csv' }
      ? string
      : R['body'] extends { as: 'picture' }
        ? Uint8Array
        : null
}

/** What a route answers, where that is JSON; nothing otherwise. */
export type Answered<R extends Route> = R['answer'] extends { as: 'json'; schema: infer S extends z.ZodType }
  ? z.output<S>
  : void
