// A sign is drawn on a square of 64: the part in ink, what is wrong with it in ember.

/** How a line of a drawing looks: outline of a part, fine line, centre line, what is wrong as line, fill and shade. */
export type Look = 'body' | 'fine' | 'axis' | 'mark' | 'fill' | 'shade' | 'dark'
export interface Shape {
  look: Look
  d: string
}

/** What rolls, where the drawing shows it. */
export type Rolls = 'ball' | 'roller' | 'taper' | 'barrel'

export const shape = (look: Look, ...parts: string[]): Shape => ({ look, d: parts.join('') })
const maker =
  (look: Look) =>
  (...parts: string[]): Shape =>
    shape(look, ...parts)
export const body = maker('body')
export const fine = maker('fine')
export const axis = maker('axis')
export const mark = maker('mark')
export const fill = maker('fill')
export const shade = maker('shade')
export const dark = maker('dark')

const n = (value: number): string => String(Math.round(value * 10) / 10)

export const circle = (x: number, y: number, r: number): string =>
  `M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0Z`
export const box = (x: number, y: number, width: number, height: number): string =>
  `M${n(x)} ${n(y)}h${n(width)}v${n(height)}h${n(-width)}Z`
export const line = (...points: [x: number, y: number][]): string =>
  points.map(([x, y], index) => `${index === 0 ? 'M' : 'L'}${n(x)} ${n(y)}`).join('')
/** Arrow from one point to another, its head a small open angle. */
export function arrow(fromX: number, fromY: number, toX: number, toY: number, head = 4): string {
  const angle = Math.atan2(toY - fromY, toX - fromX)
  const wing = (by: number): [number, number] => [toX - head * Math.cos(angle + by), toY - head * Math.sin(angle + by)]
  return line([fromX, fromY], [toX, toY]) + line(wing(0.5), [toX, toY], wing(-0.5))
}
/** Point on a circle, degrees from the right, clockwise. */
export const onCircle = (x: number, y: number, r: number, deg: number): [number, number] => [
  x + r * Math.cos((deg * Math.PI) / 180),
  y + r * Math.sin((deg * Math.PI) / 180),
]
/** Part of a ring between two radii and two angles. */
export function sector(x: number, y: number, inner: number, outer: number, from: number, to: number): string {
  const [a, b, c, d] = [onCircle(x, y, outer, from), onCircle(x, y, outer, to), onCircle(x, y, inner, to), onCircle(x, y, inner, from)] // prettier-ignore
  const large = to - from > 180 ? 1 : 0
  return `M${n(a[0])} ${n(a[1])}A${outer} ${outer} 0 ${large} 1 ${n(b[0])} ${n(b[1])}L${n(c[0])} ${n(c[1])}A${inner} ${inner} 0 ${large} 0 ${n(d[0])} ${n(d[1])}Z`
}
/** An outline with teeth, as broken metal has: about a middle, of a size, the same each time. */
export function jagged(x: number, y: number, halfWidth: number, halfHeight: number, teeth = 9): string {
  const points = Array.from({ length: teeth }, (_, index): [number, number] => {
    const reach = index % 2 === 0 ? 1 : 0.68 + 0.12 * ((index * 7) % 3)
    const angle = (2 * Math.PI * index) / teeth
    return [x + reach * halfWidth * Math.cos(angle), y + reach * halfHeight * Math.sin(angle)]
  })
  return `${line(...points)}Z`
}
/** A line that waves from one side to the other. */
export function wavy(x: number, y: number, length: number, height: number, waves: number): string {
  const step = length / (2 * waves)
  return `M${n(x)} ${n(y)}${Array.from({ length: 2 * waves }, (_, index) => `q${n(step / 2)} ${n(index % 2 === 0 ? -height : height)} ${n(step)} 0`).join('')}`
}
/** The same thing at several places. */
export const each = <T>(places: readonly T[], draw: (place: T, index: number) => string): string =>
  places.map(draw).join('')
