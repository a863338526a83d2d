import { z } from 'zod'
import { FilmInput } from './film.ts'

export const sleeveSupplies = ['bath', 'ring', 'feed'] as const
export const sleeveHousings = ['pillow-block', 'flanged', 'machine-wall'] as const

const { journalDiameterMm, lengthMm, diametralClearanceMm, loadN, roughnessUm } = FilmInput.shape

export const BalanceInput = z.strictObject({
  journalDiameterMm,
  lengthMm,
  diametralClearanceMm,
  loadN,
  roughnessUm,
  speedRpm: z.number().gt(0).max(100_000).meta({ unit: 'r/min', description: 'Speed' }),
  nu40Cst: z.number().min(2).max(5000).meta({ unit: 'mm²/s', description: 'Oil at 40 °C' }),
  nu100Cst: z.number().min(2).max(1000).optional().meta({ unit: 'mm²/s', description: 'The same at 100 °C' }),
  viscosityIndex: z.number().min(0).max(300).optional().meta({ description: 'Viscosity index; 95 where left out' }),
  densityKgPerM3: z.number().min(700).max(1100).default(870).meta({ unit: 'kg/m³', description: 'Oil at 15 °C' }),
  supply: z.enum(sleeveSupplies).meta({ description: 'How the oil comes: bath, ring or feed' }),
  inletC: z.number().min(-20).max(120).optional().meta({ unit: '°C', description: 'Oil as it is fed' }),
  feedFlowLPerMin: z
    .number()
    .gt(0)
    .max(1000)
    .optional()
    .meta({ unit: 'L/min', description: 'What flows through; the side leakage where left out' }),
  ambientC: z.number().min(-40).max(100).default(20).meta({ unit: '°C', description: 'Room' }),
  airSpeedMPerS: z.number().min(0).max(30).default(0.2).meta({ unit: 'm/s', description: 'Air over the housing' }),
  housing: z.enum(sleeveHousings).default('pillow-block').meta({ description: 'Housing' }),
  surfaceM2: z
    .number()
    .min(0.0001)
    .max(1000)
    .optional()
    .meta({ unit: 'm²', description: 'Free surface of the housing' }),
})
export type BalanceInput = z.output<typeof BalanceInput>

export interface Balance {
  filmC: number
  housingC: number
  /** Over the room; fed, over the oil as it comes. */
  filmRiseC: number
  viscosityCst: number
  viscosityMPas: number
  sommerfeld: number
  eccentricityRatio: number
  minFilmUm: number
  /** Film that covers ordinary dirt and misalignment, µm. */
  designMinimumUm: number
  regime: 'boundary' | 'mixed' | 'full-film'
  frictionCoefficient: number
  powerW: number
  sideFlowLPerMin: number
  /** Of the oil on its way through; null without feed. */
  oilRiseC: number | null
  outletC: number | null
  heatW: { friction: number; housing: number; shaft: number; oil: number }
  surfaceM2: number
  reynolds: number
  turbulent: boolean
  /** A fast, lightly loaded journal may whirl. */
  lightlyLoaded: boolean
  limited: boolean
  /** Less is fed than leaks at the sides: the film is thinner than computed. */
  starved: boolean
  /** Power with the metals touching; null in full film. */
  mixedPowerW: number | null
  verdict: 'ok' | 'thin-film' | 'starved' | 'hot' | 'no-film'
}
