import { InputError } from '../../errors/input-error.ts'
import { otherSideMm as usualOtherSideMm } from '../practices/physics.ts'
import { calculation } from '../../working/calculation.ts'
import { CapEndInput } from './cap-end.schema.ts'

export interface CapEnd {
  /** Free travel as measured; negative where the cap clamps the ring by so much, mm. */
  roomMm: number
  /** To machine off the spigot, or to deepen the bore by, mm. */
  cutMm: number
  /** To fill with a ring or shim, mm. */
  fillMm: number
  /** Free travel once that is done, mm. */
  afterMm: number
  /** Where a floating ring is set cold, from shoulder and spigot, mm; 0 for one that is held. */
  fromShoulderMm: number
  fromCapMm: number
  /** As measured: a held ring is clamped, held or loose; a floating one has its room or is short of it. */
  verdict: 'clamps' | 'holds' | 'loose' | 'free' | 'short'
}

/** Side gaps of a ring that is held, together, mm: it is not clamped, and it does not knock. */
export const heldGapMm = { least: 0, aim: 0.05, most: 0.1 }
/** Half of the last digit of a depth gauge, mm. */
const hairMm = 0.005

/**
 * What a cap leaves of the travel of an outer ring, and what has to be machined or filled for it to float or to hold.
 *
 *     room = depth − ring − spacer − spigot
 *     floating: cut = leave + other side − room      held: cut = 0.05 − room, or fill = room − 0.05
 *
 * @throws InputError on `leaveMm` where the ring floats and it is not given
 * @example capEnd({ depthMm: 62, ringMm: 45, spigotMm: 16.8, floats: true, leaveMm: 0.82 }).cutMm // 1.12
 * @see fitting practice; held rings with 0 to 0.1 mm of side gaps together
 */
export function capEnd(input: CapEndInput): CapEnd {
  const {
    depthMm,
    ringMm,
    spigotMm,
    spacerMm = 0,
    floats,
    leaveMm,
    otherSideMm = usualOtherSideMm,
    growsToCap = true,
  } = input
  const roomMm = depthMm - ringMm - spacerMm - spigotMm
  if (!floats) return held(roomMm)
  if (leaveMm === undefined)
    throw new InputError({
      code: 'MISSING',
      field: 'leaveMm',
      value: undefined,
      allowed: 'the room to leave in mm where the ring floats',
      fix: 'Work out the growth of the shaft first.',
    })
  const shortMm = leaveMm + otherSideMm - roomMm
  const cutMm = shortMm > hairMm ? shortMm : 0
  const afterMm = roomMm + cutMm
  const movesMm = afterMm - otherSideMm
  return {
    roomMm,
    cutMm,
    fillMm: 0,
    afterMm,
    fromShoulderMm: growsToCap ? otherSideMm : movesMm,
    fromCapMm: growsToCap ? movesMm : otherSideMm,
    verdict: cutMm > 0 ? 'short' : 'free',
  }
}

function held(roomMm: number): CapEnd {
  const at = { roomMm, fromShoulderMm: 0, fromCapMm: 0 }
  if (roomMm < heldGapMm.least - hairMm)
    return { ...at, cutMm: heldGapMm.aim - roomMm, fillMm: 0, afterMm: heldGapMm.aim, verdict: 'clamps' }
  if (roomMm > heldGapMm.most + hairMm)
    return { ...at, cutMm: 0, fillMm: roomMm - heldGapMm.aim, afterMm: heldGapMm.aim, verdict: 'loose' }
  return { ...at, cutMm: 0, fillMm: 0, afterMm: roomMm, verdict: 'holds' }
}

export const capEndCalculation = calculation(
  'shaft.cap',
  'What a cap leaves of the travel of an outer ring',
  'Fitting practice',
  CapEndInput,
  capEnd,
)
