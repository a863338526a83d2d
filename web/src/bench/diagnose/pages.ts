import { defineAsyncComponent } from 'vue'
import type { LensPage, PageSheet } from '../lens-page.ts'

/** The sheet that is painted, and that a finding is made of. */
const raceways: PageSheet = {
  caption: 'Raceways unrolled, as they came out',
  component: defineAsyncComponent(() => import('./MarksSheet.vue')),
  props: ({ bearing }) => bearing && {},
  scrolls: true,
}

/** Pages of this lens; it opens with the first. */
export const diagnosePages: readonly LensPage[] = [
  {
    key: 'diagnose',
    label: 'Marks',
    question: 'Why did it fail?',
    fields: [],
    component: defineAsyncComponent(() => import('./DiagnosePage.vue')),
    ownSheet: true,
    sheet: raceways,
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
    key: 'both-ends',
    label: 'Both ends',
    question: 'Do both ends show the same?',
    fields: ['diagnose.upperFaces'],
    component: defineAsyncComponent(() => import('./EndsPage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'Bearings of this machine, as they came out',
      component: defineAsyncComponent(() => import('./EndsSheet.vue')),
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
    sheet: raceways,
  },
]
