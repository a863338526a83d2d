<script setup lang="ts">
import type { FindingDetail } from '@yardfrost/contract'
import { factsOf, lookUpBearing, percentWords, racewaysOf } from '@yardfrost/core'
import { useElementSize } from '@vueuse/core'
import { computed, shallowRef, useTemplateRef } from 'vue'
import { api } from '../api/client.ts'
import RacewayStrip from '../drawing/raceway/RacewayStrip.vue'
import { stripFrame } from '../drawing/raceway/strip-frame.ts'
import SignDrawing from '../drawing/signs/SignDrawing.vue'
import { catalogue, damage } from '../references.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { shownTime } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import { ringTitle } from './damage-words.ts'

/** A finding on one page, to print and to sign: what was seen, how it ranked that day, what was decided, by whom. */
const { id } = defineProps<{ id: string }>()
const page = usePageState()
const detail = shallowRef<FindingDetail | null>(null)
const { failure, load } = useLoading(async () => {
  const now = await api.finding(id)
  detail.value = now
  page.crumbs = [
    { label: `${now.machine.tag} ${now.machine.name}`, to: { name: 'machine', params: { id: now.machine.id } } },
    { label: now.position.name, to: { name: 'position', params: { id: now.position.id, lens: 'diagnose' } } },
    { label: 'Finding' },
  ]
})

