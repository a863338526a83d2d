import type { FittedTaken } from '@yardfrost/contract'
import { attempt, FittedEntry, outReasons, parseInput, type References } from '@yardfrost/core'
import type pg from 'pg'
import { readTable } from '../file/read-table.ts'
import { today } from '../round/today.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { addBearing, getPlace, hoursOf, listOf, namePositions } from '../store/log.ts'
import { checkPlace, hoursRun, typeOf } from './add-fitted.ts'

/** Columns of a file; the first four it must have. */
const columns = ['machine', 'position', 'bearing', 'fitted_on', 'out_on', 'hours', 'ended', 'cause', 'batch', 'note', 'area', 'source'] as const // prettier-ignore
const needed = columns.slice(0, 4)
type Row = Partial<Record<(typeof columns)[number], string>>

const mostLines = 20_000

/**
 * Takes a file of fitted bearings in, or says what it would do. A line that cannot be read, or that does not go beside the others
 * of its position, is told with its reason and holds up no other; one that is there already is left.
 *
 * @param save - false for a trial run
 * @throws InputError on `csv` for a file that cannot be read at all
 */
export async function importLog(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { csv, save }: { csv: string; save: boolean },
): Promise<FittedTaken> {
  const asOf = today()
  const positions = new Map((await namePositions(db, who.siteId)).map(({ id, tag, name }) => [`${tag}\n${name}`, id]))
  const there = new Map<string, Awaited<ReturnType<typeof placeOf>>>()
  const lines: FittedTaken['lines'] = []
  let taken = 0
  const rows = readTable(csv, { columns, needed, most: mostLines, pattern: 'log' })
  for (const { cells, line } of rows) {
    const row: Row = cells
    const place = `${row.machine ?? ''} ${row.position ?? ''}`.trim()
    const tell = (outcome: FittedTaken['lines'][number]['outcome'], message: string | null) =>
      lines.push({ line, place, outcome, message })
    const positionId = positions.get(`${(row.machine ?? '').toLowerCase()}\n${(row.position ?? '').toLowerCase()}`)
    if (!positionId) {
      tell('refused', `There is no position “${row.position ?? ''}” on a machine “${row.machine ?? ''}”. Add it to the register first.`) // prettier-ignore
      continue
    }
    const { value: entry, refusal } = attempt(() => parseInput(FittedEntry, entryOf(row), 'path'))
    if (!entry) {
      tell('refused', `${refusal.message}. ${refusal.fix}`)
      continue
    }
    const at = there.get(positionId) ?? (await placeOf(db, who.siteId, positionId, asOf))
    there.set(positionId, at)
    const { others, ran } = at
    if (
      others.some(
        (one) =>
          one.designation === entry.designation && one.fitted_on === entry.fittedOn && one.out_on === entry.outOn,
      )
    ) {
      // prettier-ignore
      tell('same', null)
      continue
    }
    const clash = attempt(() => (checkPlace(entry, others, asOf), true)).refusal
    if (clash) {
      tell('refused', `${clash.message}. ${clash.fix}`)
      continue
    }
    others.push({ id: positionId, designation: entry.designation, fitted_on: entry.fittedOn, out_on: entry.outOn })
    taken++
    const bearingType = typeOf(entry.designation, references)
    tell('new', bearingType ? null : `Bearing “${entry.designation}” is not in the catalogue.`)
    if (!save) continue
    await addBearing(db, who, positionId, entry, { bearingType, source: 'file', hoursH: hoursRun(entry, ran) })
  }
  if (save) await recordEvent(db, who, { kind: 'log.imported', subjectId: who.siteId, detail: { taken } })
  return { saved: save, taken, lines }
}

/** What has to be known of a position to take its bearings in: those it has, and how many hours its machine ran. */
async function placeOf(db: pg.PoolClient, siteId: string, positionId: string, asOf: string) {
  const place = await getPlace(db, siteId, positionId)
  const hours = await hoursOf(db, [place], asOf)
  const others = await listOf(db, siteId, positionId)
  return { others, ran: (from: string, to: string) => hours(place, from, to) }
}

/** Cells as the schema takes them: an empty one is none. */
function entryOf(row: Row): Record<string, unknown> {
  const { bearing, fitted_on: fittedOn, out_on: outOn, hours, ended, cause, batch, note } = row
  const ending = ended?.toLowerCase()
  const number = hours ? Number(hours.replace(',', '.')) : NaN
  const given: Record<string, unknown> = {
    designation: bearing,
    fittedOn,
    outOn: outOn || undefined,
    hoursH: hours ? (Number.isNaN(number) ? hours : number) : undefined,
    ended: ending ? (outReasons.find((one) => one === ending) ?? ending) : undefined,
    cause: cause || undefined,
    batch: batch || undefined,
    note: note || undefined,
  }
  return Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
}
