import type { HandlingKey } from './handling.ts'
import type { CannotHold } from '../catalogue/holding.ts'
import type { Closure } from '../bearing-types/index.ts'
import type { Holding } from '../kinds/rolling/position.ts'
import type { Saying } from '../working/check.ts'
import { celsius, kelvin, kilograms, mm, newtons, um } from '../words/quantities.ts'
import { closedWords, holdingWords } from '../words/vocabulary.ts'
import type { HotMount, MountWay } from './work-out.ts'

// Every sentence of Mount.

export const wayWords: Record<MountWay, string> = {
  'by-hand': 'by hand',
  heated: 'heated',
  'heated-shaft-chilled': 'heated, shaft chilled',
  pressed: 'pressed, cold',
  'oil-injected': 'oil injection',
  'driven-up': 'driven up',
  'nut-turned': 'driven up by the nut',
  'over-raceway': 'over the raceway',
  none: 'none of these',
}

export const slidesOn: Saying = {
  reason: 'The ring goes on by hand.',
  wayOut: 'Oil the seat, push square, never through the rolling elements.',
}

const leaves = ({ aimC, leftUm, tightestUm, coolingK }: HotMount) =>
  `Heated to ${celsius(aimC)}, with ${kelvin(coolingK)} lost on the way, the ring has ${um(leftUm)} of room over the tightest fit of ${um(tightestUm)}`

export const heatedWithRoom = (hot: HotMount): Saying => ({
  reason: `${leaves(hot)}.`,
  wayOut: 'One move to the shoulder, and hold it there until it grips.',
})
export const heatedWithLittleRoom = (hot: HotMount): Saying => ({
  reason: `${leaves(hot)}: under ${um(hot.wantedUm)} it grabs at the least delay.`,
  wayOut: 'Contact probe on the inner ring, shaft at room temperature, the shortest way to the seat; rehearse it.',
})
export const pressedCold = (pressN: number): Saying => ({
  reason: `The ring is pressed on cold: about ${newtons(pressN)} at the tightest fit.`,
  wayOut: 'Press it through the inner ring with a tube on its whole face, square, the seat oiled.',
})
export const oilInjected = ({ leftUm }: HotMount): Saying => ({
  reason: `Heat alone leaves the ring ${um(-leftUm)} too small: it floats on oil injected under its bore.`,
  wayOut: 'Use the ducts in the shaft and the pressure the machine’s maker gives; leave the stop nut on.',
})
export const shaftChilled = ({ aimC, leftUm, shaftShrinkUm }: HotMount): Saying => ({
  reason: `At ${celsius(aimC)} the ring is ${um(-leftUm)} too small; the shaft in dry ice gives ${um(shaftShrinkUm)} more.`,
  wayOut: 'Heat the ring and chill the shaft as well; gloves for both, and a good draught for the dry ice.',
})
export const noWay = ({ aimC, limitC, leftUm }: HotMount, closure: Closure): Saying => ({
  reason: `Even at ${celsius(Math.min(aimC, limitC))}, the most for ${closure === 'open' ? 'this' : `a ${closedWords[closure]}`} bearing, the ring is ${um(-leftUm)} too small, and no press or chilled shaft makes that up.`,
  wayOut: 'Ask whether the fit is right: gauge the shaft again, or take a looser zone with the machine’s maker.',
})

export const overRaceway: Saying = {
  reason: 'There is no inner ring to heat: the rollers run on the shaft.',
  wayOut: 'Look at the raceway on the shaft first: hardened and ground. Oil it, and turn the shaft as it goes in.',
}

export const drivenUp = (fromUm: number, toUm: number, residualUm: number): Saying => ({
  reason: `A tapered bore is driven up cold: ${um(fromUm)} to ${um(toUm)} off the clearance, never under ${um(residualUm)} left.`,
  wayOut: 'Feeler over the unloaded roller before and after every step, both rows.',
})
export const drivenUpUntabled: Saying = {
  reason: 'A tapered bore is driven up cold, and there is no table for this one.',
  wayOut: 'Use the maker’s drive-up figures.',
}
export const nutTurned = (angleDeg: number, travelMm: number): Saying => ({
  reason: `The nut goes on by ${angleDeg}° from hand-tight, which is ${mm(travelMm)} along the taper.`,
  wayOut: 'Swivel the outer ring after it: stiff means driven too far, back off and do not run it.',
})

