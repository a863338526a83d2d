import { OpenAPIRegistry, OpenApiGeneratorV31, type RouteConfig } from '@asteasolutions/zod-to-openapi'
import {
  Account,
  AddEntries,
  AddJob,
  AddMachine,
  ApiError,
  EntriesKept,
  Health,
  HeaterRun,
  ImportReport,
  JobDetail,
  JobList,
  MoveJob,
  MachineDetail,
  PlanJob,
  PositionDetail,
  PositionHistory,
  PointThermometer,
  Reading,
  RegisterPage,
  RegisterQuery,
  RenameArea,
  RetireMachine,
  SaveMachine,
  SavePosition,
  SaveShaft,
  ShaftDetail,
  SignIn,
  StartHeaterRun,
  TakeReading,
  ThermometerReading,
  WalkAreas,
  Yard,
} from '@yardfrost/contract'
import { createCalculations, type References } from '@yardfrost/core'
import { z } from 'zod'

const json = (schema: z.ZodType) => ({ content: { 'application/json': { schema } } })
const answer = (schema: z.ZodType, description: string) => ({ description, ...json(schema) })
const refused = { description: 'Refused: the field, the value, what is allowed', ...json(ApiError) }
const Id = z.object({ id: z.uuid() })
const PhotoId = Id.extend({ photoId: z.uuid() })

const signedOut = { 401: refused }
/** Answers of a save: as saved, refused, or somebody was first. */
const saved = (schema: z.ZodType, what: string) => ({
  200: answer(schema, 'As saved'),
  400: refused,
  403: refused,
  404: refused,
  409: answer(ApiError.extend({ theirs: schema }), `Somebody saved this ${what} first`),
})
const events = { content: { 'text/event-stream': { schema: z.string() } } }
const picture = { content: { 'image/*': { schema: z.string() } } }
const csv = { content: { 'text/csv': { schema: z.string() } } }

