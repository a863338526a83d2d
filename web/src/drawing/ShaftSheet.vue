<script setup lang="ts">
import type { LineAssessment, ShaftLine } from '@yardfrost/core'
import { computed, ref, useId } from 'vue'
import type { HalfSection } from './half-section.ts'
import { pathData, polygon, type Scale } from './outline.ts'
import { placeReactions, reactionRowPx } from './place-reactions.ts'
import {
  alongShaft,
  layOutElevation,
  onSheet,
  partOutlines,
  placeInRows,
  roundTimes,
  snapPlace,
  tallest,
} from './elevation.ts'

/** Something on the shaft that can be picked and moved. */
export interface Handle {
  what: 'part' | 'support' | 'section'
  index: number
}

/** A shaft in elevation, to scale: its steps, bearings, parts, loads, bending and growth. Things are dragged along it. */
const { line, assessment, sections, picked, width, height, words, bends, pullable } = defineProps<{
  line: ShaftLine
  assessment: LineAssessment
  /** Half-section of the bearing at each position, by its name. */
  sections: ReadonlyMap<string, HalfSection>
  picked: Handle | null
  width: number
  height: number
  /** Words for values, in the units of the device. */
  words: {
    force: (newton: number) => string
    length: (mm: number, decimals?: number) => string
    mass: (kg: number) => string
  }
  /** Whether the bent shape is drawn. */
  bends: boolean
  /** Parts, by index, whose load arrow can be drawn out. */
  pullable: readonly boolean[]
}>()
const emit = defineEmits<{
  pick: [handle: Handle | null]
  grab: []
  move: [handle: Handle, xMm: number]
  /** A load arrow is drawn out to so many times the length it was taken hold of at. */
  push: [index: number, times: number]
}>()

const id = useId()
/** Outside diameter taken for a bearing nobody has put there, mm: a middling one for the shaft under it. */
const guessedOd = (xMm: number) => 1.9 * diameterAt(xMm)
function diameterAt(xMm: number): number {
  let from = 0
  for (const { lengthMm, diameterMm } of line.sections) {
    if (xMm <= from + lengthMm) return diameterMm
    from += lengthMm
  }
  return line.sections[line.sections.length - 1]?.diameterMm ?? 50
}
const odOf = (position: string) => {
  const support = line.supports.find((one) => one.position === position)
  return sections.get(position)?.odMm ?? guessedOd(support?.xMm ?? 0)
}

const elevation = computed(() => layOutElevation(line, tallest(line, odOf), width, height))
const at = (xMm: number, upPx = 0) => onSheet(elevation.value, xMm, upPx)
const px = (mm: number) => mm * elevation.value.pxPerMm
const turned = computed(() => {
  const { middle, tiltDeg } = elevation.value
  return `rotate(${-tiltDeg} ${middle.x} ${middle.y})`
})

const steps = computed(() => {
  let from = 0
  return line.sections.map(({ lengthMm, diameterMm, boreMm }) => {
    const x = elevation.value.x0 + px(from)
    from += lengthMm
    return { x, width: px(lengthMm), height: px(diameterMm), bore: px(boreMm) }
  })
})
const edges = computed(() => {
  let from = 0
  return [0, ...line.sections.map(({ lengthMm }) => (from += lengthMm))]
})

const supports = computed(() =>
  line.supports.map((support) => {
    const section = sections.get(support.position)
    const scale: Scale = { pxPerMm: elevation.value.pxPerMm, x0: 0, y0: 0 }
    const od = px(odOf(support.position))
    const ringPx = section ? px(section.outer.to - section.outer.from) : od * 0.22
    return {
      ...support,
      x: elevation.value.x0 + px(support.xMm),
      shapes: section?.shapes.map(({ part, outline }) => ({ part, d: pathData(outline, scale) })) ?? [],
      od,
      bore: px(section?.boreMm ?? diameterAt(support.xMm)),
      half: ringPx / 2,
      wall: od * 0.13,
    }
  }),
)

