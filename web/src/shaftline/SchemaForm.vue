<script setup lang="ts">
import { driveWords, fieldSchema, shaftMaterialWords, type FieldMeta } from '@yardfrost/core'
import Select from 'primevue/select'
import { computed } from 'vue'
import { z } from 'zod'
import LineField from './LineField.vue'

/** The fields of one thing on the shaft, in the order of its schema: numbers with units, words as choices. */
const {
  schema,
  value,
  path,
  only = null,
} = defineProps<{
  schema: z.ZodObject
  value: object
  /** Names the thing among the unreadable fields. */
  path: string
  /** Fields to show; all where absent. */
  only?: readonly string[] | null
}>()
const emit = defineEmits<{ change: [changes: Record<string, unknown>] }>()

interface Shown {
  key: string
  title: string
  schema: z.ZodType
  options: string[] | null
}

/** Words of the model that do not read by themselves. */
const words: Record<string, string> = {
  both: 'both ways',
  none: 'not at all, it floats',
  right: 'to the right',
  left: 'to the left',
  housing: 'in the housing',
  bearing: 'inside the bearing',
  ...driveWords,
  ...shaftMaterialWords,
}
const wordFor = (key: string, option: string) =>
  key === 'holds' && (option === 'left' || option === 'right') ? `only from going ${option}` : (words[option] ?? option)

const fields = computed(() =>
  Object.keys(schema.shape).flatMap((key): Shown[] => {
    const own = fieldSchema(schema, [key])
    const bare = own instanceof z.ZodDefault ? (own.unwrap() as z.ZodType) : own
    const inner = bare instanceof z.ZodNullable ? (bare.unwrap() as z.ZodType) : bare
    // The title of an optional field stands on what it wraps.
    const meta = (inner?.meta() ?? bare?.meta() ?? own?.meta()) as FieldMeta | undefined
    if (!bare || !meta?.title || (only && !only.includes(key))) return []
    const options = inner instanceof z.ZodEnum ? inner.options.map(String) : null
    return [{ key, title: meta.title, schema: bare.meta({ ...meta }), options }]
  }),
)

/** What a number would break between this field and another, as what is allowed; null where it breaks nothing. */
function conflictOf(key: string, parsed: number | null): string | null {
  const judged = schema.safeParse({ ...value, [key]: parsed })
  return judged.success ? null : (judged.error.issues.find(({ code }) => code === 'custom')?.message ?? null)
}

const at = (key: string) => (value as Record<string, unknown>)[key]
</script>

<template>
  <div class="fields">
    <template v-for="field in fields" :key="`${path}.${field.key}`">
      <div v-if="field.options" class="field">
        <label class="label" :for="`choice-${path}-${field.key}`">{{ field.title }}</label>
        <Select
          :label-id="`choice-${path}-${field.key}`"
          :model-value="at(field.key)"
          :options="field.options.map((option) => ({ value: option, label: wordFor(field.key, option) }))"
          option-label="label"
          option-value="value"
          :aria-label="field.title"
          :data-test="`${path}.${field.key}`"
          @update:model-value="emit('change', { [field.key]: $event })"
        />
      </div>
      <LineField
        v-else
        :path="`${path}.${field.key}`"
        :schema="field.schema"
        :value="(at(field.key) as number | null) ?? null"
        :conflict="(parsed) => conflictOf(field.key, parsed)"
        @change="emit('change', { [field.key]: $event })"
      />
    </template>
  </div>
</template>

<style src="../bench/fields.css"></style>
<style scoped>
.field {
  min-width: 0;
}

.field :deep(.p-select) {
  width: 100%;
  font-size: 17px;
}
</style>
