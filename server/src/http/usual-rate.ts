import type { RequestHandler } from 'express'
import cluster from 'node:cluster'
import { RateLimiterCluster, RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'
import { AccessError } from '../errors/access-error.ts'

/** Requests a person may make in a minute, where nothing else is set; where nobody is signed in, an address. */
export const usualRequestsAMinute = 1200

/**
 * Lets a person, or an address nobody is signed in from, ask so many times a minute: a plant behind one address is many
 * people. Several processes of one server count together.
 *
 * @param what - what is counted apart from other things
 * @param requestsAMinute - how many
 */
export function usualRate(what: string, requestsAMinute: number): RequestHandler {
  const options = { keyPrefix: what, points: requestsAMinute, duration: 60 }
  const limiter = cluster.isWorker
    ? new RateLimiterCluster({ ...options, timeoutMs: 1000 })
    : new RateLimiterMemory(options)
  return async (request, response, next) => {
    const { session, ip = 'unknown' } = request
    const key = (session as typeof session | undefined)?.accountId ?? houseOf(ip)
    try {
      const { remainingPoints } = await limiter.consume(key)
      response.set('RateLimit', `limit=${requestsAMinute}, remaining=${remainingPoints}`)
    } catch (refused) {
      // A count that cannot be had shuts nobody out.
      if (refused instanceof RateLimiterRes || isCount(refused)) {
        response.set('Retry-After', String(Math.ceil(refused.msBeforeNext / 1000)))
        throw new AccessError(
          'TOO_MANY',
          'Too many requests in one minute',
          'Wait a minute; nothing on the page is lost.',
        )
      }
    }
    next()
  }
}

/** Behind IPv6 a house has as many addresses as it likes; one of IPv4 that comes that way is itself. */
const houseOf = (ip: string): string =>
  ip
    .replace(/^::ffff:/, '')
    .split(':')
    .slice(0, 4)
    .join(':')

/** What comes from another process is a plain object. */
const isCount = (refused: unknown): refused is { msBeforeNext: number } =>
  typeof refused === 'object' && refused !== null && 'msBeforeNext' in refused
