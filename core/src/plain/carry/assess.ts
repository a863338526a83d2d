import type { PlainPosition } from '../../kinds/plain/position.ts'
import { assessLens, type LensAssessment } from '../../working/assessment.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import { carryChecks } from './checks.ts'
import { carryFigures } from './figures.ts'
import type { CarryOutcome } from './work-out.ts'

/** Whether a film carries the journal, or how long the bush wears. */
export const assessCarry = (
  position: PlainPosition,
  identify: IdentifyOutcome,
  outcome: CarryOutcome,
): LensAssessment<'carry'> =>
  assessLens({
    lens: 'carry',
    headline: outcome.onFilm ? 'film' : 'life',
    figures: carryFigures(position, identify, outcome),
    checks: carryChecks(position, identify, outcome),
  })
