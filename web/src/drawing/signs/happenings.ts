import { chart, gun, machine, onShaft, ring, spectrum } from './bases.ts'
import { arrow, axis, body, box, circle, each, fill, fine, jagged, line, mark, onCircle, wavy, type Shape } from './shape.ts' // prettier-ignore

const cross = (x: number, y: number, r = 4) =>
  `M${x - r} ${y - r}l${2 * r} ${2 * r}M${x + r} ${y - r}l${-2 * r} ${2 * r}`
const drop = (x: number, y: number) => `M${x} ${y}q5 7 0 9q-5 -2 0 -9Z`
const clock = (x: number, y: number, r: number) =>
  `${circle(x, y, r)}M${x} ${y}V${y - r * 0.65}M${x} ${y}l${r * 0.5} ${r * 0.3}`
const bearing = (x: number, y: number, r: number) => circle(x, y, r) + circle(x, y, r * 0.72) + circle(x, y, r * 0.4)
const small = (): Shape => body(bearing(32, 40, 16))

/** How it ran before, what was done to it and where it stands, and what instruments show. */
export const happeningDrawings: Record<string, () => Shape[]> = {
  'hot-at-once': () => [...chart(), mark('M8 48Q12 14 24 14H58'), fine('M8 24H58')],
  'hot-when-process-hot': () => [...chart(), mark('M8 44H30Q36 44 40 28T58 12'), fine('M8 50H28V34H58'), fine('M8 24H58')],
  'hot-after-greasing': () => [...chart(), mark('M8 44H28Q32 44 36 26T58 14'), body(gun(18, 8)), fine('M30 24V52')],
  'smells-burnt': () => [small(), mark('M22 22q-4 -5 0 -9t0 -9M32 20q-4 -5 0 -9t0 -9M42 22q-4 -5 0 -9t0 -9')],
  'noise-from-first-run': () => [body('M10 26h8l10 -9v30l-10 -9h-8Z'), mark('M34 24q5 8 0 16M41 19q9 13 0 26M48 14q13 18 0 36')],
  'noisy-one-thrust-direction': () => [...onShaft(), mark(arrow(6, 18, 20, 18), 'M6 8q4 4 0 8M11 5q6 6 0 12'), fine(arrow(58, 46, 44, 46))],
  'vibration-high-running': () => [...machine(), mark(wavy(10, 12, 44, 8, 5)), mark('M6 26l4 4l-4 4l4 4M54 38l4 3l-4 3')],
  'axial-play-felt': () => [...onShaft(), mark(arrow(28, 20, 18, 20), arrow(36, 20, 46, 20), 'M14 8V24M50 8V24'), mark(arrow(18, 56, 10, 56), arrow(46, 56, 54, 56))],
  'stiff-to-turn': () => [...ring(10, 18), mark(turn(24, 210, 330)), mark('M46 46l10 10M56 46l-10 10')],
  'failed-soon-after-change': () => [fine('M4 44H60'), body(bearing(16, 26, 11)), body('M16 40v8'), mark(cross(32, 44, 5)), fine(arrow(18, 54, 30, 54, 3))],
  'repeats-at-position': () => [fine('M4 32H60'), mark(cross(14, 32, 5), cross(32, 32, 5), cross(50, 32, 5)), body(each([5, 23, 41], (x) => `M${x} 26v12`))],
  'past-rated-life': () => [fine('M8 10V52H60'), body('M40 8V52'), fill(box(8, 26, 48, 10)), mark(arrow(44, 18, 56, 18))],
  'hammered-on': () => [...onShaft(), body('M8 4h18v10h-18ZM26 7h4v4h-4'), mark(arrow(17, 16, 22, 20), 'M18 24l-6 -2M18 28l-6 2')],
  'dropped': () => [body(bearing(32, 36, 15)), body('M4 54H60'), mark('M18 6v14M32 4v12M46 6v14'), mark('M18 54l-4 4M46 54l4 4M32 54v6')],
  'flame-heated': () => [body(bearing(32, 20, 15)), fill('M32 38q8 8 6 14q-1 8 -6 9q-6 -1 -6 -9q0 -6 6 -14Z'), mark('M20 46q-5 8 2 14M44 46q5 8 -2 14')],
  'chilled-mounted': () => [...ring(17, 27), mark(each([0, 60, 120], (deg) => line(onCircle(32, 32, 13, deg), onCircle(32, 32, 13, deg + 180))), each([0, 60, 120, 180, 240, 300], (deg) => line(onCircle(32, 32, 12, deg + 16), onCircle(32, 32, 7.5, deg), onCircle(32, 32, 12, deg - 16))))],
  'shock-event': () => [body(box(4, 36, 56, 12)), axis('M2 42H62'), fill(jagged(34, 22, 16, 14, 16)), mark(arrow(34, 4, 34, 34))],
  'leant-or-on-end': () => [fine('M4 56H60'), body('M14 40L36 14L54 30L32 56Z'), body('M25 27l-8 -7M46 22l6 -8'), mark('M52 56A28 28 0 0 0 46 38'), axis('M12 12L56 50')],
  'transported-unlocked': () => [body(box(8, 14, 40, 26)), body(circle(17, 47, 6), circle(40, 47, 6)), body(box(16, 24, 34, 6)), mark(arrow(30, 20, 20, 20), arrow(34, 20, 44, 20)), mark(wavy(6, 58, 52, 4, 4))],
  'long-storage': () => [body('M6 54H58M10 54V10H54V54M10 32H54'), body(box(16, 38, 18, 16)), mark(clock(41, 21, 8)), fine('M16 36h18M18 33h6')],
  'vibration-at-standstill': () => [...machine(), mark('M46 20l6 -6M46 14l6 6'), mark(wavy(6, 57, 52, 5, 7))],
  'wash-down': () => [small(), body('M4 4l14 8l-3 6l-14 -8Z'), mark('M20 14L32 22M20 18L30 30M18 20L24 34'), mark(drop(46, 16), drop(52, 28))],
  'stands-wet-after-heat': () => [body(circle(14, 48, 7), 'M11 42V12a3 3 0 0 1 6 0V42'), mark(arrow(26, 12, 26, 34)), mark(drop(38, 14), drop(50, 24), drop(40, 38)), fine('M32 56H60')],
  'vfd-fed': () => [body(box(32, 24, 22, 22)), body('M54 33h6v4h-6M36 46v6M50 46v6'), mark('M4 40V22H8V40H12V22H19V40H21V22H27V35H32')],
  'welding-on-machine': () => [body(box(14, 36, 30, 20), 'M44 44h14'), body('M60 4L40 26'), mark(jagged(36, 31, 7, 7, 12)), fill(circle(36, 31, 2.5)), mark('M22 24l4 4M26 16l5 8M48 38l6 2')],
  'grease-type-changed': () => [body(box(6, 16, 14, 34), 'M10 16v-6h6v6'), fill(box(44, 16, 14, 34)), body('M48 16v-6h6v6'), mark(arrow(24, 32, 40, 32, 5))],
  'regreased-recently': () => [body(gun(8, 34)), body(bearing(46, 44, 13)), mark(clock(46, 15, 10)), mark('M34 38l3 0')],
  'relubrication-missed': () => [body(box(8, 10, 48, 46), 'M8 22H56M20 4V14M44 4V14'), fine('M24 22V56M40 22V56M8 33H56M8 44H56'), mark(cross(32, 39, 9))],
  'belt-tightened': () => [body(circle(16, 32, 10), circle(48, 32, 10)), body('M16 22H48M16 42H48'), mark(arrow(28, 32, 22, 32), arrow(36, 32, 60, 32, 5)), mark('M24 18h16M24 46h16')],
  'load-or-speed-raised': () => [body('M8 46A25 25 0 0 1 56 46'), fine('M12 34l4 2M22 24l2 4M32 21v4M42 24l-2 4M52 34l-4 2'), mark(arrow(32, 46, 48, 30, 6)), body(circle(32, 46, 3)), mark(arrow(58, 58, 58, 42))],
  'light-load-fast': () => [body(circle(40, 36, 14)), body('M4 50H60'), mark('M6 28h14M4 34h14M8 40h12M10 46h14'), fine(arrow(40, 6, 40, 16))],
  'unknown-source': () => [body(box(10, 18, 44, 38), 'M10 18l6 -8h32l6 8'), mark('M26 32a6.5 6.5 0 1 1 9 6q-3 2 -3 5M32 48v1.5')],
  'spectrum-outer-line': () => [...chart(), fine(spectrum([[12, 5], [20, 4], [56, 4]])), mark(spectrum([[24, 40], [40, 26], [56, 16]]))],
  'spectrum-inner-line': () => [...chart(), mark(spectrum([[26, 38], [46, 26]])), mark(spectrum([[20, 16], [32, 16], [40, 11], [52, 11]])), fine('M26 12V58M46 24V58')],
  'spectrum-element-line': () => [...chart(), mark(spectrum([[28, 34], [50, 24]])), mark(spectrum([[25, 20], [31, 20], [22, 9], [34, 9], [47, 14], [53, 14]]))],
  'spectrum-cage-line': () => [...chart(), mark(spectrum([[12, 34], [16, 26], [20, 20], [24, 15], [28, 11], [32, 8]])), fine(spectrum([[44, 5], [54, 6]]))],
  'spectrum-1x': () => [...chart(), mark(spectrum([[22, 44]])), fine(spectrum([[36, 6], [50, 4]]))],
  'spectrum-2x-axial': () => [...chart(), fine(spectrum([[18, 16]])), mark(spectrum([[34, 42]])), fine(spectrum([[50, 10]])), mark(arrow(44, 14, 60, 14), arrow(50, 14, 42, 14))],
  'spectrum-many-harmonics': () => [...chart(), mark(spectrum([[14, 32], [22, 28], [30, 30], [38, 24], [46, 22], [54, 18]])), fine(spectrum([[18, 12], [26, 10], [34, 11]]))],
  'spectrum-2x-line': () => [...chart(), mark(spectrum([[44, 38]])), fine(spectrum([[22, 10]])), mark('M30 6l-6 10h7l-6 10')],
  'hf-level-raised': () => [...chart(), fine('M8 44H58'), mark('M8 43q6 -2 10 0t10 -1L34 22q5 -3 10 0t14 -2'), mark(arrow(54, 42, 54, 26))],
  'hf-fell-after-greasing': () => [...chart(), body(gun(18, 4)), mark('M8 24q6 -3 12 0t10 0L36 42q6 -2 10 0t12 0'), fine('M30 20V54')],
  'hf-rose-after-greasing': () => [...chart(), body(gun(18, 4)), mark('M8 44q6 -3 12 0t10 0L36 24q6 -2 10 0t12 0'), fine('M30 20V54')],
} // prettier-ignore

/** A turn about the middle, with its head. */
function turn(r: number, from: number, to: number): string {
  const [a, b] = [onCircle(32, 32, r, from), onCircle(32, 32, r, to)]
  const [wing, other] = [onCircle(32, 32, r + 3.5, to - 10), onCircle(32, 32, r - 3.5, to - 10)]
  const point = ([x, y]: [number, number]) => `${x.toFixed(1)} ${y.toFixed(1)}`
  return `M${point(a)}A${r} ${r} 0 0 1 ${point(b)}M${point(wing)}L${point(b)}L${point(other)}`
}
