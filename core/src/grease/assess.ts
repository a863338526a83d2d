import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Machine } from '../model/machine.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { greaseCautions } from './cautions.ts'
import { greaseChecks } from './checks.ts'
import { greaseFigures } from './figures.ts'
import type { GreaseOutcome } from './work-out.ts'

/**
 * How often and how much to grease, whether the film holds, and whether two greases may mix.
 *
 * @param given - the position as it was entered: what a site settles for all of them begins nobody's questions
 */
export function assessGrease(
  position: RollingPosition,
  machine: Machine,
  outcome: GreaseOutcome,
  { grease: given }: RollingPosition = position,
): LensAssessment<'grease'> {
  const { nu40Cst, runningC, thickener, gramsPerStroke, cleanliness, product } = given
  return assessLens({
    lens: 'grease',
    headline: 'interval',
    figures: greaseFigures(position, machine, outcome),
    checks: greaseChecks(position, outcome),
    cautions: greaseCautions(position),
    begun: [nu40Cst, runningC, thickener, gramsPerStroke, cleanliness, product].some((value) => value !== null),
  })
}