const parts = computed(() =>
  line.parts.map((part) => {
    const scale: Scale = { pxPerMm: elevation.value.pxPerMm, x0: 0, y0: 0 }
    const x = elevation.value.x0 + px(part.xMm)
    const outlines = partOutlines(part)
    // What hangs over the left end faces that way.
    const facing =
      part.xMm < Math.min(...line.supports.map(({ xMm }) => xMm)) && (part.kind === 'chuck' || part.kind === 'impeller')
        ? -1
        : 1
    const along = outlines.flatMap(({ points }) => points.map(([mm]) => facing * mm))
    return {
      id: part.id,
      kind: part.kind,
      x,
      facing,
      shapes: outlines.map(({ points, solid }) => ({ d: pathData(polygon(points), scale), solid })),
      from: x + px(Math.min(...along)),
      to: x + px(Math.max(...along)),
      reach: px('diameterMm' in part ? part.diameterMm / 2 : diameterAt(part.xMm) / 2),
    }
  }),
)

const letterPx = 8.2
const rowPx = 19
const longestArrow = 64
const shortestArrow = 24

/** The loads of one part stand together: its arrow is the largest that does not turn, its words name them all. */
const arrows = computed(() => {
  const shown = assessment.loads.filter(({ what, radialN }) => what !== 'tooth couple' && radialN > 0)
  const most = Math.max(...shown.map(({ radialN }) => radialN), 1)
  const sources = [...new Set(shown.map(({ from }) => from))].map((from) => {
    const loads = shown.filter((load) => load.from === from)
    const standing = loads.filter(({ turns }) => !turns).sort((a, b) => b.radialN - a.radialN)
    const [main] = standing.length > 0 ? standing : loads
    const xMm = main?.xMm ?? 0
    const part = parts.value.find(({ id: name }) => name === from)
    const angle = ((((main?.angleDeg ?? 0) % 360) + 360) % 360) * (Math.PI / 180)
    return {
      from,
      partIndex: line.parts.findIndex(({ id: name }) => name === from),
      text: loads
        .map(
          (load) =>
            `${load.what === 'force' || load.what === 'weight' ? from : load.what} ${words.force(load.radialN)}`,
        )
        .join(' + '),
      place: at(xMm),
      tipPx: Math.max(part?.reach ?? 0, px(diameterAt(xMm)) / 2),
      length: Math.max(shortestArrow, ((main?.radialN ?? 0) / most) * longestArrow),
      // Seen from the side, a load from the side comes straight out of the sheet.
      way:
        standing.length === 0
          ? ('turns' as const)
          : Math.abs(Math.cos(angle)) < 0.35
            ? ('sideways' as const)
            : Math.cos(angle) > 0
              ? ('down' as const)
              : ('up' as const),
      turns: standing.length > 0 && loads.some(({ turns }) => turns),
    }
  })
  // A label that would run off the sheet stands to the left of its arrow.
  const labels = sources.map(({ text, place }) => {
    const widthPx = text.length * letterPx
    const left = place.x + 8 + widthPx > width - 8
    return { left, x: left ? place.x - 8 - widthPx : place.x + 8, width: widthPx }
  })
  const rows = placeInRows(labels)
  const highest = Math.min(
    ...sources.map(({ place, tipPx, length }) => place.y - tipPx - length),
    elevation.value.axisY,
  )
  // Where there is too little room above, the rows come down together.
  const lowestY = Math.max(highest - 6, 18 + Math.max(0, ...rows) * rowPx)
  return sources.map((source, index) => ({
    ...source,
    x: source.place.x,
    y: source.place.y - source.tipPx,
    labelX: labels[index]?.left ? source.place.x - 6 : source.place.x + 6,
    anchor: labels[index]?.left ? 'end' : 'start',
    labelY: lowestY - (rows[index] ?? 0) * rowPx,
  }))
})

/** All of the thrust, at the end of the shaft that it pushes away from. */
const thrust = computed(() => {
  const newton = assessment.thrustN
  if (Math.abs(newton) < 1) return null
  const toRight = newton > 0
  const reach = Math.max(elevation.value.lengthMm, ...line.parts.map(({ xMm }) => xMm))
  const end = at(reach, 0)
  return { x: end.x + 14, y: end.y - 16, toRight, text: `thrust ${words.force(Math.abs(newton))}`, length: 54 }
})

