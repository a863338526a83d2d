<script setup lang="ts">
import { partFields, partKinds, ShaftLineFields, type LineStep, type PartKind } from '@yardfrost/core'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed } from 'vue'
import StepTable from '../form/StepTable.vue'
import SchemaForm from '../form/SchemaForm.vue'
import { optionWord } from './part-words.ts'
import { useShaft } from './use-shaft.ts'

/** What is picked on the drawing, in exact values; how the machine runs when nothing is. */
const shaft = useShaft()
const line = computed(() => shaft.line.value)
const picked = computed(() => shaft.picked.value)

const partWords: Record<PartKind, string> = {
  coupling: 'coupling',
  pulley: 'pulley or sprocket',
  gear: 'gear',
  impeller: 'impeller',
  wheel: 'fan wheel',
  rotor: 'motor rotor',
  chuck: 'chuck with a cut',
  force: 'force or weight',
}
const kinds = partKinds.map((kind) => ({ value: kind, label: partWords[kind] }))

const supportSchema = ShaftLineFields.shape.supports.element
const sectionSchema = ShaftLineFields.shape.sections.element

const part = computed(() => (picked.value.what === 'part' ? line.value?.parts[picked.value.index] : undefined))
const support = computed(() => (picked.value.what === 'support' ? line.value?.supports[picked.value.index] : undefined))
const section = computed(() => (picked.value.what === 'section' ? line.value?.sections[picked.value.index] : undefined))
const index = computed(() => (picked.value.what === 'machine' ? 0 : picked.value.index))

const steps = computed({
  get: () => line.value?.steps ?? [],
  set: (next: LineStep[]) => shaft.changeLine({ steps: next }),
})
const stepColumns = [
  { field: 'work', label: 'Work', quantity: 'percent', most: 300, times: 100 },
  { field: 'speedRpm', label: 'Speed', quantity: 'speed', most: 100_000, times: 1 },
  { field: 'share', label: 'Share', quantity: 'percent', most: 100, times: 100 },
] as const satisfies unknown[]
/** Full work most of the time, and a lighter step to go on from. */
function beginSteps() {
  const speedRpm = line.value?.speedRpm ?? 0
  steps.value = [
    { work: 1, speedRpm, share: 0.7 },
    { work: 0.5, speedRpm, share: 0.3 },
  ]
}

function split() {
  if (!line.value || !section.value) return
  const half = { ...section.value, lengthMm: section.value.lengthMm / 2 }
  const sections = [...line.value.sections]
  sections.splice(index.value, 1, half, { ...half })
  shaft.put({ ...line.value, sections })
}
</script>

<template>
  <aside v-if="line" class="inspector" aria-label="What is picked" data-test="inspector">
    <template v-if="part">
      <h2>{{ partWords[part.kind] }}</h2>
      <SchemaForm
        :key="part.id"
        :unreadable="shaft.unreadable"
        :word-for="optionWord"
        :schema="partFields[part.kind]"
        :value="part"
        :path="`parts.${part.id}`"
        @change="shaft.changePart(index, $event)"
      />
    </template>
    <template v-else-if="support">
      <h2>{{ support.position }}</h2>
      <p class="quiet">{{ shaft.bearings.value.get(support.position) || 'no bearing entered yet' }}</p>
      <SchemaForm
        :key="support.position"
        :unreadable="shaft.unreadable"
        :word-for="optionWord"
        :schema="supportSchema"
        :value="support"
        :path="`supports.${support.position}`"
        @change="shaft.changeSupport(index, $event)"
      />
    </template>
    <template v-else-if="section">
      <h2>Step {{ index + 1 }} of the shaft</h2>
      <SchemaForm
        :key="index"
        :unreadable="shaft.unreadable"
        :word-for="optionWord"
        :schema="sectionSchema"
        :value="section"
        :path="`sections.${index}`"
        @change="shaft.changeSection(index, $event)"
      />
      <Button label="Split it in two" size="small" severity="secondary" variant="outlined" @click="split" />
    </template>
    <template v-else>
      <h2>How it runs</h2>
      <SchemaForm
        :unreadable="shaft.unreadable"
        :word-for="optionWord"
        :schema="ShaftLineFields"
        :value="line"
        path="line"
        @change="shaft.changeLine($event)"
      />
      <Button
        v-if="steps.length === 0"
        label="It runs in steps"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="line.begin-steps"
        @click="beginSteps"
      />
      <StepTable v-else v-model="steps" path="line.steps" :columns="stepColumns" :unreadable="shaft.unreadable" />
    </template>
    <p v-if="picked.what !== 'machine'" class="row">
      <Button
        label="Take it off"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="take-off"
        @click="shaft.remove(picked as Exclude<typeof picked, { what: 'machine' }>)"
      />
      <Button label="How it runs" size="small" variant="text" @click="shaft.picked.value = { what: 'machine' }" />
    </p>
    <div class="add">
      <label class="label" for="add-part">Put on the shaft</label>
      <Select
        label-id="add-part"
        :model-value="null"
        :options="kinds"
        option-label="label"
        option-value="value"
        placeholder="choose a part"
        aria-label="Put on the shaft"
        data-test="add-part"
        @update:model-value="$event && shaft.addPart($event)"
      />
      <Button
        v-if="shaft.freePositions.value.length > 0"
        :label="`Bearing at ${shaft.freePositions.value[0]?.toLowerCase()}`"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="add-support"
        @click="shaft.addSupport()"
      />
    </div>
  </aside>
</template>

<style scoped>
.inspector {
  display: grid;
  align-content: start;
  gap: 10px;
  padding: 14px 18px;
  border-left: 1px solid var(--hair);
  overflow-y: auto;
}

/* A button keeps its height where the panel is short. */
.inspector > :deep(.p-button) {
  min-height: 36px;
}

h2::first-letter {
  text-transform: uppercase;
}

.row {
  display: flex;
  gap: 8px;
}

.add {
  display: grid;
  gap: 6px;
  padding-top: 10px;
  border-top: 1px solid var(--hair);
}
</style>
