/** Heights over the axis of the shaft, px of the sheet: the same for caps and blocks. */
export const heights = {
  shaft: 58,
  inner: 84,
  ball: 110,
  outerLow: 136,
  spigotLow: 142,
  outer: 164,
  housing: 224,
}
/** Half the drawn width of a bearing, and the radius of its ball, px. */
export const halfRing = 42
export const ballPx = 24

/** What draws one end: its middle on the sheet, and which way is outward. */
export interface EndPlace {
  x: number
  axis: number
  outward: 1 | -1
}

/** Points along the shaft (outward from the middle of the bearing) and over the axis, as places on the sheet. */
export function endFrame({ x, axis, outward }: EndPlace) {
  const at = (along: number): number => x + outward * along
  return {
    at,
    box: (from: number, to: number, low: number, high: number) => ({
      x: Math.min(at(from), at(to)),
      y: axis - high,
      width: Math.abs(at(to) - at(from)),
      height: high - low,
    }),
    outline: (points: readonly (readonly [along: number, over: number])[]): string =>
      `M${points.map(([along, over]) => `${at(along).toFixed(1)} ${axis - over}`).join('L')}Z`,
  }
}