/** Loads on the bearings, below the machine. */
const reactions = computed(() => {
  const labels = supports.value.map((support, index) => {
    const load = assessment.supports[index]
    const { x, y } = at(support.xMm)
    const top = support.od / 2 + support.wall + 12
    const newton = (load?.downN ?? 0) < 0 ? -(load?.radialN ?? 0) : (load?.radialN ?? 0)
    return {
      letter: String.fromCharCode(65 + index),
      x,
      top,
      y: y + top,
      lifted: newton < 0,
      text: words.force(newton),
      axial: load && Math.abs(load.axialN) > 0.5 ? words.force(Math.abs(load.axialN)) : '',
    }
  })
  const places = placeReactions(labels, parts.value)
  return labels.map((label, index) => {
    const { left, row } = places[index] ?? { left: false, row: 0 }
    return { ...label, left, wordsY: label.y + 44 + row * reactionRowPx }
  })
})
const floor = computed(() => height - 18)

const growth = computed(() => {
  const mm = assessment.growth?.growthMm ?? 0
  const held = line.supports.find(({ holds }) => holds === 'both')
  const [first, last] = [...line.supports]
    .sort((a, b) => a.xMm - b.xMm)
    .flatMap((one, index, all) => (index === 0 || index === all.length - 1 ? [one] : []))
  if (!first || !last || first === last || Math.abs(mm) < 0.005) return null
  const toRight = assessment.growsTo !== 'left'
  const from = toRight ? first : last
  const to = toRight ? last : first
  const times = roundTimes(px(Math.abs(mm)), 60)
  const up = Math.max(...supports.value.map(({ od, wall }) => od / 2 + wall)) + 12
  return {
    from: at((held ?? from).xMm, up),
    to: at(to.xMm, up),
    tip: at(to.xMm + (toRight ? 1 : -1) * Math.abs(mm) * times, up),
    text: `grows ${words.length(Math.abs(mm), 2)}, drawn ${times} times`,
  }
})

const bent = computed(() => {
  const { bending } = assessment
  if (!bends || !bending || bending.largestMm <= 0) return null
  const largest = Math.max(...bending.deflectionMm.map(Math.abs))
  const times = roundTimes(px(largest), 34)
  const points = bending.xMm.map((xMm, node) => at(xMm, -px(bending.deflectionMm[node] ?? 0) * times))
  return {
    d: points.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join(''),
    text: `bends ${words.length(bending.largestMm, 3)}, drawn ${times} times`,
  }
})

const span = computed(() => {
  const places = line.supports.map(({ xMm }) => xMm).sort((a, b) => a - b)
  return places.slice(1).map((to, index) => {
    const from = places[index] ?? 0
    return { x1: at(from).x, x2: at(to).x, text: words.length(to - from, 0) }
  })
})

// A drag is one step to take back: it is announced when it begins, and told on the way.
const dragging = ref<{ handle: Handle; x: number; y: number; fromMm: number } | null>(null)
const placeOf = ({ what, index }: Handle): number =>
  (what === 'part' ? line.parts[index]?.xMm : line.supports[index]?.xMm) ?? 0

function grab(event: PointerEvent, handle: Handle) {
  emit('pick', handle)
  if (handle.what === 'section') return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  dragging.value = { handle, x: event.clientX, y: event.clientY, fromMm: placeOf(handle) }
}
let moved = false
function drag(event: PointerEvent) {
  const held = dragging.value
  if (!held) return
  const byMm = alongShaft(elevation.value, event.clientX - held.x, event.clientY - held.y)
  if (!moved && Math.abs(byMm * elevation.value.pxPerMm) < 3) return
  if (!moved) emit('grab')
  moved = true
  const others = line.supports.filter((_, index) => held.handle.what !== 'support' || index !== held.handle.index)
  const to = snapPlace(
    held.fromMm + byMm,
    [...edges.value, ...others.map(({ xMm }) => xMm)],
    5 / elevation.value.pxPerMm,
    event.ctrlKey ? 1 : 5,
  )
  if (to !== placeOf(held.handle)) emit('move', held.handle, to)
}
function drop() {
  dragging.value = null
  moved = false
}

const pushing = ref<{ index: number; y: number; length: number } | null>(null)
function grabArrow(event: PointerEvent, { partIndex, length, way }: (typeof arrows.value)[number]) {
  if (!pullable[partIndex]) return
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
  // An arrow that points up is drawn out by its head, one that points down by its tail: up is longer either way.
  pushing.value = { index: partIndex, y: event.clientY, length: way === 'sideways' ? longestArrow : length }
  emit('pick', { what: 'part', index: partIndex })
  emit('grab')
}
function pull(event: PointerEvent) {
  const held = pushing.value
  if (held) emit('push', held.index, 1 + (held.y - event.clientY) / held.length)
}

