import type { RollingPosition } from '../kinds/rolling/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { floatChecks } from './checks.ts'
import { floatFigures } from './figures.ts'
import type { FloatOutcome } from './work-out.ts'

/** What clearance is left when it runs, and whether the shaft has room to grow. */
export const assessFloat = (position: RollingPosition, outcome: FloatOutcome): LensAssessment<'float'> =>
  assessLens({
    lens: 'float',
    headline: headlineOf(outcome),
    figures: floatFigures(position, outcome),
    checks: floatChecks(position, outcome),
    begun: Object.values(inputsOf(position)).some((value) => value !== null),
  })

/** A shaft without room is the first thing to know; then the clearance or end play; then the growth. */
function headlineOf({ steps, pair, growth }: FloatOutcome): string {
  if (growth?.room?.verdict === 'bound') return 'growth'
  if (pair) return 'endPlay'
  return steps || !growth ? 'operating' : 'growth'
}

const inputsOf = ({ float: { innerC, outerC, locatedEnds, spanMm, hottestC, role, endPlayMm } }: RollingPosition) => ({
  innerC,
  outerC,
  locatedEnds,
  spanMm,
  hottestC,
  role,
  endPlayMm,
})
