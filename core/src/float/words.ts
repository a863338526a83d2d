import { bearingTypeNames, type BearingType, type ClearanceClass } from '../bearing-types/index.ts'
import type { Saying } from '../working/check.ts'
import { capital, celsius, hours, kelvin, mm, newtons, percent, um, withArticle } from '../words/quantities.ts'

// Every sentence of Float.

export const clearanceLeft = (leastUm: number): Saying => ({
  reason: `Clearance is left running, probably at least ${um(leastUm)}.`,
  wayOut: 'Check the hottest start-up as well.',
})

export const touchOfPreload = (leastUm: number, share: number): Saying => ({
  reason: `At the least probable it runs at ${um(leastUm)}: a touch of preload, and the life there is ${percent(share)} of the basic rating life.`,
  wayOut: 'Nothing to do; keep the fits to their zones.',
})

/** Why the tight side is tight, as far as it shows. */
export interface Tightness {
  judgedUm: number
  share: number
  running: boolean
  betterClass: ClearanceClass | null
  innerC: number | null
  outerC: number | null
  /** A housing of light alloy, colder than the shop. */
  shrunkHousing: boolean
  roller: boolean
}

/** From here up the inner ring is so much warmer that the difference is the cause, K. */
const muchWarmerK = 15

export const tooTight = (tight: Tightness): Saying => ({
  reason: `${tight.running ? 'At the least probable it runs at' : 'Mounted and cold it is probably at'} ${um(tight.judgedUm)}: preloaded, with ${percent(tight.share)} of the basic rating life${tight.roller ? '; on the tight side rollers forgive nothing' : ''}.`,
  wayOut: wayOutOfTightness(tight),
})

function wayOutOfTightness({ betterClass, innerC, outerC, shrunkHousing }: Tightness): string {
  if (shrunkHousing)
    return 'Give the outer ring a looser seat, a steel liner, or a housing of cast iron: the cold housing squeezes it.'
  const better = betterClass ? `${betterClass} keeps its life here, if the machine’s maker agrees; ` : ''
  const warmer = innerC !== null && outerC !== null && innerC - outerC > muchWarmerK
  const rest = warmer
    ? `find why the shaft is ${kelvin(innerC - outerC)} warmer than the housing, or ease the fit.`
    : 'measure this bearing and both seats, or ease the fit.'
  return better ? better + rest : capital(rest)
}

export const preloadUnjudged = (judgedUm: number): Saying => ({
  reason: `The clearance may be gone, ${um(judgedUm)}; whether that costs life hangs on the load.`,
  wayOut: 'Give the load.',
})

export const temperaturesDiffer = (outerC: number, runningC: number): Saying => ({
  reason: `The outer ring is entered at ${celsius(outerC)} and the housing at ${celsius(runningC)}: ${kelvin(Math.abs(outerC - runningC))} apart at one place.`,
  wayOut: 'Measure at the housing over the loaded side and enter that one temperature.',
})

export const endPlayLeft = (coldMm: number, hotMm: number): Saying => ({
  reason: `${mm(coldMm, 3)} of end play cold leaves ${mm(hotMm, 3)} running.`,
  wayOut: 'Push the shaft both ways with a dial gauge, turning it all the while, and record the play.',
})
export const endPlayScant = (coldMm: number, hotMm: number): Saying => ({
  reason: `${mm(coldMm, 3)} of end play cold leaves only ${mm(hotMm, 3)} running.`,
  wayOut: 'Set a little more, and watch the temperature of the first hour.',
})
export const preloadLight = (hotMm: number): Saying => ({
  reason: `The pair runs with ${mm(-hotMm, 3)} of preload, as matched pairs do.`,
  wayOut: 'Keep to the preload class of the machine’s maker.',
})

export interface PairSetting {
  coldMm: number
  hotMm: number
  backToBack: boolean
  /** Cold setting that leaves a little play when hot, mm. */
  advisedMm: number
}

