<script setup lang="ts">
import type { FilmPressure } from '@yardfrost/core'
import { computed } from 'vue'
import { polyline } from '../kit/polyline.ts'
import { roundPoint, type DrawnSleeve, type SleeveFrame } from './frame.ts'

/** The bearing cut across, seen from the end it turns clockwise: the journal in its gap, load, feed, oil, and the pressure of the film. */
const {
  sleeve,
  frame,
  id,
  pressure = null,
} = defineProps<{
  sleeve: DrawnSleeve
  frame: SleeveFrame
  id: string
  pressure?: FilmPressure | null
}>()

const at = computed(() => ({ x: frame.across.x, y: frame.axisY }))
/** Narrowest gap, degrees from the top. */
const narrowDeg = computed(() => sleeve.loadDeg + sleeve.attitudeDeg)
const centre = computed(() => roundPoint(at.value.x, at.value.y, frame.gap * sleeve.eccentricity, narrowDeg.value))
const round = (radius: number, deg: number) => roundPoint(at.value.x, at.value.y, radius, deg)

/** Pressure stands outward of the bore, the highest a third of the way through the wall of bush and housing. */
const pressureFull = computed(() => 0.72 * (frame.housing - frame.bore))
const field = computed(() => {
  if (!pressure) return ''
  const places = pressure.places.filter(({ times }) => times > 0.005)
  if (places.length < 3) return ''
  const start = narrowDeg.value - 180
  const outer = places.map(({ deg, times }) => round(frame.bore + (pressureFull.value * times) / pressure.mostTimes, start + deg)) // prettier-ignore
  const inner = places.map(({ deg }) => round(frame.bore, start + deg)).reverse()
  return `${polyline([...outer, ...inner])}Z`
})
const ribs = computed(() => {
  if (!pressure) return ''
  const start = narrowDeg.value - 180
  return pressure.places
    .filter(({ times }, index) => index % 4 === 0 && times > 0.05)
    .map(({ deg, times }) => {
      const [from, to] = [round(frame.bore + (pressureFull.value * times) / pressure.mostTimes, start + deg), round(frame.bore, start + deg)] // prettier-ignore
      return `M${from.x.toFixed(1)} ${from.y.toFixed(1)}L${to.x.toFixed(1)} ${to.y.toFixed(1)}`
    })
    .join('')
})

const load = computed(() => {
  // The arrow ends on the journal, on the side away from where it is pressed.
  const away = sleeve.loadDeg + 180
  return { from: roundPoint(centre.value.x, centre.value.y, frame.journal * 0.62, away), to: roundPoint(centre.value.x, centre.value.y, frame.journal * 0.62, sleeve.loadDeg) } // prettier-ignore
})
const turn = computed(() => {
  const r = frame.journal * 0.8
  const arc = (from: number, to: number, sweep: 0 | 1) => {
    const [a, b] = [roundPoint(centre.value.x, centre.value.y, r, from), roundPoint(centre.value.x, centre.value.y, r, to)] // prettier-ignore
    return `M${a.x.toFixed(1)} ${a.y.toFixed(1)}A${r} ${r} 0 0 ${sweep} ${b.x.toFixed(1)} ${b.y.toFixed(1)}`
  }
  const away = sleeve.loadDeg + 180
  return sleeve.bothWays ? [arc(away + 25, away + 65, 1), arc(away - 25, away - 65, 0)] : [arc(away + 20, away + 75, 1)]
})
const feed = computed(() => {
  if (sleeve.feedDeg === null) return null
  const half = Math.max(3, 0.035 * frame.journal)
  const sideways = (deg: number, radius: number, by: number) => {
    const middle = round(radius, deg)
    const rad = (deg * Math.PI) / 180
    return { x: middle.x + by * Math.cos(rad), y: middle.y + by * Math.sin(rad) }
  }
  const d = sleeve.feedDeg
  const inner = frame.bore - 1
  return `${polyline([sideways(d, frame.housing, -half), sideways(d, inner, -half), sideways(d, inner, half), sideways(d, frame.housing, half)])}`
})
/** A groove along the axis is a notch in the bore. */
const notch = computed(() => {
  if (sleeve.groove !== 'axial' || sleeve.feedDeg === null) return null
  const reach = 11
  const deep = Math.max(4, (frame.outside - frame.bore) * 0.4)
  const points = [-reach, -reach * 0.5, reach * 0.5, reach].map((by, index) =>
    round(index === 1 || index === 2 ? frame.bore + deep : frame.bore, (sleeve.feedDeg ?? 0) + by),
  )
  return `${polyline(points)}Z`
})
const joint = computed(() => (sleeve.split ? `M${at.value.x - frame.housing} ${at.value.y}H${at.value.x - frame.bore}M${at.value.x + frame.bore} ${at.value.y}H${at.value.x + frame.housing}` : '')) // prettier-ignore
const ring = computed(() => {
  if (!sleeve.ring) return null
  const inside = (sleeve.ring.insideMm / 2) * frame.pxPerMm
  const y = centre.value.y - frame.journal + inside
  const level = y + inside - sleeve.ring.dipMm * frame.pxPerMm
  const thick = Math.max(4, 0.05 * inside)
  // The sump is wide enough for the ring to hang free.
  const half = Math.max(frame.housing, inside + thick + 8)
  return { x: centre.value.x, y, inside, thick, level, half, floor: y + inside * 1.12 + 8 }
})
</script>

