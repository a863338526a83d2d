import type { Reading, TakeReading } from '@yardfrost/contract'
import { connect } from 'node:net'
import { DeviceError } from '../errors/device-error.ts'

/** A digital gauge: pressed once, it gives one reading. */
export interface Gauge {
  /** @throws DeviceError when it does not answer in time, or with what no gauge shows */
  take: (task: TakeReading) => Promise<Reading>
}

const patienceMs = 3000
/** An answer longer than this is not from a gauge. */
const longestLine = 200

/** Gauge at an address, one connection a reading. */
export const gaugeAt = (host: string, port: number): Gauge => ({
  take: async (task) => {
    const { positionId, measurable, nominalMm, plane, direction } = task
    const line = await askLine(
      host,
      port,
      `measure ${positionId} ${measurable} ${nominalMm ?? '-'} ${plane} ${direction}`,
    )
    return readingOf(line)
  },
})

/** Sends one line and returns the line that comes back. @throws DeviceError */
function askLine(host: string, port: number, question: string): Promise<string> {
  return new Promise((answered, failed) => {
    const socket = connect({ host, port })
    let heard = ''
    const fail = (message: string) => {
      socket.destroy()
      failed(new DeviceError(message))
    }
    socket.setTimeout(patienceMs, () => fail('The gauge does not answer'))
    socket.once('error', () => fail('The gauge cannot be reached'))
    socket.once('connect', () => socket.write(`${question}\n`))
    socket.on('data', (chunk: Buffer) => {
      heard += chunk.toString('utf8')
      const [line, ...more] = heard.split('\n')
      if (more.length > 0 && line !== undefined) {
        socket.end()
        answered(line.trim())
      } else if (heard.length > longestLine) fail('The gauge sends what is no reading')
    })
    socket.once('close', () => failed(new DeviceError('The gauge broke off in the middle of a reading')))
  })
}

/** Reads the answer of a gauge. @throws DeviceError */
export function readingOf(line: string): Reading {
  const said = /^error (.+)$/.exec(line)
  if (said) throw new DeviceError(`The gauge says: ${said[1]}`)
  const match = /^reading (\d+(?:\.\d+)?) mm (\S.*)$/.exec(line)
  const valueMm = Number(match?.[1])
  if (!match || !(valueMm > 0 && valueMm <= 2000))
    throw new DeviceError(`The gauge sends what is no reading: "${line.slice(0, 40)}"`)
  return { valueMm, instrument: match[2] ?? 'gauge' }
}
