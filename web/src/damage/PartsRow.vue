<script setup lang="ts">
import { partsOfSign, signsOfPart, type Examined, type Part } from '@yardfrost/core'
import { computed } from 'vue'
import SignDrawing from '../drawing/signs/SignDrawing.vue'
import { damage, signLabel } from '../references.ts'
import { partSign, partWords } from './damage-words.ts'

/** The parts of a bearing as drawings to press, each with the first thing it shows. */
const { parts, examined, seen } = defineProps<{
  parts: readonly Part[]
  examined: Examined | null
  seen: readonly string[]
}>()
const emit = defineEmits<{ open: [part: Part] }>()

const rolls = computed(() => examined?.rolls ?? 'ball')
const cards = computed(() =>
  parts
    .filter((part) => signsOfPart(part, damage.signs, examined).length > 0)
    .map((part) => {
      const on = seen.filter((sign) => partsOfSign(sign)[0] === part)
      return { part, first: on[0] ?? null, more: on.length - 1 }
    }),
)
</script>

<template>
  <ul class="parts-row" aria-label="The parts">
    <li v-for="{ part, first, more } in cards" :key="part">
      <button type="button" :class="{ told: first !== null }" :data-part="part" @click="emit('open', part)">
        <SignDrawing :sign="first ?? partSign[part]" :rolls="rolls" :size="44" />
        <strong>{{ partWords(part, rolls, examined?.oil ?? false) }}</strong>
        <span class="says">
          {{ first === null ? 'nothing said yet' : signLabel(first) }}{{ more > 0 ? ` and ${more} more` : '' }}
        </span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.parts-row {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(80px, 1fr));
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}

button {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 2px;
  width: 100%;
  height: 100%;
  padding: 6px 4px;
  border: 1px solid var(--hair);
  border-radius: 5px;
  background: none;
  text-align: center;
  cursor: pointer;
}

button.told {
  border: 2px solid var(--ink);
  background: var(--sheet);
}

strong {
  font-size: 15px;
}

.says {
  color: var(--ink-2);
  font: 14px/1.15 var(--label);
}

.told .says {
  color: var(--ember-text);
}
</style>
