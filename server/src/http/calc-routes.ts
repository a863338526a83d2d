import { createCalculations, InputError, runCalculation, type References } from '@yardfrost/core'
import { NotFoundError } from '../errors/not-found-error.ts'
import type { CalculationPool } from '../work/calculation-pool.ts'
import type { Serve } from './serve.ts'

/** Longest list of inputs in one request. */
const longestList = 5000

/** The calculations by name: pure arithmetic on what is sent, so no sign-in. Lists are worked in threads of their own. */
export function calcRoutes(serve: Serve, references: References, pool: CalculationPool): void {
  const calculations = createCalculations(references)

  serve('calculations', () => [...calculations.values()].map(({ name, title, source }) => ({ name, title, source })))

  serve('calculate', async ({ params, body: input, response }) => {
    const calculation = calculations.get(params.name)
    if (!calculation) throw new NotFoundError('calculation', params.name, 'GET /api/calc lists their names.')
    if (!Array.isArray(input)) return runCalculation(calculation, input)
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
    return undefined
  })
}
