import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { BearingType, isBall } from '../bearing-types/index.ts'
import { materialOf, ringSteel, type Material } from '../model/materials.ts'
import { pressedRing } from '../seat/pressed-ring.ts'
import { warmInterference } from '../seat/warm-fit.ts'

export const ShaftMaterial = z
  .enum(['steel', 'carbon-steel', 'stainless-austenitic', 'cast-iron', 'aluminium'])
  .meta({ description: 'Shaft material' })
export type ShaftMaterial = z.infer<typeof ShaftMaterial>
export const HousingMaterial = z.enum(['steel', 'cast-iron', 'aluminium']).meta({ description: 'Housing material' })
export type HousingMaterial = z.infer<typeof HousingMaterial>

const mountedFields = {
  boreMm: z.number().min(1).max(2000).meta({ unit: 'mm', description: 'Bore' }),
  odMm: z.number().min(1).max(3000).meta({ unit: 'mm', description: 'Outside diameter' }),
  innerRacewayMm: z
    .number()
    .gt(0)
    .max(3000)
    .optional()
    .meta({ unit: 'mm', description: 'Diameter of the inner raceway; estimated when absent' }),
  outerRacewayMm: z
    .number()
    .gt(0)
    .max(3000)
    .optional()
    .meta({ unit: 'mm', description: 'Diameter of the outer raceway; estimated when absent' }),
  shaftBoreMm: z.number().default(0).meta({ unit: 'mm', description: 'Bore of a hollow shaft, 0 if solid' }),
  housingOdMm: z.number().default(0).meta({ unit: 'mm', description: 'Outside of the housing, 0 for a thick block' }),
  shaftInterferenceUm: z
    .number()
    .min(-2000)
    .max(2000)
    .meta({ unit: 'µm', description: 'Effective fit on the shaft, tight positive' }),
  housingInterferenceUm: z
    .number()
    .min(-2000)
    .max(2000)
    .meta({ unit: 'µm', description: 'Effective fit in the housing, tight positive' }),
  housingMaterial: HousingMaterial.default('steel'),
  shaftMaterial: ShaftMaterial.default('carbon-steel'),
  bearingType: BearingType.optional(),
}
export const MountedClearanceInput = z.strictObject(mountedFields)
export type MountedClearanceInput = z.input<typeof MountedClearanceInput>

export const OperatingClearanceInput = z.strictObject({
  ...mountedFields,
  initialUm: z.number().min(-500).max(5000).meta({ unit: 'µm', description: 'Radial clearance before mounting' }),
  innerC: z.number().min(-60).max(350).meta({ unit: '°C', description: 'Inner ring and shaft, running' }),
  outerC: z.number().min(-60).max(350).meta({ unit: '°C', description: 'Outer ring and housing, running' }),
  referenceC: z
    .number()
    .min(-60)
    .max(100)
    .default(20)
    .meta({ unit: '°C', description: 'Temperature at which the fits are stated' }),
})
export type OperatingClearanceInput = z.input<typeof OperatingClearanceInput>

export interface MountedClearance {
  innerExpansionUm: number
  outerContractionUm: number
  reductionUm: number
}

export interface OperatingClearance {
  operatingUm: number
  thermalReductionUm: number
  /** Mounting and heat together. */
  reductionUm: number
  hotShaftInterferenceUm: number
  hotHousingInterferenceUm: number
}

/** Rings and what they sit on, with every number there. */
interface Stack {
  d: number
  D: number
  F: number
  E: number
  shaftBore: number
  housingOd: number
  shaft: Material
  housing: Material
}

/** Expansion of ring steel, per °C. */
export const ringExpansion = ringSteel.expansion

/**
 * Radial clearance lost by mounting: the inner raceway grows over a tight shaft, the outer shrinks in a tight housing.
 *
 *     p = δ / { d [ ((k²+1)/(k²−1) + ν_r)/E_r + ((1+c²)/(1−c²) − ν_s)/E_s ] },  k = F/d, c = d₀/d
 *     inner expansion = 2 p F / [E_r (k² − 1)];  the outer ring likewise with h = E/D, g = D/D₀
 *
 * A loose fit gives nothing. A thick block is elastic. Smoothing of the surfaces is for the caller to take off first.
 *
 * @throws InputError on `odMm`, `innerRacewayMm`, `outerRacewayMm` (not inside one another), `shaftBoreMm`, `housingOdMm`,
 *   `shaftInterferenceUm` and `housingInterferenceUm` (above 3 µm per mm)
 * @example mountedClearance({ boreMm: 65, odMm: 120, innerRacewayMm: 78, outerRacewayMm: 107, shaftInterferenceUm: 24,
 *   housingInterferenceUm: -15, housingMaterial: 'cast-iron' }).reductionUm // 20.0
 * @see Lamé, thick cylinders in plane stress
 */
export function mountedClearance(input: MountedClearanceInput): MountedClearance {
  const stack = stackOf(input)
  const innerExpansionUm = innerExpansion(stack, input.shaftInterferenceUm)
  const outerContractionUm = outerContraction(stack, input.housingInterferenceUm)
  return { innerExpansionUm, outerContractionUm, reductionUm: innerExpansionUm + outerContractionUm }
}

