import type { FitPractice } from '../model/site-practices.ts'

/** Where light ends and heavy begins, as P/C: schools differ. */
const cutsOf: Record<FitPractice, { light: number; normal: number }> = {
  'cuts-7-15': { light: 0.07, normal: 0.15 },
  'cuts-6-12': { light: 0.06, normal: 0.12 },
  'cuts-5-10': { light: 0.05, normal: 0.1 },
}
/** Within so much of a cut the next row is as good. */
export const nearCut = 0.01
export const loadCutsOf = (practice: FitPractice | null | undefined) => cutsOf[practice ?? 'cuts-7-15']

export const loadClasses = ['light', 'normal', 'heavy'] as const
export type LoadClass = (typeof loadClasses)[number]
/** P/C that stands for a class where nobody knows the load: the middle of its row. */
export const ratioOfClass: Record<LoadClass, number> = { light: 0.05, normal: 0.1, heavy: 0.2 }
export function loadClassOf(loadRatio: number, practice?: FitPractice | null): LoadClass {
  const { light, normal } = loadCutsOf(practice)
  return loadRatio <= light ? 'light' : loadRatio <= normal ? 'normal' : 'heavy'
}
