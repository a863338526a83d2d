import type { ClearanceClass } from '../../bearing-types/index.ts'
import { inSentence } from '../../model/sentence.ts'
import { mm, plain, withArticle } from '../../words/quantities.ts'
import type { Saying } from '../../working/check.ts'

// What comes of a difference between two numbers.

export const inBox = (name: ClearanceClass, minUm: number, maxUm: number): string =>
  `${name}, ${inSentence(minUm, 'deviation', { decimals: 0 })} … ${inSentence(maxUm, 'deviation', { decimals: 0 })}`

export const anotherType = (here: string, wanted: string): Saying => ({
  reason: `It is ${withArticle(here)} bearing and not ${withArticle(wanted)} one: it carries otherwise.`,
  wayOut: 'Take one of the same type, or judge the place anew on its bench.',
})
/** A size with the digits it has, to a thousandth. */
const sized = (value: number): string => mm(value, (String(Number(value.toFixed(3))).split('.')[1] ?? '').length)

export const otherBore = (here: number, wanted: number): Saying => ({
  reason: `Its bore is ${sized(here)}, the shaft is for ${sized(wanted)}.`,
  wayOut: 'Take one of the same bore; a shaft is not turned down or sleeved for a bearing that lies about.',
})
export const otherOutside = (here: number, wanted: number): Saying => ({
  reason: `Its outside is ${sized(here)}, the housing is for ${sized(wanted)}.`,
  wayOut: 'Take one of the same outside.',
})
export const otherWidth = (here: number, wanted: number): Saying =>
  here < wanted
    ? {
        reason: `It is ${sized(wanted - here)} narrower: the place beside it stays empty.`,
        wayOut: 'A spacer of that width, flat and square, on the side that floats; see that covers still hold it.',
      }
    : {
        reason: `It is ${sized(here - wanted)} wider: covers and shoulders would clamp it.`,
        wayOut: 'Take one of the same width.',
      }
export const otherRing: Saying = {
  reason: 'One of its rings is of another width.',
  wayOut: 'See that the shoulder and the cover meet it where they met the other.',
}
export const smallerCorner = (corner: number): Saying => ({
  reason: `Its corner is down to ${mm(corner, 1)}: it may stand on the fillet and not on the shoulder.`,
  wayOut: 'Compare the fillet with a radius gauge, and the gap at the shoulder with a feeler.',
})
export const otherGuidance = (less: boolean): Saying =>
  less
    ? {
        reason: 'Its ribs hold the shaft less: what was held now drifts.',
        wayOut: 'Take one with the same ribs.',
      }
    : {
        reason: 'Its ribs hold the shaft where it floated inside the bearing: growth has no room.',
        wayOut: 'Take one with the same ribs.',
      }
export const ribsOnOther: Saying = {
  reason: 'It floats as well, but its ribs are on the other ring.',
  wayOut: 'See which ring comes off with its rollers, and that cover and shoulder leave the plain ring free.',
}
export const otherAngle: Saying = {
  reason: 'Another contact angle: thrust, speed and preload are others, and in a pair the two do not share.',
  wayOut: 'Take the same angle; never mix within a pair.',
}
export const otherPair: Saying = {
  reason: 'The one is matched for a pair in another way, or for none.',
  wayOut: 'Take a set that is matched the same way, from one box.',
}
export const noSnapRing: Saying = {
  reason: 'It has no groove for the snap ring that holds the other.',
  wayOut: 'Take one with the groove.',
}
export const noGroove: Saying = {
  reason: 'It has no groove and holes in the outer ring.',
  wayOut: 'Only where nothing is fed through the middle: look for the nipple.',
}
export const lowerRating = (share: number): Saying => ({
  reason: `Its rating is lower: it lasts about ${plain(share)} times as long under the same load.`,
  wayOut: 'Judge it on the bench of the place; ratings of makers decide.',
})
export const workForWidth = (here: number, wanted: number): string =>
  here < wanted
    ? `It is ${mm(wanted - here, 3)} narrower: a spacer of that width, flat and square.`
    : `It is ${mm(here - wanted, 3)} wider: cover or shoulder go back by that much, if shaft and housing leave the room.`
