import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { equivalentLoad } from '../carry/equivalent-load.ts'
import { lifeHours } from '../carry/basic-life.ts'
import { attempt } from '../errors/input-error.ts'
import { factsOf, lifeExponent } from '../bearing-types/index.ts'
import { ballLoads } from './balls.ts'
import {
  withoutUnused,
  dynamicRatingOf,
  InsideInput,
  isRibbed,
  oneRowStatic,
  resolveInside,
  staticRatingOf,
  type Inside,
} from './bearing-inside.ts'
import { laminae } from './contacts.ts'
import { settle } from './load-distribution.ts'
import { rollerLoads } from './rollers.ts'

export const ReferenceLifeInput = InsideInput.extend({
  speedRpm: z.number().gt(0).max(100_000).meta({ unit: 'r/min', description: 'Speed' }),
  rotatingRing: z
    .enum(['inner', 'outer'])
    .default('inner')
    .meta({ description: 'Ring that turns relative to the load' }),
  dynamicRatingN: z
    .number()
    .gt(0)
    .max(1e9)
    .optional()
    .meta({ unit: 'N', description: 'C of the whole bearing or pair; estimated from the inside when absent' }),
})
export type ReferenceLifeInput = z.input<typeof ReferenceLifeInput>

export interface ReferenceLife {
  millionRevs: number
  hoursH: number
  /** Load that gives this life by ISO 281, N. */
  equivalentReferenceN: number
  /** The three by ISO 281 are null where it has no factors. */
  lifeRatio: number | null
  isoMillionRevs: number | null
  isoEquivalentN: number | null
  /** As ISO/TS 16281 gives it; the same for balls. */
  strictMillionRevs: number
  dynamicRatingN: number
}

type Judged = Pick<ReferenceLifeInput, 'rotatingRing' | 'dynamicRatingN'>

/** Life of one bearing at any clearance: what does not depend on the clearance is worked out once. */
export interface LifeAtClearance {
  dynamicRatingN: number
  isoEquivalentN: number | null
  isoMillionRevs: number | null
  at: (clearanceUm: number) => { millionRevs: number; strictMillionRevs: number }
}

/**
 * Prepares the life of a bearing for any clearance.
 *
 * Balls meet ISO 281 by themselves. For rollers ISO/TS 16281 says what clearance, tilt and ring cost, and ISO 281 the level:
 * L = strict · L10 / strict at home, at home being no clearance, no tilt and the load P.
 */
export function lifeAtClearance(
  inside: Inside,
  { rotatingRing = 'inner', dynamicRatingN: given }: Judged,
): LifeAtClearance {
  const exponent = lifeExponent(inside.bearingType)
  const dynamicRatingN = given ?? dynamicRatingOf(inside)
  const ribbed = isRibbed(inside)
  const raced: Inside = ribbed ? { ...inside, axialN: 0 } : inside
  const isoEquivalentN = isoLoad(inside)
  const isoMillionRevs = isoEquivalentN === null ? null : (dynamicRatingN / isoEquivalentN) ** exponent
  const tie =
    inside.ball || isoEquivalentN === null || isoMillionRevs === null
      ? 1
      : isoMillionRevs / strictLife(atHome(raced, isoEquivalentN), dynamicRatingN, 'inner')
  return {
    dynamicRatingN,
    isoEquivalentN,
    isoMillionRevs,
    at: (clearanceUm) => {
      const strictMillionRevs = strictLife(
        { ...raced, clearanceMm: inside.open ? 0 : clearanceUm / 1000 },
        dynamicRatingN,
        rotatingRing,
      )
      return { strictMillionRevs, millionRevs: strictMillionRevs * tie }
    },
  }
}

/**
 * Reference life: what the real sharing of the load, with clearance and tilt, leaves of the basic rating life.
 *
 * @throws InputError as `loadDistribution`, and on `speedRpm`, `rotatingRing`, `dynamicRatingN`
 * @example referenceLife({ bearingType: 'deep-groove-ball', elements: 9, elementDiameterMm: 9.525, pitchDiameterMm: 46,
 *   radialN: 2000, operatingClearanceUm: 10, speedRpm: 1480 }).hoursH // 9404
 * @see ISO/TS 16281; rollers tied to ISO 281
 */
export function referenceLife(input: ReferenceLifeInput): ReferenceLife {
  const inside = resolveInside(input)
  const life = lifeAtClearance(inside, input)
  const { millionRevs, strictMillionRevs } = life.at(1000 * inside.clearanceMm)
  const { dynamicRatingN, isoEquivalentN, isoMillionRevs } = life
  return {
    millionRevs,
    hoursH: lifeHours(millionRevs, input.speedRpm),
    equivalentReferenceN: dynamicRatingN / millionRevs ** (1 / lifeExponent(inside.bearingType)),
    lifeRatio: isoMillionRevs === null ? null : millionRevs / isoMillionRevs,
    isoMillionRevs,
    isoEquivalentN,
    strictMillionRevs,
    dynamicRatingN,
  }
}

