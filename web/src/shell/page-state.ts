import { defineStore } from 'pinia'
import { ref, shallowRef } from 'vue'
import type { RouteLocationRaw } from 'vue-router'

export interface Crumb {
  label: string
  to?: RouteLocationRaw
}

/** A page that can be saved tells the frame how it stands. */
export interface Saving {
  /** Shown beside the button. */
  note: string
  dirty: boolean
  busy: boolean
  allowed: boolean
  save: () => void
}

/** What the page on screen puts into the frame around it. */
export const usePageState = defineStore('page', () => {
  const crumbs = ref<Crumb[]>([])
  const saving = shallowRef<Saving | null>(null)
  const helpOpen = ref(false)
  /** Keys of this page, with what they do; the frame has its own. */
  const keys = shallowRef<readonly (readonly [key: string, what: string])[]>([])
  return { crumbs, saving, helpOpen, keys }
})
