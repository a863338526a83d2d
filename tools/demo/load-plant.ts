import { hash } from '@node-rs/argon2'
import type { ShaftLine } from '@yardfrost/core'
import {
  emptyPlain,
  emptyPosition,
  PlainPosition,
  RollingPosition,
  SiteGivens,
  type Duty,
  type MachineKind,
  type Position,
  type References,
} from '@yardfrost/core'
import type { MachineEntry } from '@yardfrost/contract'
import { loadDemoJobs } from './jobs.ts'
import { loadDemoLog } from './log.ts'
import { loadDemoRounds } from './rounds.ts'
import { loadDemoShelf } from './shelf.ts'
import {
  addAccount,
  addPosition,
  insertMember,
  inTransaction,
  judgement,
  savePosition,
  type Db,
} from '@yardfrost/server'
import type pg from 'pg'
import { z } from 'zod'
import {
  type DemoPlain,
  type DemoPosition,
  type DemoMachine,
  areas,
  siteName,
  siteSettings,
  shaftOf,
  demoAccounts,
} from './plant.ts'

const site = SiteGivens.parse(siteSettings)

const isPlain = (position: DemoPosition | DemoPlain): position is DemoPlain => 'plain' in position

const isRolling = (position: DemoPosition | DemoPlain): position is DemoPosition => !isPlain(position)

/** Every plain bearing of the demo site with its inputs, in walking order. */
export const demoPlain = (): { tag: string; kind: MachineKind; duty: Duty; name: string; inputs: PlainPosition }[] =>
  areas.flatMap(({ machines }) =>
    machines.flatMap(({ tag, kind, duty, positions }) =>
      positions
        .filter(isPlain)
        .map((position) => ({ tag, kind, duty, name: position.name, inputs: plainOf(position) })),
    ),
  )

/** Every rolling bearing of the demo site with its inputs, in walking order. */
export function demoPositions(): {
  tag: string
  kind: MachineKind
  duty: Duty
  shaft: ShaftLine | null
  name: string
  inputs: RollingPosition
}[] {
  return areas.flatMap(({ machines }) =>
    machines.flatMap((machine) => {
      const { tag, kind, duty, positions } = machine
      const shaft = shaftOf(machine)
      return positions.filter(isRolling).map((position) => ({
        tag,
        kind,
        duty,
        shaft,
        name: position.name,
        inputs: positionOf(position),
      }))
    }),
  )
}

/** Fills an empty database with the demo site; tells whether it did. */
export async function loadDemoSite(pool: pg.Pool, references: References): Promise<boolean> {
  const loaded = await loadSite(pool, references)
  if (!loaded) return false
  await loadDemoLog(pool, references)
  await loadDemoJobs(pool, references)
  await loadDemoRounds(pool, references)
  await loadDemoShelf(pool)
  return true
}

async function loadSite(pool: pg.Pool, references: References): Promise<boolean> {
  const hashed = new Map<string, string>()
  return inTransaction(pool, async (db) => {
    // Two servers may start together on one new database.
    await db.query('lock table site in share row exclusive mode')
    const { rowCount } = await db.query('select 1 from site limit 1')
    if (rowCount) return false
    for (const { login, password } of demoAccounts) hashed.set(login, await hash(password))
    const siteId = await insert(db, 'insert into site (name, demo, settings) values ($1, true, $2) returning id', [
      siteName,
      JSON.stringify(siteSettings),
    ])
    let accountId: string | null = null
    for (const { login, name, role } of demoAccounts) {
      const id = await addAccount(db, login, hashed.get(login) ?? null)
      if (id === null) throw new Error(`${login} signs in here already`)
      await insertMember(db, { siteId, accountId: id, name, role, joined: true })
      accountId ??= id
    }
    for (const [order, area] of areas.entries()) {
      const areaId = await insert(db, 'insert into area (site_id, name, walk_order) values ($1, $2, $3) returning id', [
        siteId,
        area.name,
        order,
      ])
      for (const [machineOrder, machine] of area.machines.entries())
        await addMachine(db, { siteId, areaId, accountId, references }, machine, machineOrder)
    }
    return true
  })
}

/** What hangs on a machine, and where its hours come from: by its duty, as the saltworks has it. */
function registered({ duty, tag }: DemoMachine): Pick<MachineEntry, 'criticality' | 'hoursSource' | 'hoursPerWeek'> {
  const criticality = duty === 'main-process' ? 'vital' : duty === 'round-the-clock' ? 'important' : 'minor'
  if (duty === 'spindle') return { criticality, hoursSource: 'shifts', hoursPerWeek: 37.5 }
  const metered = duty === 'intermittent' || tag.startsWith('BP')
  return { criticality, hoursSource: metered ? 'meter' : 'clock', hoursPerWeek: null }
}

