import { defineAsyncComponent } from 'vue'
import type { LensPage } from '../lens-page.ts'

/** Pages of this lens; it opens with the first. */
export const mountPages: readonly LensPage[] = [
  {
    key: 'heat',
    label: 'How hot',
    question: 'How hot must the ring be, or how far is it driven up?',
    fields: [],
    component: defineAsyncComponent(() => import('./HeatPage.vue')),
    ownSheet: true,
  },
  {
    key: 'way',
    label: 'Way and steps',
    question: 'How does it come off, go on, and stay on?',
    fields: ['mount.holding', 'mount.housing', 'mount.tools'],
    component: defineAsyncComponent(() => import('./WayPage.vue')),
    ownSheet: true,
  },
  {
    key: 'clock',
    label: 'Heat clock',
    question: 'Is it hot enough, and how long does it stay so?',
    fields: [],
    component: defineAsyncComponent(() => import('./ClockPage.vue')),
    ownSheet: true,
  },
]
