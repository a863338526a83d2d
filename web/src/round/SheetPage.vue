<script setup lang="ts">
import type { RoundPoint } from '@yardfrost/contract'
import { purged, type PointPlan } from '@yardfrost/core'
import Button from 'primevue/button'
import { useFormat } from '../figures/use-format.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { shownDay } from '../shell/shown-time.ts'
import { useLoading } from '../shell/use-loading.ts'
import { useRound } from './use-round.ts'
import { cameWords, pointKindWords, pointName } from './words.ts'

/** A round on paper, with boxes to tick and lines to write on; black on white. */
const { id } = defineProps<{ id: string }>()
const work = useRound(id)
const page = usePageState()
const format = useFormat()
page.saving = null
const { failure, load } = useLoading(async () => {
  await work.load()
  page.crumbs = [
    { label: 'Rounds', to: { name: 'rounds' } },
    { label: work.round.value?.title ?? '', to: { name: 'round', params: { id } } },
    { label: 'On paper' },
  ]
})
const print = () => window.print()
/** Grams, the grease, the gun: what is known of them. */
const givenOf = ({ work: { lubricant, gun } }: RoundPoint, { quantityG }: PointPlan) =>
  [quantityG === null ? '' : format.inline({ kind: 'number', number: quantityG }, 'gunStroke'), lubricant, gun?.name]
    .filter(Boolean)
    .join(', ')
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="work.round.value" class="paper">
    <p class="press">
      <Button label="Print" data-test="print" @click="print" />
      <a class="link" :href="`/api/rounds/${id}/export.csv`" download data-test="round-csv">CSV</a>
    </p>
    <article class="sheet" data-test="sheet">
      <header>
        <h1>{{ work.round.value.title }}</h1>
        <p>
          Round {{ work.round.value.number }} · {{ shownDay(work.round.value.day) }}
          {{ work.round.value.walkedBy ? ` · ${work.round.value.walkedBy}` : '' }} ·
          {{ work.progress.value.length }} points
        </p>
      </header>
      <table>
        <thead>
          <tr>
            <th>Done</th>
            <th>Point</th>
            <th>Give</th>
            <th>Came out</th>
            <th>°C before</th>
            <th>after</th>
            <th>Not done, because</th>
          </tr>
        </thead>
        <tbody v-for="{ point, plan, progress } in work.progress.value" :key="point.id">
          <tr>
            <td>
              <span class="box">{{ progress.state === 'done' ? '✓' : '' }}</span>
            </td>
            <td>
              <strong>{{ pointName(point) }}</strong>
              <span>{{ point.machine.area }}{{ point.own.access ? `, ${point.own.access}` : '' }}</span>
            </td>
            <td>
              <strong>{{
                point.kind === 'grease'
                  ? plan.strokes === null
                    ? ''
                    : `${plan.strokes} strokes`
                  : pointKindWords[point.kind]
              }}</strong>
              <span v-if="plan.quantityG !== null">{{ givenOf(point, plan) }}</span>
            </td>
            <td class="words">
              <template v-if="point.kind === 'grease'">
                <span v-for="one in purged" :key="one" :class="{ ringed: progress.came === one }">{{
                  cameWords[one]
                }}</span>
              </template>
            </td>
            <td>{{ progress.readings.before ?? '' }}</td>
            <td>{{ progress.readings.after ?? '' }}</td>
            <td>{{ progress.note }}</td>
          </tr>
        </tbody>
      </table>
      <p class="foot">
        Never a hand, sleeve, hose or gun inside a guard; lock out where the nipple is inside. One gun, one grease. Site
        rules and the machines’ manuals come first.
      </p>
      <p class="sign"><span>Walked by</span><span>Date</span><span>Signed</span></p>
    </article>
  </div>
</template>

<style scoped>
.paper {
  height: 100%;
  padding: 20px;
  overflow-y: auto;
}

.press {
  display: flex;
  align-items: center;
  gap: 18px;
  margin: 0 auto 14px;
  width: min(1040px, 100%);
}

.sheet {
  width: min(1040px, 100%);
  margin: 0 auto;
  padding: 28px 32px;
  background: #fff;
  color: #000;
}

h1,
p {
  margin: 0;
}

table {
  width: 100%;
  margin-top: 14px;
  border-collapse: collapse;
}

th {
  padding: 4px 8px;
  border-bottom: 1.6px solid #000;
  font: 500 14px var(--label);
  text-align: left;
}

td {
  height: 46px;
  padding: 4px 8px;
  border-bottom: 1px solid #888;
  vertical-align: middle;
}

td > strong,
td > span {
  display: block;
}

td > span {
  font-size: 14px;
}

tbody {
  break-inside: avoid;
}

.box {
  display: grid;
  place-items: center;
  width: 24px;
  height: 24px;
  border: 1.6px solid #000;
}

.words span {
  display: inline-block;
  padding: 0 5px;
}

.words .ringed {
  border: 1.4px solid #000;
  border-radius: 10px;
}

.foot {
  margin-top: 14px;
  font-size: 14px;
}

.sign {
  display: grid;
  grid-template-columns: 2fr 1fr 2fr;
  gap: 18px;
  margin-top: 40px;
}

.sign span {
  padding-top: 4px;
  border-top: 1px solid #000;
  font: 500 14px var(--label);
}

@media print {
  .press {
    display: none;
  }

  .paper {
    padding: 0;
    overflow: visible;
  }

  .sheet {
    width: auto;
    padding: 0;
  }

  thead {
    display: table-header-group;
  }
}
</style>
