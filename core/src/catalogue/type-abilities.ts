import table from '../../data/type-abilities.json' with { type: 'json' }
import type { BearingType } from '../model/bearing-type.ts'

/** How well a type does: 0 cannot, 1 fair, 2 good, 3 very good. */
export interface TypeAbilities {
  radial: number
  axialOneWay: number
  axialBothWays: number
  speed: number
  /** Angle between the rings that it forgives, degrees. */
  misalignDeg: number
  /** Takes the growth of the shaft inside itself. */
  growthInside: number
  /** How little room it needs for what it carries. */
  space: number
  stiffness: number
}

/** What a type can do, by general handbook guidance; a single bearing of usual design. */
export function typeAbilities(type: BearingType): TypeAbilities {
  const row = table.rows.find(([name]) => name === type)
  if (!row) throw new Error(`no abilities for ${type}`)
  const [, radial, axialOneWay, axialBothWays, speed, misalignDeg, growthInside, space, stiffness] = row.map(Number)
  const known = (value: number | undefined) => value ?? NaN
  return {
    radial: known(radial),
    axialOneWay: known(axialOneWay),
    axialBothWays: known(axialBothWays),
    speed: known(speed),
    misalignDeg: known(misalignDeg),
    growthInside: known(growthInside),
    space: known(space),
    stiffness: known(stiffness),
  }
}
