<script setup lang="ts">
import { slip, type SlipLine } from '@yardfrost/core'
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref, useTemplateRef } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import { catalogue } from '../../references.ts'
import { useBench } from '../use-bench.ts'

/** What is handed over of a measured bearing: as text to send, or on paper. */
const bench = useBench()
const format = useFormat()
const open = ref(false)

const titles: Record<SlipLine['about'], string> = {
  'wanted': 'Wanted',
  'type': 'Type',
  'measured': 'Measured',
  'seen': 'Seen',
  'marked': 'Marked',
  'not-seen': 'Not seen',
  'may-be': 'May also be',
  'ask': 'To ask',
} // prettier-ignore
const lines = computed(() => slip(bench.inputs.value, bench.assessment.value.outcomes.identify.measured, catalogue))
const text = computed(() => lines.value.map((one) => `${titles[one.about]}: ${format.sentence(one.text)}`).join('\n'))
const mail = computed(() => `mailto:?subject=${encodeURIComponent('A bearing wanted')}&body=${encodeURIComponent(text.value)}`) // prettier-ignore

const field = useTemplateRef<{ $el: HTMLTextAreaElement }>('field')
const copied = ref('')
/** On a plain plant network a page may not write to the clipboard by itself: the text is marked then. */
async function copy() {
  field.value?.$el.select()
  const done = await navigator.clipboard?.writeText(text.value).then(
    () => true,
    () => false,
  )
  copied.value = done ? 'Copied.' : 'It is marked: press Ctrl and C.'
}
function print() {
  document.documentElement.classList.add('prints-slip')
  window.print()
  document.documentElement.classList.remove('prints-slip')
}
</script>

<template>
  <section v-if="lines.length" class="slip" aria-label="A slip to hand over">
    <button type="button" class="link" :aria-expanded="open" data-test="slip" @click="open = !open">
      {{ open ? 'Close the slip' : 'A slip to hand over' }}
    </button>
    <template v-if="open">
      <Textarea ref="field" :model-value="text" readonly rows="8" aria-label="The slip as text" data-test="slip-text" />
      <p class="deeds">
        <Button
          label="Copy the text"
          size="small"
          severity="secondary"
          variant="outlined"
          data-test="copy-slip"
          @click="copy"
        />
        <a class="link" :href="mail">Send it by mail</a>
        <button type="button" class="link" data-test="print-slip" @click="print">Print it</button>
        <span role="status" class="quiet">{{ copied }}</span>
      </p>
    </template>
    <Teleport to="body">
      <section class="paper" aria-hidden="true">
        <h1>A bearing wanted</h1>
        <dl>
          <template v-for="one in lines" :key="one.about">
            <dt>{{ titles[one.about] }}</dt>
            <dd>{{ format.sentence(one.text) }}</dd>
          </template>
        </dl>
        <p>What was not seen is not in the number. The same base number is never the same bearing.</p>
      </section>
    </Teleport>
  </section>
</template>

<style scoped>
.slip {
  display: grid;
  gap: 8px;
}

.slip > .link {
  justify-self: start;
}

.deeds {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 18px;
}

.paper {
  display: none;
}

@media print {
  .paper {
    padding: 12mm;
    color: #000;
    background: #fff;
  }

  dl {
    display: grid;
    grid-template-columns: 34mm 1fr;
    gap: 3mm;
    margin: 8mm 0;
  }

  dt {
    font-weight: 700;
  }

  dd {
    margin: 0;
  }
}
</style>

<style>
@media print {
  .prints-slip #app {
    display: none;
  }

  .prints-slip body > .paper {
    display: block;
  }
}
</style>
