import { createCalculations, InputError, runCalculation, type References } from '@yardfrost/core'
import express, { Router } from 'express'
import { rateLimit } from 'express-rate-limit'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { CalculationPool } from '../work/calculation-pool.ts'

/** Longest list of inputs in one request. */
const longestList = 5000

/** The calculations by name: pure arithmetic on what is sent, so no sign-in. Lists are worked in threads of their own. */
export function calcRoutes(references: References, pool: CalculationPool): Router {
  const calculations = createCalculations(references)
  const router = Router()
  router.use('/calc', rateLimit({ windowMs: 60_000, limit: 1200, legacyHeaders: false, standardHeaders: 'draft-8' }))

  router.get('/calc', (_request, response) => {
    response.json([...calculations.values()].map(({ name, title, source }) => ({ name, title, source })))
  })

  router.post('/calc/:name', express.json({ limit: '4mb', strict: false }), async (request, response) => {
    const calculation = calculations.get(String(request.params['name']))
    if (!calculation) throw new NotFoundError('calculation', String(request.params['name']))
    const input: unknown = request.body
    if (!Array.isArray(input)) return void response.json(runCalculation(calculation, input))
    if (input.length > longestList) {
      throw new InputError({
        code: 'OUT_OF_RANGE',
        field: 'input',
        value: `a list of ${input.length}`,
        allowed: `a list of at most ${longestList}`,
        fix: 'Send the list in parts.',
      })
    }
    const gone = new AbortController()
    response.on('close', () => gone.abort())
    try {
      response.type('json').send(await pool.run(calculation.name, input, gone.signal))
    } catch (error) {
      // Whoever asked has hung up: there is nobody to answer.
      if (!gone.signal.aborted) throw error
    }
  })

  return router
}
