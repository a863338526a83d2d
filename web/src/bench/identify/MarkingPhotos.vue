<script setup lang="ts">
import { mostOfIdentify } from '@yardfrost/core'
import { computed } from 'vue'
import { keepTaken } from '../../field/photos.ts'
import TakenPhotos from '../../field/TakenPhotos.vue'
import { usePhotoUrls } from '../../field/use-photo-urls.ts'
import { useSession } from '../../shell/session.ts'
import { useSendPhotos } from '../use-bench-photos.ts'
import { useBench } from '../use-bench.ts'

/** Photographs of the bearing as it lies here, with what can be read on it. */
const bench = useBench()
const session = useSession()
const { refusal, send } = useSendPhotos()
const photos = computed(() => bench.inputs.value.identify.photos)
const { urls, show } = usePhotoUrls(() => photos.value, `/api/positions/${bench.id}/photos`)

async function take(file: File) {
  refusal.value = ''
  bench.setAt('identify.photos', [...photos.value, await keepTaken(file)])
  await show()
  void send()
}
const remove = (photo: string) => bench.setAt('identify.photos', photos.value.filter((one) => one.photo !== photo)) // prettier-ignore
</script>

<template>
  <p v-if="refusal" class="error" role="alert">{{ refusal }}</p>
  <TakenPhotos
    :photos="photos"
    :urls="urls"
    :most="mostOfIdentify"
    :may="session.maySave"
    :take="take"
    @remove="remove"
  />
</template>
