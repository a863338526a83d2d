import { calculation } from '../../working/calculation.ts'
import { shrinkage } from './chill.ts'
import { heatCapacity } from '../window.ts'
import { ThawInput } from './thaw.schema.ts'

export interface Thaw {
  /** Warmer than this it no longer goes in, °C. */
  seizesC: number
  /** Time from taking out until then, in still air, s; 0 where it never goes in. */
  windowS: number
}

/** Still air and the frost that settles: faster than a warm ring cools, W/m²K. */
const toAir = 18

/** Time constant of a part that warms in still air, s. */
const warmingTimeS = (massKg: number, areaMm2: number): number => (massKg * heatCapacity) / (toAir * areaMm2 * 1e-6)

/** A chilled part after some seconds in still air, °C. */
export const warmedFor = (
  { massKg, areaMm2, roomC }: Pick<ThawInput, 'massKg' | 'areaMm2' | 'roomC'>,
  startC: number,
  seconds: number,
): number => roomC - (roomC - startC) * Math.exp(-seconds / warmingTimeS(massKg, areaMm2))

/**
 * How long a chilled part stays small enough, from taking out.
 *
 *     window = m c / (h A) · ln((room − out) / (room − seizes)),   where the shrinkage at `seizes` is the tightest fit
 *
 * @example thaw({ massKg: 1, areaMm2: 30000, odMm: 90, interferenceMaxUm: 80, roomC: 22, ringC: -193 }).windowS // 841
 * @see lumped warming with frost; contraction of steel to 77 K
 */
export function thaw({ massKg, areaMm2, odMm, interferenceMaxUm, roomC, ringC }: ThawInput): Thaw {
  const seizesC = coldEnough(odMm, roomC, interferenceMaxUm, ringC)
  if (seizesC === null || ringC >= roomC) return { seizesC: seizesC ?? ringC, windowS: 0 }
  const tau = warmingTimeS(massKg, areaMm2)
  // A part that goes in at the temperature of the room has no hurry; a hair below it is told.
  return { seizesC, windowS: tau * Math.log((roomC - ringC) / Math.max(1e-3, roomC - seizesC)) }
}

/** Warmest temperature at which a diameter is so much smaller than in the room; null where even `ringC` is not. */
export function coldEnough(odMm: number, roomC: number, smallerUm: number, ringC: number): number | null {
  if (shrinkage(odMm, roomC, ringC) < smallerUm) return null
  let [cold, warm] = [ringC, roomC]
  for (let step = 0; step < 60; step++) {
    const middle = (cold + warm) / 2
    if (shrinkage(odMm, roomC, middle) >= smallerUm) cold = middle
    else warm = middle
  }
  return cold
}

export const thawCalculation = calculation(
  'mount.thaw',
  'Time a chilled part stays small enough',
  'Lumped warming; contraction of steel',
  ThawInput,
  thaw,
)
