<script setup lang="ts">
import { mostOfIdentify, type TakenPhoto } from '@yardfrost/core'
import { keepTaken } from '../field/photos.ts'
import TakenPhotos from '../field/TakenPhotos.vue'
import { usePhotoUrls } from '../field/use-photo-urls.ts'
import { useSession } from '../shell/session.ts'
import type { usePhotoSending } from './send-photos.ts'

/** Photographs of what lies in a position: taken, kept on this device, and sent when they can be. */
const { positionId, photos, sending } = defineProps<{
  positionId: string
  photos: readonly TakenPhoto[]
  sending: ReturnType<typeof usePhotoSending>
}>()
const emit = defineEmits<{ put: [photos: TakenPhoto[]] }>()
const session = useSession()
const { urls, show } = usePhotoUrls(() => photos, `/api/positions/${positionId}/photos`)

async function take(file: File) {
  sending.clear()
  emit('put', [...photos, await keepTaken(file)])
  await show()
  void sending.send()
}
const remove = (photo: string) => emit('put', photos.filter((one) => one.photo !== photo)) // prettier-ignore
</script>

<template>
  <p v-if="sending.refusal.value" class="error" role="alert">{{ sending.refusal.value }}</p>
  <TakenPhotos
    :photos="photos"
    :urls="urls"
    :most="mostOfIdentify"
    :may="session.maySave"
    :take="take"
    @remove="remove"
  />
</template>
