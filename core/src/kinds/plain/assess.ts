import { assessment, type Assessment } from '../../working/assessment.ts'

export type PlainAssessment = Assessment<'plain', never, Record<string, never>>

/** No lens looks at a plain bearing so far: nothing is found, and nothing is said to be well. */
export const assessPlain = (): PlainAssessment => ({ ...assessment('plain', [], {}, null, {}), state: 'open' })
