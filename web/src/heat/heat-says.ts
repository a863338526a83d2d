import { toShown, type HeatTarget, type JobEntry, type UnitSystem } from '@yardfrost/core'

/** What happened to a ring: taken off the heater, seated, or stopped short of its seat. */
export type HeatEvent = Extract<JobEntry, { kind: 'heat' }>['event']

/** Both rings as the probes show them, °C. */
export interface Rings {
  innerC: number
  outerC: number
}

/** Where the work stands, as the clock sees it. */
export interface HeatState {
  target: HeatTarget
  /** Last event; null before the first. */
  event: HeatEvent | null
  running: boolean
  /** What the probes show now; null while there is no reading of this run. */
  now: Rings | null
  /** Left until it would seize in air, s; null unless it was lifted. */
  leftS: number | null
  /** The cautions of the step have been acknowledged. */
  warned: boolean
  units: UnitSystem
}

/** From here up a ring still seats with its room after what is lost on the way, °C. */
export const liftFromC = ({ liftC, aimC }: HeatTarget): number => liftC ?? aimC

/** Temperatures are compared as they are shown: a display that reads the target is there. */
const shown = (celsius: number, units: UnitSystem) => Math.round(toShown(celsius, 'temperature', units))

/** Whether the ring may be lifted. */
export const isHotEnough = ({ target, now, units }: Pick<HeatState, 'target' | 'now' | 'units'>): boolean =>
  now !== null && shown(now.innerC, units) >= shown(liftFromC(target), units)

const isTooHot = ({ target, now, units }: HeatState): boolean =>
  now !== null && shown(now.innerC, units) > shown(target.limitC, units)

/** From so much less than the difference it is allowed, the heater waits for the outer ring, K. */
const waitsWithinK = 3

/** The one thing to do, or to know, now. */
export function heatSays(state: HeatState): string {
  const { target, event, running, now, leftS, warned } = state
  if (!running && event === 'home') return 'It is seated. Hold it until it grips, and again when it is cold.'
  if (!running && event === 'short')
    return 'Stopped short: no hammer. Pull it off at once, let it cool, look, heat it again.'
  if (!running && leftS !== null)
    return leftS > 0
      ? 'Slide it home in one move and hold it against the shoulder.'
      : 'It would seize now: do not force it. Heat it again.'
  if (isTooHot(state)) return 'Too hot: switch off, let it cool. Look whether cage, grease and seals have suffered.'
  if (isHotEnough(state)) return 'Lift it now.'
  if (running)
    return now !== null && now.innerC - now.outerC > target.differenceK - waitsWithinK
      ? 'The heater waits for the outer ring to follow.'
      : 'Heating.'
  return warned
    ? 'Probe on the inner ring, gloves on, the way clear: start.'
    : 'Acknowledge the cautions beside it first.'
}

/** Minutes and seconds of a clock, seconds rounded down. */
export const clockWords = (seconds: number): string =>
  `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`
