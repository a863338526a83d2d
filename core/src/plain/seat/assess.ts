import type { PlainPosition } from '../../kinds/plain/position.ts'
import { assessLens, type LensAssessment } from '../../working/assessment.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import { seatChecks } from './checks.ts'
import { seatFigures } from './figures.ts'
import type { SeatOutcome } from './work-out.ts'

/** How the bush sits, what its bore is finished to, and what runs in it. */
export const assessSeat = (
  position: PlainPosition,
  identify: IdentifyOutcome,
  carry: CarryOutcome,
  outcome: SeatOutcome,
): LensAssessment<'seat'> =>
  assessLens({
    lens: 'seat',
    headline: 'bore',
    figures: seatFigures(position, identify, carry, outcome),
    checks: seatChecks(position, identify, carry, outcome),
  })
