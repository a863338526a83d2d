<script setup lang="ts">
import type { PlantPoint } from '@yardfrost/contract'
import type { WeekMark } from '@yardfrost/core'
import { useVirtualList } from '@vueuse/core'
import { computed, ref, toRef, useTemplateRef } from 'vue'
import { markWords } from './words.ts'
import type { Week, WeekRow } from './use-weeks.ts'

/** The weeks ahead: a column a week, a row a machine, a mark for what is done there. Marks are dragged, or moved by arrows. */
const props = defineProps<{
  rows: readonly WeekRow[]
  weeks: readonly Week[]
  overdueMinutes: number
  byId: ReadonlyMap<string, PlantPoint>
  chosen: readonly string[]
  onRound: ReadonlySet<string>
  allowed: (ids: readonly string[]) => ReadonlySet<number>
  movable: boolean
}>()
const emit = defineEmits<{ choose: [ids: readonly string[]]; move: [ids: readonly string[], week: number] }>()

const rowHeight = 36
const rows = toRef(() => [...props.rows])
const { list, containerProps, wrapperProps } = useVirtualList(rows, { itemHeight: rowHeight, overscan: 12 })
const head = useTemplateRef('head')

const columns = computed(() => [
  { week: -1, label: 'overdue', minutes: props.overdueMinutes, stands: false },
  ...props.weeks.map(({ number, minutes, stands }, week) => ({ week, label: `week ${number}`, minutes, stands })),
])
const most = computed(() => Math.max(60, ...columns.value.map(({ minutes }) => minutes)))
const barPx = (minutes: number) => Math.round((40 * minutes) / most.value)

/** Every point of a machine, those that are due after these weeks too. */
const pointsOf = (machineId: string) =>
  [...props.byId.values()].filter(({ machine }) => machine.id === machineId).map(({ id }) => id)
const kindsOf = (ids: readonly string[]) => new Set(ids.flatMap((id) => props.byId.get(id)?.kind ?? []))
function textOf({ ids, minutes }: WeekMark): string {
  const kinds = [...kindsOf(ids)]
  const words = new Set(kinds.map((kind) => markWords[kind]))
  const [only] = words
  return words.size === 1 && only ? only : String(minutes)
}
const isChosen = ({ ids }: WeekMark) => props.chosen.length > 0 && ids.some((id) => props.chosen.includes(id))
/** A mark of the first visit can be moved; those after follow it. */
const isFirst = (marks: readonly WeekMark[], mark: WeekMark) =>
  mark.week >= 0 && !marks.some(({ week, ids }) => week < mark.week && ids.some((id) => mark.ids.includes(id)))

const drag = ref<{ ids: readonly string[]; from: number; at: number; allowed: ReadonlySet<number> } | null>(null)
function columnAt(x: number): number {
  const cells = [...(head.value?.querySelectorAll<HTMLElement>('[data-week]') ?? [])]
  const found = cells.find((cell) => {
    const { left, right } = cell.getBoundingClientRect()
    return left <= x && x < right
  })
  return Number(found?.dataset['week'] ?? NaN)
}
function pressed(event: PointerEvent, { ids, week }: WeekMark, first: boolean) {
  if (!props.movable || !first || event.button !== 0) return
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
  drag.value = { ids, from: week, at: week, allowed: props.allowed(ids) }
}
function moved(event: PointerEvent) {
  const at = drag.value ? columnAt(event.clientX) : NaN
  if (drag.value && !Number.isNaN(at)) drag.value = { ...drag.value, at }
}
function dropped() {
  const done = drag.value
  drag.value = null
  if (done && done.at !== done.from && done.allowed.has(done.at)) emit('move', done.ids, done.at)
}
function stepped(event: KeyboardEvent, { ids, week }: WeekMark, first: boolean) {
  const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0
  if (by === 0 || !props.movable || !first) return
  event.preventDefault()
  const allowed = props.allowed(ids)
  for (let to = week + by; to >= 0 && to < props.weeks.length; to += by)
    if (allowed.has(to)) {
      emit('move', ids, to)
      return
    }
}
const shade = (week: number) => ({
  stands: props.weeks[week]?.stands === true,
  fits: drag.value?.allowed.has(week) === true,
  aim: drag.value?.at === week && drag.value.allowed.has(week),
})
</script>

