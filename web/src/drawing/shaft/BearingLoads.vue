<script setup lang="ts">
import type { BearingLoad } from './place-reactions.ts'

/** What the bearings carry, as arrows from below, each with its letter. */
defineProps<{ id: string; loads: readonly BearingLoad[] }>()
</script>

<template>
  <g v-for="(one, index) in loads" :key="index" class="reaction" :data-reaction="one.position">
    <path :d="one.lifted ? `M${one.x} ${one.y} v44` : `M${one.x} ${one.y + 44} v-44`" :marker-end="`url(#${id}-ink)`" />
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
</template>

<style scoped src="./shaft.css"></style>
