import { factsOf, bearingTypeNames, type BearingType } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Saying } from '../working/check.ts'
import { degrees, life, lifeFigures, longestLifeH, newtons, percent, plain, withArticle } from '../words/quantities.ts'
import { runningWords } from '../words/vocabulary.ts'
import type { AxialLimit } from './axial-limits.ts'

// Every sentence of Carry.

/** Share of the rating that the minimum load is, in words. */
const minimumShare = (type: BearingType) => (factsOf(type).minimumLoadShare === 0.01 ? 'a hundredth' : 'a fiftieth')
const bearingOf = (type: BearingType) => `${bearingTypeNames[type]} bearing`

export const refused = (message: string, fix: string): Saying => ({ reason: `${message}.`, wayOut: fix })

export const beyondRating: Saying = {
  reason: 'The load is above the basic dynamic load rating: the raceways will brinell immediately.',
  wayOut: 'Take a larger bearing, or find why the load is so high.',
}

export interface Lives {
  judgedH: number
  basicH: number
  requiredH: number
  /** With film and contamination taken in. */
  modified: boolean
  /** From estimated ratings. */
  estimated: boolean
}

const lifeSaid = ({ judgedH, requiredH, modified, estimated }: Lives) =>
  `The ${modified ? 'modified' : 'basic'} rating life is ${life(judgedH, lifeFigures(estimated))}, required are ${life(requiredH, 3)}`

export const livesLong = (lives: Lives): Saying => ({
  reason: `${lifeSaid(lives)}.`,
  wayOut:
    lives.judgedH > longestLifeH
      ? 'Keep it clean and greased: its grease, dirt or a loose seat ends it, not fatigue.'
      : 'Keep it clean and greased; fatigue is then not what ends it.',
})

export const greaseEndsIt = (greaseH: number, lives: Lives): Saying => ({
  reason: `Its grease is done after ${life(greaseH, 2)}, in one of ten. ${lifeSaid(lives)}.`,
  wayOut:
    greaseH < lives.requiredH
      ? 'Plan a new one by then, keep it cooler, or take one that can be greased.'
      : 'Keep it clean and no warmer than it is.',
})

export const ratingHigh = (share: number, leastH: number, wantedH: number): Saying => ({
  reason: `The estimate of this size may be ${percent(share)} too high: then it lasts ${life(leastH, 2)}, and ${life(wantedH, 3)} are asked.`,
  wayOut: 'Enter the maker’s rating C, and read it again.',
})

export const livesShort = (lives: Lives, far: boolean, preloaded: boolean): Saying => ({
  reason: `${lifeSaid(lives)}: ${far ? 'less than half' : 'too short'}.`,
  wayOut: preloaded
    ? 'Ease the preload: it loads both bearings of the pair for nothing.'
    : lives.modified && lives.basicH >= lives.requiredH
      ? 'Cleaner grease and a thicker film buy most here; else a lower load or a higher rating.'
      : 'Lower the load (belt tension, balance, alignment), or take a bearing of higher rating.',
})

export const misaligned = (type: BearingType, actualDeg: number, permissibleDeg: number): Saying => ({
  reason: `The misalignment is ${degrees(actualDeg)}; ${withArticle(bearingOf(type))} tolerates about ${degrees(permissibleDeg)}.`,
  wayOut: 'Put the seats in line, or take a type that swivels: spherical, toroidal, self-aligning.',
})

export const bothWays = (type: BearingType): Saying => ({
  reason: `The axial load comes both ways, and a single ${bearingOf(type)} takes it one way only.`,
  wayOut: 'Set two against each other, or take a type that carries both ways: deep groove, spherical, a double row.',
})

export const unpaired = (type: BearingType): Saying => ({
  reason: `${withArticle(bearingOf(type)).replace(/^a/, 'A')} makes an axial force of its own under radial load, and nothing says what bears against it.`,
  wayOut: 'Say how the pair is arranged and give the load on the other bearing.',
})

export const oneWay: Saying = {
  reason: 'An NJ bearing takes light axial load one way only, by sliding on its rib.',
  wayOut: 'See that the load pushes the inner ring against its rib, and that the other end takes the other way.',
}

