import { arrow, axis, body, box, circle, dark, each, fill, fine, jagged, line, mark, sector, shade, wavy, type Shape } from './shape.ts' // prettier-ignore

// Signs of plain bearings: the lining unrolled, the bearing from its end, the journal, the oil.

/** The lining of one half unrolled: the load in the middle. */
const lining = (): Shape[] => [body(box(5, 14, 54, 36)), axis('M5 32H59')]
/** From the end: the bush round the journal. */
const end = (): Shape[] => [body(circle(32, 32, 26), circle(32, 32, 18)), fine('M32 4V10M32 54V60')]
/** Two half shells from the end. */
const halves = (): Shape[] => [body(circle(32, 32, 26), circle(32, 32, 18)), body('M4 32H14M50 32H60')]
/** Along the axis, cut: the shaft in its bush. */
const along = (): Shape[] => [
  body(box(4, 24, 56, 16)),
  body(box(14, 14, 36, 10), box(14, 40, 36, 10)),
  axis('M2 32H62'),
]
/** The journal seen from its side. */
const journal = (): Shape[] => [body('M4 20H18V16H46V20H60V44H46V48H18V44H4Z'), axis('M2 32H62')]
/** A shell from its back. */
const back = (): Shape[] => [body('M6 46V26Q32 4 58 26V46Z'), fine(circle(32, 30, 3))]
/** Oil in a glass. */
const glass = (): Shape[] => [body('M20 8V48Q20 58 32 58Q44 58 44 48V8'), fine('M16 8H48')]
/** Heat over time. */
const chart = (): Shape[] => [fine('M8 6V54H60')]
const drop = (x: number, y: number) => `M${x} ${y}q6 8 0 11q-6 -3 0 -11Z`
const heat = (x: number, y: number) => each([0, 7, 14], (by) => `M${x + by} ${y}q4 -4 0 -8t0 -8`)
const scatter = (draw: (x: number, y: number) => string) =>
  each<[number, number]>([[13, 22], [22, 40], [30, 24], [38, 37], [47, 22], [51, 42], [17, 31], [43, 30]], ([x, y]) => draw(x, y)) // prettier-ignore
const scores = (ys: readonly number[]) => each(ys, (y) => `M7 ${y}H57`)