function nudge(event: KeyboardEvent, handle: Handle) {
  if (handle.what === 'section') return
  const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key]
  if (!by) return
  event.preventDefault()
  emit('grab')
  emit('move', handle, placeOf(handle) + by * (event.shiftKey ? 10 : 1))
}
/** What the mouse and the keys do to a thing on the shaft, be it part or bearing. */
const movedBy = (handle: Handle) => ({
  pointerdown: (event: PointerEvent) => grab(event, handle),
  pointermove: drag,
  pointerup: drop,
  pointercancel: drop,
  focus: () => emit('pick', handle),
  keydown: (event: KeyboardEvent) => nudge(event, handle),
})
const isPicked = (what: Handle['what'], index: number) => picked?.what === what && picked.index === index
</script>

<template>
  <svg
    class="sheet"
    :width="width"
    :height="height"
    role="group"
    aria-label="The shaft in elevation"
    data-test="shaft-sheet"
  >
    <defs>
      <pattern :id="`${id}-a`" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line class="hatch" y2="6" />
      </pattern>
      <pattern :id="`${id}-b`" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(-45)">
        <line class="hatch" y2="6" />
      </pattern>
      <pattern :id="`${id}-h`" width="11" height="11" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <line class="hatch wide" y2="11" />
      </pattern>
      <marker
        v-for="tone in ['ember', 'ink', 'stop']"
        :id="`${id}-${tone}`"
        :key="tone"
        viewBox="0 0 16 12"
        refX="16"
        refY="6"
        markerWidth="16"
        markerHeight="12"
        markerUnits="userSpaceOnUse"
        orient="auto"
      >
        <path :class="`head-${tone}`" d="M0 0 L16 6 L0 12 Z" />
      </marker>
    </defs>

    <g :transform="turned">
      <g
        v-for="(step, index) in steps"
        :key="`s${index}`"
        role="button"
        tabindex="0"
        :aria-label="`Step ${index + 1} of the shaft`"
        :class="{ picked: isPicked('section', index) }"
        :data-section="index"
        @pointerdown="emit('pick', { what: 'section', index })"
        @focus="emit('pick', { what: 'section', index })"
      >
        <rect
          class="solid"
          :x="step.x"
          :width="step.width"
          :y="elevation.axisY - step.height / 2"
          :height="step.height"
        />
        <path
          v-if="step.bore > 0"
          class="hidden"
          :d="`M${step.x} ${elevation.axisY - step.bore / 2} h${step.width} M${step.x} ${elevation.axisY + step.bore / 2} h${step.width}`"
        />
      </g>
      <g
        v-for="(part, index) in parts"
        :key="part.id"
        class="movable"
        role="button"
        tabindex="0"
        :aria-label="`${part.kind} ${part.id}, arrow keys move it`"
        :class="{ picked: isPicked('part', index) }"
        :data-part="part.id"
        :transform="`translate(${part.x} ${elevation.axisY})`"
        v-on="movedBy({ what: 'part', index })"
      >
        <!-- Something to take hold of where the drawing is hollow. -->
        <rect
          class="grip"
          :x="-Math.max(14, part.reach * 0.2)"
          :width="2 * Math.max(14, part.reach * 0.2)"
          :y="-part.reach"
          :height="2 * part.reach"
        />
        <g v-for="side in [1, -1]" :key="side" :transform="`scale(${part.facing} ${side})`">
          <path v-for="(shape, at_) in part.shapes" :key="at_" :class="shape.solid ? 'solid' : 'line'" :d="shape.d" />
        </g>
        <circle v-if="part.shapes.length === 0" class="dot" r="6" />
      </g>
      <g
        v-for="(support, index) in supports"
        :key="support.position"
        class="movable"
        role="button"
        tabindex="0"
        :aria-label="`${support.position}, arrow keys move it`"
        :class="{ picked: isPicked('support', index) }"
        :data-support="support.position"
        :transform="`translate(${support.x} ${elevation.axisY})`"
        v-on="movedBy({ what: 'support', index })"
      >
        <rect
          class="grip"
          :x="-support.half * 2"
          :width="support.half * 4"
          :y="-support.od / 2 - support.wall"
          :height="support.od + 2 * support.wall"
        />
        <g v-for="side in [1, -1]" :key="side" :transform="`scale(1 ${side})`">
          <rect
            class="solid"
            :x="-support.half * 1.9"
            :width="support.half * 3.8"
            :y="-support.od / 2 - support.wall"
            :height="support.wall"
          />
          <rect
            :fill="`url(#${id}-h)`"
            class="edge"
            :x="-support.half * 1.9"
            :width="support.half * 3.8"
            :y="-support.od / 2 - support.wall"
            :height="support.wall"
          />
          <template v-if="support.shapes.length">
            <template v-for="({ part, d }, at_) in support.shapes" :key="at_">
              <path v-if="part !== 'cage'" class="solid thin" :d="d" />
              <path
                v-if="part === 'inner-ring' || part === 'outer-ring'"
                class="edge thin"
                :d="d"
                :fill="`url(#${id}-${part === 'inner-ring' ? 'a' : 'b'})`"
              />
            </template>
          </template>
          <rect
            v-else
            class="unknown"
            :x="-support.half"
            :width="support.half * 2"
            :y="-support.od / 2"
            :height="(support.od - support.bore) / 2"
          />
          <rect
            v-for="edge in [-1, 1]"
            :key="edge"
            :class="support.holds === 'both' || support.holds === (edge > 0 ? 'right' : 'left') ? 'holds' : 'free'"
            :x="support.holds === 'none' ? edge * (support.half + 7) - 3 : edge * (support.half + 3.5) - 3.5"
            :width="support.holds === 'none' ? 6 : 7"
            :y="-support.od / 2"
            :height="Math.max(4, (support.od - support.bore) * 0.1)"
          />
        </g>
      </g>
      <path class="axis" :d="`M12 ${elevation.axisY} H${width - 12}`" />
    </g>

    <path v-if="bent" class="bent" :d="bent.d" />
    <text v-if="bent" class="bent-words" x="20" :y="height - 12">{{ bent.text }}</text>

    <g v-if="growth" class="growth">
      <path class="reach" :d="`M${growth.from.x} ${growth.from.y} L${growth.to.x} ${growth.to.y}`" />
      <path
        class="arrow"
        :d="`M${growth.to.x} ${growth.to.y} L${growth.tip.x} ${growth.tip.y}`"
        :marker-end="`url(#${id}-ember)`"
      />
      <text :x="(growth.from.x + growth.to.x) / 2" :y="(growth.from.y + growth.to.y) / 2 - 7" text-anchor="middle">
        {{ growth.text }}
      </text>
    </g>

    <g
      v-for="arrow in arrows"
      :key="arrow.from"
      class="load"
      :class="{ pullable: pullable[arrow.partIndex] }"
      :data-load="arrow.from"
      @pointerdown="grabArrow($event, arrow)"
      @pointermove="pull"
      @pointerup="pushing = null"
      @pointercancel="pushing = null"
    >
      <rect class="grip" :x="arrow.x - 12" width="24" :y="arrow.y - arrow.length" :height="arrow.length" />
      <path class="leader" :d="`M${arrow.x} ${arrow.y - 20} V${arrow.labelY + 4}`" />
      <path
        v-if="arrow.way === 'down'"
        :d="`M${arrow.x} ${arrow.y - arrow.length} V${arrow.y}`"
        :marker-end="`url(#${id}-ember)`"
      />
      <path
        v-else-if="arrow.way === 'up'"
        :d="`M${arrow.x} ${arrow.y} V${arrow.y - arrow.length}`"
        :marker-end="`url(#${id}-ember)`"
      />
      <template v-else-if="arrow.way === 'sideways'">
        <circle class="ring" :cx="arrow.x" :cy="arrow.y - 14" r="9" />
        <circle class="head-ember" :cx="arrow.x" :cy="arrow.y - 14" r="3" />
      </template>
      <path
        v-if="arrow.way === 'turns' || arrow.turns"
        class="round"
        :d="`M${arrow.x - 9} ${arrow.y - 8} a11 11 0 1 1 15 5`"
        :marker-end="`url(#${id}-ember)`"
      />
      <text :x="arrow.labelX" :y="arrow.labelY" :text-anchor="arrow.anchor">{{ arrow.text }}</text>
    </g>
    <g v-if="thrust" class="load">
      <path
        :d="
          thrust.toRight
            ? `M${thrust.x} ${thrust.y} h${thrust.length}`
            : `M${thrust.x + thrust.length} ${thrust.y} h${-thrust.length}`
        "
        :marker-end="`url(#${id}-ember)`"
      />
      <text
        :x="Math.min(thrust.x, width - 8)"
        :y="thrust.y - 9"
        :text-anchor="thrust.x > width - 130 ? 'end' : 'start'"
      >
        {{ thrust.text }}
      </text>
    </g>

    <g v-for="(one, index) in reactions" :key="index" class="reaction" :data-reaction="line.supports[index]?.position">
      <path
        :d="one.lifted ? `M${one.x} ${one.y} v44` : `M${one.x} ${one.y + 44} v-44`"
        :marker-end="`url(#${id}-ink)`"
      />
      <g :text-anchor="one.left ? 'end' : 'start'">
        <text v-if="!one.left" class="letter" :x="one.x - 20" :y="one.wordsY">
          {{ one.letter }}
        </text>
        <text class="big" :x="one.left ? one.x - 12 : one.x + 12" :y="one.wordsY">
          <tspan v-if="one.left" class="letter">{{ one.letter }}&#8194;</tspan>
          {{ one.text }}
        </text>
        <text v-if="one.axial" class="small" :x="one.left ? one.x - 12 : one.x + 12" :y="one.wordsY + 16">
          {{ one.axial }} along
        </text>
      </g>
    </g>

    <g v-for="(one, index) in span" :key="`d${index}`" class="dimension">
      <path :d="`M${one.x1} ${floor} H${one.x2} M${one.x1} ${floor - 6} v12 M${one.x2} ${floor - 6} v12`" />
      <text :x="(one.x1 + one.x2) / 2" :y="floor - 6" text-anchor="middle">{{ one.text }}</text>
    </g>
  </svg>
