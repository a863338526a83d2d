import { bearingTypeNames, type BearingType, type ClearanceClass, type Closure } from '../bearing-types/index.ts'
import type { AssumedField } from '../catalogue/decode-designation.ts'
import type { Saying } from '../working/check.ts'
import { capital, celsius, um, withArticle } from '../words/quantities.ts'
import { closureWords } from '../words/vocabulary.ts'

// Every sentence of Identify.

export const refused = (allowed: string, fix: string): Saying => ({
  reason: `This cannot be read as a designation: it must be ${allowed}.`,
  wayOut: fix,
})
export const notInTables = (normal: string, fix: string): Saying => ({
  reason: `${normal} is right as a number, but its size is not in the tables.`,
  wayOut: fix,
})

const assumedWords: Record<AssumedField, string> = {
  clearanceClass: 'clearance',
  closure: 'closure',
  boreShape: 'bore',
}
export const partsUnread = (unknown: readonly string[], assumed: readonly AssumedField[]): Saying => ({
  reason: `${unknown.join(', ')} is not read, so ${assumed.map((name) => assumedWords[name]).join(', ') || 'nothing more'} cannot be taken as confirmed.`,
  wayOut: 'Look at the bearing: closure on both sides, bore at both faces, clearance with a feeler or on the box.',
})

// Clearance

export const clearanceSetOnMounting: Saying = {
  reason: 'This type gets its clearance when it is mounted, not in the box.',
  wayOut: 'Set end play or preload with a dial gauge.',
}
export const clearanceByShaft: Saying = {
  reason: 'It has no inner ring: the raceway on the shaft makes its clearance.',
  wayOut: 'Keep the raceway to its zone in Seat, hardened and ground.',
}
export const clearanceNotCalledFor: Saying = {
  reason: 'Nobody has said which clearance class the machine calls for.',
  wayOut: 'Read the machine’s manual or the old bearing’s suffix; no suffix means normal, CN.',
}
const inBox = (found: ClearanceClass, assumed: boolean) =>
  assumed ? `the designation says none, which is ${found}` : `the designation says ${found}`
export const clearanceRight = (required: ClearanceClass, assumed: boolean): Saying => ({
  reason: `${required} is called for and ${inBox(required, assumed)}.`,
  wayOut: 'Same number, same clearance: this is the bearing.',
})
export const clearanceUnconfirmed = (required: ClearanceClass, unread: readonly string[]): Saying => ({
  reason: `${required} is called for, and beside ${unread.join(', ')}, which is not read, the clearance is not known.`,
  wayOut: 'Read the box again, or measure the clearance before it is mounted.',
})

export interface WrongClearance {
  required: ClearanceClass
  found: ClearanceClass
  assumed: boolean
  size: string
  tighter: boolean
}
export const clearanceWrong = ({ required, found, assumed, size, tighter }: WrongClearance): Saying => ({
  reason: `The machine calls for ${required}, and ${inBox(found, assumed)}: ${tighter ? 'it runs out of clearance when hot and seizes' : 'it runs with too much play, noise and a small load zone'}.`,
  wayOut: `Get ${size} with ${required === 'CN' ? 'no clearance suffix' : `the suffix ${required}`}. The same base number is not the same bearing.`,
})
export const clearanceRoomier = ({ required, found, assumed }: WrongClearance): Saying => ({
  reason: `The machine calls for ${required}, and ${inBox(found, assumed)}: so slow, a little more play does no harm.`,
  wayOut: `Order ${required} the next time.`,
})

// Closure, bore, cage, class, heat

/** Suffix that asks for a closure on both sides, as one orders it. */
export const closureSuffix: Record<Closure, string> = {
  open: '',
  shield: '-2Z',
  'contact-seal': '-2RS',
  'low-friction-seal': '-2RZ',
}

export const asCalledFor = (what: string): Saying => ({ reason: `${what}, as called for.`, wayOut: 'Nothing to do.' })

const harms = {
  shieldedNotOpen: 'oil and fresh grease reach it badly through the shields',
  sealedNotOpen: 'neither oil nor fresh grease reaches it, and the seals rub',
  lightlySealedNotOpen: 'neither oil nor fresh grease reaches it',
  openNotShielded: 'the grease gets out and dirt gets in',
  rubs: 'the seals rub: it runs warmer and stands less speed',
  openNotSealed: 'water and dirt get in at once',
  shieldNotSeal: 'a shield keeps grease in, not water out',
  lightNotContact: 'a seal that does not touch keeps less water out',
  openNotLight: 'dirt gets in and the grease gets out',
  shieldNotLight: 'a shield keeps less dirt out',
  oneSide: 'one side is open',
} as const
export type ClosureHarm = keyof typeof harms

export const closureWrong = (
  wanted: Closure,
  present: Closure,
  oneSide: boolean,
  harm: ClosureHarm,
  made: boolean,
): Saying => ({
  reason: `The machine calls for ${wanted === 'open' ? 'an open bearing' : closureWords[wanted]}, this has ${present === 'open' ? 'none' : closureWords[present]}${oneSide ? ' on one side' : ''}: ${harms[harm]}.`,
  wayOut:
    wanted === 'open'
      ? 'Get the open one.'
      : made
        ? `Get it with ${closureSuffix[wanted].slice(1)}.`
        : 'This series is not made with them: seal the housing, or take another type.',
})

