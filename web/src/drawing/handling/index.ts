import type { HandlingKey } from '@yardfrost/core'
import { arrow, axis, body, box, circle, each, fill, fine, line, mark, shade, type Shape } from '../signs/shape.ts'

// How a ring is handled, on a square of 64: half of a bearing in section on its shaft, the tool in ink, force and harm in ember.

const outer = (): Shape[] => [body(box(18, 8, 24, 8)), fine(each([20, 26, 32, 38], (x) => `M${x} 16l4 -8`))]
const inner = (): Shape[] => [body(box(18, 28, 24, 8)), fine(each([20, 26, 32, 38], (x) => `M${x} 28l4 8`))]
const ball = (): Shape[] => [body(circle(30, 22, 6.4))]
const bearing = (): Shape[] => [...outer(), ...inner(), ...ball()]
const shaft = (): Shape[] => [body('M2 32H18V36H46V52H2Z'), axis('M0 52H64')]
const housing = (): Shape[] => [body('M2 2H58V8H18V13H12V8H2Z'), fine(each([6, 16, 26, 36, 46], (x) => `M${x} 8l6 -6`))]
/** A tube or bar on one face, pushed to the left. */
const tube = (y: number, height: number): Shape[] => [body(box(42, y, 14, height)), mark(arrow(64, y + height / 2, 47, y + height / 2))] // prettier-ignore
/** An arm that hooks behind a ring, and the screw on the end of the shaft. */
const puller = (y: number): Shape[] => [
  body(`M12 ${y}H54V${y + 4}H17V${y + 9}H12Z`),
  body(box(54, y - 4, 5, 56 - y)),
  mark(arrow(48, y + 2, 60, y + 2)),
]
const dents = (): Shape[] => [mark('M25 16.5l2 2l2 -2l2 2l2 -2l2 2M25 27.5l2 -2l2 2l2 -2l2 2l2 -2')]
const splinters = (x: number, y: number): Shape[] => [mark(each([-60, -20, 20, 60], (deg) => line([x + 3 * Math.cos((deg * Math.PI) / 180), y + 3 * Math.sin((deg * Math.PI) / 180)], [x + 9 * Math.cos((deg * Math.PI) / 180), y + 9 * Math.sin((deg * Math.PI) / 180)])))] // prettier-ignore
const hammer = (x: number, y: number): Shape[] => [body(box(x, y, 16, 10)), body(`M${x + 6} ${y + 10}h4v22h-4Z`)]

export const handlingDrawings: Readonly<Record<HandlingKey, readonly Shape[]>> = {
  'tube-on-inner': [...shaft(), ...bearing(), ...tube(28, 8)],
  'tube-on-outer': [...housing(), ...bearing(), ...tube(8, 8)],
  'plate-on-both': [...housing(), ...shaft(), ...bearing(), body(box(42, 8, 5, 28)), mark(arrow(64, 22, 48, 22))],
  'through-elements': [...shaft(), ...bearing(), ...tube(8, 8), ...dents()],
  'steel-drift': [...shaft(), ...bearing(), body(box(42, 26, 18, 10)), fine(each([44, 48, 52, 56], (x) => `M${x} 36l4 -10`)), mark(arrow(64, 44, 50, 44))],
  'brass-drift': [...shaft(), ...bearing(), body(box(42, 26, 18, 10)), fill(each<[number, number]>([[44, 42], [49, 45], [40, 46], [54, 41]], ([x, y]) => `M${x} ${y}q3 -3 5 0q-3 -1 -5 0Z`)), mark(arrow(64, 20, 50, 20))],
  'hard-drift': [...shaft(), ...bearing(), body('M42 32L50 27H62V37H50Z'), ...splinters(42, 31)],
  'hammer-on-ring': [...shaft(), ...bearing(), ...hammer(43, 7), ...splinters(42, 12)],
  'pull-inner': [...shaft(), ...bearing(), ...puller(37)],
  'pull-outer': [...housing(), ...bearing(), ...puller(17)],
  'pull-through': [...shaft(), ...bearing(), ...puller(3), ...dents()],
  'press-on-closure': [...shaft(), ...bearing(), shade(box(39, 16, 3, 12)), mark('M41 16q-7 6 0 12'), ...tube(18, 8)],
  'flame': [...shaft(), ...bearing(), body('M64 62L52 56L50 60L62 64Z'), shade('M51 57Q40 54 32 37Q44 40 52 55Z'), mark('M51 57Q40 54 32 37Q44 40 52 55')],
  'air-spin': [body(circle(26, 34, 22), circle(26, 34, 15), circle(26, 34, 8)), body('M62 8L46 14L48 18L64 14Z'), mark(each([0, 4, 8], (by) => `M45 ${14 + by}l-9 ${4 + by / 2}`)), mark(arrow(6, 26, 16, 14), arrow(46, 42, 36, 54))],
  'clean-bench': [body('M6 12H48L58 22V58H6Z'), fine('M48 12V22H58'), body(circle(32, 37, 15), circle(32, 37, 10), circle(32, 37, 5))],
} // prettier-ignore

/** Across a drawing of what must not be done. */
export const struckOut: Shape = body('M6 60L60 4')
