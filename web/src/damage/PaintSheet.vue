<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { loadAtDeg, type Band, type PaintedMark, type PinnedPhoto, type Raceway, type RingName } from '@yardfrost/core'
import { computed, ref, shallowRef, useTemplateRef, watch } from 'vue'
import RacewayStrip from '../drawing/raceway/RacewayStrip.vue'
import { laneOf, pointAt, pointOn, stripSheet, xOf, yOf, type Lane, type StripFrame, type StripPoint } from '../drawing/raceway/strip-frame.ts' // prettier-ignore
import { useFormat } from '../figures/use-format.ts'
import { brushWords, markWords, ringTitle } from './damage-words.ts'
import { isUnder, usePainting, type Brush, type Painted } from './use-painting.ts'

/** Both rings unrolled, to be painted on by finger, mouse and keys. */
const painted = defineModel<Painted>({ required: true })
const {
  raceways,
  expected = [],
  loadOn,
  pins = [],
  pinning = false,
} = defineProps<{
  raceways: readonly Raceway[]
  /** The tracks this position should show. */
  expected?: readonly Band[]
  /** Ring that the load stands on. */
  loadOn: RingName
  /** Photographs pinned to the strips. */
  pins?: readonly PinnedPhoto[]
  /** The next press pins a photograph, and paints nothing. */
  pinning?: boolean
}>()
const emit = defineEmits<{ pin: [place: Pick<PinnedPhoto, 'ring' | 'row' | 'deg' | 'u'>]; photo: [photo: string] }>()
const pinAt = (ring: RingName, { row, deg, u }: StripPoint) => emit('pin', { ring, row, deg, u })

const format = useFormat()
/** What is on the sheet at once: the model comes back a moment later. */
const sheetNow = shallowRef(painted.value)
watch(painted, (next) => (sheetNow.value = next))
const paint = usePainting(
  {
    get: () => sheetNow.value,
    set: (next) => {
      sheetNow.value = next
      painted.value = next
    },
  },
  () => raceways,
)
const { brush, snap, width } = paint
const brushes: Brush[] = ['track', 'spalling', 'dents', 'rust', 'etching', 'flutes', 'heat-tint', 'scoring', 'creep', 'wipe'] // prettier-ignore

const sheet = useTemplateRef('sheet')
const { width: sheetWidth } = useElementSize(sheet)
const laidOut = computed(() => stripSheet(raceways, sheetWidth.value))
const frames = computed(() => laidOut.value.frames)
const height = computed(() => laidOut.value.height)
const widened = computed(() => frames.value[0]?.widened ?? 1)

/** Where the keys stand on each ring. */
const cursor = shallowRef<{ ring: RingName; at: StripPoint } | null>(null)
const says = ref('')
const latest = computed(() => sheetNow.value.marks.at(-1) ?? null)
/** Mark under the pointer or the cursor. */
const lit = shallowRef<PaintedMark | null>(null)

let heldLane: Lane | null = null
function pointer(event: PointerEvent): [number, number] {
  const box = sheet.value?.getBoundingClientRect()
  return [event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0)]
}
function begin(event: PointerEvent, frame: StripFrame) {
  if (event.button !== 0) return
  const at = pointAt(frame, ...pointer(event))
  if (!at) return
  if (pinning) {
    pinAt(frame.ring, at)
    return
  }
  cursor.value = null
  if (!paint.putDown(frame.ring, at)) {
    says.value = `${brushWords[brush.value]} does not go there`
    return
  }
  says.value = ''
  heldLane = laneOf(frame, at.surface, at.row) ?? null
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}
function go(event: PointerEvent, frame: StripFrame) {
  if (paint.isDown.value && heldLane) paint.drawTo(pointOn(frame, heldLane, ...pointer(event)))
  else {
    const at = pointAt(frame, ...pointer(event))
    lit.value = at ? (sheetNow.value.marks.findLast((mark) => isUnder(mark, frame.ring, at)) ?? null) : null
  }
}
function end() {
  heldLane = null
  paint.lift()
}

