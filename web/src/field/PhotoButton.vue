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
  <label class="wide photo">
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

<style src="./wide.css" scoped></style>
<style scoped>
.photo {
  position: relative;
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
