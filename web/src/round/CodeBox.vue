<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import { useRouter } from 'vue-router'

/** The code on a label, typed where no camera reads it. */
const router = useRouter()
const code = ref('')
function go() {
  const typed = code.value.trim()
  if (typed !== '') void router.push({ name: 'point', params: { id: typed } })
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
  </form>
</template>

<style scoped>
.code {
  display: grid;
  gap: 4px;
}
</style>
