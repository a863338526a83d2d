<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import LabelCamera from './LabelCamera.vue'

/** The code on a label, typed where no camera reads it. */
const router = useRouter()
const code = ref('')
/** The camera is asked for only where the browser reads codes with it. */
const camera = 'BarcodeDetector' in window
const scanning = ref(false)
function go() {
  const typed = code.value.trim()
  if (typed !== '') open(typed)
}
function open(typed: string) {
  void router.push({ name: 'point', params: { id: typed } })
}
</script>

<template>
  <form class="code" @submit.prevent="go">
    <label class="label" for="point-code">Code on the label</label>
    <InputText
      id="point-code"
      v-model="code"
      placeholder="3F0C-6A52"
      autocomplete="off"
      spellcheck="false"
      data-test="point-code"
    />
    <button v-if="camera" type="button" class="link" data-test="scan" @click="scanning = !scanning">
      {{ scanning ? 'Camera off' : 'With the camera' }}
    </button>
    <LabelCamera v-if="scanning" @code="open" />
  </form>
</template>

<style scoped>
.code {
  display: grid;
  gap: 4px;
}
</style>