</template>

<style scoped>
.pullable {
  cursor: ns-resize;
}

.sheet {
  display: block;
  touch-action: none;
  user-select: none;
}

/* Words stay readable over the lines they cross. */
text {
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 4px;
  stroke-linejoin: round;
}

.hatch {
  stroke: var(--ink-2);
  stroke-width: 0.9;
}

.wide {
  stroke: color-mix(in srgb, var(--ink-2) 60%, transparent);
}

.solid {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.7;
}

.solid.thin {
  stroke-width: 1.1;
}

.edge {
  stroke: var(--ink);
  stroke-width: 1.7;
}

.edge.thin {
  stroke-width: 1.1;
}

.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
}

.hidden {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.2;
  stroke-dasharray: 6 4;
}

.unknown {
  fill: none;
  stroke: var(--ink-2);
  stroke-dasharray: 5 4;
}

.holds {
  fill: var(--ink);
}

.free {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
}

.grip {
  fill: transparent;
}

.dot {
  fill: var(--sheet);
  stroke: var(--ember);
  stroke-width: 2;
}

.movable {
  cursor: ew-resize;
}

[role='button']:focus {
  outline: none;
}

.picked .solid,
.picked > rect.solid {
  stroke: var(--spruce);
  stroke-width: 2.6;
}

