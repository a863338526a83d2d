<script setup lang="ts">
import {
  bearingTypeNames,
  compareNumbers,
  featureWords,
  lookUpBearing,
  mostOfIdentify,
  readSizes,
  searchCatalogue,
  type CatalogueRow,
  type ComparedLine,
  type ResolvedBearing,
  type SaidSizes,
} from '@yardfrost/core'
import { useElementSize } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, reactive, ref, useTemplateRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import LookAlikes from '../drawing/LookAlikes.vue'
import { halfSection } from '../drawing/half-section.ts'
import { sizesSaid, sizeWords } from '../figures/size-words.ts'
import { useFormat } from '../figures/use-format.ts'
import VerdictMark from '../figures/VerdictMark.vue'
import TakenPhotos from '../field/TakenPhotos.vue'
import NumberInput from '../form/NumberInput.vue'
import { catalogue } from '../references.ts'
import { useSettings } from '../shell/settings.ts'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownTime } from '../shell/shown-time.ts'
import { useAsking } from '../shell/use-asking.ts'
import { useShelf } from '../shelf/use-shelf.ts'
import { api } from '../api/client.ts'
import AtPlace from './AtPlace.vue'
import LooseList from './LooseList.vue'
import StandIns from './StandIns.vue'
import { useCounterPhotos } from './use-counter-photos.ts'
import WhereFitted from './WhereFitted.vue'
import { likenessWords, thingWords, togetherWords, verdictOf } from './words.ts'

/** What lies here, and can it go in? Two numbers side by side, and no machine. */
const route = useRoute()
const router = useRouter()
const page = usePageState()
const format = useFormat()
const settings = useSettings()
const session = useSession()
const { busy, trouble, asking } = useAsking()
const { photos, urls, take, remove, handOver } = useCounterPhotos()
const { shelf, linesOf } = useShelf()
page.crumbs = [{ label: 'Counter' }]
page.saving = null

const text = (name: string) => (typeof route.query[name] === 'string' ? route.query[name] : '')
const numbers = reactive({ here: text('here'), wanted: text('wanted') })
/** Position that the bearing on the counter is judged in; empty for none. */
const at = ref(text('at'))
watch([numbers, at], () => {
  const said = Object.entries({ ...numbers, at: at.value }).filter(([, value]) => value)
  void router.replace({ name: 'counter', query: Object.fromEntries(said) })
})

/** So many numbers of one size are offered. */
const mostOffered = 24
/** Fewer letters begin too many numbers. */
const leastTyped = 3
const sides = computed(() => ({ here: look(numbers.here), wanted: look(numbers.wanted) }))
/** What was typed: a size, a number that is in the tables, or neither, with what is wrong. */
function look(typed: string): {
  bearing: ResolvedBearing | null
  says: string
  refused: boolean
  offers: CatalogueRow[]
} {
  const sizes = readSizes(typed, settings.units)
  if (sizes) {
    const offers = searchCatalogue(catalogue, { ...sizes, limit: mostOffered })
    const says = offers.length > 0 ? 'In the tables with that size:' : `Nothing in the tables has ${understood(sizes)}.`
    return { bearing: null, says, refused: offers.length === 0, offers }
  }
  const found = lookUpBearing(typed, catalogue)
  if (found.kind === 'none') return { bearing: null, says: '', refused: false, offers: [] }
  if (found.kind === 'refused') {
    const { message, fix } = found.refusal
    // Part of a number, or one ring of a cone and cup: what begins so is at hand.
    const offers =
      typed.trim().length >= leastTyped ? searchCatalogue(catalogue, { text: typed, limit: mostOffered }) : []
    return { bearing: null, says: `${message.replace('designation', 'The number')}. ${fix}`, refused: true, offers }
  }
  const { decoded, row } = found.bearing
  const features = decoded.features.map((one) => format.sentence(featureWords(one)))
  const unread = decoded.unknown.length > 0 ? [`not read: ${decoded.unknown.join(' ')}`] : []
  const says = [bearingTypeNames[row.type], ...features, ...unread].join(', ')
  return { bearing: found.bearing, says, refused: false, offers: [] }
}
/** Sizes as they were understood. */
const understood = ({ boreMm, odMm, widthMm }: SaidSizes) =>
  sizesSaid(
    [boreMm, odMm, widthMm].filter((mm) => mm !== null),
    format,
  )
const comparison = computed(() => {
  const { here, wanted } = sides.value
  return here.bearing && wanted.bearing ? compareNumbers(here.bearing, wanted.bearing) : null
})
/** What stands between them first, then what is alike. */
const lines = computed(() =>
  [...(comparison.value?.lines ?? [])].sort((a, b) => Number(a.likeness === 'same') - Number(b.likeness === 'same')),
)
const apart = computed(() => lines.value.filter(({ likeness }) => likeness === comparison.value?.likeness && likeness !== 'same')) // prettier-ignore
const shown = ({ quantity, decimals }: ComparedLine, value: ComparedLine['here']): string =>
  value.kind === 'text'
    ? format.sentence(value.text)
    : format.inline(value, quantity, decimals === undefined ? undefined : { decimals: plainDecimals(value, decimals) })
