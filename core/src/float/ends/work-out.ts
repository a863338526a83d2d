import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import { shaftEnds, type ShaftEnd } from '../../kinds/rolling/choices.ts'
import type { RollingPosition } from '../../kinds/rolling/position.ts'
import { floatsInside } from '../floats-inside.ts'
import { growthOverRise, otherSideMm } from '../practices/physics.ts'
import type { GrowthOutcome } from '../growth-outcome.ts'
import type { BlockEnd } from './block-end.ts'
import { capEnd, type CapEnd } from './cap-end.ts'
import { endFields, ringHeight } from './end-fields.ts'
import { measuredBlocks, roomsWhenSet } from './with-blocks.ts'

/** What the growth does to the gap of the coupling. */
export interface CouplingOutcome {
  /** Closes by the growth of this shaft, mm; negative opens it. */
  growsMm: number
  /** From the bearing that holds to the face of the coupling, mm. */
  lengthMm: number
  closesMm: number
  coldMm: number | null
  hotMm: number | null
  leastMm: number | null
}

/** One end of the shaft as it stands and as it has to be. */
export interface EndOutcome {
  /** It slides in its housing; an end that holds, or floats inside its bearing, is kept still. */
  slides: boolean
  floatsInside: boolean
  cap: CapEnd | null
  block: BlockEnd | null
}

/** Which end holds, what that asks of both ends, and what becomes of the coupling. */
export interface EndsOutcome {
  kind: RollingPosition['ends']['kind']
  holds: ShaftEnd | null
  ends: Record<ShaftEnd, EndOutcome>
  /** End whose ring slides in its housing; null where none does, or nobody said which holds. */
  sliding: ShaftEnd | null
  /** Room the floating ring needs toward the growth, mm; null while the growth is not known. */
  leaveMm: number | null
  growthMm: number | null
  /** Growth of the shaft goes so, seen from the end that holds; null while one of both is not known. */
  way: 'away-from-coupling' | 'toward-coupling' | null
  growsToCap: boolean
  /** Room the floating ring has toward the growth once all is done, mm. */
  towardMm: number | null
  /** Shaft temperature at which that room is used up, °C; null where it is not, or not known. */
  usedUpC: number | null
  /** How far the bearing in a split block is set off the middle, away from the growth, mm: least and most. */
  offset: { leastMm: number; mostMm: number } | null
  coupling: CouplingOutcome | null
}

/** Hotter than this nobody asks how far it grows, °C. */
const hottestC = 500

/**
 * What has to be done at both ends so that one holds the shaft and the other lets it grow.
 *
 * @param position - with the shaft line's word and the blocks' rings in it
 * @param bearing - gives the height of this outer ring where it was not measured
 * @returns null until somebody says which end shall hold, or what rings lie in the blocks
 */
export function endsOutcome(
  position: RollingPosition,
  bearing: ResolvedBearing | null,
  growth: GrowthOutcome | null,
): EndsOutcome | null {
  const { ends } = position
  const ringMm = bearing?.row.widthMm ?? null
  const blocks = ends.kind === 'blocks' ? measuredBlocks(ends, ringMm) : { this: null, other: null }
  // Rings that lie in a block are there, whatever shall be.
  const holds = heldBy(blocks) ?? ends.holds
  if (holds === null && !blocks.this && !blocks.other) return null
  const [growthMm, leaveMm] = [growth?.growthMm ?? null, growth?.leaveMm ?? null]
  const growsToCap = (ends.cap === 'outer') === (growthMm ?? 0) >= 0
  const inside: Record<ShaftEnd, boolean> = {
    this: bearing !== null && floatsInside(bearing),
    other: ends.otherFloatsIn === 'bearing',
  }
  const capOf = (end: ShaftEnd, slides: boolean): CapEnd | null => {
    const measured = measuredCap(ends, end, ringMm)
    if (ends.kind !== 'caps' || holds === null || !measured || (slides && leaveMm === null)) return null
    return capEnd({ ...measured, floats: slides, growsToCap, ...(slides && leaveMm !== null ? { leaveMm } : {}) })
  }
  const endOf = (end: ShaftEnd): EndOutcome => {
    const floats = holds !== null && holds !== end
    const slides = floats && !inside[end]
    return { slides, floatsInside: floats && inside[end], cap: capOf(end, slides), block: blocks[end] }
  }
  const both = { this: endOf('this'), other: endOf('other') }
  const sliding = shaftEnds.find((end) => both[end].slides) ?? null
  const floating = sliding && both[sliding]
  const towardMm = towardOf(floating, growsToCap)
  return {
    kind: ends.kind,
    holds,
    ends: both,
    sliding,
    leaveMm,
    growthMm,
    way: holds === null || ends.coupling === null || ends.coupling === 'none' ? null : ends.coupling === holds ? 'away-from-coupling' : 'toward-coupling', // prettier-ignore
    growsToCap,
    towardMm,
    usedUpC: usedUpAt(position, growthMm, towardMm),
    offset: offsetOf(floating, leaveMm),
    coupling: holds === null ? null : couplingOf(position, holds),
  }
}

