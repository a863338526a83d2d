import { z } from 'zod'
import { above, atMost, ceilSlack, floorSlack, halfUp } from '../records/compare.ts'
import { calculation } from '../working/calculation.ts'

export const strokeRules = ['nearest', 'under', 'over'] as const

export const StrokesInput = z.strictObject({
  quantityG: z.number().min(0.05).max(5000).meta({ unit: 'g', description: 'Grease for one regreasing' }),
  gramsPerStroke: z.number().min(0.05).max(20).meta({ unit: 'g', description: 'Weight of one stroke of this gun' }),
  rule: z
    .enum(strokeRules)
    .default('nearest')
    .meta({ description: 'Under for closed motors and light, fast bearings; over where the block purges' }),
  freeVolumeCm3: z
    .number()
    .gt(0)
    .max(1e6)
    .optional()
    .meta({ unit: 'cm³', description: 'Free volume of bearing and housing together' }),
  fillLimitPercent: z
    .number()
    .min(5)
    .max(100)
    .default(30)
    .meta({ unit: '%', description: 'Share of the free volume that may go in at once' }),
  daysBetween: z.number().min(1).max(90).default(7).meta({ unit: 'd', description: 'Between two doses' }),
  intervalDays: z.number().min(1).max(3650).optional().meta({ unit: 'd', description: 'Between two greasings' }),
})

export interface Strokes {
  strokes: number
  givenG: number
  deviationPercent: number
  fit: 'ok' | 'rounded' | 'coarse-gun'
  /** What the interval is multiplied with to keep the grams an hour. */
  intervalFactor: number
  /** What may go in at once without churning, g; null where the room is not known. */
  roomG: number | null
  doses: number[]
  doseCount: number
  totalDays: number
  plan: 'one-shot' | 'split'
  remarks: ('one-stroke-too-much' | 'interval-too-short')[]
}

const greaseGPerCm3 = 0.9
const rounding = { nearest: halfUp, under: floorSlack, over: ceilSlack } as const

/**
 * Whole strokes for a quantity, and in how many doses they go in.
 *
 *     room = 0.9 V limit / 100;  at most floor(room / stroke) strokes a dose
 *
 * @returns grams, days; the doses as even as whole strokes allow, the larger ones first
 * @throws InputError on the field that is out of range
 * @example greaseStrokes({ quantityG: 60, gramsPerStroke: 1.5, freeVolumeCm3: 55, … }).doses // [8, 8, 8, 8, 8]
 * @see general practice
 */
export function greaseStrokes(input: z.output<typeof StrokesInput>): Strokes {
  const { quantityG, gramsPerStroke, rule, freeVolumeCm3, fillLimitPercent, daysBetween, intervalDays } = input
  const strokes = Math.max(1, rounding[rule](quantityG / gramsPerStroke))
  const givenG = strokes * gramsPerStroke
  const deviationPercent = 100 * (givenG / quantityG - 1)
  const off = Math.abs(deviationPercent)
  const roomG = freeVolumeCm3 === undefined ? null : (greaseGPerCm3 * freeVolumeCm3 * fillLimitPercent) / 100
  const roomFor = roomG === null ? strokes : floorSlack(roomG / gramsPerStroke)
  const doses = evenly(strokes, Math.max(1, roomFor))
  const split = doses.length > 1
  const short = split && intervalDays !== undefined && above(doses.length * daysBetween, intervalDays)
  return {
    strokes,
    givenG,
    deviationPercent,
    fit: atMost(off, 10) ? 'ok' : atMost(off, 25) ? 'rounded' : 'coarse-gun',
    intervalFactor: givenG / quantityG,
    roomG,
    doses,
    doseCount: doses.length,
    totalDays: (doses.length - 1) * daysBetween,
    plan: split ? 'split' : 'one-shot',
    remarks: [
      ...(roomFor < 1 ? (['one-stroke-too-much'] as const) : []),
      ...(short ? (['interval-too-short'] as const) : []),
    ],
  }
}

function evenly(strokes: number, most: number): number[] {
  const count = Math.ceil(strokes / most)
  const least = Math.floor(strokes / count)
  return Array.from({ length: count }, (_, index) => least + (index < strokes % count ? 1 : 0))
}

export const greaseStrokesCalculation = calculation(
  'grease.strokes',
  'Strokes for a quantity, and in how many doses',
  'General practice',
  StrokesInput,
  greaseStrokes,
)
