import type { HeaterSample } from '@yardfrost/contract'
import type { HeatTarget } from '@yardfrost/core'
import { connect } from 'node:net'
import { DeviceError } from '../errors/device-error.ts'
import { askLine } from './ask-line.ts'

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
const longestLine = 200
/** What a probe on a bearing can show, °C. */
const [coldestC, hottestC] = [-40, 250]

/** Heater at an address, one connection a run. */
export const heaterAt = (host: string, port: () => number): Heater => ({
  infrared: async (piece, roomC) =>
    shownOf(await askLine('infrared thermometer', host, port(), `infrared ${piece} ${roomC}`)),
  run: (piece, target, told, signal) =>
    new Promise((ended, failed) => {
      const socket = connect({ host, port: port() })
      let heard = ''
      const fail = (error: DeviceError) => {
        socket.destroy()
        failed(error)
      }
      socket.setTimeout(patienceMs, () => fail(new DeviceError('The heater has fallen silent: switch it off by hand')))
      socket.once('error', () => fail(new DeviceError('The heater cannot be reached')))
      socket.once('connect', () => {
        const { massKg, areaMm2, roomC, aimC, limitC, differenceK } = target
        socket.write(`heat ${piece} ${massKg} ${areaMm2} ${roomC} ${aimC} ${limitC} ${differenceK}\n`)
      })
      socket.on('data', (chunk: Buffer) => {
        heard += chunk.toString('utf8')
        const lines = heard.split('\n')
        heard = lines.pop() ?? ''
        try {
          for (const line of lines) told(sampleOf(line.trim()))
          if (heard.length > longestLine) throw new DeviceError('The heater sends what is no sample')
        } catch (error) {
          fail(error instanceof DeviceError ? error : new DeviceError('The heater sends what is no sample'))
        }
      })
      signal.addEventListener('abort', () => socket.destroy())
      socket.once('close', () =>
        signal.aborted ? ended() : failed(new DeviceError('The heater broke off: look whether it is switched off')),
      )
    }),
})

/** Reads what the infrared thermometer shows. @throws DeviceError */
export function shownOf(line: string): number {
  const shownC = Number(/^shows (-?\d+(?:\.\d+)?)$/.exec(line)?.[1])
  if (shownC >= coldestC && shownC <= hottestC) return shownC
  throw new DeviceError(`The infrared thermometer sends what is no temperature: "${line.slice(0, 40)}"`)
}

/** Reads a line of the heater. @throws DeviceError for what no probe shows */
export function sampleOf(line: string): HeaterSample {
  const [, said] = /^error (.+)$/.exec(line) ?? []
  if (said) throw new DeviceError(`The heater says: ${said}`)
  const match =
    /^sample (\d+(?:\.\d+)?) (-?\d+(?:\.\d+)?) (-?\d+(?:\.\d+)?) (\d+(?:\.\d+)?) (heating|holding|ready)$/.exec(line)
  if (!match) throw new DeviceError(`The heater sends what is no sample: "${line.slice(0, 40)}"`)
  const [seconds, innerC, outerC, powerW] = match.slice(1, 5).map(Number) as [number, number, number, number]
  for (const celsius of [innerC, outerC])
    if (celsius < coldestC || celsius > hottestC)
      throw new DeviceError(`A probe shows ${celsius} °C, which no bearing on a heater has: the probe is off or broken`)
  return { seconds, innerC, outerC, powerW, ready: match[5] === 'ready' }
}
