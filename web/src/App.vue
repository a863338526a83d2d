<script setup lang="ts">
import { useRouter } from 'vue-router'
import AppFrame from './shell/AppFrame.vue'
import { useFreshProgram } from './shell/fresh-program.ts'

useFreshProgram(useRouter())
</script>

<template>
  <AppFrame />
</template>
