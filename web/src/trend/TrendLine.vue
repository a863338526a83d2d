<script setup lang="ts">
import type { PositionTrend } from '@yardfrost/contract'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'
import { shownDay } from '../shell/shown-time.ts'
import { trendTitles, trendWords } from './trend-words.ts'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'

/** A quantity read at a position: its days as a line, the limits, and where it is going. */
const { row } = defineProps<{ row: PositionTrend }>()
const format = useFormat()
const [width, height, below] = [300, 110, 16]

const temperature = computed(() => row.quantity === 'temperature')
const shown = (value: number) =>
  temperature.value
    ? format.inline({ kind: 'number', number: value }, row.room ? 'temperatureRise' : 'temperature')
    : `${format.digits(value, 'ratio', { figures: 2 })} ${trendTitles[row.quantity].unit}`
/** Where like is judged with like, it is what is judged that is drawn. */
const alike = computed(() => row.room || row.load !== null)
const days = computed(() => {
  if (!alike.value) return row.days
  return row.days.flatMap((one) =>
    one.judged === null ? [] : [{ ...one, median: one.judged, low: one.judged, high: one.judged }],
  )
})
const limits = computed(() => {
  const all = row.trend?.limits
  if (!all) return { alert: null, alarm: null }
  const nearest = (a: number | null, b: number | null) =>
    a === null ? b : b === null ? a : row.quantity === 'insulation' ? Math.max(a, b) : Math.min(a, b)
  // Fixed limits hold for what is read, and not for what is over the room.
  if (row.room) return { alert: all.baselineAlert, alarm: all.baselineAlarm }
  return {
    alert: nearest(all.baselineAlert, all.fixedAlert),
    alarm: nearest(all.baselineAlarm, all.fixedAlarm),
  }
})
const at = (day: string) => Date.parse(day) / 86_400_000
/** Days ahead that are drawn with the band of the slope. */
const ahead = computed(() => {
  const { worsening = false, daysToAlarm = null } = row.trend ?? {}
  return worsening ? Math.min(60, Math.ceil((daysToAlarm ?? 30) * 1.1)) : 0
})
const frame = computed(() => {
  const first = days.value[0]
  const last = days.value.at(-1)
  if (!first || !last) return null
  const values = [
    ...days.value.flatMap(({ low, high }) => [low, high]),
    ...(limits.value.alert === null ? [] : [limits.value.alert]),
    // The limit to stop at is drawn once it is near.
    ...(limits.value.alarm !== null && row.trend?.verdict !== 'ok' ? [limits.value.alarm] : []),
  ]
  const x = scaleLinear([at(first.day), Math.max(at(last.day) + ahead.value, at(first.day) + 7)], [0, width])
  const y = scaleLinear([Math.min(...values), Math.max(...values)], [height - below, 18]).nice()
  return { x, y, last }
})
/** The end at which a limit is named: where the line is farther from it. */
function freeEnd(limit: number): 'start' | 'end' {
  const [first, last] = [days.value[0], days.value.at(-1)]
  return first && last && Math.abs(first.median - limit) > Math.abs(last.median - limit) ? 'start' : 'end'
}
const line = computed(() => {
  if (!frame.value) return ''
  const { x, y } = frame.value
  return days.value
    .map(({ day, median }, index) => `${index === 0 ? 'M' : 'L'}${x(at(day)).toFixed(1)} ${y(median).toFixed(1)}`)
    .join('')
})
/** Lowest to highest of each day, behind the line. */
const band = computed(() => {
  if (!frame.value) return ''
  const { x, y } = frame.value
  const edge = (which: 'high' | 'low', all: typeof days.value) =>
    all.map((one) => `${x(at(one.day)).toFixed(1)} ${y(one[which]).toFixed(1)}`)
  return `M${[...edge('high', days.value), ...edge('low', [...days.value].reverse())].join('L')}Z`
})
const outlook = computed(() => {
  const { trend } = row
  if (!frame.value || !trend || trend.slopePerDay === null || ahead.value === 0 || row.quantity === 'insulation')
    return ''
  const { x, y, last } = frame.value
  const to = at(last.day) + ahead.value
  const from = `${x(at(last.day)).toFixed(1)} ${y(trend.present).toFixed(1)}`
  const end = (slope: number) => `${x(to).toFixed(1)} ${y(trend.present + slope * ahead.value).toFixed(1)}`
  return `M${from}L${end(trend.slopeHighPerDay ?? trend.slopePerDay)}L${end(trend.slopeLowPerDay ?? trend.slopePerDay)}Z`
})
const title = computed(
  () =>
    trendTitles[row.quantity].title + (row.room ? ', over the room' : row.load === null ? '' : ', at the usual load'),
)
const words = computed(() => (row.trend ? trendWords(row.trend) : 'Nothing was read since the bearing was changed.'))
const state = computed(() => {
  const { trend } = row
  // Without a limit there is nothing to judge by yet, and nothing to act on.
  if (!trend || trend.reasons[0] === 'no-limit') return 'open'
  return trend.verdict === 'ok' ? 'go' : trend.verdict
})
</script>

<template>
  <figure v-if="frame" class="trend" :data-trend="row.quantity">
    <figcaption>
      <span class="label">{{ title }}</span>
      <strong>{{ shown(frame.last.median) }}</strong>
    </figcaption>
    <svg :viewBox="`0 0 ${width} ${height}`" role="img" :aria-label="`${title}: ${words}`">
      <path class="spread" :d="band" />
      <path v-if="outlook" class="outlook" :d="outlook" />
      <g v-for="(limit, name) in limits" :key="name">
        <template v-if="limit !== null && frame.y(limit) > 8">
          <path :class="name" :d="`M0 ${frame.y(limit)}H${width}`" />
          <text :class="[name, freeEnd(limit)]" :x="freeEnd(limit) === 'end' ? width : 0" :y="frame.y(limit) - 3">
            {{ name === 'alert' ? 'watch' : 'stop' }} {{ shown(limit) }}
          </text>
        </template>
      </g>
      <path class="line" :d="line" />
      <path class="foot" :d="`M0 ${height - below}H${width}`" />
      <text class="day" x="0" :y="height - 3">{{ shownDay(days[0]?.day ?? '') }}</text>
      <text class="day end" :x="frame.x(at(frame.last.day))" :y="height - 3">{{ shownDay(frame.last.day) }}</text>
    </svg>
    <p><VerdictMark :state="state" :size="15" /> {{ words }}</p>
  </figure>
</template>

<style scoped>
.trend {
  margin: 0;
}

figcaption {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
}

figcaption strong {
  font-size: 20px;
}

svg {
  width: 100%;
}

.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
  stroke-linejoin: round;
}

.spread {
  fill: var(--hair);
  opacity: 0.6;
}

.outlook {
  fill: var(--ember-soft);
  stroke: var(--ember);
  stroke-dasharray: 3 3;
}

path.alert,
path.alarm {
  fill: none;
  stroke-width: 1.2;
  stroke-dasharray: 5 4;
}

path.alert {
  stroke: var(--watch);
}

path.alarm {
  stroke: var(--stop);
}

.foot {
  stroke: var(--hair);
}

text {
  font: 500 12px var(--label);
  fill: var(--ink-2);
}

text.end {
  text-anchor: end;
}

text.alert {
  fill: var(--watch);
}

text.alarm {
  fill: var(--stop);
}

p {
  margin: 2px 0 0;
}
</style>
