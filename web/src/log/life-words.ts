import type { Fitted, LogStatistics } from '@yardfrost/contract'
import { formatNumber } from '@yardfrost/core'
import { causeNamed } from '../references.ts'

/** A cause in words; what somebody typed of his own stands as it is. */
export const causeWords = (cause: string | null): string =>
  cause === null ? 'nobody said why' : (causeNamed(cause)?.title ?? cause)

export const hoursWords = (hoursH: number): string => `${formatNumber(hoursH, { figures: 3 })} h`

const few = 4
/** Whether they die young, go at any age or wear out, and what that means. */
export function verdictWords({ life, failed }: LogStatistics): string {
  if (!life) return 'No bearing has been entered yet.'
  const looks = {
    'early': 'They die young. That is mounting, fit, clearance, room to grow, handling or the first fill: what is done at every change.',
    'random': 'They go at any age: dirt, water, knocks, current or greasing missed, or several causes mixed. Changing by age will not help.',
    'wear-out': 'They wear out. A planned change, or a bearing or grease that lasts longer.',
    'no-verdict': '',
  } // prettier-ignore
  if (life.verdict === 'no-verdict') {
    if (life.remarks.includes('same-hours')) return 'All came out at nearly the same hours: planned changes are entered as sound, not as failed.' // prettier-ignore
    const missing = few - failed
    return missing > 0
      ? `Too few to tell: ${failed} failed, and ${missing} more would be needed. Look at the marks of each.`
      : 'They do not tell.'
  }
  return `${looks[life.verdict]}${life.certainty === 'leaning' ? ' It leans that way; it is not beyond doubt.' : ''}`
}

/** Longer lives are not told apart: other things end a bearing before. */
export const longestToldH = 200_000

/** Against the rated life, in a sentence; nothing without one. */
export function ratedWords({ life, ratedLifeH }: LogStatistics): string {
  if (!life?.comparison || ratedLifeH === null) return ''
  const assumed = life.remarks.includes('shape-assumed')
  const words = {
    shorter: assumed ? 'They last shorter, if the shape is as assumed.' : 'So few last that long that it is no chance.',
    longer: assumed ? 'They last longer, if the shape is as assumed.' : 'They last longer, beyond doubt.',
    'not-proven': 'Whether they reach it is not proven.',
  }
  const rated = ratedLifeH > longestToldH ? `over ${hoursWords(longestToldH)}` : hoursWords(ratedLifeH)
  return `Rated life ${rated}. ${words[life.comparison.verdict]}`
}

/** Better or worse, in a sentence; nothing where it is not looked at. */
export function trendWords({ recurrent }: LogStatistics): string {
  if (!recurrent || recurrent.trend === 'too-few') return ''
  const words = { steady: 'No trend: as often as before.', worsening: 'They come faster than before.', improving: 'They come slower than before.' } // prettier-ignore
  return `${words[recurrent.trend]}${recurrent.certainty === 'likely' ? ' Likely, not sure.' : ''}`
}

/** What ended a bearing, in two words. */
export const endWords = ({ ended }: Pick<Fitted, 'ended'>): string =>
  ended === null
    ? 'still runs'
    : ended === 'sound'
      ? 'came out sound'
      : ended === 'warned'
        ? 'taken out on a warning'
        : 'failed'
