import type pg from 'pg'
import { addPerson } from '../people/add-person.ts'
import type { KnownPeople } from '../people/known-people.ts'
import { linkPerson } from '../people/link-person.ts'
import { retirePerson, savePerson } from '../people/save-person.ts'
import { lookAtLink, useLink } from '../people/use-link.ts'
import { inTransaction } from '../store/database.ts'
import { listPeople } from '../store/people.ts'
import { comeIn } from './sign-in.ts'
import type { Serve } from './serve.ts'

/** People of the site of whoever is signed in, and the links they come in by. */
export function peopleRoutes(serve: Serve, pool: pg.Pool, people: KnownPeople): void {
  serve('people', ({ who }) => listPeople(pool, who.siteId))
  serve('addPerson', ({ who, body }) => inTransaction(pool, (db) => addPerson(db, who, body)))
  serve('savePerson', async ({ who, params: { id }, body }) => {
    const saved = await inTransaction(pool, (db) => savePerson(db, who, { ...body, id }))
    people.forget(id)
    return saved
  })
  serve('retirePerson', async ({ who, params: { id }, body }) => {
    const saved = await inTransaction(pool, (db) => retirePerson(db, who, { ...body, id }))
    people.forget(id)
    return saved
  })
  serve('linkPerson', ({ who, params: { id } }) => inTransaction(pool, (db) => linkPerson(db, who, id)))

  serve('lookAtLink', ({ body: { word } }) => lookAtLink(pool, word))
  serve('useLink', async ({ request, body }) =>
    comeIn(pool, people, request, await inTransaction(pool, (db) => useLink(db, body))),
  )
}