/** A size is shown with the digits it has. */
const plainDecimals = (value: ComparedLine['here'], most: number) =>
  value.kind === 'number' ? Math.min(most, (String(value.number).split('.')[1] ?? '').length) : most

const sheet = useTemplateRef('sheet')
const { width } = useElementSize(sheet)
/** Where both have one base number, the places are told once. */
const alikeSize = computed(() => sides.value.here.bearing?.decoded.size === sides.value.wanted.bearing?.decoded.size)
/** How many of a number lie on the shelf, and where; nothing where it is not known. */
function onShelf(designation: string): string {
  if (!shelf.value) return ''
  const lines = linesOf(designation).filter(({ count }) => count > 0)
  if (lines.length === 0) return 'not on the shelf'
  return `on the shelf: ${lines.map(({ count, place }) => `${count} in ${place}`).join(', ')}`
}
/** What stand-ins are sought for: what is called for, else what lies here. */
const toReplace = computed(() => sides.value.wanted.bearing ?? sides.value.here.bearing)
const candidates = computed(() =>
  (['here', 'wanted'] as const).flatMap((side) => {
    const { bearing } = sides.value[side]
    const note = side === 'here' ? 'on the counter' : 'to go where this was'
    return bearing
      ? [{ name: bearing.decoded.normal, section: halfSection(bearing), note, tell: sizeWords(bearing.row, format) }]
      : []
  }),
)
function change() {
  Object.assign(numbers, { here: numbers.wanted, wanted: numbers.here })
  at.value = ''
}

/** Somebody looks at a place: its number is what is called for. */
function choosePlace({ id, designation }: { id: string; designation: string }) {
  numbers.wanted = designation
  at.value = at.value === id ? '' : id
}

/** Takes what lies here to a bench of its own; without a number it is measured there. */
const toBench = (designation: string) =>
  asking(async () => {
    const name = designation || `Loose, ${shownTime(new Date().toISOString())}`
    const { id } = await api.addLoose({ name, designation, photos: photos.value })
    handOver()
    await router.push(
      designation
        ? { name: 'position', params: { id, lens: 'identify' } }
        : { name: 'position', params: { id, lens: 'identify' }, query: { page: 'measure' } },
    )
  })
</script>

