/** Where light ends and heavy begins, as P/C; within `nearCut` of a cut the next row is as good. */
export const loadCuts = { light: 0.07, normal: 0.15, nearCut: 0.01 } as const
export const loadClasses = ['light', 'normal', 'heavy'] as const
export type LoadClass = (typeof loadClasses)[number]
/** P/C that stands for a class where nobody knows the load: the middle of its row. */
export const ratioOfClass: Record<LoadClass, number> = { light: 0.05, normal: 0.1, heavy: 0.2 }
export const loadClassOf = (loadRatio: number): LoadClass =>
  loadRatio <= loadCuts.light ? 'light' : loadRatio <= loadCuts.normal ? 'normal' : 'heavy'
