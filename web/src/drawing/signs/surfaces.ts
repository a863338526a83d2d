import { element, face, flat, groove, magnified, pair, ring, strip, threeOver, threeX, track, aboveY, belowY, zone } from './bases.ts' // prettier-ignore
import { arrow, body, box, circle, dark, each, fill, fine, jagged, line, mark, sector, shade, type Shape, type Rolls } from './shape.ts' // prettier-ignore

const dent = (x: number, y: number, r = 2.6) => `M${x - r * 1.4} ${y}a${r * 1.4} ${r} 0 1 0 ${r * 2.8} 0a${r * 1.4} ${r} 0 1 0 ${-r * 2.8} 0Z` // prettier-ignore
const blots: [number, number, number][] = [[14, 24, 4], [25, 38, 5.5], [38, 25, 4.6], [49, 38, 4], [33, 32, 2], [18, 41, 2.2], [52, 24, 2.4]] // prettier-ignore
const grinding = (from: number, to: number) => each([14, 18, 22, 26, 30, 34, 38, 42], (y) => `M${from} ${y}H${to}`)

/** Marks of raceways and rings, and those that rolling elements show as well. */
export const surfaceDrawings: Record<string, (rolls: Rolls) => Shape[]> = {
  'at-inner-raceway': () => [...face(), mark(circle(32, 32, 13))],
  'at-outer-raceway': () => [...face(), mark(circle(32, 32, 20))],
  'spall-load-zone': () => [...strip(), track(32, flat, zone(8, 0.42)), dark(jagged(32, 32, 9, 6))],
  'spall-one-edge': () => [...strip(), track(32, flat, () => 9), dark(jagged(30, 23, 10, 4))],
  'spall-full-width-all': () => pair([dark(jagged(20, aboveY, 12, 9), jagged(45, aboveY, 11, 9))], [dark(jagged(18, belowY, 10, 9), jagged(42, belowY, 14, 9))]), // prettier-ignore
  'spall-behind-dent': () => [...strip(), fill(dent(20, 32, 3)), dark('M27 32l6 -7l4 3l7 -5l5 6l6 1l-4 5l2 6l-9 -1l-6 3l-5 -6l-6 1Z'), fine(arrow(12, 10, 50, 10))], // prettier-ignore
  'line-spalls-at-pitch': () => [...threeOver(), dark(each(threeX, (x) => jagged(x, 39, 2.8, 10, 7)))],
  'dents-random': () => [...strip(), track(32, flat, () => 9), fill(each<[number, number, number]>([[12, 26, 1.8], [19, 37, 2.6], [27, 29, 1.4], [33, 38, 1.9], [38, 26, 2.4], [46, 34, 1.6], [53, 28, 2.1], [24, 24, 1.2]], ([x, y, r]) => dent(x, y, r)))], // prettier-ignore
  'dents-at-pitch': () => [...threeOver(), fill(each(threeX, (x) => dent(x, 39, 3.6)))],
  'dents-finish-intact': () => [...magnified(), fine(grinding(12, 46)), shade(dent(29, 28, 9)), fine(grinding(17, 41))],
  'dents-finish-worn': () => [...magnified(), fine(grinding(10, 16), grinding(42, 48)), fill(dent(29, 28, 9))],
  'dents-toward-shoulder': () => [...threeOver(), fill(each(threeX, (x) => dent(x, 31, 3))), mark(arrow(32, 46, 32, 36))],
  'etched-lines-at-pitch': () => [...threeOver(), mark(each(threeX, (x) => `M${x} 28v22`))],
  'rust': () => [...strip(), fill(each(blots, ([x, y, r]) => jagged(x, y, r, r * 0.8, 11)))],
  'rust-on-new': () => [...ring(14, 27), mark('M16 26a9 9 0 0 1 18 0M19 26a6 6 0 0 1 12 0M22 26a3 3 0 0 1 6 0M16 26v8M19 26v9M22 26v8M28 26v9M31 26v8M34 26v7')], // prettier-ignore
  'fluting': () => [...strip(), track(32, flat, () => 11), mark(each([9, 14, 19, 24, 29, 34, 39, 44, 49, 54], (x) => `M${x} 21V43`))], // prettier-ignore
  'craters': () => [...magnified(), mark(each<[number, number, number]>([[20, 20, 4], [35, 18, 3], [26, 33, 5], [39, 33, 3.4], [16, 33, 2.4]], ([x, y, r]) => circle(x, y, r))), fill(each<[number, number]>([[20, 20], [35, 18], [26, 33], [39, 33]], ([x, y]) => circle(x, y, 1.3)))], // prettier-ignore
  'smearing': () => [...strip(), fill('M10 26q10 -5 26 -3q-6 3 -10 6q-8 1 -16 -3ZM24 40q12 -6 30 -3q-8 3 -12 6q-9 1 -18 -3Z'), mark('M38 22h16M36 26h10M54 37h4M30 45h12')], // prettier-ignore
  'frosting-peeling': () => [...strip(), track(32, flat, () => 11), dark(each<[number, number]>([[10, 25], [15, 33], [19, 27], [24, 37], [28, 24], [31, 31], [36, 38], [40, 27], [44, 34], [49, 25], [53, 36]], ([x, y]) => jagged(x, y, 1.9, 1.3, 5)))], // prettier-ignore
  'dull-worn': () => [...groove(), shade('M15 34A17 15 0 0 0 49 34L52 34A20 19.5 0 0 1 12 34Z'), fine('M15 34A17 15 0 0 0 49 34'), mark(arrow(32, 30, 32, 47), arrow(21, 28, 18, 40), arrow(43, 28, 46, 40))], // prettier-ignore
  'heat-tint': (rolls) => [
    ...element(rolls).slice(0, 1),
    shade(rolls === 'ball' ? sector(32, 32, 12, 20, 20, 160) : box(20, 33, 24, 8)),
    mark('M22 34q5 4 10 0t10 0M23 40q4 4 9 0t9 0'),
    mark('M20 8q3 -3 0 -6M32 8q3 -3 0 -6M44 8q3 -3 0 -6'),
  ],
  'hardness-lost': () => [...ring(15, 24), body('M38 4l20 20l-6 6l-20 -20Z'), mark('M33 9l-4 6l6 -1M41 19l6 -1M37 15l5 -1'), mark('M36 8l4 -1M41 13l4 -1M46 18l4 -1M51 23l4 -1')], // prettier-ignore
  'ring-cracked-through': () => [...ring(15, 27), mark('M49 10l-5 4l3 3l-6 3l2 3')],
  'shoulder-chipped': () => [body('M6 54V22H20A14 13 0 0 0 45 22H50l3 5l-3 4l5 4l3 1V54Z'), mark('M50 22l3 5l-3 4l5 4l3 1'), fine('M50 22h8v14')], // prettier-ignore
  'hammer-marks': () => [...ring(15, 26), fill(each<[number, number]>([[14, 24], [21, 14], [32, 11]], ([x, y]) => dent(x, y, 2))), body('M40 6l8 8M36 10l8 -8l6 6l-8 8ZM47 13l12 14')], // prettier-ignore
  'at-elements': (rolls) => [...element(rolls), mark(rolls === 'ball' ? circle(32, 32, 20) : element(rolls)[0]?.d ?? '')],
  'thermal-cracks': () => [...ring(12, 27), mark(each([200, 228, 256, 284, 312, 340], (deg) => crack(deg)))],
  'heat-tint-faces': () => [...ring(14, 27), shade(sector(32, 32, 14, 27, 190, 350)), mark('M10 26q4 4 8 0M21 14q4 4 8 0M36 14q4 4 8 0M46 26q4 4 8 0')], // prettier-ignore
} // prettier-ignore

function crack(deg: number): string {
  const at = (r: number, by: number): [number, number] => [
    32 + r * Math.cos(((deg + by) * Math.PI) / 180),
    32 + r * Math.sin(((deg + by) * Math.PI) / 180),
  ]
  return line(at(13, 0), at(17, 6), at(21, -4), at(25, 3))
}
