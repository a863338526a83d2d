import { TrendQuantity } from '@yardfrost/core'
import { z } from 'zod'
import { DeviceError } from '../errors/device-error.ts'
import { listenLines, refuseComplaint } from './listen-lines.ts'
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

/** Collector at an address. */
export const collectorAt = (host: string, port: () => number): Collector => ({
  collect: (positionIds, told, signal) =>
    listenLines(
      {
        host,
        port: port(),
        question: `collect ${positionIds.join(' ')}`,
        patienceMs,
        says: {
          silent: 'The collector has fallen silent',
          away: 'The collector cannot be reached',
          brokeOff: 'The collector broke off',
          rubbish: 'The collector sends what is no reading',
        },
      },
      (line) => told(collectedOf(line)),
      signal,
    ),
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
  refuseComplaint('collector', line)
  const [command, positionId, quantity, value, ambient, at] = line.split(' ')
  const read = Collected.safeParse({ positionId, quantity, value, ambient: ambient === '-' ? null : ambient, at })
  if (command !== 'read' || !read.success)
    throw new DeviceError(`The collector sends what is no reading: "${line.slice(0, 40)}"`)
  return { ...read.data, load: null }
}
