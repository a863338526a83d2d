import type { ShaftLine } from '../model/shaft-line.ts'
import { roomsOf } from './apply-loads.ts'
import { float } from '../float/room.ts'
import { withinBounds, withinShafts } from '../float/growth.ts'
import { roomToLeave } from '../float/practices/index.ts'
import { growthMarginMm, growthOverRise } from '../float/practices/physics.ts'
import type { GrowthPractice, SitePractices } from '../model/site-practices.ts'
import type { Practised } from '../working/practice.ts'
import { spanDiameterMm } from '../float/span-diameter.ts'

/** How the shaft of a line grows, which way, and what comes of it. */
export interface LineGrowth {
  /** Expansion over the rise; negative when it runs colder, mm. */
  growthMm: number
  /** Room to leave by every practice, the leading one first, mm. */
  practices: Practised<GrowthPractice, number>[]
  leaveMm: number
  to: 'left' | 'right' | null
  residualMm: number | null
  thrustN: number | null
  spanMm: number
  coupling: CouplingGap | null
}

/** What growth does to the gap of a coupling. */
export interface CouplingGap {
  /** Closes the gap, mm; negative opens it. The other shaft's share is in it. */
  closesMm: number
  /** Left of it at its hottest; null where nobody said what it is cold. */
  hotMm: number | null
  leastMm: number | null
}

/** @returns null for a shaft whose bearings stand in one place */
export function lineGrowth(line: ShaftLine, chosen?: SitePractices): LineGrowth | null {
  const places = line.supports.map(({ xMm }) => xMm)
  const spanMm = Math.max(...places) - Math.min(...places)
  if (spanMm < 10) return null
  const given = { spanMm, material: line.material, assemblyC: line.assemblyC, runningC: line.hottestC }
  const growthMm = growthOverRise(given)
  const practices = roomToLeave(given, chosen?.growth)
  const held = line.supports.filter(({ holds }) => holds === 'both')
  const floating = line.supports.find(({ holds }) => holds === 'none')
  const to = held.length === 1 && floating && held[0] ? (floating.xMm > held[0].xMm ? 'right' : 'left') : null
  const { roomTowardMm, roomAwayMm } = roomsOf(line)
  const known = held.length >= 2 || (roomTowardMm !== null && roomAwayMm !== null)
  const thick = spanDiameterMm(line)
  const room = known
    ? float({
        growthMm: withinBounds(growthMm),
        locatedEnds: held.length >= 2 ? 2 : 1,
        marginMm: growthMarginMm,
        ...(roomTowardMm === null ? {} : { roomTowardMm }),
        ...(roomAwayMm === null ? {} : { roomAwayMm }),
        spanMm: Math.min(spanMm, 20_000),
        ...(thick === null ? {} : { shaftDiameterMm: withinShafts(thick) }),
        ...(line.housingStiffnessNPerMm === null ? {} : { housingStiffnessNPerMm: line.housingStiffnessNPerMm }),
      })
    : null
  return {
    growthMm,
    practices,
    leaveMm: practices[0]?.outcome.value ?? Math.abs(growthMm) + growthMarginMm,
    to,
    residualMm: room?.residualMm ?? null,
    thrustN: room?.verdict === 'bound' ? room.thrustN : null,
    spanMm,
    coupling: couplingGap(line),
  }
}

/**
 * Growth between the end that holds and the coupling, with what the other shaft comes toward it.
 *
 *     closes = α |x_coupling − x_held| (t_hot − t_assembly) + other
 */
function couplingGap({ parts, supports, material, assemblyC, hottestC }: ShaftLine): CouplingGap | null {
  const coupling = parts.find((part) => part.kind === 'coupling')
  const held = supports.filter(({ holds }) => holds === 'both')
  const [holder] = held
  if (!coupling || !holder || held.length > 1) return null
  const spanMm = Math.abs(coupling.xMm - holder.xMm)
  const ownMm = spanMm < 10 ? 0 : growthOverRise({ spanMm, material, assemblyC, runningC: hottestC })
  const closesMm = ownMm + coupling.otherGrowthMm
  return {
    closesMm,
    hotMm: coupling.gapMm === null ? null : coupling.gapMm - closesMm,
    leastMm: coupling.leastGapMm,
  }
}
