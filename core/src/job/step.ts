import { jobStepSchema } from '../model/upgrade/job-step.ts'
import type { Gives, JobReading, JobStep } from '../model/job.ts'

// How the steps of every kind of work are put together.

/** What is done at a step, and what can hurt somebody there. */
export interface Procedure {
  does: string[]
  cautions: string[]
}

/** A position that is worked on, as its steps name it. */
export interface At {
  id: string
  name: string
}

type Rest = Partial<Omit<JobReading, 'key' | 'label'>>

export const reading = (key: string, label: string, rest: Rest & Pick<JobReading, 'kind'>): JobReading => ({
  key,
  label,
  quantity: 'ratio',
  decimals: 0,
  low: null,
  high: null,
  expected: null,
  needed: true,
  gives: null,
  ...rest,
})
export const yes = (key: string, label: string): JobReading => reading(key, label, { kind: 'yes', expected: 'yes' })
export const words = (key: string, label: string, needed = true): JobReading =>
  reading(key, label, { kind: 'text', needed })

export const millimetres = (decimals: number, rest: Rest = {}): Rest & Pick<JobReading, 'kind'> => ({
  kind: 'number',
  quantity: 'length',
  decimals,
  ...rest,
})

/**
 * One step.
 *
 * @param stage - what is done, the same in every job of its kind
 * @param position - null for the machine as a whole
 */
export function step(
  stage: string,
  title: string,
  position: At | null,
  { does, cautions }: Procedure,
  rest: Partial<Pick<JobStep, 'readings' | 'lens' | 'heat' | 'guard'>> = {},
): JobStep {
  return {
    schema: jobStepSchema,
    stage,
    key: position ? `${stage}:${position.id}` : stage,
    title,
    position: position && { id: position.id, name: position.name },
    does,
    cautions,
    readings: [],
    lens: null,
    heat: null,
    // Bench work may go ahead; everything else touches the machine.
    guard: 'locked-out',
    ...rest,
  }
}

/** A reading that gives a figure of the position. */
export const giving = (gives: Gives): Pick<JobReading, 'gives'> => ({ gives })

/** How a step is named where a job has several positions. */
export type Title = (what: string) => string
