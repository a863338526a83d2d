<script setup lang="ts">
import { shaftEnds, type EndsOutcome, type RollingPosition, type ShaftEnd } from '@yardfrost/core'
import { computed } from 'vue'
import { useFormat } from '../../figures/use-format.ts'
import ArrowHead from '../kit/ArrowHead.vue'
import HatchPattern from '../kit/HatchPattern.vue'
import BlockSection from './BlockSection.vue'
import EndSection from './EndSection.vue'
import { gapScale, placeEnd, unmeasured } from './place-end.ts'
import { heights } from './end-frame.ts'

/** Both ends of the shaft: which holds, which floats, what is machined off a cap, where the growth goes. Gaps are exaggerated. */
const { outcome, ends } = defineProps<{ outcome: EndsOutcome | null; ends: RollingPosition['ends'] }>()
const format = useFormat()

/** The sheet in px of its own; it is shown as large as its frame allows. */
const sheet = { width: 780, height: 470 }
const axis = 400
const xOf: Record<ShaftEnd, number> = { this: 216, other: 564 }
const outwardOf: Record<ShaftEnd, 1 | -1> = { this: -1, other: 1 }
const hatch = { housing: 'ends-housing', cap: 'ends-cap', cut: 'ends-cut' }

const mm = (value: number) => format.inline({ kind: 'number', number: value }, 'length', { decimals: 2 })
const scale = computed(() => gapScale(shaftEnds.map((end) => outcome?.ends[end].cap ?? null)))
const growsOut = computed(() => (outcome?.growthMm ?? 0) >= 0)
const spacers = computed<Record<ShaftEnd, number>>(() => ({ this: ends.spacerMm ?? 0, other: ends.otherSpacerMm ?? 0 }))

const placed = computed(() =>
  shaftEnds.map((end) => {
    const now = outcome?.ends[end]
    const side = now?.slides && ends.cap === 'inner' ? -1 : 1
    const cap = now?.cap
    if (!cap) return { end, cutWords: '', parts: unmeasured(side) }
    const cutWords = cap.cutMm > 0 ? `${mm(cap.cutMm)} off` : cap.fillMm > 0 ? `${mm(cap.fillMm)} to fill` : ''
    return { end, cutWords, parts: placeEnd(cap, side, scale.value, spacers.value[end] > 0) }
  }),
)
const gaps = computed(() => shaftEnds.some((end) => outcome?.ends[end].cap))
const blocks = computed(() =>
  ends.kind !== 'blocks'
    ? []
    : shaftEnds.map((end) => ({
        end,
        rings: (end === 'this' ? ends.rings : ends.otherRings) ?? 0,
        // The bearing that floats stands away from the growth: inward, where the shaft grows out.
        offset:
          outcome?.offset && outcome.sliding === end && outcome.offset.mostMm > 0 ? (growsOut.value ? -12 : 12) : 0,
      })),
)
const stateOf = (end: ShaftEnd): string => {
  if (!outcome) return ''
  const { slides, floatsInside, block } = outcome.ends[end]
  if (outcome.kind === 'blocks' && block)
    return block.verdict === 'holds' ? 'held by its rings' : block.verdict === 'floats' ? `floats, ${mm(block.roomMm)} of room` : 'rings too wide' // prettier-ignore
  if (outcome.holds === end) return 'holds the shaft'
  return floatsInside ? 'floats inside its bearing' : slides ? 'floats' : ''
}
const label: Record<ShaftEnd, string> = { this: 'This end', other: 'The other end' }
const measured = (end: ShaftEnd): string => {
  const cap = outcome?.ends[end].cap
  if (!cap) return ''
  return cap.roomMm < 0 ? `clamped by ${mm(-cap.roomMm)} as measured` : `${mm(cap.roomMm)} free as measured`
}
/** Growth runs from the end that holds to the other. */
const growth = computed(() => {
  if (!outcome?.holds || outcome.growthMm === null) return null
  const [from, to] = outcome.holds === 'this' ? ([xOf.this, xOf.other] as const) : ([xOf.other, xOf.this] as const)
  const way = Math.sign(to - from) * (growsOut.value ? 1 : -1)
  const middle = (from + to) / 2
  return { d: `M${middle - way * 80} ${axis - 29} H${middle + way * 80}`, words: `${growsOut.value ? 'grows' : 'shrinks'} ${mm(Math.abs(outcome.growthMm))}` } // prettier-ignore
})
const coupling = computed(() => {
  const { coupling: at } = ends
  if (at === null || at === 'none') return null
  const x = at === 'this' ? 34 : sheet.width - 34
  const gap = outcome?.coupling
  const words = !gap || gap.coldMm === null || gap.hotMm === null ? 'coupling' : `${mm(gap.coldMm)} cold, ${mm(gap.hotMm)} hot` // prettier-ignore
  return { x, way: at === 'this' ? -1 : 1, words, anchor: at === 'this' ? 'start' : 'end', short: gap?.hotMm != null && gap.hotMm < (gap.leastMm ?? 0) } // prettier-ignore
})
</script>