const drawings: Record<string, () => Shape[]> = {
  'at-loaded-side': () => [...end(), shade(sector(32, 32, 18, 26, 45, 135)), mark(arrow(32, 18, 32, 46))],
  'at-edges': () => [...lining(), shade(box(5, 14, 54, 7), box(5, 43, 54, 7))],
  'at-joint': () => [...halves(), shade(sector(32, 32, 18, 26, -14, 14), sector(32, 32, 18, 26, 166, 194))],
  'at-groove': () => [...lining(), fine(box(28, 18, 8, 28)), shade(box(36, 18, 9, 28), box(19, 18, 9, 28))],
  'at-back': () => [...back(), shade('M12 24Q32 8 52 24L48 28Q32 16 16 28Z')],
  'at-collar': () => [...along(), body(box(50, 10, 5, 44)), shade(box(45, 10, 5, 14), box(45, 40, 5, 14))],
  'all-round': () => [...end(), shade(sector(32, 32, 18, 21, 0, 179), sector(32, 32, 18, 21, 180, 359))],
  'wiped': () => [...lining(), shade('M10 24Q24 19 40 22Q52 25 56 22Q50 32 56 41Q38 45 22 42Q12 44 9 38Q14 31 10 24Z'), mark('M14 27H50M16 33H54M13 39H48')],
  'melted': () => [...lining(), shade(box(9, 20, 46, 24)), fill(drop(14, 50), drop(30, 50), drop(48, 50))],
  'polished': () => [...lining(), shade(box(14, 18, 36, 28)), mark('M20 24l6 -4M30 24l6 -4M40 24l6 -4')],
  'fine-scores': () => [...lining(), mark(scores([19, 22, 27, 31, 36, 40, 45]))],
  'deep-scores': () => [...lining(), fill(box(7, 25, 50, 3), box(7, 38, 50, 3))],
  'grains': () => [...lining(), fill(scatter((x, y) => jagged(x, y, 2.2, 1.8, 6)))],
  'halo': () => [...lining(), mark(circle(24, 30, 7), circle(44, 36, 6)), fill(circle(24, 30, 2.4), circle(44, 36, 2))],
  'mosaic': () => [...lining(), mark('M14 20l8 6l-3 9l9 3l8 -7l-4 -8l-10 3M28 38l2 8M36 31l10 2l4 -8M46 33l3 10M19 35l-8 4')],
  'pieces-out': () => [...lining(), shade(jagged(24, 32, 11, 9, 11), jagged(45, 30, 7, 6, 9)), fine('M18 32H30M41 30H49')],
  'bare-back': () => [...lining(), dark(jagged(28, 32, 14, 11, 11)), mark(jagged(28, 32, 14, 11, 11))],
  'hollow': () => [body('M32 6V16'), body('M14 44Q14 18 32 16Q50 18 50 44L44 44Q43 25 32 24Q21 25 20 44Z'), mark('M54 24q4 6 0 12M58 20q7 10 0 20')],
  'worm-pits': () => [...lining(), fine(box(12, 18, 7, 28)), mark('M24 22q4 3 2 6t4 5M30 38q5 -2 6 2t5 1M36 22q3 4 7 2t4 4M27 30q3 2 6 0')],
  'frosted': () => [...lining(), fill(each([18, 23, 28, 33, 38, 43], (y) => each([18, 23, 28, 33, 38, 43], (x) => circle(x + (y % 2) * 2, y, 0.9))))],
  'bead-pits': () => [...lining(), mark(circle(22, 26, 4), circle(38, 36, 5), circle(46, 24, 3)), fill(circle(22, 26, 1.2), circle(38, 36, 1.6), circle(46, 24, 1))],
  'journal-frosted': () => [...journal(), fill(each([22, 27, 32, 37, 42], (y) => each([22, 27, 32, 37, 42], (x) => circle(x, y, 0.9))))],
  'black-scale': () => [...lining(), dark(jagged(22, 27, 7, 5, 9), jagged(42, 36, 9, 6, 9), jagged(46, 22, 4, 3, 7))],
  'eaten': () => [...lining(), shade(box(9, 18, 46, 28)), dark(scatter((x, y) => circle(x, y, 1.5)))],
  'rust': () => [...journal(), fill(jagged(26, 26, 6, 4, 9), jagged(38, 36, 7, 5, 9), jagged(42, 23, 3, 3, 7))],
  'fretted-back': () => [...back(), fill(jagged(20, 26, 5, 3, 9), jagged(44, 26, 6, 4, 9), jagged(32, 19, 5, 3, 9))],
  'bush-turned': () => [...end(), body('M29 2H35V14H29Z'), fill(circle(45, 14, 3)), mark('M34 8A24 24 0 0 1 46 14')],
  'bright-spot-behind': () => [...back(), fill(circle(40, 22, 3)), mark('M36 44h10M38 40h6'), mark(arrow(40, 26, 40, 38))],
  'crosswise': () => [...along(), shade(box(14, 40, 12, 10), box(38, 14, 12, 10)), mark('M4 38L60 26')],
  'one-edge': () => [...lining(), shade(box(5, 43, 54, 7)), mark('M8 41H56')],
  'joint-rubbed': () => [...halves(), mark('M14 27A18 18 0 0 0 14 37M50 27A18 18 0 0 1 50 37'), mark(arrow(4, 32, 12, 32), arrow(60, 32, 52, 32))],
  'journal-blue': () => [...journal(), shade(box(18, 16, 28, 32)), mark(heat(24, 12))],
  'journal-scored': () => [...journal(), mark(each([21, 25, 29, 35, 40, 44], (y) => `M19 ${y}H45`))],
  'journal-rough': () => [...journal(), mark('M20 20l3 4l3 -4l3 4l3 -4l3 4l3 -4l3 4l3 -4M20 44l3 -4l3 4l3 -4l3 4l3 -4l3 4l3 -4l3 4'), fine('M34 4L50 12L47 16L31 8Z')],
  'journal-ridge': () => [body('M4 20H18V16H29V12H35V16H46V20H60V44H46V48H35V52H29V48H18V44H4Z'), axis('M2 32H62'), mark('M29 16V12H35V16M29 48V52H35V48')],
  'oval': () => [body(circle(32, 30, 26)), fine(circle(32, 30, 17)), mark('M15 30A17 17 0 0 1 49 30V36A17 17 0 0 1 15 36Z'), mark(arrow(32, 30, 32, 50))],
  'thrust-wiped': () => [body(circle(32, 32, 27), circle(32, 32, 13)), shade(sector(32, 32, 14, 26, 20, 170)), mark('M14 42q8 10 18 11M44 20q8 8 7 18')],
  'grease-hard': () => [...end(), fill(sector(32, 32, 14, 18, 200, 340)), mark('M18 12l3 3M26 7l2 4M38 7l-2 4M46 12l-3 3')],
  'channel-shut': () => [...lining(), fine(box(14, 29, 36, 6)), dark(box(28, 29, 10, 6)), mark(arrow(6, 32, 26, 32), 'M42 27l8 10M50 27l-8 10')],
  'swollen': () => [body('M14 8Q32 2 50 8Q58 32 50 56Q32 62 14 56Q6 32 14 8Z', circle(32, 32, 11)), mark(arrow(32, 14, 32, 20), arrow(32, 50, 32, 44), arrow(14, 32, 20, 32), arrow(50, 32, 44, 32))],
  'oil-glitter': () => [...glass(), shade('M21 24H43V48Q43 57 32 57Q21 57 21 48Z'), mark(each<[number, number]>([[26, 32], [35, 29], [38, 41], [28, 46]], ([x, y]) => `M${x - 3} ${y}h6M${x} ${y - 3}v6`))],
  'oil-milky': () => [...glass(), shade('M21 24H43V48Q43 57 32 57Q21 57 21 48Z'), mark(wavy(22, 32, 20, 3, 2), wavy(22, 40, 20, 3, 2), wavy(23, 48, 18, 3, 2))],
  'oil-dark': () => [...glass(), dark('M21 24H43V48Q43 57 32 57Q21 57 21 48Z')],
  'oil-thin': () => [...glass(), shade('M21 24H43V48Q43 57 32 57Q21 57 21 48Z'), mark(drop(50, 30), drop(56, 36), drop(50, 44))],
  'oil-low': () => [...glass(), shade('M21 46H43V48Q43 57 32 57Q21 57 21 48Z'), fine('M44 24h8'), mark(arrow(48, 26, 48, 44))],
  'ring-stands': () => [body(circle(32, 22, 11)), body(circle(32, 34, 24), circle(32, 34, 20)), mark('M48 8l10 10M58 8l-10 10')],
  'hot-sudden': () => [...chart(), mark(line([10, 46], [30, 44], [38, 12], [56, 8]))],
  'hot-slowly': () => [...chart(), mark(line([10, 46], [24, 40], [40, 29], [56, 16]))],
  'hot-new': () => [...chart(), mark(line([10, 48], [18, 16], [56, 14])), fine('M14 54v4')],
  'hot-one-end': () => [...along(), mark(heat(42, 12)), shade(box(40, 14, 10, 10), box(40, 40, 10, 10))],
  'half-speed': () => [...chart(), mark('M26 54V14'), fine('M46 54V34M56 54V46')],
  'knocks': () => [...end(), body(circle(32, 38, 12)), mark('M10 52l-5 5M54 52l5 5M32 59v4', arrow(32, 24, 32, 32))],
  'squeals': () => [...end(), body(circle(32, 32, 13)), mark('M50 10q6 4 6 10M54 5q9 6 9 16')],
  'shaft-dropped': () => [...end(), body(circle(32, 37, 13)), fine('M12 32H52'), mark(arrow(32, 26, 32, 40))],
  'leaks-ends': () => [...along(), fill(drop(11, 42), drop(53, 42), drop(8, 52), drop(56, 52))],
  'starts-hard': () => [...end(), body(circle(32, 32, 13)), mark('M20 20A17 17 0 0 1 40 17', 'M40 17l-5 -4M40 17l-5 3'), mark('M46 22l8 -8')],
  'many-starts': () => [...chart(), mark(line([10, 54], [10, 20], [18, 20], [18, 54], [26, 54], [26, 20], [34, 20], [34, 54], [42, 54], [42, 20], [50, 20], [50, 54]))],
  'converter': () => [body(box(10, 12, 30, 40)), mark('M28 16L20 34H28L22 50L36 29H28L33 16Z'), body('M40 32H58')],
  'wet-place': () => [...along(), mark(each([12, 24, 36, 48], (x) => `M${x} 2l-3 8`)), fill(drop(20, 52), drop(42, 52))],
} // prettier-ignore

/** Whether a sign of a plain bearing has its drawing. */
export const isPlainDrawn = (sign: string): boolean => sign in drawings

/** The drawing of a sign of a plain bearing, on a square of 64; nothing for one that has none. */
export const drawPlainSign = (sign: string): Shape[] => drawings[sign]?.() ?? []
