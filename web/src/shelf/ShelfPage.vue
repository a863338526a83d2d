<script setup lang="ts">
import type { StockLine } from '@yardfrost/contract'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import SectionThumb from '../drawing/SectionThumb.vue'
import { sectionOf } from '../drawing/section-of.ts'
import TakeFile from '../form/TakeFile.vue'
import { api } from '../api/client.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { usePageState } from '../shell/page-state.ts'
import { useSession } from '../shell/session.ts'
import { shownDay } from '../shell/shown-time.ts'
import ShelfSays from './ShelfSays.vue'
import StockForm from './StockForm.vue'
import { useShelf } from './use-shelf.ts'
import { conditionWords } from './words.ts'

/** What lies in stock, where, how many; to take out, put in and count. */
const page = usePageState()
const session = useSession()
page.crumbs = [{ label: 'Counter', to: { name: 'counter' } }, { label: 'Shelf' }]
page.saving = null
const { shelf, says, failure, load, busy, trouble, move } = useShelf()

const search = ref('')
const found = computed(() => {
  const words = search.value.toUpperCase().split(/\s+/).filter(Boolean)
  return (shelf.value?.lines ?? []).filter(({ designation, place, note }) =>
    words.every((word) => `${designation} ${place} ${note}`.toUpperCase().includes(word)),
  )
})
/** So many are drawn at once. */
const shown = ref(100)

/** What is entered beside the lines: a new one, or one of them. */
const entering = ref<{ line: StockLine | null; designation: string } | null>(null)
async function kept() {
  entering.value = null
  await load()
}
/** A line that is being counted, and what was counted. */
const counting = ref<{ id: string; count: string } | null>(null)
async function count(line: StockLine) {
  const many = Number(counting.value?.count.trim() || Number.NaN)
  if (Number.isInteger(many) && many >= 0 && (await move(line, 'counted', many))) counting.value = null
}

const told = ({ condition, greasedOn, note }: StockLine) =>
  [
    condition === 'opened' ? conditionWords.opened : '',
    greasedOn ? `greased ${shownDay(greasedOn)}` : '',
    note,
  ].filter(Boolean).join(', ') // prettier-ignore
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <div v-else-if="shelf && says" class="shelf">
    <section class="left" aria-label="Lines">
      <header>
        <h1>What lies on the shelf?</h1>
        <InputText
          v-model="search"
          placeholder="number or place"
          aria-label="Find on the shelf"
          data-test="shelf-search"
        />
        <Button
          v-if="session.maySave"
          label="Put a number in a place"
          severity="secondary"
          variant="outlined"
          data-test="add-stock"
          @click="entering = { line: null, designation: '' }"
        />
      </header>
      <p v-if="trouble" class="error" role="alert" data-test="shelf-trouble">
        {{ trouble.message }}. {{ trouble.fix }}
      </p>
      <ul v-if="found.length" class="lines">
        <li
          v-for="line in found.slice(0, shown)"
          :key="line.id"
          :data-stock="line.designation"
          :data-place="line.place"
        >
          <SectionThumb small :section="sectionOf(line.designation)" />
          <button type="button" class="what" :disabled="!session.maySave" @click="entering = { line, designation: '' }">
            <strong>{{ line.designation }}</strong>
            <span class="quiet">{{ told(line) }}</span>
          </button>
          <span class="place">{{ line.place }}</span>
          <form v-if="counting?.id === line.id" class="hands" @submit.prevent="count(line)">
            <InputText
              v-model="counting.count"
              autofocus
              inputmode="numeric"
              class="counted"
              aria-label="How many were counted"
              data-test="counted"
            />
            <Button type="submit" label="Counted" size="small" :disabled="busy" data-test="counted-keep" />
            <Button label="Leave it" size="small" variant="text" @click="counting = null" />
          </form>
          <span v-else class="hands">
            <template v-if="session.maySave">
              <button
                type="button"
                class="hand"
                :disabled="busy || line.count === 0"
                :aria-label="`Take one ${line.designation} out of ${line.place}`"
                data-test="stock-out"
                @click="move(line, 'out', 1)"
              >
                −
              </button>
            </template>
            <span class="count" :class="{ none: line.count === 0 }" data-test="stock-count">{{ line.count }}</span>
            <template v-if="session.maySave">
              <button
                type="button"
                class="hand"
                :disabled="busy"
                :aria-label="`Put one ${line.designation} in ${line.place}`"
                data-test="stock-in"
                @click="move(line, 'in', 1)"
              >
                +
              </button>
              <button
                type="button"
                class="link"
                data-test="stock-counted"
                @click="counting = { id: line.id, count: '' }"
              >
                count
              </button>
            </template>
          </span>
        </li>
      </ul>
      <p v-else class="empty" data-test="shelf-empty">
        {{
          shelf.lines.length > 0
            ? 'Nothing on the shelf has that in its number or place.'
            : 'Nothing is entered yet. Put a number in a place, or take a file in with the columns bearing, place, count. Jobs then see what lies here, and what is missing for what is planned is told.'
        }}
      </p>
      <p v-if="found.length > shown">
        <Button :label="`${found.length - shown} more`" severity="secondary" variant="outlined" @click="shown += 400" />
      </p>
      <footer>
        <a href="/api/shelf.csv" download class="link">Keep as CSV</a>
        <RouterLink class="link" :to="{ name: 'shelf-labels' }" data-test="shelf-labels">Labels to print</RouterLink>
        <TakeFile
          v-if="session.maySave"
          test="shelf"
          :send="api.importStock"
          :name-of="({ designation }) => designation"
          @saved="load"
        />
      </footer>
    </section>
    <aside class="right" aria-label="What it comes to">
      <StockForm
        v-if="entering"
        :key="entering.line?.id ?? entering.designation"
        v-bind="entering"
        @kept="kept"
        @close="entering = null"
      />
      <ShelfSays
        v-else
        :says="says"
        @show="search = $event.designation"
        @add="entering = { line: null, designation: $event }"
      />
    </aside>
  </div>
