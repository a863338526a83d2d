import type { Person, SavePerson } from '@yardfrost/contract'
import type pg from 'pg'
import { RefusedError } from '../errors/refused-error.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { dropLinks, holdMember, holdPlanners, storeMember, storeRetired } from '../store/people.ts'
import { personOf } from './link-person.ts'

/** @throws RefusedError where nobody would be left who can do this */
async function keepAPlanner(db: pg.PoolClient, siteId: string, change: () => Promise<void>): Promise<void> {
  // Held first: of two planners who take the role from each other at once, one is too late.
  await holdPlanners(db, siteId)
  await change()
  if ((await holdPlanners(db, siteId)) === 0)
    throw new RefusedError('This is the last planner who can sign in', 'Make somebody else a planner first.')
}

/**
 * Another name or role for somebody of a site; it counts with their next request.
 *
 * @throws NotFoundError; RefusedError for the last planner
 */
export async function savePerson(
  db: pg.PoolClient,
  who: Who,
  { id, name, role }: SavePerson & { id: string },
): Promise<Person> {
  const was = await holdMember(db, who.siteId, id)
  const change = () => storeMember(db, who.siteId, id, name, role)
  if (was.role === 'planner' && role !== 'planner') await keepAPlanner(db, who.siteId, change)
  else await change()
  const detail = { name, role, was: { name: was.name, role: was.role } }
  await recordEvent(db, who, { kind: 'person.saved', subjectId: id, detail })
  return personOf(db, who.siteId, id)
}

/**
 * Somebody leaves a site, or comes back to it. What they did stays under their name.
 *
 * @throws NotFoundError; RefusedError for the last planner
 */
export async function retirePerson(
  db: pg.PoolClient,
  who: Who,
  { id, retired }: { id: string; retired: boolean },
): Promise<Person> {
  const was = await holdMember(db, who.siteId, id)
  const change = () => storeRetired(db, who.siteId, id, retired)
  if (was.role === 'planner' && retired) await keepAPlanner(db, who.siteId, change)
  else await change()
  await dropLinks(db, who.siteId, id)
  await recordEvent(db, who, { kind: retired ? 'person.retired' : 'person.returned', subjectId: id, detail: {} })
  return personOf(db, who.siteId, id)
}
