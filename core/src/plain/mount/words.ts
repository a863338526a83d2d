import { mm, percent, um } from '../../words/quantities.ts'
import { degrees } from '../../words/quantities.ts'
import type { Saying } from '../../working/check.ts'
import type { PlainWay, Strip } from './work-out.ts'

// Every sentence of Mount.

export const plainWayWords: Record<PlainWay, string> = {
  pressed: 'pressed in',
  chilled: 'chilled',
  'warm-housing': 'housing warmed',
  'laid-in': 'shells laid in',
}

export const askew = ({ leastMm, mostMm }: Strip): Saying => ({
  reason: `The strip shows ${um(1000 * leastMm)} at one place and ${um(1000 * mostMm)} at another: journal and bearing do not lie in line.`,
  wayOut: 'Align it, or scrape the tight end; then measure again.',
})
export const thinBlue = (share: number): Saying => ({
  reason: `Blue shows on ${percent(share / 100)} of the loaded face; three quarters are wanted.`,
  wayOut: 'Scrape the spots that bear, blue again.',
})
export const narrow = (deg: number): Saying => ({
  reason: `The journal bears over ${degrees(deg)} of the round; 60° to 120° are wanted.`,
  wayOut: 'Scrape until it bears wider: a line is pressed out in the first hours.',
})
export const wide = (deg: number): Saying => ({
  reason: `The journal bears over ${degrees(deg)} of the round: its sides are tight, and oil is not drawn in.`,
  wayOut: 'Relieve the sides at the joint.',
})
export const gapes = (jointMm: number): Saying => ({
  reason: `A feeler of ${mm(jointMm)} goes into the joint of the cap.`,
  wayOut: 'Dirt, a proud shell or a burr holds it open: off again, find it.',
})
