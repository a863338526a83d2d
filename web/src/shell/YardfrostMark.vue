<script setup lang="ts">
const balls = Array.from({ length: 6 }, (_, index) => {
  const angle = (index * Math.PI) / 3 - Math.PI / 2
  return { x: 13 + 7.4 * Math.cos(angle), y: 13 + 7.4 * Math.sin(angle) }
})
</script>

<template>
  <svg
    width="26"
    height="26"
    viewBox="0 0 26 26"
    fill="none"
    stroke="currentColor"
    stroke-width="1.6"
    aria-hidden="true"
  >
    <circle cx="13" cy="13" r="11.6" />
    <circle cx="13" cy="13" r="4" />
    <circle v-for="({ x, y }, index) in balls" :key="index" :cx="x" :cy="y" r="1.9" fill="currentColor" stroke="none" />
  </svg>
</template>
