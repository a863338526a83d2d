<script setup lang="ts">
import { KnownLength, pictureLength, type PicturePoint, type PinnedPhoto } from '@yardfrost/core'
import Button from 'primevue/button'
import { computed, reactive, ref, useTemplateRef } from 'vue'
import { useFormat } from '../figures/use-format.ts'
import QuantityField from '../form/QuantityField.vue'
import ThingForm from '../form/ThingForm.vue'
import { measuredWords } from './measured-words.ts'

/** A photograph, a length that is known in it, and lengths that are measured by it. Ends are drawn with the pointer or moved by keys. */
const {
  photo,
  url,
  offered = [],
} = defineProps<{
  photo: PinnedPhoto
  url: string
  /** Lengths that everybody has at hand, in words. */
  offered?: readonly { words: string; lengthMm: number }[]
}>()
const emit = defineEmits<{ change: [changes: Partial<PinnedPhoto>] }>()
const format = useFormat()

/** Height of the picture, of its width. */
const tall = ref(0.75)
function loaded(event: Event) {
  const { naturalWidth, naturalHeight } = event.target as HTMLImageElement
  if (naturalWidth > 0) tall.value = naturalHeight / naturalWidth
}
const unreadable = reactive(new Map<string, string>())

type Line = PinnedPhoto['lengths'][number]
const lines = computed(() => [
  ...(photo.known ? [{ line: photo.known as Line, known: true, index: -1 }] : []),
  ...photo.lengths.map((line, index) => ({ line, known: false, index })),
])
const words = computed(() =>
  photo.lengths.map((line) => {
    const measured = photo.known && pictureLength(line, photo.known)
    if (!measured) return photo.known ? 'The known length is too short to go by.' : 'Lay a known length first.'
    return measuredWords(measured, format)
  }),
)
const middle = (dy: number): Line => ({ from: [0.3, tall.value / 2 + dy], to: [0.7, tall.value / 2 + dy] })
const layKnown = (lengthMm: number) => emit('change', { known: { ...(photo.known ?? middle(0.1)), lengthMm } })
const measure = () => emit('change', { lengths: [...photo.lengths, middle(-0.05 * photo.lengths.length)] })
const takeOut = (index: number) => emit('change', { lengths: photo.lengths.filter((_, at) => at !== index) })

function move(index: number, end: 'from' | 'to', x: number, y: number) {
  const point: PicturePoint = [Math.max(0, Math.min(1, x)), Math.max(0, Math.min(tall.value, y))]
  if (index < 0) {
    if (photo.known) emit('change', { known: { ...photo.known, [end]: point } })
  } else emit('change', { lengths: photo.lengths.map((line, at) => (at === index ? { ...line, [end]: point } : line)) })
}
const sheet = useTemplateRef<SVGSVGElement>('sheet')
function drag(event: PointerEvent, index: number, end: 'from' | 'to') {
  const handle = event.currentTarget as Element
  if (!handle.hasPointerCapture(event.pointerId)) return
  const box = sheet.value?.getBoundingClientRect()
  if (box) move(index, end, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.width)
}
const hold = (event: PointerEvent) => {
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
const step = 0.004
function key(event: KeyboardEvent, index: number, end: 'from' | 'to', [x, y]: PicturePoint) {
  const by = event.shiftKey ? 10 * step : step
  const moves: Record<string, [number, number]> = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] } // prettier-ignore
  const [dx, dy] = moves[event.key] ?? [0, 0]
  if (dx === 0 && dy === 0) return
  event.preventDefault()
  event.stopPropagation()
  move(index, end, x + dx, y + dy)
}
const ends = ['from', 'to'] as const
</script>

