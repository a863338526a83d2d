import signParts from '../../data/sign-parts.json' with { type: 'json' }
import { whyNot, type Examined } from './examined.ts'
import type { Sign } from './knowledge.ts'

/** What of a bearing is looked at, and what is asked about it. */
export const parts = [
  'raceways',
  'elements',
  'cage',
  'seals',
  'lubricant',
  'seats',
  'housing',
  'running',
  'history',
  'instruments',
] as const
export type Part = (typeof parts)[number]

const partsOf = new Map<string, string[]>()
for (const [sign = '', part = ''] of signParts.rows) partsOf.set(sign, [...(partsOf.get(sign) ?? []), part])

/** Parts that a sign is looked for on. */
export const partsOfSign = (sign: string): readonly string[] => partsOf.get(sign) ?? []

/**
 * Signs that a part of a bearing like this can show.
 *
 * @param examined - null while the bearing is not known: then every sign is there
 */
export const signsOfPart = (part: Part, signs: readonly Sign[], examined: Examined | null): Sign[] =>
  signs.filter(({ sign }) => partsOfSign(sign).includes(part) && (!examined || whyNot(sign, examined) === null))
