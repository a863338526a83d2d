<script setup lang="ts">
import type { Examined, Part, Sign } from '@yardfrost/core'
import { signsOfPart } from '@yardfrost/core'
import { computed } from 'vue'
import SignDrawing from '../drawing/signs/SignDrawing.vue'
import { damage } from '../references.ts'
import { partWords } from './damage-words.ts'

/** The marks a part can carry, as drawings: a press says that it was seen, a second press takes that back. */
const {
  part,
  examined,
  seen,
  notSeen,
  stays = false,
} = defineProps<{
  part: Part
  examined: Examined | null
  seen: readonly string[]
  /** Null where only what was seen is asked. */
  notSeen: readonly string[] | null
  /** It is not closed. */
  stays?: boolean
}>()
const emit = defineEmits<{ answer: [sign: string, found: boolean | null]; close: [] }>()

const rolls = computed(() => examined?.rolls ?? 'ball')
const signs = computed(() => signsOfPart(part, damage.signs, examined))
const stateOf = ({ sign }: Sign) => (seen.includes(sign) ? 'seen' : notSeen?.includes(sign) ? 'not' : 'open')
const press = (sign: Sign) => emit('answer', sign.sign, stateOf(sign) === 'seen' ? null : true)
const deny = (sign: Sign) => emit('answer', sign.sign, stateOf(sign) === 'not' ? null : false)
</script>

<template>
  <section
    class="part-signs"
    :aria-label="`${partWords(part, rolls, examined?.oil ?? false)}: what is to be seen`"
    :data-part-signs="part"
  >
    <!-- prettier-ignore -->
    <header>
      <h2>{{ partWords(part, rolls, examined?.oil ?? false) }}: what is like it?</h2>
      <button v-if="!stays" type="button" class="link" data-test="close-part" @click="emit('close')">done</button>
    </header>
    <ul>
      <li v-for="one in signs" :key="one.sign" :class="stateOf(one)">
        <button
          type="button"
          class="see"
          :aria-pressed="stateOf(one) === 'seen'"
          :data-sign="one.sign"
          @click="press(one)"
        >
          <SignDrawing :sign="one.sign" :rolls="rolls" />
          <span>{{ one.label }}</span>
        </button>
        <button
          v-if="notSeen"
          type="button"
          class="deny"
          :aria-pressed="stateOf(one) === 'not'"
          :aria-label="`Not there: ${one.label}`"
          @click="deny(one)"
        >
          {{ stateOf(one) === 'not' ? 'looked, not there' : 'not there' }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
header {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  margin-bottom: 10px;
}

header .link {
  min-height: 44px;
  padding: 0 10px;
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(128px, 1fr));
  gap: 10px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-rows: 1fr auto;
  border: 1px solid var(--hair);
  border-radius: 5px;
  background: var(--sheet);
}

li.seen {
  border: 2px solid var(--ember);
}

li.not {
  opacity: 0.75;
}

.see {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 6px;
  padding: 10px 8px 4px;
  border: 0;
  background: none;
  font-size: 14px;
  line-height: 1.25;
  text-align: center;
  cursor: pointer;
}

.seen .see span {
  color: var(--ember-text);
  font-weight: 650;
}

.deny {
  min-height: 30px;
  border: 0;
  background: none;
  color: var(--ink-2);
  font: 14px var(--label);
  cursor: pointer;
}

.not .deny {
  color: var(--ink);
  font-weight: 650;
}
</style>
