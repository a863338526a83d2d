<script setup lang="ts">
import Slider from 'primevue/slider'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import ClearanceLife from './ClearanceLife.vue'
import { useClearanceLife } from './use-clearance-life.ts'
import { mostTiltArcmin } from './use-inside.ts'

/** Who carries, how hard it presses, and what clearance and tilt leave of the life. What is dragged here is tried, not kept. */
const format = useFormat()
const { bench, span, load, seen, slopeArcmin, best, classes, domain } = useClearanceLife()

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

const clearance = computed({
  get: () => Math.round(load.value?.clearanceUm ?? 0),
  set: (um: number) => (bench.look.clearanceUm = um),
})
/** Slid in tenths of a minute of arc. */
const tilt = computed({
  get: () => Math.round((load.value?.tiltArcmin ?? 0) * 10),
  set: (tenths: number) => (bench.look.tiltArcmin = tenths / 10),
})
const mostTilt = 10 * mostTiltArcmin
const tried = computed(() => bench.look.clearanceUm !== null || bench.look.tiltArcmin !== null)
function back() {
  bench.look.clearanceUm = null
  bench.look.tiltArcmin = null
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
        <ClearanceLife
          v-if="best"
          :best="best"
          :domain="domain"
          :runs="span"
          :classes="classes"
          :now-um="load.clearanceUm"
        />
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
        <strong data-test="tried-tilt">{{ load.tiltArcmin.toFixed(1) }}′</strong>
      </label>
      <p v-if="slopeArcmin !== null && slopeArcmin >= 0.1" class="quiet" data-test="slope">
        The shaft line has the shaft {{ slopeArcmin.toFixed(1) }}′ askew here; that is where it begins.
      </p>
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
