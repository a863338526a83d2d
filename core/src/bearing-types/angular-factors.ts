import angular from '../../data/iso281-factors-angular-contact.json' with { type: 'json' }
import angular15 from '../../data/iso281-factors-angular-contact-15.json' with { type: 'json' }
import { interpolate } from '../tables/step-table.ts'

export type AngularColumn = 'e' | 'x' | 'y' | 'y1' | 'x2' | 'y2' | 'y0'

/**
 * Factor of an angular contact bearing by its angle. From 20° on it depends on the angle alone; below, the factors that
 * follow the load run linearly from the 15° table at that load to the 20° column.
 *
 * @param relativeLoad - f0·Fa/C0; asked for only where it matters
 * @see ISO 281:2007
 */
export function angularFactor(angleDeg: number, column: AngularColumn, relativeLoad: () => number): number {
  const index = angular.columns.indexOf(column)
  const loadDependent = angular15.columns.indexOf(column)
  if (angleDeg >= 20 || loadDependent < 0) return interpolate(angular.rows, angleDeg, index)
  const at15 = interpolate(angular15.rows, relativeLoad(), loadDependent)
  const at20 = interpolate(angular.rows.slice(1), 20, index)
  return at15 + ((angleDeg - 15) / 5) * (at20 - at15)
}

/** Axial factor Y of a lightly loaded bearing, 15 to 45°. */
export const angularFactor15Lightly = (angleDeg: number): number => angularFactor(angleDeg, 'y', () => 0)
