import { jobKinds, JobStep, Position, ShaftLine } from '@yardfrost/core'
import { assert } from 'chai'
import { readFileSync } from 'node:fs'
import { gunzipSync } from 'node:zlib'
import type pg from 'pg'
import { addEntries } from '../src/job/add-entries.ts'
import { closeJob } from '../src/job/close-job.ts'
import { listJobs } from '../src/job/list-jobs.ts'
import { savePosition } from '../src/bench/save-position.ts'
import { loadReferences } from '../src/reference-files.ts'
import { inTransaction } from '../src/store/database.ts'
import { getJob } from '../src/store/jobs.ts'
import { listYard } from '../src/store/machines.ts'
import { migrate } from '../src/store/migrate.ts'
import { getPosition, listRevisions } from '../src/store/positions.ts'
import { getShaft } from '../src/store/shafts.ts'
import { testDatabase, type TestDatabase } from './test-database.ts'

const references = loadReferences()
const dump = gunzipSync(readFileSync(new URL('./fixtures/before-versions.sql.gz', import.meta.url))).toString()

// A database of the version before documents said their schema: a site with history, jobs done, under way, waiting and planned.
describe('a database of before documents had a version', () => {
  let database: TestDatabase
  let pool: pg.Pool
  let site: string
  type Counts = Record<string, number>
  let stood: Counts
  const tables = ['site', 'account', 'area', 'machine', 'position', 'position_revision', 'audit_event', 'job', 'job_entry', 'photo'] // prettier-ignore
  const counts = async (): Promise<Counts> => {
    const found: Counts = {}
    const here = new Set((await pool.query('select tablename from pg_tables')).rows.map((one) => one.tablename))
    // Photographs belonged to jobs alone.
    const named = (table: string) => (here.has(table) ? table : `job_${table}`)
    for (const table of tables)
      found[table] = Number((await pool.query(`select count(*) from ${named(table)}`)).rows[0].count)
    return found
  }
  const raw = new Map<string, Record<string, unknown>[]>()

  before(async function () {
    this.timeout(30_000)
    database = await testDatabase('before_versions')
    pool = database.pool
    // The dump leaves its connection without a search path.
    const client = await pool.connect()
    await client.query(dump)
    client.release(true)
    stood = await counts()
    for (const [table, columns] of Object.entries({
      position: 'id, inputs',
      position_revision: 'position_id, version, inputs',
      machine: 'id, shaft_line',
      job: 'id, steps, as_found, as_left, state',
      job_entry: 'id, body',
    }))
      // prettier-ignore
      raw.set(table, (await pool.query(`select ${columns} from ${table}`)).rows)
    await migrate(pool)
    site = (await pool.query('select id from site')).rows[0].id
  })
  after(() => database.drop())

  it('keeps every row', async () => {
    assert.deepEqual(await counts(), stood)
    assert.isAbove(stood['position'] ?? 0, 35)
    assert.isAbove(stood['job'] ?? 0, 7)
    assert.isAbove(stood['job_entry'] ?? 0, 190)
  })

  it('shows the Yard as it stood: a state for every position, and what was found', async () => {
    const areas = await listYard(pool, site)
    const positions = areas.flatMap(({ machines }) => machines.flatMap((machine) => machine.positions))
    assert.isAbove(positions.length, 35)
    assert.isTrue(positions.some(({ state, finding }) => state === 'stop' && finding !== null))
  })

  it('reads every position, revision and shaft, and each says what it said', async () => {
    for (const { id, inputs } of raw.get('position') ?? []) {
      const { schema, kind, ...groups } = (await getPosition(pool, site, String(id))).inputs
      // What is asked since stands beside it, unanswered.
      for (const [group, all] of Object.entries(inputs as Record<string, Record<string, unknown>>)) {
        // What was said of both rings of an inch bearing is said of each.
        const { adjust, ...said } = all
        const here: object = groups[group as keyof typeof groups]
        assert.deepInclude(here, adjust === undefined ? said : { ...said, coneAdjust: adjust, cupAdjust: adjust })
      }
      assert.deepEqual([schema, kind], [3, 'rolling'])
      const revisions = await listRevisions(pool, site, String(id), 50)
      const stored = (raw.get('position_revision') ?? []).filter((one) => one['position_id'] === id)
      assert.lengthOf(revisions, stored.length)
    }
    for (const { inputs } of raw.get('position_revision') ?? []) assert.equal(Position.parse(inputs).kind, 'rolling')
    for (const { id, shaft_line: line } of raw.get('machine') ?? []) {
      const { shaft } = await getShaft(pool, site, String(id))
      assert.deepEqual(shaft, line === null ? null : ShaftLine.parse(line))
    }
  })

  it('reads every job with its entries, and knows how far each has come', async () => {
    const rows = raw.get('job') ?? []
    assert.includeMembers(
      rows.map(({ state }) => state),
      ['planned', 'under-way', 'waiting', 'done'],
    )
    const listed = await listJobs(pool, references, site)
    assert.lengthOf(listed, rows.length)
    for (const { id, steps, as_left: left, state } of rows) {
      const job = await getJob(pool, site, String(id))
      assert.equal(job.kind, 'bearing-change')
      assert.deepEqual(
        job.steps,
        (steps as object[]).map((step) => JobStep.parse(step)),
      )
      assert.equal(job.left !== null, left !== null)
      assert.isNotEmpty(job.found)
      const { doneSteps } = listed.find((one) => one.id === id) ?? {}
      if (state === 'done') assert.equal(doneSteps, job.steps.length)
    }
    const entries = rows.map(({ id }) => getJob(pool, site, String(id)))
    const kept = (await Promise.all(entries)).flatMap((job) => job.entries.map(({ entry }) => entry.id))
    assert.sameMembers(
      kept,
      (raw.get('job_entry') ?? []).map(({ id }) => id),
    )
  })

  it('goes on: a job that was under way is finished, and leaves its position as its readings have it', async () => {
    const { rows } = await pool.query("select id from job where state = 'under-way' order by number desc limit 1")
    const jobId: string = rows[0].id
    const who = { siteId: site, accountId: (await pool.query("select account_id from membership where role = 'technician'")).rows[0].account_id } // prettier-ignore
    const job = await getJob(pool, site, jobId)
    let made = 0
    const entry = (step: string, kind: string, rest: object = {}) => ({
      id: `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`,
      step,
      at: '2031-03-01T08:00:00.000Z',
      kind,
      ...rest,
    })
    const rest = job.steps.flatMap((step) => [
      ...step.cautions.map((_, caution) => entry(step.key, 'acknowledged', { caution })),
      ...step.readings.map(({ key, kind, low, high, expected }) =>
        entry(step.key, 'reading', {
          reading: key,
          value: kind === 'number' ? (low ?? high ?? 1) : null,
          text: kind === 'number' ? null : (expected ?? 'seen'),
          reason: null,
        }),
      ),
      ...(step.heat ? [entry(step.key, 'heat', { event: 'home', innerC: 95, outerC: 80, seconds: 60 })] : []),
      entry(step.key, 'done'),
    ])
    const { refused } = await inTransaction(pool, (db) => addEntries(db, references, who, 'Una', { jobId, entries: rest })) // prettier-ignore
    assert.deepEqual(refused, [])
    const done = await inTransaction(pool, (db) => closeJob(db, references, who, jobId))
    assert.equal(done.state, 'done')
    const [positionId = ''] = Object.keys(done.left ?? {})
    const position = await getPosition(pool, site, positionId)
    assert.equal(position.inputs.kind, 'rolling')
    if (position.inputs.kind !== 'rolling') return
    const gauged = job.steps.some(({ readings }) => readings.some(({ gives }) => gives?.what === 'seat.shaft'))
    assert.equal(position.inputs.seat.shaftReadingsMm.length > 0, gauged)
  })

  it('saves a position of before, and keeps what was stored of it', async () => {
    const { rows } = await pool.query('select id from position where retired_at is null order by id limit 1')
    const { id: positionId, inputs, version } = await getPosition(pool, site, rows[0].id)
    const who = { siteId: site, accountId: null }
    const after = await inTransaction(pool, (db) => savePosition(db, references, who, { positionId, version, inputs }))
    assert.equal(after.version, version + 1)
    assert.deepEqual(after.inputs, inputs)
  })

  it('has a kind of work that this program knows', () => assert.property(jobKinds, 'bearing-change'))
})
