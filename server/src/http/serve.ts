import {
  routes,
  type Account,
  type Answered,
  type Asked,
  type Body,
  type Route,
  type RouteName,
} from '@yardfrost/contract'
import { InputError, parseInput } from '@yardfrost/core'
import express, { type Request, type RequestHandler, type Response, type Router } from 'express'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { EventStream } from '../live/event-stream.ts'
import type { Streams } from '../live/streams.ts'
import type { KnownPeople } from '../people/known-people.ts'
import type { Who } from '../store/audit.ts'
import { accountFor } from './access.ts'
import { isSignedIn } from './sign-in.ts'
import { refuseUnstorable } from '../store/unstorable.ts'

/** A request as a handler sees it: checked, and of somebody who may ask it. */
export type Asking<R extends Route> = Asked<R> &
  (R['role'] extends 'anyone' ? { account: null; who: null } : { account: Account; who: Who }) & {
    request: Request
    response: Response
    /** Opens the answer as a stream that ends with the session of whoever asks. */
    openStream: () => EventStream
  }

type Handler<R extends Route> = (asking: Asking<R>) => Answered<R> | Promise<Answered<R>>

/**
 * Serves one route of the contract: checks who asks, parses what is asked, and answers as the contract says.
 *
 * A handler of JSON returns what is answered; one that has answered itself (a stream, a file) returns nothing.
 */
export type Serve = <N extends RouteName>(name: N, handler: Handler<(typeof routes)[N]>) => void

/** How routes are served on a router; `unserved` names those nobody has served yet. */
export function serving(
  router: Router,
  people: KnownPeople,
  streams: Streams,
): { serve: Serve; unserved: () => RouteName[] } {
  const served = new Set<RouteName>()
  const serve: Serve = (name, handler) => {
    const route: Route = routes[name]
    served.add(name)
    const answer: RequestHandler = async (request, response) => {
      const account = request.account ?? null
      const asking = {
        request,
        response,
        account,
        openStream: () => streams.open(request, response, account?.id ?? '', () => isSignedIn(people, request)),
        who: account && { siteId: account.siteId, accountId: account.id },
        params: paramsOf(route, request),
        query: storable(parseInput(route.query, request.query, 'path')),
        body: bodyOf(route.body, request.body),
      }
      // The contract ties the name to the types; the compiler cannot follow it through the table.
      const result = await (handler as unknown as (all: typeof asking) => unknown)(asking)
      if (response.headersSent || route.answer.as === 'events' || route.answer.as === 'file') return
      if (route.answer.as === 'nothing') response.status(204).end()
      else response.status(route.answer.status).json(result)
    }
    // Who may not ask is refused before anything of theirs is read.
    router[route.method](route.path, accountFor(people, route.role), ...readers(route.body), answer)
  }
  return { serve, unserved: () => (Object.keys(routes) as RouteName[]).filter((name) => !served.has(name)) }
}

/** @throws InputError naming the field with a text that no database keeps */
function storable<T>(asked: T): T {
  refuseUnstorable(asked)
  return asked
}

function readers(body: Body | null): RequestHandler[] {
  switch (body?.as) {
    case undefined:
      return []
    case 'json':
      return [express.json({ limit: body.limit, strict: false })]
    case 'csv':
      return [express.text({ type: 'text/csv', limit: body.limit })]
    case 'picture':
      return [express.raw({ type: () => true, limit: body.limit })]
    default:
      return body satisfies never
  }
}

/** @throws NotFoundError for a parameter that is none of its kind: there is no such thing */
function paramsOf({ path, params }: Route, request: Request): object {
  const parsed = params.safeParse(request.params)
  if (parsed.success) return parsed.data
  const wrong = String(parsed.error.issues[0]?.path[0])
  // `/machines/:id` is about a machine.
  throw new NotFoundError((path.split('/')[1] ?? 'entry').replace(/s$/, ''), String(request.params[wrong]))
}

function bodyOf(body: Body | null, given: unknown): unknown {
  if (body?.as === 'csv') {
    if (typeof given === 'string' && given.trim() !== '') return given
    const fix = 'Choose a file of the register, saved as CSV.'
    throw new InputError({ code: 'MISSING', field: 'csv', value: undefined, allowed: 'a file of CSV lines', fix })
  }
  if (body?.as !== 'json') return body ? given : null
  const { schema } = body
  if (schema instanceof z.ZodUnknown) return given
  const one = schema instanceof z.ZodUnion ? optionFor(schema.options as z.ZodObject[], given) : schema
  if (!(one instanceof z.ZodObject)) throw new Error('a body is an object, or one of some')
  const parsed = parseInput(one, given, 'path')
  if (!body.itemByItem) refuseUnstorable(parsed)
  return parsed
}

/** Of several shapes the one that has a field in common with what was sent, so that a refusal names what is wrong in it. */
const optionFor = (options: readonly z.ZodObject[], given: unknown): z.ZodObject | undefined =>
  options.find(({ shape }) => typeof given === 'object' && given !== null && Object.keys(given).some((key) => key in shape)) ??
  options.at(-1) // prettier-ignore
