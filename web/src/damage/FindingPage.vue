<script setup lang="ts">
import type { FindingDetail } from '@yardfrost/contract'
import { factsOf, findingCautions, findBearing, percentWords, pictureLength } from '@yardfrost/core'
import { computed, shallowRef } from 'vue'
import { api } from '../api/client.ts'
import SignDrawing from '../drawing/signs/SignDrawing.vue'
import { catalogue, causeNamed, signLabel } from '../references.ts'
import { useFormat } from '../figures/use-format.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { shownTime } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import { measuredWords } from './measured-words.ts'
import RingsUnrolled from './RingsUnrolled.vue'

/** A finding on one page, to print and to sign: what was seen, how it ranked that day, what was decided, by whom. */
const { id } = defineProps<{ id: string }>()
const page = usePageState()
const format = useFormat()
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

const decided = computed(() => (detail.value?.cause ? causeNamed(detail.value.cause) : null))
const bearing = computed(() => findBearing(detail.value?.finding.designation ?? '', catalogue))
const rolls = computed(() => (bearing.value ? factsOf(bearing.value.row.type).rolls : 'ball'))
/** Of this bearing, and of the other one where it stood in a pair. */
const rings = computed(() => {
  const { bands = [], marks = [], mateBands = [], mateMarks = [] } = detail.value?.finding ?? {}
  return [
    { title: '', bands, marks },
    { title: 'The other of the pair', bands: mateBands, marks: mateMarks },
  ]
})
/** Each with its place and the lengths that were measured in it. */
const photos = computed(() => {
  const now = detail.value
  return (now?.finding.photos ?? []).map((one) => {
    const lengths = one.lengths.flatMap((line) => {
      const measured = one.known && pictureLength(line, one.known)
      return measured ? [measuredWords(measured, format)] : []
    })
    return {
      photo: one.photo,
      url: `/api/positions/${now?.position.id}/photos/${one.photo}`,
      words: [`${one.ring} ring at ${Math.round(one.deg)}°`, ...lengths].join('; '),
    }
  })
})
const times = { immediate: 'now', refit: 'at refit', machine: 'machine' } as const
const print = () => {
  window.print()
}
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
    <template v-if="bearing">
      <template v-for="one in rings" :key="one.title">
        <template v-if="one.bands.length + one.marks.length > 0">
          <h2 v-if="one.title">{{ one.title }}</h2>
          <RingsUnrolled
            :bearing="bearing"
            :load-case="detail.finding.loadCase"
            :bands="one.bands"
            :marks="one.marks"
          />
        </template>
      </template>
    </template>
    <section v-if="photos.length" class="photographs" aria-label="Photographs">
      <figure v-for="one in photos" :key="one.photo">
        <a :href="one.url" target="_blank"><img :src="one.url" :alt="one.words" /></a>
        <figcaption>{{ one.words }}</figcaption>
      </figure>
    </section>
    <section aria-label="What was seen">
      <h2>What was seen</h2>
      <ul class="signs">
        <li v-for="sign in detail.finding.seen" :key="sign">
          <SignDrawing :sign="sign" :rolls="rolls" />{{ signLabel(sign) }}
        </li>
        <li v-for="one in detail.finding.painted" :key="one.sign">
          <SignDrawing :sign="one.sign" :rolls="rolls" />{{ signLabel(one.sign) }}, {{ one.where }}
        </li>
      </ul>
      <p v-if="detail.finding.notSeen.length" class="quiet">
        Looked for and not there: {{ detail.finding.notSeen.map(signLabel).join('; ') }}
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
      <li v-for="one in findingCautions" :key="one">{{ one }}</li>
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

.photographs {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 12px;
}

figure {
  margin: 0;
}

figure img {
  width: 100%;
  border: 1px solid var(--hair);
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
