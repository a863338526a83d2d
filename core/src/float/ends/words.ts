import type { ShaftEnd } from '../../kinds/rolling/position.ts'
import type { Saying } from '../../working/check.ts'
import { capital, celsius, mm } from '../../words/quantities.ts'
import type { BlockEnd } from './block-end.ts'
import type { CapEnd } from './cap-end.ts'
import type { CouplingOutcome, EndsOutcome } from './work-out.ts'

// Every sentence about which end holds.

export const endWords: Record<ShaftEnd, string> = { this: 'this end', other: 'the other end' }

export const cannotHold = (designation: string): Saying => ({
  reason: `This end is to hold the shaft, and ${designation} lets it run through.`,
  wayOut:
    'Put a bearing on the bench that holds both ways, a deep groove ball bearing of this size, or let the other end hold.',
})

export const floatingShort = (end: ShaftEnd, cap: CapEnd, leaveMm: number): Saying => ({
  reason: `At ${endWords[end]} the cap ${
    cap.roomMm < 0 ? `clamps the outer ring by ${mm(-cap.roomMm)}` : `leaves the outer ring ${mm(cap.roomMm)}`
  }, and it needs ${mm(cap.afterMm)}: ${mm(leaveMm)} toward the growth and ${mm(cap.afterMm - leaveMm)} on the other side.`,
  wayOut: `Machine ${mm(cap.cutMm)} off the spigot of the cap, or bore the housing so much deeper, and set the ring ${mm(cap.fromShoulderMm)} from the shoulder.`,
})

export const floatingFree = (end: ShaftEnd, cap: CapEnd): Saying => ({
  reason: `At ${endWords[end]} the outer ring has ${mm(cap.roomMm)}, which is enough.`,
  wayOut: `Set it ${mm(cap.fromShoulderMm)} from the shoulder, cold.`,
})

export const heldClamped = (end: ShaftEnd, { roomMm, cutMm }: CapEnd): Saying => ({
  reason: `${capital(endWords[end])} is to hold, and its cap clamps the outer ring by ${mm(-roomMm)}: its bolts bend the cap and squeeze the ring.`,
  wayOut: `Machine ${mm(cutMm)} off the spigot: the ring is held with up to 0.1 mm to spare.`,
})
export const heldLoose = (end: ShaftEnd, { roomMm, fillMm }: CapEnd): Saying => ({
  reason: `${capital(endWords[end])} is to hold, and its cap leaves the outer ring ${mm(roomMm)}: the shaft knocks to and fro.`,
  wayOut: `Fill it with a ring of ${mm(fillMm)} between cap and bearing.`,
})
export const heldWell = (end: ShaftEnd, { roomMm }: CapEnd): Saying => ({
  reason: `${capital(endWords[end])} holds its outer ring with ${mm(Math.max(0, roomMm))} to spare.`,
  wayOut: 'Push the shaft both ways with a dial gauge: the play of the bearing, no more.',
})

export const ringTooWide = (end: ShaftEnd, { roomMm, oneMm, eachOfTwoMm }: BlockEnd): Saying => ({
  reason: `The locating rings at ${endWords[end]} are ${mm(-roomMm)} too wide for their block: it will not close over them.`,
  wayOut: `Two rings of ${mm(eachOfTwoMm)} hold it, or one of ${mm(oneMm)}.`,
})
export const ringsInBoth: Saying = {
  reason:
    'Locating rings hold the bearing in both blocks: once the shaft warms it pushes them apart, and one fails within weeks.',
  wayOut: 'Take the rings out of one block, usually the one away from the coupling.',
}
export const ringsInNeither = (own: BlockEnd): Saying => ({
  reason: 'No block holds its bearing: the shaft wanders until something rubs.',
  wayOut: `Put rings into the block beside the coupling: two of ${mm(own.eachOfTwoMm)} here, or one of ${mm(own.oneMm)}.`,
})
export const ringsElsewhere = (end: ShaftEnd, block: BlockEnd | null): Saying => ({
  reason: `The rings lie at ${endWords[end]}, and the other of the two blocks is to hold.`,
  wayOut: `Take them out there${block ? `, and put two of ${mm(block.eachOfTwoMm)} or one of ${mm(block.oneMm)} into the block that is to hold` : ''}.`,
})
export const ringLeftIn = (end: ShaftEnd): Saying => ({
  reason: `A locating ring lies in the block that floats, at ${endWords[end]}: it takes room on one side and holds nothing.`,
  wayOut: 'Take it out.',
})

/** Which way the shaft grows, seen from the end that holds. */
export const whichWay = (way: EndsOutcome['way']): string =>
  way === 'toward-coupling'
    ? 'The shaft grows toward the coupling'
    : way === 'away-from-coupling'
      ? 'The shaft grows away from the coupling'
      : 'The shaft grows away from the end that holds'

const gapCloses = ({ closesMm, coldMm, hotMm }: CouplingOutcome, way: EndsOutcome['way']): string => {
  const moves = closesMm < 0 ? `opens by ${mm(-closesMm)}` : `closes by ${mm(closesMm)}`
  const why = way === 'toward-coupling' ? 'The shaft grows toward the coupling, and its gap' : 'The gap of the coupling'
  return `${why} ${moves}: ${mm(coldMm ?? 0)} cold, ${mm(hotMm ?? 0)} when it is hot`
}

export const gapGone = (coupling: CouplingOutcome, way: EndsOutcome['way']): Saying => ({
  reason: `${gapCloses(coupling, way)}${coupling.leastMm === null ? '' : `, where ${mm(coupling.leastMm)} is needed`}.`,
  wayOut: `Set the gap to ${mm(coupling.closesMm + (coupling.leastMm ?? 0))} cold, as far as the coupling’s end float allows${
    way === 'toward-coupling' ? ', or hold the shaft at the end beside it' : ''
  }.`,
})
export const gapLeft = (coupling: CouplingOutcome, way: EndsOutcome['way']): Saying => ({
  reason: `${gapCloses(coupling, way)}.`,
  wayOut: 'Check the end float that the coupling allows, and align it as it stands hot.',
})

export const usedUp = (atC: number, leftMm: number): Saying => ({
  reason: `At its hottest ${mm(leftMm)} of the room is left; it would be used up at ${celsius(atC)}.`,
  wayOut: 'Read the shaft between the bearings at the first full run, and hold it against this.',
})
