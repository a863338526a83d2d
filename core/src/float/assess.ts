import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import type { Machine } from '../model/machine.ts'
import type { Position } from '../model/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { floatChecks } from './checks.ts'
import { clearanceSteps, type Fits } from './clearance-steps.ts'
import { floatFigures, type FloatParts } from './figures.ts'
import { growthOutcome } from './growth-outcome.ts'
import { pairPlay } from './pair-play.ts'

/** What Float hands on: the probable running clearance, null while it is not known. */
export interface Floated {
  assessment: LensAssessment
  operatingUm: number | null
}

/** What clearance is left when it runs, and whether the shaft has room to grow. */
export function assessFloat(position: Position, machine: Machine, lookup: BearingLookup, fits: Fits): Floated {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const parts: FloatParts = {
    bearing,
    steps: bearing ? clearanceSteps(position, bearing, fits) : null,
    pair: bearing ? pairPlay(position, bearing) : null,
    outcome: growthOutcome(position, machine, lookup),
    fits,
  }
  return {
    assessment: assessLens({
      lens: 'float',
      headline: headlineOf(parts),
      figures: floatFigures(position, parts),
      checks: floatChecks(position, parts),
      begun: Object.values(inputsOf(position)).some((value) => value !== null),
    }),
    operatingUm: parts.steps?.operating?.probable ?? null,
  }
}

/** A shaft without room is the first thing to know; then the clearance or end play; then the growth. */
function headlineOf({ steps, pair, outcome }: FloatParts): string {
  if (outcome?.room?.verdict === 'bound') return 'growth'
  if (pair) return 'endPlay'
  return steps || !outcome ? 'operating' : 'growth'
}

const inputsOf = ({ float: { innerC, outerC, locatedEnds, spanMm, hottestC, role, endPlayMm } }: Position) => ({
  innerC,
  outerC,
  locatedEnds,
  spanMm,
  hottestC,
  role,
  endPlayMm,
})
