import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { diagnoseChecks } from './checks.ts'
import { diagnoseFigures } from './figures.ts'
import { cautions } from './words.ts'
import type { DiagnoseOutcome } from './work-out.ts'

/** What the marks say, what to look at next, and where damage shows in a spectrum. */
export const assessDiagnose = (outcome: DiagnoseOutcome): LensAssessment<'diagnose'> =>
  assessLens({
    lens: 'diagnose',
    headline: 'cause',
    figures: diagnoseFigures(outcome),
    checks: diagnoseChecks(outcome),
    cautions: outcome.begun ? cautions : [],
    begun: outcome.begun,
  })
