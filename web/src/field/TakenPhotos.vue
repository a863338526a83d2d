<script setup lang="ts">
import type { TakenPhoto } from '@yardfrost/core'
import PhotoButton from './PhotoButton.vue'

/** Photographs of one thing, each to be opened large or taken out, and room for another. */
const { photos, urls, most, may } = defineProps<{
  photos: readonly TakenPhoto[]
  urls: ReadonlyMap<string, string>
  most: number
  /** Whether photographs may be taken and taken out. */
  may: boolean
  take: (file: File) => Promise<void>
}>()
const emit = defineEmits<{ remove: [photo: string] }>()
</script>

<template>
  <div v-if="photos.length || may" class="taken">
    <figure v-for="one in photos" :key="one.photo">
      <a :href="urls.get(one.photo)" target="_blank"><img :src="urls.get(one.photo)" :alt="one.name" /></a>
      <figcaption v-if="may">
        <button type="button" class="link" data-test="remove-taken" @click="emit('remove', one.photo)">take out</button>
      </figcaption>
    </figure>
    <div v-if="may && photos.length < most" class="more"><PhotoButton :take="take" /></div>
  </div>
</template>

<style scoped>
.taken {
  display: flex;
  flex-wrap: wrap;
  align-items: start;
  gap: 10px;
}

figure {
  margin: 0;
}

img {
  display: block;
  width: 132px;
  height: 99px;
  border: 1px solid var(--hair);
  object-fit: cover;
}

.more :deep(.photo) {
  min-height: 44px;
  padding-inline: 14px;
  font-size: 15px;
}
</style>
