import type { Reading, TakeReading, TakeWeight, Weight } from '@yardfrost/contract'
import { DeviceError } from '../errors/device-error.ts'
import { askLine } from './ask-line.ts'

/** A digital gauge: pressed once, it gives one reading. */
export interface Gauge {
  /** @throws DeviceError when it does not answer in time, or with what no gauge shows */
  take: (task: TakeReading) => Promise<Reading>
  /** Weighs strokes of a grease gun on the scale beside it. @throws DeviceError likewise */
  weigh: (task: TakeWeight) => Promise<Weight>
}

/** Gauge at an address, one connection a reading. */
export const gaugeAt = (host: string, port: number): Gauge => ({
  take: async (task) => {
    const { positionId, measurable, nominalMm, plane, direction } = task
    const line = await askLine(
      'gauge',
      host,
      port,
      `measure ${positionId} ${measurable} ${nominalMm ?? '-'} ${plane} ${direction}`,
    )
    return readingOf(line)
  },
  weigh: async ({ gunId, strokes, ratedG }) =>
    weightOf(await askLine('scale', host, port, `weigh ${gunId} ${strokes} ${ratedG}`)),
})

/** Reads the answer of a gauge. @throws DeviceError */
export function readingOf(line: string): Reading {
  const [, said] = /^error (.+)$/.exec(line) ?? []
  if (said) throw new DeviceError(`The gauge says: ${said}`)
  const match = /^reading (\d+(?:\.\d+)?) mm (\S.*)$/.exec(line)
  const valueMm = Number(match?.[1])
  if (!match || !(valueMm > 0 && valueMm <= 2000))
    throw new DeviceError(`The gauge sends what is no reading: "${line.slice(0, 40)}"`)
  return { valueMm, instrument: match[2] ?? 'gauge' }
}

/** Reads the answer of a scale. @throws DeviceError */
export function weightOf(line: string): Weight {
  const [, said] = /^error (.+)$/.exec(line) ?? []
  if (said) throw new DeviceError(`The scale says: ${said}`)
  const match = /^weight (\d+(?:\.\d+)?) g (\S.*)$/.exec(line)
  const grams = Number(match?.[1])
  if (!match || !(grams > 0 && grams <= 5000))
    throw new DeviceError(`The scale sends what is no weight: "${line.slice(0, 40)}"`)
  return { grams, instrument: match[2] ?? 'scale' }
}
