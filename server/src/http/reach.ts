import type { RequestHandler } from 'express'
import { hostname, networkInterfaces } from 'node:os'
import { WrongHostError } from '../errors/wrong-host-error.ts'

/** Where the server is reached, and by whom. */
export interface Reach {
  /** Names and addresses it may be asked for by, in lower case, without a port. */
  names: ReadonlySet<string>
  /** What stands in front of it and may say who asks: see "trust proxy" of Express. */
  trustProxy: boolean | number | string
  /** Others than this machine reach it, so that whoever makes the first site has to show a word. */
  asksWord: boolean
}

const loopback = ['localhost', '127.0.0.1', '[::1]']
export const isLoopback = (host: string): boolean => host === '::1' || loopback.includes(host) || /^127\./.test(host)

/**
 * Where a server that listens on `host` is reached.
 *
 * @param given.names - names it has on the network, as people type them
 */
export function reachAt({
  host,
  names,
  trustProxy,
}: {
  host: string
  names: readonly string[]
  trustProxy: Reach['trustProxy']
}): Reach {
  const elsewhere = isLoopback(host) ? [] : [host, hostname(), ...ownAddresses()]
  return {
    names: new Set([...loopback, ...elsewhere, ...names].map((name) => name.toLowerCase())),
    trustProxy,
    asksWord: !isLoopback(host) || trustProxy !== false,
  }
}

const ownAddresses = (): string[] =>
  Object.values(networkInterfaces()).flatMap((all) =>
    (all ?? []).map(({ address, family }) => (family === 'IPv6' ? `[${address}]` : address)),
  )

/** Refuses whoever asks for another name: a page elsewhere may have had its name pointed here. */
export function ownHost({ names }: Reach): RequestHandler {
  return (request, _response, next) => {
    // Programs of old send no name at all.
    const asked = (request.host as string | undefined) ?? ''
    if (!names.has(asked.replace(/:\d+$/, '').toLowerCase())) throw new WrongHostError(asked)
    next()
  }
}
