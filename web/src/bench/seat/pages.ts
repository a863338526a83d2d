import { defineAsyncComponent } from 'vue'
import type { LensPage } from '../lens-page.ts'

/** Pages of this lens; it opens with the first. */
export const seatPages: readonly LensPage[] = [
  {
    key: 'zones',
    label: 'Zones',
    question: 'Does the load turn with the ring?',
    fields: [],
    component: defineAsyncComponent(() => import('./ZonePage.vue')),
  },
  {
    key: 'gauge',
    label: 'Gauge',
    question: 'What do the seats really measure?',
    fields: ['seat.shaftReadingsMm', 'seat.housingReadingsMm', 'seat.boreDeviationUm', 'seat.outsideDeviationUm'],
    component: defineAsyncComponent(() => import('./GaugePage.vue')),
  },
  {
    key: 'system',
    label: 'Class and sizes',
    question: 'How fine is the bearing, and metric or inch?',
    fields: [
      'seat.system',
      'seat.inchClass',
      'seat.inchDuty',
      'seat.coneAdjust',
      'seat.cupAdjust',
      'seat.finish',
      'seat.toleranceClass',
      'seat.shaftBoreMm',
    ],
    component: defineAsyncComponent(() => import('./SystemPage.vue')),
  },
]
