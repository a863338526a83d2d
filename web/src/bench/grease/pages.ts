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
  {
    key: 'running',
    label: 'Running',
    question: 'How warm should it run, and what makes the heat?',
    fields: ['grease.standsIn', 'grease.roomC', 'grease.air', 'grease.shaftEnd', 'grease.hotShaft'],
    component: defineAsyncComponent(() => import('./RunningPage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'Housing from the start on',
      component: defineAsyncComponent(() => import('./RunningSheet.vue')),
      props: ({ assessment, inputs }) => {
        const warmth = assessment.outcomes.grease.warmth?.value
        return warmth ? { warmth, measuredC: inputs.grease.runningC } : null
      },
    },
  },
  {
    key: 'oil',
    label: 'Oil',
    question: 'Which oil, how high, and when is it changed?',
    fields: ['grease.coldStart'],
    component: defineAsyncComponent(() => import('./OilPage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'Level at standstill, to scale',
      component: defineAsyncComponent(() => import('./FillSheet.vue')),
      props: ({ assessment, inputs, bearing }) =>
        bearing && inputs.grease.lubrication === 'oil-bath' ? { inputs, outcome: assessment.outcomes.grease } : null,
    },
  },
  {
    key: 'fill',
    label: 'First fill',
    question: 'How is it filled before it first runs?',
    fields: [],
    component: defineAsyncComponent(() => import('./FillPage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'What goes where before it first runs',
      component: defineAsyncComponent(() => import('./FillSheet.vue')),
      props: ({ assessment, inputs, bearing }) => bearing && { inputs, outcome: assessment.outcomes.grease },
    },
  },
]
