<script setup lang="ts">
import InputText from 'primevue/inputtext'

/** How a quantity is entered: an underlined figure with its unit, and what is wrong with it below. */
const text = defineModel<string>({ required: true })
defineProps<{ id: string; title: string; unit: string; refusal: string | null; test: string }>()
defineEmits<{ begin: []; take: []; leave: [] }>()
</script>

<template>
  <div class="field" :class="{ refused: refusal }">
    <label class="label" :for="id">{{ title }}</label>
    <div class="entry">
      <InputText
        :id="id"
        v-model="text"
        inputmode="decimal"
        autocomplete="off"
        :invalid="Boolean(refusal)"
        :aria-describedby="refusal ? `${id}-error` : undefined"
        :data-test="test"
        @focus="$emit('begin')"
        @update:model-value="$emit('take')"
        @blur="$emit('leave')"
        @keydown.enter="$emit('leave')"
      />
      <span class="unit">{{ unit }}</span>
    </div>
    <p v-if="refusal" :id="`${id}-error`" class="error" role="alert" :data-test="`${test}-error`">{{ refusal }}</p>
  </div>
</template>

<style scoped>
.field {
  min-width: 0;
}

.entry {
  position: relative;
}

.entry :deep(input) {
  width: 100%;
  padding-right: 64px;
  font-size: 17px;
}

.unit {
  position: absolute;
  right: 0;
  bottom: 6px;
  color: var(--ink-2);
  font-size: 14px;
  pointer-events: none;
}
</style>
