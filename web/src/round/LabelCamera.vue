<script setup lang="ts">
import { codeRead } from '@yardfrost/core'
import { useIntervalFn, useUserMedia } from '@vueuse/core'
import { ref, useTemplateRef, watchEffect } from 'vue'

/** The camera held on a label, where the browser reads QR codes by itself: tells the code once it sees one. */
const emit = defineEmits<{ code: [code: string] }>()
const video = useTemplateRef('video')
const other = ref(false)
const { stream, isSupported } = useUserMedia({
  enabled: true,
  constraints: { video: { facingMode: 'environment' } },
})
watchEffect(() => {
  if (video.value) video.value.srcObject = stream.value ?? null
})

/** How often it is looked, ms. */
const lookMs = 250
const detector = window.BarcodeDetector && new window.BarcodeDetector({ formats: ['qr_code'] })
let looking = false
useIntervalFn(() => {
  const picture = video.value
  if (!detector || !picture || looking || picture.readyState < HTMLMediaElement.HAVE_CURRENT_DATA) return
  looking = true
  detector
    .detect(picture)
    .then(
      (found) => {
        const codes = found.map(({ rawValue }) => codeRead(rawValue))
        const [code] = codes.flatMap((one) => one ?? [])
        other.value = codes.length > 0 && code === undefined
        if (code !== undefined) emit('code', code)
      },
      // A picture that could not be read; the next one may.
      () => undefined,
    )
    .finally(() => {
      looking = false
    })
}, lookMs)
</script>

<template>
  <div class="camera">
    <video ref="video" autoplay playsinline muted aria-label="What the camera sees" />
    <p class="quiet" role="status">
      {{
        !isSupported
          ? 'No camera here.'
          : other
            ? 'This code is of no point of a plant.'
            : 'Hold the label into the picture.'
      }}
    </p>
  </div>
</template>

<style scoped>
.camera {
  display: grid;
  gap: 6px;
}

video {
  width: 100%;
  max-height: 260px;
  border: 1px solid var(--hair);
  object-fit: cover;
}

p {
  margin: 0;
}
</style>
