<script setup lang="ts">
import { largestPhoto } from '@yardfrost/contract'
import { ref } from 'vue'

/** Takes a photograph with the camera of the device, or chooses one. */
const { take } = defineProps<{ take: (file: File) => Promise<void> }>()
const trouble = ref('')
async function chosen(event: Event) {
  const input = event.target as HTMLInputElement
  const [file] = input.files ?? []
  trouble.value = ''
  if (file && file.size > largestPhoto)
    trouble.value = `${file.name} is larger than ${largestPhoto / 1e6} MB; take it at a lower resolution.`
  else if (file)
    await take(file).catch((error: unknown) => {
      if (!(error instanceof DOMException)) throw error
      trouble.value = `This device did not keep ${file.name}. Make room on it, and take the photograph again.`
    })
  input.value = ''
}
</script>

<template>
  <label class="photo">
    Photograph
    <input
      type="file"
      accept="image/jpeg,image/png,image/webp"
      capture="environment"
      data-test="photo"
      @change="chosen"
    />
  </label>
  <p v-if="trouble" class="error" role="alert">{{ trouble }}</p>
</template>

<style scoped>
.photo {
  position: relative;
  display: grid;
  place-items: center;
  width: 100%;
  min-height: 56px;
  border: 1px solid var(--ink-2);
  border-radius: 6px;
  background: var(--sheet);
  font-size: 19px;
  font-weight: 650;
  cursor: pointer;
}

.photo input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}
.photo:focus-within {
  outline: 2px solid var(--spruce);
}
</style>
