import type { RollingPosition } from '../kinds/rolling/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { greaseCautions } from './cautions.ts'
import { greaseChecks } from './checks.ts'
import { greaseFigures } from './figures.ts'
import type { GreaseOutcome } from './work-out.ts'

/** How often and how much to grease, whether the film holds, and whether two greases may mix. */
export function assessGrease(position: RollingPosition, outcome: GreaseOutcome): LensAssessment<'grease'> {
  const { nu40Cst, runningC, thickener, gramsPerStroke, cleanliness } = position.grease
  return assessLens({
    lens: 'grease',
    headline: 'interval',
    figures: greaseFigures(position, outcome),
    checks: greaseChecks(position, outcome),
    cautions: greaseCautions(position),
    begun: [nu40Cst, runningC, thickener, gramsPerStroke, cleanliness].some((value) => value !== null),
  })
}