<template>
  <div class="counter">
    <header>
      <h1>What lies here, and can it go in?</h1>
      <span class="deeds">
        <RouterLink class="link shelf" :to="{ name: 'shelf' }" data-test="to-shelf">The shelf</RouterLink>
        <RouterLink class="link shelf" :to="{ name: 'plain-or-rolling' }" data-test="to-plain-or-rolling"
          >Plain or rolling?</RouterLink
        >
        <Button
          v-if="numbers.here && numbers.wanted"
          label="The other way round"
          severity="secondary"
          variant="outlined"
          data-test="turn-round"
          @click="change"
        />
        <template v-if="session.maySave">
          <Button
            v-if="sides.here.bearing"
            label="Take to a bench of its own"
            severity="secondary"
            variant="outlined"
            :disabled="busy"
            data-test="to-bench"
            @click="toBench(sides.here.bearing.decoded.normal)"
          />
          <Button
            v-if="!numbers.here"
            label="Measure it: no number to read"
            severity="secondary"
            variant="outlined"
            :disabled="busy"
            data-test="to-measure"
            @click="toBench('')"
          />
        </template>
      </span>
    </header>
    <p v-if="trouble" class="error" role="alert" data-test="counter-trouble">
      {{ trouble.message }}. {{ trouble.fix }}
    </p>
    <div class="two">
      <section
        v-for="side in ['here', 'wanted'] as const"
        :key="side"
        :aria-label="side === 'here' ? 'On the counter' : 'To go where this was'"
      >
        <!-- prettier-ignore -->
        <NumberInput
          :id="`counter-${side}`"
          v-model="numbers[side]"
          :title="side === 'here' ? 'On the counter' : 'To go where this was'"
          :test="`counter.${side}`"
          placeholder="22218 EK, or a size: 30 × 62 × 16"
        />
        <p class="tells">
          <span :class="sides[side].refused ? 'error' : 'quiet'" :data-test="`says-${side}`">{{
            sides[side].says
          }}</span>
          <RouterLink
            v-if="sides[side].bearing && shelf"
            class="quiet"
            :to="{ name: 'shelf' }"
            :data-test="`shelf-${side}`"
            >{{ onShelf(sides[side].bearing.decoded.normal) }}</RouterLink
          >
        </p>
        <p v-if="sides[side].offers.length" class="offers">
          <button
            v-for="row in sides[side].offers"
            :key="row.designation"
            type="button"
            :data-offer="row.designation"
            @click="numbers[side] = row.designation"
          >
            {{ row.designation }}
            <span class="quiet">{{ bearingTypeNames[row.type] }}, {{ sizeWords(row, format) }}</span>
          </button>
        </p>
        <WhereFitted
          v-if="sides[side].bearing && (side === 'wanted' || !alikeSize)"
          :number="sides[side].bearing.decoded.size"
          :chosen="at"
          @choose="choosePlace"
        />
        <TakenPhotos
          v-if="side === 'here'"
          class="beside"
          :photos="photos"
          :urls="urls"
          :most="mostOfIdentify"
          :may="session.maySave"
          :take="take"
          @remove="remove"
        />
      </section>
    </div>
    <div ref="sheet" class="drawn">
      <LookAlikes
        v-if="candidates.length && width > 0"
        :candidates="candidates"
        :width="width"
        :height="260"
        :told="1"
      />
      <p v-else class="empty">
        Type the number as it stands on the ring, suffixes and all, or a size such as 30 × 62 × 16 or 1 1/4 in. What
        cannot be read is left out, not guessed. The same base number is never the same bearing.
      </p>
    </div>
    <table v-if="comparison" data-test="comparison">
      <thead class="visually-hidden">
        <tr>
          <th>What</th>
          <th>On the counter</th>
          <th>To go where this was</th>
          <th>Same or not</th>
          <th>What comes of it</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="line in lines" :key="line.what" :data-line="line.what" :data-likeness="line.likeness">
          <td class="label">{{ thingWords[line.what] }}</td>
          <td>{{ shown(line, line.here) }}</td>
          <td>{{ shown(line, line.wanted) }}</td>
          <td :class="['likeness', line.likeness]">
            <VerdictMark v-if="line.likeness !== 'same'" :state="verdictOf[line.likeness]" :size="16" />
            {{ likenessWords[line.likeness] }}
          </td>
          <td>
            <template v-if="line.saying">
              {{ format.sentence(line.saying.reason) }}
              <span class="quiet">{{ format.sentence(line.saying.wayOut) }}</span>
            </template>
          </td>
        </tr>
      </tbody>
    </table>
    <AtPlace v-if="at && sides.here.bearing" :id="at" :designation="sides.here.bearing.decoded.normal" />
    <StandIns
      v-if="toReplace"
      :wanted="toReplace"
      :on-shelf="onShelf"
      @choose="numbers[sides.wanted.bearing ? 'here' : 'wanted'] = $event"
    />
    <LooseList v-if="!numbers.here && !numbers.wanted" />
    <p v-if="comparison" class="strip" role="status" data-test="counter-says">
      <VerdictMark :state="verdictOf[comparison.likeness]" :size="20" />
      <strong :class="verdictOf[comparison.likeness]">{{ togetherWords[comparison.likeness] }}</strong>
      <span v-if="apart.length">{{ apart.map(({ what }) => thingWords[what].toLowerCase()).join(', ') }}</span>
      <span v-else class="quiet">both numbers say the same; what a number does not say, look at on the ring</span>
    </p>
  </div>
</template>

<style scoped>
.counter {
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-height: 100%;
  padding: 16px 24px 0;
}

.counter > :last-child:not(.strip) {
  margin-bottom: 32px;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}

.tells {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 2px 16px;
}

.deeds {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 12px;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px 40px;
}

.two section {
  min-width: 0;
}

.two :deep(input) {
  font-size: 30px;
  font-weight: 700;
}

.two :deep(input::placeholder) {
  font-size: 20px;
  font-weight: 400;
}

.two p {
  min-height: 22px;
  margin-top: 6px;
}

.beside {
  margin-top: 12px;
}

.offers {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.offers button {
  min-height: 44px;
  padding: 0 12px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  background: var(--sheet);
  font-weight: 600;
  cursor: pointer;
}

.drawn {
  min-height: 120px;
}

.empty {
  max-width: 62ch;
  font-size: 17px;
}

table {
  width: 100%;
  border-collapse: collapse;
}

td {
  padding: 8px 14px 8px 0;
  border-top: 1px solid var(--hair);
  vertical-align: top;
}

.likeness {
  white-space: nowrap;
}

.likeness.same {
  color: var(--ink-2);
}

.likeness.never,
.stop {
  color: var(--stop);
  font-weight: 650;
}

.likeness.goes,
.likeness.look,
.watch {
  color: var(--watch);
  font-weight: 650;
}

.strip {
  position: sticky;
  bottom: 0;
  margin-top: auto;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  margin-inline: -24px;
  padding: 12px 24px;
  border-top: 1px solid var(--hair);
  background: var(--sheet);
}

@media (max-width: 760px) {
  .two {
    grid-template-columns: 1fr;
  }
}
</style>
