<script setup lang="ts">
import { expectedTracks, loadedRing, racewaysOf, type Part, type PinnedPhoto } from '@yardfrost/core'
import { computed, ref, shallowRef } from 'vue'
import { bearingParts } from '../../damage/damage-words.ts'
import PaintSheet from '../../damage/PaintSheet.vue'
import PartSigns from '../../damage/PartSigns.vue'
import PartsRow from '../../damage/PartsRow.vue'
import type { Painted } from '../../damage/use-painting.ts'
import { trackWords } from './track-words.ts'
import { useBench } from '../use-bench.ts'
import PhotoPanel from './PhotoPanel.vue'
import { useBenchPhotos } from '../use-bench-photos.ts'
import { useSigns } from './use-signs.ts'

/** The raceways of this bearing to paint on, and its other parts to point at. */
const bench = useBench()
const { seen, notSeen, answer } = useSigns()

const outcome = computed(() => bench.assessment.value.outcomes.diagnose)
const loadCase = computed(() => bench.effective.value.seat.loadCase)
const raceways = computed(() => {
  const bearing = bench.bearing.value
  return bearing ? racewaysOf(bearing, loadCase.value, outcome.value.examined?.hasInnerRing === false) : []
})
/** Worked out once a stroke: where tracks were held against them already, those. */
const expected = computed(() => {
  if (outcome.value.expected) return outcome.value.expected
  const { carry, float } = bench.assessment.value.outcomes
  return expectedTracks(bench.effective.value, carry, float)?.bands ?? []
})
/** Of bearings set in pairs there are two to paint. */
const paired = computed(() => bench.inputs.value.load.arrangement !== 'single')
const onMate = ref(false)
const pairWords = [
  [false, 'this one'],
  [true, 'the other of the pair'],
] as const
const painted = computed<Painted>({
  get: () => {
    const { bands, marks, mateBands, mateMarks } = bench.inputs.value.diagnose
    return onMate.value ? { bands: mateBands, marks: mateMarks } : { bands, marks }
  },
  set: ({ bands, marks }) => {
    Object.assign(bench.inputs.value.diagnose, onMate.value ? { mateBands: bands, mateMarks: marks } : { bands, marks })
  },
})
const open = ref<Part | null>(null)

const photos = useBenchPhotos()
const pins = computed(() => bench.inputs.value.diagnose.photos)
const pinning = ref(false)
/** Place of the photograph that is taken or looked at, and which one it is. */
const place = shallowRef<Pick<PinnedPhoto, 'ring' | 'row' | 'deg' | 'u'> | null>(null)
const photoId = ref<string | null>(null)
const photo = computed(() => pins.value.find((one) => one.photo === photoId.value) ?? null)
function pin(at: NonNullable<typeof place.value>) {
  pinning.value = false
  photoId.value = null
  place.value = at
}
function look(id: string) {
  photoId.value = id
  place.value = photo.value
}
const match = computed(() => outcome.value.trackMatch)
</script>

<template>
  <div class="marks-sheet">
    <PartSigns
      v-if="open"
      :part="open"
      :examined="outcome.examined"
      :seen="seen"
      :not-seen="notSeen"
      @answer="answer"
      @close="open = null"
    />
    <PhotoPanel
      v-if="place && !open"
      :place="place"
      :shown="photo"
      :photos="photos"
      @taken="photoId = $event"
      @close="place = null"
    />
    <p v-if="paired && !open && !place" class="tabs pair" role="group" aria-label="Which of the pair">
      <button
        v-for="[mate, words] in pairWords"
        :key="words"
        type="button"
        :aria-pressed="onMate === mate"
        :data-mate="mate"
        @click="onMate = mate"
      >
        {{ words }}
      </button>
    </p>
    <PaintSheet
      v-show="!open && !place"
      :key="String(onMate)"
      v-model="painted"
      :raceways="raceways"
      :expected="onMate ? [] : expected"
      :load-on="loadedRing(loadCase)"
      :pins="onMate ? [] : pins"
      :pinning="pinning"
      @pin="pin"
      @photo="look"
    >
      <template v-if="!onMate" #under>
        <button type="button" class="link" :aria-pressed="pinning" data-test="pin" @click="pinning = !pinning">
          {{ pinning ? 'pin nothing' : 'pin a photograph' }}
        </button>
        <span v-if="pinning" role="status">Press the place on a strip that it shows.</span>
        <span v-else-if="pins.length">{{ pins.length }} pinned: press a number to see it</span>
      </template>
      <p v-if="match" class="label match" data-test="track-match">
        {{ outcome.asExpected ? 'Painted tracks are those that this position should show.' : trackWords(match) }}
      </p>
      <p v-else-if="painted.bands.length === 1" class="label match">
        Paint the other ring too, and the tracks are matched.
      </p>
      <PartsRow class="parts" :parts="bearingParts" :examined="outcome.examined" :seen="seen" @open="open = $event" />
    </PaintSheet>
  </div>
</template>

<style scoped src="../../form/tabs.css"></style>
<style scoped>
.pair {
  padding: 6px 0 0 56px;
}

.marks-sheet {
  min-height: 100%;
  padding: 6px 22px 10px;
}

.match,
.parts {
  padding-left: 56px;
}
</style>
