import { PointThermometer, StartHeaterRun } from '@yardfrost/contract'
import { assess, heatTarget, HeatTarget, InputError, parseInput, type References } from '@yardfrost/core'
import { Router } from 'express'
import type pg from 'pg'
import type { Heater } from '../devices/heater.ts'
import type { HeaterRuns } from '../devices/heater-runs.ts'
import { DeviceError } from '../errors/device-error.ts'
import { JobError } from '../errors/job-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { openEventStream } from '../live/event-stream.ts'
import { getJob, progressOf } from '../store/jobs.ts'
import { getPosition } from '../store/positions.ts'
import { accountOf, maySave, signedIn } from './access.ts'

/** What is heated, and to what: worked out here, whatever the page may think. */
interface Ordered {
  piece: string
  target: HeatTarget
}

const [byJob, byPosition] = StartHeaterRun.options

/** The heater: switched on for a step or a position, watched as it heats, off when nobody watches; and the thermometer. */
export function heaterRoutes(pool: pg.Pool, references: References, runs: HeaterRuns, heater: Heater): Router {
  const router = Router()
  router.use(['/devices/heater-runs', '/devices/thermometer'], signedIn(pool))

  router.post('/devices/heater-runs', maySave, async (request, response) => {
    const { siteId, id } = accountOf(request)
    const { piece, target } = await ordered(pool, references, siteId, request.body)
    response.status(201).json(runs.start(id, piece, target))
  })

  router.get('/devices/heater-runs/:id', (request, response) => {
    const runId = String(request.params['id'])
    const stream = openEventStream(request, response)
    const unwatch = runs.watch(accountOf(request).id, runId, {
      sample: (sample) => stream.send('sample', sample),
      trouble: ({ message, fix }) => stream.send('trouble', { message, fix }),
      ended: stream.end,
    })
    if (unwatch instanceof DeviceError) {
      stream.send('trouble', { message: unwatch.message, fix: unwatch.fix })
      stream.end()
    } else stream.signal.addEventListener('abort', unwatch)
  })

  router.post('/devices/thermometer/readings', async (request, response) => {
    const { piece, roomC } = parseInput(PointThermometer, request.body, 'path')
    response.status(201).json({ shownC: await heater.infrared(piece, roomC) })
  })

  return router
}

async function ordered(pool: pg.Pool, references: References, siteId: string, body: unknown): Promise<Ordered> {
  const forJob = typeof body === 'object' && body !== null && 'jobId' in body
  if (!forJob) {
    const { positionId } = parseInput(byPosition, body, 'path')
    const { inputs, machine } = await getPosition(pool, siteId, positionId)
    return bounded(positionId, heatTarget(assess(inputs, machine, references.catalogue).outcomes.mount))
  }
  const { jobId, step: key } = parseInput(byJob, body, 'path')
  const job = await getJob(pool, siteId, jobId)
  const state = progressOf(job, references.catalogue).steps.find((one) => one.step.key === key)
  if (!state) throw new NotFoundError('step', key)
  const [waits] = state.waits
  if (waits !== undefined)
    throw new JobError('NOT_READY', `${state.step.title} cannot begin: ${waits}`, 'Lock out first, or say why it is not needed.') // prettier-ignore
  return bounded(state.step.position?.id ?? jobId, state.step.heat)
}

/** @throws InputError where nothing is to be heated, or the aim is over the limit */
function bounded(piece: string, target: HeatTarget | null): Ordered {
  const checked = HeatTarget.safeParse(target)
  if (checked.success && checked.data.aimC <= checked.data.limitC && checked.data.aimC > checked.data.roomC)
    return { piece, target: checked.data }
  throw new InputError({
    code: 'FIELDS_DISAGREE',
    field: 'target',
    value: target === null ? undefined : `${target.aimC} °C`,
    allowed: 'a ring that is heated to an aim within its limit',
    fix: 'Look at Mount: this ring gets home another way.',
  })
}
