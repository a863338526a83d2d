import type { BearingLookup } from '../../catalogue/resolve-bearing.ts'
import { withBlocks } from '../../float/ends/with-blocks.ts'
import type { Machine } from '../../model/machine.ts'
import { withShaftLine } from '../../shaftline/apply-loads.ts'
import type { RollingPosition } from './position.ts'

/** A position as its lenses work with it: what the shaft line says, and what lies in its blocks, in place of what was typed. */
export const effectivePosition = (given: RollingPosition, machine: Machine, lookup: BearingLookup): RollingPosition =>
  withBlocks(withShaftLine(given, machine), lookup.kind === 'found' ? lookup.bearing.row.widthMm : null)
