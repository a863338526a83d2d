import { calculation } from '../../working/calculation.ts'
import { BlockEndInput } from './block-end.schema.ts'

export interface BlockEnd {
  /** What the rings leave of the travel; negative where they are too wide to go in, mm. */
  roomMm: number
  /** Width of each of two rings, or of one alone, that would hold it with 0.2 mm between them, mm. */
  eachOfTwoMm: number
  oneMm: number
  verdict: 'holds' | 'floats' | 'too-wide'
}

/** With this much or less between rings and bearing the block holds the shaft, mm. */
const heldMm = 0.3
/** Slack that lets two halves of a block close over rings and bearing, mm. */
const slackMm = 0.2

/**
 * Whether a split block holds its bearing or lets it slide.
 *
 *     room = seat − bearing − rings · width        held up to 0.3 mm
 *
 * @example blockEnd({ seatMm: 66, bearingMm: 46, rings: 2, ringMm: 10 }).verdict // holds
 * @see fitting practice for split blocks
 */
export function blockEnd({ seatMm, bearingMm, rings, ringMm = 0 }: BlockEndInput): BlockEnd {
  const emptyMm = seatMm - bearingMm
  const roomMm = emptyMm - rings * ringMm
  const fillsMm = Math.max(0, emptyMm - slackMm)
  return {
    roomMm,
    eachOfTwoMm: fillsMm / 2,
    oneMm: fillsMm,
    verdict: roomMm < -0.005 ? 'too-wide' : roomMm <= heldMm + 1e-9 ? 'holds' : 'floats',
  }
}

export const blockEndCalculation = calculation(
  'shaft.rings',
  'Whether locating rings hold a bearing in its block',
  'Fitting practice',
  BlockEndInput,
  blockEnd,
)
