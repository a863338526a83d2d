import type { BearingType } from '../bearing-types/index.ts'
import { spellSuffix } from '../catalogue/designation-suffixes.ts'
import type { SeenThing } from '../kinds/rolling/choices.ts'

/** Something seen on a bearing besides its sizes: how it is told, and what it makes of the number. */
export interface AlsoSeen {
  name: string
  /** How it is told from what looks like it. */
  tell: string
  /** Suffix it puts into the number, where the type has it; null for what makes another number of it. */
  suffix: string | null
  /** What the suffix stands for, or what to ask instead. */
  says: string
  /** The suffix stands behind the base number without a dash. */
  glued?: boolean
}

/** @see common practice for suffixes; ISO 464 for snap rings */
export const alsoSeen: Record<SeenThing, AlsoSeen> = {
  'tapered-bore': {
    name: 'tapered bore',
    tell: 'The bore measures wider at one face: by a twelfth of the width, a thirtieth in wide ones.',
    suffix: 'K',
    says: 'tapered bore',
    glued: true,
  },
  'snap-ring-groove': {
    name: 'groove for a snap ring',
    tell: 'A square groove round the outer ring, near one face; without its ring it looks like wear.',
    suffix: 'N',
    says: 'groove in the outer ring',
  },
  'snap-ring': {
    name: 'snap ring',
    tell: 'A split ring stands out of the groove; measure the outside beside it.',
    suffix: 'NR',
    says: 'groove and ring in the outer ring',
  },
  flange: {
    name: 'flange on the outer ring',
    tell: 'Of one piece with the ring, without a split.',
    suffix: null,
    says: 'a flange makes a number of its own: give its diameter and thickness, and ask',
  },
  'wide-inner': {
    name: 'wide inner ring',
    tell: 'The inner ring stands out on both sides, or on one with a collar or screws.',
    suffix: null,
    says: 'width over the inner ring is not the width of the number: measure the outer ring too',
  },
  'hexagon-bore': {
    name: 'hexagon bore',
    tell: 'Six flats: measure across them.',
    suffix: null,
    says: 'for a hexagon shaft, a number of its own: give the size across flats, and ask',
  },
  'brass-cage': {
    name: 'brass cage',
    tell: 'Yellow and thick, machined; a magnet does not hold it.',
    suffix: 'M',
    says: 'machined brass cage',
  },
  'steel-cage': {
    name: 'pressed steel cage',
    tell: 'Thin, in two riveted halves or one basket; a magnet holds it.',
    suffix: 'J',
    says: 'pressed steel cage',
  },
  'polymer-cage': {
    name: 'plastic cage',
    tell: 'Light in colour or black, gives under a nail.',
    suffix: 'TN',
    says: 'cage of polyamide: up to 120 °C',
  },
}

/** Suffix of a thing that was seen, where bearings of the type have it. */
export const suffixSeen = (thing: SeenThing, type: BearingType): string | null => {
  const { suffix } = alsoSeen[thing]
  return suffix !== null && spellSuffix(suffix, type) !== null ? suffix : null
}

export const isCage = (thing: SeenThing): boolean => thing.endsWith('-cage')
