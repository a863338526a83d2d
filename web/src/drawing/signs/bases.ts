import { axis, body, box, circle, each, fine, line, shade, type Rolls, type Shape } from './shape.ts'

// Parts that several signs are drawn on.

/** A piece of an unrolled raceway. */
export const strip = (): Shape[] => [body(box(5, 16, 54, 32)), axis('M5 32H59')]

/** Both raceways unrolled: above the one that stands, with the ground it stands on; below the one that turns, with its arrow. */
export const pair = (above: Shape[], below: Shape[]): Shape[] => [
  fine(each([8, 18, 28, 38, 48, 58], (x) => `M${x} 8l-4 -4`)),
  fine('M24 61.5H42m-4 -2.5l4 2.5l-4 2.5'),
  body(box(5, 8, 54, 20), box(5, 37, 54, 20)),
  ...above,
  ...below,
]
export const [aboveY, belowY] = [18, 47]

/** A track along a strip: its middle and its half width at each share of the strip, px; drawn where it has a width. */
export function track(y: number, middle: (t: number) => number, half: (t: number) => number): Shape {
  const at = Array.from({ length: 25 }, (_, index) => index / 24).filter((t) => half(t) > 0.2)
  const x = (t: number) => 5 + 54 * t
  const there = at.map((t): [number, number] => [x(t), y + middle(t) - half(t)])
  const back = at.map((t): [number, number] => [x(t), y + middle(t) + half(t)]).reverse()
  return shade(`${line(...there, ...back)}Z`)
}
export const flat = () => 0
/** Half width of a load zone about the middle of the strip. */
export const zone =
  (half: number, reach = 0.34, at = 0.5) =>
  (t: number) =>
    Math.abs(t - at) < reach ? half * Math.sqrt(Math.cos((Math.PI / 2) * ((t - at) / reach))) : 0

/** A bearing seen along the shaft. */
export const face = (): Shape[] => [
  body(circle(32, 32, 27), circle(32, 32, 20), circle(32, 32, 13), circle(32, 32, 8)),
  body(each(ballPlaces, ([x, y]) => circle(x, y, 3.2))),
]
export const ballPlaces = Array.from({ length: 8 }, (_, index): [number, number] => {
  const angle = (Math.PI * index) / 4 + 0.39
  return [32 + 16.5 * Math.cos(angle), 32 + 16.5 * Math.sin(angle)]
})

/** A ring seen from its side. */
export const ring = (inner = 17, outer = 26): Shape[] => [body(circle(32, 32, outer), circle(32, 32, inner))]

/** One rolling element, large. */
export function element(rolls: Rolls): Shape[] {
  const outlines: Record<Rolls, string> = {
    ball: circle(32, 32, 20),
    roller: box(20, 12, 24, 40),
    taper: 'M23 11H41L46 53H18Z',
    barrel: 'M22 11H42Q50 32 42 53H22Q14 32 22 11Z',
  }
  return [body(outlines[rolls]), axis('M32 5V59')]
}

/** Three elements over a strip, at their spacing. */
export const threeOver = (): Shape[] => [
  body(each(threeX, (x) => circle(x, 18, 7))),
  body(box(5, 27, 54, 24)),
  axis('M5 39H59'),
]
export const threeX = [15, 32, 49]

/** A cage unrolled: two rails and the bars between its pockets. */
export const cage = (): Shape[] => [
  body(box(6, 12, 52, 9), box(6, 43, 52, 9)),
  body(each([14, 29, 44], (x) => box(x, 21, 6, 22))),
]

/** A seal seen from its side, and where it sits. */
export const seal = (): Shape[] => [body(circle(32, 32, 25), circle(32, 32, 13)), fine(circle(32, 32, 16))]

/** A lump of grease. */
export const lump = 'M14 46Q6 42 10 34Q8 24 19 23Q22 13 33 16Q45 12 48 23Q58 26 55 36Q58 46 47 47Q32 51 14 46Z'

/** A groove cut across, with the room for a ball. */
export const groove = (): Shape[] => [
  body('M5 34H15A17 15 0 0 0 49 34H59V54H5Z'),
  fine('M5 54l6 -6M17 54l8 -8M31 54l6 -6M43 54l8 -8'),
]

/** What a magnifier shows. */
export const magnified = (): Shape[] => [body(circle(29, 28, 22)), body('M45 44L58 58')]

/** Temperature or level over time. */
export const chart = (): Shape[] => [fine('M8 6V54H60')]

/** A bearing on its shaft in a housing, seen from the side. */
export const onShaft = (): Shape[] => [
  body(box(22, 12, 20, 14), box(22, 38, 20, 14)),
  body(box(4, 26, 56, 12)),
  axis('M2 32H62'),
]

/** A machine on its feet. */
export const machine = (): Shape[] => [
  body(box(14, 20, 30, 24)),
  body('M18 44v6M40 44v6M44 30h12v4h-12'),
  fine('M6 50H58'),
]

/** A grease gun over a nipple. */
export const gun = (x: number, y: number): string =>
  `M${x} ${y}h20v9h-20ZM${x + 20} ${y + 4.5}h8M${x} ${y + 4.5}h-5M${x + 3} ${y + 9}l-3 7`

/** A spectrum: lines over an axis, each with its height. */
export const spectrum = (lines: readonly [x: number, height: number][]): string =>
  each(lines, ([x, height]) => `M${x} 54v${-height}`)
