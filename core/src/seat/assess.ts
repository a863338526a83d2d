import type { RollingPosition } from '../kinds/rolling/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { seatChecks } from './checks.ts'
import { seatFigures } from './figures.ts'
import type { SeatOutcome } from './work-out.ts'

/** What to machine shaft and housing to, how tight that gets, and what the gauge says of them. */
export const assessSeat = (position: RollingPosition, outcome: SeatOutcome): LensAssessment<'seat'> =>
  assessLens({
    lens: 'seat',
    headline: 'zones',
    figures: seatFigures(position, outcome),
    checks: seatChecks(position, outcome),
  })
