import type pg from 'pg'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { AccessError } from '../errors/access-error.ts'

const minute = 60

/** Counts failed sign-ins of one name in the database, so that every server process knows of them. */
export class SignInLimit {
  readonly #failures: RateLimiterPostgres

  constructor(pool: pg.Pool) {
    this.#failures = new RateLimiterPostgres({
      storeClient: pool,
      tableName: 'sign_in_attempt',
      tableCreated: true,
      keyPrefix: 'name',
      points: 8,
      duration: 10 * minute,
    })
  }

  /** @throws AccessError TOO_MANY while the name is shut */
  async check(login: string): Promise<void> {
    const used = await this.#failures.get(login.toLowerCase())
    if (used && used.remainingPoints <= 0 && used.msBeforeNext > 0) throw tooMany(used)
  }

  async countFailure(login: string): Promise<void> {
    try {
      await this.#failures.consume(login.toLowerCase())
    } catch (error) {
      if (error instanceof RateLimiterRes) return
      throw error
    }
  }

  async forget(login: string): Promise<void> {
    await this.#failures.delete(login.toLowerCase())
  }
}

function tooMany({ msBeforeNext }: RateLimiterRes): AccessError {
  const minutes = Math.max(1, Math.ceil(msBeforeNext / 60_000))
  return new AccessError('TOO_MANY', 'Too many failed sign-ins with this name', `Try again in ${minutes} min.`)
}
