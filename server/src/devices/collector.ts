import { TrendQuantity } from '@yardfrost/core'
import { connect } from 'node:net'
import { z } from 'zod'
import { DeviceError } from '../errors/device-error.ts'
import type { NewReading } from '../store/readings.ts'

/** A collector whose probes sit on housings: it sends what they read, by itself, for as long as somebody listens. */
export interface Collector {
  /**
   * Tells every reading of some positions until `signal` fires.
   *
   * @throws DeviceError when it cannot be reached, falls silent, or sends what no probe reads
   */
  collect: (positionIds: readonly string[], told: (reading: NewReading) => void, signal: AbortSignal) => Promise<void>
}

/** A collector that says nothing for so long has failed, ms. */
const patienceMs = 10_000
const longestLine = 200

/** Collector at an address. */
export const collectorAt = (host: string, port: () => number): Collector => ({
  collect: (positionIds, told, signal) =>
    new Promise((ended, failed) => {
      const socket = connect({ host, port: port() })
      let heard = ''
      const fail = (error: unknown) => {
        socket.destroy()
        failed(error instanceof DeviceError ? error : new DeviceError('The collector sends what is no reading'))
      }
      socket.setTimeout(patienceMs, () => fail(new DeviceError('The collector has fallen silent')))
      socket.once('error', () => fail(new DeviceError('The collector cannot be reached')))
      socket.once('connect', () => socket.write(`collect ${positionIds.join(' ')}\n`))
      socket.on('data', (chunk: Buffer) => {
        heard += chunk.toString('utf8')
        const lines = heard.split('\n')
        heard = lines.pop() ?? ''
        try {
          for (const line of lines) told(collectedOf(line.trim()))
          if (heard.length > longestLine) throw new DeviceError('The collector sends what is no reading')
        } catch (error) {
          fail(error)
        }
      })
      signal.addEventListener('abort', () => socket.destroy())
      socket.once('close', () => (signal.aborted ? ended() : failed(new DeviceError('The collector broke off'))))
    }),
})

const Collected = z.object({
  positionId: z.uuid(),
  quantity: TrendQuantity.exclude(['other']),
  value: z.coerce.number().min(-100).max(10_000),
  ambient: z.coerce.number().min(-60).max(100).nullable(),
  at: z.iso.datetime(),
})

/** Reads a line of the collector. @throws DeviceError for what no probe reads */
export function collectedOf(line: string): NewReading {
  const [, said] = /^error (.+)$/.exec(line) ?? []
  if (said) throw new DeviceError(`The collector says: ${said}`)
  const [command, positionId, quantity, value, ambient, at] = line.split(' ')
  const read = Collected.safeParse({ positionId, quantity, value, ambient: ambient === '-' ? null : ambient, at })
  if (command !== 'read' || !read.success)
    throw new DeviceError(`The collector sends what is no reading: "${line.slice(0, 40)}"`)
  return { ...read.data, load: null }
}
