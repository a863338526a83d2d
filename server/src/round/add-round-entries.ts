import type { AddEntries, EntriesKept, KeptRoundEntry, RoundDetail } from '@yardfrost/contract'
import { InputError, lastDoneOf, RoundEntry } from '@yardfrost/core'
import type pg from 'pg'
import type { z } from 'zod'
import type { RoundEntriesKept } from '@yardfrost/contract'
import { JobError } from '../errors/job-error.ts'
import type { Who } from '../store/audit.ts'
import { readEntry, type Refusal } from '../live/read-entry.ts'
import { addReadings } from '../reading/add-readings.ts'
import type { NewReading } from '../store/readings.ts'
import { storeDone } from '../store/points.ts'
import { holdRound, insertRoundEntry, listVisits } from '../store/rounds.ts'
import { readMeter } from './read-meter.ts'
import { reckonDue } from './reckon-due.ts'

/** A round that takes something more; others wait for it until this transaction is over. @throws NotFoundError, JobError */
export async function openRound(db: pg.PoolClient, siteId: string, roundId: string): Promise<RoundDetail> {
  const round = await holdRound(db, siteId, roundId)
  if (round.state === 'closed')
    throw new JobError('JOB_CLOSED', `Round ${round.number} is closed and takes nothing more`, 'Make a new round for what is still to be done.') // prettier-ignore
  return round
}

/**
 * Adds entries of one device in their order. Each counts once, however often it is sent, and each is answered; what was done
 * or taken back says when its point was last done, and when it is due again.
 *
 * @param by - name of who sends them
 * @returns the answer, and the positions that something was said of
 * @throws JobError when the round is closed; NotFoundError
 */
export async function addRoundEntries(
  db: pg.PoolClient,
  who: Who,
  by: string,
  { roundId, entries }: AddEntries & { roundId: string },
): Promise<{ answer: z.output<typeof RoundEntriesKept>; told: string[] }> {
  const round = await openRound(db, who.siteId, roundId)
  const known = new Map(round.entries.map((one) => [one.entry.id, one]))
  const points = new Set(round.points.map(({ id }) => id))
  const kept: KeptRoundEntry[] = []
  const refused: EntriesKept['refused'] = []
  const visited = new Set<string>()
  const read: Extract<RoundEntry, { kind: 'read' }>[] = []
  for (const given of entries) {
    const before = known.get(given.id)
    if (before) {
      kept.push(before)
      continue
    }
    const entry = await withMeter(db, who, round, entryOf(given, points))
    const seq = 'message' in entry ? null : await insertRoundEntry(db, { ...who, roundId, entry })
    if (seq === null || 'message' in entry) {
      refused.push({ id: given.id, ...('message' in entry ? entry : { message: 'Another round has this entry', fix: 'Enter it again in this round.' }) }) // prettier-ignore
      continue
    }
    const one = { seq, by, entry }
    known.set(entry.id, one)
    kept.push(one)
    if (entry.kind === 'read') read.push(entry)
    else if (entry.kind !== 'photo') visited.add(entry.point)
  }
  if (visited.size > 0) await reckonVisits(db, who.siteId, [...visited])
  const positions = new Map(round.points.map(({ id, position }) => [id, position.id]))
  await addReadings(
    db,
    who.siteId,
    read.flatMap((entry) => readingOf(entry, positions)),
    'round',
  )
  return { answer: { kept, refused }, told: kept.flatMap(({ entry }) => positions.get(entry.point) ?? []) }
}

/** What a reading on a round is read of; one after greasing tells of the grease, and not of where the bearing is going. */
const quantityOf = {
  before: 'temperature',
  vibration: 'velocity',
  sound: 'ultrasound',
  after: null,
  soundAfter: null,
  level: null,
  hours: null,
} as const

function readingOf(
  { point, at, what, value }: Extract<RoundEntry, { kind: 'read' }>,
  positions: ReadonlyMap<string, string>,
): NewReading[] {
  const [positionId, quantity] = [positions.get(point), quantityOf[what]]
  return positionId && quantity ? [{ positionId, quantity, at, value, ambient: null, load: null }] : []
}

/** An hour meter that was read on the round is taken as one; a reading it cannot be is refused. */
async function withMeter(
  db: pg.PoolClient,
  who: Who,
  round: RoundDetail,
  entry: RoundEntry | Refusal,
): Promise<RoundEntry | Refusal> {
  if ('message' in entry || entry.kind !== 'read' || entry.what !== 'hours') return entry
  const machine = round.points.find(({ id }) => id === entry.point)?.machine
  if (!machine) return entry
  const reading = { machineId: machine.id, day: entry.at.slice(0, 10), shownH: entry.value, replacedAt: null }
  try {
    await readMeter(db, who, reading)
    return entry
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { message: `The hour meter of ${machine.tag}: ${error.message}`, fix: error.fix }
  }
}

/** When points were last done, by what is left standing on every round, and when they are due again. */
async function reckonVisits(db: pg.PoolClient, siteId: string, pointIds: readonly string[]): Promise<void> {
  const visits = await listVisits(db, siteId, pointIds)
  await storeDone(
    db,
    siteId,
    pointIds.map((id) => ({ id, day: lastDoneOf(visits.get(id) ?? []) })),
  )
  await reckonDue(db, siteId, { pointIds })
}

/** An entry of one of the points of a round, or why it cannot be taken. */
function entryOf(given: object, points: ReadonlySet<string>): RoundEntry | Refusal {
  const entry = readEntry(RoundEntry, given)
  if ('message' in entry || points.has(entry.point)) return entry
  return { message: 'This round has no such point', fix: 'Read the round again.' }
}
