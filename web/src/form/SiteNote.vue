<script setup lang="ts">
import { formatInput, unitSpace, type Quantity } from '@yardfrost/core'
import InputText from 'primevue/inputtext'
import { computed } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import { useSettings } from '../shell/settings.ts'
import { namesOf, useForm } from './form-port.ts'

/** Under a field: what the site gives for it, and from where; or why this position has it otherwise. */
const {
  path,
  quantity = null,
  options = null,
} = defineProps<{
  path: string
  quantity?: Quantity | null
  options?: readonly { value: unknown; label: string }[] | null
}>()
const form = useForm()
const format = useFormat()
const settings = useSettings()
const { name } = namesOf(form, path)
const says = computed(() => form.site?.(path) ?? null)
const shown = computed(() => {
  const value = says.value?.value
  if (typeof value === 'number' && quantity)
    return [formatInput(value, quantity, settings.units), format.unit(quantity)].filter(Boolean).join(unitSpace)
  return options?.find((one) => one.value === value)?.label ?? ''
})
/** The field shows something else. */
const apart = computed(() => says.value !== null && form.valueAt(path) !== says.value.value)
</script>

<template>
  <p v-if="says?.open && apart" class="site" :data-site="name">{{ shown }}, {{ says.from }}</p>
  <template v-else-if="says && apart">
    <p class="site" :data-site="name">The site has {{ shown }}, {{ says.from }}.</p>
    <InputText
      class="why"
      :model-value="says.reason"
      maxlength="200"
      placeholder="Why otherwise here"
      :aria-label="`Why otherwise than the site: ${name}`"
      autocomplete="off"
      :data-test="`differs.${name}`"
      @update:model-value="says.explain($event ?? '')"
    />
  </template>
</template>

<style scoped>
.site {
  margin-top: 3px;
  color: var(--ink-2);
  font-size: 14px;
  line-height: 1.25;
}

.site + .why {
  width: 100%;
  font-size: 14px;
}
</style>
