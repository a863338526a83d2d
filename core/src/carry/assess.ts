import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { carryChecks } from './checks.ts'
import { carryFigures } from './figures.ts'
import { endOf, type CarryOutcome } from './work-out.ts'

/** How long the bearing lasts under this load, and whether it can take the load at all. */
export const assessCarry = (
  position: RollingPosition,
  machine: Machine,
  outcome: CarryOutcome,
): LensAssessment<'carry'> =>
  assessLens({
    lens: 'carry',
    headline: endOf(outcome)?.end === 'grease' ? 'ends' : 'life',
    figures: carryFigures(position, machine, outcome),
    checks: carryChecks(position, outcome),
  })
