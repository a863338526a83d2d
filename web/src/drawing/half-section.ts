import { overallWidth, taperOf, type Holding, type ResolvedBearing } from '@yardfrost/core'
import { heldRing, type HeldRing } from './held-ring.ts'
import { circle, mirrored, polygon, type Outline, type Point, type Segment } from './outline.ts'

export type Part = 'inner-ring' | 'outer-ring' | 'element' | 'closure' | 'cage'

export interface Shape {
  part: Part
  outline: Outline
}

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
  contacts: { at: Point; angleRad: number; radiusMm: number }[]
  /** Half the bore at either end of the inner ring, mm. */
  bore: { left: number; right: number }
  /** The shaft, and what holds the ring on it. */
  held: HeldRing
}

/** Half the bore at a place along the inner ring, mm. */
export const boreAt = ({ bore, inner }: Pick<HalfSection, 'bore' | 'inner'>, x: number): number =>
  bore.left + ((bore.right - bore.left) * (x - inner.from)) / (inner.to - inner.from)

/** Sizes every drawing works with, mm. */
interface Frame {
  bore: number
  od: number
  width: number
  chamfer: number
  pitch: number
  element: number
  length: number
  alpha: number
  /** What a tapered bore is wider by at either end, on the radius. */
  rise: { left: number; right: number }
}

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
  const drawn = drawType(row.series, row.type, frame, {
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

interface Drawn {
  shapes: Shape[]
  contacts: HalfSection['contacts']
  inner?: { from: number; to: number }
  outer?: { from: number; to: number }
}

function drawType(
  series: string,
  type: ResolvedBearing['row']['type'],
  frame: Frame,
  widths: { assembly: number; cone: number; cup: number },
): Drawn {
  switch (type) {
    case 'deep-groove-ball':
      return grooved(frame, 0)
    case 'angular-contact-ball':
      return series === '32' || series === '33' ? doubleRow(frame) : grooved(frame, frame.alpha)
    case 'four-point-ball':
      return splitInner(grooved(frame, 0), frame)
    case 'insert-ball':
      return insert(frame, widths)
    case 'self-aligning-ball':
      return selfAligning(frame)
    case 'cylindrical-roller':
    case 'needle-roller':
      return cylindrical(frame, type === 'needle-roller' ? 'NU' : (/^[A-Z]+/.exec(series)?.[0] ?? 'NU'))
    case 'tapered-roller':
      return tapered(frame, widths)
    case 'spherical-roller':
      return barrels(frame, frame.alpha)
    case 'toroidal-roller':
      return barrels(frame, 0)
    case 'thrust-ball':
      return thrust(frame)
    default:
      return type satisfies never
  }
}

const ringOutline = (points: readonly (Point | Segment)[]): Outline => {
  const [first, ...rest] = points.map((one): Segment => ('to' in one ? one : { to: one }))
  if (!first) throw new Error('an outline needs points')
  return { start: first.to, segments: rest }
}

/** Lower edge of an inner ring from right to left, with its chamfers; the upper edge is what rolls. */
function innerRing(frame: Frame, top: readonly (Point | Segment)[], from = -frame.width, to = frame.width): Shape {
  const { bore, chamfer: r, rise } = frame
  const [left, right] = [bore + rise.left, bore + rise.right]
  return {
    part: 'inner-ring',
    outline: ringOutline([...top, [to, right + r], [to - r, right], [from + r, left], [from, left + r]]),
  }
}

/** Upper edge of an outer ring from right to left, with its chamfers; the lower edge is what rolls. */
function outerRing(frame: Frame, bottom: readonly (Point | Segment)[], from = -frame.width, to = frame.width): Shape {
  const { od, chamfer: r } = frame
  return {
    part: 'outer-ring',
    outline: ringOutline([...bottom, [to, od - r], [to - r, od], [from + r, od], [from, od - r]]),
  }
}

/** Height of a shoulder from the ball's middle as a share of its radius: the groove then holds 52° of the ball. */
const shoulderShare = 0.62

/** Groove bearings, one row. An angular contact bearing has a low shoulder on each ring, on opposite sides. */
function grooved(frame: Frame, alpha: number): Drawn {
  const { width: b, pitch, element } = frame
  const full = shoulderShare * element
  const low = alpha > 0 ? element * 0.94 : full
  const half = (height: number) => Math.sqrt(Math.max(element ** 2 - height ** 2, 0))
  const inner = innerRing(frame, [
    [-b, pitch - full],
    [-half(full), pitch - full],
    { to: [half(low), pitch - low], arc: { radius: element, turns: 'counterclockwise' } },
    [b, pitch - low],
  ])
  const outer = outerRing(frame, [
    [-b, pitch + low],
    [-half(low), pitch + low],
    { to: [half(full), pitch + full], arc: { radius: element, turns: 'clockwise' } },
    [b, pitch + full],
  ])
  return {
    shapes: [outer, inner, ...cageTicks(frame, 0), ball([0, pitch], element)],
    contacts: [{ at: [0, pitch], angleRad: alpha, radiusMm: element }],
  }
}

const ball = (at: Point, radius: number): Shape => ({ part: 'element', outline: circle(at, radius) })

/** The cage shows as two short bars beside the ball. */
function cageTicks({ pitch, element, width }: Frame, x: number): Shape[] {
  // Balls as wide as the bearing leave no room to show it.
  if (x + element * 1.12 > width) return []
  const bar = (side: 1 | -1): Shape => ({
    part: 'cage',
    outline: polygon([
      [x + side * element * 1.0, pitch - element * 0.16],
      [x + side * element * 1.12, pitch - element * 0.16],
      [x + side * element * 1.12, pitch + element * 0.16],
      [x + side * element * 1.0, pitch + element * 0.16],
    ]),
  })
  return [bar(1), bar(-1)]
}

/** The inner ring of a four-point bearing comes in halves. */
function splitInner(drawn: Drawn, { bore, pitch, element }: Frame): Drawn {
  const joint: Shape = {
    part: 'cage',
    outline: polygon([
      [0, bore],
      [0, pitch - element],
    ]),
  }
  return { ...drawn, shapes: [...drawn.shapes, joint] }
}

function insert(frame: Frame, { cup }: { cup: number }): Drawn {
  const { od, pitch, element, width: b } = frame
  const c = cup / 2
  const full = shoulderShare * element
  const half = Math.sqrt(element ** 2 - full ** 2)
  const edge = Math.sqrt(od ** 2 - c ** 2)
  const sphered: Shape = {
    part: 'outer-ring',
    outline: ringOutline([
      [-c, pitch + full],
      [-half, pitch + full],
      { to: [half, pitch + full], arc: { radius: element, turns: 'clockwise' } },
      [c, pitch + full],
      [c, edge],
      { to: [-c, edge], arc: { radius: od, turns: 'counterclockwise' } },
    ]),
  }
  const inner = innerRing(frame, [
    [-b, pitch - full],
    [-half, pitch - full],
    { to: [half, pitch - full], arc: { radius: element, turns: 'counterclockwise' } },
    [b, pitch - full],
  ])
  return {
    shapes: [sphered, inner, ...cageTicks(frame, 0), ball([0, pitch], element)],
    contacts: [{ at: [0, pitch], angleRad: 0, radiusMm: element }],
    outer: { from: -c, to: c },
  }
}

/** Two rows of balls in a ring that is a sphere inside. */
function selfAligning(frame: Frame): Drawn {
  const { width: b, pitch, element, alpha } = frame
  const sphere = pitch / Math.cos(alpha) + element
  const x = Math.min(pitch * Math.tan(alpha), b - element)
  const edge = Math.sqrt(sphere ** 2 - b ** 2)
  const full = shoulderShare * element
  const half = Math.sqrt(element ** 2 - full ** 2)
  const groove = (middle: number): (Point | Segment)[] => [
    [middle - half, pitch - full],
    { to: [middle + half, pitch - full], arc: { radius: element, turns: 'counterclockwise' } },
  ]
  const y = Math.sqrt((sphere - element) ** 2 - x ** 2)
  const shift = (points: (Point | Segment)[]) =>
    points.map((one): Point | Segment =>
      'to' in one ? { ...one, to: [one.to[0], one.to[1] + y - pitch] } : [one[0], one[1] + y - pitch],
    )
  const inner = innerRing(frame, [[-b, y - full], ...shift(groove(-x)), ...shift(groove(x)), [b, y - full]])
  const outer = outerRing(frame, [[-b, edge], { to: [b, edge], arc: { radius: sphere, turns: 'clockwise' } }])
  return {
    shapes: [outer, inner, ball([-x, y], element), ball([x, y], element)],
    contacts: [-1, 1].map((side) => ({ at: [side * x, y] as const, angleRad: side * alpha, radiusMm: element })),
  }
}

/** Two rows of balls back to back in one pair of rings. */
function doubleRow(frame: Frame): Drawn {
  const { width: b, pitch, element, alpha } = frame
  const x = Math.min(b - element * 1.05, Math.max(b / 2, element * 1.04))
  const full = shoulderShare * element
  const half = Math.sqrt(element ** 2 - full ** 2)
  const inner = innerRing(frame, [
    [-b, pitch - full],
    ...[-x, x].flatMap((middle): (Point | Segment)[] => [
      [middle - half, pitch - full],
      { to: [middle + half, pitch - full], arc: { radius: element, turns: 'counterclockwise' } },
    ]),
    [b, pitch - full],
  ])
  const outer = outerRing(frame, [
    [-b, pitch + full],
    ...[-x, x].flatMap((middle): (Point | Segment)[] => [
      [middle - half, pitch + full],
      { to: [middle + half, pitch + full], arc: { radius: element, turns: 'clockwise' } },
    ]),
    [b, pitch + full],
  ])
  return {
    shapes: [outer, inner, ball([-x, pitch], element), ball([x, pitch], element)],
    contacts: [-1, 1].map((side) => ({ at: [side * x, pitch] as const, angleRad: side * alpha, radiusMm: element })),
  }
}

/** Cylindrical and needle rollers; the prefix says which ring has ribs. */
function cylindrical(frame: Frame, prefix: string): Drawn {
  const { width: b, pitch, element, length } = frame
  const low = pitch - element
  const high = pitch + element
  const rib = 0.42 * element
  const ribbed = (y: number, direction: 1 | -1, left: boolean, right: boolean): Point[] => [
    ...(left
      ? ([
          [-b, y + direction * rib],
          [-length, y + direction * rib],
          [-length, y],
        ] as Point[])
      : ([[-b, y]] as Point[])),
    ...(right
      ? ([
          [length, y],
          [length, y + direction * rib],
          [b, y + direction * rib],
        ] as Point[])
      : ([[b, y]] as Point[])),
  ]
  const outerRibs = prefix !== 'N'
  const innerRibs = { left: prefix !== 'NU', right: prefix === 'N' || prefix === 'NUP' }
  const shapes: Shape[] = [
    outerRing(frame, ribbed(high, -1, outerRibs, outerRibs)),
    innerRing(frame, ribbed(low, 1, innerRibs.left, innerRibs.right)),
    {
      part: 'element',
      outline: roller([0, pitch], element, length, 0),
    },
  ]
  if (prefix === 'NUP') {
    // The right rib of the inner ring is a loose ring.
    shapes.push({
      part: 'cage',
      outline: polygon([
        [length, frame.bore],
        [length, low],
      ]),
    })
  }
  return { shapes, contacts: [{ at: [0, pitch], angleRad: 0, radiusMm: element }] }
}

/** A cylindrical roller with its small chamfers. */
function roller([x, y]: Point, radius: number, length: number, lean: number): Outline {
  const c = Math.min(radius, length) * 0.12
  const turn = ([u, v]: Point): Point => [
    x + u * Math.cos(lean) - v * Math.sin(lean),
    y + u * Math.sin(lean) + v * Math.cos(lean),
  ]
  return polygon(
    (
      [
        [-length + c, -radius],
        [length - c, -radius],
        [length, -radius + c],
        [length, radius - c],
        [length - c, radius],
        [-length + c, radius],
        [-length, radius - c],
        [-length, -radius + c],
      ] as Point[]
    ).map(turn),
  )
}

/** Rollers with a waist outward: spherical in two leaning rows, toroidal in one long row. */
function barrels(frame: Frame, alpha: number): Drawn {
  const { width: b, pitch, element } = frame
  const twoRows = alpha > 0
  // The raceway of a toroidal bearing is much flatter than the sphere that two rows share.
  const curve = twoRows ? pitch / Math.cos(alpha) + element : 2.6 * pitch
  const x = twoRows ? pitch * Math.tan(alpha) : 0
  // Estimated rollers may lean out of the ring by a hair; drawn, they end inside it.
  const length = Math.min(frame.length, (b - x - element * Math.sin(alpha)) / Math.cos(alpha))
  const sag = curve - Math.sqrt(curve ** 2 - length ** 2)
  const along: Point = [Math.cos(alpha), -Math.sin(alpha)]
  const outward: Point = [Math.sin(alpha), Math.cos(alpha)]
  const at = (u: number, v: number): Point => [x + u * along[0] + v * outward[0], pitch + u * along[1] + v * outward[1]]
  const barrel: Outline = {
    start: at(-length, element - sag),
    segments: [
      { to: at(length, element - sag), arc: { radius: curve, turns: 'clockwise' } },
      { to: at(length, -element + sag) },
      { to: at(-length, -element + sag), arc: { radius: curve, turns: 'clockwise' } },
    ],
  }
  const rib = 0.3 * element
  const track: (Point | Segment)[] = [
    at(-length, -element + sag),
    { to: at(length, -element + sag), arc: { radius: curve, turns: 'counterclockwise' } },
    at(length, -element + sag + rib),
    [b, at(length, -element + sag + rib)[1]],
  ]
  const edgeY = twoRows ? Math.sqrt(curve ** 2 - b ** 2) : pitch + element - (curve - Math.sqrt(curve ** 2 - b ** 2))
  const outer = outerRing(frame, [[-b, edgeY], { to: [b, edgeY], arc: { radius: curve, turns: 'clockwise' } }])
  if (!twoRows) {
    const inner = innerRing(frame, [
      [-b, at(-length, -element + sag)[1]],
      at(-length, -element + sag),
      { to: at(length, -element + sag), arc: { radius: curve, turns: 'counterclockwise' } },
      [b, at(length, -element + sag)[1]],
    ])
    return {
      shapes: [outer, inner, { part: 'element', outline: barrel }],
      contacts: [{ at: [0, pitch], angleRad: 0, radiusMm: element }],
    }
  }
  const middleTop = at(-length, -element + sag + rib)
  const right: (Point | Segment)[] = [middleTop, ...track]
  const inner = innerRing(frame, [...leftOf(right), ...right])
  return {
    shapes: [outer, inner, { part: 'element', outline: barrel }, { part: 'element', outline: mirrored(barrel) }],
    contacts: [-1, 1].map((side) => ({ at: [side * x, pitch] as const, angleRad: side * alpha, radiusMm: element })),
  }
}

/** The left half of a symmetrical track, from the left edge to the middle. */
function leftOf(right: readonly (Point | Segment)[]): (Point | Segment)[] {
  const points = right.map((one): Segment => ('to' in one ? one : { to: one }))
  return points
    .map(({ to }, index): Point | Segment => {
      const arc = points[index + 1]?.arc
      const flipped: Point = [-to[0], to[1]]
      // Walked the other way round and mirrored, an arc turns as it did.
      return arc ? { to: flipped, arc } : flipped
    })
    .reverse()
}

/** Cone, cup and rollers whose lines meet on the centre line. The large ends are on the right. */
function tapered(frame: Frame, { assembly, cone, cup }: { assembly: number; cone: number; cup: number }): Drawn {
  const { bore, od, pitch, element, alpha, chamfer: r } = frame
  const right = assembly / 2
  const coneFrom = right - cone
  const cupTo = -right + cup
  const halfTaper = alpha / 8
  const lean = alpha - halfTaper
  const middleX = (Math.max(coneFrom, -right) + Math.min(right, cupTo)) / 2
  // Steep estimated rollers may lean out of the rings; drawn, they end inside.
  const length = Math.min(frame.length, (right - Math.abs(middleX) - 1.06 * element * Math.sin(lean)) / Math.cos(lean))
  const turn = (u: number, v: number): Point => [
    middleX + u * Math.cos(lean) - v * Math.sin(lean),
    pitch + u * Math.sin(lean) + v * Math.cos(lean),
  ]
  const grow = Math.tan(halfTaper) * length
  const large = element + grow
  const small = element - grow
  const cupY = (x: number) => {
    const [x1, y1] = turn(-length, small)
    const [x2, y2] = turn(length, large)
    return y1 + ((x - x1) / (x2 - x1)) * (y2 - y1)
  }
  const lowLarge = turn(length, -large)
  const lowSmall = turn(-length, -small)
  const rib = turn(length, -large + 0.62 * element)
  const coneRing: Shape = {
    part: 'inner-ring',
    outline: ringOutline([
      [coneFrom, lowSmall[1] + 0.12 * element],
      [lowSmall[0] - 0.02 * length, lowSmall[1] + 0.12 * element],
      lowSmall,
      lowLarge,
      rib,
      [right, Math.max(rib[1], lowLarge[1] + 0.2 * element)],
      [right, bore + r],
      [right - r, bore],
      [coneFrom + r, bore],
      [coneFrom, bore + r],
    ]),
  }
  const cupRing: Shape = {
    part: 'outer-ring',
    outline: ringOutline([
      [-right, cupY(-right)],
      [cupTo, cupY(cupTo)],
      [cupTo, od - r],
      [cupTo - r, od],
      [-right + r, od],
      [-right, od - r],
    ]),
  }
  return {
    shapes: [
      cupRing,
      coneRing,
      {
        part: 'element',
        outline: polygon([turn(-length, -small), turn(length, -large), turn(length, large), turn(-length, small)]),
      },
    ],
    contacts: [{ at: [middleX, pitch], angleRad: -alpha, radiusMm: element }],
    inner: { from: coneFrom, to: right },
    outer: { from: -right, to: cupTo },
  }
}

/** Two washers with balls between; the shaft washer on the right. */
function thrust(frame: Frame): Drawn {
  const { bore, od, width: b, pitch, element, chamfer: r } = frame
  const gap = element * 0.35
  const half = Math.sqrt(element ** 2 - gap ** 2)
  const clear = 0.02 * od
  const washer = (side: 1 | -1, from: number, to: number): Shape => {
    const right: Outline = {
      start: [gap, from + r],
      segments: [
        { to: [gap, pitch - half] },
        { to: [gap, pitch + half], arc: { radius: element, turns: 'counterclockwise' } },
        { to: [gap, to - r] },
        { to: [gap + r, to] },
        { to: [b - r, to] },
        { to: [b, to - r] },
        { to: [b, from + r] },
        { to: [b - r, from] },
        { to: [gap + r, from] },
      ],
    }
    return { part: side > 0 ? 'inner-ring' : 'outer-ring', outline: side > 0 ? right : mirrored(right) }
  }
  return {
    shapes: [washer(1, bore, od - clear), washer(-1, bore + clear, od), ball([0, pitch], element)],
    contacts: [{ at: [0, pitch], angleRad: Math.PI / 2, radiusMm: element }],
    inner: { from: gap, to: b },
    outer: { from: -b, to: -gap },
  }
}

/** Shields and seals between the shoulders. A lip touches the inner ring; a shield and a low-friction seal do not. */
function closureShapes(frame: Frame, closure: string, sides: number): Shape[] {
  if (closure === 'open' || sides === 0) return []
  const { width: b, pitch, element } = frame
  const full = shoulderShare * element
  const thick = closure === 'shield' ? 0.035 * b : 0.09 * b
  const gap = closure === 'contact-seal' ? 0 : 0.14 * element
  const x = Math.min(b * 0.9, b - thick)
  const right: Shape = {
    part: 'closure',
    outline: polygon([
      [x, pitch - full + gap],
      [x + thick, pitch - full + gap],
      [x + thick, pitch + full],
      [x, pitch + full],
    ]),
  }
  return sides === 2 ? [right, { ...right, outline: mirrored(right.outline) }] : [right]
}
