import type { Seat } from './fit-result.ts'
import type { Limits } from './iso286-limits.ts'

/** A source of chance: numbers from 0 up to, not including, 1. */
export type RandomSource = () => number

/** A small, fast generator with a seed, so that a simulation can be repeated. */
export function seededRandom(seed: number): RandomSource {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

/**
 * Fits of many rings on many seats, each size drawn about the middle of its tolerance, µm, tight positive.
 *
 * A size is the sum of three even draws scaled to its tolerance: bell-shaped, and never outside it.
 *
 * @param count - how many; the result has as many
 */
export function simulateFits(
  seat: Seat,
  worked: Limits,
  ring: Limits,
  count: number,
  random: RandomSource,
): Float32Array {
  const fits = new Float32Array(count)
  const seatWidth = (worked.upperUm - worked.lowerUm) / 3
  const ringWidth = (ring.upperUm - ring.lowerUm) / 3
  const sign = seat === 'shaft' ? 1 : -1
  for (let index = 0; index < count; index++) {
    const seatUm = worked.lowerUm + seatWidth * (random() + random() + random())
    const ringUm = ring.lowerUm + ringWidth * (random() + random() + random())
    fits[index] = sign * (seatUm - ringUm)
  }
  return fits
}

/** How often fits fell into each of equally wide bins from loosest to tightest. */
export interface FitHistogram {
  fromUm: number
  toUm: number
  counts: number[]
  /** Share of the fits that came out loose. */
  looseShare: number
}

/** Sorts fits into bins between the loosest and the tightest that can be. */
export function fitHistogram(fits: Float32Array, fromUm: number, toUm: number, bins: number): FitHistogram {
  const counts = Array.from({ length: bins }, () => 0)
  const width = (toUm - fromUm) / bins
  let loose = 0
  for (const fit of fits) {
    const bin = Math.min(bins - 1, Math.max(0, Math.floor((fit - fromUm) / width)))
    counts[bin] = (counts[bin] ?? 0) + 1
    if (fit < 0) loose++
  }
  return { fromUm, toUm, counts, looseShare: fits.length > 0 ? loose / fits.length : 0 }
}
