import type { HalfSection } from './half-section.ts'
import { toX, toY, type Scale } from './outline.ts'

/** Where everything around the bearing stands, in px. */
export interface Sheet {
  scale: Scale
  width: number
  height: number
  /** Ends of the shaft, where the break lines are. */
  shaftFrom: number
  shaftTo: number
  housingFrom: number
  housingTo: number
  housingTop: number
  /** Room beside the outer ring: nothing where it is held, a gap where it may slide. */
  slidePx: number
  /** Left edge of the callouts. */
  calloutX: number
}

const topPx = 62
const bottomPx = 46

/** Housing wall over the bearing, mm. */
const wallMm = ({ boreMm, odMm }: HalfSection) => 0.17 * (odMm - boreMm) + 0.03 * odMm

/**
 * Lays a half-section out on a sheet: as large as height and width allow, dimensions on the left, callouts on the right.
 *
 * @param slides - whether the outer ring may move along its seat
 */
export function layOut(section: HalfSection, width: number, height: number, slides: boolean): Sheet {
  const wall = wallMm(section)
  const bearingWidthMm = Math.max(section.inner.to, section.outer.to) - Math.min(section.inner.from, section.outer.from)
  const narrow = width < 640
  const pxPerMm = Math.min(
    (height - topPx - bottomPx) / (section.odMm / 2 + wall),
    ((narrow ? 0.24 : 0.27) * width) / bearingWidthMm,
  )
  const scale: Scale = { pxPerMm, x0: width * (narrow ? 0.4 : 0.44), y0: height - bottomPx }
  const ringPx = bearingWidthMm * pxPerMm
  const reach = Math.min(Math.max(ringPx * 0.85, 70), width * 0.2)
  const housingFrom = toX(scale, section.outer.from) - reach
  const housingTo = Math.min(toX(scale, section.outer.to) + reach, width * 0.7)
  const calloutX = Math.min(housingTo + 40, width - (narrow ? 150 : 205))
  return {
    scale,
    width,
    height,
    shaftFrom: 22,
    // The shaft breaks off before the callouts, so that no edge runs through their words.
    shaftTo: calloutX - 24,
    housingFrom,
    housingTo,
    housingTop: toY(scale, section.odMm / 2 + wall),
    slidePx: slides ? Math.min(ringPx * 0.3, 34) : 0,
    calloutX,
  }
}

/** How much the sheet enlarges or reduces, as 2 : 1 or 1 : 1.5 on a screen of 96 px to the inch. */
export function scaleWords(pxPerMm: number): string {
  const ratio = (pxPerMm * 25.4) / 96
  return ratio >= 1 ? `${ratio.toFixed(1)} : 1` : `1 : ${(1 / ratio).toFixed(1)}`
}

/** A wavy line where a part goes on beyond the sheet, from top to bottom, px. */
export function breakLine(x: number, yTop: number, yBottom: number): string {
  const third = (yBottom - yTop) / 3
  return `M${x} ${yTop} c6 ${third} -6 ${third} 0 ${third * 1.5} s-6 ${third * 0.5} 0 ${third * 1.5}`
}
