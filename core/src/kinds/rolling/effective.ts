import type { BearingLookup } from '../../catalogue/resolve-bearing.ts'
import { withReported } from '../../diagnose/reported.ts'
import { withBlocks } from '../../float/ends/with-blocks.ts'
import type { Machine } from '../../model/machine.ts'
import { withShaftLine } from '../../shaftline/apply-loads.ts'
import { withSite } from '../../site/apply.ts'
import type { RollingPosition } from './position.ts'

/** A position as its lenses work with it: what the shaft line says and what lies in its blocks in
 * place of what was typed, what the site settles in place of what was left open, and what rounds told of it. */
export const effectivePosition = (given: RollingPosition, machine: Machine, lookup: BearingLookup): RollingPosition =>
  withBlocks(
    withReported(withSite(withShaftLine(given, machine), machine), machine),
    lookup.kind === 'found' ? lookup.bearing.row.widthMm : null,
  )
