import { rootOf } from '../../working/root-of.ts'

/** Hours of bearings on the scale of the longest of them: no power of them overflows. */
export interface Ages {
  /** ln(t / longest) of all, and of those that failed; how many have it. */
  all: readonly Age[]
  failed: readonly Age[]
  longestH: number
}
interface Age {
  x: number
  count: number
}

/** Over bearings: each as often as it is there. */
export const sum = (ages: readonly Age[], of: (x: number) => number): number =>
  ages.reduce((total, { x, count }) => total + count * of(x), 0)
/** How many bearings. */
export const countOf = (ages: readonly Age[]): number => sum(ages, () => 1)

/** Sum of the hours to a power, on the scale of the longest. */
export const powered = ({ all }: Ages, shape: number): number => sum(all, (x) => Math.exp(shape * x))

/** Least and greatest shape that is looked for. */
const [leastShape, mostShape] = [0.05, 50]

/** Likeliest shape; 50 where all failed at nearly the same hours. */
export function bestShape(ages: Ages): number {
  const { all, failed } = ages
  const middle = sum(failed, (x) => x) / countOf(failed)
  const g = (lnShape: number): number => {
    const shape = Math.exp(lnShape)
    return sum(all, (x) => x * Math.exp(shape * x)) / powered(ages, shape) - 1 / shape - middle
  }
  if (g(Math.log(mostShape)) <= 0) return mostShape
  return Math.exp(rootOf(g, Math.log(leastShape), Math.log(mostShape)))
}

/** Hours at which 63 % have failed, the likeliest for a shape. */
export const scaleFor = (ages: Ages, shape: number): number =>
  ages.longestH * (powered(ages, shape) / countOf(ages.failed)) ** (1 / shape)

/** Chi-square for 90 % with one degree of freedom: twice the log-likelihood may fall by so much. */
const allowed = 2.705543454

/** Bounds of the shape by the ratio of likelihoods, 90 %; null where there is none. */
export function shapeBounds(ages: Ages, shape: number): { low: number | null; high: number | null } {
  const r = countOf(ages.failed)
  const ends = sum(ages.failed, (x) => x)
  const likelihood = (one: number) => r * Math.log(one) - r * Math.log(powered(ages, one) / r) + (one - 1) * ends - r
  const best = likelihood(shape)
  const over = (lnShape: number) => 2 * (best - likelihood(Math.exp(lnShape))) - allowed
  const bound = (far: number): number | null => {
    const [a, b] = [Math.log(shape), Math.log(far)]
    return over(b) < 0 ? null : Math.exp(rootOf(over, a, b))
  }
  return { low: bound(shape / 1000), high: bound(shape * 1000) }
}

/** Exponents beyond this are as good as infinite. */
const mostExponent = 700

/** So many tangents at the most, until the shape changes by no more than this of itself. */
const [mostTangents, settled] = [12, 1e-13]

/** Where the best shape of a quantile is looked for first, and how far, as logarithms. */
const nearby = 0.3
const [leastLn, mostLn] = [Math.log(1e-4), Math.log(1e3)]

/** Bounds of the hours by which a share has failed, 90 %; null where there is none. */
export function quantileBounds(
  ages: Ages,
  shape: number,
  { k, hoursH }: { k: number; hoursH: number },
): { lowH: number | null; highH: number | null } {
  const { all, failed, longestH } = ages
  const r = countOf(failed)
  const ends = sum(failed, (x) => x)
  const grown = (exponent: number) => Math.exp(Math.min(mostExponent, exponent))
  // Summed some thousand times: numbers in a row, and no function a bearing.
  const [xs, counts] = [Float64Array.from(all, ({ x }) => x), Float64Array.from(all, ({ count }) => count)]
  /** Σ c eˢ, Σ c d eˢ and Σ c d² eˢ, with d = x − u and s = one · d. */
  const grownBy = (one: number, u: number): [number, number, number] => {
    let [plain, first, second] = [0, 0, 0]
    for (let index = 0; index < xs.length; index++) {
      const by = (xs[index] ?? 0) - u
      const weight = (counts[index] ?? 0) * grown(one * by)
      plain += weight
      first += weight * by
      second += weight * by * by
    }
    return [plain, first, second]
  }
  // The best shape of one place is near that of the place before.
  let before = Math.log(shape)
  /** Likeliest shape where a share has failed by `u`: the likelihood rises no more. It falls ever faster, so the tangent finds it. */
  const bestAt = (u: number): number => {
    const rise = (one: number): number => r / one + (ends - r * u) - k * grownBy(one, u)[1]
    let one = Math.exp(before)
    for (let turn = 0; turn < mostTangents; turn++) {
      const [, first, second] = grownBy(one, u)
      const next = one + (r / one + (ends - r * u) - k * first) / (r / one ** 2 + k * second)
      if (!(next > 0) || !Number.isFinite(next)) break
      if (Math.abs(next - one) <= settled * one) return next
      one = next
    }
    // The tangent led astray: between ends that hold it.
    let [low, high] = [before - nearby, before + nearby]
    while (low > leastLn && rise(Math.exp(low)) < 0) low -= 4 * nearby
    while (high < mostLn && rise(Math.exp(high)) > 0) high += 4 * nearby
    return Math.exp(rootOf((lnShape) => rise(Math.exp(lnShape)), low, high))
  }
  const likelihood = (u: number): number => {
    const best = bestAt(u)
    before = Math.log(best)
    return r * Math.log(best) + r * Math.log(k) + best * (ends - r * u) - ends - k * grownBy(best, u)[0]
  }
  const fitted = Math.log(hoursH / longestH)
  const top = likelihood(fitted)
  const over = (u: number) => 2 * (top - likelihood(u)) - allowed
  const bound = (way: 1 | -1): number | null => {
    let step = 1 / shape
    let inside = fitted
    for (let turn = 0; turn < 40; turn++, step *= 2) {
      const outside = fitted + way * step
      if (over(outside) >= 0) return longestH * Math.exp(rootOf(over, inside, outside))
      inside = outside
    }
    return null
  }
  return { lowH: bound(-1), highH: bound(1) }
}
