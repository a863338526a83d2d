<script setup lang="ts">
import PositionPhotos from '../PositionPhotos.vue'
import { useSendPhotos } from '../use-bench-photos.ts'
import { useBench } from '../use-bench.ts'

/** Photographs of the bearing as it lies here, with what can be read on it. */
const bench = useBench()
const sending = useSendPhotos()
</script>

<template>
  <PositionPhotos
    :position-id="bench.id"
    :photos="bench.inputs.value.identify.photos"
    :sending="sending"
    @put="bench.setAt('identify.photos', $event)"
  />
</template>
