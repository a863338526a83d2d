import { hash } from '@node-rs/argon2'
import type { Role } from '@yardfrost/contract'
import { emptyPosition, RollingPosition, type References } from '@yardfrost/core'
import type pg from 'pg'
import { addAccount } from '../src/store/accounts.ts'
import { insertMember } from '../src/store/people.ts'
import { loadReferences } from '../src/reference-files.ts'
import { judgement } from '../src/bench/judgement.ts'
import { addPosition } from '../src/bench/add-position.ts'

export interface SeededSite {
  siteId: string
  machineId: string
  positionId: string
}

export const password = 'a long enough one'

/** A site with one pump, one position and an account of each role, named after the site. */
export async function seedSite(pool: pg.Pool, references: References, name: string): Promise<SeededSite> {
  const id = async (text: string, values: unknown[]): Promise<string> => (await pool.query(text, values)).rows[0].id
  const siteId = await id('insert into site (name) values ($1) returning id', [name])
  const passwordHash = await hash(password, { memoryCost: 1024, timeCost: 1 })
  for (const role of ['technician', 'planner', 'viewer'] satisfies Role[])
    await insertMember(pool, {
      siteId,
      accountId: (await addAccount(pool, `${role}@${name}`, passwordHash)) ?? '',
      name: `${role} of ${name}`,
      role,
      joined: true,
    })
  const areaId = await id('insert into area (site_id, name, walk_order) values ($1, $2, 0) returning id', [
    siteId,
    'Hall',
  ])
  await id('insert into area (site_id, name, walk_order) values ($1, $2, 1) returning id', [siteId, 'Empty shed'])
  const machineId = await id(
    `insert into machine (site_id, area_id, tag, name, kind, duty, walk_order)
     values ($1, $2, 'P-1', 'Pump', 'pump', 'round-the-clock', 0) returning id`,
    [siteId, areaId],
  )
  const inputs = seededInputs()
  const judged = judgement(inputs, { kind: 'pump', duty: 'round-the-clock' }, references)
  const place = { siteId, machineId, name: 'Drive end', walkOrder: 0, accountId: null }
  const positionId = await addPosition(pool, { ...place, inputs }, judged)
  return { siteId, machineId, positionId }
}

/** A machine of a site with many positions, all as the seeded one. */
export async function seedLine(
  { database: { pool }, site: { siteId, machineId: beside } }: { database: { pool: pg.Pool }; site: SeededSite },
  count: number,
): Promise<{ machineId: string; positionIds: string[] }> {
  const { rows } = await pool.query(
    `insert into machine (site_id, area_id, tag, name, kind, duty, walk_order)
     select site_id, area_id, $2, 'Line shaft', kind, duty, $3 from machine where id = $1 returning id`,
    [beside, `L-${count}`, count],
  )
  const machineId: string = rows[0].id
  const inputs = seededInputs()
  const judged = judgement(inputs, { kind: 'pump', duty: 'round-the-clock' }, loadReferences())
  const positionIds: string[] = []
  for (let walkOrder = 0; walkOrder < count; walkOrder++) {
    const name = `Plummer block ${walkOrder + 1}, drive side`
    positionIds.push(await addPosition(pool, { siteId, machineId, name, walkOrder, inputs, accountId: null }, judged))
  }
  return { machineId, positionIds }
}

/** Inputs the seeded position starts with. */
export function seededInputs(): RollingPosition {
  const empty = emptyPosition()
  return RollingPosition.parse({
    ...empty,
    bearing: { ...empty.bearing, designation: '6214-C3', requiredClearance: 'C3' },
    load: { ...empty.load, radialN: 4000, speedRpm: 1480 },
    seat: { ...empty.seat, loadCase: 'inner-turns' },
  })
}