</template>

<style scoped>
.shelf {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(360px, 1fr);
  min-height: 100%;
}

.left {
  display: grid;
  align-content: start;
  gap: 12px;
  min-width: 0;
  padding: 16px 24px;
  border-right: 1px solid var(--hair);
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 18px;
}

h1 {
  flex: 1;
}

.right {
  padding: 18px 22px;
}

.lines {
  margin: 0;
  padding: 0;
  list-style: none;
}

.lines li {
  display: grid;
  grid-template-columns: 72px minmax(0, 1fr) 120px 260px;
  align-items: center;
  gap: 14px;
  min-height: 60px;
  border-top: 1px solid var(--hair);
}

.what {
  display: grid;
  gap: 1px;
  min-height: 44px;
  padding: 4px 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
}

.what:disabled {
  color: inherit;
  cursor: default;
}

.what strong {
  font-size: 18px;
}

.what:not(:disabled):hover strong {
  text-decoration: underline;
}

.place {
  font: 17px var(--label);
}

.hands {
  display: flex;
  align-items: center;
  justify-content: flex-end;
  gap: 10px;
}

.hand {
  width: 44px;
  height: 44px;
  border: 1px solid var(--ink-2);
  border-radius: 4px;
  background: var(--sheet);
  font-size: 20px;
  cursor: pointer;
}

.hand:disabled {
  border-color: var(--hair);
  color: var(--ink-2);
  cursor: default;
}

.count {
  min-width: 44px;
  font-size: 24px;
  font-weight: 700;
  text-align: center;
}

.count.none {
  color: var(--stop);
}

.counted {
  width: 80px;
}

.empty {
  max-width: 60ch;
  font-size: 17px;
}

footer {
  display: grid;
  justify-items: start;
  gap: 6px;
}

@media (max-width: 980px) {
  .shelf {
    grid-template-columns: 1fr;
  }

  .lines li {
    grid-template-columns: 60px minmax(0, 1fr) auto;
  }

  .hands {
    grid-column: 1 / -1;
    padding-bottom: 10px;
  }
}
</style>
