<script setup lang="ts" generic="L extends { line: number; outcome: string; message: string | null }">
import Button from 'primevue/button'
import { computed, ref, shallowRef } from 'vue'
import { useAsking } from '../shell/use-asking.ts'

/** A file of lines taken in: it is tried first, and every line that is refused says why. */
const { send, nameOf } = defineProps<{
  /** Names it for those who test it. */
  test: string
  /** Takes the text of a file in, or tries it. */
  send: (csv: string, save: boolean) => Promise<{ saved: boolean; taken: number; lines: L[] }>
  /** What a line is about. */
  nameOf: (line: L) => string
}>()
const emit = defineEmits<{ saved: [] }>()

const text = ref('')
const taken = shallowRef<{ saved: boolean; taken: number; lines: L[] } | null>(null)
const { busy, trouble, asking } = useAsking()
const mostTold = 100
const told = computed(() => taken.value?.lines.filter(({ message }) => message !== null) ?? [])
const many = (outcome: string) => taken.value?.lines.filter((one) => one.outcome === outcome).length ?? 0

async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const [chosen] = input.files ?? []
  if (!chosen) return
  text.value = await chosen.text()
  input.value = ''
  await go(false)
}
async function go(save: boolean) {
  taken.value = null
  await asking(async () => {
    taken.value = await send(text.value, save)
    if (save) emit('saved')
  })
}
/** The same file once more, after what it is read by has changed. */
defineExpose({ again: () => (text.value ? go(false) : undefined) })
</script>

<template>
  <div class="take">
    <label class="link file">
      Take a file in <input type="file" accept=".csv,text/csv" :data-test="`${test}-file`" @change="take" />
    </label>
    <p v-if="trouble" class="error" role="alert" :data-test="`${test}-file-error`">
      {{ trouble.message }}. {{ trouble.fix }}
    </p>
    <section v-if="taken" aria-label="The file" :data-test="`${test}-taken`">
      <p>
        <strong>{{ taken.taken }}</strong> {{ taken.saved ? 'taken in' : 'would be taken in' }}, {{ many('same') }} are
        there already, {{ many('refused') }} refused.
        <Button
          v-if="!taken.saved && taken.taken > 0"
          label="Take them in"
          :disabled="busy"
          :data-test="`${test}-save`"
          @click="go(true)"
        />
      </p>
      <ul>
        <li v-for="one in told.slice(0, mostTold)" :key="one.line">
          Line {{ one.line }}, {{ nameOf(one) }}: {{ one.message }}
        </li>
        <li v-if="told.length > mostTold">and {{ told.length - mostTold }} more</li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.file {
  position: relative;
}

.file input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}

ul {
  margin: 6px 0 0;
  padding-left: 18px;
  font-size: 14px;
}
</style>
