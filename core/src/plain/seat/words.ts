import { mm, plain, um } from '../../words/quantities.ts'
import { inSentence } from '../../model/sentence.ts'
import type { Saying } from '../../working/check.ts'
import type { BushFinish } from '../bush-materials.ts'

// Every sentence of Seat.

export const finishWords: Record<BushFinish, string> = {
  ream: 'Pressed in, then reamed',
  bore: 'Pressed in, then bored',
  'as-fitted': 'Not cut: it is made to size, pressed over a mandrel or laid in',
}

export const loose = (interferenceMm: number, usualMm: number): Saying => ({
  reason: `The bush is ${interferenceMm <= 0 ? `${um(-1000 * interferenceMm)} loose` : `only ${um(1000 * interferenceMm)} tight`} in its housing; ${um(1000 * usualMm)} are usual.`,
  wayOut: 'A bush with an oversize outside, or the housing bored and sleeved; a pin alone does not hold it.',
})
export const tooTight = (interferenceMm: number, usualMm: number, closingMm: number): Saying => ({
  reason: `The bush is ${um(1000 * interferenceMm)} tight, ${um(1000 * usualMm)} are usual: it yields, and its bore closes by ${um(1000 * closingMm)}.`,
  wayOut: 'Turn its outside down, or gauge both again.',
})
export const closesTooFar = (freeMm: number, wantedMm: number, closingMm: number): Saying => ({
  reason: `Free, the bore is ${mm(freeMm, 3)}; pressed in it closes by ${um(1000 * closingMm)}, and ${mm(wantedMm, 3)} are wanted before.`,
  wayOut: 'Bore it out before, or finish it in place.',
})
export const boreSmall = (fittedMm: number, wantedMm: number): Saying => ({
  reason: `In place the bore is ${mm(fittedMm, 3)}, and ${mm(wantedMm, 3)} are wanted.`,
  wayOut: 'Ream, bore or scrape it to size before the shaft goes in.',
})
export const boreLarge = (fittedMm: number, mostMm: number): Saying => ({
  reason: `In place the bore is ${mm(fittedMm, 3)}; ${mm(mostMm, 3)} is the most of a new one.`,
  wayOut: 'A new bush, or one bored for this journal.',
})
export const rough = (raUm: number, limitUm: number): Saying => ({
  reason: `The journal is as rough as ${inSentence(raUm, 'roughness', 2)}; ${inSentence(limitUm, 'roughness', 2)} is the most that a bush bears for long.`,
  wayOut: 'Polish it in the direction it turns, or have it ground.',
})
export const soft = (hb: number, wantedHb: number): Saying => ({
  reason: `The journal has ${plain(hb, { figures: 3 })} HB; this material wants ${plain(wantedHb, { figures: 3 })} HB.`,
  wayOut: 'A hardened sleeve on the journal, or a softer bush: white metal or leaded bronze.',
})
export const crushLoose = (crushMm: number, lowMm: number): Saying => ({
  reason: `The half shell stands proud by ${mm(crushMm, 2)}; ${mm(lowMm, 2)} hold it: it creeps and frets in its seat.`,
  wayOut: 'Another shell, or a bored seat; never paper or foil behind it.',
})
export const crushTight = (crushMm: number, highMm: number): Saying => ({
  reason: `The half shell stands proud by ${mm(crushMm, 2)}, and ${mm(highMm, 2)} is the most: the cap bends it inward at the joint.`,
  wayOut: 'Check the seat, dirt behind the shell and that it is the right one; dress the joint faces by hand only.',
})
