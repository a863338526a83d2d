import { z } from 'zod'
import { attempt } from '../errors/input-error.ts'
import { refused } from '../records/running-hours.ts'
import { calculation } from '../working/calculation.ts'
import { oilLine } from './oil-line.ts'
import { requiredViscosity } from './viscosity.ts'

export const ViscosityChooseInput = z.strictObject({
  pitchDiameterMm: z.number().min(5).max(3000).meta({ unit: 'mm', description: 'Pitch diameter' }),
  speedRpm: z.number().min(1).max(100_000).meta({ unit: 'r/min', description: 'Speed' }),
  temperatureC: z.number().min(-20).max(150).meta({ unit: '°C', description: 'Bearing as it runs' }),
  viscosityIndex: z.number().min(0).max(300).default(95).meta({ description: 'Viscosity index' }),
  lubrication: z
    .enum(['oil-bath', 'oil-circulation', 'oil-ring', 'oil-air'])
    .default('oil-bath')
    .meta({ description: 'How the oil comes' }),
  coldStartC: z.number().min(-40).max(150).optional().meta({ unit: '°C', description: 'Coldest start' }),
})

export interface ChosenViscosity {
  requiredViscosityCst: number
  recommendedVg: number
  viscosityCst: number
  kappa: number
  /** With a supplied oil a tenth thinner than its grade. */
  kappaLow: number
  coldStartCst: number | null
  startLimitCst: number
  lowestStartC: number
  coldVg: number | null
  coldKappa: number | null
  verdict: 'ok' | 'cold-start' | 'thin' | 'thick'
  grades: { vg: number; viscosityCst: number; kappa: number }[]
}

/** Grades of ISO 3448 that bearings are run on. */
const grades = [10, 15, 22, 32, 46, 68, 100, 150, 220, 320, 460, 680, 1000, 1500, 2200, 3200] as const
/** Thickest oil that still starts, mm²/s. */
const startLimit = { 'oil-bath': 5000, 'oil-air': 2000, 'oil-circulation': 1000, 'oil-ring': 1000 } as const
const thinnestCst = 2
const supplied = 0.9
const [leastShown, thick] = [0.4, 4]
const coldestC = -40

/**
 * Oil grade for a bearing: the lowest whose film holds with a supplied oil a tenth thin, and whether it starts in the cold.
 *
 * @throws InputError on `coldStartC` (warmer than it runs), `temperatureC` (no grade is left)
 * @see ISO 281 for the viscosity required; ISO 3448 for the grades
 */
export function chooseViscosity(input: z.output<typeof ViscosityChooseInput>): ChosenViscosity {
  const { temperatureC, viscosityIndex, lubrication, coldStartC } = input
  if (coldStartC !== undefined && coldStartC > temperatureC)
    throw refused('coldStartC', coldStartC, `at most as warm as it runs, ${temperatureC} °C`, 'FIELDS_DISAGREE')
  const requiredViscosityCst = requiredViscosity(input)
  const oils = grades.flatMap((vg) => {
    const [full, thin] = [vg, supplied * vg].map((nu40Cst) => attempt(() => oilLine({ nu40Cst, viscosityIndex })).value)
    if (!full || !thin || full.at(temperatureC) < thinnestCst) return []
    const viscosityCst = full.at(temperatureC)
    return [{ vg, line: full, viscosityCst, kappa: viscosityCst / requiredViscosityCst, kappaLow: thin.at(temperatureC) / requiredViscosityCst }] // prettier-ignore
  })
  const chosen = oils.find(({ kappaLow }) => kappaLow >= 1) ?? oils.at(-1)
  if (!chosen) throw refused('temperatureC', temperatureC, 'a temperature at which an oil of a grade still has a film', 'OUT_OF_RANGE') // prettier-ignore
  const startLimitCst = startLimit[lubrication]
  const coldCst = (line: typeof chosen.line, celsius: number) => Math.min(1e6, line.at(celsius))
  const coldStartCst = coldStartC === undefined ? null : coldCst(chosen.line, coldStartC)
  const starts =
    coldStartC === undefined ? undefined : oils.findLast(({ line }) => line.at(coldStartC) <= startLimitCst)
  return {
    requiredViscosityCst,
    recommendedVg: chosen.vg,
    viscosityCst: chosen.viscosityCst,
    kappa: chosen.kappa,
    kappaLow: chosen.kappaLow,
    coldStartCst,
    startLimitCst,
    lowestStartC: chosen.line.at(coldestC) <= startLimitCst ? coldestC : chosen.line.reaches(startLimitCst),
    coldVg: starts?.vg ?? null,
    coldKappa: starts?.kappa ?? null,
    verdict:
      chosen.kappaLow < 1
        ? 'thin'
        : chosen.kappa > thick
          ? 'thick'
          : coldStartCst !== null && coldStartCst > startLimitCst
            ? 'cold-start'
            : 'ok',
    grades: oils
      .filter(({ kappa }) => kappa >= leastShown && kappa <= thick)
      .map(({ vg, viscosityCst, kappa }) => ({ vg, viscosityCst, kappa })),
  }
}

export const chooseViscosityCalculation = calculation(
  'viscosity.choose',
  'Oil grade for a bearing, with its cold start',
  'ISO 281; ISO 3448',
  ViscosityChooseInput,
  chooseViscosity,
)
