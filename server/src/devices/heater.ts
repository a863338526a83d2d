import type { HeaterSample } from '@yardfrost/contract'
import type { HeatTarget } from '@yardfrost/core'
import { DeviceError } from '../errors/device-error.ts'
import { askLine } from './ask-line.ts'
import { listenLines, refuseComplaint } from './listen-lines.ts'

/** An induction heater with two probes, one on each ring. It heats for as long as somebody listens. */
export interface Heater {
  /**
   * Heats a piece and tells every sample until `signal` fires; the heater is switched off then.
   *
   * @throws DeviceError when it cannot be reached, falls silent, or sends what no probe shows
   */
  run: (piece: string, target: HeatTarget, told: (sample: HeaterSample) => void, signal: AbortSignal) => Promise<void>
  /** What an infrared thermometer shows of a piece, °C; far too little of bright steel. @throws DeviceError */
  infrared: (piece: string, roomC: number) => Promise<number>
}

/** A heater that says nothing for so long has failed, ms. */
const patienceMs = 4000
/** What a probe on a bearing can show, °C. */
const [coldestC, hottestC] = [-40, 250]

/** Heater at an address, one connection a run. */
export const heaterAt = (host: string, port: () => number): Heater => ({
  infrared: async (piece, roomC) =>
    shownOf(await askLine('infrared thermometer', host, port(), `infrared ${piece} ${roomC}`)),
  run: (piece, { massKg, areaMm2, roomC, aimC, limitC, differenceK }, told, signal) =>
    listenLines(
      {
        host,
        port: port(),
        question: `heat ${piece} ${massKg} ${areaMm2} ${roomC} ${aimC} ${limitC} ${differenceK}`,
        patienceMs,
        says: {
          silent: 'The heater has fallen silent: switch it off by hand',
          away: 'The heater cannot be reached',
          brokeOff: 'The heater broke off: look whether it is switched off',
          rubbish: 'The heater sends what is no sample',
        },
      },
      (line) => told(sampleOf(line)),
      signal,
    ),
})

/** Reads what the infrared thermometer shows. @throws DeviceError */
export function shownOf(line: string): number {
  const shownC = Number(/^shows (-?\d+(?:\.\d+)?)$/.exec(line)?.[1])
  if (shownC >= coldestC && shownC <= hottestC) return shownC
  throw new DeviceError(`The infrared thermometer sends what is no temperature: "${line.slice(0, 40)}"`)
}

/** Reads a line of the heater. @throws DeviceError for what no probe shows */
export function sampleOf(line: string): HeaterSample {
  refuseComplaint('heater', line)
  const match =
    /^sample (\d+(?:\.\d+)?) (-?\d+(?:\.\d+)?) (-?\d+(?:\.\d+)?) (\d+(?:\.\d+)?) (heating|holding|ready)$/.exec(line)
  if (!match) throw new DeviceError(`The heater sends what is no sample: "${line.slice(0, 40)}"`)
  const [seconds, innerC, outerC, powerW] = match.slice(1, 5).map(Number) as [number, number, number, number]
  for (const celsius of [innerC, outerC])
    if (celsius < coldestC || celsius > hottestC)
      throw new DeviceError(`A probe shows ${celsius} °C, which no bearing on a heater has: the probe is off or broken`)
  return { seconds, innerC, outerC, powerW, ready: match[5] === 'ready' }
}
