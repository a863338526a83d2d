import { defineAsyncComponent } from 'vue'
import type { LensPage } from '../lens-page.ts'

/** Pages of this lens; it opens with the first. */
export const floatPages: readonly LensPage[] = [
  {
    key: 'clearance',
    label: 'Clearance',
    question: 'Is clearance left when it runs?',
    fields: [],
    component: defineAsyncComponent(() => import('./ClearancePage.vue')),
  },
  {
    key: 'growth',
    label: 'Growth',
    question: 'Which way does the shaft grow, and has it room?',
    fields: [
      'float.role',
      'float.floatsIn',
      'float.locatedEnds',
      'float.spanMm',
      'float.assemblyC',
      'float.hottestC',
      'float.roomTowardMm',
      'float.roomAwayMm',
      'float.shaftDiameterMm',
      'float.housingStiffnessNPerMm',
    ],
    component: defineAsyncComponent(() => import('./GrowthPage.vue')),
  },
  {
    key: 'ends',
    label: 'Which end holds',
    question: 'Which end holds the shaft, and what has to be machined for it?',
    fields: ['ends.'],
    component: defineAsyncComponent(() => import('./EndsPage.vue')),
    sheet: {
      caption: 'Both ends of the shaft',
      component: defineAsyncComponent(() => import('../../drawing/ends/EndsSheet.vue')),
      props: ({ assessment, inputs }) => ({ outcome: assessment.outcomes.float.ends, ends: inputs.ends }),
    },
  },
  {
    key: 'pair',
    label: 'Pair',
    question: 'What is left of the end play when it is hot?',
    fields: ['float.endPlayMm'],
    component: defineAsyncComponent(() => import('./PairPage.vue')),
  },
]
