<script setup lang="ts">
import { mostOfIdentify } from '@yardfrost/core'
import { computed } from 'vue'
import { usePhotoSending } from '../../bench/send-photos.ts'
import { keepTaken } from '../../field/photos.ts'
import TakenPhotos from '../../field/TakenPhotos.vue'
import { usePhotoUrls } from '../../field/use-photo-urls.ts'
import { useSession } from '../../shell/session.ts'
import { usePlainBench } from '../use-plain-bench.ts'

/** Photographs of the bearing as it lies here. */
const bench = usePlainBench()
const session = useSession()
const photos = computed(() => bench.inputs.value.bearing.photos)
const remove = (photo: string) => bench.setAt('bearing.photos', photos.value.filter((one) => one.photo !== photo)) // prettier-ignore
const { refusal, send } = usePhotoSending(bench.id, [{ photos: () => photos.value, takeOut: remove }])
const { urls, show } = usePhotoUrls(() => photos.value, `/api/positions/${bench.id}/photos`)

async function take(file: File) {
  refusal.value = ''
  bench.setAt('bearing.photos', [...photos.value, await keepTaken(file)])
  await show()
  void send()
}
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
