import type pg from 'pg'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { AccessError } from '../errors/access-error.ts'

const minute = 60

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
 */
export class SignInLimit {
  readonly #pair: RateLimiterPostgres
  readonly #name: RateLimiterPostgres
  readonly #address: RateLimiterPostgres

  constructor(pool: pg.Pool) {
    const limiter = (keyPrefix: string, points: number, minutes: number) =>
      new RateLimiterPostgres({
        storeClient: pool,
        tableName: 'sign_in_attempt',
        tableCreated: true,
        keyPrefix,
        points,
        duration: minutes * minute,
      })
    this.#pair = limiter('pair', 8, 10)
    this.#name = limiter('name', 24, 30)
    this.#address = limiter('address', 120, 10)
  }

  /** @throws AccessError TOO_MANY where one of the counts is used up: the attempt is not judged */
  async begin(attempt: Attempt): Promise<void> {
    await take(this.#pair, pairOf(attempt))
    if (!attempt.known) await take(this.#name, nameOf(attempt))
    await take(this.#address, attempt.address)
  }

  /** The password was right: what was counted for it is given back. */
  async succeeded(attempt: Attempt): Promise<void> {
    await Promise.all([this.#pair.delete(pairOf(attempt)), this.#address.reward(attempt.address)])
    if (!attempt.known) await this.#name.delete(nameOf(attempt))
  }
}

/** By the account, as the database folds its name: no spelling of it has a count of its own. */
const nameOf = ({ accountId, login }: Attempt): string => accountId ?? `nobody ${login.toLowerCase()}`
const pairOf = (attempt: Attempt): string => `${nameOf(attempt)} ${attempt.address}`

async function take(limiter: RateLimiterPostgres, key: string): Promise<void> {
  try {
    await limiter.consume(key)
  } catch (error) {
    throw error instanceof RateLimiterRes ? tooMany(error) : error
  }
}

function tooMany({ msBeforeNext }: RateLimiterRes): AccessError {
  const minutes = Math.max(1, Math.ceil(msBeforeNext / 60_000))
  return new AccessError('TOO_MANY', 'Too many failed sign-ins', `Try again in ${minutes} min.`)
}
