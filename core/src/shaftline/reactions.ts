import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { standardGravity } from '../model/gravity.ts'

const Load = z.strictObject({
  xMm: z.number().min(-100_000).max(100_000),
  radialN: z.number().min(0).max(1e9).default(0),
  angleDeg: z.number().min(-360).max(360).default(0),
  axialN: z.number().min(-1e9).max(1e9).default(0),
})

export const ReactionsInput = z.strictObject({
  supportsMm: z
    .tuple([z.number(), z.number()])
    .meta({ unit: 'mm', description: 'Places of the two supports along the shaft' }),
  locating: z.union([z.literal(0), z.literal(1)]).meta({ description: 'Which support locates, 0 or 1' }),
  tiltDeg: z.number().min(0).max(90).default(0).meta({ unit: '°', description: 'Tilt, the +x end up' }),
  loads: z.array(Load).default([]).meta({
    description:
      'Loads: xMm (within 100 000), radialN (from 0), angleDeg (0 down, 90 sideways), axialN (toward +x positive)',
  }),
  shaftMassKg: z.number().min(0).default(0).meta({ unit: 'kg', description: 'Mass of shaft and parts' }),
  shaftCentreMm: z.number().optional().meta({ unit: 'mm', description: 'Centre of that mass, needed with it' }),
})
export type ReactionsInput = z.input<typeof ReactionsInput>

export interface SupportLoad {
  /** Load on the bearing, as a magnitude, N. */
  radialN: number
  /** Signed, toward +x positive, N. */
  axialN: number
  /** Downward part; negative where the bearing is lifted, N. */
  downN: number
  sideN: number
}

/**
 * Loads that a shaft on two supports puts on its bearings.
 *
 *     Rb = Σ F (x − a) / (b − a),  Ra = Σ F − Rb   in each plane;  axial: all on the locating support
 *
 * @param input - places in mm, loads in N, mass in kg; a load's angle is 0 straight down, 90 sideways
 * @throws InputError on `supportsMm` (less than 1 mm apart) or `shaftCentreMm` (missing with a mass)
 * @see statics of a beam on two supports
 */
export function reactions(input: ReactionsInput): { supports: [SupportLoad, SupportLoad] } {
  const { supportsMm, locating, tiltDeg = 0, loads = [], shaftMassKg = 0, shaftCentreMm } = input
  const [a, b] = supportsMm
  if (Math.abs(b - a) < 1) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'supportsMm',
      value: `${a} and ${b}`,
      allowed: 'at least 1 mm apart',
      fix: 'Give the places of the two bearings.',
    })
  }
  if (shaftMassKg > 0 && shaftCentreMm === undefined) {
    throw new InputError({
      code: 'MISSING',
      field: 'shaftCentreMm',
      value: undefined,
      allowed: 'the place of the mass in mm when shaftMassKg is given',
      fix: 'Give shaftCentreMm.',
    })
  }
  const radians = (degrees: number) => (degrees * Math.PI) / 180
  // A quarter turn must leave nothing of its cosine.
  const cos = (degrees: number) =>
    Math.abs(degrees) === 90 || Math.abs(degrees) === 270 ? 0 : Math.cos(radians(degrees))
  const weightN = shaftMassKg * standardGravity
  const forces = [
    { xMm: shaftCentreMm ?? a, downN: weightN * cos(tiltDeg), sideN: 0, axialN: -weightN * Math.sin(radians(tiltDeg)) },
    ...loads.map(({ xMm, radialN = 0, angleDeg = 0, axialN = 0 }) => ({
      xMm,
      downN: radialN * cos(angleDeg),
      sideN: radialN * Math.sin(radians(angleDeg)),
      axialN,
    })),
  ]
  const plane = (part: 'downN' | 'sideN') => {
    const atB = forces.reduce((sum, force) => sum + (force[part] * (force.xMm - a)) / (b - a), 0)
    return [forces.reduce((sum, force) => sum + force[part], 0) - atB, atB] as const
  }
  const [down, side] = [plane('downN'), plane('sideN')]
  const axialN = forces.reduce((sum, force) => sum + force.axialN, 0)
  const support = (index: 0 | 1): SupportLoad => ({
    radialN: Math.hypot(down[index], side[index]),
    axialN: index === locating ? axialN : 0,
    downN: down[index],
    sideN: side[index],
  })
  return { supports: [support(0), support(1)] }
}

export const reactionsCalculation = calculation(
  'shaft.reactions',
  'Loads of a shaft on its two bearings',
  'Statics of a beam on two supports',
  ReactionsInput,
  reactions,
)
