import { z } from 'zod'
import { BearingType, factsOf } from '../../bearing-types/index.ts'
import { calculation } from '../../working/calculation.ts'
import { bestShape, countOf, powered, quantileBounds, scaleFor, shapeBounds, type Ages } from './fit.ts'
import { gamma, lnGamma } from './gamma.ts'

export const endings = ['failed', 'taken-out-sound', 'still-running'] as const
export type Ending = (typeof endings)[number]

export const LifeInput = z.strictObject({
  records: z
    .array(
      z.strictObject({
        hoursH: z.number().min(0.1).max(1e6),
        ended: z.enum(endings),
        count: z.int().min(1).max(1e6).default(1),
      }),
    )
    .min(1)
    .max(5000)
    .meta({ unit: 'h', description: 'Hours of each bearing, how they ended, and how many bearings that were' }),
  ratedLifeH: z.number().gt(0).max(1e8).optional().meta({ unit: 'h', description: 'Rated life L10' }),
  assumedShape: z.number().min(0.5).max(5).optional().meta({ description: 'Shape where failures are too few to tell' }),
  bearingType: BearingType.optional().meta({ description: 'Type of the bearings' }),
})

export type LifeVerdict = 'early' | 'random' | 'wear-out' | 'no-verdict'
export type LifeRemark = 'shape-assumed' | 'no-failure-yet' | 'same-hours' | 'few-failures' | 'mostly-unfailed'
type Maybe = number | null

export interface LogLife {
  method: 'maximum-likelihood' | 'weibayes'
  failures: number
  suspensions: number
  totalH: number
  shape: number
  shapeLow: Maybe
  shapeHigh: Maybe
  shapeCorrected: Maybe
  scaleH: number
  scaleLowH: Maybe
  scaleHighH: Maybe
  b10H: number
  b10LowH: Maybe
  b10HighH: Maybe
  b10CorrectedH: Maybe
  b50H: number
  b50LowH: Maybe
  b50HighH: Maybe
  meanH: number
  points: { hoursH: number; adjustedRank: number; medianRank: number }[]
  quantiles: { percent: number; hoursH: number; lowH: Maybe; highH: Maybe }[]
  verdict: LifeVerdict
  certainty: 'clear' | 'leaning' | null
  comparison: { ratio: number; verdict: 'shorter' | 'longer' | 'not-proven' } | null
  remarks: LifeRemark[]
}

const percents = [1, 5, 10, 25, 50, 75, 90, 99] as const
/** Fewer failures than this give no verdict; fewer than the other are said to be few. */
const [leastForVerdict, few] = [4, 10]
/** Hazard by which a share has failed. */
const hazard = (share: number): number => -Math.log(1 - share)

/**
 * How long bearings lasted: a Weibull distribution by maximum likelihood, those that did not fail counted as lasting at least so
 * long; with one failure or none the shape is assumed.
 *
 *     survival = exp(−(t / scale)^shape)
 *
 * @returns hours; 90 % bounds by the ratio of likelihoods, null where there is none
 * @throws InputError on `records`, `ratedLifeH`, `assumedShape`, `bearingType`
 * @see Nelson; Meeker and Escobar; Abernethy
 */
