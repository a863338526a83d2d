<script setup lang="ts">
import { insideInput, type BestClearance } from '@yardfrost/core'
import { useElementSize, watchDebounced } from '@vueuse/core'
import Slider from 'primevue/slider'
import { computed, shallowRef, useId, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { useBenchWork } from '../../workers/use-bench-work.ts'
import { useInside } from './use-inside.ts'

/** Who carries, how hard it presses, and what clearance and tilt leave of the life. What is dragged here is tried, not kept. */
const format = useFormat()
const id = useId()
const { bench, span, load, seen } = useInside()
const { work } = useBenchWork()

/** Life against clearance comes a moment later, from beside the page. */
const best = shallowRef<BestClearance | null>(null)
let asked = 0
const curveInput = computed(() => {
  const bearing = bench.bearing.value
  if (!bearing || !load.value || !seen.value?.value?.setsClearance) return null
  return insideInput(bearing, { ...load.value, clearanceUm: 0 })
})
watchDebounced(
  () => JSON.stringify(curveInput.value),
  async () => {
    const input = curveInput.value
    const mine = ++asked
    const found = input && (await work().clearanceLife(input))
    if (mine === asked) best.value = found
  },
  { debounce: 40, immediate: true },
)

const distribution = computed(() => seen.value?.value?.distribution ?? null)
const rolls = computed(() => (distribution.value?.contactAnglesDeg ? 'balls' : 'rollers'))
const all = computed(() => distribution.value?.elementLoadsN.reduce((sum, row) => sum + row.length, 0) ?? 0)
const show = (value: number, quantity: 'force' | 'length' | 'duration' | 'deviation', precision?: { decimals: number } | { figures: number }) => format.inline({ kind: 'number', number: value }, quantity, precision) // prettier-ignore
/** A pressure in digits, as close as it is known. */
const pressure = (value: number) => format.digits(value, 'stress', { figures: 2 })
/** Over what the page tells apart, it says more than. */
const longestH = 200_000
const hours = (value: number) => (value > longestH ? `more than ${show(longestH, 'duration')}` : show(value, 'duration', { figures: 2 })) // prettier-ignore
const ratio = computed(() => seen.value?.value?.life?.lifeRatio ?? null)

const box = useTemplateRef('box')
const { width } = useElementSize(box)
const plot = { height: 170, left: 46, right: 8, top: 12, bottom: 30 }
/** Clearances that are shown, µm: what runs, what is best, and some room. */
const domain = computed((): [number, number] => {
  const [least, most] = [span.value?.least ?? 0, span.value?.most ?? 0]
  const low = Math.min(least, best.value?.rangeMinUm ?? least)
  const high = Math.max(most, best.value?.rangeMaxUm ?? most, 0)
  const room = Math.max(15, 0.35 * (high - low))
  return [Math.floor(low - room), Math.ceil(high + room)]
})
const x = (um: number) => {
  const [from, to] = domain.value
  return plot.left + ((um - from) / (to - from)) * (width.value - plot.left - plot.right)
}
const y = (share: number) => plot.height - plot.bottom - share * (plot.height - plot.bottom - plot.top)
const curve = computed(() => {
  const [from, to] = domain.value
  const points = best.value?.curve ?? []
  const inside = points.filter(({ clearanceUm }, index) => (points[index + 1]?.clearanceUm ?? clearanceUm) >= from && (points[index - 1]?.clearanceUm ?? clearanceUm) <= to) // prettier-ignore
  return inside
    .map(({ clearanceUm, share }, index) => `${index === 0 ? 'M' : 'L'}${x(clearanceUm)} ${y(share)}`)
    .join(' ')
})
/** Share of the best life at the clearance that is looked at, read off the curve. */
const shareNow = computed(() => {
  const points = best.value?.curve ?? []
  const um = load.value?.clearanceUm ?? 0
  const after = points.findIndex(({ clearanceUm }) => clearanceUm >= um)
  const [one, other] = [points[after - 1], points[after]]
  if (!one || !other) return other?.share ?? points.at(-1)?.share ?? 0
  return one.share + ((um - one.clearanceUm) / (other.clearanceUm - one.clearanceUm)) * (other.share - one.share)
})
const ticks = computed(() => {
  const [from, to] = domain.value
  const step = [5, 10, 20, 50, 100, 200].find((one) => (to - from) / one <= 7) ?? 500
  return Array.from({ length: Math.floor(to / step) - Math.ceil(from / step) + 1 }, (_, index) => (Math.ceil(from / step) + index) * step) // prettier-ignore
})
const clearance = computed({
  get: () => Math.round(load.value?.clearanceUm ?? 0),
  set: (um: number) => (bench.look.clearanceUm = um),
})
/** Slid in tenths of a minute of arc. */
const tilt = computed({
  get: () => Math.round(bench.look.tiltArcmin * 10),
  set: (tenths: number) => (bench.look.tiltArcmin = tenths / 10),
})
const mostTilt = 100
const tried = computed(() => bench.look.clearanceUm !== null || bench.look.tiltArcmin !== 0)
function back() {
  bench.look.clearanceUm = null
  bench.look.tiltArcmin = 0
}
</script>

<template>
  <div class="inside">
    <p v-if="!load" class="quiet" data-test="inside-open">
      It needs a load first: give it on the page Life. Then it shows which elements carry it.
    </p>
    <p v-else-if="seen?.refusal" class="quiet" data-test="inside-refused">
      {{ seen.refusal.message }}. {{ seen.refusal.fix }}
    </p>
    <template v-else-if="distribution">
      <p class="heads">
        <span
          ><strong data-test="carrying">{{ distribution.elementsLoaded }}</strong> of {{ all }} {{ rolls }} carry</span
        >
        <span
          ><strong data-test="zone">{{ Math.round(distribution.loadZoneDeg) }}°</strong> load zone</span
        >
      </p>
      <dl>
        <dt class="label">Most loaded</dt>
        <dd data-test="hardest">{{ show(distribution.maxElementN, 'force', { figures: 3 }) }}</dd>
        <dt class="label">Pressure, inner / outer</dt>
        <dd>
          {{ pressure(distribution.inner.maxPressureMPa) }} / {{ pressure(distribution.outer.maxPressureMPa) }}
          {{ format.unit('stress') }}
          <span class="quiet">{{ pressure(seen?.value?.dentsAtMPa ?? 0) }} dents</span>
        </dd>
        <dt class="label">Footprint, inner ring</dt>
        <dd>
          {{ show(distribution.inner.footprintAcrossMm, 'length', { decimals: 2 }) }} ×
          {{ show(distribution.inner.footprintAlongMm, 'length', { decimals: 2 }) }}
        </dd>
        <template v-if="distribution.rowShare.length > 1">
          <dt class="label">Rows share it</dt>
          <dd>{{ distribution.rowShare.map((share) => `${Math.round(100 * share)} %`).join(' and ') }}</dd>
        </template>
        <template v-if="seen?.value?.life">
          <dt class="label">Life with this inside</dt>
          <dd data-test="inside-life">
            {{ hours(seen.value.life.hoursH) }}
            <span v-if="ratio !== null" class="quiet">{{ Math.round(100 * ratio) }} % of the life by ISO 281</span>
          </dd>
        </template>
      </dl>
      <template v-if="seen?.value?.setsClearance">
        <div ref="box" class="plot">
          <svg
            v-if="best && width > 0"
            :width="width"
            :height="plot.height"
            role="img"
            aria-label="Life against running clearance"
            data-test="clearance-curve"
          >
            <rect
              v-if="span"
              class="runs"
              :x="x(span.least)"
              :y="plot.top"
              :width="Math.max(2, x(span.most) - x(span.least))"
              :height="plot.height - plot.bottom - plot.top"
            />
            <path
              class="grid"
              :d="`M${plot.left} ${y(1)} H${width - plot.right} M${plot.left} ${y(0.5)} H${width - plot.right}`"
            />
            <path class="axis" :d="`M${plot.left} ${plot.top} V${y(0)} H${width - plot.right}`" />
            <text v-for="share in [1, 0.5]" :key="share" class="label end" :x="plot.left - 6" :y="y(share) + 5">
              {{ share * 100 }} %
            </text>
            <text v-for="um in ticks" :key="um" class="label middle" :x="x(um)" :y="plot.height - 10">
              {{ format.digits(um, 'deviation') }}
            </text>
            <clipPath :id="`${id}-plot`">
              <rect :x="plot.left" y="0" :width="width - plot.left - plot.right" :height="plot.height" />
            </clipPath>
            <path class="curve" :d="curve" :clip-path="`url(#${id}-plot)`" />
            <circle class="now" :cx="x(load.clearanceUm)" :cy="y(shareNow)" r="6" />
          </svg>
        </div>
        <p v-if="best" class="quiet" data-test="best-clearance">
          Life against running clearance, {{ format.unit('deviation') }}; best at
          {{ show(best.bestClearanceUm, 'deviation') }}, nine tenths of it from
          {{ show(best.rangeMinUm, 'deviation') }} to {{ show(best.rangeMaxUm, 'deviation') }}. The band is what Float
          lets it run with.
        </p>
        <label class="slide">
          <span class="label">Running clearance</span>
          <Slider
            v-model="clearance"
            :min="domain[0]"
            :max="domain[1]"
            aria-label="Running clearance"
            data-test="try-clearance"
          />
          <strong data-test="tried-clearance">{{ show(load.clearanceUm, 'deviation') }}</strong>
        </label>
      </template>
      <p v-else class="quiet">
        Its axial load sets the clearance of a single row like this; drag the load on the page Life.
      </p>
      <label class="slide">
        <span class="label">Rings out of line by</span>
        <Slider
          v-model="tilt"
          :min="0"
          :max="mostTilt"
          aria-label="Rings out of line by, minutes of arc"
          data-test="try-tilt"
        />
        <strong>{{ bench.look.tiltArcmin.toFixed(1) }}′</strong>
      </label>
      <button v-if="tried" type="button" class="link" data-test="as-it-runs" @click="back">As it runs</button>
      <p class="quiet source">
        ISO/TS 16281 and Hertz, for stiff round rings and an inside that is estimated: the shares say more than the
        hours. Under the load that asks most, {{ load.rotatingRing }} ring turning.
      </p>
    </template>
  </div>
</template>

<style scoped>
.inside {
  display: grid;
  gap: 10px;
}

.heads {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 30px;
}

.heads strong {
  font-size: 42px;
  line-height: 1;
}

dl {
  display: grid;
  grid-template-columns: 170px 1fr;
  gap: 6px 12px;
  margin: 0;
}

dd {
  margin: 0;
  font-size: 18px;
  font-weight: 650;
}

dd .quiet {
  font-size: 15px;
  font-weight: 400;
}

.plot {
  min-height: 170px;
}

.runs {
  fill: var(--frost-soft);
}

.grid {
  stroke: var(--hair);
  fill: none;
}

.axis,
.curve {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}

.curve {
  stroke-width: 2;
}

.now {
  fill: var(--ink);
}

.plot text {
  fill: var(--ink-2);
}

.end {
  text-anchor: end;
}

.middle {
  text-anchor: middle;
}

.slide {
  display: grid;
  grid-template-columns: 150px 1fr 76px;
  align-items: center;
  gap: 14px;
  min-height: 44px;
}

.source {
  font-size: 14px;
}
</style>
