/** Where light ends and heavy begins, as P/C; within `nearCut` of a cut the next row is as good. */
export const loadCuts = { light: 0.07, normal: 0.15, nearCut: 0.01 } as const
export type LoadClass = 'light' | 'normal' | 'heavy'
export const loadClassOf = (loadRatio: number): LoadClass =>
  loadRatio <= loadCuts.light ? 'light' : loadRatio <= loadCuts.normal ? 'normal' : 'heavy'