const [stepDeg, farDeg, stepU] = [5, 45, 0.05]
function focusOn(event: FocusEvent, frame: StripFrame) {
  // A press focuses too; the cross is for who paints by keys.
  if (!(event.target as Element).matches(':focus-visible')) return
  if (cursor.value?.ring === frame.ring) return
  const row = frame.lanes.find(({ surface }) => surface === 'raceway')?.row ?? 1
  cursor.value = { ring: frame.ring, at: { surface: 'raceway', row, deg: loadAtDeg, u: 0 } }
  tell()
}
function tell() {
  const now = cursor.value
  if (!now) return
  const { surface, row, deg, u } = now.at
  const rows = raceways.filter(({ ring }) => ring === now.ring).length
  const where = surface === 'raceway' ? (rows > 1 ? `row ${row}` : 'raceway') : surface
  const across =
    Math.abs(u) < 0.01 ? 'middle' : u > 0 ? `${Math.round(u * 100)} % up` : `${Math.round(-u * 100)} % down`
  says.value = `${Math.round(deg)}°, ${where}, ${across}${paint.isDown.value ? ', brush down' : ''}`
}
/** To the next lane above or below. */
function step(frame: StripFrame, by: 1 | -1): StripPoint | null {
  const now = cursor.value
  if (!now) return null
  const lane = laneOf(frame, now.at.surface, now.at.row)
  const next = lane && frame.lanes[frame.lanes.indexOf(lane) + by]
  return next ? { ...now.at, surface: next.surface, row: next.row, u: 0 } : null
}
function key(event: KeyboardEvent, frame: StripFrame) {
  const now = cursor.value ?? { ring: frame.ring, at: { surface: 'raceway' as const, row: 1, deg: loadAtDeg, u: 0 } }
  const { at } = now
  const pitch = raceways.find(({ ring }) => ring === frame.ring)?.pitchDeg ?? stepDeg
  const along = event.shiftKey ? farDeg : snap.value && paint.snaps.value ? pitch : stepDeg
  const moved = (next: StripPoint) => {
    cursor.value = { ring: frame.ring, at: next }
    if (paint.isDown.value) paint.drawTo(next)
  }
  const turn = (by: number) => moved({ ...at, deg: paint.isDown.value ? Math.max(0, Math.min(359.9, at.deg + by)) : (at.deg + by + 360) % 360 }) // prettier-ignore
  const across = (by: number) => moved({ ...at, u: Math.max(-0.5, Math.min(0.5, Math.round((at.u + by) * 100) / 100)) })
  const actions: Record<string, () => void> = {
    ArrowLeft: () => turn(-along),
    ArrowRight: () => turn(along),
    ArrowUp: () => (event.altKey ? moved(step(frame, -1) ?? at) : across(stepU)),
    ArrowDown: () => (event.altKey ? moved(step(frame, 1) ?? at) : across(-stepU)),
    PageUp: () => moved(step(frame, -1) ?? at),
    PageDown: () => moved(step(frame, 1) ?? at),
    ' ': () =>
      pinning ? pinAt(frame.ring, at) : paint.isDown.value ? paint.lift() : void paint.putDown(frame.ring, at),
    Enter: () => {
      if (pinning) {
        pinAt(frame.ring, at)
        return
      }
      paint.putDown(frame.ring, at)
      paint.lift()
    },
    Escape: () => paint.lift(),
    a: () => paint.goesOn(at) && paint.allRound(frame.ring, at),
    m: () => raceways.filter(({ ring }) => ring === frame.ring).length > 1 && paint.mirror(at.row, [frame.ring]),
    z: () => paint.undo(),
    '[': () => (width.value -= 0.05),
    ']': () => (width.value += 0.05),
  }
  const action = actions[event.key]
  if (!action || (event.metaKey && event.key !== 'z')) return
  event.preventDefault()
  event.stopPropagation()
  action()
  lit.value = sheetNow.value.marks.findLast((mark) => isUnder(mark, frame.ring, cursor.value?.at ?? at)) ?? null
  tell()
}
function leave() {
  paint.lift()
  cursor.value = null
}