<template>
  <div class="measure">
    <div class="picture">
      <img :src="url" :alt="photo.name" @load="loaded" />
      <svg ref="sheet" :viewBox="`0 0 1 ${tall}`" aria-label="Lengths in the picture" role="group">
        <g v-for="{ line, known, index } in lines" :key="index" :class="{ known }" :data-line="known ? 'known' : index">
          <path class="under" :d="`M${line.from.join(' ')}L${line.to.join(' ')}`" />
          <path :d="`M${line.from.join(' ')}L${line.to.join(' ')}`" />
          <circle
            v-for="end in ends"
            :key="end"
            :cx="line[end][0]"
            :cy="line[end][1]"
            r="0.016"
            tabindex="0"
            role="slider"
            :aria-label="`${known ? 'Known length' : `Length ${index + 1}`}, ${end === 'from' ? 'one end' : 'other end'}: arrows move it`"
            :aria-valuenow="Math.round(line[end][0] * 100)"
            :data-end="end"
            @pointerdown="hold"
            @pointermove="drag($event, index, end)"
            @keydown="key($event, index, end, line[end])"
          />
          <text v-if="!known" :x="line.to[0]" :y="line.to[1] - 0.025">{{ index + 1 }}</text>
        </g>
      </svg>
    </div>
    <div class="say">
      <h3>A length that is known</h3>
      <p class="tabs">
        <button
          v-for="one in offered"
          :key="one.words"
          type="button"
          :aria-pressed="photo.known?.lengthMm === one.lengthMm"
          data-test="offered"
          @click="layKnown(one.lengthMm)"
        >
          {{ one.words }}
        </button>
        <button type="button" data-test="lay-known" @click="layKnown(photo.known?.lengthMm ?? 10)">by a rule</button>
      </p>
      <ThingForm
        v-if="photo.known"
        :schema="KnownLength"
        :value="photo.known"
        path="known"
        :unreadable="unreadable"
        @change="emit('change', { known: { ...photo.known, ...$event } })"
      >
        <QuantityField path="lengthMm" />
      </ThingForm>
      <h3>What is measured by it</h3>
      <ol>
        <li v-for="(one, index) in words" :key="index">
          <span data-test="measured">{{ one }}</span>
          <button type="button" class="link" @click="takeOut(index)">take out</button>
        </li>
      </ol>
      <Button
        label="Measure a length"
        size="small"
        severity="secondary"
        variant="outlined"
        data-test="measure"
        :disabled="photo.lengths.length >= 12"
        @click="measure"
      />
      <p class="quiet">
        Both flat in one plane, the camera square to it. Estimates of the inside, such as the rolling element, are no
        known lengths.
      </p>
    </div>
  </div>
</template>

<style scoped src="../form/tabs.css"></style>
<style scoped>
.measure {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(200px, 1fr);
  gap: 18px;
}

.picture {
  position: relative;
  align-self: start;
}

img {
  display: block;
  width: 100%;
  border: 1px solid var(--hair);
}

svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}

path {
  fill: none;
  stroke: var(--ember);
  stroke-width: 0.005;
}

.known path {
  stroke: var(--frost);
}

path.under {
  stroke: #fff;
  stroke-width: 0.011;
  opacity: 0.8;
}

circle {
  fill: #fff;
  fill-opacity: 0.35;
  stroke: var(--ember);
  stroke-width: 0.005;
  cursor: move;
  touch-action: none;
}

.known circle {
  stroke: var(--frost);
}

circle:focus-visible {
  outline: none;
  fill-opacity: 0.9;
  stroke-width: 0.009;
}

text {
  font: 700 0.04px var(--text);
  fill: var(--ember);
  stroke: #fff;
  stroke-width: 0.012;
  paint-order: stroke;
  text-anchor: middle;
}

.say {
  display: grid;
  align-content: start;
  gap: 8px;
}

ol {
  display: grid;
  gap: 4px;
  margin: 0;
  padding-left: 20px;
}

li button {
  margin-left: 12px;
  font-size: 15px;
  font-weight: 400;
}

li {
  font-size: 17px;
  font-weight: 600;
}

@media (max-width: 760px) {
  .measure {
    grid-template-columns: 1fr;
  }
}
</style>
