import { face, lump, onShaft, ring, seal } from './bases.ts'
import { arrow, axis, body, box, circle, dark, each, fill, fine, jagged, line, mark, onCircle, sector, shade, type Rolls, type Shape } from './shape.ts' // prettier-ignore

const blob = (): Shape[] => [body(lump)]
const chips: [number, number][] = [[22, 30], [32, 24], [42, 32], [28, 40], [40, 41]] // prettier-ignore

/** Rolling elements, cage, seals, lubricant and seats. */
export const partDrawings: Record<string, (rolls: Rolls) => Shape[]> = {
  'at-rib-or-roller-ends': () => [body(box(8, 18, 38, 26)), body('M46 8H58V56H46'), axis('M4 31H60'), mark('M46 18V44M48.5 18V44')],
  'rib-scoring': () => [body(box(6, 20, 34, 24)), body('M46 8H58V56H46Z'), mark('M40 20V44'), mark(each([24, 29, 34, 39], (y) => `M41 ${y}q4 2 8 -1t8 0`))],
  'roller-ends-chipped': (rolls) => [
    body(rolls === 'taper' ? 'M20 17L26 12H42L44 18L46 53H38L34 49L30 53H18Z' : 'M20 18l5 -3v-3h14l1 4l4 3V46l-5 2l-1 4H27l-2 -4l-5 -1Z'),
    axis('M32 4V60'),
    mark('M19 18l6 -4v-3M40 11l1 5l4 3M45 46l-6 2l-1 5M26 53l-2 -5l-5 -1'),
    fill(jagged(13, 12, 3, 2.4, 6), jagged(51, 51, 3, 2.4, 6)),
  ],
  'elements-skewed': () => [body(box(4, 10, 56, 7), box(4, 47, 56, 7)), body(box(9, 20, 10, 24), box(45, 20, 10, 24)), mark('M23.5 22.5l9 -3l8 22l-9 3Z'), axis('M32 14V50')],
  'at-cage': () => [...face().slice(0, 1), mark(circle(32, 32, 16.5)), body(each([20, 65, 110, 155, 200, 245, 290, 335], (deg) => circle(...onCircle(32, 32, 16.5, deg), 3)))],
  'cage-bent': () => [body(box(6, 43, 52, 9)), body(each([14, 44], (x) => box(x, 21, 6, 22))), mark('M6 12H22Q30 24 38 23Q46 22 48 12H58V21H50Q46 32 36 32Q26 31 18 21H6Z'), body('M30 32l-2 11h7l-1 -11')],
  'cage-pockets-worn': () => [body(box(5, 10, 54, 44)), body(circle(17, 32, 9)), mark('M47 20Q60 24 56 33Q58 45 45 43Q33 42 35 32Q33 21 47 20Z'), fine(circle(46, 32, 9))],
  'cage-broken': () => [
    body(box(6, 12, 52, 9), box(6, 43, 52, 9)),
    body(each([14, 44], (x) => box(x, 21, 6, 22))),
    body('M29 21h6v7l-3 3l-3 -2ZM29 43h6v-6l-2 -3l-4 4Z'),
    mark('M26 28l4 2l2 3l5 -4M27 38l3 -4l3 3l4 -2'),
  ],
  'at-seal': () => [...face(), mark(circle(32, 32, 20), circle(32, 32, 13)), shade(sector(32, 32, 13, 20, 0, 180), sector(32, 32, 13, 20, 180, 360))],
  'seal-lip-worn': () => [body(box(4, 46, 56, 12)), body('M14 8H50V18H40L36 34H40V45H24V34L30 18H14Z'), mark('M23 45H41M22 42l3 3M42 42l-3 3'), axis('M2 52H62')],
  'seal-worn-one-side': () => [...seal(), fill(sector(32, 32, 13, 21, 180, 270))],
  'seal-hardened': () => [...seal(), mark(each([15, 65, 110, 160, 205, 250, 300, 345], (deg) => line(onCircle(32, 32, 13, deg), onCircle(32, 32, 17, deg + 6), onCircle(32, 32, 20, deg - 3), onCircle(32, 32, 24, deg + 4))))],
  'seal-dislodged': () => [body(circle(30, 34, 26), circle(30, 34, 12)), mark('M40 10a20 15 -40 1 1 -16 31'), mark('M24 41A20 15 -40 0 1 50 15'), mark(arrow(44, 20, 56, 8))],
  'at-lubricant': () => [...face(), fill(each([0, 45, 90, 135, 180, 225, 270, 315], (deg) => circle(...onCircle(32, 32, 16.5, deg), 2)))],
  'grease-dry-black': () => [dark(lump), mark('M20 30l6 4l-2 6l8 3M32 20l4 6l8 -2l3 8M26 26l6 6l8 2l2 8')],
  'grease-absent': () => [axis(lump), mark('M20 20L46 46M46 20L20 46')],
  'grease-milky': () => [...blob(), shade(lump), mark(each<[number, number]>([[24, 30], [36, 26], [42, 38], [29, 40]], ([x, y]) => `M${x} ${y - 4}q4 5 0 7q-4 -2 0 -7Z`))],
  'grease-leaked': () => [...onShaft(), fill('M22 52q-3 4 0 6q4 -2 2 -6ZM42 52q-3 4 0 6q4 -2 2 -6ZM32 52q-4 6 0 9q5 -3 2 -9Z'), mark('M20 52h24')],
  'grease-out-one-side': () => [...onShaft(), fill('M42 14q10 -2 10 5q4 5 -10 6ZM42 40q14 0 11 6q-2 5 -5 3q0 8 -4 6q-3 -4 -2 -15Z')],
  'grease-runny': () => [body('M16 18q6 -10 18 -6q14 0 14 12q-6 6 -16 5q-14 2 -16 -11Z'), fill('M22 30v12q-3 7 0 8q5 -1 3 -8v-13ZM34 30v8q-3 6 0 8q4 -2 2 -8v-9ZM43 27v16q-3 6 0 8q5 -2 2 -8v-18Z'), mark('M10 56q12 -4 24 0t22 0')],
  'grease-packed-full': () => [body(box(6, 8, 52, 20)), body(box(6, 36, 52, 20)), body(box(24, 8, 16, 20), box(24, 36, 16, 20)), fill(box(7.5, 9.5, 15.5, 17), box(41, 9.5, 15.5, 17), box(7.5, 37.5, 15.5, 17), box(41, 37.5, 15.5, 17)), axis('M2 32H62')],
  'grease-colours-mixed': () => [...blob(), fill('M14 46Q6 42 10 34Q8 24 19 23Q22 13 33 16Q28 26 34 32Q38 40 32 48.5Q22 48 14 46Z')],
  'grease-metal': () => [...blob(), fill(each(chips, ([x, y]) => `M${x} ${y - 3.5}l1.2 2.3l2.3 1.2l-2.3 1.2l-1.2 2.3l-1.2 -2.3l-2.3 -1.2l2.3 -1.2Z`))],
  'grease-gritty': () => [...blob(), dark(each<[number, number, number]>([[18, 34, 1.8], [24, 26, 1.4], [27, 38, 2.2], [33, 22, 1.5], [35, 32, 1.8], [41, 27, 2], [45, 38, 1.6], [38, 42, 1.5], [49, 31, 1.4], [20, 41, 1.3]], ([x, y, r]) => jagged(x, y, r, r, 5)))],
  'soft-metal-chips': () => [mark('M12 40q2 -12 12 -8q8 4 2 9q-6 1 -4 -6M34 22q8 -8 14 0q4 8 -5 9q-7 -3 -2 -8M38 50q10 -10 16 -2'), fill('M12 40q2 -12 12 -8q-8 0 -12 8Z'), axis('M4 58H60')],
  'at-bore': () => [...face(), mark(circle(32, 32, 8))],
  'at-outside': () => [...face(), mark(circle(32, 32, 27))],
  'fretting-bore': () => [...ring(15, 26), fill(each([200, 235, 262, 300, 330, 20, 60], (deg) => jagged(...onCircle(32, 32, 15.5, deg), 3.4, 2.6, 9)))],
  'creep-bore': () => [...ring(15, 26), mark(circle(32, 32, 15)), mark(each([0, 120, 240], (deg) => arcArrow(11, deg)))],
  'ring-loose-on-shaft': () => [...ring(17, 27), body(circle(32, 36, 12.5)), mark(arcArrow(21.5, 200), arcArrow(21.5, 20)), axis('M32 20V52')],
  'fretting-outside': () => [...ring(15, 25), fill(each([10, 45, 70, 120, 150, 190, 230, 265, 300], (deg) => jagged(...onCircle(32, 32, 25, deg), 3.6, 2.8, 9)))],
  'creep-outside': () => [...ring(13, 22), mark(circle(32, 32, 22)), mark(each([0, 120, 240], (deg) => arcArrow(27.5, deg)))],
} // prettier-ignore

/** An arrow round the middle. */
function arcArrow(r: number, from: number): string {
  const [a, b] = [onCircle(32, 32, r, from), onCircle(32, 32, r, from + 80)]
  const [tip, wing, other] = [b, onCircle(32, 32, r + 3, from + 70), onCircle(32, 32, r - 3, from + 70)]
  const point = ([x, y]: [number, number]) => `${x.toFixed(1)} ${y.toFixed(1)}`
  return `M${point(a)}A${r} ${r} 0 0 1 ${point(b)}M${point(wing)}L${point(tip)}L${point(other)}`
}