/** What a mark is and how long, in words, over its strip. */
const label = computed(() => {
  const mark = lit.value ?? latest.value
  const frame = mark && frames.value.find(({ ring }) => ring === mark.ring)
  const lane = frame && laneOf(frame, mark.surface, mark.row)
  const raceway = mark && raceways.find(({ ring }) => ring === mark.ring)
  if (!mark || !frame || !lane || !raceway) return null
  const lengthMm = (mark.lengthDeg / 360) * Math.PI * raceway.diameterMm
  const middle = (mark.fromDeg + mark.lengthDeg / 2) % 360
  const words = `${markWords[mark.kind]}, ${mark.lengthDeg >= 355 ? 'all round' : `${format.rough(lengthMm)} long`} at ${Math.round(middle)}°` // prettier-ignore
  const x = xOf(frame, middle)
  const toRight = x < frame.left + frame.width - 250
  return { words, x, y: yOf(lane, (mark.low + mark.high) / 2), top: frame.top - 24, toRight }
})
const twoRows = computed(() => raceways.some(({ row }) => row > 1))
const evenHint = computed(() => raceways.find(({ turns }) => turns)?.ring ?? 'inner')
/** The ring that turns is mostly polished evenly: one press, as wide as it should be. */
function evenAllRound() {
  const [low, high] = expected.find(({ ring }) => ring === evenHint.value)?.edges[0] ?? [-0.15, 0.15]
  const middle = (low + high) / 2
  const half = Math.max(high - low, 0.1) / 2
  const rows = raceways.filter(({ ring }) => ring === evenHint.value).map(({ row }) => row)
  paint.even(evenHint.value, rows, middle - half, middle + half)
}
/** Where each photograph is pinned, px. */
const pinned = computed(() =>
  pins.flatMap((pin, index) => {
    const frame = frames.value.find(({ ring }) => ring === pin.ring)
    const lane = frame && laneOf(frame, 'raceway', pin.row)
    if (!frame || !lane) return []
    const [x, y] = [xOf(frame, pin.deg), yOf(lane, pin.u)]
    // Beside its place, so that the mark can be seen.
    const [signX, signY] = [x + (pin.deg > loadAtDeg ? -18 : 18), y + 20]
    return [{ photo: pin.photo, number: index + 1, x, y, signX, signY }]
  }),
)
/** Both rings at one press. */
const mirrorRows = () => paint.mirror(1, ['outer', 'inner'])
</script>

