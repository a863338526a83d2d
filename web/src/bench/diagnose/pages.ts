import { defineAsyncComponent } from 'vue'
import type { LensPage } from '../lens-page.ts'

/** Pages of this lens; it opens with the first. */
export const diagnosePages: readonly LensPage[] = [
  {
    key: 'diagnose',
    label: 'Marks',
    question: 'Why did it fail?',
    fields: [],
    component: defineAsyncComponent(() => import('./DiagnosePage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'Raceways unrolled, as they came out',
      component: defineAsyncComponent(() => import('./MarksSheet.vue')),
      props: ({ bearing }) => bearing && {},
      scrolls: true,
    },
  },
  {
    key: 'before',
    label: 'Before it fails',
    question: 'What does it show while it runs?',
    fields: [],
    component: defineAsyncComponent(() => import('./BeforePage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'What was noticed, and what was done to it',
      component: defineAsyncComponent(() => import('./BeforeSheet.vue')),
      props: () => ({}),
      scrolls: true,
    },
  },
  {
    key: 'listen',
    label: 'Listen',
    question: 'What does its vibration say?',
    fields: [],
    component: defineAsyncComponent(() => import('./BeforePage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'Vibration heard through',
      component: defineAsyncComponent(() => import('./ListenSheet.vue')),
      props: () => ({}),
      scrolls: true,
    },
  },
  {
    key: 'finding',
    label: 'Finding',
    question: 'What was it, and who says so?',
    fields: [],
    component: defineAsyncComponent(() => import('./FindingTab.vue')),
    ownSheet: true,
    sheet: {
      caption: 'Raceways unrolled, as they came out',
      component: defineAsyncComponent(() => import('./MarksSheet.vue')),
      props: ({ bearing }) => bearing && {},
      scrolls: true,
    },
  },
]
