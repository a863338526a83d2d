import { createCalculations, InputError, runCalculation, type References } from '@yardfrost/core'
import express, { Router } from 'express'
import { rateLimit } from 'express-rate-limit'
import { NotFoundError } from '../errors/not-found-error.ts'

/** Longest list of inputs in one request. */
const longestList = 5000

/** The calculations by name: pure arithmetic on what is sent, so no sign-in. */
export function calcRoutes(references: References): Router {
  const calculations = createCalculations(references)
  const router = Router()
  router.use('/calc', rateLimit({ windowMs: 60_000, limit: 1200, legacyHeaders: false, standardHeaders: 'draft-8' }))

  router.get('/calc', (_request, response) => {
    response.json([...calculations.values()].map(({ name, title, source }) => ({ name, title, source })))
  })

  router.post('/calc/:name', express.json({ limit: '4mb', strict: false }), (request, response) => {
    const calculation = calculations.get(request.params.name)
    if (!calculation) throw new NotFoundError('calculation', request.params.name)
    const input: unknown = request.body
    if (Array.isArray(input) && input.length > longestList) {
      throw new InputError({
        code: 'OUT_OF_RANGE',
        field: 'input',
        value: `a list of ${input.length}`,
        allowed: `a list of at most ${longestList}`,
        fix: 'Send the list in parts.',
      })
    }
    response.json(runCalculation(calculation, input))
  })

  return router
}
