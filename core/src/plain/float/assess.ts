import type { PlainPosition } from '../../kinds/plain/position.ts'
import { assessLens, type LensAssessment } from '../../working/assessment.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import { floatChecks } from './checks.ts'
import { floatFigures } from './figures.ts'
import type { FloatOutcome } from './work-out.ts'

/** Whether clearance is left when it runs, and whether the shaft has its room. */
export const assessFloat = (
  position: PlainPosition,
  carry: CarryOutcome,
  outcome: FloatOutcome,
): LensAssessment<'float'> =>
  assessLens({
    lens: 'float',
    headline: 'hot',
    figures: floatFigures(position, carry, outcome),
    checks: floatChecks(outcome),
  })
