import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { MakerValues } from '../model/maker-values.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { identifyChecks } from './checks.ts'
import { identifyFigures } from './figures.ts'
import type { IdentifyOutcome } from './work-out.ts'

/** What the bearing is, and whether it is the one the machine calls for. */
export const assessIdentify = (
  position: RollingPosition,
  outcome: IdentifyOutcome,
  word: MakerValues | null,
): LensAssessment<'identify'> =>
  assessLens({
    lens: 'identify',
    headline: 'designation',
    figures: identifyFigures(position, outcome, word),
    checks: identifyChecks(position, outcome),
  })
