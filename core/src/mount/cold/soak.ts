import { calculation } from '../../working/calculation.ts'
import { coldestBearingC, coolantC } from './chill.ts'
import { heatCapacity } from '../window.ts'
import { SoakInput } from './soak.schema.ts'

/** Heat from a part to its coolant, W/m²K: still air of a freezer, dry ice packed round it, boiling nitrogen. */
const toCoolant: Record<keyof typeof coolantC, { least: number; most: number }> = {
  freezer: { least: 8, most: 14 },
  'dry-ice': { least: 30, most: 60 },
  'liquid-nitrogen': { least: 120, most: 250 },
}
/** Steel holds less heat the colder it is: mean from the room to the coolant, J/kgK. */
const coldCapacity: Record<keyof typeof coolantC, number> = {
  freezer: heatCapacity,
  'dry-ice': 440,
  'liquid-nitrogen': 360,
}
/** As cold as its coolant to so much, K. */
const nearK = 3

export interface Soak {
  /** Temperature it is taken out at, °C. */
  ringC: number
  lowS: number
  highS: number
}

/**
 * How long a part lies in its coolant until it is cold through: within 3 K of it, or at the −50 °C a bearing is taken out at.
 *
 *     t = m c / (h A) · ln((room − coolant) / (out − coolant))
 *
 * @example soak({ massKg: 1, areaMm2: 30000, roomC: 20, coolant: 'liquid-nitrogen', part: 'bush' }).lowS // 205
 * @see lumped cooling; coefficients of general practice, an order of magnitude
 */
export function soak({ massKg, areaMm2, roomC, coolant, part = 'bearing' }: SoakInput): Soak {
  const coldC = coolantC[coolant]
  const ringC = part === 'bearing' ? Math.max(coldC + nearK, coldestBearingC) : coldC + nearK
  const { least, most } = toCoolant[coolant]
  const times = Math.log(Math.max(1, (roomC - coldC) / (ringC - coldC)))
  const after = (perM2K: number) => ((massKg * coldCapacity[coolant]) / (perM2K * areaMm2 * 1e-6)) * times
  return { ringC, lowS: after(most), highS: after(least) }
}

export const soakCalculation = calculation('mount.soak', 'Time in the coolant', 'Lumped cooling', SoakInput, soak)
