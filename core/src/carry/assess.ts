import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { carryChecks } from './checks.ts'
import { carryFigures } from './figures.ts'
import { firstEnd } from './what-ends.ts'
import { judgedLife, type CarryOutcome } from './work-out.ts'

/** Whether its own grease is done before the raceways are. */
function endedByGrease(outcome: CarryOutcome): boolean {
  const fatigueH = judgedLife(outcome)
  return fatigueH !== null && firstEnd(fatigueH, outcome.ownGrease?.value?.hoursH ?? null).end === 'grease'
}

/** How long the bearing lasts under this load, and whether it can take the load at all. */
export const assessCarry = (
  position: RollingPosition,
  machine: Machine,
  outcome: CarryOutcome,
): LensAssessment<'carry'> =>
  assessLens({
    lens: 'carry',
    headline: endedByGrease(outcome) ? 'ends' : 'life',
    figures: carryFigures(position, machine, outcome),
    checks: carryChecks(position, outcome),
  })
