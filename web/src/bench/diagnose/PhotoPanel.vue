<script setup lang="ts">
import type { PinnedPhoto } from '@yardfrost/core'
import { computed } from 'vue'
import PhotoMeasure from '../../damage/PhotoMeasure.vue'
import PhotoButton from '../../field/PhotoButton.vue'
import { useFormat } from '../../figures/use-format.ts'
import { useBench } from '../use-bench.ts'
import type { useBenchPhotos } from '../use-bench-photos.ts'

/** One photograph at its place: to be taken, or to be measured in. */
const { place, shown, photos } = defineProps<{
  place: Pick<PinnedPhoto, 'ring' | 'row' | 'deg' | 'u'>
  /** Null while it is to be taken. */
  shown: PinnedPhoto | null
  photos: ReturnType<typeof useBenchPhotos>
}>()
const emit = defineEmits<{ close: []; taken: [photo: string] }>()
const bench = useBench()
const format = useFormat()

const title = computed(() => `${shown ? `Photograph ${bench.inputs.value.diagnose.photos.indexOf(shown) + 1}` : 'A photograph'} of the ${place.ring} ring at ${Math.round(place.deg)}°`) // prettier-ignore
const url = computed(() => (shown ? photos.urls.value.get(shown.photo) : undefined))
/** Sizes that stand fast whatever is inside, and a coin. */
const offered = computed(() => {
  const row = bench.bearing.value?.row
  const size = (mm: number) =>
    format.inline({ kind: 'number', number: mm }, 'length', { decimals: mm % 1 === 0 ? 0 : 2 })
  const of = (words: string, lengthMm: number) => ({ words: `${words}, ${size(lengthMm)}`, lengthMm })
  // The two rings of some types are not of one width.
  const width = row && row.assemblyWidthMm === null ? [of('width of the ring', row.widthMm)] : []
  const ring = row ? [...width, of('bore', row.boreMm), of('outside', row.odMm)] : []
  return [...ring, of('1 euro coin', 23.25), of('US quarter', 24.26)]
})
async function take(file: File) {
  const photo = await photos.add(file, place)
  if (photo) emit('taken', photo)
}
function takeOut() {
  if (shown) photos.remove(shown.photo)
  emit('close')
}
</script>

<template>
  <section class="panel" :aria-label="title" data-test="photo-panel">
    <header>
      <h2>{{ title }}</h2>
      <button v-if="shown" type="button" class="link" data-test="remove-photo" @click="takeOut">take it out</button>
      <button type="button" class="link" data-test="close-photo" @click="emit('close')">back to the strips</button>
    </header>
    <p v-if="photos.refusal.value" class="error" role="alert" data-test="photo-refusal">{{ photos.refusal.value }}</p>
    <template v-if="!shown">
      <PhotoButton :take="take" />
      <p class="quiet">A coin or a rule flat beside the mark tells how long it is.</p>
    </template>
    <PhotoMeasure
      v-else-if="url"
      :photo="shown"
      :url="url"
      :offered="offered"
      @change="photos.change(shown.photo, $event)"
    />
  </section>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
  padding: 10px 0;
}

header {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 6px 20px;
}

h2 {
  flex: 1;
}
</style>
