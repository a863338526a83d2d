import { connect } from 'node:net'
import { DeviceError } from '../errors/device-error.ts'

/** A line longer than this is not from an instrument. */
const longestLine = 200

/** How an instrument that keeps sending is listened to, and what is said when it fails. */
export interface Listening {
  host: string
  port: number
  /** Sent once, to begin with. */
  question: string
  /** One that says nothing for so long has failed, ms. */
  patienceMs: number
  says: { silent: string; away: string; brokeOff: string; rubbish: string }
}

/**
 * Asks an instrument and hears every line it sends until `signal` fires.
 *
 * @param heard - takes a line; throws DeviceError for one that is none
 * @throws DeviceError when it cannot be reached, falls silent, breaks off, or sends what is no line
 */
export const listenLines = (
  { host, port, question, patienceMs, says }: Listening,
  heard: (line: string) => void,
  signal: AbortSignal,
): Promise<void> =>
  new Promise((ended, failed) => {
    const socket = connect({ host, port })
    let waiting = ''
    const fail = (error: DeviceError) => {
      socket.destroy()
      failed(error)
    }
    socket.setTimeout(patienceMs, () => fail(new DeviceError(says.silent)))
    socket.once('error', () => fail(new DeviceError(says.away)))
    socket.once('connect', () => socket.write(`${question}\n`))
    socket.on('data', (chunk: Buffer) => {
      waiting += chunk.toString('utf8')
      const lines = waiting.split('\n')
      waiting = lines.pop() ?? ''
      try {
        for (const line of lines) heard(line.trim())
        if (waiting.length > longestLine) throw new DeviceError(says.rubbish)
      } catch (error) {
        fail(error instanceof DeviceError ? error : new DeviceError(says.rubbish))
      }
    })
    signal.addEventListener('abort', () => socket.destroy())
    socket.once('close', () => (signal.aborted ? ended() : failed(new DeviceError(says.brokeOff))))
  })

/** Hands on what an instrument complains of. @throws DeviceError for a line that is a complaint */
export function refuseComplaint(name: string, line: string): void {
  const [, said] = /^error (.+)$/.exec(line) ?? []
  if (said) throw new DeviceError(`The ${name} says: ${said}`)
}
