import { factsOf } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'

/** Whether the shaft may move along inside this bearing, so that it holds in no direction. */
export const floatsInside = ({ row, decoded }: ResolvedBearing): boolean =>
  factsOf(row.type).floatsInside === 'always' || decoded.features.includes('no-axial-guidance')
