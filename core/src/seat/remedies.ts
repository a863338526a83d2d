import { loadRatioOf, workOutCarry } from '../carry/work-out.ts'
import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { withShaftLine } from '../shaftline/apply-loads.ts'
import { remediesOf } from './checks.ts'
import type { Seat } from './fit-result.ts'
import { chooseSeat } from './work-out.ts'
import type { Remedy } from './worn-seat.ts'

/** What may be done with a gauged seat of a position, best first; none while it is not gauged. */
export function remedies(seat: Seat, given: RollingPosition, machine: Machine, lookup: BearingLookup): Remedy[] {
  const position = withShaftLine(given, machine)
  if (lookup.kind !== 'found') return []
  const loadRatio = loadRatioOf(workOutCarry(position, machine, lookup))
  return remediesOf(chooseSeat(seat, position, machine, lookup.bearing, loadRatio), position, lookup.bearing)
}
