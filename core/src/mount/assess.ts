import type { RollingPosition } from '../kinds/rolling/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { mountCautions } from './cautions.ts'
import { mountChecks } from './checks.ts'
import { mountFigures } from './figures.ts'
import { isHeated, type MountOutcome } from './work-out.ts'

/** How the ring gets on its seat, and how hot or how hard that is. */
export const assessMount = (position: RollingPosition, outcome: MountOutcome): LensAssessment<'mount'> =>
  assessLens({
    lens: 'mount',
    headline: headlineOf(outcome),
    figures: mountFigures(position, outcome),
    checks: mountChecks(outcome),
    cautions: mountCautions(outcome),
  })

/** The figure that says what to do: the temperature, the force, or the way itself. */
function headlineOf({ way, taper, cannotHold }: MountOutcome): string {
  if (cannotHold) return 'method'
  if (taper !== null || way === null || isHeated(way)) return 'ring'
  return way === 'pressed' ? 'press' : 'method'
}