<template>
  <g>
    <g v-if="ring">
      <path
        class="oil"
        :d="`M${at.x - ring.half} ${ring.level}H${at.x + ring.half}V${ring.floor}H${at.x - ring.half}Z`"
        data-part="oil"
      />
      <path class="edge" :d="`M${at.x - ring.half} ${at.y}V${ring.floor}H${at.x + ring.half}V${at.y}`" />
      <path class="level" :d="`M${at.x - ring.half} ${ring.level}H${at.x + ring.half}`" />
    </g>
    <circle class="solid edge" :cx="at.x" :cy="at.y" :r="frame.housing" />
    <circle class="edge" :cx="at.x" :cy="at.y" :r="frame.housing" :fill="`url(#${id}-housing)`" />
    <circle class="solid edge" :cx="at.x" :cy="at.y" :r="frame.outside" />
    <circle class="edge" :cx="at.x" :cy="at.y" :r="frame.outside" :fill="`url(#${id}-bush)`" />
    <path v-if="feed" class="hole" :d="feed" />
    <path v-if="notch" class="hole" :d="notch" />
    <circle class="edge" :class="sleeve.oiled ? 'film' : 'solid'" :cx="at.x" :cy="at.y" :r="frame.bore" />
    <path v-if="field" class="pressure" :d="field" data-test="film-pressure" />
    <path v-if="ribs" class="ribs" :d="ribs" />
    <path v-if="joint" class="edge" :d="joint" />
    <circle class="solid edge" :cx="centre.x" :cy="centre.y" :r="frame.journal" data-part="journal" />
    <g v-if="ring">
      <circle class="ring" :cx="ring.x" :cy="ring.y" :r="ring.inside + ring.thick / 2" :stroke-width="ring.thick + 3" />
      <circle
        class="ring inner"
        :cx="ring.x"
        :cy="ring.y"
        :r="ring.inside + ring.thick / 2"
        :stroke-width="ring.thick"
      />
      <!-- prettier-ignore -->
    </g>
    <path v-for="d in turn" :key="d" class="turns" :d="d" :marker-end="`url(#${id}-turn)`" />
    <path
      v-if="!sleeve.loadTurns"
      class="load"
      :d="`M${load.from.x} ${load.from.y}L${load.to.x} ${load.to.y}`"
      :marker-end="`url(#${id}-load)`"
      data-test="load-arrow"
    />
    <path
      class="axis"
      :d="`M${at.x - frame.housing - 14} ${at.y}H${at.x + frame.housing + 14}M${at.x} ${at.y - frame.housing - 14}V${at.y + frame.housing + 14}`"
    />
    <!-- prettier-ignore -->
    <path class="centre" :d="`M${centre.x - 7} ${centre.y}h14M${centre.x} ${centre.y - 7}v14`" />
  </g>
</template>

<style src="../kit/lines.css"></style>
<style scoped>
.film {
  fill: color-mix(in srgb, var(--ink-2) 16%, var(--paper));
}

.oil {
  fill: color-mix(in srgb, var(--ink-2) 18%, transparent);
}

.level {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.4;
}

.hole {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.4;
}

.pressure {
  fill: var(--ember-soft);
  stroke: var(--ember);
  stroke-width: 2;
}

.ribs {
  fill: none;
  stroke: var(--ember);
  stroke-width: 0.8;
}

.load {
  fill: none;
  stroke: var(--ember);
  stroke-width: 4;
}

.turns {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 2;
}

.ring {
  fill: none;
  stroke: var(--ink);
}

.ring.inner {
  stroke: var(--sheet);
}

.centre {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1.2;
}
</style>
