import { z } from 'zod'
import { calculation } from '../working/calculation.ts'
import { refused } from '../records/running-hours.ts'
import { frictionFacts, frictionFactors } from './friction-factors.ts'
import { FrictionShape } from './friction.schema.ts'
import { loadTorque, viscousShare, viscousTorque, wattsOf } from './friction.ts'
import { rootOf } from '../working/root-of.ts'

export const SpeedThermalInput = z.strictObject({
  ...FrictionShape,
  lubrication: FrictionShape.lubrication.default('oil-bath'),
  staticRatingN: z.number().gt(0).max(1e9).meta({ unit: 'N', description: 'Static rating C0' }),
  boreMm: z.number().min(3).max(2000).meta({ unit: 'mm', description: 'Bore' }),
  odMm: z.number().gt(0).max(2500).meta({ unit: 'mm', description: 'Outside diameter' }),
  widthMm: z.number().min(1).max(1000).meta({ unit: 'mm', description: 'Width; of a tapered bearing its total width' }),
  pitchDiameterMm: z.number().gt(0).max(3000).optional().meta({ unit: 'mm', description: 'Pitch diameter' }),
  speedRpm: z.number().min(0).max(1e6).optional().meta({ unit: 'r/min', description: 'Speed it runs at' }),
  viscosityCst: z.number().min(1).max(20_000).optional().meta({ unit: 'mm²/s', description: 'Viscosity as it runs' }),
  ambientC: z.number().min(-40).max(100).default(20).meta({ unit: '°C', description: 'Room' }),
  ringC: z.number().min(40).max(120).default(70).meta({ unit: '°C', description: 'Outer ring that is allowed' }),
  coolingFactor: z
    .number()
    .min(0.1)
    .max(3)
    .default(1)
    .meta({ description: '0.4 for a housing of its own in still air' }),
  oilFlowLPerMin: z.number().min(0).max(100).default(0).meta({ unit: 'L/min', description: 'Oil that carries heat' }),
  oilInletC: z.number().min(-20).max(120).optional().meta({ unit: '°C', description: 'Oil as it comes' }),
})
type Given = z.output<typeof SpeedThermalInput>

export interface SpeedThermal {
  referenceAreaMm2: number
  referenceHeatW: number
  referenceSpeedRpm: number
  heatW: number
  safeSpeedRpm: number
  ratio?: number
  verdict?: 'ok' | 'near-limit' | 'over-limit'
}

/** Agreed by the standard: viscosity, share of C0 that loads it, heat that leaves a square millimetre, up to this area. */
const [agreedCst, agreedShare, agreedHeat, agreedArea] = [12, 0.05, 0.016, 50_000]
const agreedGreaseCst = 22
const fastestRpm = 1e7
/** W per K and L/min that oil carries, of what really touches. */
const oilCarries = 18

/** Mean diameter, or the one that is given. @throws InputError on `odMm`, `pitchDiameterMm` */
export function pitchOf({
  boreMm,
  odMm,
  pitchDiameterMm,
}: {
  boreMm: number
  odMm: number
  pitchDiameterMm?: number | undefined
}): number {
  // prettier-ignore
  if (odMm <= boreMm) throw refused('odMm', odMm, `above the bore, ${boreMm} mm`, 'FIELDS_DISAGREE')
  if (pitchDiameterMm !== undefined && (pitchDiameterMm <= boreMm || pitchDiameterMm >= odMm))
    throw refused('pitchDiameterMm', pitchDiameterMm, `between ${boreMm} and ${odMm} mm`, 'FIELDS_DISAGREE')
  return pitchDiameterMm ?? (boreMm + odMm) / 2
}

/**
 * Speed at which friction heats a bearing as much as its surroundings cool it: by agreed conditions, and by those here.
 *
 * It is no permitted speed: cage, seals and grease have their own.
 *
 * @throws InputError on `bearingType` (thrust-ball), `ringC`, `oilInletC`, and as `friction.torque` does
 * @see ISO 15312
 */
export function speedThermal(input: Given): SpeedThermal {
  const { bearingType, series, boreMm, odMm, widthMm, staticRatingN, lubrication, churnFactor, speedRpm } = input
  if (!frictionFacts(bearingType).thermalSpeed) throw refused('bearingType', bearingType, 'a type that is in the method', 'NOT_ONE_OF') // prettier-ignore
  const dm = pitchOf(input)
  const factors = frictionFactors(bearingType, series)
  const referenceAreaMm2 = Math.PI * widthMm * (boreMm + odMm)
  const density = agreedHeat * Math.max(1, referenceAreaMm2 / agreedArea) ** -0.34
  const referenceHeatW = density * referenceAreaMm2
  const agreedLoad = factors.f1r * agreedShare * staticRatingN * dm
  const speedFor = (heatW: number, f0: number, cst: number, loadTorque: number) =>
    rootOf((n) => wattsOf(viscousTorque(f0, cst, n, dm) + loadTorque, n) - heatW, 0, fastestRpm)
  const referenceSpeedRpm = speedFor(referenceHeatW, factors.f0, agreedCst, agreedLoad)
  const heatW = heatLeaving(input, referenceHeatW)
  const cst = input.viscosityCst ?? (lubrication === 'grease' ? agreedGreaseCst : agreedCst)
  const loaded = input.radialN !== undefined || input.axialN !== undefined
  const safeSpeedRpm = speedFor(heatW, factors.f0 * viscousShare[lubrication] * churnFactor, cst, loaded ? loadTorque(input, factors, dm).loadTorqueNmm : agreedLoad) // prettier-ignore
  return {
    referenceAreaMm2,
    referenceHeatW,
    referenceSpeedRpm,
    heatW,
    safeSpeedRpm,
    ...(speedRpm === undefined ? {} : judged(speedRpm / safeSpeedRpm)),
  }
}

function heatLeaving({ ringC, ambientC, coolingFactor, oilFlowLPerMin, oilInletC }: Given, agreedW: number): number {
  if (ringC <= ambientC) throw refused('ringC', ringC, `above the room, ${ambientC} °C`, 'FIELDS_DISAGREE')
  const byAir = ((agreedW * (ringC - ambientC)) / 50) * coolingFactor
  if (oilFlowLPerMin === 0) return byAir
  if (oilInletC === undefined) throw refused('oilInletC', undefined, 'given where oil flows', 'MISSING')
  if (oilInletC >= ringC) throw refused('oilInletC', oilInletC, `below the ring, ${ringC} °C`, 'FIELDS_DISAGREE')
  return byAir + oilCarries * oilFlowLPerMin * (ringC - oilInletC)
}

function judged(ratio: number): Pick<SpeedThermal, 'ratio' | 'verdict'> {
  const rounded = Math.round(ratio * 1e6) / 1e6
  return { ratio, verdict: rounded > 1 ? 'over-limit' : rounded > 0.8 ? 'near-limit' : 'ok' }
}

export const speedThermalCalculation = calculation(
  'speed.thermal',
  'Speed at which friction and cooling balance',
  'ISO 15312',
  SpeedThermalInput,
  speedThermal,
)