/** Whose limit the speed is held to. */
type LimitBy = 'type' | 'seals' | 'maker'
const fasterOnes: Record<LimitBy, string> = {
  type: 'Take a type or size made for the speed, unless the maker’s limit for this very bearing says otherwise.',
  seals: 'Take it with shields or low-friction seals, unless the maker’s limit for this very bearing says otherwise.',
  maker: 'Take a bearing whose maker gives it more, or ask for its limit with your lubricant.',
}
export const tooFast = (ratio: number, by: LimitBy): Saying => ({
  reason:
    by === 'maker'
      ? `It turns at ${plain(ratio)} times the limiting speed of its maker’s list.`
      : `Its speed factor n·dm is ${plain(ratio)} times the limit ${by === 'seals' ? 'of its rubbing seals' : 'of its type'}.`,
  wayOut: fasterOnes[by],
})
export const nearlyTooFast = (ratio: number, by: LimitBy): Saying => ({
  reason: tooFast(ratio, by).reason,
  wayOut: 'Watch the temperature at run-up; grease is used up fast.',
})

export const staticSafetyLow = (
  safety: number,
  recommended: number,
  running: RollingPosition['load']['running'],
): Saying => ({
  reason: `The static safety factor is ${plain(safety)}, recommended are ${recommended} for ${runningWords[running]} running: the raceways may dent at standstill or under shock.`,
  wayOut: 'Take a bearing of higher static rating, or keep the shock off it.',
})

export const belowMinimum = (type: BearingType, loaded: boolean): Saying => ({
  reason: loaded
    ? `The load is below the minimum load, ${minimumShare(type)} of the rating: the rolling elements may skid instead of roll.`
    : 'No load is on it: the rolling elements skid instead of roll.',
  wayOut: 'Preload with springs where the type allows it, or take a smaller bearing.',
})

export const heavy: Saying = {
  reason: 'The load is over half of the dynamic rating, beyond what the life formula vouches for.',
  wayOut: 'Take a larger bearing.',
}

export const secondRowUnloaded = (ratio: number, limit: number): Saying => ({
  reason: `The axial load is ${plain(ratio, { decimals: 2 })} of the radial, above ${plain(limit, { decimals: 2 })}: the second row runs unloaded and its rollers slide.`,
  wayOut: 'Let a bearing made for axial load take it, or raise the radial share; more clearance makes it worse.',
})

export const fourPointContact: Saying = {
  reason: 'With so little axial load the balls touch at three or four points and slide.',
  wayOut: 'Let another bearing take the radial load; fit this one radially free.',
}

export const lightSeriesAxial: Saying = {
  reason: 'The axial load is over a quarter of the static rating of a light series: the balls ride up the shoulder.',
  wayOut: 'Take a heavier series or an angular contact bearing.',
}

const limitWords: Record<AxialLimit['key'], { what: string; harm: string; wayOut: string }> = {
  sleeve: {
    what: 'an adapter sleeve without an abutment holds',
    harm: 'the ring walks along the shaft',
    wayOut: 'Give the inner ring an abutment (a shoulder or a spacer), or let another bearing take the axial load.',
  },
  ribShare: {
    what: 'the ribs bear beside this radial load',
    harm: 'the rollers tilt and wear the ribs',
    wayOut: 'Let a ball, tapered or spherical roller bearing take the axial load.',
  },
  ribRun: {
    what: 'the ribs bear for long at this speed',
    harm: 'they run hot and score',
    wayOut:
      'Let a ball, tapered or spherical roller bearing take the axial load; for short moments twice as much passes.',
  },
  setScrews: {
    what: 'set screws hold',
    harm: 'the inner ring slips along the shaft',
    wayOut: 'Take an insert bearing on an adapter sleeve, put a collar against it, or locate the shaft elsewhere.',
  },
  collar: {
    what: 'an eccentric collar holds',
    harm: 'the inner ring slips along the shaft',
    wayOut: 'Put a shoulder or a ring against it, or locate the shaft elsewhere.',
  },
}

export const axialOverLimit = (axialN: number, { key, mostN }: AxialLimit): Saying => {
  const { what, harm, wayOut } = limitWords[key]
  return { reason: `The axial load is ${newtons(axialN)}; ${what} ${newtons(mostN)}: ${harm}.`, wayOut }
}

/** What governs the permissible axial load, in a working. */
export const axialLimitLabel = ({ key }: AxialLimit): string => limitWords[key].what

export const letsGo = (axialN: number, liftOffN: number, preloadN: number): Saying => ({
  reason: `An axial load of ${newtons(axialN)} lets one bearing of the pair go: a preload of ${newtons(preloadN)} holds both up to ${newtons(liftOffN)}.`,
  wayOut:
    'Preload it more, to the figure of the machine’s maker and as warm as it runs, or take a pair of larger angle; what is let go skids and chatters.',
})