const whyNot: Record<CannotHold, string> = {
  'parallel-bore': 'the bore is parallel, and a sleeve grips a taper only',
  'no-collar': 'only insert bearings are made for it',
  'no-inner-ring': 'it has no inner ring, its rollers run on the shaft',
  'needs-inner-ring': 'only needle and cylindrical roller bearings run on a shaft without their inner ring',
}
const instead: Record<CannotHold, string> = {
  'parallel-bore': 'Take the bearing with a tapered bore (K), or hold this one with a nut, an end plate or a shoulder.',
  'no-collar': 'Hold it with a nut, an end plate or a shoulder, or take an insert bearing.',
  'no-inner-ring': 'Say that it runs on the shaft, or take one with an inner ring.',
  'needs-inner-ring': 'Say how its inner ring is held: nut, end plate, shoulder or sleeve.',
}
export const heldWrongly = (holding: Holding, why: CannotHold): Saying => ({
  reason: `This bearing cannot ${why === 'needs-inner-ring' ? 'run without its inner ring' : `be held by ${holdingWords[holding]}`}: ${whyNot[why]}.`,
  wayOut: instead[why],
})

// What a way of mounting is worth here, to stand beside its name.

export const methodWords = {
  induction: 'even, clean, the probe on the inner ring; demagnetise at the end',
  pad: 'small enough for it; turn it over half way',
  padTooHeavy: (mostKg: number) => `heavier than the ${kilograms(mostKg)} that a pad heats through`,
  hotPlate: 'a spacer under the cage, a cover over it, and patience',
  oven: 'slow and even; the best for several rings',
  ovenClosed: 'closed and greased: set it no higher than its closure bears',
  oilBath: 'the last choice: it drips, burns and soils',
  oilBathClosed: 'never for a sealed or greased bearing',
  taperHeat: 'a tapered bore is driven up, and heat hides how far',
  slides: 'the ring goes on cold',
  tooSmall: (aimC: number, leftUm: number) => `at ${celsius(aimC)} the ring is still ${um(-leftUm)} too small`,
  withChilledShaft: 'with the shaft chilled as well',
  littleRoom: (leftUm: number) => `leaves only ${um(leftUm)} of room`,
  taperPress: 'a tapered bore is driven up by its nut',
  pressTooLarge: (mostMm: number) => `over ${mm(mostMm, 0)} bore it is heated`,
  pressTooHard: (forceN: number) => `${newtons(forceN)} is more than a hand press should give`,
  pressSmall: 'a small bore is pressed cold through its inner ring',
  pressInstead: 'heat does not open it enough; it is pressed through its inner ring',
  pressSecond: 'it goes, but heat spares the seat',
  handPush: 'pushed or tapped on cold',
  oil: 'floats the ring on oil; needs ducts in the shaft or sleeve',
  oilNot: 'for tapers and large bores with ducts',
  nut: 'driven up by measured loss of clearance',
  nutNot: 'for tapered bores',
  raceway: 'there is no inner ring to mount',
} as const

/** How a ring is handled: whether it is right, and why. */
export const handlingWords: Record<HandlingKey, { right: boolean; says: string }> = {
  'tube-on-inner': { right: true, says: 'A tube on the whole face of the inner ring, square.' },
  'tube-on-outer': { right: true, says: 'A tube on the whole face of the outer ring, square.' },
  'plate-on-both': { right: true, says: 'A flat plate over both faces: both rings are tight.' },
  'through-elements': { right: false, says: 'Never push one ring by the other: the elements dent the raceways.' },
  'steel-drift': { right: true, says: 'Tube of soft mild steel: its chips are few, and magnets and washing take them out.' },
  'brass-drift': { right: true, says: 'Brass marks no ring, but its chips are hard to see and to wash out.' },
  'hard-drift': { right: false, says: 'No hardened punch: it chips the ring, and splinters fly.' },
  'hammer-on-ring': { right: false, says: 'Never strike a ring with a hammer: it splinters.' },
  'pull-inner': { right: true, says: 'Arms behind the inner ring, square, a cap on the shaft end.' },
  'pull-outer': { right: true, says: 'Arms behind the outer ring, or screws in the holes behind it.' },
  'pull-through': { right: false, says: 'Not by the loose ring: what was pulled through its elements is scrap.' },
  'press-on-closure': { right: false, says: 'Not on the seal or shield: it stands on the cage.' },
  'flame': { right: false, says: 'No torch on a ring or a seat that is to be used again.' },
  'air-spin': { right: false, says: 'Never spin it with compressed air: it flies apart.' },
  'clean-bench': { right: true, says: 'Clean bench, lint-free cloth, the new one in its paper until it goes on.' },
} // prettier-ignore
