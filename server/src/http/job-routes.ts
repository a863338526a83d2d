import { AddEntries, AddJob, largestPhoto, MoveJob, photoTypes, PlanJob } from '@yardfrost/contract'
import { InputError, parseInput, type References } from '@yardfrost/core'
import express, { Router, type Request } from 'express'
import { fileTypeFromBuffer } from 'file-type'
import type pg from 'pg'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import { openEventStream } from '../live/event-stream.ts'
import type { JobWatch } from '../live/job-watch.ts'
import { jobCsv } from '../report/job-csv.ts'
import { addEntries, addJob, addPhoto, closeJob, getJob, getPhoto, listJobs, moveJob, planJob } from '../store/jobs.ts'
import { accountOf, maySave, signedIn } from './access.ts'

const workerOf = (request: Request) => {
  const { siteId, id } = accountOf(request)
  return { siteId, accountId: id }
}
const jobIdOf = (request: Request): string => String(request.params['id'])

/** Jobs of the site of whoever is signed in: made, worked on, watched, closed, exported. */
export function jobRoutes(pool: pg.Pool, references: References, watch: JobWatch): Router {
  const router = Router()
  router.use('/jobs', signedIn(pool))
  for (const name of ['id', 'photoId'])
    router.param(name, (_request, _response, next, id: string) => {
      next(z.uuid().safeParse(id).success ? undefined : new NotFoundError('job', id))
    })

  router.get('/jobs', async (request, response) => {
    response.json(await listJobs(pool, references, accountOf(request).siteId))
  })

  router.post('/jobs', maySave, async (request, response) => {
    const job = parseInput(AddJob, request.body, 'path')
    response.status(201).json(await addJob(pool, references, workerOf(request), job))
  })

  router.get('/jobs/:id', async (request, response) => {
    response.json(await getJob(pool, accountOf(request).siteId, jobIdOf(request)))
  })

  router.post('/jobs/:id/entries', maySave, async (request, response) => {
    const { entries } = parseInput(AddEntries, request.body, 'path')
    const by = accountOf(request).name
    response.json(await addEntries(pool, references, workerOf(request), by, jobIdOf(request), entries))
  })

  router.put('/jobs/:id/state', maySave, async (request, response) => {
    const to = parseInput(MoveJob, request.body, 'path')
    response.json(await moveJob(pool, workerOf(request), jobIdOf(request), to))
  })

  router.put('/jobs/:id/plan', maySave, async (request, response) => {
    const { plannedFor } = parseInput(PlanJob, request.body, 'path')
    response.json(await planJob(pool, workerOf(request), jobIdOf(request), plannedFor))
  })

  router.post('/jobs/:id/close', maySave, async (request, response) => {
    response.json(await closeJob(pool, references, workerOf(request), jobIdOf(request)))
  })

  router.get('/jobs/:id/events', async (request, response) => {
    const { siteId } = accountOf(request)
    const jobId = jobIdOf(request)
    // What is there already is answered first; a job of another site is refused before the stream opens.
    const first = await getJob(pool, siteId, jobId)
    const stream = openEventStream(request, response)
    stream.send('job', first)
    let told = Promise.resolve()
    const send = async () => {
      try {
        stream.send('job', await getJob(pool, siteId, jobId))
      } catch (error) {
        // The database has gone since; the page opens the stream anew when it is back.
        request.log.warn({ err: error }, 'a job that changed could not be read')
        stream.end()
      }
    }
    const unwatch = watch.watch(jobId, {
      changed: () => {
        told = told.then(send)
      },
      ended: stream.end,
    })
    stream.signal.addEventListener('abort', unwatch)
  })

  router.put(
    '/jobs/:id/photos/:photoId',
    maySave,
    express.raw({ type: () => true, limit: largestPhoto }),
    async (request, response) => {
      const content: unknown = request.body
      const type = Buffer.isBuffer(content) ? (await fileTypeFromBuffer(content))?.mime : undefined
      if (!Buffer.isBuffer(content) || !type || !(photoTypes as readonly string[]).includes(type)) {
        throw new InputError({
          code: 'WRONG_TYPE',
          field: 'photo',
          value: type ?? 'no picture',
          allowed: `a photograph: ${photoTypes.map((one) => one.replace('image/', '')).join(', ')}`,
          fix: 'Choose a photograph; what a file is called does not make it one.',
        })
      }
      const id = String(request.params['photoId'])
      await addPhoto(pool, workerOf(request), { id, jobId: jobIdOf(request), type, content })
      response.status(201).json({ id })
    },
  )

  router.get('/jobs/:id/photos/:photoId', async (request, response) => {
    const { siteId } = accountOf(request)
    const { type, content } = await getPhoto(pool, siteId, jobIdOf(request), String(request.params['photoId']))
    response.type(type).set('Cache-Control', 'private, max-age=86400').send(content)
  })

  router.get('/jobs/:id/export.json', async (request, response) => {
    const job = await getJob(pool, accountOf(request).siteId, jobIdOf(request))
    response.attachment(`job-${job.number}.json`).json(job)
  })

  router.get('/jobs/:id/export.csv', async (request, response) => {
    const job = await getJob(pool, accountOf(request).siteId, jobIdOf(request))
    response.type('text/csv').attachment(`job-${job.number}.csv`).send(jobCsv(job, references.catalogue))
  })

  return router
}