<template>
  <div class="picture" :style="{ '--weeks': weeks.length }">
    <div ref="head" class="line head" aria-hidden="true">
      <span />
      <span v-for="one in columns" :key="one.week" class="column" :data-week="one.week">
        <span class="minutes">{{ one.minutes || '' }}</span>
        <span class="bar" :class="{ late: one.week < 0 }" :style="{ height: `${barPx(one.minutes)}px` }" />
        <span class="label" :class="{ late: one.week < 0 && one.minutes > 0 }">{{ one.label }}</span>
      </span>
    </div>
    <div v-bind="containerProps" class="rows" tabindex="-1">
      <div v-bind="wrapperProps">
        <div
          v-for="{ data: row, index } in list"
          :key="row.key"
          class="line"
          :class="row.kind"
          :data-row="row.kind === 'machine' ? row.tag : null"
        >
          <template v-if="row.kind === 'area'">
            <h2>{{ row.name }}</h2>
            <span v-for="one in columns" :key="one.week" class="cell" :class="shade(one.week)" />
          </template>
          <template v-else>
            <button
              type="button"
              class="tag"
              :title="row.name"
              :data-tag="row.tag"
              @click="emit('choose', pointsOf(row.id))"
            >
              {{ row.tag }}
            </button>
            <span v-for="one in columns" :key="one.week" class="cell" :class="shade(one.week)">
              <button
                v-for="mark in row.marks.filter(({ week }) => week === one.week)"
                :key="mark.week"
                type="button"
                class="mark"
                :class="{
                  late: mark.week < 0,
                  quiet: textOf(mark) !== String(mark.minutes),
                  chosen: isChosen(mark),
                  taken: mark.ids.some((id) => onRound.has(id)) && (mark.week < 0 || isFirst(row.marks, mark)),
                  later: mark.week >= 0 && !isFirst(row.marks, mark),
                }"
                :data-mark="`${row.tag} ${mark.week < 0 ? 'overdue' : weeks[mark.week]?.number}`"
                :aria-label="`${row.tag}, ${one.label}: ${mark.ids.length} ${mark.ids.length === 1 ? 'point' : 'points'}, ${mark.minutes} minutes`"
                :data-index="index"
                @click="emit('choose', mark.ids)"
                @pointerdown="pressed($event, mark, isFirst(row.marks, mark))"
                @pointermove="moved"
                @pointerup="dropped"
                @pointercancel="drag = null"
                @keydown="stepped($event, mark, isFirst(row.marks, mark))"
              >
                {{ textOf(mark) }}
              </button>
            </span>
          </template>
        </div>
      </div>
    </div>
  </div>
</template>

<style scoped>
.picture {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr);
  min-height: 0;
}

.line {
  display: grid;
  grid-template-columns: minmax(110px, 150px) repeat(calc(var(--weeks) + 1), minmax(46px, 1fr));
}

.head {
  /* As much room for a bar as the rows below have. */
  overflow-y: hidden;
  scrollbar-gutter: stable;
  scrollbar-width: thin;
}

.column {
  display: grid;
  align-content: end;
  justify-items: center;
  height: 92px;
}

.bar {
  width: min(46px, 80%);
  border: 1px solid var(--spruce);
  background: color-mix(in srgb, var(--spruce) 12%, transparent);
}

.bar.late {
  border-color: var(--ember);
  background: var(--ember-soft);
}

.minutes {
  font-size: 15px;
  font-weight: 600;
}

.label {
  padding: 3px 0 5px;
  font-family: var(--label);
  font-size: 15px;
  color: var(--ink-2);
}

.label.late {
  font-weight: 600;
  color: var(--ember-text);
}

.rows {
  overflow-y: scroll;
  scrollbar-width: thin;
}

.rows .line {
  height: 36px;
}

h2,
.tag {
  display: flex;
  align-items: center;
  margin: 0;
  border-bottom: 1px solid var(--hair);
}

h2 {
  overflow: hidden;
  font-family: var(--label);
  font-size: 15px;
  font-weight: 500;
  white-space: nowrap;
  color: var(--ink-2);
}

.tag {
  padding: 0 0 0 18px;
  border-width: 0 0 1px;
  background: none;
  font: inherit;
  font-weight: 600;
  color: inherit;
  cursor: pointer;
}

.tag:hover {
  text-decoration: underline;
}

.cell {
  display: flex;
  align-items: center;
  justify-content: center;
  border-bottom: 1px solid var(--hair);
  border-left: 1px solid var(--hair);
}

.cell.stands {
  background: color-mix(in srgb, var(--spruce) 10%, transparent);
}

.cell.fits {
  background: var(--frost-soft);
}

.cell.aim {
  outline: 2px solid var(--frost);
  outline-offset: -2px;
}

.mark {
  min-width: 44px;
  height: 28px;
  padding: 0 6px;
  border: 1.6px solid var(--ink);
  border-radius: 14px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  font-size: 15px;
  font-weight: 600;
  cursor: pointer;
  touch-action: none;
}

.mark.quiet {
  border-color: var(--frost);
  color: var(--frost);
}

.mark.later {
  border-color: var(--hair);
  color: var(--ink-2);
}

.mark.late {
  border-color: var(--ember);
  background: var(--ember-soft);
  color: var(--ember-text);
}

.mark.taken {
  box-shadow:
    0 0 0 2px var(--paper),
    0 0 0 4px var(--spruce);
}

.mark.chosen {
  border-color: var(--spruce);
  background: var(--spruce);
  color: var(--on-spruce);
}
</style>
