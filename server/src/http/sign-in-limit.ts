import type pg from 'pg'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { AccessError } from '../errors/access-error.ts'

const minute = 60
/** Waits past the free attempts, s. */
const [shortestWait, longestWait] = [30, 30 * minute]

/** Who tries to sign in, and from where. */
export interface Attempt {
  /** Account that the name stands for; null where there is none. */
  accountId: string | null
  login: string
  address: string
  /** This account has signed in from there before: guesses made elsewhere do not count against it. */
  known: boolean
}

/**
 * Counts attempts to sign in before they are judged, in the database, so that every server process knows of them.
 *
 * Three counts: of one name from one address, of one name from wherever nobody has signed in with it, and of one address. A
 * guesser elsewhere shuts the second and not the first, so that the person the name belongs to comes in from where they work.
 * Nobody is shut out for good: past its count a name may be tried once in a while, and the while doubles each time.
 */
export class SignInLimit {
  readonly #pair: GrowingLimit
  readonly #name: GrowingLimit
  readonly #address: RateLimiterPostgres

  constructor(pool: pg.Pool) {
    const limiter = (keyPrefix: string, points: number, seconds: number) =>
      new RateLimiterPostgres({
        storeClient: pool,
        tableName: 'sign_in_attempt',
        tableCreated: true,
        keyPrefix,
        points,
        duration: seconds,
      })
    this.#pair = new GrowingLimit(limiter, 'pair', 8)
    this.#name = new GrowingLimit(limiter, 'name', 24)
    this.#address = limiter('address', 120, 10 * minute)
  }

  /** @throws AccessError TOO_MANY where one of the counts is used up: the attempt is not judged */
  async begin(attempt: Attempt): Promise<void> {
    await this.#pair.take(pairOf(attempt))
    if (!attempt.known) await this.#name.take(nameOf(attempt))
    await take(this.#address, attempt.address)
  }

  /** The password was right: what was counted for it is given back. */
  async succeeded(attempt: Attempt): Promise<void> {
    await Promise.all([this.#pair.delete(pairOf(attempt)), this.#address.reward(attempt.address)])
    if (!attempt.known) await this.#name.delete(nameOf(attempt))
  }
}

/** After `free` attempts the next may be made after a while that doubles with each, from half a minute to half an hour. */
class GrowingLimit {
  readonly #free: number
  readonly #counted: RateLimiterPostgres
  readonly #waiting: RateLimiterPostgres

  constructor(
    limiter: (prefix: string, points: number, seconds: number) => RateLimiterPostgres,
    prefix: string,
    free: number,
  ) {
    this.#free = free
    this.#counted = limiter(prefix, Number.MAX_SAFE_INTEGER, 24 * 60 * minute)
    this.#waiting = limiter(`${prefix}-wait`, 1, minute)
  }

  async take(key: string): Promise<void> {
    const { consumedPoints } = await this.#counted.consume(key)
    const past = consumedPoints - this.#free + 1
    if (past < 1) return
    try {
      // One of many at once gets through, whichever process they come to.
      await take(this.#waiting, key, Math.min(shortestWait * 2 ** (past - 1), longestWait))
    } catch (error) {
      // What was not judged does not make the wait longer.
      await this.#counted.reward(key)
      throw error
    }
  }

  async delete(key: string): Promise<void> {
    await Promise.all([this.#counted.delete(key), this.#waiting.delete(key)])
  }
}

/** By the account, as the database folds its name: no spelling of it has a count of its own. */
const nameOf = ({ accountId, login }: Attempt): string => accountId ?? `nobody ${login.toLowerCase()}`
const pairOf = (attempt: Attempt): string => `${nameOf(attempt)} ${attempt.address}`

async function take(limiter: RateLimiterPostgres, key: string, seconds?: number): Promise<void> {
  try {
    await limiter.consume(key, 1, seconds === undefined ? {} : { customDuration: seconds })
  } catch (error) {
    throw error instanceof RateLimiterRes ? tooMany(error) : error
  }
}

function tooMany({ msBeforeNext }: RateLimiterRes): AccessError {
  const minutes = Math.max(1, Math.ceil(msBeforeNext / 60_000))
  return new AccessError('TOO_MANY', 'Too many failed sign-ins', `Try again in ${minutes} min.`)
}
