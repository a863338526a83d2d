import type { StartHeaterRun } from '@yardfrost/contract'
import { assess, heatTarget, HeatTarget, holdsRolling, InputError, type References } from '@yardfrost/core'
import type pg from 'pg'
import type { Analyser } from '../devices/analyser.ts'
import type { Gauge } from '../devices/gauge.ts'
import { madeUpRecord } from '../devices/made-up-record.ts'
import type { Heater } from '../devices/heater.ts'
import type { HeaterRuns } from '../devices/heater-runs.ts'
import { DeviceError } from '../errors/device-error.ts'
import { JobError } from '../errors/job-error.ts'
import { NotFoundError } from '../errors/not-found-error.ts'
import { progressOf } from '../job/progress.ts'
import { getJob } from '../store/jobs.ts'
import { getPosition } from '../store/positions.ts'
import { lastRead } from '../store/readings.ts'
import type { Serve } from './serve.ts'

/** What is heated, and to what: worked out here, whatever the page may think. */
interface Ordered {
  piece: string
  target: HeatTarget
}

/** Quantity that what a probe reads is kept as. */
const readAs = { vibration: 'velocity', sound: 'ultrasound', temperature: 'temperature' } as const

/** Instruments of the shop: the heater, off when nobody watches it, the thermometer, and the gauge. */
export function deviceRoutes(
  serve: Serve,
  pool: pg.Pool,
  references: References,
  { runs, heater, gauge, analyser }: { runs: HeaterRuns; heater: Heater; gauge: Gauge; analyser: Analyser },
): void {
  serve('startHeater', async ({ account, body }) => {
    const { piece, target } = await ordered(pool, references, account.siteId, body)
    return runs.start(account.id, piece, target)
  })
  serve('watchHeater', ({ account, params, openStream }) => {
    const stream = openStream()
    const unwatch = runs.watch(account.id, params.id, {
      sample: (sample) => stream.sendIfFree('sample', JSON.stringify(sample)),
      trouble: ({ message, fix }) => stream.send('trouble', JSON.stringify({ message, fix })),
      ended: stream.end,
    })
    if (unwatch instanceof DeviceError) {
      stream.send('trouble', JSON.stringify({ message: unwatch.message, fix: unwatch.fix }))
      stream.end()
    } else stream.signal.addEventListener('abort', unwatch)
  })
  serve('pointThermometer', async ({ body: { piece, roomC } }) => ({ shownC: await heater.infrared(piece, roomC) }))
  serve('takeWeight', ({ body }) => gauge.weigh(body))
  serve('senseHousing', async ({ who: { siteId }, body }) => {
    await getPosition(pool, siteId, body.positionId)
    return gauge.sense(body, await lastRead(pool, siteId, body.positionId, readAs[body.what]))
  })
  serve('recordVibration', async ({ who: { siteId }, body }) => {
    const position = await getPosition(pool, siteId, body.positionId)
    const task = madeUpRecord(position, references, body.direction)
    return analyser.record(task, task.speedRpm)
  })
  serve('takeReading', async ({ who, body }) => {
    // Only what stands on this site can be measured here.
    await getPosition(pool, who.siteId, body.positionId)
    return gauge.take(body)
  })
}

async function ordered(pool: pg.Pool, references: References, siteId: string, order: StartHeaterRun): Promise<Ordered> {
  if ('positionId' in order) {
    const { positionId } = order
    const position = await getPosition(pool, siteId, positionId)
    if (!holdsRolling(position)) return bounded(positionId, null)
    const { outcomes } = assess(position.inputs, position.machine, references.catalogue)
    return bounded(positionId, heatTarget(outcomes.mount))
  }
  const { jobId, step: key } = order
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
