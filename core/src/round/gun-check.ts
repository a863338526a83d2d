import type { thickenerNames } from '../kinds/rolling/choices.ts'
import { greaseCompatibility } from '../grease/compatibility.ts'
import { thickenerWords } from '../words/vocabulary.ts'
import type { Saying } from '../working/check.ts'

type Thickener = (typeof thickenerNames)[number]

/** A gun as a round knows it, with the grease that is in it. */
export interface GunInHand {
  name: string
  lubricant: string
  thickener: Thickener | null
}

const ofGrease = (thickener: Thickener) => thickenerWords[thickener]

/**
 * Whether a gun may be put to a point: never with another thickener than is in the bearing.
 *
 * @returns null where nothing speaks against it, or nobody has said what is in the bearing or in the gun
 */
export function gunCheck(inBearing: Thickener | null, gun: GunInHand): Saying | null {
  if (inBearing === null || gun.thickener === null || inBearing === gun.thickener) return null
  const { verdict } = greaseCompatibility({ a: inBearing, b: gun.thickener })
  const known: Record<typeof verdict, string> = {
    incompatible: 'the two ruin each other',
    borderline: 'the two mix badly',
    compatible: 'the two may mix, but not by chance',
  }
  return {
    reason: `${gun.name} holds ${gun.lubricant || 'grease'} with ${ofGrease(gun.thickener)} thickener; ${ofGrease(inBearing)} is in the bearing: ${known[verdict]}.`,
    wayOut: `Take the gun marked for this bearing. To change its grease: ${verdict === 'compatible' ? 'purge it, then grease twice at half the interval' : 'open, take out, wash, dry and refill it'}.`,
  }
}
