<script setup lang="ts">
import { replacements, type Replacement, type ReplacementKind, type ResolvedBearing } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import { catalogue } from '../references.ts'

/** What may go in the place of a bearing, nearest first, and what to look at before it does. */
const { wanted } = defineProps<{ wanted: ResolvedBearing; onShelf: (designation: string) => string }>()
defineEmits<{ choose: [designation: string] }>()
const format = useFormat()

const titles: Record<ReplacementKind, string> = {
  'exact': 'As its number says',
  'change': 'With one thing else',
  'seat-work': 'With work on the seats',
  'type': 'Another type: judge the place anew',
} // prettier-ignore
const groups = computed(() => {
  const all = replacements(wanted, catalogue)
  return (Object.keys(titles) as ReplacementKind[])
    .map((kind) => ({ kind, found: all.filter((one) => one.kind === kind) }))
    .filter(({ found }) => found.length > 0)
})
const minds = ({ minds: said }: Replacement) => said.map((one) => format.sentence(one)).join(' ')
</script>

<template>
  <section aria-label="What may go in its place" data-test="stand-ins">
    <h2>What may go in the place of {{ wanted.decoded.normal }}</h2>
    <table>
      <tbody v-for="{ kind, found } in groups" :key="kind" :data-stand-ins="kind">
        <tr v-for="(one, index) in found" :key="one.designation">
          <td class="label">{{ index === 0 ? titles[kind] : '' }}</td>
          <td>
            <button
              type="button"
              class="link"
              :data-stand-in="one.designation"
              @click="$emit('choose', one.designation)"
            >
              {{ one.designation }}
            </button>
          </td>
          <td class="quiet">{{ minds(one) }}</td>
          <td class="label">{{ onShelf(one.designation) }}</td>
        </tr>
      </tbody>
    </table>
    <p class="quiet">From the tables; whether anybody makes or stocks it, the seller knows.</p>
  </section>
</template>

<style scoped>
table {
  width: 100%;
  margin: 6px 0;
  border-collapse: collapse;
}

td {
  padding: 6px 14px 6px 0;
  border-top: 1px solid var(--hair);
  vertical-align: top;
}

td:first-child {
  width: 180px;
}

td:nth-child(2) {
  width: 150px;
  font-weight: 600;
  white-space: nowrap;
}
</style>
