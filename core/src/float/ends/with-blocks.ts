import type { RollingPosition, ShaftEnd } from '../../kinds/rolling/position.ts'
import { blockEnd, type BlockEnd } from './block-end.ts'

type Ends = RollingPosition['ends']

/**
 * Both split blocks as they were measured.
 *
 * @param ringMm - width of this bearing's outer ring where nobody measured it
 * @returns an end is null until its seat, rings and bearing are known
 */
export function measuredBlocks(ends: Ends, ringMm: number | null): Record<ShaftEnd, BlockEnd | null> {
  const at = (
    seatMm: number | null,
    bearingMm: number | null,
    rings: Ends['rings'],
    widthMm: number | null,
  ): BlockEnd | null =>
    seatMm === null || bearingMm === null || rings === null || (rings > 0 && widthMm === null)
      ? null
      : blockEnd({ seatMm, bearingMm, rings, ringMm: widthMm ?? 0 })
  const own = ends.ringMm ?? ringMm
  return {
    this: at(ends.seatMm, own, ends.rings, ends.ringWidthMm),
    other: at(ends.otherSeatMm, ends.otherRingMm, ends.otherRings, ends.otherRingWidthMm),
  }
}

/** Room that a floating ring starts with on the side away from the growth, mm: no more than needed. */
export const otherSideMm = 0.5

/**
 * A position with the ends that its locating rings make, in place of what was said of them: rings that lie in a block are there.
 *
 * A floating bearing counts as set where it should be: 0.5 mm from the shoulder away from the growth.
 */
export function withBlocks(position: RollingPosition, ringMm: number | null): RollingPosition {
  const { ends, float } = position
  if (ends.kind !== 'blocks') return position
  const { this: own, other } = measuredBlocks(ends, ringMm)
  if (!own || !other) return position
  const holds = ({ verdict }: BlockEnd) => verdict !== 'floats'
  const held = [own, other].filter(holds).length
  const floating = [own, other].find((end) => !holds(end))
  const roomMm = floating?.roomMm ?? 0
  const awayMm = Math.min(otherSideMm, roomMm / 2)
  return {
    ...position,
    float: {
      ...float,
      role: holds(own) ? 'locating' : 'floating',
      floatsIn: 'housing',
      locatedEnds: held === 0 || held === 1 ? held : 2,
      roomTowardMm: roomMm - awayMm,
      roomAwayMm: awayMm,
    },
  }
}
