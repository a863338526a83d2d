import { createServer, type AddressInfo } from 'node:net'

/** Whether nothing listens on a port of this machine. */
export function isFree(port: number, host?: string): Promise<boolean> {
  return new Promise((answer) => {
    const probe = createServer()
    probe.once('error', () => answer(false))
    probe.listen(port, host, () => probe.close(() => answer(true)))
  })
}

/** A port nothing listens on just now. */
export function freePort(): Promise<number> {
  return new Promise((found, failed) => {
    const probe = createServer()
    probe.once('error', failed)
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo
      probe.close(() => found(port))
    })
  })
}