export function logLife(input: z.output<typeof LifeInput>): LogLife {
  const { records, ratedLifeH } = input
  const longestH = records.reduce((longest, { hoursH }) => Math.max(longest, hoursH), 0)
  const age = ({ hoursH, count }: (typeof records)[number]) => ({ x: Math.log(hoursH / longestH), count })
  const failed = records.filter(({ ended }) => ended === 'failed')
  const ages: Ages = { all: records.map(age), failed: failed.map(age), longestH }
  const [n, r] = [countOf(ages.all), countOf(ages.failed)]
  const life = r >= 2 ? fitted(ages) : assumed(ages, assumedShapeOf(input))
  const { verdict, certainty } = verdictOf(life, r)
  const { sameHours, ...rest } = life
  return {
    ...rest,
    failures: r,
    suspensions: n - r,
    totalH: records.reduce((total, { hoursH, count }) => total + count * hoursH, 0),
    meanH: life.scaleH * gamma(1 + 1 / life.shape),
    points: plotPoints(records),
    verdict,
    certainty,
    comparison: ratedLifeH === undefined ? null : compared(life, ratedLifeH),
    remarks: [
      ...(r < 2 ? (['shape-assumed'] as const) : []),
      ...(r === 0 ? (['no-failure-yet'] as const) : []),
      ...(sameHours ? (['same-hours'] as const) : []),
      ...(r >= 2 && r < few ? (['few-failures'] as const) : []),
      ...(n - r > 4 * Math.max(r, 1) ? (['mostly-unfailed'] as const) : []),
    ],
  }
}

/** Slopes of ISO 281 where nobody has assumed another: cautious. */
function assumedShapeOf({ assumedShape, bearingType }: z.output<typeof LifeInput>): number {
  if (assumedShape !== undefined) return assumedShape
  return bearingType === undefined || factsOf(bearingType).rolls === 'ball' ? 10 / 9 : 9 / 8
}

type Fitted = Omit<LogLife, 'failures' | 'suspensions' | 'totalH' | 'meanH' | 'points' | 'verdict' | 'certainty' | 'comparison' | 'remarks'> & { sameHours: boolean } // prettier-ignore

function fitted(ages: Ages): Fitted {
  const shape = bestShape(ages)
  const sameHours = shape === 50
  const scaleH = scaleFor(ages, shape)
  const bounds = (k: number, hoursH: number) => (sameHours ? { lowH: null, highH: null } : quantileBounds(ages, shape, { k, hoursH })) // prettier-ignore
  const quantile = (share: number) => {
    const hoursH = scaleH * hazard(share) ** (1 / shape)
    return { hoursH, ...bounds(hazard(share), hoursH) }
  }
  const quantiles = percents.map((percent) => ({ percent, ...quantile(percent / 100) }))
  const [b10, b50, scale] = [quantileAt(quantiles, 10), quantileAt(quantiles, 50), bounds(1, scaleH)]
  const shapes = sameHours ? { low: null, high: null } : shapeBounds(ages, shape)
  const [n, r] = [countOf(ages.all), countOf(ages.failed)]
  const shapeCorrected = shape * c4(r) ** ((3.5 * r) / n)
  return {
    method: 'maximum-likelihood',
    sameHours,
    shape,
    shapeLow: shapes.low,
    shapeHigh: shapes.high,
    shapeCorrected,
    scaleH,
    scaleLowH: scale.lowH,
    scaleHighH: scale.highH,
    b10H: b10.hoursH,
    b10LowH: b10.lowH,
    b10HighH: b10.highH,
    b10CorrectedH: scaleFor(ages, shapeCorrected) * hazard(0.1) ** (1 / shapeCorrected),
    b50H: b50.hoursH,
    b50LowH: b50.lowH,
    b50HighH: b50.highH,
    quantiles,
  }
}

function quantileAt(quantiles: LogLife['quantiles'], percent: (typeof percents)[number]): LogLife['quantiles'][number] {
  const found = quantiles.find((one) => one.percent === percent)
  if (!found) throw new Error(`no quantile of ${percent} %`)
  return found
}

/** By how much the shape of few failures is read too high. */
const c4 = (r: number): number => Math.sqrt(2 / (r - 1)) * Math.exp(lnGamma(r / 2) - lnGamma((r - 1) / 2))

/** Chi-square at 95 and 5 % with two or four degrees of freedom: exact bounds of a scale whose shape is known. */
const upperChi = [5.991464547, 9.487729037] as const
const lowerChi = [null, 0.1025865888] as const

