<script setup lang="ts">
import Button from 'primevue/button'
import type { ApiFailure } from '../api/client.ts'

/** What somebody answers before they are in: one question, one column. */
defineProps<{ title: string; label: string; busy: boolean; trouble: ApiFailure | null; closed?: boolean }>()
defineEmits<{ go: [] }>()
</script>

<template>
  <section class="door">
    <form novalidate @submit.prevent="$emit('go')">
      <h1>{{ title }}</h1>
      <slot />
      <p v-if="trouble" class="error" role="alert" data-test="trouble">
        <strong>{{ trouble.message }}.</strong> {{ trouble.fix }}
      </p>
      <p v-if="closed && trouble"><RouterLink class="link" :to="{ name: 'sign-in' }">Sign in</RouterLink></p>
      <p v-if="!closed"><Button type="submit" :label="label" :disabled="busy" data-test="go" /></p>
    </form>
  </section>
</template>

<style scoped>
.door {
  display: grid;
  justify-content: center;
  padding: 7vh 24px 40px;
}

form {
  display: grid;
  gap: 16px;
  width: min(460px, calc(100vw - 48px));
}
</style>
