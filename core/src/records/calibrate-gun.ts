import { z } from 'zod'
import { calculation } from '../working/calculation.ts'
import { above, atLeast, atMost, below, median } from './compare.ts'

export const CalibrateGunInput = z.strictObject({
  shots: z
    .array(
      z.strictObject({
        strokes: z.int().min(1).max(200).meta({ description: 'Strokes of this set' }),
        grams: z.number().gt(0).max(5000).meta({ unit: 'g', description: 'What they weighed' }),
      }),
    )
    .min(1)
    .max(50)
    .meta({ description: 'Sets of strokes, each weighed' }),
  ratedGramsPerStroke: z
    .number()
    .min(0.05)
    .max(20)
    .optional()
    .meta({ unit: 'g', description: 'A stroke by the maker, or when new' }),
})

export type GunVerdict = 'ok' | 'watch' | 'worn' | 'too-few'
export interface GunCalibration {
  /** Sets that count. */
  sets: number
  gramsPerStroke: number
  meanG: number
  lowG: number
  highG: number
  /** Sample standard deviation of the mean, %; null with one set. */
  spreadPercent: number | null
  /** Of the rated stroke; null without one. */
  ratio: number | null
  verdict: GunVerdict
  remarks: ('prime-first' | 'few-strokes' | 'above-rated')[]
}

/** A first set so much lighter than the rest had air in it. */
const airShare = 0.8
/** Strokes that a weighing should have together. */
const enoughStrokes = 10

/**
 * What a grease gun gives at a stroke, and whether it is worn.
 *
 *     g = Σ grams / Σ strokes;  spread = 100 s / mean of the sets
 *
 * @returns grams; ratio to the rated stroke; `worn` below 0.8 of it or spread over 10 %, `too-few` when neither can be told
 * @throws InputError on `shots`, `ratedGramsPerStroke`
 * @see general practice
 */
export function calibrateGun({ shots, ratedGramsPerStroke }: z.output<typeof CalibrateGunInput>): GunCalibration {
  const each = shots.map(({ strokes, grams }) => grams / strokes)
  const air = shots.length >= 3 && below(each[0] ?? NaN, airShare * median(each.slice(1)))
  const kept = air ? shots.slice(1) : shots
  const perStroke = air ? each.slice(1) : each
  const strokes = kept.reduce((sum, shot) => sum + shot.strokes, 0)
  const gramsPerStroke = kept.reduce((sum, { grams }) => sum + grams, 0) / strokes
  const meanG = perStroke.reduce((sum, grams) => sum + grams, 0) / perStroke.length
  const spreadPercent =
    perStroke.length < 2
      ? null
      : (100 * Math.sqrt(perStroke.reduce((sum, grams) => sum + (grams - meanG) ** 2, 0) / (perStroke.length - 1))) /
        meanG
  const ratio = ratedGramsPerStroke === undefined ? null : gramsPerStroke / ratedGramsPerStroke
  const verdicts = [
    ...(ratio === null ? [] : [byRatio(ratio)]),
    ...(spreadPercent === null || kept.length < 3 ? [] : [bySpread(spreadPercent)]),
  ]
  return {
    sets: kept.length,
    gramsPerStroke,
    meanG,
    lowG: Math.min(...perStroke),
    highG: Math.max(...perStroke),
    spreadPercent,
    ratio,
    verdict: (['worn', 'watch', 'ok'] as const).find((one) => verdicts.includes(one)) ?? 'too-few',
    remarks: [
      ...(air ? (['prime-first'] as const) : []),
      ...(strokes < enoughStrokes ? (['few-strokes'] as const) : []),
      ...(ratio !== null && above(ratio, mostOfRated) ? (['above-rated'] as const) : []),
    ],
  }
}

const mostOfRated = 1.15
const byRatio = (ratio: number): GunVerdict =>
  below(ratio, 0.8) ? 'worn' : atLeast(ratio, 0.9) && atMost(ratio, mostOfRated) ? 'ok' : 'watch'
const bySpread = (percent: number): GunVerdict => (above(percent, 10) ? 'worn' : above(percent, 5) ? 'watch' : 'ok')

export const calibrateGunCalculation = calculation(
  'gun.calibrate',
  'What a grease gun gives at a stroke',
  'General practice',
  CalibrateGunInput,
  calibrateGun,
)
