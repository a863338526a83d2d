<script setup lang="ts">
import InputText from 'primevue/inputtext'
import FieldFrame from './FieldFrame.vue'

/** How a few words are entered: an underlined text, and what is wrong with it below. What else is said of it is the input's. */
defineOptions({ inheritAttrs: false })
const text = defineModel<string>({ required: true })
defineProps<{ id: string; title: string; test: string; refusal?: string | null }>()
</script>

<template>
  <FieldFrame :title="title" :input-id="id" :refusal="refusal ?? null" :test="test">
    <InputText :id="id" v-model="text" autocomplete="off" v-bind="$attrs" :data-test="test" />
    <slot />
  </FieldFrame>
</template>