export const boreWrong = (wanted: 'cylindrical' | 'tapered'): Saying =>
  wanted === 'tapered'
    ? { reason: 'The seat or sleeve is tapered and the bore is not: it bears on one edge.', wayOut: 'Get it with K.' }
    : {
        reason: 'The bore is tapered and the seat is not: it bears on one edge and cannot be held.',
        wayOut: 'Get it without K.',
      }

export const cageNotStated = (wanted: string): Saying => ({
  reason: `The machine calls for a ${wanted} cage, and the designation does not say what this one has.`,
  wayOut:
    'Look between the rings: pressed steel is thin and riveted, brass yellow and turned, polyamide dull and light.',
})
export const cageWrong = (wanted: string, present: string): Saying => ({
  reason:
    present === 'polyamide'
      ? `The machine calls for a ${wanted} cage, this has polyamide: it grows brittle above ${celsius(120)} and in some oils and ammonia.`
      : `The machine calls for a ${wanted} cage, this has ${present}.`,
  wayOut: `Get it with the ${wanted} cage, or ask the machine’s maker whether ${present} will do.`,
})

export const classTooCoarse = (wanted: string, present: string): Saying => ({
  reason: `Class ${wanted} is called for, this is ${present}: the spindle runs out, and its seats are worked for the finer ring.`,
  wayOut: `Get it with ${wanted}.`,
})

export const ringsStable = (stableC: number): Saying => ({
  reason: `The rings keep their size up to ${celsius(stableC)}.`,
  wayOut: 'Nothing to do.',
})
export const ringsGrow = (hottestC: number, stableC: number, suffix: string | null): Saying => ({
  reason: `A ring reaches ${celsius(hottestC)}, and these keep their size up to ${celsius(stableC)} only: the inner ring grows for good and comes loose.`,
  wayOut: `Get it stabilised, suffix ${suffix ?? 'of the maker’s for this heat'}; closures and grease must stand it too.`,
})
export const ringsPerhapsStable = (hottestC: number): Saying => ({
  reason: `A ring reaches ${celsius(hottestC)}; rings of this type are commonly stabilised to ${celsius(200)}, but the designation does not say so.`,
  wayOut: 'Ask the maker of this bearing what its rings are stabilised for.',
})

// Measured

export const sidesDiffer: Saying = {
  reason: 'The two sides are closed differently, which is rare.',
  wayOut: 'Look at both again: a shield is steel with a fine gap, a seal is rubber.',
}
export const markingDisagrees = (normal: string): Saying => ({
  reason: `The marking reads ${normal}, and the readings do not fit that.`,
  wayOut: 'Read it again under a lamp: a 6 passes for an 8, a 0 for a D; then measure again.',
})
export const readingsSpread = (spreadUm: number): Saying => ({
  reason: `The readings of one diameter differ by ${um(spreadUm)}.`,
  wayOut: 'Measure again in other planes, clear of burrs, rust and chamfers.',
})
export const perhapsInch: Saying = {
  reason: 'A size lies on a sixteenth of an inch: it may be an inch bearing that is not in the tables.',
  wayOut: 'Look for a number on the rings, and ask for the bearing by that.',
}
export const inchBySize = (designation: string): Saying => ({
  reason: `The readings fit the inch cone and cup ${designation}; others have these sizes too, with another corner.`,
  wayOut: 'Read the number on the rings, cone and cup each for itself, and enter both.',
})
export const nothingFits = (nearest: string | null, misfitUm: number): Saying => ({
  reason: nearest
    ? `No size in the tables fits: the nearest, ${nearest}, is ${um(misfitUm)} off.`
    : 'No size in the tables is near these readings.',
  wayOut:
    'Check bore, outside and width for swapped fields and slipped digits, then what rolls and how the rings look: it may be a badly worn seat, an inch bearing, or one that is not in the catalogue.',
})
export const numberDisagrees = (size: string, nearest: string | null): Saying => ({
  reason: `The designation says ${size}, and the readings do not fit it.`,
  wayOut: `Measure again, or take ${nearest ?? 'another'}: the box may hold another bearing.`,
})

// What else has the same size

export type Change =
  | 'light axial load one way only'
  | 'light axial load both ways'
  | 'axial load one way only'
  | 'no axial load'
  | `${'no' | 'more' | 'less'} ${'axial load' | 'radial load' | 'growth inside the bearing' | 'stiffness'}`
  | 'forgives misalignment'
  | 'forgives no misalignment'

export const otherSeries = (series: string): string =>
  `Series ${series}: the inside differs, so ratings and rings do not interchange.`
export const otherType = (type: BearingType, changes: readonly Change[]): string => {
  const named = withArticle(`${bearingTypeNames[type]} bearing`)
  return `${capital(named)}${changes.length > 0 ? `: ${changes.join(', ')}` : ''}.`
}

/** What to ask of whoever looks a measured bearing up. */
export const asked = (numbered: boolean, inch: boolean): string =>
  [
    inch ? 'Is it an inch bearing? A size lies on a sixteenth of an inch.' : '',
    numbered
      ? 'Which clearance does the machine call for? Without a suffix it is normal. Which cage and class, and is the bore straight?'
      : 'Is there a number on either ring, on the box, in the machine’s papers?',
  ]
    .filter(Boolean)
    .join(' ')
