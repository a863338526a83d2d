import type pg from 'pg'
import { getJobChange } from '../store/jobs.ts'

interface Change {
  /** As JSON, made once for everybody who watches. */
  text: string
  /** Place of the last entry in it. */
  last: number
  more: boolean
}

/** Reads what has changed of a job. All who stand at the same place share one reading of it. */
export class JobChanges {
  readonly #pool: pg.Pool
  readonly #reading = new Map<string, Promise<Change>>()

  constructor(pool: pg.Pool) {
    this.#pool = pool
  }

  /** @param after - place of the last entry that is known */
  since(siteId: string, jobId: string, after: number): Promise<Change> {
    const key = `${siteId} ${jobId} ${after}`
    const under = this.#reading.get(key)
    if (under) return under
    const reading = getJobChange(this.#pool, siteId, jobId, after).then(({ change, more }) => ({
      text: JSON.stringify(change),
      last: change.entries.at(-1)?.seq ?? after,
      more,
    }))
    this.#reading.set(key, reading)
    const forget = () => this.#reading.delete(key)
    reading.then(forget, forget)
    return reading
  }
}
