import { defineAsyncComponent } from 'vue'
import type { LensPage } from '../lens-page.ts'

/** Pages of this lens; it opens with the first. */
export const carryPages: readonly LensPage[] = [
  {
    key: 'life',
    label: 'Life',
    question: 'How long will it last under this load?',
    fields: [],
    component: defineAsyncComponent(() => import('./LifePage.vue')),
  },
  {
    key: 'inside',
    label: 'Inside',
    question: 'How many elements carry it, and what does clearance cost?',
    fields: [],
    component: defineAsyncComponent(() => import('./InsidePage.vue')),
    sheet: {
      caption: 'Seen along the shaft, to scale but for the give of the rings',
      component: defineAsyncComponent(() => import('./InsideSheet.vue')),
      props: ({ bearing }) => bearing && { bearing },
    },
  },
  {
    key: 'duty',
    label: 'Duty',
    question: 'How is it loaded: steady, in steps, leaning over, one of a pair?',
    fields: [
      'load.steps',
      'load.shockFactor',
      'load.axialWay',
      'load.tiltDeg',
      'load.rotorKg',
      'load.arrangement',
      'load.partnerRadialN',
      'load.misalignDeg',
      'load.running',
    ],
    component: defineAsyncComponent(() => import('./DutyPage.vue')),
  },
  {
    key: 'contact',
    label: 'Contact',
    question: 'Point, line or barrel: how do they touch?',
    fields: [],
    component: defineAsyncComponent(() => import('./ContactPage.vue')),
    sheet: {
      caption: 'Footprint on the inner ring, all to one scale',
      component: defineAsyncComponent(() => import('./ContactSheet.vue')),
      props: ({ bearing }) => bearing && {},
    },
  },
  {
    key: 'what-if',
    label: 'What if',
    question: 'What would it cost if something went otherwise?',
    fields: [],
    component: defineAsyncComponent(() => import('./WhatIfPage.vue')),
  },
  {
    key: 'sweep',
    label: 'Sweep',
    question: 'Which bearing of the catalogue does it better?',
    fields: [],
    component: defineAsyncComponent(() => import('./SweepPage.vue')),
  },
]
