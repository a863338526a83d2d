import { overallWidth, taperOf, type Holding, type ResolvedBearing } from '@yardfrost/core'
import { heldRing, type HeldRing } from './held-ring.ts'
import { closureShapes } from './section/closures.ts'
import { shoulderShare, type Contact, type Frame, type Shape } from './section/frame.ts'
import { drawers } from './section/index.ts'

export type { Part, Shape } from './section/frame.ts'

/** Half-section of a bearing above its centre line, with the surfaces that other parts lie against. */
export interface HalfSection {
  shapes: Shape[]
  /** Extent of the inner ring along the shaft, mm. */
  inner: { from: number; to: number }
  /** Extent of the outer ring along the shaft, mm. */
  outer: { from: number; to: number }
  boreMm: number
  odMm: number
  /** Height at which a shoulder may stand against the inner and outer ring, mm from the centre line. */
  innerShoulderY: number
  outerShoulderY: number
  /** Middles of the rolling elements, for load lines. */
  contacts: Contact[]
  /** Half the bore at either end of the inner ring, mm. */
  bore: { left: number; right: number }
  /** The shaft, and what holds the ring on it. */
  held: HeldRing
}

/** Half the bore at a place along the inner ring, mm. */
export const boreAt = ({ bore, inner }: Pick<HalfSection, 'bore' | 'inner'>, x: number): number =>
  bore.left + ((bore.right - bore.left) * (x - inner.from)) / (inner.to - inner.from)

/**
 * Half-section of a bearing from its boundary dimensions and its estimated inside, to scale in mm.
 *
 * The middle of the bearing is at x = 0.
 *
 * @param holding - how the ring is held on its shaft; null where nobody has said
 * @param sleeveShaftMm - shaft under a sleeve; null where it is not known
 */
export function halfSection(
  { row, interior, decoded }: ResolvedBearing,
  holding: Holding | null = null,
  sleeveShaftMm: number | null = null,
): HalfSection {
  const width = overallWidth(row)
  const rise = width / (2 * (taperOf(decoded) ?? Infinity))
  const frame: Frame = {
    bore: row.boreMm / 2,
    od: row.odMm / 2,
    width: width / 2,
    chamfer: Math.min(row.chamferMm ?? (row.odMm - row.boreMm) * 0.02, (row.odMm - row.boreMm) / 12),
    pitch: interior.pitchDiameterMm / 2,
    element: interior.elementDiameterMm / 2,
    length: (interior.elementLengthMm ?? 0) / 2,
    alpha: (interior.contactAngleDeg * Math.PI) / 180,
    // A withdrawal sleeve goes in from the right, where the nut of the others is.
    rise: holding === 'withdrawal-sleeve' ? { left: 0, right: rise } : { left: rise, right: 0 },
  }
  const drawn = drawers[row.type](frame, {
    series: row.series,
    assembly: width,
    cone: row.widthMm,
    cup: row.outerWidthMm ?? row.widthMm,
  })
  // Closures sit in the outer ring, which an insert bearing has narrower than its inner one.
  const closed = { ...frame, width: drawn.outer?.to ?? frame.width }
  const shapes = [...drawn.shapes, ...closureShapes(closed, decoded.closure, decoded.closedSides)]
  const full = { from: -frame.width, to: frame.width }
  const inner = drawn.inner ?? full
  const outer = drawn.outer ?? full
  const bore = { left: frame.bore + frame.rise.left, right: frame.bore + frame.rise.right }
  const innerShoulderY = frame.bore + shoulder(frame)
  const held = heldRing(
    {
      inner,
      outer,
      bore,
      shoulderY: innerShoulderY,
      ringTopY: frame.pitch - shoulderShare * frame.element,
      racewayY: frame.pitch - frame.element,
      pitchY: frame.pitch,
      // A shaft that is no smaller than the bore leaves no sleeve to draw.
      sleeveShaftY: sleeveShaftMm !== null && sleeveShaftMm < row.boreMm ? sleeveShaftMm / 2 : null,
    },
    holding,
  )
  return {
    shapes: held.hasInnerRing ? shapes : shapes.filter(({ part }) => part !== 'inner-ring'),
    inner,
    outer,
    boreMm: held.hasInnerRing ? row.boreMm : 2 * (frame.pitch - frame.element),
    odMm: row.odMm,
    innerShoulderY,
    outerShoulderY: frame.od - shoulder(frame),
    contacts: drawn.contacts,
    bore,
    held,
  }
}

/** Abutments stand well against the ring's face and stay clear of what rolls. */
const shoulder = ({ bore, od, element }: Frame) => 0.6 * ((od - bore) / 2 - element)
