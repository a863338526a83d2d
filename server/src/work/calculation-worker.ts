import { createCalculations, runCalculation } from '@yardfrost/core'
import { loadReferences } from '../reference-files.ts'

// Runs in a thread of its own: whatever it takes, the server goes on answering.

/** What a worker is asked: one calculation on a list, and how much it may answer. */
export interface CalculationTask {
  name: string
  inputs: unknown[]
  /** Characters of the answer. */
  mostText: number
}
/** The answer as JSON, or how far it came before it was too long. */
export type CalculationAnswer = { json: string } | { tooLongAfter: number }

const calculations = createCalculations(loadReferences())

export default function calculate({ name, inputs, mostText }: CalculationTask): CalculationAnswer {
  const calculation = calculations.get(name)
  if (!calculation) throw new Error(`no calculation ${name}`)
  const parts: string[] = []
  let length = 0
  for (const [index, input] of inputs.entries()) {
    const [answer] = runCalculation(calculation, [input]) as [object]
    const text = JSON.stringify(answer)
    length += text.length + 1
    if (length > mostText) return { tooLongAfter: index }
    parts.push(text)
  }
  return { json: `[${parts.join(',')}]` }
}
