/** Coefficients of Lanczos for g = 7: good to fifteen digits. */
const first = 0.999_999_999_999_809_93
const rest = [
  676.520_368_121_885_1, -1259.139_216_722_402_8, 771.323_428_777_653_13, -176.615_029_162_140_59,
  12.507_343_278_686_905, -0.138_571_095_265_720_12, 9.984_369_578_019_571_6e-6, 1.505_632_735_149_311_6e-7,
] // prettier-ignore

/** Natural logarithm of the gamma function, for x > 0. */
export function lnGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - lnGamma(1 - x)
  const y = x - 1
  const sum = rest.reduce((total, coefficient, index) => total + coefficient / (y + index + 1), first)
  const t = y + 7.5
  return 0.5 * Math.log(2 * Math.PI) + (y + 0.5) * Math.log(t) - t + Math.log(sum)
}

export const gamma = (x: number): number => Math.exp(lnGamma(x))
