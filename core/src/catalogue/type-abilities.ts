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

const byType = new Map(
  table.rows.map((row): [string, TypeAbilities] => {
    const of = (column: string) => Number(row[table.columns.indexOf(column)])
    return [
      String(row[0]),
      {
        radial: of('radial'),
        axialOneWay: of('axialOneWay'),
        axialBothWays: of('axialBothWays'),
        speed: of('speed'),
        misalignDeg: of('misalignDeg'),
        growthInside: of('growthInside'),
        space: of('space'),
        stiffness: of('stiffness'),
      },
    ]
  }),
)

/** What a type can do, by general handbook guidance; a single bearing of usual design. */
export function typeAbilities(type: BearingType): TypeAbilities {
  const abilities = byType.get(type)
  if (!abilities) throw new Error(`no abilities for ${type}`)
  return abilities
}
