import type { RollingPosition, ShaftEnd } from '../../kinds/rolling/position.ts'
import { otherSideMm } from '../practices/physics.ts'
import { blockEnd, type BlockEnd } from './block-end.ts'
import { endFields, ringHeight } from './end-fields.ts'

type Ends = RollingPosition['ends']

/**
 * Both split blocks as they were measured.
 *
 * @param byNumberMm - width of this bearing's outer ring where nobody measured it
 * @returns an end is null until its seat, rings and bearing are known
 */
export function measuredBlocks(ends: Ends, byNumberMm: number | null): Record<ShaftEnd, BlockEnd | null> {
  const at = (end: ShaftEnd): BlockEnd | null => {
    const fields = endFields[end]
    const [seatMm, bearingMm, rings, widthMm] = [ends[fields.seat], ringHeight(ends, end, byNumberMm), ends[fields.rings], ends[fields.ringWidth]] // prettier-ignore
    return seatMm === null || bearingMm === null || rings === null || (rings > 0 && widthMm === null)
      ? null
      : blockEnd({ seatMm, bearingMm, rings, ringMm: widthMm ?? 0 })
  }
  return { this: at('this'), other: at('other') }
}

/** Room of a floating bearing set where it should be: 0.5 mm from the shoulder away from the growth, the rest toward it, mm. */
export function roomsWhenSet({ roomMm }: BlockEnd): { towardMm: number; awayMm: number } {
  const awayMm = Math.min(otherSideMm, roomMm / 2)
  return { towardMm: roomMm - awayMm, awayMm }
}

/**
 * A position with the ends that its locating rings make, in place of what was said of them: rings that lie in a block are there.
 *
 * A floating bearing counts as set where it should be.
 */
export function withBlocks(position: RollingPosition, ringMm: number | null): RollingPosition {
  const { ends, float } = position
  if (ends.kind !== 'blocks') return position
  const { this: own, other } = measuredBlocks(ends, ringMm)
  if (!own || !other) return position
  const holds = ({ verdict }: BlockEnd) => verdict !== 'floats'
  const held = [own, other].filter(holds).length
  const floating = [own, other].find((end) => !holds(end))
  const { towardMm, awayMm } = floating ? roomsWhenSet(floating) : { towardMm: 0, awayMm: 0 }
  return {
    ...position,
    float: {
      ...float,
      role: holds(own) ? 'locating' : 'floating',
      floatsIn: 'housing',
      locatedEnds: held === 0 || held === 1 ? held : 2,
      roomTowardMm: towardMm,
      roomAwayMm: awayMm,
    },
  }
}
