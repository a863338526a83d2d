import type { ToleranceClass } from '../catalogue/ring-limits.ts'

/** Smallest grade the tables hold for each letter. */
export const smallestShaftGrade: Record<string, number> = { g: 5, h: 4, js: 4, j: 5, k: 4, m: 4, n: 4, p: 5, r: 6 }
export const smallestHousingGrade: Record<string, number> = { G: 6, H: 5, JS: 5, J: 6, K: 5, M: 5, N: 6, P: 6 }

/** A precise bearing wants a seat of at most this grade, but never finer than the tables hold for the letter. */
export function capGrade(
  grade: number,
  letters: string,
  toleranceClass: ToleranceClass | undefined,
  caps: { P5: number; P4: number },
  smallest: Record<string, number>,
): number {
  const cap = toleranceClass === 'P5' || toleranceClass === 'P4' ? caps[toleranceClass] : Infinity
  return Math.max(Math.min(grade, cap), smallest[letters] ?? grade)
}
