/** Path through points on the sheet, px; empty for none. */
export const polyline = (points: readonly { x: number; y: number }[], decimals = 1): string =>
  points.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${x.toFixed(decimals)} ${y.toFixed(decimals)}`).join('')