const byName = new Map(damage.signs.map((sign) => [sign.sign, sign]))
const labelOf = (sign: string) => byName.get(sign)?.label ?? sign
const causes = new Map(damage.causes.map((one) => [one.cause, one]))
const decided = computed(() => (detail.value?.cause ? (causes.get(detail.value.cause) ?? null) : null))
const bearing = computed(() => {
  const found = lookUpBearing(detail.value?.finding.designation ?? '', catalogue)
  return found.kind === 'found' ? found.bearing : null
})
const rolls = computed(() => (bearing.value ? factsOf(bearing.value.row.type).rolls : 'ball'))
const sheet = useTemplateRef('sheet')
const { width } = useElementSize(sheet)
const painted = computed(
  () => (detail.value?.finding.bands.length ?? 0) + (detail.value?.finding.marks.length ?? 0) > 0,
)
const raceways = computed(() => (bearing.value ? racewaysOf(bearing.value, null) : []))
const frames = computed(() => {
  let top = 40
  return (['outer', 'inner'] as const).flatMap((ring) => {
    const of = raceways.value.filter((one) => one.ring === ring)
    if (of.length === 0 || width.value === 0) return []
    const frame = stripFrame(of, { left: 56, width: Math.max(width.value - 80, 200), top, roomPx: 72 })
    top = frame.bottom + 66
    return [frame]
  })
})
const height = computed(() => (frames.value.at(-1)?.bottom ?? 0) + 28)
const times = { immediate: 'now', refit: 'at refit', machine: 'machine' } as const
const print = () => {
  window.print()
}
const cautions = [
  'Keep both rings, elements, cage and seals together, unwashed, until it is settled.',
  'Never spin a bearing with compressed air; never strike a ring: it splinters.',
  'The ranking is advice. A failure that could hurt people, or that repeats, goes to a specialist.',
]
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <article v-else-if="detail" class="finding" data-test="finding-page">
    <header>
      <div>
        <p class="label">Finding, {{ shownTime(detail.at) }}, {{ detail.by ?? 'somebody' }}</p>
        <h1>{{ decided?.title ?? 'Left open' }}</h1>
        <p>
          {{ detail.machine.tag }} {{ detail.machine.name }}, {{ detail.position.name.toLowerCase() }},
          {{ detail.machine.area }}; bearing <strong>{{ detail.finding.designation || 'unread' }}</strong>
        </p>
      </div>
      <p class="deeds">
        <button type="button" class="link" data-test="print" @click="print">Print</button>
        <a :href="`/api/findings/${id}/export.json`" class="link" download>JSON</a>
        <a :href="`/api/findings/${id}/export.csv`" class="link" download>CSV</a>
      </p>
    </header>
    <p v-if="detail.why" class="why">“{{ detail.why }}”</p>
    <p v-if="detail.finding.clearanceCalledFor" data-test="clearance">
      Clearance found <strong>{{ detail.finding.clearanceFound ?? 'unread' }}</strong>, called for
      <strong>{{ detail.finding.clearanceCalledFor }}</strong>{{
        detail.finding.clearanceFound === detail.finding.clearanceCalledFor
          ? ''
          : ': not the one the machine calls for'
      }}.
    </p>
    <div v-if="painted" ref="sheet" class="sheet">
      <svg v-if="width > 0" :width="width" :height="height" role="img" aria-label="Raceways unrolled, as they came out">
        <RacewayStrip
          v-for="frame in frames"
          :key="frame.ring"
          :frame="frame"
          :title="ringTitle(frame.ring, raceways, 'outer')"
          :bands="detail.finding.bands"
          :marks="detail.finding.marks"
          :load-shown="frame.ring === 'outer'"
        />
      </svg>
    </div>
    <section aria-label="What was seen">
      <h2>What was seen</h2>
      <ul class="signs">
        <li v-for="sign in detail.finding.seen" :key="sign">
          <SignDrawing :sign="sign" :rolls="rolls" />{{ labelOf(sign) }}
        </li>
        <li v-for="one in detail.finding.painted" :key="one.sign">
          <SignDrawing :sign="one.sign" :rolls="rolls" />{{ labelOf(one.sign) }}, {{ one.where }}
        </li>
      </ul>
      <p v-if="detail.finding.notSeen.length" class="quiet">
        Looked for and not there: {{ detail.finding.notSeen.map(labelOf).join('; ') }}
      </p>
    </section>
    <section aria-label="How it ranked that day">
      <h2>How it ranked that day</h2>
      <ol>
        <li
          v-for="one in detail.finding.ranking.slice(0, 5)"
          :key="one.cause"
          :class="{ decided: one.cause === detail.cause }"
        >
          <strong>{{ percentWords(one.probability) }}</strong>
          <span
            >{{ one.title }}<br /><span class="quiet">{{ one.because }}</span></span
          >
        </li>
      </ol>
      <p class="quiet">One cause assumed. Chances order causes; they are not measured frequencies.</p>
    </section>
    <section v-if="decided" aria-label="Put right">
      <h2>Put right</h2>
      <p v-for="one in decided.fix" :key="one.when" class="fix">
        <span class="label">{{ times[one.when] }}</span><span>{{ one.do }}</span>
      </p>
    </section>
    <ul class="cautions">
      <li v-for="one in cautions" :key="one">{{ one }}</li>
    </ul>
    <p class="signature">Decided by ____________________ &nbsp; on ____________</p>
  </article>
</template>

<style scoped>
.finding {
  display: grid;
  gap: 14px;
  max-width: 900px;
  margin: 0 auto;
  padding: 20px 24px 40px;
}

header {
  display: flex;
  justify-content: space-between;
  gap: 20px;
}

.deeds {
  display: flex;
  align-items: baseline;
  gap: 16px;
}

.why {
  font-size: 17px;
}

.signs {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 10px;
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}

.signs li {
  display: flex;
  align-items: center;
  gap: 10px;
}

ol {
  margin: 6px 0;
  padding: 0;
  list-style: none;
}

ol li {
  display: grid;
  grid-template-columns: 84px 1fr;
  padding: 4px 0;
}

ol .decided {
  font-weight: 650;
}

.fix {
  display: grid;
  grid-template-columns: 84px 1fr;
  padding: 2px 0;
}

.cautions {
  margin: 0;
  padding: 10px 14px 10px 30px;
  border: 1px solid var(--watch);
  border-radius: 4px;
  font-size: 14px;
}

.signature {
  display: none;
}

@media print {
  .deeds {
    display: none;
  }

  .finding {
    max-width: none;
    padding: 0;
    gap: 8px;
    font-size: 12px;
  }

  .signature {
    display: block;
    margin-top: 12px;
  }
}
</style>
