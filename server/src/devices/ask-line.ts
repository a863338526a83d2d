import { connect } from 'node:net'
import { DeviceError } from '../errors/device-error.ts'

const patienceMs = 3000
/** An answer longer than this is not from an instrument. */
const longestLine = 200

/**
 * Sends one line to an instrument and returns the line that comes back.
 *
 * @param name - what it is, for the complaint
 * @param longest - characters an answer of it may have
 * @throws DeviceError when it does not answer in time, or with what is no line
 */
export function askLine(
  name: string,
  host: string,
  port: number,
  question: string,
  longest = longestLine,
): Promise<string> {
  return new Promise((answered, failed) => {
    const socket = connect({ host, port })
    let heard = ''
    const fail = (message: string) => {
      socket.destroy()
      failed(new DeviceError(message))
    }
    socket.setTimeout(patienceMs, () => fail(`The ${name} does not answer`))
    socket.once('error', () => fail(`The ${name} cannot be reached`))
    socket.once('connect', () => socket.write(`${question}\n`))
    socket.on('data', (chunk: Buffer) => {
      heard += chunk.toString('utf8')
      const [line, ...more] = heard.split('\n')
      if (more.length > 0 && line !== undefined) {
        socket.end()
        answered(line.trim())
      } else if (heard.length > longest) fail(`The ${name} sends what is no reading`)
    })
    socket.once('close', () => failed(new DeviceError(`The ${name} broke off in the middle of a reading`)))
  })
}
