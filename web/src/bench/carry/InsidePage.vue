<script setup lang="ts">
import Slider from 'primevue/slider'
import { capital, refusalOf } from '@yardfrost/core'
import { computed } from 'vue'
import PracticeList from '../../figures/PracticeList.vue'
import FigureLine from '../../figures/FigureLine.vue'
import { useFormat } from '../../figures/use-format.ts'
import ClearanceLife from './ClearanceLife.vue'
import { useClearanceLife } from './use-clearance-life.ts'
import { mostTiltArcmin } from './use-inside.ts'

/** Who carries, how hard it presses, and what clearance and tilt leave of the life. What is dragged here is tried, not kept. */
const emit = defineEmits<{ working: [figure: string] }>()
const format = useFormat()
const { bench, span, load, seen, slopeArcmin, best, classes, domain, figures } = useClearanceLife()

const refused = computed(() => (seen.value?.refusal ? refusalOf(seen.value.refusal) : null))
const distribution = computed(() => seen.value?.value?.distribution ?? null)
const rolls = computed(() => (distribution.value?.contactAnglesDeg ? 'balls' : 'rollers'))
const all = computed(() => distribution.value?.elementLoadsN.reduce((sum, row) => sum + row.length, 0) ?? 0)
const show = (value: number, quantity: 'length' | 'deviation', precision?: { decimals: number }) => format.inline({ kind: 'number', number: value }, quantity, precision) // prettier-ignore
/** What is told with a line of its own, the answer first. */
const shown = ['insideLife', 'hardest', 'pressureInner', 'pressureOuter']
/** What stands beside the figures: what dents, footprint, rows. */
const notes = computed(() => {
  const found = seen.value?.value
  if (!found) return ''
  const { distribution: inside, dentsAtMPa } = found
  const across = show(inside.inner.footprintAcrossMm, 'length', { decimals: 2 })
  const along = show(inside.inner.footprintAlongMm, 'length', { decimals: 2 })
  const shares = inside.rowShare.map((share) => `${Math.round(100 * share)} %`)
  const told = [
    `${format.digits(dentsAtMPa, 'stress', { figures: 2 })} ${format.unit('stress')} dents`,
    `footprint on the inner ring ${across} × ${along}`,
    ...(shares.length > 1 ? [`rows share it ${shares.join(' and ')}`] : []),
  ]
  return `${capital(told.join('; '))}.`
})

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
    <p v-else-if="refused" class="quiet" data-test="inside-refused">
      {{ format.sentence(refused.message) }}. {{ refused.fix }}
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
      <template v-for="name in shown" :key="name">
        <FigureLine v-if="figures[name]" :name="name" :figure="figures[name]" @working="emit('working', $event)" />
      </template>
      <PracticeList v-if="figures['insideLife']" :figure="figures['insideLife']" />
      <p class="quiet" data-test="inside-notes">{{ notes }}</p>
      <template v-if="seen?.value?.setsClearance">
        <ClearanceLife
          v-if="best"
          :best="best"
          :domain="domain"
          :runs="span"
          :classes="classes"
          :now-um="load.clearanceUm"
        />
        <template v-if="best">
          <FigureLine
            v-if="figures['bestClearance']"
            name="bestClearance"
            :figure="figures['bestClearance']"
            @working="emit('working', $event)"
          />
          <p class="quiet" data-test="best-clearance">
            Life against running clearance, {{ format.unit('deviation') }}; longest at
            {{ show(best.bestClearanceUm, 'deviation') }}. The band is what Float lets it run with.
          </p>
        </template>
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
