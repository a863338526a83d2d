<script setup lang="ts">
import type { PositionDetail } from '@yardfrost/contract'
import { holdsPlain, holdsRolling } from '@yardfrost/core'
import { defineAsyncComponent, shallowRef } from 'vue'
import { api } from '../api/client.ts'
import LoadFailure from '../shell/LoadFailure.vue'
import { useLoading } from '../shell/use-loading.ts'
import BenchPage from './BenchPage.vue'

/** One position: the bench of its kind. */
const { id, lens = '' } = defineProps<{ id: string; lens?: string }>()
const PlainPage = defineAsyncComponent(() => import('../plain/PlainPage.vue'))
const detail = shallowRef<PositionDetail | null>(null)
const { failure, load } = useLoading(async () => {
  detail.value = await api.position(id)
})
</script>

<template>
  <LoadFailure v-if="failure" :failure="failure" @again="load" />
  <PlainPage v-else-if="detail && holdsPlain(detail)" :id="id" :lens="lens" :first="detail" />
  <BenchPage v-else-if="detail && holdsRolling(detail)" :id="id" :lens="lens" :first="detail" />
</template>
