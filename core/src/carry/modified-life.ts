import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import contamination from '../../data/iso281-contamination.json' with { type: 'json' }
import reliability from '../../data/iso281-reliability.json' with { type: 'json' }
import { InputError } from '../errors/input-error.ts'
import { fatigueLimit } from '../catalogue/fatigue-limit.ts'
import { factsOf, isBall, BearingType } from '../bearing-types/index.ts'
import { cleanlinessLevels } from '../kinds/rolling/choices.ts'
import { interpolate } from '../tables/step-table.ts'
import { basicLife } from './basic-life.ts'
import { requiredViscosity } from '../lubrication/viscosity.ts'

export const Cleanliness = z
  .enum(cleanlinessLevels)
  .meta({ description: 'Contamination, from very clean (high) to dirty surroundings (very-severe)' })
export type Cleanliness = z.infer<typeof Cleanliness>
export const Lubrication = z.enum(['grease', 'oil-bath']).meta({ description: 'Lubrication' })
export type Lubrication = z.infer<typeof Lubrication>

export const ModifiedLifeInput = z.strictObject({
  bearingType: BearingType,
  dynamicRatingN: z.number().gt(0).meta({ unit: 'N', description: 'Basic dynamic rating C' }),
  staticRatingN: z.number().gt(0).meta({ unit: 'N', description: 'Basic static rating C0' }),
  equivalentN: z.number().min(0.001).meta({ unit: 'N', description: 'Equivalent dynamic load P, at most C' }),
  speedRpm: z.number().min(1).max(100_000).meta({ unit: 'r/min', description: 'Speed' }),
  pitchDiameterMm: z.number().min(5).max(3000).meta({ unit: 'mm', description: 'Pitch diameter' }),
  viscosityCst: z.number().gt(0).max(1e7).meta({ unit: 'mm²/s', description: 'Viscosity at running temperature' }),
  cleanliness: Cleanliness,
  lubrication: Lubrication,
  reliabilityPercent: z
    .number()
    .min(90)
    .max(99.95)
    .default(90)
    .meta({ unit: '%', description: 'Share that shall last' }),
  epAdditive: z.boolean().default(false).meta({ description: 'Proven effective EP additive' }),
  fatigueLimitN: z
    .number()
    .gt(0)
    .optional()
    .meta({ unit: 'N', description: 'The maker’s fatigue limit; replaces the estimate' }),
})
export type ModifiedLifeInput = z.input<typeof ModifiedLifeInput>

export interface ModifiedLife {
  requiredViscosityCst: number
  /** Viscosity ratio as it is; over 4 counts as 4 inside. */
  kappa: number
  contaminationFactor: number
  fatigueLimitN: number
  aIso: number
  a1: number
  hoursH: number
}

/**
 * Rated life with film, dirt and reliability taken in.
 *
 *     L = a1 aISO (C/P)^p 10⁶ / (60 n)
 *     ball:   aISO = 0.1 [1 − Q^0.83 B^(1/3)]^−9.3        roller: aISO = 0.1 [1 − Q B^0.4]^−9.185
 *     B = eC Cu / P (thrust ball: a third of it), Q by κ; 0.1 to 50
 *
 * @throws InputError as `basicLife`, and on `viscosityCst` when κ is below 0.1: then there is no film and no answer
 * @example modifiedLife({ bearingType: 'deep-groove-ball', dynamicRatingN: 19500, staticRatingN: 11200, equivalentN: 1500,
 *   speedRpm: 1480, pitchDiameterMm: 46, viscosityCst: 25, cleanliness: 'normal', lubrication: 'grease' }).hoursH // 87 300
 * @see ISO 281:2007, clause 9 and annexes
 */