const heldBy = (blocks: Record<ShaftEnd, BlockEnd | null>): ShaftEnd | null => {
  const held = shaftEnds.filter((end) => blocks[end]?.verdict === 'holds')
  return held.length === 1 ? (held[0] ?? null) : null
}

/** What was measured of a cap; null until depth, ring and spigot are there. */
function measuredCap(ends: RollingPosition['ends'], end: ShaftEnd, byNumberMm: number | null) {
  const { depth, spigot, spacer } = endFields[end]
  const [depthMm, ringMm, spigotMm] = [ends[depth], ringHeight(ends, end, byNumberMm), ends[spigot]]
  return depthMm === null || ringMm === null || spigotMm === null
    ? null
    : { depthMm, ringMm, spigotMm, spacerMm: ends[spacer] ?? 0 }
}

function towardOf(floating: EndOutcome | null, growsToCap: boolean): number | null {
  if (!floating) return null
  const { cap, block } = floating
  if (cap) return growsToCap ? cap.fromCapMm : cap.fromShoulderMm
  return block?.verdict === 'floats' ? roomsWhenSet(block).towardMm : null
}

function usedUpAt({ float }: RollingPosition, growthMm: number | null, towardMm: number | null): number | null {
  const { assemblyC, hottestC: hot } = float
  if (growthMm === null || towardMm === null || assemblyC === null || hot === null || growthMm <= 0) return null
  const usedC = assemblyC + ((hot - assemblyC) * towardMm) / growthMm
  return usedC > hottestC ? null : usedC
}

function offsetOf(floating: EndOutcome | null, leaveMm: number | null): EndsOutcome['offset'] {
  const block = floating?.block
  if (block?.verdict !== 'floats' || leaveMm === null) return null
  const halfMm = block.roomMm / 2
  const mostMm = Math.max(0, halfMm - otherSideMm)
  return { leastMm: Math.min(mostMm, Math.max(0, leaveMm - halfMm)), mostMm }
}

/**
 * What is left of the gap of the coupling when the shaft is hot.
 *
 *     hot = cold − α L (t_hot − t_assembly) − other shaft,    L from the bearing that holds to the face of the coupling
 */
function couplingOf({ ends, float }: RollingPosition, holds: ShaftEnd): CouplingOutcome | null {
  const { coupling, overhangMm, couplingGapMm: coldMm, leastGapMm: leastMm, otherGrowthMm } = ends
  const { spanMm, assemblyC, hottestC: runningC, shaftMaterial } = float
  if (coupling === null || coupling === 'none' || spanMm === null || assemblyC === null || runningC === null)
    return null
  const lengthMm = (overhangMm ?? 0) + (coupling === holds ? 0 : spanMm)
  const growsMm = growthOverRise({ spanMm: lengthMm, material: shaftMaterial, assemblyC, runningC })
  const closesMm = growsMm + (otherGrowthMm ?? 0)
  return { growsMm, lengthMm, closesMm, coldMm, hotMm: coldMm === null ? null : coldMm - closesMm, leastMm }
}
