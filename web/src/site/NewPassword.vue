<script setup lang="ts">
import { passwordTrouble, shortestPassword } from '@yardfrost/contract'
import { computed } from 'vue'
import TextInput from '../form/TextInput.vue'

/** A password that is chosen: what is wrong with it is said while it is typed, once there is enough of it. */
const password = defineModel<string>({ required: true })
const { of = [] } = defineProps<{ of?: readonly string[] }>()
const refusal = computed(() => {
  const trouble = password.value.length >= shortestPassword ? passwordTrouble(password.value, of) : null
  return trouble && `It must be ${trouble}.`
})
</script>

<template>
  <TextInput
    id="new-password"
    v-model="password"
    title="New password"
    test="new-password"
    :refusal="refusal"
    type="password"
    autocomplete="new-password"
  >
    <p v-if="!refusal" class="quiet">
      {{ shortestPassword }} characters or more; three or four words that nobody would put together are good.
    </p>
  </TextInput>
</template>

<style scoped>
.quiet {
  margin-top: 4px;
  font-size: 14px;
}
</style>
