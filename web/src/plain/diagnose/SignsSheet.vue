<script setup lang="ts">
import { plainDamage, whyNotPlain } from '@yardfrost/core'
import { computed } from 'vue'
import PlainSign from '../../drawing/signs/PlainSign.vue'
import { usePlainSigns } from './use-plain-signs.ts'

/** Every sign of a plain bearing as a drawing: pressed once it was seen, twice it was looked for and is not there. */
const { bench, stateOf, step } = usePlainSigns()
const oilGroups = ['oil', 'grease', 'ring']
const partOf = ({ kind, group }: (typeof plainDamage.signs)[number]) =>
  kind === 'where' ? 'where' : oilGroups.includes(group) ? 'oil' : kind === 'behaviour' ? 'runs' : 'looks'
const titles = {
  where: 'Where',
  looks: 'What bearing and journal look like',
  oil: 'Oil and grease',
  runs: 'How it ran',
}
const groups = computed(() =>
  (Object.keys(titles) as (keyof typeof titles)[]).map((key) => ({
    key,
    title: titles[key],
    signs: plainDamage.signs
      .filter((one) => partOf(one) === key)
      .filter(({ sign }) => stateOf(sign) !== null || whyNotPlain(sign, bench.inputs.value, bench.assessment.value.outcomes.identify) === null),
  })),
) // prettier-ignore
const words = { seen: 'seen', 'not-seen': 'not there' } as const
</script>

<template>
  <div class="sheet" data-test="plain-signs">
    <section v-for="group in groups" :key="group.key">
      <h3 class="label">{{ group.title }}</h3>
      <div class="signs">
        <button
          v-for="one in group.signs"
          :key="one.sign"
          type="button"
          class="one"
          :class="stateOf(one.sign)"
          :data-sign="one.sign"
          :aria-pressed="stateOf(one.sign) === 'seen'"
          :aria-label="`${one.label}${stateOf(one.sign) ? `, ${words[stateOf(one.sign)!]}` : ''}`"
          @click="step(one.sign)"
        >
          <PlainSign :sign="one.sign" :size="52" />
          <span
            >{{ one.label }}<b v-if="stateOf(one.sign)"> {{ words[stateOf(one.sign)!] }}</b></span
          >
        </button>
      </div>
    </section>
  </div>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 14px;
  padding: 6px 22px 22px;
}

h3 {
  margin: 0 0 4px;
}

.signs {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(208px, 1fr));
  gap: 6px;
}

.one {
  display: grid;
  grid-template-columns: 52px 1fr;
  align-items: center;
  gap: 9px;
  min-height: 60px;
  padding: 3px 8px 3px 4px;
  border: 1px solid var(--hair);
  border-radius: 5px;
  background: var(--sheet);
  text-align: left;
  line-height: 1.15;
  cursor: pointer;
}

.seen {
  border-color: var(--ember);
  box-shadow: inset 0 0 0 1px var(--ember);
}

.seen b {
  color: var(--ember-text);
}

.not-seen {
  border-style: dashed;
  color: var(--ink-2);
}

b {
  display: block;
  font-size: 14px;
}
</style>
