import { OpenAPIRegistry, OpenApiGeneratorV31 } from '@asteasolutions/zod-to-openapi'
import {
  Account,
  ApiError,
  Health,
  MachineDetail,
  PositionDetail,
  PositionHistory,
  Reading,
  SavePosition,
  SaveShaft,
  ShaftDetail,
  SignIn,
  TakeReading,
  Yard,
} from '@yardfrost/contract'
import { createCalculations, type References } from '@yardfrost/core'
import { z } from 'zod'

const json = (schema: z.ZodType) => ({ content: { 'application/json': { schema } } })
const answer = (schema: z.ZodType, description: string) => ({ description, ...json(schema) })
const refused = { description: 'Refused: the field, the value, what is allowed', ...json(ApiError) }
const Id = z.object({ id: z.uuid() })

/** The OpenAPI document of this server, made from the same schemas that check its requests. */
export function openApiDocument(references: References, version: string): object {
  const registry = new OpenAPIRegistry()
  registry.registerPath({
    method: 'get',
    path: '/api/health',
    summary: 'Whether server and database answer',
    responses: { 200: answer(Health, 'Both do'), 503: answer(Health, 'The database does not') },
  })
  registry.registerPath({
    method: 'post',
    path: '/api/session',
    summary: 'Sign in',
    request: { body: json(SignIn) },
    responses: { 201: answer(Account, 'Signed in'), 401: refused, 429: refused },
  })
  registry.registerPath({
    method: 'get',
    path: '/api/session',
    summary: 'Who is signed in',
    responses: { 200: answer(Account.nullable(), 'The account, or null') },
  })
  registry.registerPath({
    method: 'delete',
    path: '/api/session',
    summary: 'Sign out',
    responses: { 204: { description: 'Signed out' } },
  })
  registry.registerPath({
    method: 'get',
    path: '/api/yard',
    summary: 'The site in walking order',
    responses: { 200: answer(Yard, 'The site'), 401: refused },
  })
  registry.registerPath({
    method: 'get',
    path: '/api/machines/{id}',
    summary: 'One machine',
    request: { params: Id },
    responses: { 200: answer(MachineDetail, 'The machine'), 404: refused },
  })
  registry.registerPath({
    method: 'get',
    path: '/api/machines/{id}/shaft',
    summary: 'The shaft of a machine with its positions',
    request: { params: Id },
    responses: { 200: answer(ShaftDetail, 'The shaft, or null in its place'), 404: refused },
  })
  registry.registerPath({
    method: 'put',
    path: '/api/machines/{id}/shaft',
    summary: 'Save the shaft of a machine and judge its positions anew',
    request: { params: Id, body: json(SaveShaft) },
    responses: {
      200: answer(ShaftDetail, 'As saved'),
      400: refused,
      403: refused,
      409: answer(ApiError.extend({ theirs: ShaftDetail }), 'Somebody saved first'),
    },
  })
  registry.registerPath({
    method: 'get',
    path: '/api/positions/{id}',
    summary: 'One position',
    request: { params: Id },
    responses: { 200: answer(PositionDetail, 'The position'), 404: refused },
  })
  registry.registerPath({
    method: 'put',
    path: '/api/positions/{id}',
    summary: 'Save a position',
    request: { params: Id, body: json(SavePosition) },
    responses: {
      200: answer(PositionDetail, 'As saved'),
      400: refused,
      403: refused,
      409: answer(ApiError.extend({ theirs: PositionDetail }), 'Somebody saved first'),
    },
  })
  registry.registerPath({
    method: 'get',
    path: '/api/positions/{id}/history',
    summary: 'Saves of a position, newest first',
    request: { params: Id },
    responses: { 200: answer(PositionHistory, 'The saves') },
  })
  registry.registerPath({
    method: 'post',
    path: '/api/devices/gauge/readings',
    summary: 'Take one reading with the gauge of the shop',
    request: { body: json(TakeReading) },
    responses: { 201: answer(Reading, 'The reading'), 400: refused, 404: refused, 502: refused },
  })
  for (const { name, title, source, input } of createCalculations(references).values()) {
    registry.registerPath({
      method: 'post',
      path: `/api/calc/${name}`,
      summary: title,
      description: `Source: ${source}. A list of inputs is answered by a list; a refused one stands in its place as an error.`,
      tags: ['calculations'],
      request: { body: json(z.union([input, z.array(input)])) },
      responses: { 200: answer(z.union([z.looseObject({}), z.array(z.looseObject({}))]), 'The output'), 400: refused },
    })
  }
  return new OpenApiGeneratorV31(registry.definitions).generateDocument({
    openapi: '3.1.0',
    info: {
      title: 'Yardfrost',
      version,
      description: 'Bench book of a plant maintenance technician: positions and calculations.',
    },
  })
}
