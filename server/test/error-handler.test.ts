import { ApiError, MachineDetail } from '@yardfrost/contract'
import { InputError } from '@yardfrost/core'
import { assert } from 'chai'
import express from 'express'
import request from 'supertest'
import { AccessError } from '../src/errors/access-error.ts'
import { ConflictError } from '../src/errors/conflict-error.ts'
import { DeviceError } from '../src/errors/device-error.ts'
import { JobError } from '../src/errors/job-error.ts'
import { NotFoundError } from '../src/errors/not-found-error.ts'
import { errorHandler } from '../src/http/error-handler.ts'

/** A server whose only route fails in one way; `logged` hears what it logs. */
function failing(error: unknown, logged: unknown[] = []) {
  const app = express()
  app.use((request, _response, next) => {
    Object.assign(request, { id: 'r-17', log: { error: (what: unknown) => logged.push(what) } })
    next()
  })
  app.use(express.json({ limit: '1kb' }))
  app.post('/', () => {
    throw error
  })
  app.use(errorHandler)
  return request(app).post('/')
}
const theirs = MachineDetail.parse({
  id: '6c84fb90-12c4-4f13-9a6c-2d5d1f0b9e11',
  tag: 'X-1',
  name: 'Stirrer',
  kind: 'other',
  duty: 'one-shift',
  area: 'Pump pit',
  criticality: 'important',
  hoursSource: 'clock',
  hoursPerWeek: null,
  retiredAt: null,
  version: 3,
  positions: [],
})
const withCode = (code: string) => Object.assign(new Error('x'), { code })

describe('an error over HTTP', () => {
  const cases: [why: string, error: unknown, status: number, code: string, message: RegExp][] = [
    ['an input that is refused', new InputError({ code: 'OUT_OF_RANGE', field: 'boreMm', value: -3, allowed: 'above 0 mm', fix: 'Measure again.' }), 400, 'OUT_OF_RANGE', /boreMm is -3; it must be above 0 mm/],
    ['nobody signed in', new AccessError('SIGNED_OUT', 'You may not', 'Ask.'), 401, 'SIGNED_OUT', /./],
    ['not allowed', new AccessError('NOT_ALLOWED', 'You may not', 'Ask.'), 403, 'NOT_ALLOWED', /./],
    ['too many tries', new AccessError('TOO_MANY', 'You may not', 'Ask.'), 429, 'TOO_MANY', /./],
    ['something that is not there', new NotFoundError('machine', 'X-1'), 404, 'NOT_FOUND', /machine X-1/],
    ['a save that came second', new ConflictError(theirs), 409, 'SAVED_SINCE', /./],
    ['a job that has ended', new JobError('JOB_CLOSED', 'Job 7 is done', 'Make a new one.'), 409, 'JOB_CLOSED', /Job 7 is done/],
    ['a device that fails', new DeviceError('The heater cannot be reached'), 502, 'DEVICE_FAILED', /heater/],
    ['a database that is stopped', withCode('ECONNREFUSED'), 503, 'DATABASE_DOWN', /does not answer/],
    ['one that is shutting down', withCode('57P01'), 503, 'DATABASE_DOWN', /does not answer/],
    ['a connection that broke', new Error('Connection terminated unexpectedly'), 503, 'DATABASE_DOWN', /does not answer/],
    ['a disk without room', withCode('53100'), 507, 'DISK_FULL', /disk of the database is full/],
    ['a name taken at the same moment', withCode('23505'), 409, 'SAVED_SINCE', /same moment/],
    ['a value no database keeps', Object.assign(withCode('22P05'), { severity: 'ERROR' }), 400, 'WRONG_TYPE', /cannot be stored/],
    ['an address that cannot be read', Object.assign(new URIError('%zz'), { status: 400 }), 400, 'WRONG_REQUEST', /cannot be read/],
    ['a file that is not there', Object.assign(new Error('gone'), { status: 404 }), 404, 'NOT_FOUND', /no file/],
    ['a bug', new TypeError('x is not a function'), 500, 'UNEXPECTED', /should not have/],
    ['something thrown that is no error', 'oops', 500, 'UNEXPECTED', /should not have/],
  ] // prettier-ignore
  for (const [why, error, status, code, message] of cases)
    it(`${why} is ${status} ${code}, with a way out`, async () => {
      const { body } = await failing(error).expect(status)
      const told = ApiError.parse(body)
      assert.equal(told.error.code, code)
      assert.match(told.error.message, message)
      assert.isNotEmpty(told.error.fix)
    })

  it('is logged whole where it is ours, and the person is told a number to quote and nothing of its insides', async () => {
    const logged: unknown[] = []
    const bug = new TypeError('secret is not a function')
    const { body, text } = await failing(bug, logged).expect(500)
    assert.deepEqual(logged, [{ err: bug }])
    assert.equal(body.error.requestId, 'r-17')
    assert.include(body.error.fix, 'r-17')
    assert.notInclude(text, 'secret')
  })

  it('is not logged where it is the person’s', async () => {
    const logged: unknown[] = []
    await failing(new NotFoundError('machine', 'X-1'), logged).expect(404)
    assert.isEmpty(logged)
  })

  it('carries what is stored now beside a conflict', async () => {
    const { body } = await failing(new ConflictError(theirs)).expect(409)
    assert.deepEqual(body.theirs, theirs)
  })

  it('says of a body that is no JSON, and of one too large, that it is so', async () => {
    const broken = await failing(null).type('json').send('{"a":').expect(400)
    assert.deepInclude(broken.body.error, { code: 'UNREADABLE', field: 'body' })
    const large = await failing(null)
      .type('json')
      .send(JSON.stringify({ a: 'x'.repeat(2000) }))
      .expect(413)
    assert.deepInclude(large.body.error, { code: 'TOO_LARGE', field: 'body' })
  })
})
