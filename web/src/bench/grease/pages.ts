import { defineAsyncComponent } from 'vue'
import type { LensPage } from '../lens-page.ts'

/** Pages of this lens; it opens with the first. */
export const greasePages: readonly LensPage[] = [
  {
    key: 'grease',
    label: 'Grease',
    question: 'How often, how much, and does the film hold?',
    fields: [],
    component: defineAsyncComponent(() => import('./GreasePage.vue')),
    ownSheet: true,
  },
]
