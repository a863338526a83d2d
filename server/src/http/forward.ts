import type { RequestHandler } from 'express'
import { request as ask } from 'node:http'
import { pipeline } from 'node:stream'
import { DeviceError } from '../errors/device-error.ts'

/** Passes requests on, as they are, to the process of this server that has the instruments. */
export function forwardTo(port: number): RequestHandler {
  return (request, response, next) => {
    const { method, originalUrl: path, headers } = request
    const passed = ask({ host: '127.0.0.1', port, method, path, headers }, (answer) => {
      response.writeHead(answer.statusCode ?? 502, answer.headers)
      // What stops listening here stops listening there: a heater that nobody watches goes off.
      pipeline(answer, response, () => passed.destroy())
    })
    passed.on('error', () => {
      if (response.headersSent) response.destroy()
      else next(new DeviceError('The instruments do not answer just now', 'Try again in a moment.'))
    })
    response.on('close', () => passed.destroy())
    request.pipe(passed)
  }
}
