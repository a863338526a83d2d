import { minutesWords } from '@yardfrost/core'

/** What happened to a chilled part last, and when. */
export interface ChillEvent {
  what: 'in' | 'out' | 'home' | 'stuck'
  /** Milliseconds since 1970, as clocks count. */
  at: number
}

/** How long it lies in the coolant and how long it stays small enough, s. */
export interface ChillTimes {
  lowS: number
  highS: number
  windowS: number
}

/** Time since the last event, s; 0 before the first. */
export const sinceS = (event: ChillEvent | null, nowMs: number): number =>
  event ? Math.max(0, (nowMs - event.at) / 1000) : 0

/** Left until it seizes, s; null unless it is out. */
export const leftS = (event: ChillEvent | null, { windowS }: ChillTimes, nowMs: number): number | null =>
  event?.what === 'out' ? Math.max(0, windowS - sinceS(event, nowMs)) : null

/** The one thing to do, or to know, now. */
export function chillSays(event: ChillEvent | null, times: ChillTimes, nowMs: number): string {
  const { lowS, highS, windowS } = times
  if (!event) return 'Seat gauged and oiled, depth stop set, gloves and goggles on: put it in.'
  switch (event.what) {
    case 'in': {
      const past = sinceS(event, nowMs)
      if (past < lowS) return `Cooling. At the earliest in ${minutesWords((lowS - past) / 60)}.`
      return past < highS ? 'It may be cold through now: read the probe.' : 'It is cold through: take it out.'
    }
    case 'out': {
      const left = leftS(event, times, nowMs) ?? 0
      if (left <= 0) return 'It would seize now: do not force it. Back into the coolant.'
      return left > windowS / 2
        ? 'Wipe the frost off and push it home in one move.'
        : 'More than half the time is gone: home now, or back into the coolant.'
    }
    case 'home':
      return 'It is home. Hold it until it grips; dry it as it warms, and oil it.'
    case 'stuck':
      return 'Stopped short: no hammer. Warm the housing round it at once and push on; else let it warm and press it out.'
    default:
      return event.what satisfies never
  }
}
