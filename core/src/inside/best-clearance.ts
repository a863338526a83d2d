import { calculation } from '../working/calculation.ts'
import { z } from 'zod'
import { lifeHours } from '../carry/basic-life.ts'
import { ballField } from './balls.ts'
import { withoutUnused, clearanceDomain, refuse, resolveInside, type Inside } from './bearing-inside.ts'
import { lineApproach } from './contacts.ts'
import { lifeAtClearance, ReferenceLifeInput } from './reference-life.ts'

export const BestClearanceInput = ReferenceLifeInput.extend({
  speedRpm: ReferenceLifeInput.shape.speedRpm.optional(),
  operatingClearanceUm: z
    .number()
    .optional()
    .meta({ unit: 'µm', description: 'Operating clearance to be judged, diametral; negative is preload' }),
})
export type BestClearanceInput = z.input<typeof BestClearanceInput>

export interface BestClearance {
  bestClearanceUm: number
  bestMillionRevs: number
  bestHoursH: number | null
  /** Clearances that keep 90 % of the best life. */
  rangeMinUm: number
  rangeMaxUm: number
  /** Where that range ends only because the search does. */
  openEnd: 'none' | 'lower' | 'upper' | 'both'
  /** Life without clearance over the best. */
  zeroShare: number
  /** Life at the clearance given over the best. */
  keptShare: number | null
  curve: { clearanceUm: number; share: number }[]
}

const kept = 0.9
const closeUm = 0.02
const golden = (Math.sqrt(5) - 1) / 2

/**
 * The operating clearance that lasts longest, and the range that keeps 90 % of it.
 *
 * @throws InputError as `referenceLife`, and on `arrangement` for an open row: its axial load sets its clearance
 * @example bestClearance({ bearingType: 'deep-groove-ball', elements: 9, elementDiameterMm: 9.525, pitchDiameterMm: 46,
 *   radialN: 2000, operatingClearanceUm: 10 }).bestClearanceUm // −13.7
 * @see ISO/TS 16281; golden section
 */
export function bestClearance(input: BestClearanceInput): BestClearance {
  const inside = resolveInside(input)
  if (inside.open)
    throw refuse(
      'arrangement',
      inside.arrangement,
      'back-to-back or face-to-face: the axial load sets the clearance of an open row',
    )
  const life = lifeAtClearance(inside, input)
  const at = (um: number) => life.at(um).millionRevs
  const [lo, hi] = clearanceDomain(inside, 40 + 2 * inside.pitchDiameterMm)
  const places = gridOf(lo, hi, scaleUm(inside))
  const lives = places.map(at)
  const top = lives.indexOf(Math.max(...lives))
  const from = places[Math.max(0, top - 1)] ?? lo
  const to = places[Math.min(places.length - 1, top + 1)] ?? hi
  const searched = goldenSection(at, from, to)
  const gridBest = { um: places[top] ?? 0, life: lives[top] ?? 0 }
  const best = searched.life > gridBest.life ? searched : gridBest
  const enough = kept * best.life
  const endOf = (steps: number[]): { um: number; open: boolean } => {
    let good = best.um
    for (const index of steps) {
      const um = places[index] ?? 0
      if ((lives[index] ?? 0) >= enough) good = um
      else return { um: edgeBetween(at, good, um, enough), open: false }
    }
    return { um: good, open: true }
  }
  const below = places.map((_, index) => index).filter((index) => (places[index] ?? 0) < best.um).reverse() // prettier-ignore
  const above = places.map((_, index) => index).filter((index) => (places[index] ?? 0) > best.um)
  const [low, high] = [endOf(below), endOf(above)]
  const given = input.operatingClearanceUm
  return {
    bestClearanceUm: best.um,
    bestMillionRevs: best.life,
    bestHoursH: input.speedRpm === undefined ? null : lifeHours(best.life, input.speedRpm),
    rangeMinUm: low.um,
    rangeMaxUm: high.um,
    openEnd: low.open ? (high.open ? 'both' : 'lower') : high.open ? 'upper' : 'none',
    zeroShare: at(0) / best.life,
    keptShare: given === undefined ? null : at(given) / best.life,
    curve: places.map((clearanceUm, index) => ({ clearanceUm, share: (lives[index] ?? 0) / best.life })),
  }
}

/** How far the rings approach under five times the mean load of an element: the measure of the grid, µm. */
function scaleUm(inside: Inside): number {
  const { radialN, axialN, elements, signs, alphaRad, ball, elementLengthMm } = inside
  const elementN = (5 * (radialN + axialN)) / (signs.length * elements * Math.cos(alphaRad))
  const approach = ball ? (elementN / ballField(inside).stiffness) ** (2 / 3) : lineApproach(elementN, elementLengthMm)
  return Math.max(1, 2000 * approach)
}

/** The ends of the domain and S sinh(0.3 i) between them: close where the curve bends, wide outside. */
function gridOf(lo: number, hi: number, scale: number): number[] {
  const inner: number[] = []
  for (let i = Math.ceil(Math.asinh(lo / scale) / 0.3); i <= Math.asinh(hi / scale) / 0.3; i++) {
    const um = scale * Math.sinh(0.3 * i)
    if (um > lo && um < hi) inner.push(um)
  }
  return [lo, ...inner, hi]
}

function goldenSection(at: (um: number) => number, from: number, to: number): { um: number; life: number } {
  let [low, high] = [from, to]
  let [a, b] = [high - golden * (high - low), low + golden * (high - low)]
  let [lifeA, lifeB] = [at(a), at(b)]
  while (high - low > closeUm) {
    if (lifeA >= lifeB) {
      ;[high, b, lifeB] = [b, a, lifeA]
      a = high - golden * (high - low)
      lifeA = at(a)
    } else {
      ;[low, a, lifeA] = [a, b, lifeB]
      b = low + golden * (high - low)
      lifeB = at(b)
    }
  }
  const um = (low + high) / 2
  return { um, life: at(um) }
}

function edgeBetween(at: (um: number) => number, good: number, bad: number, enough: number): number {
  let [inside, outside] = [good, bad]
  while (Math.abs(outside - inside) > closeUm) {
    const middle = (inside + outside) / 2
    if (at(middle) >= enough) inside = middle
    else outside = middle
  }
  return (inside + outside) / 2
}

export const bestClearanceCalculation = calculation(
  'clearance.best',
  'Operating clearance that lasts longest',
  'ISO/TS 16281, searched',
  BestClearanceInput,
  bestClearance,
  { prepare: withoutUnused },
)
