import { calculation } from '../working/calculation.ts'
import { InputError } from '../errors/input-error.ts'
import { WindowInput } from './window.schema.ts'

/** Still air, convection and radiation together, W/m²K; steel, J/kgK. */
export const heatTransfer = 12
export const heatCapacity = 470

/** Time constant of a piece that cools in still air, s: m c / (h A). */
const coolingTimeS = (massKg: number, areaMm2: number): number =>
  (massKg * heatCapacity) / (heatTransfer * areaMm2 * 1e-6)

/** A hot ring after some seconds in still air, °C. */
export const cooledFor = (
  { massKg, areaMm2, roomC }: { massKg: number; areaMm2: number; roomC: number },
  startC: number,
  seconds: number,
): number => roomC + (startC - roomC) * Math.exp(-seconds / coolingTimeS(massKg, areaMm2))

/**
 * Time from heater to seat before a hot ring would grab.
 *
 *     τ = m c / (h A)         window = τ ln((start − room) / (needed − room))
 *
 * The window is for the walk: on the shaft the ring cools in seconds. Be home within half of it.
 *
 * @returns seconds, and the cooling rate at the start, °C a second
 * @throws InputError on `neededC` (not above the room) or `startC` (below neededC)
 * @example transferWindow({ ringMassKg: 0.8, ringAreaMm2: 23500, startC: 110, neededC: 90, roomC: 20 }).windowS // 335
 * @see lumped cooling
 */
export function transferWindow({ ringMassKg, ringAreaMm2, startC, neededC, roomC }: WindowInput): {
  windowS: number
  coolingRateCPerS: number
} {
  const refuse = (field: string, value: number, allowed: string) =>
    new InputError({ code: 'FIELDS_DISAGREE', field, value, allowed, fix: 'Check the three temperatures.' })
  // Within a hair of the room the ring would never get there.
  if (neededC - roomC < 1e-6) throw refuse('neededC', neededC, `above roomC (${roomC} °C)`)
  if (startC < neededC) throw refuse('startC', startC, `at least neededC (${neededC} °C)`)
  const tau = coolingTimeS(ringMassKg, ringAreaMm2)
  return { windowS: tau * Math.log((startC - roomC) / (neededC - roomC)), coolingRateCPerS: (startC - roomC) / tau }
}

export const transferWindowCalculation = calculation(
  'mount.window',
  'Time from heater to seat',
  'Lumped cooling',
  WindowInput,
  transferWindow,
)
