import { InputError } from '../../errors/input-error.ts'
import { calculation } from '../../working/calculation.ts'
import { heatCapacity, heatTransfer } from '../window.ts'
import type { FlatHeater } from './flat-heaters.ts'
import { HeatingTimeInput } from './heating-time.schema.ts'

/** Share of the power that goes into a bearing lying on it: a pad heats the steel itself, a plate through its touch. */
export const heatingShare: Record<FlatHeater, { least: number; most: number }> = {
  pad: { least: 0.5, most: 0.75 },
  'hot-plate': { least: 0.2, most: 0.45 },
}

export interface HeatingTime {
  /** Time to the aim, s; null where the heater never gets it there. */
  lowS: number | null
  highS: number | null
  /** When it is turned over, s. */
  turnS: number | null
  verdict: 'ok' | 'weak' | 'never'
}

/**
 * How long a bearing lies on a flat heater, from the most to the least of its power that reaches the steel.
 *
 *     t = τ ln(R / (R − (aim − room)))     R = η P / (h A),  τ = m c / (h A)
 *
 * @throws InputError on `aimC` not above the room
 * @example heatingTime({ heater: 'pad', powerW: 1000, massKg: 1, areaMm2: 30000, roomC: 20, aimC: 110 }).lowS // 58
 * @see lumped heat balance in still air; shares of power from general practice
 */
export function heatingTime({ heater, powerW, massKg, areaMm2, roomC, aimC }: HeatingTimeInput): HeatingTime {
  if (aimC <= roomC)
    throw new InputError({ code: 'FIELDS_DISAGREE', field: 'aimC', value: aimC, allowed: `above roomC (${roomC} °C)`, fix: 'Check the two temperatures.' }) // prettier-ignore
  const losesWPerK = heatTransfer * areaMm2 * 1e-6
  const tau = (massKg * heatCapacity) / losesWPerK
  const after = (share: number): number | null => {
    const highestK = (share * powerW) / losesWPerK
    return highestK <= aimC - roomC ? null : tau * Math.log(highestK / (highestK - (aimC - roomC)))
  }
  const { least, most } = heatingShare[heater]
  const [lowS, highS] = [after(most), after(least)]
  return {
    lowS,
    highS,
    turnS: lowS === null ? null : lowS / 2,
    verdict: lowS === null ? 'never' : highS === null ? 'weak' : 'ok',
  }
}

export const heatingTimeCalculation = calculation(
  'mount.heatTime',
  'Time on a flat heater',
  'Lumped heat balance',
  HeatingTimeInput,
  heatingTime,
)
