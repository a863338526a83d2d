import type { HeaterSample } from '@yardfrost/contract'
import { heatFor, infraredReading, type HeatTarget } from '@yardfrost/core'
import { assert } from 'chai'
import { randomUUID } from 'node:crypto'
import { createServer, type AddressInfo, type Socket } from 'node:net'
import { heaterAt, sampleOf } from '../../src/devices/heater.ts'
import { startDeviceProcess, type DeviceProcess } from '../../src/devices/device-process.ts'
import { heatTarget as target } from '../heat-target.ts'
import { until } from '../until.ts'

describe('a line of the heater', () => {
  it('is a sample', () =>
    assert.deepEqual(sampleOf('sample 12.5 64.2 40.1 1000 heating'), { seconds: 12.5, innerC: 64.2, outerC: 40.1, powerW: 1000, ready: false })) // prettier-ignore
  for (const [why, line, says] of [
    ['a probe at 900 degrees', 'sample 1 900 40 1000 heating', /900 °C, which no bearing on a heater has/],
    ['a probe that fell off the scale', 'sample 1 -273 40 1000 heating', /off or broken/],
    ['rubbish', '\u0000\u0007beep', /what is no sample/],
    ['half a line', 'sample 1 20', /what is no sample/],
    ['a complaint', 'error the aim is over the limit', /says: the aim is over the limit/],
  ] as const)
    it(`refused: ${why}`, () => assert.throws(() => sampleOf(line), says))
})

describe('the process of the heater', () => {
  it('stops at once, though it was killed a moment ago', async () => {
    const heater = await startDeviceProcess('simulated-heater')
    heater.kill()
    await until(() => !heater.running(), 'the process to be dead')
    await heater.stop()
  })

  it('stops once, however often it is told', async () => {
    const heater = await startDeviceProcess('simulated-heater')
    await heater.stop()
    await heater.stop()
  })
})

describe('the simulated heater', () => {
  let heater: DeviceProcess
  before(async () => {
    process.env['YARDFROST_HEATER_RATE'] = '20'
    heater = await startDeviceProcess('simulated-heater')
    delete process.env['YARDFROST_HEATER_RATE']
  })
  after(() => heater.stop())

  /** Samples until one fits, or so many. */
  const run = async (piece: string, until: (sample: HeaterSample) => boolean, of: HeatTarget = target) => {
    const stop = new AbortController()
    const samples: HeaterSample[] = []
    await heaterAt('127.0.0.1', heater.port).run(
      piece,
      of,
      (sample) => {
        samples.push(sample)
        if (until(sample)) stop.abort()
      },
      stop.signal,
    )
    return samples
  }

  it('follows its own model within 1 K, holds its aim and stays under the limit', async () => {
    const samples = await run(randomUUID(), ({ ready }) => ready)
    assert.isAbove(samples.length, 2)
    let rings = { innerC: target.roomC, outerC: target.roomC }
    let at = 0
    for (const { seconds, innerC, outerC } of samples.filter(({ ready }) => !ready)) {
      rings = heatFor(target, rings, 300 + 350 * target.massKg, seconds - at)
      at = seconds
      assert.approximately(innerC, rings.innerC, 1)
      assert.approximately(outerC, rings.outerC, 1)
    }
    const last = samples.at(-1)
    // Between two samples of a busy machine it has cooled a little.
    assert.approximately(last?.innerC ?? 0, target.aimC, 4)
    assert.isBelow(last?.innerC ?? 999, target.limitC)
  })

  it('pulses where the rings would differ by more than the bearing bears', async () => {
    const samples = await run(randomUUID(), ({ ready }) => ready, { ...target, differenceK: 15 })
    assert.isTrue(samples.some(({ powerW, ready }) => powerW === 0 && !ready))
  })

  it('leaves the piece where it lies: it has cooled a little when the heater is switched on again', async () => {
    const piece = randomUUID()
    const first = await run(piece, ({ innerC }) => innerC > 60)
    const again = await run(piece, () => true)
    assert.isAbove(again[0]?.innerC ?? 0, 35)
    assert.isBelow(again[0]?.outerC ?? 0, first.at(-1)?.innerC ?? 0)
  })

  it('reads far too little off bright steel with the infrared thermometer, as the formula has it', async () => {
    const piece = randomUUID()
    const stop = new AbortController()
    let last = 0
    await heaterAt('127.0.0.1', heater.port).run(
      piece,
      target,
      ({ innerC, ready }) => {
        last = innerC
        if (ready) stop.abort()
      },
      stop.signal,
    )
    const shownC = await heaterAt('127.0.0.1', heater.port).infrared(piece, 20)
    assert.isBelow(shownC, 45)
    // It has cooled a little since the last sample.
    assert.approximately(shownC, infraredReading(last, 20, 0.15), 3)
    assert.approximately(await heaterAt('127.0.0.1', heater.port).infrared(randomUUID(), 20), 20, 0.6)
  })

  it('refuses an aim over the limit', async () => {
    const error = await run(randomUUID(), () => false, { ...target, aimC: 130 }).catch((one: Error) => one)
    assert.match(String(error), /aim is over the limit/)
  })

  it('says that it broke off when its plug is pulled, and another one follows', async () => {
    const pullAtFirst = () => {
      heater.kill()
      return false
    }
    const message = await run(randomUUID(), pullAtFirst).catch((one: Error) => one.message)
    assert.match(String(message), /broke off/)
    await until(
      () =>
        run(randomUUID(), () => true).then(
          () => true,
          () => false,
        ),
      'another heater',
    )
  })
})

describe('a heater that misbehaves', () => {
  const listen = async (answer: (socket: Socket) => void) => {
    const sockets: Socket[] = []
    const server = createServer((socket) => {
      sockets.push(socket)
      socket.on('error', () => socket.destroy())
      answer(socket)
    })
    await new Promise<void>((listening) => server.listen(0, '127.0.0.1', () => listening()))
    const stop = () =>
      new Promise((closed) => {
        server.close(closed)
        for (const socket of sockets) socket.destroy()
      })
    return { port: (server.address() as AddressInfo).port, stop }
  }
  for (const [why, answer, says] of [
    ['hangs up', (socket: Socket) => void socket.end(), /broke off/],
    ['sends rubbish without end', (socket: Socket) => void socket.write('x'.repeat(5000)), /no sample/],
    ['reports 900 degrees', (socket: Socket) => void socket.write('sample 1 900 900 1 heating\n'), /no bearing/],
  ] as const)
    it(why, async () => {
      const { port, stop } = await listen(answer)
      const run = heaterAt('127.0.0.1', () => port).run(
        randomUUID(),
        target,
        () => undefined,
        new AbortController().signal,
      )
      const error = await run.catch((one: Error) => one)
      assert.match(String(error), says)
      await stop()
    })

  it('is not there', async () => {
    const { port, stop } = await listen(() => undefined)
    await stop()
    const run = heaterAt('127.0.0.1', () => port).run(
      randomUUID(),
      target,
      () => undefined,
      new AbortController().signal,
    )
    assert.match(String(await run.catch((one: Error) => one)), /cannot be reached/)
  })
})
