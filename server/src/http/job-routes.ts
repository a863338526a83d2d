import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { addEntries } from '../job/add-entries.ts'
import { addJob } from '../job/add-job.ts'
import { closeJob } from '../job/close-job.ts'
import { listJobs } from '../job/list-jobs.ts'
import { moveJob } from '../job/move-job.ts'
import { openJob } from '../job/open-job.ts'
import { planJob } from '../job/plan-job.ts'
import { SharedChanges } from '../live/shared-changes.ts'
import { tellChanges } from '../live/tell-changes.ts'
import type { WorkWatch } from '../live/work-watch.ts'
import { addPhoto } from '../photo/add-photo.ts'
import { readPhoto } from '../photo/read-photo.ts'
import { jobCsv } from '../report/job-csv.ts'
import { inTransaction } from '../store/database.ts'
import { getJob, getJobChange, getJobPage } from '../store/jobs.ts'
import { getPhoto } from '../store/photos.ts'
import type { Serve } from './serve.ts'

/** Jobs of the site of whoever is signed in: made, worked on, watched, closed, exported. */
export function jobRoutes(serve: Serve, pool: pg.Pool, references: References, watch: WorkWatch): void {
  const changes = new SharedChanges(async (siteId, id, after) => {
    const { change, more } = await getJobChange(pool, siteId, id, after)
    return { text: JSON.stringify(change), last: change.entries.at(-1)?.seq ?? after, more }
  })
  serve('jobs', ({ who }) => listJobs(pool, references, who.siteId))
  serve('addJob', ({ who, body }) => inTransaction(pool, (db) => addJob(db, references, who, body)))
  serve('job', ({ who, params }) => getJobPage(pool, who.siteId, params.id))
  serve('entries', async ({ who, params: { id }, query: { after } }) => {
    const { change, more } = await getJobChange(pool, who.siteId, id, after)
    return { entries: change.entries, more }
  })
  serve('addEntries', ({ account, who, params, body: { entries } }) =>
    inTransaction(pool, (db) => addEntries(db, references, who, account.name, { jobId: params.id, entries })),
  )
  serve('moveJob', ({ who, params, body }) =>
    inTransaction(pool, (db) => moveJob(db, who, { ...body, jobId: params.id })),
  )
  serve('planJob', ({ who, params, body }) =>
    inTransaction(pool, (db) => planJob(db, who, { ...body, jobId: params.id })),
  )
  serve('closeJob', ({ who, params }) => inTransaction(pool, (db) => closeJob(db, references, who, params.id)))

  serve('addPhoto', async ({ who, params: { id: jobId, photoId: id }, body: content }) => {
    // Opened before anything is held: it takes its time.
    const photo = await readPhoto(content)
    await inTransaction(pool, async (db) => {
      await openJob(db, who.siteId, jobId)
      await addPhoto(db, who, { of: { jobId }, id, photo })
    })
    return { id }
  })
  serve('photo', async ({ who, params, response }) => {
    const { type, content } = await getPhoto(pool, who.siteId, params.id, params.photoId)
    response.type(type).set('Cache-Control', 'private, max-age=86400').send(content)
  })

  serve('exportJob', async ({ who, params, response }) => {
    const job = await getJob(pool, who.siteId, params.id)
    response.attachment(`job-${job.number}.json`)
    return job
  })
  serve('exportReadings', async ({ who, params, response }) => {
    const job = await getJob(pool, who.siteId, params.id)
    response.type('text/csv').attachment(`job-${job.number}.csv`).send(jobCsv(job, references.catalogue))
  })

  serve('watchJob', async ({ who: { siteId }, params: { id }, request, openStream }) => {
    // What is there already is answered first; a job of another site is refused before the stream opens.
    const first = await getJobPage(pool, siteId, id)
    const stream = openStream()
    stream.send('job', JSON.stringify(first))
    const from = { last: first.entries.at(-1)?.seq ?? 0, more: first.more }
    tellChanges(stream, { siteId, id, changes, watch, log: request.log }, from)
  })
}
