import type { CapEnd } from '@yardfrost/core'
import { halfRing } from './end-frame.ts'

/** Parts of one end along the shaft, px from the middle of its bearing, outward positive. */
export interface PlacedEnd {
  /** Which way a shoulder keeps the ring, and where: 1 outward, −1 inward. */
  capSide: 1 | -1
  /** Face of the shoulder and tip of the spigot, as they shall be. */
  shoulder: number
  tip: number
  /** Tip of the spigot as it was measured; what lies between is machined off. */
  tipBefore: number
  /** Between shoulder and ring, and between ring and spigot, px. */
  shoulderGap: number
  capGap: number
  spacer: number
}

/** An end that nobody has measured yet: its cap just touches. */
export const unmeasured = (capSide: 1 | -1): PlacedEnd => ({
  capSide,
  shoulder: -capSide * halfRing,
  tip: capSide * halfRing,
  tipBefore: capSide * halfRing,
  shoulderGap: 0,
  capGap: 0,
  spacer: 0,
})

const spacerPx = 14
/** Gaps are drawn no wider than this, px. */
const widestGapPx = 44

/** How many px a millimetre of gap is drawn, the same at both ends: the widest just has its place. */
export function gapScale(ends: readonly (CapEnd | null)[]): number {
  const widest = Math.max(0.1, ...ends.map((end) => (end ? Math.max(end.afterMm, Math.abs(end.roomMm), end.cutMm) : 0)))
  return widestGapPx / widest
}

/**
 * Where shoulder and spigot of one end are drawn.
 *
 * @param pxPerMm - of gaps; rings and housings stand for themselves
 * @param hasSpacer - a ring lies between shoulder and bearing
 */
export function placeEnd(cap: CapEnd, capSide: 1 | -1, pxPerMm: number, hasSpacer: boolean): PlacedEnd {
  const slides = cap.verdict === 'free' || cap.verdict === 'short'
  const shoulderGap = slides ? cap.fromShoulderMm * pxPerMm : 0
  const capGap = (slides ? cap.fromCapMm : Math.max(0, cap.afterMm)) * pxPerMm
  const spacer = hasSpacer ? spacerPx : 0
  const tip = capSide * (halfRing + capGap)
  return {
    capSide,
    shoulder: -capSide * (halfRing + spacer + shoulderGap),
    tip,
    tipBefore: tip - capSide * cap.cutMm * pxPerMm,
    shoulderGap,
    capGap,
    spacer,
  }
}
