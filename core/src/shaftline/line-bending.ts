import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import { radialGive } from '../catalogue/radial-give.ts'
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
      return give ? { xMm, stiffnessNPerMm: give.loadN / give.mm } : { xMm }
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
    giveMm: supports.map(({ radialN }, index) => {
      const give = gives[index]
      return give ? (radialN * give.mm) / give.loadN : null
    }),
    criticalRpm: Math.min(firstCriticalRpm({ ...beam, loads: [], masses }), 1e6),
  }
}

function giveOf(radialN: number, lookup: BearingLookup | undefined): { loadN: number; mm: number } | null {
  if (lookup?.kind !== 'found') return null
  const { row, interior } = lookup.bearing
  const loadN = Math.max(radialN, leastLoadShare * interior.dynamicRatingN)
  const mm = radialGive(row.type, interior, loadN)
  return mm === null ? null : { loadN, mm }
}
