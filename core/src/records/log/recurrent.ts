import { z } from 'zod'
import { calculation } from '../../working/calculation.ts'
import { atLeast, atMost, below } from '../compare.ts'
import { refused } from '../running-hours.ts'

const hours = z.number().min(0).max(1e9)
export const RecurrentInput = z.strictObject({
  positions: z
    .array(
      z.strictObject({
        name: z.string().max(200).optional(),
        fromH: hours.default(0),
        toH: hours,
        eventsH: z.array(hours).max(5000),
      }),
    )
    .min(1)
    .max(1000)
    .meta({ unit: 'h', description: 'Positions that are alike: watched from and to, and the hours of each failure' }),
})

export interface Recurrent {
  events: number
  totalH: number
  meanBetweenH: number | null
  /** Failures a position has had by then, on the mean. */
  mcf: { hoursH: number; atRisk: number; events: number; mcf: number }[]
  mcfEnd: number
  tested: number
  laplace: number | null
  firstHalf: number
  secondHalf: number
  trend: 'improving' | 'steady' | 'worsening' | 'too-few'
  certainty: 'clear' | 'likely' | null
}

const fewestTested = 4
/** Of a standard normal: shown from the first on, clear from the second. */
const [shown, clear] = [1.645, 1.96]

/**
 * Whether replacements at positions come faster or slower as time goes on.
 *
 *     laplace = (Σ t − Σ (a + b)/2) / √(Σ (b − a)²/12),   each sum over the failures that are tested
 *
 * A failure that ended the watch is not tested. Steady means that no trend is shown, not that there is none.
 *
 * @throws InputError on `positions` where a watch ends before it begins, or a failure lies outside it
 * @see Laplace test; mean cumulative function of Nelson; Ascher and Feingold
 */
export function logRecurrent({ positions }: z.output<typeof RecurrentInput>): Recurrent {
  for (const { fromH, toH, eventsH } of positions) {
    if (toH <= fromH) throw refused('positions', toH, 'watched to a later hour than from', 'FIELDS_DISAGREE')
    const outside = eventsH.find((at) => at <= fromH || at > toH)
    if (outside !== undefined) throw refused('positions', outside, `over ${fromH} and up to ${toH} h`, 'OUT_OF_RANGE')
  }
  const all = positions.flatMap(({ eventsH }) => eventsH)
  const totalH = positions.reduce((sum, { fromH, toH }) => sum + toH - fromH, 0)
  const mcf = meanCumulative(positions, all)
  const tested = positions.flatMap(({ fromH, toH, eventsH }) =>
    eventsH.filter((at) => below(at, toH)).map((at) => ({ at, middle: (fromH + toH) / 2, span: toH - fromH })),
  )
  const laplace =
    tested.length === 0
      ? null
      : tested.reduce((sum, { at, middle }) => sum + at - middle, 0) /
        Math.sqrt(tested.reduce((sum, { span }) => sum + span ** 2 / 12, 0))
  const firstHalf = tested.filter(({ at, middle }) => atMost(at, middle)).length
  return {
    events: all.length,
    totalH,
    meanBetweenH: all.length === 0 ? null : totalH / all.length,
    mcf,
    mcfEnd: mcf.at(-1)?.mcf ?? 0,
    tested: tested.length,
    laplace,
    firstHalf,
    secondHalf: tested.length - firstHalf,
    ...trendOf(laplace, tested.length),
  }
}

function meanCumulative(
  positions: z.output<typeof RecurrentInput>['positions'],
  all: readonly number[],
): Recurrent['mcf'] {
  let mcf = 0
  return [...new Set(all)]
    .sort((a, b) => a - b)
    .map((hoursH) => {
      const atRisk = positions.filter(({ fromH, toH }) => fromH < hoursH && hoursH <= toH).length
      const events = all.filter((at) => at === hoursH).length
      mcf += events / atRisk
      return { hoursH, atRisk, events, mcf }
    })
}

function trendOf(laplace: number | null, tested: number): Pick<Recurrent, 'trend' | 'certainty'> {
  if (laplace === null || tested < fewestTested) return { trend: 'too-few', certainty: null }
  const size = Math.abs(laplace)
  if (below(size, shown)) return { trend: 'steady', certainty: null }
  return { trend: laplace > 0 ? 'worsening' : 'improving', certainty: atLeast(size, clear) ? 'clear' : 'likely' }
}

export const logRecurrentCalculation = calculation(
  'log.recurrent',
  'Whether a position gets better or worse',
  'Laplace test; Nelson',
  RecurrentInput,
  logRecurrent,
)
