import { Piscina } from 'piscina'
import { BudgetError } from '../errors/budget-error.ts'
import type { CalculationAnswer, CalculationTask } from './calculation-worker.ts'

/** What one request may take. */
export interface Budget {
  /** Time in the worker, waiting included, ms. */
  mostMs: number
  /** Characters of the answer. */
  mostText: number
}
export const usualBudget: Budget = { mostMs: 10_000, mostText: 8_000_000 }

/** Lists of calculations, worked in threads of their own within a budget. */
export interface CalculationPool {
  /**
   * @param gone - fires when whoever asked has hung up: the work stops at once
   * @returns the answers as JSON, in order
   * @throws BudgetError over the time or the length that a request may take, or when too many wait already
   */
  run: (name: string, inputs: unknown[], gone: AbortSignal) => Promise<string>
  stop: () => Promise<void>
}

/** Two lists at once, and some that wait: a server of two cores does no more. */
const threads = 2
const mostWaiting = 16
const idleMs = 60_000

export function openCalculationPool(budget: Budget = usualBudget): CalculationPool {
  const pool = new Piscina<CalculationTask, CalculationAnswer>({
    filename: new URL('./calculation-worker.ts', import.meta.url).href,
    execArgv: ['--import', 'tsx'],
    minThreads: 0,
    maxThreads: threads,
    maxQueue: mostWaiting,
    idleTimeout: idleMs,
  })
  return {
    run: async (name, inputs, gone) => {
      const late = AbortSignal.timeout(budget.mostMs)
      try {
        const task = { name, inputs, mostText: budget.mostText }
        const answer = await pool.run(task, { signal: AbortSignal.any([gone, late]) })
        if ('json' in answer) return answer.json
        throw new BudgetError(
          `The answers to the first ${answer.tooLongAfter + 1} of ${inputs.length} inputs are longer than the ${budget.mostText / 1e6} million characters one request may have`,
          `Send at most ${Math.max(1, answer.tooLongAfter)} at once.`,
        )
      } catch (error) {
        if (late.aborted)
          throw new BudgetError(
            `${inputs.length} inputs take longer than the ${budget.mostMs / 1000} s one request may have`,
            'Send fewer at once, or use the command line, which has no limit.',
          )
        if (error instanceof Error && /task queue/i.test(error.message))
          throw new BudgetError('Too many lists of calculations wait already', 'Send it again in a moment.')
        throw error
      }
    },
    stop: () => pool.destroy(),
  }
}
