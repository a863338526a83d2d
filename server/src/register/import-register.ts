import {
  MachineEntry,
  type PositionKind,
  type ImportLine,
  type ImportReport,
  type MachineDetail,
} from '@yardfrost/contract'
import { attempt, InputError, lookUpBearing, parseInput, type References } from '@yardfrost/core'
import type pg from 'pg'
import type { Who } from '../store/audit.ts'
import { findByTag } from '../store/machines.ts'
import { addMachine } from './add-machine.ts'
import { saveMachine } from './save-machine.ts'
import { readLines, type ReadLine } from './read-lines.ts'

/** What the lines of one machine come to. */
interface Plan {
  entry: MachineEntry | null
  /** The machine as it is; null for a new one. */
  before: MachineDetail | null
  changed: boolean
  lines: ImportLine[]
}

/**
 * Brings a CSV file into the register, or says what it would do.
 *
 * All that is good is saved. A machine with one refused line is left out whole, positions that the file
 * does not name stay, and a position whose bearing changes is judged anew.
 *
 * @param save - false for a trial run
 * @throws InputError on `csv` for a file that cannot be read at all
 */
export async function importRegister(
  db: pg.PoolClient,
  references: References,
  who: Who,
  { csv, save }: { csv: string; save: boolean },
): Promise<ImportReport> {
  const machines = new Map<string, ReadLine[]>()
  for (const line of readLines(csv)) machines.set(line.tag, [...(machines.get(line.tag) ?? []), line])
  const plans: Plan[] = []
  for (const [tag, lines] of machines) {
    const before = tag === '' ? null : await findByTag(db, who.siteId, tag)
    const plan = planOf(lines, before, references)
    plans.push(plan)
    if (!save || !plan.entry || !plan.changed) continue
    const { entry } = plan
    if (!before) await addMachine(db, references, who, entry)
    else await saveMachine(db, references, who, { machineId: before.id, version: before.version, entry })
  }
  return {
    saved: save,
    machines: plans.filter(({ entry, changed }) => entry && changed).length,
    lines: plans.flatMap(({ lines }) => lines).sort((a, b) => a.line - b.line),
  }
}

/** Columns that say something of the machine, and must say the same on each of its lines. */
const machineColumns = [
  'area', 'name', 'kind', 'duty', 'criticality', 'hours_source', 'hours_per_week',
] as const // prettier-ignore

function planOf(lines: readonly ReadLine[], before: MachineDetail | null, { catalogue }: References): Plan {
  const refusals = refusalsOf(lines, before)
  const [first] = lines
  const { value: entry, refusal } = attempt(() => {
    if (refusals.size > 0 || !first?.read) return null
    return parseInput(MachineEntry, entryOf(lines, first.read, before), 'path')
  })
  if (refusal && first) refusals.set(first.line, refusal)
  const [wrongLine] = refusals.keys()
  const machineChanged = entry !== null && (!before || differs(entry, before))
  const known = new Map(before?.positions.map(({ name, kind, designation }) => [name, bearingOf(kind, designation)]))
  const outcomes = lines.map(({ line, tag, read }): ImportLine => {
    const wrong = refusals.get(line)
    if (wrong) return { line, tag, outcome: 'refused', message: `${wrong.message}. ${wrong.fix}`, field: wrong.field }
    if (wrongLine !== undefined) {
      return { line, tag, outcome: 'refused', message: `Left out, because line ${wrongLine} of this machine is refused.`, field: null } // prettier-ignore
    }
    const bearing = read?.bearing ?? ''
    const positionChanged = read?.position !== '' && known.get(read?.position ?? '') !== bearing
    const unread =
      bearing !== '' && read?.position_kind !== 'plain' && lookUpBearing(bearing, catalogue).kind !== 'found'
    return {
      line,
      tag,
      outcome: !before || (positionChanged && !known.has(read?.position ?? '')) ? 'new' : machineChanged || positionChanged ? 'changed' : 'same', // prettier-ignore
      message: unread ? `Bearing “${bearing}” is not in the catalogue; the bench will say what it can of it.` : null,
      field: unread ? 'bearing' : null,
    }
  })
  return {
    entry,
    before,
    changed: outcomes.some(({ outcome }) => outcome === 'new' || outcome === 'changed'),
    lines: outcomes,
  }
}

/** Bearing of a position as a file has it: that of a plain one follows from its sizes. */
const bearingOf = (kind: PositionKind, designation: string | null) => (kind === 'plain' ? '' : (designation ?? ''))

/** What is wrong, by line: what could not be read, and what does not go with the line above it. */
function refusalsOf(lines: readonly ReadLine[], before: MachineDetail | null): Map<number, InputError> {
  const refusals = new Map<number, InputError>()
  const pattern = lines.find(({ read }) => read)
  const seen = new Map<string, number>()
  for (const { line, read, refusal } of lines) {
    if (refusal) refusals.set(line, refusal)
    if (!read || !pattern?.read) continue
    const other = machineColumns.find((column) => read[column] !== pattern.read?.[column])
    if (other) refusals.set(line, disagrees(other, read[other], `${String(pattern.read[other])}, as line ${pattern.line} of this machine has it`)) // prettier-ignore
    const twin = seen.get(read.position)
    if (twin !== undefined) refusals.set(line, disagrees('position', read.position, `another name than on line ${twin} of this machine`)) // prettier-ignore
    seen.set(read.position, line)
    if (before?.retiredAt) refusals.set(line, disagrees('tag', read.tag, 'the tag of a machine in service; this one is retired')) // prettier-ignore
  }
  return refusals
}

const disagrees = (field: string, value: unknown, allowed: string): InputError =>
  new InputError({ code: 'FIELDS_DISAGREE', field, value, allowed, fix: 'Correct the line in the file.' })

function entryOf(
  lines: readonly ReadLine[],
  read: NonNullable<ReadLine['read']>,
  before: MachineDetail | null,
): object {
  const { area, tag, name, kind, duty, criticality, hours_source: hoursSource, hours_per_week: hoursPerWeek } = read
  const given = lines.flatMap((line) => (line.read && line.read.position !== '' ? [line.read] : []))
  const bearings = new Map(given.map(({ position, bearing }) => [position, bearing]))
  const kept = before?.positions.map(({ id, name: position, kind: lies, designation }) => ({
    id,
    name: position,
    designation: bearings.get(position) ?? bearingOf(lies, designation),
  }))
  const names = new Set(kept?.map((position) => position.name))
  const added = given.filter(({ position }) => !names.has(position))
  return {
    ...{ area, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek },
    positions: [
      ...(kept ?? []),
      ...added.map(({ position, bearing, position_kind: lies }) => ({
        name: position,
        kind: lies,
        designation: bearing,
      })),
    ],
  }
}

const differs = (entry: MachineEntry, before: MachineDetail): boolean =>
  (['area', 'name', 'kind', 'duty', 'criticality', 'hoursSource', 'hoursPerWeek'] as const).some(
    (field) => entry[field] !== before[field],
  )
