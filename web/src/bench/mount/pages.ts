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
    key: 'pad',
    label: 'Pad',
    question: 'How is it heated lying flat, for how long, and what does a thermometer show of it?',
    fields: ['mount.pad'],
    component: defineAsyncComponent(() => import('./PadPage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'Lying on its heater, to scale',
      component: defineAsyncComponent(() => import('../../drawing/PadSheet.vue')),
      props: ({ assessment, section }) => section && { section, pad: assessment.outcomes.mount.pad },
    },
  },
  {
    key: 'cold',
    label: 'Chilled',
    question: 'Does it go in cold, and how long does it stay cold enough?',
    fields: ['mount.chill', 'mount.coolant'],
    component: defineAsyncComponent(() => import('./ColdPage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'How it warms once it is out',
      component: defineAsyncComponent(() => import('../../heat/ThawChart.vue')),
      props: ({ assessment }) => {
        const { chosen, piece } = assessment.outcomes.mount.cold
        if (!chosen || !piece || chosen.thaw.windowS <= 0 || chosen.chill.verdict === 'not-permitted') return null
        const { soak, thaw } = chosen
        return { piece, ringC: soak.ringC, seizesC: thaw.seizesC, windowS: thaw.windowS }
      },
    },
  },
  {
    key: 'press',
    label: 'Press',
    question: 'What presses it on, tightens it and pulls it off?',
    fields: [],
    component: defineAsyncComponent(() => import('./PressPage.vue')),
    ownSheet: true,
    sheet: {
      caption: 'Pressed on, to scale',
      component: defineAsyncComponent(() => import('../../drawing/PressSheet.vue')),
      props: ({ assessment, section }) => {
        const { force } = assessment.outcomes.mount
        return section && force?.pressN ? { section, force } : null
      },
    },
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
