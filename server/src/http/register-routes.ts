import { AddMachine, RegisterQuery, RenameArea, RetireMachine, SaveMachine, WalkAreas } from '@yardfrost/contract'
import { InputError, parseInput, type References } from '@yardfrost/core'
import express, { Router, type Request } from 'express'
import type pg from 'pg'
import { z } from 'zod'
import { NotFoundError } from '../errors/not-found-error.ts'
import { importRegister } from '../register/import-register.ts'
import { writeLines } from '../register/write-lines.ts'
import { listAreas, renameArea, walkAreas } from '../store/areas.ts'
import { inTransaction } from '../store/database.ts'
import { addMachine, getMachine, retireMachine, saveMachine, searchRegister } from '../store/machines.ts'
import { accountOf, maySave, signedIn } from './access.ts'

const registrarOf = (request: Request) => {
  const { siteId, id } = accountOf(request)
  return { siteId, accountId: id }
}
const machineIdOf = (request: Request): string => String(request.params['id'])

/** The machine register of the site of whoever is signed in: search, entries, retirement, CSV both ways. */
export function registerRoutes(pool: pg.Pool, references: References): Router {
  const router = Router()
  router.use(['/register', '/areas', '/machines'], signedIn(pool))
  router.param('id', (_request, _response, next, id: string) => {
    next(z.uuid().safeParse(id).success ? undefined : new NotFoundError('machine', id))
  })

  router.get('/register', async (request, response) => {
    const query = parseInput(RegisterQuery, request.query)
    response.json(await searchRegister(pool, accountOf(request).siteId, query))
  })

  router.get('/register.csv', signedIn(pool), async (request, response) => {
    const everything = { ...RegisterQuery.parse({}), limit: 1_000_000 }
    const { machines } = await searchRegister(pool, accountOf(request).siteId, everything)
    response.type('text/csv').attachment('register.csv').send(writeLines(machines))
  })

  router.post(
    '/register/import',
    maySave,
    express.text({ type: 'text/csv', limit: '4mb' }),
    async (request, response) => {
      const csv: unknown = request.body
      if (typeof csv !== 'string' || csv.trim() === '') {
        const fix = 'Choose a file of the register, saved as CSV.'
        throw new InputError({ code: 'MISSING', field: 'csv', value: undefined, allowed: 'a file of CSV lines', fix })
      }
      const { save } = parseInput(z.strictObject({ save: z.stringbool().default(false) }), request.query)
      response.json(await importRegister(pool, references, registrarOf(request), { csv, save }))
    },
  )

  router.get('/areas', async (request, response) => {
    response.json(await listAreas(pool, accountOf(request).siteId))
  })

  router.put('/areas/name', maySave, async (request, response) => {
    const rename = parseInput(RenameArea, request.body, 'path')
    response.json(await inTransaction(pool, (db) => renameArea(db, registrarOf(request), rename)))
  })

  router.put('/areas/order', maySave, async (request, response) => {
    const walk = parseInput(WalkAreas, request.body, 'path')
    response.json(await inTransaction(pool, (db) => walkAreas(db, registrarOf(request), walk)))
  })

  router.post('/machines', maySave, async (request, response) => {
    const registrar = registrarOf(request)
    const { entry, copyOf } = parseInput(AddMachine, request.body, 'path')
    const machine = await inTransaction(pool, async (db) =>
      getMachine(db, registrar.siteId, await addMachine(db, references, registrar, entry, copyOf)),
    )
    response.status(201).json(machine)
  })

  router.get('/machines/:id', async (request, response) => {
    response.json(await getMachine(pool, accountOf(request).siteId, machineIdOf(request)))
  })

  router.put('/machines/:id', maySave, async (request, response) => {
    const registrar = registrarOf(request)
    const machineId = machineIdOf(request)
    const { version, entry } = parseInput(SaveMachine, request.body, 'path')
    const machine = await inTransaction(pool, async (db) => {
      await saveMachine(db, references, registrar, { machineId, version, entry })
      return getMachine(db, registrar.siteId, machineId)
    })
    response.json(machine)
  })

  router.put('/machines/:id/service', maySave, async (request, response) => {
    const registrar = registrarOf(request)
    const machineId = machineIdOf(request)
    const { version, retired } = parseInput(RetireMachine, request.body, 'path')
    const machine = await inTransaction(pool, async (db) => {
      await retireMachine(db, registrar, { machineId, version, retired })
      return getMachine(db, registrar.siteId, machineId)
    })
    response.json(machine)
  })

  return router
}
