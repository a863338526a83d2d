import type { FittedTaken } from '@yardfrost/contract'
import { attempt, FittedEntry, InputError, outReasons, parseInput, type References } from '@yardfrost/core'
import { CsvError, parse } from 'csv-parse/sync'
import type pg from 'pg'
import { today } from '../round/today.ts'
import { recordEvent, type Who } from '../store/audit.ts'
import { addBearing, getPlace, hoursOf, listOf, namePositions } from '../store/log.ts'
import { checkPlace, hoursRun, typeOf } from './add-fitted.ts'

/** Columns of a file; the first four it must have. */
const columns = ['machine', 'position', 'bearing', 'fitted_on', 'out_on', 'hours', 'ended', 'cause', 'batch', 'note', 'area', 'source'] as const // prettier-ignore
const needed = columns.slice(0, 4)
type Row = Partial<Record<(typeof columns)[number], string>>

const mostLines = 20_000
const refuse = (value: string, allowed: string, fix: string): InputError =>
  new InputError({ code: 'UNREADABLE', field: 'csv', value, allowed, fix })

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
  const there = new Map<string, Awaited<ReturnType<typeof listOf>>>()
  const lines: FittedTaken['lines'] = []
  let taken = 0
  for (const { row, line } of readRows(csv)) {
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
    const others = there.get(positionId) ?? (await listOf(db, who.siteId, positionId))
    there.set(positionId, others)
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
    tell('new', typeOf(entry, references) ? null : `Bearing “${entry.designation}” is not in the catalogue.`)
    if (!save) continue
    const at = await getPlace(db, who.siteId, positionId)
    const hours = await hoursOf(db, [at], asOf)
    const hoursH = hoursRun(entry, (from, to) => hours(at, from, to))
    await addBearing(db, who, positionId, entry, { bearingType: typeOf(entry, references), source: 'file', hoursH })
  }
  if (save) await recordEvent(db, who, { kind: 'log.imported', subjectId: who.siteId, detail: { taken } })
  return { saved: save, taken, lines }
}

function readRows(csv: string): { row: Row; line: number }[] {
  const [head = ''] = csv.split(/\r?\n/, 1)
  const delimiter = [';', '\t'].find((mark) => head.includes(mark)) ?? ','
  try {
    const rows = parse(csv, { bom: true, columns: checkedHead, delimiter, info: true, relax_column_count: true, skip_empty_lines: true, trim: true }) as unknown as { record: Row; info: { lines: number } }[] // prettier-ignore
    if (rows.length > mostLines)
      throw refuse(`a file of ${rows.length} lines`, `at most ${mostLines} lines`, 'Bring it in in parts.')
    return rows.map(({ record, info }) => ({ row: record, line: info.lines }))
  } catch (error) {
    if (!(error instanceof CsvError)) throw error
    throw refuse(`not readable: ${error.message}`, 'lines of separated values', 'Save the sheet as CSV again.')
  }
}

function checkedHead(given: string[]): string[] {
  const head = given.map((name) => name.trim().toLowerCase().replace(/[\s-]+/g, '_')) // prettier-ignore
  const missing = needed.filter((name) => !head.includes(name))
  if (missing.length > 0)
    throw refuse(`a file without the column ${missing.join(', ')}`, `a file whose first line names ${columns.join(', ')}`, 'Take the exported log as the pattern.') // prettier-ignore
  const strange = head.find((name) => !columns.some((column) => column === name))
  if (strange !== undefined)
    throw refuse(
      `a file with the column “${strange}”`,
      `no columns but ${columns.join(', ')}`,
      'Leave that column out.',
    )
  return head
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