/**
 * Radial clearance at running temperatures, from the box through mounting to heat.
 *
 *     thermal = α (ti − to) (F + E)/2 + what the changed fits add      operating = initial − mounting − thermal
 *
 * Shaft at the inner ring's temperature, housing at the outer's; rolling elements between. A negative answer is a preload.
 *
 * @throws InputError as `mountedClearance`
 */
export function operatingClearance(input: OperatingClearanceInput): OperatingClearance {
  const stack = stackOf(input)
  const { initialUm, innerC, outerC, referenceC = 20, shaftInterferenceUm, housingInterferenceUm } = input
  const cold = innerExpansion(stack, shaftInterferenceUm) + outerContraction(stack, housingInterferenceUm)
  const hotShaftInterferenceUm = warmInterference(
    'shaft',
    shaftInterferenceUm,
    stack.shaft,
    stack.d,
    innerC - referenceC,
  )
  const hotHousingInterferenceUm = warmInterference(
    'housing',
    housingInterferenceUm,
    stack.housing,
    stack.D,
    outerC - referenceC,
  )
  const warm = innerExpansion(stack, hotShaftInterferenceUm) + outerContraction(stack, hotHousingInterferenceUm)
  const thermalReductionUm = ringSteel.expansion * (innerC - outerC) * ((stack.F + stack.E) / 2) * 1000 + (warm - cold)
  const reductionUm = cold + thermalReductionUm
  return {
    operatingUm: initialUm - reductionUm,
    thermalReductionUm,
    reductionUm,
    hotShaftInterferenceUm,
    hotHousingInterferenceUm,
  }
}

/** Growth of the inner raceway's diameter, µm, under an interference in µm. */
function innerExpansion({ d, F, shaftBore, shaft }: Stack, interferenceUm: number): number {
  if (interferenceUm <= 0) return 0
  const k = F / d
  const c = shaftBore / d
  const give =
    ((k ** 2 + 1) / (k ** 2 - 1) + ringSteel.poisson) / ringSteel.modulus +
    ((1 + c ** 2) / (1 - c ** 2) - shaft.poisson) / shaft.modulus
  const pressure = interferenceUm / (d * give)
  return (2 * pressure * F) / (ringSteel.modulus * (k ** 2 - 1))
}

/** Shrinking of the outer raceway's diameter, µm, under an interference in µm. */
function outerContraction({ D, E, housingOd, housing }: Stack, interferenceUm: number): number {
  if (interferenceUm <= 0) return 0
  const ring = { insideMm: E, outsideMm: D, ring: ringSteel, housing, housingOutsideMm: housingOd }
  return 1000 * pressedRing(ring, interferenceUm / 1000).closingMm
}

/** Interference above which a fit is no longer elastic, µm per mm. */
const elasticUmPerMm = 3

function stackOf(input: MountedClearanceInput): Stack {
  const { boreMm: d, odMm: D, shaftBoreMm: shaftBore = 0, housingOdMm: housingOd = 0, bearingType } = input
  const roller = bearingType !== undefined && !isBall(bearingType)
  const F = input.innerRacewayMm ?? (roller ? (3 * d + D) / 4 : (4 * d + D) / 5)
  const E = input.outerRacewayMm ?? (roller ? (3 * D + d) / 4 : (4 * D + d) / 5)
  const check = (fits: boolean, field: string, value: number, allowed: string) => {
    if (fits) return
    throw new InputError({ code: 'FIELDS_DISAGREE', field, value, allowed, fix: 'Check the sizes and their unit.' })
  }
  check(D > d, 'odMm', D, `above boreMm (${d} mm)`)
  check(F > d && F < D, 'innerRacewayMm', F, `between bore and outside diameter (${d} and ${D} mm)`)
  check(E > F && E < D, 'outerRacewayMm', E, `between the inner raceway and the outside diameter (${F} and ${D} mm)`)
  check(shaftBore >= 0 && shaftBore < d, 'shaftBoreMm', shaftBore, `from 0 to below boreMm (${d} mm)`)
  check(housingOd === 0 || housingOd > D, 'housingOdMm', housingOd, `0 for a thick block, or above odMm (${D} mm)`)
  check(
    input.shaftInterferenceUm <= elasticUmPerMm * d,
    'shaftInterferenceUm',
    input.shaftInterferenceUm,
    `at most 3 µm per mm of bore (${3 * d} µm)`,
  )
  check(
    input.housingInterferenceUm <= elasticUmPerMm * D,
    'housingInterferenceUm',
    input.housingInterferenceUm,
    `at most 3 µm per mm of outside diameter (${3 * D} µm)`,
  )
  return {
    d,
    D,
    F,
    E,
    shaftBore,
    housingOd,
    shaft: materialOf(input.shaftMaterial ?? 'carbon-steel'),
    housing: materialOf(input.housingMaterial ?? 'steel'),
  }
}

export const mountedClearanceCalculation = calculation(
  'clearance.mounted',
  'Clearance lost by mounting',
  'Lamé, thick cylinders',
  MountedClearanceInput,
  mountedClearance,
)

export const operatingClearanceCalculation = calculation(
  'clearance.operating',
  'Clearance at running temperatures',
  'Lamé, thick cylinders; linear expansion',
  OperatingClearanceInput,
  operatingClearance,
)
