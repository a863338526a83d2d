import type { VibrationRecord } from '@yardfrost/contract'
import { DeviceError } from '../errors/device-error.ts'
import { askLine } from './ask-line.ts'
import { refuseComplaint } from './listen-lines.ts'

/** A collector of waveforms: asked once, it gives one record. */
export interface Analyser {
  /** @throws DeviceError when it does not answer in time, or with what is no record */
  record: (task: object, speedRpm: number) => Promise<VibrationRecord>
  stop: () => Promise<void>
}

/** A record of 131,072 floats as base64, and its head. */
const longestRecord = 800_000

/**
 * The collector behind an address that is asked for when it is first needed.
 *
 * @param open - starts or finds it; `port` of one that was started again may be another
 */
export function analyserAt(open: () => Promise<{ port: () => number; stop: () => Promise<void> }>): Analyser {
  let opened: ReturnType<typeof open> | null = null
  return {
    record: async (task, speedRpm) => {
      opened ??= open()
      const { port } = await opened
      const line = await askLine('collector', '127.0.0.1', port(), `record ${JSON.stringify(task)}`, longestRecord)
      return { ...recordOf(line), speedRpm }
    },
    stop: async () => (await opened)?.stop(),
  }
}

/** Reads the answer of a collector. @throws DeviceError */
export function recordOf(line: string): Omit<VibrationRecord, 'speedRpm'> {
  refuseComplaint('collector', line)
  const [word, rate, base64 = ''] = line.split(' ')
  const sampleRateHz = Number(rate)
  const bytes = Buffer.from(base64, 'base64')
  if (word !== 'wave' || !(sampleRateHz >= 1000) || bytes.length < 4 * 1024 || bytes.length % 4 !== 0)
    throw new DeviceError(`The collector sends what is no record: "${line.slice(0, 40)}"`)
  const samples = Array.from({ length: bytes.length / 4 }, (_, index) => bytes.readFloatLE(4 * index))
  if (samples.some((one) => !Number.isFinite(one))) throw new DeviceError('The collector sends what is no number')
  return { sampleRateHz, samples: samples.map((one) => Math.round(one * 1e4) / 1e4), instrument: 'collector (simulated)' } // prettier-ignore
}
