import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import type { Machine } from '../model/machine.ts'
import type { Position } from '../model/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { carryChecks } from './checks.ts'
import { carryFigures } from './figures.ts'
import { workOutCarry, type CarryOutcome } from './work-out.ts'

/** What Carry hands on to the lenses behind it. */
export interface Carried {
  assessment: LensAssessment
  outcome: CarryOutcome
  /** P/C; null while it is not known. */
  loadRatio: number | null
  staticSafety: number | null
  kappa: number | null
  /** Pitch diameter times speed against the limit of the type. */
  speedRatio: number | null
  /** An axial load on a type that cannot carry it. */
  axialRefused: boolean
}

/** How long the bearing lasts under this load, and whether it can take the load at all. */
export function assessCarry(position: Position, machine: Machine, lookup: BearingLookup): Carried {
  const outcome = workOutCarry(position, machine, lookup)
  const { carrying, ratings, film, speed, refusal } = outcome
  return {
    assessment: assessLens({
      lens: 'carry',
      headline: 'life',
      figures: carryFigures(position, machine, outcome),
      checks: carryChecks(position, outcome),
    }),
    outcome,
    loadRatio: loadRatioOf(outcome),
    staticSafety: carrying && ratings ? ratings.staticN / carrying.staticEquivalentN : null,
    kappa: film.value?.kappa ?? null,
    speedRatio: speed?.ratio ?? null,
    axialRefused: refusal?.field === 'axialN',
  }
}

/** P/C; null while it is not known. */
export const loadRatioOf = ({ carrying, ratings }: CarryOutcome): number | null =>
  carrying && ratings ? carrying.equivalentN / ratings.dynamicN : null