async function addMachine(
  db: pg.PoolClient,
  at: { siteId: string; areaId: string; accountId: string | null; references: References },
  machine: DemoMachine,
  order: number,
): Promise<void> {
  const { tag, name, kind, duty } = machine
  const { criticality, hoursSource, hoursPerWeek } = registered(machine)
  const shaft = shaftOf(machine)
  const machineId = await insert(
    db,
    `insert into machine (site_id, area_id, tag, name, kind, duty, criticality, hours_source, hours_per_week, walk_order,
       shaft_line, shaft_version)
     values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12) returning id`,
    [
      ...[at.siteId, at.areaId, tag, name, kind, duty, criticality, hoursSource, hoursPerWeek, order],
      ...[shaft && JSON.stringify(shaft), shaft ? 1 : 0],
    ],
  )
  const keepDate = async (positionId: string, daysAgo: number) => {
    for (const table of ['position', 'position_revision'])
      await db.query(
        `update ${table} set saved_at = now() - make_interval(days => $2)
         where ${table === 'position' ? 'id' : 'position_id'} = $1
           and version = (select version from position where id = $1)`,
        [positionId, daysAgo],
      )
  }
  for (const [walkOrder, position] of machine.positions.entries()) {
    const judge = (inputs: Position) =>
      judgement(inputs, { kind, duty, shaft, position: position.name, site }, at.references)
    const [first, ...later] = savesOf(position, 30 + 7 * walkOrder + 3 * order)
    const { siteId, accountId } = at
    const place = { siteId, machineId, name: position.name, walkOrder, accountId }
    const id = await addPosition(db, { ...place, inputs: first.inputs }, judge(first.inputs))
    await keepDate(id, first.daysAgo)
    for (const [index, { daysAgo, inputs }] of later.entries()) {
      await savePosition(db, at.references, { siteId, accountId }, { positionId: id, version: index + 1, inputs })
      await keepDate(id, daysAgo)
    }
  }
}

/** How a position was saved, oldest first. @param daysAgo - of the last save, where the demo says nothing */
function savesOf(position: DemoPosition | DemoPlain, daysAgo: number): [Saved, ...Saved[]] {
  if (isPlain(position)) return [{ daysAgo: position.savedDaysAgo ?? daysAgo, inputs: plainOf(position) }]
  const { past = [], savedDaysAgo = daysAgo, ...now } = position
  const saves: Saved[] = past.map(({ daysAgo: then, ...was }) => ({
    daysAgo: then,
    inputs: positionOf(mergedInto(now, was)),
  }))
  const last: Saved = { daysAgo: savedDaysAgo, inputs: positionOf(now) }
  const [first, ...later] = saves
  return first ? [first, ...later, last] : [last]
}

interface Saved {
  daysAgo: number
  inputs: Position
}

function plainOf({ plain }: DemoPlain): PlainPosition {
  const empty = emptyPlain()
  const groups = Object.entries(plain).map(([group, fields]) => [
    group,
    { ...empty[group as keyof typeof plain], ...fields },
  ])
  return PlainPosition.parse({ ...empty, ...(Object.fromEntries(groups) as object) })
}

/** A position as it stood once: today's, with some fields otherwise. */
const mergedInto = (now: DemoPosition, then: Partial<DemoPosition>): DemoPosition => ({
  ...now,
  bearing: { ...now.bearing, ...then.bearing },
  load: { ...now.load, ...then.load },
  seat: { ...now.seat, ...then.seat },
  float: { ...now.float, ...then.float },
  grease: { ...now.grease, ...then.grease },
})

function positionOf({ bearing, identify, load, seat, mount, float, grease, diagnose }: DemoPosition): RollingPosition {
  const empty = emptyPosition()
  return RollingPosition.parse({
    bearing: { ...empty.bearing, ...bearing },
    identify: { ...empty.identify, ...identify },
    load: { ...empty.load, ...load },
    seat: { ...empty.seat, ...seat },
    mount: { ...empty.mount, ...mount },
    float: { ...empty.float, ...float },
    grease: { ...empty.grease, ...grease },
    diagnose: { ...empty.diagnose, ...diagnose },
  })
}

async function insert(db: Db, text: string, values: unknown[]): Promise<string> {
  const { rows } = await db.query<{ id: unknown }>(text, values)
  return z.uuid().parse(rows[0]?.id)
}
