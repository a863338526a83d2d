import type { Trend, TrendQuantity } from '@yardfrost/core'

export const trendTitles: Record<TrendQuantity, { title: string; unit: string }> = {
  temperature: { title: 'Housing', unit: '°C' },
  velocity: { title: 'Vibration, r.m.s.', unit: 'mm/s' },
  envelope: { title: 'Envelope', unit: 'm/s²' },
  ultrasound: { title: 'Ultrasound', unit: 'dB' },
  insulation: { title: 'Insulation', unit: 'MΩ' },
  other: { title: 'Reading', unit: '' },
}

const whole = (days: number) => Math.max(0, Math.round(days))

/** Days to a limit with their band, as one says it: `12 to 20 days`. */
function daysLeft({ daysToAlarmEarliest, daysToAlarm, daysToAlarmLatest }: Trend): string {
  const [from, to] = [daysToAlarmEarliest ?? daysToAlarm, daysToAlarmLatest]
  if (from === null) return ''
  if (to === null) return `${whole(from)} days at the earliest`
  return whole(from) === whole(to) ? `${whole(from)} days` : `${whole(from)} to ${whole(to)} days`
}

/** Where a row of readings is going, in one sentence. */
export function trendWords(trend: Trend): string {
  const [worst] = trend.reasons
  const again = trend.remarks.includes('single-reading') ? ' Read it again before acting.' : ''
  const stale = trend.remarks.includes('stale') ? ' It was not read for a while.' : ''
  switch (worst) {
    case 'over-alarm':
      return `Over the limit to stop at.${again}${stale}`
    case 'alarm-in-two-days':
      return `At the limit to stop at within two days.${stale}`
    case 'over-alert':
      return `Over the limit to watch from${trend.worsening && daysLeft(trend) ? `, and rising: the limit to stop at in ${daysLeft(trend)}` : ''}.${stale}`
    case 'toward-alarm':
      return `Rising: the limit in ${daysLeft(trend)}.${stale}`
    case 'step':
      return `It jumped on ${trend.step?.date ?? ''}, and stayed there.${stale}`
    case 'no-limit':
      return trend.baseline ? 'No limit is set.' : `Too few days to judge: ${trend.days} of 5.`
    default:
      return trend.baseline
        ? `As it was.${stale}`
        : `Within the fixed limits; ${trend.days} of 5 days for a baseline.${stale}`
  }
}
