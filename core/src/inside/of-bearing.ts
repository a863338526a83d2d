import { hasRibs } from '../catalogue/decode-designation.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { InsideInput } from './bearing-inside.ts'

/** A bearing of the tables under a load, as the calculations of this folder take it. */
export const insideOf = (
  { row, interior, decoded }: ResolvedBearing,
  { radialN, axialN }: { radialN: number; axialN: number },
): InsideInput => ({
  bearingType: row.type,
  rows: interior.rows,
  elements: interior.elements,
  elementDiameterMm: interior.elementDiameterMm,
  elementLengthMm: interior.elementLengthMm ?? undefined,
  pitchDiameterMm: interior.pitchDiameterMm,
  contactAngleDeg: interior.contactAngleDeg,
  radialN,
  axialN,
  ribs: hasRibs(decoded) ? 'both-rings' : 'none',
})