/** Equivalent load by ISO 281, N; null where the standard has no factors for this ball bearing. */
function isoLoad(inside: Inside): number | null {
  const { bearingType, rows, arrangement, radialN, axialN, ribs, contactAngleDeg, ball } = inside
  const one = oneRowStatic(inside)
  const { pairs, takesF0 } = factsOf(bearingType)
  const doubled = rows === 2 && pairs
  const work = () =>
    equivalentLoad({
      bearingType,
      radialN,
      axialN,
      ribs,
      contactAngleDeg,
      arrangement: doubled ? 'back-to-back' : arrangement,
      staticRatingN: pairs && ball ? one.ratingN : staticRatingOf(inside),
      ...(takesF0 ? { f0: one.f0 } : {}),
    }).equivalentN
  return ball ? attempt(work).value : work()
}

/** The same bearing without clearance and tilt, under P: where ISO 281 is at home. */
function atHome(inside: Inside, equivalentN: number): Inside {
  const ribbed = isRibbed(inside)
  const radialN = ribbed ? inside.radialN : equivalentN
  return {
    ...inside,
    clearanceMm: 0,
    tiltRad: 0,
    radialN,
    axialN: inside.open ? 1.26 * radialN * Math.tan(inside.alphaRad) : 0,
  }
}

function strictLife(inside: Inside, dynamicRatingN: number, turning: 'inner' | 'outer'): number {
  const settled = settle(inside)
  return settled.kind === 'ball'
    ? ballLife(inside, ballLoads(settled.field, settled.place), settled.field.weights, dynamicRatingN, turning)
    : rollerLife(inside, rollerLoads(settled.field, settled.place), settled.field.weights, dynamicRatingN, turning)
}

/** Exponents of the mean load on the ring that turns against the load, and on the one that stands. */
const means = { ball: { turning: 3, standing: 10 / 3 }, roller: { turning: 4, standing: 4.5 } }

function ballLife(
  inside: Inside,
  loads: { loadN: number }[][],
  weights: Float64Array,
  dynamicRatingN: number,
  turning: 'inner' | 'outer',
): number {
  const { gamma, elements, alphaRad, signs, conformityInner: ri, conformityOuter: re } = inside
  const h = 1.044 * ((1 - gamma) / (1 + gamma)) ** 1.72 * ((ri * (2 * re - 1)) / (re * (2 * ri - 1))) ** 0.41
  const per = dynamicRatingN / (elements * Math.cos(alphaRad) * signs.length ** 0.7)
  const innerN = (per / 0.407) * (1 + h ** (10 / 3)) ** 0.3
  const outerN = (per / 0.389) * (1 + h ** (-10 / 3)) ** 0.3
  const wi = turning === 'inner' ? means.ball.turning : means.ball.standing
  const we = turning === 'outer' ? means.ball.turning : means.ball.standing
  let sum = 0
  for (const row of loads) {
    const mean = (w: number) =>
      (row.reduce((total, { loadN }, j) => total + (weights[j] ?? 0) * loadN ** w, 0) / elements) ** (1 / w)
    sum += (mean(wi) / innerN) ** (10 / 3) + (mean(we) / outerN) ** (10 / 3)
  }
  return sum ** -0.9
}

/** Stress at the edge of a lamina against its middle, by its number. */
const edgeFactors = Float64Array.from(
  { length: laminae },
  (_, k) => 1 - 0.01 / Math.log((1.985 * Math.abs(2 * (k + 1) - laminae - 1)) / (2 * laminae)),
)

function rollerLife(
  inside: Inside,
  loads: Float64Array[][],
  weights: Float64Array,
  dynamicRatingN: number,
  turning: 'inner' | 'outer',
): number {
  const { gamma, elements, alphaRad, signs } = inside
  const h = 1.038 * ((1 - gamma) / (1 + gamma)) ** (143 / 108)
  const per = dynamicRatingN / (0.83 * elements * Math.cos(alphaRad) * signs.length ** (7 / 9) * laminae ** (7 / 9))
  const innerN = (per / 0.378) * (1 + h ** 4.5) ** (2 / 9)
  const outerN = (per / 0.364) * (1 + h ** -4.5) ** (2 / 9)
  const wi = turning === 'inner' ? means.roller.turning : means.roller.standing
  const we = turning === 'outer' ? means.roller.turning : means.roller.standing
  let sum = 0
  for (const row of loads) {
    for (let lamina = 0; lamina < laminae; lamina++) {
      let [inner, outer] = [0, 0]
      row.forEach((roller, j) => {
        const stressed = (edgeFactors[lamina] ?? 1) * (roller[lamina] ?? 0)
        if (stressed === 0) return
        const weight = weights[j] ?? 0
        inner += weight * stressed ** wi
        outer += weight * stressed ** we
      })
      sum += ((inner / elements) ** (1 / wi) / innerN) ** 4.5 + ((outer / elements) ** (1 / we) / outerN) ** 4.5
    }
  }
  return sum ** (-8 / 9)
}

export const referenceLifeCalculation = calculation(
  'life.reference',
  'Life with clearance and tilt taken in',
  'ISO/TS 16281, rollers tied to ISO 281',
  ReferenceLifeInput,
  referenceLife,
  { prepare: withoutUnused },
)
