<script setup lang="ts">
import PositionPhotos from '../../bench/PositionPhotos.vue'
import { usePhotoSending } from '../../bench/send-photos.ts'
import { usePlainBench } from '../use-plain-bench.ts'

/** Photographs of the bearing as it lies here. */
const bench = usePlainBench()
const photos = () => bench.inputs.value.bearing.photos
const sending = usePhotoSending(bench.id, [
  {
    photos,
    takeOut: (photo) =>
      bench.setAt(
        'bearing.photos',
        photos().filter((one) => one.photo !== photo),
      ),
  },
])
</script>

<template>
  <PositionPhotos
    :position-id="bench.id"
    :photos="photos()"
    :sending="sending"
    @put="bench.setAt('bearing.photos', $event)"
  />
</template>