<template>
  <div class="paint">
    <svg
      ref="sheet"
      class="sheet"
      :style="{ height: `${height}px` }"
      role="group"
      aria-label="Raceways unrolled, to paint what they show"
      data-test="raceways"
    >
      <template v-if="sheetWidth > 0">
        <RacewayStrip
          v-for="frame in frames"
          :key="frame.ring"
          :frame="frame"
          :title="ringTitle(frame.ring, raceways, loadOn)"
          :expected="expected"
          :bands="sheetNow.bands"
          :marks="sheetNow.marks"
          :cursor="cursor?.ring === frame.ring ? cursor.at : null"
          :lit="lit"
          :load-shown="frame.ring === loadOn"
        />
        <g v-if="label" class="leader">
          <path
            :d="`M${label.x} ${label.y}L${label.x + (label.toRight ? 34 : -34)} ${label.top}h${label.toRight ? 190 : -190}`"
          />
          <!-- prettier-ignore -->
          <circle :cx="label.x" :cy="label.y" r="2.6" />
          <text
            :x="label.x + (label.toRight ? 38 : -38)"
            :y="label.top - 5"
            :class="{ end: !label.toRight }"
            data-test="mark-label"
          >
            {{ label.words }}
          </text>
        </g>
        <rect
          v-for="frame in frames"
          :key="frame.ring"
          class="touch"
          :class="{ wipes: brush === 'wipe' }"
          :x="frame.left"
          :y="frame.top"
          :width="frame.width"
          :height="frame.bottom - frame.top"
          tabindex="0"
          role="application"
          :aria-label="`${ringTitle(frame.ring, raceways, loadOn)}: arrows move, space puts the brush down and lifts it, a paints all round, m mirrors, z undoes`"
          :data-paint="frame.ring"
          @pointerdown="begin($event, frame)"
          @pointermove="go($event, frame)"
          @pointerup="end"
          @pointercancel="end"
          @pointerleave="lit = null"
          @focus="focusOn($event, frame)"
          @blur="leave"
          @keydown="key($event, frame)"
        />
        <g
          v-for="pin in pinned"
          :key="pin.photo"
          class="pin"
          role="button"
          tabindex="0"
          :aria-label="`Photograph ${pin.number}`"
          :data-pin="pin.number"
          @click="emit('photo', pin.photo)"
          @keydown.enter.space.prevent="emit('photo', pin.photo)"
        >
          <path :d="`M${pin.x} ${pin.y}L${pin.signX} ${pin.signY}`" />
          <circle class="foot" :cx="pin.x" :cy="pin.y" r="2.6" />
          <circle :cx="pin.signX" :cy="pin.signY" r="11" />
          <text :x="pin.signX" :y="pin.signY + 5">{{ pin.number }}</text>
        </g>
      </template>
    </svg>
    <p class="label under">
      <span v-if="expected.length">dashed: the track this position should show</span>
      <span>across drawn {{ widened.toFixed(1) }} × wider than along</span>
      <slot name="under" />
      <span role="status" data-test="paint-says">{{ says }}</span>
    </p>
    <slot />
    <div class="bar" role="toolbar" aria-label="Brushes">
      <button
        v-for="one in brushes"
        :key="one"
        type="button"
        :class="{ on: one === brush }"
        :aria-pressed="one === brush"
        :data-brush="one"
        @click="paint.take(one)"
      >
        {{ brushWords[one] }}
      </button>
      <label class="wide"
        >width
        <input v-model.number="width" type="range" min="0.05" max="1" step="0.05" data-test="brush-width" />
      </label>
      <label v-if="paint.snaps.value" class="snap"
        ><input v-model="snap" type="checkbox" data-test="snap" /> at the spacing of the elements</label
      >
      <span class="deeds">
        <button type="button" data-test="even" @click="evenAllRound">{{ evenHint }} ring even</button>
        <button v-if="twoRows" type="button" data-test="mirror" @click="mirrorRows">row 1 onto row 2</button>
        <button type="button" :disabled="!paint.canUndo.value" data-test="undo-paint" @click="paint.undo()">
          undo
        </button>
      </span>
    </div>
  </div>
</template>

<style scoped>
.paint {
  display: grid;
  align-content: start;
  gap: 6px;
  min-width: 0;
}

.sheet {
  display: block;
  width: 100%;
}

.touch {
  fill: transparent;
  cursor: crosshair;
  touch-action: none;
}

.touch:focus-visible {
  outline: 2px solid var(--spruce);
  outline-offset: 3px;
}

.pin {
  cursor: pointer;
}

.pin circle {
  fill: var(--sheet);
  stroke: var(--spruce);
  stroke-width: 2;
}

.pin path {
  fill: none;
  stroke: var(--spruce);
}

.pin .foot {
  fill: var(--spruce);
}

.pin text {
  font: 700 14px var(--text);
  fill: var(--ink);
  text-anchor: middle;
}

.leader path {
  fill: none;
  stroke: var(--ink-2);
}

.leader circle {
  fill: var(--ink);
}

.leader text {
  font: 600 15px var(--text);
  fill: var(--ink);
}

.leader .end {
  text-anchor: end;
}

.under {
  display: flex;
  flex-wrap: wrap;
  gap: 0 18px;
  padding-left: 56px;
}

.bar {
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 8px 0;
  background: var(--paper);
}

.bar button {
  min-height: 40px;
  padding: 0 9px;
  border: 1px solid var(--ink-2);
  border-radius: 5px;
  background: var(--sheet);
  font-weight: 600;
  cursor: pointer;
}

.bar button:disabled {
  opacity: 0.45;
  cursor: default;
}

.bar button.on {
  border-color: var(--spruce);
  background: var(--spruce);
  color: var(--on-spruce);
}

.wide,
.snap {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 40px;
  color: var(--ink-2);
  font: 15px var(--label);
}

.wide input {
  width: 84px;
  accent-color: var(--spruce);
}

.deeds {
  display: flex;
  gap: 8px;
  margin-left: auto;
}

@media (max-width: 980px) {
  .bar button {
    min-height: 44px;
  }
}
</style>
