import type { Express } from 'express'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { password } from './seed.ts'

/** The app on a port of its own with somebody signed in, for streams that stay open. */
export async function listening(app: Express, login: string, secret = password) {
  const server = createServer(app)
  await new Promise<void>((started) => server.listen(0, '127.0.0.1', () => started()))
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api`
  const signIn = await fetch(`${base}/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ login, password: secret }),
  })
  await signIn.arrayBuffer()
  const cookie = signIn.headers.getSetCookie()[0]?.split(';')[0] ?? ''
  const stopping = new AbortController()

  /** Opens a stream; `hear` waits for a pattern in what came since it last heard one. */
  async function open(path: string) {
    const closing = new AbortController()
    const signal = AbortSignal.any([stopping.signal, closing.signal])
    const response = await fetch(`${base}${path}`, { headers: { cookie }, signal })
    const reader = response.body?.getReader()
    let heard = ''
    return {
      response,
      hear: async (pattern: RegExp): Promise<string> => {
        while (!pattern.test(heard)) {
          const { value, done } = (await reader?.read()) ?? { done: true, value: undefined }
          if (done) throw new Error(`the stream ended after "${heard.slice(-400)}", without ${pattern}`)
          heard += new TextDecoder().decode(value)
        }
        const said = heard
        heard = ''
        return said
      },
      /** Waits until the server ends it. */
      ended: async (): Promise<void> => {
        while (!(await reader?.read())?.done);
      },
      close: () => closing.abort(),
    }
  }

  return {
    base,
    cookie,
    open,
    stop: async () => {
      stopping.abort()
      server.closeAllConnections()
      await new Promise((closed) => server.close(closed))
    },
  }
}
