<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { usualChoice, type Choice, type Conflicting } from './conflict.ts'

/** Somebody saved first: what differs, line by line, with who changed it, and a choice for each. */
const { what, savedBy, lines } = defineProps<{
  /** What both have in hand, after "this". */
  what: string
  savedBy: string | null
  lines: readonly (Conflicting & { title: string; mineWords: string; theirsWords: string })[]
}>()
const emit = defineEmits<{
  /** Lines with what is chosen for each. */
  save: [chosen: Map<string, Choice>]
  theirs: []
}>()

type Line = (typeof lines)[number]
const chosen = ref(new Map<string, Choice>())
const choiceOf = (line: Line): Choice | null => chosen.value.get(line.path) ?? usualChoice(line)
const open = computed(() => lines.filter((line) => choiceOf(line) === null))
// A choice is of the two versions it was made between.
watch(
  () => lines,
  () => {
    chosen.value = new Map([...chosen.value].filter(([path]) => lines.some((line) => line.path === path)))
  },
)

const who = computed(() => savedBy ?? 'Somebody')
const by = ({ changedBy }: Line) => (changedBy === 'both' ? 'both of you' : changedBy === 'me' ? 'you' : who.value)

/** Theirs, with the lines of mine that are chosen; those that both touched go as `rest` says. */
function save(rest: Choice | null) {
  const all = lines.flatMap((line) => {
    const choice = choiceOf(line) ?? rest
    return choice ? [[line.path, choice] as const] : []
  })
  emit('save', new Map(all))
}
</script>

<template>
  <section class="conflict" role="alertdialog" aria-label="Two versions" data-test="conflict">
    <p>
      <strong>{{ who }} saved this {{ what }} since you opened it.</strong>
      Nothing is overwritten until you choose.
    </p>
    <div class="scroll">
      <table>
        <thead>
          <tr>
            <th scope="col">what differs</th>
            <th scope="col">mine</th>
            <th scope="col">theirs</th>
            <th scope="col">changed by</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.path" :data-line="line.path">
            <th scope="row">{{ line.title }}</th>
            <td v-for="side in ['mine', 'theirs'] as const" :key="side">
              <label :class="{ taken: choiceOf(line) === side }">
                <input
                  type="radio"
                  :name="`conflict-${line.path}`"
                  :checked="choiceOf(line) === side"
                  :data-take="side"
                  @change="chosen.set(line.path, side)"
                />
                {{
                  side === 'theirs'
                    ? line.theirsWords
                    : line.changedBy === 'them'
                      ? `untouched, ${line.mineWords}`
                      : line.mineWords
                }}
              </label>
            </td>
            <td class="quiet">{{ by(line) }}</td>
          </tr>
          <tr v-if="lines.length === 0">
            <td colspan="4">Nothing: both say the same.</td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="choice">
      <Button
        label="Save as chosen"
        size="small"
        :disabled="open.length > 0"
        data-test="save-chosen"
        @click="save(null)"
      />
      <Button
        label="Keep all I changed"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="keep-mine"
        @click="save('mine')"
      />
      <Button
        label="Take theirs"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="take-theirs"
        @click="emit('theirs')"
      />
      <span v-if="open.length" class="quiet" data-test="conflict-open">
        {{ open.length }} {{ open.length === 1 ? 'line was' : 'lines were' }} changed by both: choose.
      </span>
    </div>
  </section>
</template>

<style scoped>
.conflict {
  display: grid;
  gap: 8px;
  padding: 12px 18px;
  border-bottom: 1px solid var(--hair);
  background: var(--sheet);
}

.scroll {
  max-height: 40vh;
  overflow: auto;
}

table {
  max-width: 920px;
}

thead th {
  color: var(--ink-2);
  font: 15px var(--label);
}

th,
td {
  padding: 2px 20px 2px 0;
  border-bottom: 1px solid var(--hair);
  font-weight: 400;
  text-align: left;
  vertical-align: baseline;
}

input {
  accent-color: var(--spruce);
}

label {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 34px;
  cursor: pointer;
}

.taken {
  font-weight: 700;
}

.choice {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
</style>