export const preloadWatched = ({ coldMm, hotMm }: PairSetting): Saying => ({
  reason:
    coldMm < 0
      ? `The pair is set with ${mm(-coldMm, 3)} of preload cold, ${mm(-hotMm, 3)} running.`
      : `The end play is gone when it runs: ${mm(-hotMm, 3)} of preload.`,
  wayOut: 'Preload only to the figure of the machine’s maker, and watch the temperature of the first hour.',
})
export const preloadTooMuch = ({ coldMm, hotMm, backToBack, advisedMm }: PairSetting): Saying => ({
  reason:
    coldMm < 0
      ? `The pair is set with ${mm(-coldMm, 3)} of preload cold, ${mm(-hotMm, 3)} running: it heats and tightens further.`
      : `The end play is gone when it runs: ${mm(-hotMm, 3)} of preload, and it tightens as it heats.`,
  wayOut: backToBack
    ? `Set ${mm(advisedMm)} cold, or as the machine’s maker says.`
    : `Set ${mm(advisedMm)} cold; back to back the longer shaft would slacken the pair instead.`,
})

export const cannotLocate = (designation: string): Saying => ({
  reason: `This end is to locate the shaft, and ${designation} lets it run through: it holds in no direction.`,
  wayOut:
    'Locate the shaft with a deep groove, spherical or paired bearing here, and let this type float at the other end.',
})
export const cannotFloatInside = (type: BearingType): Saying => ({
  reason: `${withArticle(`${bearingTypeNames[type]} bearing`).replace(/^a/, 'A')} takes no growth inside itself.`,
  wayOut: 'Let the outer ring slide in its housing, or take a type that floats inside: NU, N, needle, toroidal.',
})
export const floatsNowhere: Saying = {
  reason: 'This end is to float in its housing, but Seat holds both rings.',
  wayOut: 'Give the ring under the stationary load, usually the outer, a sliding fit and the room.',
}
export const floats = (inside: boolean): Saying => ({
  reason: inside ? 'The growth is taken inside the bearing.' : 'The ring slides in its housing.',
  wayOut: 'Start it off the middle, with most of the room on the growth side.',
})

/** A shaft that has no room, and what that costs. */
export interface Bound {
  growthMm: number
  shortMm: number
  leaveMm: number
  bothHeld: boolean
  /** Locating rings in the split block that floats; null where it is none. */
  rings: number | null
  thrustN: number | null
  lifeLeftH: number | null
}

function costs({ thrustN, lifeLeftH }: Bound): string {
  if (thrustN === null || thrustN === 0) return ''
  const left =
    lifeLeftH === null
      ? ''
      : lifeLeftH === 0
        ? ', and the bearing has no rated life under that'
        : `, which leaves ${hours(lifeLeftH)}`
  const soon =
    lifeLeftH !== null && lifeLeftH < weeksH ? ' Both ends run hot and whine, and one is spalled within weeks.' : ''
  return ` It pushes with up to ${newtons(thrustN)}${left}.${soon}`
}
/** Some three months: less is told in weeks, h. */
const weeksH = 2000

function setBack({ rings, leaveMm }: Bound): string {
  if (rings === null) return `Set the floating ring back: leave ${mm(leaveMm)} toward the growth.`
  return rings > 0
    ? `Take the locating ring out of the block that floats: it needs ${mm(leaveMm)} toward the growth.`
    : `Take a block with a wider seat at the floating end: it needs ${mm(leaveMm)} toward the growth.`
}

export const shaftBound = (bound: Bound): Saying => ({
  reason: bound.bothHeld
    ? `Both ends are located: ${mm(bound.growthMm)} of growth has nowhere to go.${costs(bound)}`
    : `The shaft grows ${mm(bound.growthMm)}, and the room ends ${mm(bound.shortMm)} short.${costs(bound)}`,
  wayOut: bound.bothHeld
    ? 'Take the locating rings out of one end, usually the one away from the coupling.'
    : setBack(bound),
})
export const shaftFree = (growthMm: number, leftMm: number): Saying => ({
  reason: `The shaft grows ${mm(growthMm)} and ${mm(leftMm)} is left.`,
  wayOut: 'Push the shaft both ways with a dial gauge and record the float.',
})
export const shaftTight = (growthMm: number, leftMm: number, leaveMm: number): Saying => ({
  reason: `The shaft grows ${mm(growthMm)} and only ${mm(leftMm)} is left.`,
  wayOut: `Leave ${mm(leaveMm)} toward the growth.`,
})
export const shaftUnlocated: Saying = {
  reason: 'Neither end is located: the shaft wanders.',
  wayOut: 'Locate one end, usually at the coupling, unless the pair is cross-located on purpose.',
}
