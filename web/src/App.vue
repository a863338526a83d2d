<script setup lang="ts">
import AppFrame from './shell/AppFrame.vue'
</script>

<template>
  <AppFrame />
</template>
