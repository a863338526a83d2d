import type { PlainPosition } from '../../kinds/plain/position.ts'
import { materialOf } from '../../model/materials.ts'
import { wearLimit } from '../bush.ts'
import { bushMaterialOf } from '../bush-materials.ts'
import type { ColdClearance } from '../clearance.ts'
import type { CarryOutcome, Warm } from '../carry/work-out.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'

/** What is left of the clearance when it runs, and the room along the axis. */
export interface FloatOutcome {
  clearance: ColdClearance | null
  warm: Warm | null
  assemblyC: number
  /** Growth of the journal, and of the bore of the bush, mm on the diameter. */
  journalGrowthMm: number | null
  boreGrowthMm: number | null
  hotMm: number | null
  /** Of the hot clearance: below the first it is watched, below the second it seizes, mm. */
  leastMm: { watch: number; stop: number } | null
  /** Worn out from this clearance, cold, mm. */
  wornMm: number | null
  /** Smallest clearance that any practice makes, mm. */
  lowestMm: number | null
  ends: EndRoom | null
}

/** Along the axis: the shaft between its stops. */
export interface EndRoom {
  floatMm: number
  /** From where it runs to the nearer stop. */
  marginMm: number
  /** What coupling and growth may move it by. */
  needsMm: number
  centreMm: number | null
  couplingMm: number | null
  growthMm: number
}

/** Shares of a new clearance that have to be left when hot. */
const [watchShare, stopShare] = [0.5, 0.15]
/** A film bearing is worn out at so many times its new clearance. */
const wornTimes = 2
/** What somebody measured the clearance at where nobody says, °C. */
const usualC = 20

/** Clearance cold and hot, and the room at the collars. */
export function workOutFloat({ float, seat, bearing }: PlainPosition, { sizes, name, material }: IdentifyOutcome, carry: CarryOutcome): FloatOutcome {
  const { clearance, warm, onFilm } = carry
  const assemblyC = float.assemblyC ?? usualC
  const grown = sizes && warm ? growthOf(sizes, bushMaterialOf(name ?? 'tin-bronze'), seat.housingMaterial, warm, assemblyC) : null
  const hotMm = clearance && grown ? clearance.coldMm + grown.boreMm - grown.journalMm : null
  const wearMm = sizes && material ? wearLimit(material, sizes.journalMm) : null
  const wornMm = clearance && wearMm !== null ? (onFilm ? wornTimes * clearance.newMm : clearance.newMm + wearMm) : null
  const practices = clearance?.practices.flatMap(({ outcome }) => (outcome.value === null ? [] : [outcome.value])) ?? []
  return {
    clearance,
    warm,
    assemblyC,
    journalGrowthMm: grown?.journalMm ?? null,
    boreGrowthMm: grown?.boreMm ?? null,
    hotMm,
    leastMm: clearance && { watch: watchShare * clearance.newMm, stop: stopShare * clearance.newMm },
    wornMm,
    lowestMm: clearance ? Math.min(clearance.newMm, ...practices) : null,
    ends: endRoom(float, bearing.form === 'flanged'),
  }
} // prettier-ignore

type Sizes = NonNullable<IdentifyOutcome['sizes']>

/**
 * Growth of journal and bore. A bush that is held by its housing grows outside with it, and what its wall swells by goes inward.
 *
 *     Δd = α_h d_o ΔT_h − 2 t [ α_b ΔT_b + ν (α_b ΔT_b − α_h ΔT_h) ]
 */
function growthOf(
  { journalMm, odMm, wallMm }: Sizes,
  bush: ReturnType<typeof bushMaterialOf>,
  housingMaterial: string,
  { journalC, bushC, housingC }: Warm,
  assemblyC: number,
): { journalMm: number; boreMm: number } {
  const housing = materialOf(housingMaterial).expansion * (housingC - assemblyC)
  const own = bush.expansion * (bushC - assemblyC)
  return {
    journalMm: materialOf('carbon-steel').expansion * journalMm * (journalC - assemblyC),
    boreMm: housing * odMm - 2 * wallMm * (own + bush.poisson * (own - housing)),
  }
}

/** Room between the stops of the shaft; null while nobody has measured any. */
function endRoom({ endFloatMm, centreMm, couplingFloatMm, growthMm, collars }: PlainPosition['float'], flanged: boolean): EndRoom | null {
  if (endFloatMm === null) return null
  const growth = growthMm ?? 0
  const marginMm = centreMm === null ? endFloatMm / 2 : Math.min(centreMm, endFloatMm - centreMm)
  // A coupling that limits the shaft lets it move half to either side of where it was set.
  const held = collars !== 'none' || flanged
  const needsMm = (couplingFloatMm === null ? 0 : couplingFloatMm / 2) + (held && centreMm === null ? growth / 2 : growth)
  return { floatMm: endFloatMm, marginMm, needsMm, centreMm, couplingMm: couplingFloatMm, growthMm: growth }
} // prettier-ignore
