import type pg from 'pg'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { KnownPeople } from '../people/known-people.ts'
import { hashOfWord } from '../people/words.ts'
import { makeSite } from '../site/make-site.ts'
import { inTransaction } from '../store/database.ts'
import { findStart, getStartState } from '../store/starts.ts'
import { comeIn } from './sign-in.ts'
import type { Serve } from './serve.ts'

/**
 * What is asked before there is anybody: the first site and its first planner.
 *
 * @param asksWord - the first site wants the word that was printed at the start: others than this machine can reach the server
 */
export function startRoutes(serve: Serve, pool: pg.Pool, people: KnownPeople, asksWord: boolean): void {
  serve('start', async () => ({ ...(await getStartState(pool)), asksWord }))
  serve('lookAtStart', async ({ body: { word } }) => {
    const found = await findStart(pool, hashOfWord(word))
    if (!found) throw new NotFoundError('address', null, 'It has been used or has run out: start Yardfrost again.')
    return found
  })
  serve('makeSite', async ({ request, body }) =>
    comeIn(pool, people, request, await inTransaction(pool, (db) => makeSite(db, asksWord, body))),
  )
}
