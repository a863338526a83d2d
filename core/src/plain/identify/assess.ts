import type { PlainPosition } from '../../kinds/plain/position.ts'
import { assessLens, type LensAssessment } from '../../working/assessment.ts'
import { identifyChecks } from './checks.ts'
import { identifyFigures } from './figures.ts'
import type { IdentifyOutcome } from './work-out.ts'

/** What the bearing is: form, sizes, material. */
export const assessIdentify = (position: PlainPosition, outcome: IdentifyOutcome): LensAssessment<'identify'> =>
  assessLens({
    lens: 'identify',
    headline: 'designation',
    figures: identifyFigures(position, outcome),
    checks: identifyChecks(position, outcome),
  })