/** Every route but the calculations: method, path, what it does, what it takes, what it answers. */
const routes: [
  method: 'get' | 'post' | 'put' | 'delete',
  path: string,
  summary: string,
  request: { body?: object; query?: z.ZodObject },
  responses: Record<number, object>,
][] = [
  ['get', '/health', 'Whether server and database answer', {}, { 200: answer(Health, 'Both do'), 503: answer(Health, 'The database does not') }],
  ['post', '/session', 'Sign in', { body: json(SignIn) }, { 201: answer(Account, 'Signed in'), 401: refused, 429: refused }],
  ['get', '/session', 'Who is signed in', {}, { 200: answer(Account.nullable(), 'The account, or null') }],
  ['delete', '/session', 'Sign out', {}, { 204: { description: 'Signed out' } }],
  ['get', '/yard', 'The site in walking order', {}, { 200: answer(Yard, 'The site'), ...signedOut }],
  ['get', '/areas', 'Names of the areas of the site', {}, { 200: answer(z.array(z.string()), 'In walking order'), ...signedOut }],
  ['put', '/areas/name', 'Give an area another name', { body: json(RenameArea) }, { 200: answer(z.array(z.string()), 'In walking order'), 400: refused, 403: refused, 404: refused }],
  ['put', '/areas/order', 'Walk the areas in another order', { body: json(WalkAreas) }, { 200: answer(z.array(z.string()), 'In walking order'), 400: refused, 403: refused }],
  ['get', '/register', 'Search the register of machines', { query: RegisterQuery }, { 200: answer(RegisterPage, 'One page of it'), 400: refused }],
  ['get', '/register.csv', 'The register as a file', {}, { 200: { description: 'One line a position', ...csv } }],
  ['post', '/register/import', 'Bring a file into the register, or try it', { body: csv, query: z.object({ save: z.boolean().optional() }) }, { 200: answer(ImportReport, 'Line by line'), 400: refused, 403: refused, 413: refused }],
  ['post', '/machines', 'Add a machine, or a copy of one', { body: json(AddMachine) }, { 201: answer(MachineDetail, 'As added'), 400: refused, 403: refused, 404: refused }],
  ['get', '/machines/{id}', 'One machine', {}, { 200: answer(MachineDetail, 'The machine'), 404: refused }],
  ['put', '/machines/{id}', 'Save the entry of a machine and its positions', { body: json(SaveMachine) }, saved(MachineDetail, 'machine')],
  ['put', '/machines/{id}/service', 'Take a machine out of service, or back', { body: json(RetireMachine) }, saved(MachineDetail, 'machine')],
  ['get', '/machines/{id}/shaft', 'The shaft of a machine with its positions', {}, { 200: answer(ShaftDetail, 'The shaft, or null in its place'), 404: refused }],
  ['put', '/machines/{id}/shaft', 'Save the shaft of a machine and judge its positions anew', { body: json(SaveShaft) }, saved(ShaftDetail, 'shaft')],
  ['get', '/positions/{id}', 'One position', {}, { 200: answer(PositionDetail, 'The position'), 404: refused }],
  ['put', '/positions/{id}', 'Save a position', { body: json(SavePosition) }, saved(PositionDetail, 'position')],
  ['get', '/positions/{id}/history', 'Saves of a position, newest first', {}, { 200: answer(PositionHistory, 'The saves') }],
  ['get', '/jobs', 'Jobs, open ones first', {}, { 200: answer(JobList, 'The jobs'), ...signedOut }],
  ['post', '/jobs', 'Make a job of some positions of a machine', { body: json(AddJob) }, { 201: answer(JobDetail, 'As made'), 400: refused, 403: refused, 404: refused }],
  ['get', '/jobs/{id}', 'One job with its entries', {}, { 200: answer(JobDetail, 'The job'), 404: refused }],
  ['post', '/jobs/{id}/entries', 'Add entries in their order; each counts once', { body: json(AddEntries) }, { 200: answer(EntriesKept, 'What became of each'), 400: refused, 403: refused, 409: refused }],
  ['put', '/jobs/{id}/state', 'Let a job wait, go on, or cancel it', { body: json(MoveJob) }, { 200: answer(JobDetail, 'As it is now'), 403: refused, 409: refused }],
  ['put', '/jobs/{id}/plan', 'Plan a job for another day, or for none', { body: json(PlanJob) }, { 200: answer(JobDetail, 'As it is now'), 400: refused, 403: refused, 409: refused }],
  ['put', '/jobs/{id}/photos/{photoId}', 'Keep a photograph of a job; one that was sent before is kept once', { body: picture }, { 201: answer(z.object({ id: z.uuid() }), 'Kept'), 400: refused, 403: refused, 409: refused, 413: refused }],
  ['get', '/jobs/{id}/photos/{photoId}', 'One photograph of a job', {}, { 200: { description: 'The photograph', ...picture }, 404: refused }],
  ['post', '/jobs/{id}/close', 'Close a job, and leave its positions as its readings have them', {}, { 200: answer(JobDetail, 'As it is now'), 403: refused, 409: refused }],
  ['get', '/jobs/{id}/events', 'The job, and again whenever it changes', {}, { 200: { description: 'Server-sent events, each the whole job', ...events } }],
  ['get', '/jobs/{id}/export.csv', 'The readings of a job as a file', {}, { 200: { description: 'One line a reading', ...csv } }],
  ['get', '/jobs/{id}/export.json', 'A job as a file', {}, { 200: answer(JobDetail, 'The job') }],
  ['post', '/devices/thermometer/readings', 'What the infrared thermometer shows of a piece', { body: json(PointThermometer) }, { 201: answer(ThermometerReading, 'What it shows, uncorrected'), 400: refused, 401: refused, 502: refused }],
  ['post', '/devices/heater-runs', 'Switch the heater on for a step of a job or a position; aim and limit are worked out here', { body: json(StartHeaterRun) }, { 201: answer(HeaterRun, 'What it is told'), 400: refused, 403: refused, 404: refused, 409: refused }],
  ['get', '/devices/heater-runs/{id}', 'Watch a heater that is on; it goes off when nobody does', {}, { 200: { description: 'Server-sent events: sample, trouble', ...events } }],
  ['post', '/devices/gauge/readings', 'Take one reading with the gauge of the shop', { body: json(TakeReading) }, { 201: answer(Reading, 'The reading'), 400: refused, 404: refused, 502: refused }],
] // prettier-ignore

/** The OpenAPI document of this server, made from the same schemas that check its requests. */
export function openApiDocument(references: References, version: string): object {
  const registry = new OpenAPIRegistry()
  for (const [method, path, summary, request, responses] of routes) {
    registry.registerPath({
      method,
      path: `/api${path}`,
      summary,
      request: {
        ...request,
        ...(path.includes('{photoId}') ? { params: PhotoId } : path.includes('{id}') ? { params: Id } : {}),
      } as RouteConfig['request'] & object,
      responses: responses as RouteConfig['responses'],
    })
  }
  for (const { name, title, source, input } of createCalculations(references).values()) {
    registry.registerPath({
      method: 'post',
      path: `/api/calc/${name}`,
      summary: title,
      description: `Source: ${source}. A list of inputs is answered by a list; a refused one stands in its place as an error.`,
      tags: ['calculations'],
      request: { body: json(z.union([input, z.array(input)])) },
      responses: {
        200: answer(z.union([z.looseObject({}), z.array(z.looseObject({}))]), 'The output'),
        400: refused,
        413: refused,
      },
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
