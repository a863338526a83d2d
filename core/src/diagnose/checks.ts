import { now, type Check } from '../working/check.ts'
import * as words from './words.ts'
import type { DiagnoseOutcome } from './work-out.ts'

/** The verdicts of Diagnose: marks were found, so somebody will act. */
export function diagnoseChecks({ ranking }: DiagnoseOutcome): Check[] {
  const top = ranking?.causes[0]
  if (!ranking || !top) return []
  const fix = top.fix.find(({ when }) => when === 'machine')?.do ?? null
  const said =
    ranking.verdict === 'open'
      ? words.undecided(top.title, top.probability)
      : words.likely(top.title, top.probability, ranking.unexplained.length > 0, fix)
  const values = { cause: top.cause, probability: top.probability }
  return [now('cause', 'watch', said, { values, field: 'diagnose.seen' })]
}
