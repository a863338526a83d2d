import type { FindingDetail, FittedStory, FittedTaken, LogPage, LogStatistics } from '@yardfrost/contract'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import type request from 'supertest'
import { testApp, type TestApp } from './test-app.ts'

const daysAgo = (days: number) => new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 10)

describe('the log of bearings', () => {
  let test: TestApp
  let technician: request.Agent
  let viewer: request.Agent
  before(async () => {
    test = await testApp('log')
    technician = await test.signedIn('technician@north')
    viewer = await test.signedIn('viewer@north')
  })
  after(() => test.stop())

  const add = (entry: object, positionId = test.site.positionId) =>
    technician.post('/api/fitted').send({ positionId, entry })
  const page = async (query = ''): Promise<LogPage> => (await viewer.get(`/api/log${query}`).expect(200)).body
  const statistics = async (query = ''): Promise<LogStatistics> => (await viewer.get(`/api/log/statistics${query}`).expect(200)).body // prettier-ignore
  const finding = (rest: object = {}) => ({
    id: randomUUID(),
    at: new Date().toISOString(),
    cause: 'no-float',
    why: 'Track all round, both ends held',
    finding: {
      designation: '6214', clearanceFound: 'CN', clearanceCalledFor: 'C3', seen: ['heat-tint'], notSeen: [], painted: [],
      bands: [], marks: [], ranking: [{ cause: 'no-float', title: 'No float', probability: 0.7, because: '' }], verdict: 'clear', coreVersion: 1,
    },
    ...rest,
  }) // prettier-ignore

  it('is empty at first, and says so', async () => {
    assert.deepInclude(await page(), { positions: 0, fitted: 0, cameOut: 0, since: null, lines: [] })
    const { life, pareto, fitted } = await statistics()
    assert.deepEqual([life, pareto, fitted], [null, null, 0])
  })

  it('takes bearings of an old book, with their hours as the machine runs', async () => {
    const first: FittedStory = (await add({ designation: '6214', fittedOn: daysAgo(400), outOn: daysAgo(300), ended: 'failed', cause: 'no-float' }).expect(201)).body // prettier-ignore
    assert.deepInclude(first.bearing, {
      bearingType: 'deep-groove-ball',
      hoursH: 2400,
      ended: 'failed',
      source: 'typed',
    })
    await add({
      designation: '6214-C3',
      fittedOn: daysAgo(300),
      outOn: daysAgo(100),
      ended: 'sound',
      hoursH: 3000,
    }).expect(201)
    const running: FittedStory = (await add({ designation: '6214-C3', fittedOn: daysAgo(100) }).expect(201)).body
    assert.deepInclude(running.bearing, { hoursH: 2400, ended: null, outOn: null })
    const { lines, ...counted } = await page()
    assert.deepInclude(counted, { positions: 1, fitted: 3, cameOut: 2, since: daysAgo(400) })
    assert.deepEqual(lines[0]?.bearings.map(({ ended }) => ended), ['failed', 'sound', null]) // prettier-ignore
  })

  const wrong: [why: string, entry: object, field: string][] = [
    ['two at once', { designation: '6214', fittedOn: daysAgo(350), outOn: daysAgo(320), ended: 'failed' }, 'fittedOn'],
    ['one beside the one that runs', { designation: '6214', fittedOn: daysAgo(20) }, 'outOn'],
    ['tomorrow', { designation: '6214', fittedOn: daysAgo(-1) }, 'fittedOn'],
    ['out before it was in', { designation: '6214', fittedOn: daysAgo(600), outOn: daysAgo(700), ended: 'failed' }, 'entry.outOn'],
    ['out without a reason', { designation: '6214', fittedOn: daysAgo(700), outOn: daysAgo(600) }, 'entry.ended'],
    ['hours of one that runs', { designation: '6214', fittedOn: daysAgo(700), hoursH: 10 }, 'entry.hoursH'],
    ['no name', { designation: ' ', fittedOn: daysAgo(700) }, 'entry.designation'],
  ] // prettier-ignore
  for (const [why, entry, field] of wrong)
    it(`refuses ${why}, naming the field`, async () => {
      const { body } = await add(entry).expect(400)
      assert.equal(body.error.field, field)
    })

  it('is for technicians to write, and for a site alone', async () => {
    await viewer.post('/api/fitted').send({ positionId: test.site.positionId, entry: { designation: '6214', fittedOn: daysAgo(900) } }).expect(403) // prettier-ignore
    await add({ designation: '6214', fittedOn: daysAgo(900) }, randomUUID()).expect(404)
    const south = await test.signedIn('technician@south')
    assert.equal((await south.get('/api/log').expect(200)).body.fitted, 0)
    const { lines } = await page()
    await south.get(`/api/fitted/${lines[0]?.bearings[0]?.id}`).expect(404)
  })

  it('keeps a finding once, links it to the bearing that runs, and gives it as files', async () => {
    const sent = finding()
    const kept: FindingDetail = (await technician.post(`/api/positions/${test.site.positionId}/findings`).send(sent).expect(201)).body // prettier-ignore
    await technician.post(`/api/positions/${test.site.positionId}/findings`).send(sent).expect(201)
    assert.deepInclude(kept, { cause: 'no-float', why: sent.why })
    assert.deepEqual(kept.finding.clearanceCalledFor, 'C3')
    const all: FindingDetail[] = (await viewer.get(`/api/positions/${test.site.positionId}/findings`).expect(200)).body
    assert.lengthOf(all, 1)
    const { lines } = await page()
    assert.equal(lines[0]?.bearings.at(-1)?.findingId, sent.id)
    const csv = (await viewer.get(`/api/findings/${sent.id}/export.csv`).expect(200)).text
    assert.match(csv, /seen,Blue or straw heat tint/)
    assert.match(csv, /cause,No float,,0\.700,yes,"?Track all round/)
    assert.equal((await viewer.get(`/api/findings/${sent.id}/export.json`).expect(200)).body.id, sent.id)
    const refused = await technician.post(`/api/positions/${test.site.positionId}/findings`).send(finding({ cause: 'gremlins' })).expect(400) // prettier-ignore
    assert.equal(refused.body.error.field, 'cause')
  })

  /** A bearing change from its first step to its last, as it is read. */
  async function change(): Promise<{ number: number }> {
    const { machineId, positionId } = test.site
    const job = (
      await technician
        .post('/api/jobs')
        .send({ machineId, positionIds: [positionId] })
        .expect(201)
    ).body
    const at = new Date().toISOString()
    const entries = job.steps.flatMap((step: { key: string; stage: string; heat: unknown; cautions: string[]; readings: { key: string; kind: string; needed: boolean; expected: string | null; low: number | null; high: number | null }[] }) => [
      ...step.cautions.map((_, caution) => ({ id: randomUUID(), step: step.key, at, kind: 'acknowledged', caution })),
      ...step.readings.map(({ key, kind, expected, low, high }) => ({
        id: randomUUID(), step: step.key, at, kind: 'reading', reading: key, reason: 'as read',
        ...(kind === 'number' ? { value: ((low ?? high ?? 1) + (high ?? low ?? 1)) / 2, text: null } : { value: null, text: key === 'ended' ? 'warned' : key === 'batch' ? 'L 4711' : key === 'marks' ? 'fluting; heat-tint' : (expected ?? 'day shift') }),
      })),
      ...(step.heat ? ['lifted', 'home'].map((event) => ({ id: randomUUID(), step: step.key, at, kind: 'heat', event, innerC: 95, outerC: 80, seconds: 60 })) : []),
      { id: randomUUID(), step: step.key, at, kind: 'done' },
    ]) // prettier-ignore
    const answer = (await technician.post(`/api/jobs/${job.id}/entries`).send({ entries }).expect(200)).body
    assert.deepEqual(answer.refused, [])
    await technician.post(`/api/jobs/${job.id}/close`).expect(200)
    return job
  }

  it('is written by closing a job: what came out, why, and what went in', async () => {
    const job = await change()
    const { lines } = await page()
    const [out, fresh] = lines[0]?.bearings.slice(-2) ?? []
    assert.deepInclude(out, { ended: 'warned', cause: 'no-float', outOn: daysAgo(0), hoursH: 2400 })
    assert.deepInclude(fresh, { ended: null, batch: 'L 4711', source: 'job', fittedOn: daysAgo(0) })
    const story: FittedStory = (await viewer.get(`/api/fitted/${out?.id}`).expect(200)).body
    assert.equal(story.outJob?.number, job.number)
    assert.lengthOf(story.findings, 1)
  })

  it('keeps what was seen in a job as a finding that is left open, where nobody has decided', async () => {
    await change()
    const { lines } = await page()
    const out = lines[0]?.bearings.at(-2)
    assert.deepInclude(out, { ended: 'warned', cause: null, outOn: daysAgo(0) })
    const story: FittedStory = (await viewer.get(`/api/fitted/${out?.id}`).expect(200)).body
    const found = story.findings.find(({ id }) => id === out?.findingId)
    assert.deepEqual(found?.finding.seen, ['fluting', 'heat-tint'])
    assert.isNull(found?.cause ?? null)
    assert.equal(found?.finding.ranking.at(0)?.cause, 'current-leakage')
  })

  it('tells the bench how many died young: within a year, and before a tenth of their rated life', async () => {
    const { positionId } = test.site
    const young = async (lifeH: number): Promise<number> => {
      await test.database.pool.query('update position set life_h = $2 where id = $1', [positionId, lifeH])
      const { machine } = (await viewer.get(`/api/positions/${positionId}`).expect(200)).body
      const { positions } = (await viewer.get(`/api/machines/${machine.id}/shaft`).expect(200)).body
      // The arrival list asks by the same count.
      assert.include(
        positions.find(({ id }: { id: string }) => id === positionId),
        { youngDeaths: machine.youngDeaths },
      )
      return machine.youngDeaths
    }
    assert.isAtLeast(await young(60_000), 2)
    assert.isBelow(await young(10_000), await young(60_000))
  })

  it('tells a bench what the other ends show: what lies on their benches, or was found of them last', async () => {
    const { positionId } = test.site
    const { rows } = await test.database.pool.query(
      `insert into position (site_id, machine_id, name, walk_order, inputs, result, state)
       select site_id, machine_id, 'Beside it', 99, inputs, result, state from position where id = $1 returning id`,
      [positionId],
    )
    const [other] = rows
    const ends = async () => (await viewer.get(`/api/positions/${other.id}`).expect(200)).body.machine.ends
    const sent = finding({ at: new Date(Date.now() + 1000).toISOString() })
    await technician.post(`/api/positions/${positionId}/findings`).send(sent).expect(201)
    const [found] = await ends()
    assert.deepInclude(found, { id: positionId, designation: '6214', seen: ['heat-tint'], upperFaces: null })
    assert.isString(found.at)
    await test.database.pool.query(
      `update position set inputs = jsonb_set(inputs, '{diagnose,seen}', '["rust"]') where id = $1`,
      [positionId],
    )
    const [onBench] = await ends()
    assert.deepInclude(onBench, { id: positionId, seen: ['rust'], at: null })
    // A document that cannot be read is not seen, and keeps no other from opening.
    await test.database.pool.query(
      `update position set inputs = jsonb_set(inputs, '{diagnose,bands}', '[{"ring": "middle"}]') where id = $1`,
      [positionId],
    )
    assert.deepInclude((await ends())[0], { bands: [], seen: ['rust'] })
    await test.database.pool.query(
      `update position set inputs = jsonb_set(inputs, '{diagnose}', '{"seen": [], "bands": [], "marks": []}') where id = $1`,
      [positionId],
    )
  })

  it('counts the causes that people decided, for the plant’s own shares', async () => {
    const counted = async (): Promise<Record<string, number>> =>
      (await viewer.get(`/api/positions/${test.site.positionId}`).expect(200)).body.machine.causesFound
    const before = await counted()
    const send = async (cause: string | null, sent = finding({ cause })) => {
      await technician.post(`/api/positions/${test.site.positionId}/findings`).send(sent).expect(201)
      return sent
    }
    const sent = await send('current-leakage')
    await send('current-leakage', sent)
    await send(null)
    assert.deepEqual(await counted(), { ...before, 'current-leakage': (before['current-leakage'] ?? 0) + 1 })
    const { rows } = await test.database.pool.query('select count(distinct site_id)::integer as sites from cause_count')
    assert.equal(rows[0].sites, 1)
  })

  it('keeps a photograph of what lies on the bench, with the position and its site', async () => {
    const [id, other] = [randomUUID(), randomUUID()]
    const put = (photo: string, content: Buffer, agent = technician) =>
      agent.put(`/api/positions/${test.site.positionId}/photos/${photo}`).type('image/png').send(content)
    const png = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==', 'base64') // prettier-ignore
    await put(id, png).expect(201)
    await put(id, png).expect(201)
    assert.equal((await viewer.get(`/api/positions/${test.site.positionId}/photos/${id}`).expect(200)).type, 'image/jpeg') // prettier-ignore
    await put(other, png, viewer).expect(403)
    assert.equal((await put(other, Buffer.from('no picture')).expect(400)).body.error.field, 'photo')
    const south = await test.signedIn('technician@south')
    await put(other, png, south).expect(404)
    await south.get(`/api/positions/${test.site.positionId}/photos/${id}`).expect(404)
    await viewer.get(`/api/positions/${test.site.positionId}/photos/${other}`).expect(404)
  })

  it('says how long they lasted, and counts one taken out on a warning as failed', async () => {
    const { failed, sound, running, life, causes, ratedLifeH } = await statistics(`?position=${test.site.positionId}`)
    assert.deepEqual([failed, sound, running], [3, 1, 1])
    assert.deepInclude(life, { failures: 3, suspensions: 2, verdict: 'no-verdict' })
    assert.deepInclude(causes, { cause: 'no-float', ended: 'failed', count: 1 })
    assert.isDefined(ratedLifeH)
    const other = await statistics('?type=spherical-roller')
    assert.equal(other.fitted, 0)
  })

  it('keeps its counts right whatever is added, changed or taken away', async () => {
    const { pool } = test.database
    const { positionId } = test.site
    const counted = async () => {
      const { rows } = await pool.query(
        `select (select coalesce(sum(count), 0) from ended_place)::integer as placed, (select coalesce(sum(count), 0) from ended_hours)::integer as binned,
           (select round(coalesce(sum(hours), 0)) from ended_place) = (select round(coalesce(sum(hours), 0)) from fitted_bearing where out_on is not null) as hours,
           (select count(*) from fitted_bearing where out_on is not null)::integer as really`,
      )
      assert.isTrue(rows[0].hours)
      assert.deepEqual([rows[0].placed, rows[0].binned], [rows[0].really, rows[0].really])
      return Number(rows[0].really)
    }
    const before = await counted()
    const { body } = await add({ designation: '6214', fittedOn: '2001-02-03', outOn: '2001-09-09', ended: 'failed', hoursH: 812 }).expect(201) // prettier-ignore
    assert.equal(await counted(), before + 1)
    const causes = async () => (await statistics(`?position=${positionId}`)).causes
    await pool.query('update fitted_bearing set cause = $2, hours = 1500 where id = $1', [
      body.bearing.id,
      'tool-marks',
    ])
    assert.equal(await counted(), before + 1)
    assert.deepInclude(await causes(), { cause: 'tool-marks', ended: 'failed', count: 1 })
    await pool.query('delete from fitted_bearing where id = $1', [body.bearing.id])
    assert.equal(await counted(), before)
    assert.notInclude((await causes()).map(({ cause }) => cause), 'tool-marks') // prettier-ignore
  })

  it('goes out as a file, and comes in again: what is there already is left, what is wrong is told by its line', async () => {
    const csv = (await viewer.get('/api/log.csv').expect(200)).text
    assert.match(csv, /^area,machine,position,bearing,batch,fitted_on,out_on,hours,ended,cause,note,source\n/)
    const send = async (file: string, save = true): Promise<FittedTaken> =>
      (await technician.post(`/api/log?save=${save}`).set('content-type', 'text/csv').send(file).expect(200)).body
    const again = await send(csv)
    assert.equal(again.taken, 0)
    assert.deepEqual([...new Set(again.lines.map(({ outcome }) => outcome))], ['same'])
    const [, , tag = '', name = ''] = /^(.*?),(.*?),(.*?),6214/m.exec(csv) ?? []
    const file = `machine;position;bearing;fitted_on;out_on;ended;hours\n${tag};${name};6214;${daysAgo(600)};${daysAgo(500)};failed;1234,5\n${tag};${name};6214;${daysAgo(450)};${daysAgo(350)};failed;\n${tag};attic;6214;${daysAgo(900)};;;\n${tag};${name};6214;soon;;;\n` // prettier-ignore
    const trial = await send(file, false)
    assert.deepEqual(trial.lines.map(({ outcome }) => outcome), ['new', 'refused', 'refused', 'refused']) // prettier-ignore
    assert.match(trial.lines[1]?.message ?? '', /a time when no other was/)
    assert.match(trial.lines[2]?.message ?? '', /no position “attic”/)
    assert.match(trial.lines[3]?.message ?? '', /soon/)
    assert.equal((await page()).fitted, 5)
    assert.equal((await send(file)).taken, 1)
    assert.equal((await page()).fitted, 6)
    const wrongFile = await technician
      .post('/api/log?save=true')
      .set('content-type', 'text/csv')
      .send('a,b\n1,2\n')
      .expect(400)
    assert.equal(wrongFile.body.error.field, 'csv')
  })
})
