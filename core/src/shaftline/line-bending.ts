import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import { radialGive } from '../catalogue/radial-give.ts'
import { attempt } from '../errors/input-error.ts'
import { insideOf } from '../inside/of-bearing.ts'
import { loadDistribution } from '../inside/load-distribution.ts'
import { resolveInside } from '../inside/bearing-inside.ts'
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

/**
 * Bends a shaft on its bearings, each giving way as its inside lets it, and finds the first critical speed.
 *
 * The bend goes by how far the rings approach under the load; the critical speed by how stiff the bearing is about that place.
 */
export function lineBending(
  line: ShaftLine,
  { loads, supports }: LineLoads,
  lookups: readonly BearingLookup[],
  journals: readonly (SupportGive | undefined)[] = [],
): LineBending {
  const radians = (degrees: number) => (degrees * Math.PI) / 180
  const masses = [
    ...sectionMasses(line),
    ...line.parts.filter(({ massKg }) => massKg > 0).map(({ xMm, massKg }) => ({ xMm, massKg })),
  ]
  const gives = supports.map(
    (support, index) => journals[index]?.give(Math.abs(support.radialN)) ?? giveOf(support, lookups[index]),
  )
  const onSprings = (springOf: (give: BearingGive) => number) => ({
    sections: line.sections,
    supports: line.supports.map(({ xMm }, index) => {
      const give = gives[index]
      return give ? { xMm, stiffnessNPerMm: springOf(give) } : { xMm }
    }),
  })
  const bent = onSprings(({ loadN, mm }) => loadN / mm)
  const inPlane = (part: (angle: number) => number) =>
    solveBeam({
      ...bent,
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
    giveMm: supports.map(({ radialN }, index) => {
      const give = gives[index]
      return give ? (radialN * give.mm) / give.loadN : null
    }),
    criticalRpm: Math.min(firstCriticalRpm({ ...onSprings(({ nPerMm }) => nPerMm), loads: [], masses }), 1e6),
  }
}

/** Something that holds a shaft up and is no rolling bearing. */
export interface SupportGive {
  name: string
  /** Null where it is as good as rigid. */
  give: (loadN: number) => BearingGive | null
}

/** How far a bearing gives way under a load, and how stiff it is there. */
interface BearingGive {
  loadN: number
  mm: number
  nPerMm: number
}

/**
 * By the load distribution, without clearance. A single row that opens without its partner is held along the shaft by that partner
 * and not by a load, so its own approach is taken.
 *
 * @returns null where nothing is known
 */
function giveOf(
  { radialN, axialN }: { radialN: number; axialN: number },
  lookup: BearingLookup | undefined,
): BearingGive | null {
  if (lookup?.kind !== 'found') return null
  const { row, interior } = lookup.bearing
  const loadN = Math.max(radialN, leastLoadShare * interior.dynamicRatingN)
  const inside = insideOf(lookup.bearing, { radialN: loadN, axialN: Math.abs(axialN) })
  const { value } = attempt(() => (resolveInside(inside).open ? null : loadDistribution(inside)))
  if (value) return { loadN, mm: value.radialUm / 1000, nPerMm: 1000 * value.stiffnessNPerUm }
  const mm = radialGive(row.type, interior, loadN)
  return mm === null ? null : { loadN, mm, nPerMm: loadN / mm }
}