.axis {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 1;
  stroke-dasharray: 26 5 5 5;
  pointer-events: none;
}

.bent {
  fill: none;
  stroke: var(--ember);
  stroke-width: 1.8;
  stroke-dasharray: 8 4;
  pointer-events: none;
}

.bent-words,
.growth text {
  fill: var(--ember-text);
  font: 16px var(--label);
}

.growth {
  pointer-events: none;
}

.reach {
  stroke: var(--ink-2);
  stroke-dasharray: 4 4;
}

.arrow {
  fill: none;
  stroke: var(--ember);
  stroke-width: 3;
}

.load path,
.ring {
  fill: none;
  stroke: var(--ember);
  stroke-width: 2.6;
}

.load .round {
  stroke-width: 1.8;
}

.load .leader {
  stroke: color-mix(in srgb, var(--ember) 45%, transparent);
  stroke-width: 1;
}

.load text {
  fill: var(--ember-text);
  font: 650 15px var(--text);
}

.head-ember {
  fill: var(--ember);
  stroke: none;
}

.head-ink {
  fill: var(--ink);
}

.head-stop {
  fill: var(--stop);
}

.reaction path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.6;
}

.letter {
  fill: var(--ink-2);
  font: 650 15px var(--text);
}

.big {
  fill: var(--ink);
  font: 700 19px var(--text);
}

.small {
  fill: var(--ember-text);
  font: 15px var(--label);
}

.dimension path {
  fill: none;
  stroke: var(--ink-2);
}

.dimension text {
  fill: var(--ink);
  font: 16px var(--label);
}
</style>
