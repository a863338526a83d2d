import { OpenAPIRegistry, OpenApiGeneratorV31 } from '@asteasolutions/zod-to-openapi'
import { ApiError, routes, type Answer, type Body, type Route } from '@yardfrost/contract'
import { createCalculations, type References } from '@yardfrost/core'
import { z } from 'zod'

const asJson = (schema: z.ZodType) => ({ content: { 'application/json': { schema } } })
const refused = { description: 'Refused: the field, the value, what is allowed', ...asJson(ApiError) }

const bodyTypes = { csv: 'text/csv', picture: 'image/*' } as const
function describedBody(body: Body) {
  return body.as === 'json' ? asJson(body.schema) : { content: { [bodyTypes[body.as]]: { schema: z.string() } } }
}

function describedAnswer(answer: Answer): [status: number, described: object] {
  const { what: description } = answer
  switch (answer.as) {
    case 'json':
      return [answer.status, { description, ...asJson(answer.schema) }]
    case 'nothing':
      return [204, { description }]
    case 'events':
      return [200, { description, content: { 'text/event-stream': { schema: z.string() } } }]
    case 'file':
      return [200, { description, content: { [answer.type]: { schema: z.string() } } }]
    default:
      return answer satisfies never
  }
}

/** What a route refuses follows from who may ask it, what it takes and what it says besides. */
function refusalsOf({ role, params, query, body, refusals, conflict }: Route): Record<number, object> {
  const takes = body !== null || Object.keys(query.shape).length > 0
  const statuses = [
    ...(takes ? [400] : []),
    ...(role === 'anyone' ? [] : [401]),
    ...(role === 'anyone' || role === 'viewer' ? [] : [403]),
    ...(Object.keys(params.shape).length > 0 ? [404] : []),
    ...refusals,
  ]
  const all: Record<number, object> = Object.fromEntries(statuses.map((status) => [status, refused]))
  if (conflict)
    all[409] = { description: 'Somebody saved this first', ...asJson(ApiError.extend({ theirs: conflict })) }
  return all
}

/** The OpenAPI document of this server, made from the contract that serves its requests. */
export function openApiDocument(references: References, version: string): Record<string, unknown> {
  const registry = new OpenAPIRegistry()
  for (const [name, route] of Object.entries(routes) as [string, Route][]) {
    // Each calculation has a path of its own below.
    if (name === 'calculate') continue
    const { method, path, summary, params, query, body, answer } = route
    const [status, described] = describedAnswer(answer)
    registry.registerPath({
      method,
      path: `/api${path.replace(/:(\w+)/g, '{$1}')}`,
      operationId: name,
      summary,
      request: {
        ...(Object.keys(params.shape).length > 0 ? { params } : {}),
        ...(Object.keys(query.shape).length > 0 ? { query } : {}),
        ...(body ? { body: describedBody(body) } : {}),
      },
      responses: { [status]: described, ...refusalsOf(route) },
    })
  }
  for (const { name, title, source, input } of createCalculations(references).values()) {
    registry.registerPath({
      method: 'post',
      path: `/api/calc/${name}`,
      operationId: name,
      summary: title,
      description: `Source: ${source}. A list of inputs is answered by a list; a refused one stands in its place as an error.`,
      tags: ['calculations'],
      request: { body: asJson(z.union([input, z.array(input)])) },
      responses: {
        200: { description: 'The output', ...asJson(z.union([z.looseObject({}), z.array(z.looseObject({}))])) },
        400: refused,
        413: refused,
      },
    })
  }
  return {
    ...new OpenApiGeneratorV31(registry.definitions).generateDocument({
      openapi: '3.1.0',
      info: {
        title: 'Yardfrost',
        version,
        description: 'Bench book of a plant maintenance technician: positions and calculations.',
      },
    }),
  }
}
