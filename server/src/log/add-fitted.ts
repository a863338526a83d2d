import type { FittedStory } from '@yardfrost/contract'
import { InputError, findBearing, type BearingType, type FittedEntry, type References } from '@yardfrost/core'
import type pg from 'pg'
import { today } from '../round/today.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { addBearing, getPlace, hoursOf, listOf } from '../store/log.ts'
import { fittedStory } from './fitted-story.ts'

/** A bearing of another time in the same position, as far as it must not overlap. */
type Beside = Awaited<ReturnType<typeof listOf>>[number]

/**
 * Why a bearing cannot have been there: after today, or while another one was.
 *
 * @throws InputError on `fittedOn` or `outOn`
 */
export function checkPlace(entry: FittedEntry, others: readonly Beside[], asOf: string): void {
  const refuse = (field: string, value: string, allowed: string) =>
    new InputError({ code: 'FIELDS_DISAGREE', field, value, allowed, fix: 'Look at the other bearings of this position.' }) // prettier-ignore
  if (entry.fittedOn > asOf) throw refuse('fittedOn', entry.fittedOn, `no later than today, ${asOf}`)
  if (entry.outOn !== null && entry.outOn > asOf) throw refuse('outOn', entry.outOn, `no later than today, ${asOf}`)
  const clash = others.find(
    (other) => entry.fittedOn < (other.out_on ?? '9999') && other.fitted_on < (entry.outOn ?? '9999'),
  )
  if (!clash) return
  const there = `${clash.designation} was there from ${clash.fitted_on}${clash.out_on ? ` to ${clash.out_on}` : ' and still is'}` // prettier-ignore
  throw refuse(entry.outOn === null ? 'outOn' : 'fittedOn', entry.outOn ?? entry.fittedOn, `a time when no other was: ${there}`) // prettier-ignore
}

/** Adds a bearing of an old book. @throws InputError, NotFoundError */
export async function addFitted(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { positionId, entry }: { positionId: string; entry: FittedEntry },
): Promise<FittedStory> {
  const asOf = today()
  const place = await getPlace(db, who.siteId, positionId)
  checkPlace(entry, await listOf(db, who.siteId, positionId), asOf)
  const hours = await hoursOf(db, [place], asOf)
  const hoursH = hoursRun(entry, (from, to) => hours(place, from, to))
  const rest = { bearingType: typeOf(entry.designation, references), source: 'typed' as const, hoursH }
  const id = await addBearing(db, who, positionId, entry, rest)
  await recordEvent(db, who, { kind: 'bearing.added', subjectId: id, detail: { positionId, ...entry } })
  return fittedStory(db, who.siteId, id)
}

/** Hours it ran, as told or as the machine runs; null while it does. */
export const hoursRun = (
  { outOn, fittedOn, hoursH }: FittedEntry,
  ran: (from: string, to: string) => number,
): number | null => (outOn === null ? null : (hoursH ?? Math.max(ran(fittedOn, outOn), 0.1)))

/** Type of a bearing by its designation; null for one that is not in the tables. */
export const typeOf = (designation: string, { catalogue }: Pick<References, 'catalogue'>): BearingType | null =>
  findBearing(designation, catalogue)?.row.type ?? null
