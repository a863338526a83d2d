import { defineAsyncComponent } from 'vue'
import type { LensPage } from '../lens-page.ts'

/** Pages of this lens; it opens with the first. */
export const diagnosePages: readonly LensPage[] = [
  {
    key: 'diagnose',
    label: 'Diagnose',
    question: 'What do the marks say?',
    fields: [],
    component: defineAsyncComponent(() => import('./DiagnosePage.vue')),
    ownSheet: true,
  },
]
