import { defineAsyncComponent } from 'vue'
import type { LensPage } from '../lens-page.ts'

/** Pages of this lens; it opens with the first. */
export const identifyPages: readonly LensPage[] = [
  {
    key: 'number',
    label: 'The number',
    question: 'What is it, and is it what the machine calls for?',
    fields: [],
    component: defineAsyncComponent(() => import('./NumberPage.vue')),
  },
  {
    key: 'measure',
    label: 'Measure it',
    question: 'No number to read: how large is it, and what rolls?',
    fields: ['identify.'],
    component: defineAsyncComponent(() => import('./MeasurePage.vue')),
  },
  {
    key: 'called-for',
    label: 'Called for',
    question: 'What does the machine call for?',
    fields: [
      'bearing.requiredClosure',
      'bearing.requiredBore',
      'bearing.requiredCage',
      'bearing.requiredPrecision',
      'bearing.hottestRingC',
    ],
    component: defineAsyncComponent(() => import('./CalledForPage.vue')),
  },
  {
    key: 'types',
    label: 'Types',
    question: 'Which type can do this duty at all?',
    fields: [],
    component: defineAsyncComponent(() => import('./TypesPage.vue')),
  },
]
