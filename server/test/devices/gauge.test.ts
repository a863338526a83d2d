import { assert } from 'chai'
import { createServer, type AddressInfo, type Server, type Socket } from 'node:net'
import { gaugeAt, readingOf } from '../../src/devices/gauge.ts'
import { pieceSize, startSimulatedGauge } from '../../src/devices/simulated-gauge.ts'
import { DeviceError } from '../../src/errors/device-error.ts'

const task = {
  positionId: '00000000-0000-4000-8000-000000000001',
  measurable: 'shaft',
  nominalMm: 70,
  plane: 0,
  direction: 0,
} as const

/** A gauge that treats every caller the same way. */
async function oddGauge(treat: (socket: Socket) => void): Promise<{ port: number; server: Server }> {
  const server = createServer((socket) => {
    socket.on('error', () => undefined)
    treat(socket)
  })
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', () => listening()))
  return { port: (server.address() as AddressInfo).port, server }
}

describe('gauge', () => {
  const lines: [why: string, line: string, outcome: number | RegExp][] = [
    ['a reading', 'reading 70.0123 mm micrometer', 70.0123],
    ['whole millimetres', 'reading 70 mm micrometer', 70],
    ['the gauge’s own complaint', 'error battery low', /battery low/],
    ['rubbish', '#@!~', /no reading/],
    ['another unit', 'reading 2.75 in micrometer', /no reading/],
    ['a minus', 'reading -70 mm micrometer', /no reading/],
    ['a size no gauge opens to', 'reading 90000 mm micrometer', /no reading/],
    ['nothing', '', /no reading/],
  ]
  for (const [why, line, outcome] of lines)
    it(`reads ${why}`, () => {
      if (typeof outcome === 'number') assert.equal(readingOf(line).valueMm, outcome)
      else assert.throws(() => readingOf(line), DeviceError, outcome)
    })

  const odd: [why: string, treat: (socket: Socket) => void, message: RegExp][] = [
    ['that breaks off', (socket) => socket.destroy(), /broke off|cannot be reached/],
    ['that babbles without end', (socket) => socket.write('x'.repeat(5000)), /no reading/],
    ['that says nothing', () => undefined, /does not answer/],
  ]
  for (const [why, treat, message] of odd)
    it(`gives up on a gauge ${why}`, async () => {
      const { port, server } = await oddGauge(treat)
      try {
        await gaugeAt('127.0.0.1', port).take(task)
        assert.fail('it took a reading')
      } catch (error) {
        assert.instanceOf(error, DeviceError)
        assert.match((error as Error).message, message)
      } finally {
        server.close()
      }
    }).timeout(8000)

  it('says so when nobody is there', async () => {
    const { port, stop } = await startSimulatedGauge()
    await stop()
    await gaugeAt('127.0.0.1', port)
      .take(task)
      .then(
        () => assert.fail('it took a reading'),
        (error: unknown) => assert.match((error as Error).message, /cannot be reached/),
      )
  })
})

describe('the simulated pieces', () => {
  it('are worn as rings wear: bores larger, outsides and widths smaller than a standard size', () => {
    for (const piece of ['one', 'two', 'three', 'four', 'five']) {
      const size = (what: 'bore' | 'outside' | 'width') => pieceSize(piece, what, null, 0, 0) ?? NaN
      assert.isAbove(size('bore') % 1, 0)
      assert.isBelow(size('bore') % 1, 0.06)
      assert.isAbove(size('outside') % 1, 0.9)
      assert.isAbove(size('width') % 1, 0.9)
    }
  })

  it('stay what they are', () => {
    assert.equal(pieceSize('one', 'housing', 125, 1, 2), pieceSize('one', 'housing', 125, 1, 2))
    assert.notEqual(pieceSize('one', 'housing', 125, 1, 2), pieceSize('two', 'housing', 125, 1, 2))
  })
})
