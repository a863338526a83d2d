import type { Catalogue } from '../catalogue/catalogue.ts'
import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { differences, type Difference } from './differences.ts'
import { matchReadings, type Measured } from './measured.ts'
import { proposals, type Proposal } from './proposals.ts'

/** Everything Identify works out of a position, typed. */
export interface IdentifyOutcome {
  lookup: BearingLookup
  measured: Measured
  /** What the machine calls for against what is there; empty while no bearing is found. */
  differences: Difference[]
  /** The number to order, and what else has the same size; empty while no bearing is found. */
  toOrder: string | null
  sameSize: Proposal[]
}

export function workOutIdentify(
  position: RollingPosition,
  lookup: BearingLookup,
  catalogue: Catalogue,
): IdentifyOutcome {
  const measured = matchReadings(position, catalogue)
  if (lookup.kind !== 'found') return { lookup, measured, differences: [], toOrder: null, sameSize: [] }
  const [direct, ...sameSize] = proposals(position, lookup.bearing, catalogue)
  return {
    lookup,
    measured,
    differences: differences(position, lookup.bearing),
    toOrder: direct?.designation ?? lookup.bearing.decoded.normal,
    sameSize,
  }
}
