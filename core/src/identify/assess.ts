import type { Position } from '../model/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { identifyChecks } from './checks.ts'
import { identifyFigures } from './figures.ts'
import type { IdentifyOutcome } from './work-out.ts'

/** What the bearing is, and whether it is the one the machine calls for. */
export const assessIdentify = (position: Position, outcome: IdentifyOutcome): LensAssessment =>
  assessLens({
    lens: 'identify',
    headline: 'designation',
    figures: identifyFigures(position, outcome),
    checks: identifyChecks(position, outcome),
  })
