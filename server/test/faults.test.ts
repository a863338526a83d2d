import { ApiError } from '@yardfrost/contract'
import { assert } from 'chai'
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import type request from 'supertest'
import { noteDiskFull } from '../src/http/disk-full.ts'
import { testApp, type TestApp } from './test-app.ts'

/** What a client does wrong is told as such, with the field where there is one; nothing of it is a fault of ours. */
describe('requests that are wrong', () => {
  const folder = mkdtempSync(join(tmpdir(), 'yardfrost-web-'))
  let test: TestApp
  let technician: request.Agent

  before(async () => {
    mkdirSync(join(folder, 'assets'))
    writeFileSync(join(folder, 'index.html'), '<!doctype html><title>Yardfrost</title>')
    writeFileSync(join(folder, 'assets', 'page-1.js'), 'export {}')
    test = await testApp('faults', undefined, undefined, folder)
    technician = await test.signedIn('technician@north')
  })
  after(async () => {
    await test.stop()
    rmSync(folder, { recursive: true, force: true })
  })

  type Sent = (agent: request.Agent) => request.Test
  const id = '6c84fb90-12c4-4f13-9a6c-2d5d1f0b9e11'
  const cases: [what: string, send: Sent, status: number, field?: RegExp][] = [
    ['the character 0 in a login', (a) => a.post('/api/session').send({ login: '\0x', password: 'p' }), 400, /login/],
    ['the character 0 in a search', (a) => a.get('/api/register?q=%00'), 400, /q/],
    ['half a character in a search', (a) => a.get('/api/register?q=%ED%A0%80'), 200],
    ['a version above what is counted', (a) => a.put(`/api/machines/${id}/service`).send({ version: 2 ** 31, retired: true }), 400, /version/], // prettier-ignore
    ['a broken percent sign in an address', (a) => a.get('/api/jobs/%zz'), 400],
    ['a broken percent sign in a calculation', (a) => a.post('/api/calc/%zz').send({}), 400],
    ['a broken percent sign in a page', (a) => a.get('/%zz'), 400],
    ['an encoding nobody knows', (a) => a.post('/api/session').set('content-encoding', 'nope').send({ login: 'a', password: 'b' }), 415], // prettier-ignore
    ['a character set nobody knows', (a) => a.post('/api/session').set('content-type', 'application/json; charset=nope').send('{}'), 415], // prettier-ignore
    ['a body that is no gzip', (a) => a.post('/api/session').set('content-encoding', 'gzip').set('content-type', 'application/json').send('{"login":"a"}'), 400], // prettier-ignore
    ['a range beyond the page', (a) => a.get('/').set('range', 'bytes=99999999-'), 416],
    ['a condition that does not hold', (a) => a.get('/').set('if-match', '"x"'), 412],
    ['a file of a version before', (a) => a.get('/assets/page-0.js'), 404],
    ['the character 0 in the name of a file', (a) => a.get('/assets/%00'), 400],
    ['a way out of the folder', (a) => a.get('/assets/..%2f..%2fpackage.json'), 404],
    ['a day of the year 0', (a) => a.post('/api/jobs').send({ machineId: id, positionIds: [id], plannedFor: '0000-01-01' }), 400, /plannedFor/], // prettier-ignore
    ['more readings than a seat has', (a) => a.post('/api/calc/fit.gauge').send({ seat: 'shaft', nominalMm: 65, zone: 'k5', readingsMm: [Array.from({ length: 60_000 }, () => 65)] }), 400, /readingsMm/], // prettier-ignore
    ['more planes than a seat has', (a) => a.post('/api/calc/fit.gauge').send({ seat: 'shaft', nominalMm: 65, zone: 'k5', readingsMm: Array.from({ length: 40_000 }, () => [65, 65]) }), 400, /readingsMm/], // prettier-ignore
  ]
  for (const [what, send, status, field] of cases)
    it(`${what}: ${status}`, async () => {
      const answer = await send(technician)
      assert.equal(answer.status, status, JSON.stringify(answer.body))
      if (status < 400) return
      const { error } = ApiError.parse(answer.body)
      assert.isNotEmpty(error.fix)
      if (field) assert.match(error.field ?? '', field)
    })

  it('an honest file is still served, and the page for every other address', async () => {
    await technician.get('/assets/page-1.js').expect(200)
    await technician.get('/positions/1').expect(200, /Yardfrost/)
    await technician.get('/').set('range', 'bytes=0-3').expect(206)
  })

  it('a compressed body that is one is read', async () => {
    const body = gzipSync(JSON.stringify({ login: 'nobody', password: 'guess' }))
    const sent = technician.post('/api/session').set('content-encoding', 'gzip').set('content-type', 'application/json')
    const answer = await sent.serialize((raw: unknown) => raw as string).send(body)
    assert.equal(answer.status, 401)
  })

  it('lets one of many take a tag that all want at once, and tells the others by the field', async () => {
    const entry = { area: 'Pump pit', tag: 'RACE-1', name: 'Pump', kind: 'pump', duty: 'one-shift', criticality: 'minor', hoursSource: 'clock', hoursPerWeek: null, positions: [] } // prettier-ignore
    const answers = await Promise.all(Array.from({ length: 8 }, () => technician.post('/api/machines').send({ entry, copyOf: null }))) // prettier-ignore
    const statuses = answers.map(({ status }) => status)
    assert.lengthOf(
      statuses.filter((status) => status === 201),
      1,
      statuses.join(' '),
    )
    for (const { status, body } of answers)
      if (status !== 201) assert.match(ApiError.parse(body).error.field ?? '', /tag/, `${status}`)
  })

  it('lets one of many give a name to an area that all want at once', async () => {
    const entry = (area: string, tag: string) => ({ area, tag, name: 'Pump', kind: 'pump', duty: 'one-shift', criticality: 'minor', hoursSource: 'clock', hoursPerWeek: null, positions: [] }) // prettier-ignore
    const names = ['One', 'Two', 'Three', 'Four']
    for (const [index, name] of names.entries())
      await technician
        .post('/api/machines')
        .send({ entry: entry(name, `AREA-${index}`), copyOf: null })
        .expect(201)
    const planner = await test.signedIn('planner@north')
    const answers = await Promise.all(
      names.map((name) => planner.put('/api/areas/name').send({ from: name, to: 'The same' })),
    )
    const statuses = answers.map(({ status }) => status)
    assert.isBelow(Math.max(...statuses), 500, statuses.join(' '))
    assert.lengthOf(
      statuses.filter((status) => status < 300),
      1,
      statuses.join(' '),
    )
  })

  it('says at /api/health that it cannot write while the disk is full, and reads on', async () => {
    await technician.get('/api/health').expect(200)
    noteDiskFull(test.app)
    const { body } = await technician.get('/api/health').expect(503)
    assert.deepInclude(body, { status: 'full', database: 'full' })
    await technician.get('/api/yard').expect(200)
  })
})
