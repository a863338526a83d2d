import { RegisterQuery } from '@yardfrost/contract'
import type { References } from '@yardfrost/core'
import type pg from 'pg'
import { addMachine } from '../register/add-machine.ts'
import { importRegister } from '../register/import-register.ts'
import { renameArea } from '../register/rename-area.ts'
import { retireMachine } from '../register/retire-machine.ts'
import { saveMachine } from '../register/save-machine.ts'
import { walkAreas } from '../register/walk-areas.ts'
import { writeLines } from '../register/write-lines.ts'
import { listAreas } from '../store/areas.ts'
import { inTransaction } from '../store/database.ts'
import { getMachine, searchRegister } from '../store/machines.ts'
import type { Serve } from './serve.ts'

/** The machine register of the site of whoever is signed in: search, entries, retirement, CSV both ways. */
export function registerRoutes(serve: Serve, pool: pg.Pool, references: References): void {
  serve('searchRegister', ({ who, query }) => searchRegister(pool, who.siteId, query))
  serve('exportRegister', async ({ who, response }) => {
    const everything = { ...RegisterQuery.parse({}), limit: 1_000_000 }
    const { machines } = await searchRegister(pool, who.siteId, everything)
    response.type('text/csv').attachment('register.csv').send(writeLines(machines))
  })
  serve('importRegister', ({ who, query, body }) =>
    inTransaction(pool, (db) => importRegister(db, references, who, { csv: body, save: query.save })),
  )
  serve('areas', ({ who }) => listAreas(pool, who.siteId))
  serve('renameArea', ({ who, body }) => inTransaction(pool, (db) => renameArea(db, who, body)))
  serve('walkAreas', ({ who, body }) => inTransaction(pool, (db) => walkAreas(db, who, body)))
  serve('addMachine', ({ who, body: { entry, copyOf } }) =>
    inTransaction(pool, async (db) => getMachine(db, who.siteId, await addMachine(db, references, who, entry, copyOf))),
  )
  serve('machine', ({ who, params }) => getMachine(pool, who.siteId, params.id))
  serve('saveMachine', ({ who, params, body }) =>
    inTransaction(pool, async (db) => {
      await saveMachine(db, references, who, { ...body, machineId: params.id })
      return getMachine(db, who.siteId, params.id)
    }),
  )
  serve('retireMachine', ({ who, params, body }) =>
    inTransaction(pool, async (db) => {
      await retireMachine(db, who, { ...body, machineId: params.id })
      return getMachine(db, who.siteId, params.id)
    }),
  )
}
