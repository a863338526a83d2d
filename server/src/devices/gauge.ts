import {
  Sensed,
  type Reading,
  type SenseHousing,
  type TakeReading,
  type TakeWeight,
  type Weight,
} from '@yardfrost/contract'
import { DeviceError } from '../errors/device-error.ts'
import { askLine } from './ask-line.ts'
import { refuseComplaint } from './listen-lines.ts'

/** A digital gauge: pressed once, it gives one reading. */
export interface Gauge {
  /** @throws DeviceError when it does not answer in time, or with what no gauge shows */
  take: (task: TakeReading) => Promise<Reading>
  /** Reads a housing; `around` is what was last read there. @throws DeviceError likewise */
  sense: (task: SenseHousing, around: number | null) => Promise<Sensed>
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
  sense: async ({ positionId, what }, around) =>
    sensedOf(await askLine('probe', host, port, `sense ${positionId} ${what} ${around ?? '-'}`)),
  weigh: async ({ gunId, strokes, ratedG }) =>
    weightOf(await askLine('scale', host, port, `weigh ${gunId} ${strokes} ${ratedG}`)),
})

/** Reads the answer of a gauge. @throws DeviceError */
export function readingOf(line: string): Reading {
  refuseComplaint('gauge', line)
  const match = /^reading (\d+(?:\.\d+)?) mm (\S.*)$/.exec(line)
  const valueMm = Number(match?.[1])
  if (!match || !(valueMm > 0 && valueMm <= 2000))
    throw new DeviceError(`The gauge sends what is no reading: "${line.slice(0, 40)}"`)
  return { valueMm, instrument: match[2] ?? 'gauge' }
}

/** Reads the answer of a scale. @throws DeviceError */
export function weightOf(line: string): Weight {
  refuseComplaint('scale', line)
  const match = /^weight (\d+(?:\.\d+)?) g (\S.*)$/.exec(line)
  const grams = Number(match?.[1])
  if (!match || !(grams > 0 && grams <= 5000))
    throw new DeviceError(`The scale sends what is no weight: "${line.slice(0, 40)}"`)
  return { grams, instrument: match[2] ?? 'scale' }
}

/** Reads the answer of a probe. @throws DeviceError */
export function sensedOf(line: string): Sensed {
  refuseComplaint('probe', line)
  const match = /^sensed (-?\d+(?:\.\d+)?) (\S.*)$/.exec(line)
  const sensed = Sensed.safeParse({ value: Number(match?.[1]), instrument: match?.[2] })
  if (!sensed.success) throw new DeviceError(`The probe sends what is no reading: "${line.slice(0, 40)}"`)
  return sensed.data
}