export function modifiedLife(input: ModifiedLifeInput): ModifiedLife {
  const { bearingType, equivalentN, pitchDiameterMm, speedRpm, viscosityCst, cleanliness, lubrication } = input
  const { dynamicRatingN, staticRatingN, reliabilityPercent = 90, epAdditive = false } = input
  const basic = basicLife({ bearingType, dynamicRatingN, equivalentN, speedRpm })
  const requiredViscosityCst = requiredViscosity({ pitchDiameterMm, speedRpm })
  const kappa = viscosityCst / requiredViscosityCst
  if (kappa < 0.1) {
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'viscosityCst',
      value: viscosityCst,
      allowed: `at least ${(0.1 * requiredViscosityCst).toPrecision(3)} mm²/s: κ is ${kappa.toPrecision(2)}, and below 0.1 there is no film (ISO 281)`,
      fix: 'Choose a thicker oil, or judge by static safety and wear.',
    })
  }
  const fatigueLimitN = input.fatigueLimitN ?? fatigueLimit(bearingType, staticRatingN, pitchDiameterMm)
  const at = (ratio: number) => {
    const factor = contaminationFactor(cleanliness, lubrication, pitchDiameterMm, ratio)
    return { factor, aIso: lifeFactor(bearingType, ratio, (factor * fatigueLimitN) / equivalentN) }
  }
  const plain = at(kappa)
  let chosen = plain
  if (epAdditive && kappa < 1 && plain.factor >= leastCleanForEp) {
    const helped = at(1)
    const limited = { factor: helped.factor, aIso: Math.min(helped.aIso, mostByEp) }
    if (limited.aIso > plain.aIso) chosen = limited
  }
  const a1 = interpolate(reliability.rows, reliabilityPercent, 1)
  return {
    requiredViscosityCst,
    kappa,
    contaminationFactor: chosen.factor,
    fatigueLimitN,
    aIso: chosen.aIso,
    a1,
    hoursH: a1 * chosen.aIso * basic.hoursH,
  }
}

/** An additive is credited only in a lubricant this clean, and with no more than this factor. */
const leastCleanForEp = 0.2
const mostByEp = 3

function contaminationFactor(
  cleanliness: Cleanliness,
  lubrication: Lubrication,
  pitchDiameterMm: number,
  kappa: number,
): number {
  const row = contamination.rows.find(
    ([words, by, from, to]) =>
      words === cleanliness &&
      by === lubrication &&
      pitchDiameterMm >= Number(from) &&
      (pitchDiameterMm < Number(to) || Number(to) === 3000),
  )
  if (!row) throw new Error(`no contamination row for ${cleanliness}, ${lubrication}`)
  const a = Math.min(Number(row[4]) * Math.min(kappa, 4) ** 0.68 * pitchDiameterMm ** 0.55, 1)
  return Math.max(a * (1 - Number(row[5]) / Math.cbrt(pitchDiameterMm)), 0)
}

const largestFactor = 50
const smallestFactor = 0.1

/** Life factor aISO for a viscosity ratio and b = eC Cu / P. */
function lifeFactor(type: BearingType, kappa: number, b: number): number {
  const ratio = Math.min(kappa, 4)
  const ball = isBall(type)
  const [start, scale, power] =
    ratio < 0.4
      ? [ball ? 2.5671 : 1.5859, ball ? 2.2649 : 1.3993, 0.054381]
      : ratio < 1
        ? [ball ? 2.5671 : 1.5859, ball ? 1.9987 : 1.2348, 0.19087]
        : [ball ? 2.5671 : 1.5859, ball ? 1.9987 : 1.2348, 0.071739]
  const q = Math.max(start - scale / ratio ** power, 0)
  const load = b / factsOf(type).ratings.lifeFactorDivisor
  const bracket = 1 - (ball ? q ** 0.83 * Math.cbrt(load) : q * load ** 0.4)
  if (bracket <= 0) return largestFactor
  const factor = 0.1 * bracket ** (ball ? -9.3 : -9.185)
  return Math.min(Math.max(factor, smallestFactor), largestFactor)
}

export const modifiedLifeCalculation = calculation(
  'life.modified',
  'Rated life with film, dirt and reliability',
  'ISO 281:2007, clause 9',
  ModifiedLifeInput,
  modifiedLife,
)
