import { cannotHold, holdingOf } from '../catalogue/holding.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Missing } from '../working/figure.ts'
import { iso286Limits, type Limits } from './iso286-limits.ts'
import { sleeveBore } from './sleeve-bore.ts'

/** A place on the shaft that no ring of this bearing sits on. */
export interface BareSeat {
  kind: 'adapter-sleeve' | 'withdrawal-sleeve' | 'raceway' | 'taper'
  /** Null while it is not known, and for a taper, which has no one diameter. */
  nominalMm: number | null
  /** Null for a taper: no cylindrical zone fits it. */
  zone: string | null
  limits: Limits | null
  /** Grade whose half tolerance limits the form. */
  formGrade: number
  missing: Missing[]
}

/** Under a sleeve the shaft may be coarse in size but must be round. */
const sleeve = { zone: 'h9', formGrade: 5 }
/** Rollers run on it: as fine as a ring. */
const raceway = { zone: 'h5', formGrade: 3 }

/**
 * The shaft where the bearing does not sit on it with a ring of its own: under a sleeve, as a raceway, ground to a taper.
 *
 * @returns null where an inner ring of a cylindrical bore sits on the shaft
 * @see ISO 2982-1 for the bores of adapter sleeves; mounting practice for h9 with form IT5/2, and for the raceway h5
 */
export function bareSeat(position: RollingPosition, bearing: ResolvedBearing): BareSeat | null {
  const holding = holdingOf(position, bearing)
  if (cannotHold(holding, bearing)) return null
  const { row, interior, decoded } = bearing
  if (holding === 'no-inner-ring') return made('raceway', interior.innerRacewayMm, raceway)
  if (decoded.boreShape !== 'tapered') return null
  const asked = position.seat.sleeveShaftMm
  if (holding === 'adapter-sleeve') return made('adapter-sleeve', asked ?? sleeveBore(row.boreMm), sleeve)
  if (holding === 'withdrawal-sleeve') return made('withdrawal-sleeve', asked, sleeve)
  return { kind: 'taper', nominalMm: null, zone: null, limits: null, formGrade: sleeve.formGrade, missing: [] }
}

function made(
  kind: BareSeat['kind'],
  nominalMm: number | null,
  { zone, formGrade }: { zone: string; formGrade: number },
): BareSeat {
  const missing: Missing[] =
    nominalMm === null ? [{ field: 'seat.sleeveShaftMm', label: 'the shaft under the sleeve, from its drawing' }] : []
  const limits = nominalMm === null ? null : attempt(() => iso286Limits({ nominalMm, zone })).value
  return { kind, nominalMm, zone, limits, formGrade, missing }
}