function assumed(ages: Ages, shape: number): Fitted {
  const r = countOf(ages.failed) === 0 ? 0 : 1
  const total = powered(ages, shape)
  const scaleOf = (share: number) => ages.longestH * share ** (1 / shape)
  const lower = lowerChi[r]
  const scale = {
    hoursH: scaleOf(total / Math.max(r, 1)),
    lowH: scaleOf((2 * total) / upperChi[r]),
    highH: lower === null ? null : scaleOf((2 * total) / lower),
  }
  const quantile = (share: number) => {
    const factor = hazard(share) ** (1 / shape)
    return { hoursH: scale.hoursH * factor, lowH: scale.lowH * factor, highH: scale.highH && scale.highH * factor }
  }
  const quantiles = percents.map((percent) => ({ percent, ...quantile(percent / 100) }))
  const [b10, b50] = [quantileAt(quantiles, 10), quantileAt(quantiles, 50)]
  return {
    method: 'weibayes',
    sameHours: false,
    shape,
    ...{ shapeLow: null, shapeHigh: null, shapeCorrected: null, b10CorrectedH: null },
    scaleH: scale.hoursH,
    scaleLowH: scale.lowH,
    scaleHighH: scale.highH,
    b10H: b10.hoursH,
    b10LowH: b10.lowH,
    b10HighH: b10.highH,
    b50H: b50.hoursH,
    b50LowH: b50.lowH,
    b50HighH: b50.highH,
    quantiles,
  }
}

/** Failures as they are plotted: each takes the ranks of those that were taken out before it could fail. */
function plotPoints(records: z.output<typeof LifeInput>['records']): LogLife['points'] {
  const n = records.reduce((all, { count }) => all + count, 0)
  const inOrder = records
    .map((record, index) => ({ ...record, index, failed: record.ended === 'failed' }))
    .sort((a, b) => a.hoursH - b.hoursH || Number(b.failed) - Number(a.failed) || a.index - b.index)
  let [previous, before] = [0, 0]
  return inOrder.flatMap(({ hoursH, failed, count }) => {
    const place = before
    before += count
    if (!failed) return []
    // Of several with the same hours the last one is shown.
    for (let one = 0; one < count; one++) {
      const left = n - place - one
      previous = (left * previous + n + 1) / (left + 1)
    }
    return [{ hoursH, adjustedRank: previous, medianRank: (previous - 0.3) / (n + 0.4) }]
  })
}

function verdictOf(
  { shape, shapeLow, shapeHigh, shapeCorrected, sameHours }: Fitted,
  r: number,
): Pick<LogLife, 'verdict' | 'certainty'> {
  if (r < leastForVerdict || sameHours || shapeCorrected === null) return { verdict: 'no-verdict', certainty: null }
  if (shapeLow !== null && (shapeLow * shapeCorrected) / shape > 1) return { verdict: 'wear-out', certainty: 'clear' }
  if (shapeHigh !== null && shapeHigh < 1) return { verdict: 'early', certainty: 'clear' }
  if (shapeCorrected < 0.8) return { verdict: 'early', certainty: 'leaning' }
  if (shapeCorrected > 1.25) return { verdict: 'wear-out', certainty: 'leaning' }
  const narrow = shapeLow !== null && shapeHigh !== null && shapeLow >= 2 / 3 && shapeHigh <= 1.5
  return { verdict: 'random', certainty: narrow ? 'clear' : 'leaning' }
}

function compared({ b10H, b10LowH, b10HighH, b10CorrectedH }: Fitted, ratedLifeH: number): LogLife['comparison'] {
  const factor = b10CorrectedH === null ? 1 : Math.min(1, b10CorrectedH / b10H)
  const verdict =
    b10HighH !== null && b10HighH < ratedLifeH
      ? 'shorter'
      : b10LowH !== null && b10LowH * factor > ratedLifeH
        ? 'longer'
        : 'not-proven'
  return { ratio: b10H / ratedLifeH, verdict }
}

export const logLifeCalculation = calculation(
  'log.life',
  'How long bearings lasted, and of what kind their failures are',
  'Nelson; Meeker and Escobar; Abernethy',
  LifeInput,
  logLife,
)
