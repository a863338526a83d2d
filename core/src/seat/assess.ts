import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import type { Machine } from '../model/machine.ts'
import type { Position } from '../model/position.ts'
import { assessLens, type LensAssessment } from '../working/assessment.ts'
import { checksOfSeats } from './checks.ts'
import { seatFigures } from './figures.ts'
import type { FitResult } from './fit-result.ts'
import { chooseSeat, fitOf } from './work-out.ts'

/** What Seat hands on: the fits that are there, and the tightest shaft fit the ring is heated over; null while not known. */
export interface Seated {
  assessment: LensAssessment
  shaftInterferenceMaxUm: number | null
  fits: { shaft: FitResult | null; housing: FitResult | null }
}

/** What to machine shaft and housing to, how tight that gets, and what the gauge says of them. */
export function assessSeat(
  position: Position,
  machine: Machine,
  lookup: BearingLookup,
  loadRatio: number | null,
): Seated {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const shaft = chooseSeat('shaft', position, machine, bearing, loadRatio)
  const housing = chooseSeat('housing', position, machine, bearing, loadRatio)
  const fits = { shaft: fitOf(shaft), housing: fitOf(housing) }
  const tapered = bearing?.decoded.boreShape === 'tapered'
  return {
    assessment: assessLens({
      lens: 'seat',
      headline: 'zones',
      figures: seatFigures(position, bearing, shaft, housing),
      checks: checksOfSeats(position, bearing, shaft, housing),
    }),
    shaftInterferenceMaxUm: fits.shaft && !tapered ? fits.shaft.interferenceMaxUm : null,
    fits,
  }
}