<template>
  <div class="frame">
    <svg
      :viewBox="`0 0 ${sheet.width} ${sheet.height}`"
      role="img"
      aria-label="Both ends of the shaft"
      data-test="ends-sheet"
    >
      <defs>
        <HatchPattern :id="hatch.housing" wide :size="10" />
        <HatchPattern :id="hatch.cap" leans="left" />
        <HatchPattern :id="hatch.cut" :size="4" />
        <ArrowHead id="ends-growth" tone="ember" />
      </defs>
      <path class="axis" :d="`M4 ${axis} H${sheet.width - 4}`" />
      <path class="shaft" :d="`M52 ${axis} V${axis - heights.shaft} H${sheet.width - 52} V${axis}`" />
      <g v-if="coupling" class="coupling" data-test="ends-coupling">
        <rect :x="coupling.x - 9 - coupling.way * 14" :y="axis - 74" width="18" height="90" />
        <rect :x="coupling.x - 9 + coupling.way * 12" :y="axis - 74" width="18" height="90" />
        <text
          :x="coupling.way < 0 ? 8 : sheet.width - 8"
          :y="axis - 100"
          :text-anchor="coupling.anchor"
          :class="{ short: coupling.short }"
        >
          {{ coupling.words }}
        </text>
      </g>
      <template v-if="ends.kind === 'caps'">
        <EndSection
          v-for="{ end, parts, cutWords } in placed"
          :key="end"
          :x="xOf[end]"
          :axis="axis"
          :outward="outwardOf[end]"
          :placed="parts"
          :cut-words="cutWords"
          :hatch="hatch"
          :data-end="end"
        />
      </template>
      <BlockSection
        v-for="{ end, rings, offset } in blocks"
        :key="end"
        :x="xOf[end]"
        :axis="axis"
        :outward="outwardOf[end]"
        :rings="rings"
        :offset="offset"
        :hatch="hatch"
        :data-end="end"
      />
      <g v-for="end in shaftEnds" :key="end" class="words">
        <text class="name" :x="xOf[end]" y="40">{{ label[end] }}</text>
        <text class="state" :x="xOf[end]" y="66">{{ stateOf(end) }}</text>
        <text v-if="measured(end)" :x="xOf[end]" y="90">{{ measured(end) }}</text>
      </g>
      <g v-if="growth" class="growth">
        <path :d="growth.d" marker-end="url(#ends-growth)" />
        <text :x="(xOf.this + xOf.other) / 2" :y="axis - 74">{{ growth.words }}</text>
      </g>
      <text v-if="gaps" class="scale" x="14" :y="sheet.height - 12">
        Gaps drawn {{ Math.round(scale * 4) }} times; rings and housings stand for themselves
      </text>
    </svg>
  </div>
</template>

<style scoped>
.frame {
  height: 100%;
  overflow: auto hidden;
}

svg {
  display: block;
  width: 100%;
  min-width: 620px;
  height: 100%;
}

.shaft {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.8;
}

.axis {
  fill: none;
  stroke: var(--ink-2);
  stroke-dasharray: 22 5 5 5;
}

.coupling rect {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.6;
}

text {
  fill: var(--ink-2);
  font: 16px var(--label);
}

.words text {
  text-anchor: middle;
}

.words .name {
  font: 15px var(--label);
}

.words .state {
  fill: var(--ink);
  font: 700 20px var(--text);
}

.growth path {
  fill: none;
  stroke: var(--ember);
  stroke-width: 3;
}

.growth text {
  fill: var(--ember-text);
  font: 700 19px var(--text);
  text-anchor: middle;
}

.coupling .short {
  fill: var(--stop);
  font-weight: 700;
}
</style>
