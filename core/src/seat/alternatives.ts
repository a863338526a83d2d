import { loadRatioOf, workOutCarry } from '../carry/work-out.ts'
import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import { effectivePosition } from '../kinds/rolling/effective.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Machine } from '../model/machine.ts'
import { applications, type Application } from './fit-recommend.schema.ts'
import { seatName } from './figures.ts'
import { loadClasses, loadClassOf, type LoadClass } from './load-class.ts'
import { applicationOf, chooseSeat } from './work-out.ts'

/** The seats a position would have if one thing were said otherwise. */
export interface SeatAlternative {
  changes: { load: LoadClass } | { application: Application }
  /** Zones or limits; null where they are not settled. */
  shaft: string | null
  housing: string | null
  /** What is taken now. */
  here: boolean
}

/**
 * What light, normal or heavy load, and another kind of machine, would make of the seats of a position.
 *
 * @returns none while there is no bearing; loads only while the real load is not known
 */
export function seatAlternatives(given: RollingPosition, machine: Machine, lookup: BearingLookup): SeatAlternative[] {
  if (lookup.kind !== 'found') return []
  const position = effectivePosition(given, machine, lookup)
  const loadRatio = loadRatioOf(workOutCarry(position, machine, lookup))
  const now = { load: loadRatio === null ? position.seat.loadClass : loadClassOf(loadRatio), application: applicationOf(position, machine) } // prettier-ignore
  const seatsOf = (said: Partial<RollingPosition['seat']>) => {
    const changed = { ...position, seat: { ...position.seat, ...said } }
    const name = (seat: 'shaft' | 'housing') => seatName(chooseSeat(seat, changed, machine, lookup.bearing, loadRatio))
    return { shaft: name('shaft'), housing: name('housing') }
  }
  return [
    ...(loadRatio === null
      ? loadClasses.map((load) => ({ changes: { load }, ...seatsOf({ loadClass: load }), here: load === now.load }))
      : []),
    ...applications.map((application) => ({
      changes: { application },
      ...seatsOf({ application }),
      here: application === now.application,
    })),
  ]
}
