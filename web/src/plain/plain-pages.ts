import type { PlainLens } from '@yardfrost/core'
import { defineAsyncComponent, type Component } from 'vue'

export const plainLensNames: Record<PlainLens, string> = {
  identify: 'Identify',
  carry: 'Carry',
  seat: 'Seat',
  float: 'Float',
  mount: 'Mount',
  oil: 'Oil',
  diagnose: 'Diagnose',
}

/** A page of a lens: the question it answers, the figures it shows, and what is entered on it. */
export interface PlainLensPage {
  key: string
  label: string
  question: string
  /** Beginnings of the paths of the fields that are entered on it; those of no page stand on the first. */
  fields: readonly string[]
  component: Component
}

/** Pages of every lens on a plain bearing; a lens opens with its first. */
export const plainPages: Record<PlainLens, readonly PlainLensPage[]> = {
  identify: [
    {
      key: 'sizes',
      label: 'Sizes',
      question: 'What is it, and how large?',
      fields: [],
      component: defineAsyncComponent(() => import('./identify/SizesPage.vue')),
    },
    {
      key: 'looks',
      label: 'Material by look',
      question: 'What is it made of?',
      fields: ['bearing.looks', 'bearing.marking', 'bearing.photos'],
      component: defineAsyncComponent(() => import('./identify/LooksPage.vue')),
    },
  ],
  carry: [
    {
      key: 'film',
      label: 'Film or wear',
      question: 'Does a film carry it, and how long does it last?',
      fields: [],
      component: defineAsyncComponent(() => import('./carry/CarryPage.vue')),
    },
    {
      key: 'material',
      label: 'Materials',
      question: 'Which material suits this duty?',
      fields: [],
      component: defineAsyncComponent(() => import('./carry/MaterialsPage.vue')),
    },
    {
      key: 'what-if',
      label: 'What if',
      question: 'What do the usual mishaps cost?',
      fields: [],
      component: defineAsyncComponent(() => import('./carry/WhatIfPage.vue')),
    },
  ],
  seat: [
    {
      key: 'seat',
      label: 'Seat and bore',
      question: 'How tight does it sit, and what is its bore finished to?',
      fields: [],
      component: defineAsyncComponent(() => import('./seat/SeatPage.vue')),
    },
  ],
  float: [
    {
      key: 'clearance',
      label: 'Clearance',
      question: 'Is clearance left when it runs?',
      fields: [],
      component: defineAsyncComponent(() => import('./float/ClearancePage.vue')),
    },
    {
      key: 'ends',
      label: 'Along the axis',
      question: 'Has the shaft its room at the stops?',
      fields: ['float.collars', 'float.endFloatMm', 'float.centreMm', 'float.couplingFloatMm', 'float.growthMm'],
      component: defineAsyncComponent(() => import('./float/EndsPage.vue')),
    },
  ],
  mount: [
    {
      key: 'steps',
      label: 'Way and steps',
      question: 'How does it come out, go in, and get its clearance?',
      fields: [],
      component: defineAsyncComponent(() => import('./mount/StepsPage.vue')),
    },
    {
      key: 'strip',
      label: 'Strip and blue',
      question: 'Is it right, now that it is closed?',
      fields: ['mount.'],
      component: defineAsyncComponent(() => import('./mount/StripPage.vue')),
    },
  ],
  oil: [
    {
      key: 'oil',
      label: 'Oil or grease',
      question: 'Which oil or grease, how does it come, and when is it changed?',
      fields: [],
      component: defineAsyncComponent(() => import('./oil/OilPage.vue')),
    },
  ],
  diagnose: [
    {
      key: 'signs',
      label: 'Signs and causes',
      question: 'Why did it wear?',
      fields: [],
      component: defineAsyncComponent(() => import('./diagnose/DiagnosePage.vue')),
    },
  ],
}

/** Page of its lens that a field is entered on. */
export function plainPageOfField(lens: PlainLens, path: string): string | null {
  const pages = plainPages[lens]
  const found = pages.find(({ fields }) => fields.some((start) => path.startsWith(start)))
  return (found ?? pages[0])?.key ?? null
}
