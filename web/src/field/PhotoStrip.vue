<script setup lang="ts">
/** Photographs of a job or a round, small; each opens large. */
const { photos, folder } = defineProps<{
  photos: readonly { photo: string; name: string }[]
  /** Address they lie under. */
  folder: string
}>()
</script>

<template>
  <div v-if="photos.length" class="photos">
    <a v-for="one in photos" :key="one.photo" :href="`${folder}/${one.photo}`" target="_blank">
      <img :src="`${folder}/${one.photo}`" :alt="one.name" loading="lazy" />
    </a>
  </div>
</template>

<style scoped>
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.photos img {
  width: 96px;
  height: 72px;
  border: 1px solid var(--hair);
  object-fit: cover;
}
</style>
