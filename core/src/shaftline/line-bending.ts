import { factsOf } from '../bearing-types/index.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { radialGive } from '../catalogue/radial-give.ts'
import { attempt } from '../errors/input-error.ts'
import { loadDistribution } from '../inside/load-distribution.ts'
import { insideOf } from '../inside/of-bearing.ts'
import type { ShaftLine } from '../model/shaft-line.ts'
import { firstCriticalRpm, solveBeam } from './beam.ts'
import { sectionMasses } from './part-loads.ts'
import type { LineLoads } from './support-loads.ts'

/** How the shaft bends, in the plane the load points. */
export interface LineBending {
  xMm: number[]
  deflectionMm: number[]
  largestMm: number
  /** Angle of the shaft at each support, degrees. */
  supportDeg: number[]
  criticalRpm: number
  /** How far each bearing gives way under its load, mm; null where none is known and the support is taken for rigid. */
  giveMm: (number | null)[]
}

/** Load below which a bearing is taken to give as if it were this share of its dynamic rating: an unloaded one is not soft. */
const leastLoadShare = 0.005

/** Bends a shaft on its bearings, each giving way as its inside lets it, and finds the first critical speed. */
export function lineBending(
  line: ShaftLine,
  { loads, supports }: LineLoads,
  lookups: readonly BearingLookup[],
): LineBending {
  const radians = (degrees: number) => (degrees * Math.PI) / 180
  const masses = [
    ...sectionMasses(line),
    ...line.parts.filter(({ massKg }) => massKg > 0).map(({ xMm, massKg }) => ({ xMm, massKg })),
  ]
  const gives = supports.map(({ radialN }, index) => giveOf(radialN, lookups[index]))
  const beam = {
    sections: line.sections,
    supports: line.supports.map(({ xMm }, index) => {
      const give = gives[index]
      return give ? { xMm, stiffnessNPerMm: give.stiffnessNPerMm } : { xMm }
    }),
  }
  const inPlane = (part: (angle: number) => number) =>
    solveBeam({
      ...beam,
      loads: loads.map(({ xMm, radialN, angleDeg, turns }) => ({
        xMm,
        forceN: radialN * (turns ? 1 : part(radians(angleDeg))),
      })),
    })
  const [down, side] = [inPlane(Math.cos), inPlane(Math.sin)]
  const deflectionMm = [...down.deflectionMm]
  return {
    xMm: [...down.xMm],
    deflectionMm,
    largestMm: Math.max(...deflectionMm.map((one, node) => Math.hypot(one, side.deflectionMm[node] ?? 0))),
    supportDeg: down.supportSlope.map(
      (slope, index) => (Math.hypot(slope, side.supportSlope[index] ?? 0) * 180) / Math.PI,
    ),
    giveMm: gives.map((give, index) => {
      // Unloaded it gives nothing, whatever it is taken to resist with.
      const share = (supports[index]?.radialN ?? 0) / (leastLoadShare * ratingOf(lookups[index]))
      return give && give.mm * Math.min(1, share)
    }),
    criticalRpm: Math.min(firstCriticalRpm({ ...beam, loads: [], masses }), 1e6),
  }
}

const ratingOf = (lookup: BearingLookup | undefined): number =>
  lookup?.kind === 'found' ? lookup.bearing.interior.dynamicRatingN : 1

interface Give {
  /** How far the shaft sinks in it, mm. */
  mm: number
  /** How hard it resists a little more, N/mm. */
  stiffnessNPerMm: number
}

// A shaft that is dragged asks for the same bearings under nearly the same loads, stroke after stroke.
const remembered = new WeakMap<ResolvedBearing, Map<number, Give | null>>()
const mostRemembered = 100
/** Loads this near one another give alike. */
const loadSteps = 200

function giveOf(radialN: number, lookup: BearingLookup | undefined): Give | null {
  if (lookup?.kind !== 'found') return null
  const { bearing } = lookup
  const loadN = Math.max(radialN, leastLoadShare * bearing.interior.dynamicRatingN)
  const key = Math.round(loadSteps * Math.log(loadN))
  const known = remembered.get(bearing) ?? new Map<number, Give | null>()
  remembered.set(bearing, known)
  const found = known.get(key)
  if (found !== undefined) return found
  if (known.size >= mostRemembered) known.clear()
  const give = giveUnder(Math.exp(key / loadSteps), bearing)
  known.set(key, give)
  return give
}

/** By how the load is shared among the elements; by the approach of the most loaded one where that cannot be worked out. */
function giveUnder(loadN: number, bearing: ResolvedBearing): Give | null {
  const { row, interior } = bearing
  const { value } = attempt(() =>
    loadDistribution({ ...insideOf(bearing, { radialN: loadN, axialN: ownAxialN(bearing, loadN) }), operatingClearanceUm: 0 }),
  ) // prettier-ignore
  if (value && value.stiffnessNPerUm > 0 && value.radialUm > 0)
    return { mm: value.radialUm / 1000, stiffnessNPerMm: value.stiffnessNPerUm * 1000 }
  const mm = radialGive(row.type, interior, loadN)
  return mm === null ? null : { mm, stiffnessNPerMm: loadN / mm }
}

/** A single row that stands at an angle is held by what it pushes itself, and a little more. */
const heldBy = 1.1
function ownAxialN({ row, interior }: ResolvedBearing, radialN: number): number {
  const { pairs, inside } = factsOf(row.type)
  const opposed = interior.rows > 1 || inside.signs !== null
  return pairs && !opposed ? heldBy * radialN * Math.tan((interior.contactAngleDeg * Math.PI) / 180) : 0
}
