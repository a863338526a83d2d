/** Millimetres: x along the shaft, y outward from its centre line. */
export type Point = readonly [x: number, y: number]

/** A straight line to a point, or an arc with its radius and the way it turns as seen on the sheet. */
export interface Segment {
  to: Point
  arc?: { radius: number; turns: 'clockwise' | 'counterclockwise' }
}

/** A closed outline in millimetres. */
export interface Outline {
  start: Point
  segments: readonly Segment[]
}

/** How millimetres become pixels: x0, y0 is where the centre line and the middle of the bearing meet. */
export interface Scale {
  pxPerMm: number
  x0: number
  y0: number
}

export const toX = (scale: Scale, mm: number): number => scale.x0 + mm * scale.pxPerMm
export const toY = (scale: Scale, mm: number): number => scale.y0 - mm * scale.pxPerMm

export function polygon(points: readonly Point[]): Outline {
  const [start, ...rest] = points
  if (!start) throw new Error('an outline needs points')
  return { start, segments: rest.map((to) => ({ to })) }
}

export function circle([x, y]: Point, radius: number): Outline {
  const arc = { radius, turns: 'clockwise' } as const
  return {
    start: [x - radius, y],
    segments: [
      { to: [x + radius, y], arc },
      { to: [x - radius, y], arc },
    ],
  }
}

/** The same outline on the other side of the middle of the bearing. */
export function mirrored({ start, segments }: Outline): Outline {
  const flip = ([x, y]: Point): Point => [-x, y]
  return {
    start: flip(start),
    segments: segments.map(({ to, arc }) =>
      arc
        ? { to: flip(to), arc: { ...arc, turns: arc.turns === 'clockwise' ? 'counterclockwise' : 'clockwise' } }
        : { to: flip(to) },
    ),
  }
}

/** How far an outline reaches along the shaft, by its corners, mm. */
export const rightmost = ({ start, segments }: Outline): number =>
  Math.max(start[0], ...segments.map(({ to }) => to[0]))

/** SVG path data of an outline. */
export function pathData({ start, segments }: Outline, scale: Scale): string {
  const at = ([x, y]: Point) => `${toX(scale, x).toFixed(2)} ${toY(scale, y).toFixed(2)}`
  const steps = segments.map(({ to, arc }) => {
    if (!arc) return `L${at(to)}`
    const radius = (arc.radius * scale.pxPerMm).toFixed(2)
    return `A${radius} ${radius} 0 0 ${arc.turns === 'clockwise' ? 1 : 0} ${at(to)}`
  })
  return `M${at(start)}${steps.join('')}Z`
}
