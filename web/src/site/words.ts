import type {
  baseOils,
  ClearancePractice,
  CausePractice,
  DriftPractice,
  FitPractice,
  GrowthPractice,
  HeatingPractice,
  IntervalPractice,
  SiteSettings,
} from '@yardfrost/core'
import type { Role } from '@yardfrost/contract'

export const roleWords: Record<Role, string> = {
  viewer: 'viewer: looks and tries',
  technician: 'technician: saves and works',
  planner: 'planner: people and settings too',
}

/** What may be chosen of a practice: the words, and when it is good. */
type Choices<T extends string> = Record<T, string>
const growth: Choices<GrowthPractice> = {
  physics: 'the rise of the shaft, and a margin',
  'inches-per-foot': 'so many thousandths a foot and degree',
  'whole-temperature': 'the whole temperature, from zero',
}
const greaseInterval: Choices<IntervalPractice> = {
  formula: 'the formula by bore and speed',
  'speed-factor': 'the curve by speed factor',
}
const heating: Choices<HeatingPractice> = {
  'up-to-110': 'up to 110 °C, the usual',
  'near-95': 'near 95 °C, gentle',
  'up-to-120': 'up to 120 °C, the limit',
}
const clearance: Choices<ClearancePractice> = {
  'between-rings': 'rolling elements between the rings',
  'as-inner-ring': 'rolling elements as hot as the inner ring',
}
const fits: Choices<FitPractice> = {
  'cuts-7-15': 'light to 0.07 C, heavy from 0.15 C',
  'cuts-6-12': 'light to 0.06 C, heavy from 0.12 C',
  'cuts-5-10': 'light to 0.05 C, heavy from 0.10 C',
}
const drift: Choices<DriftPractice> = {
  'mild-steel': 'a tube of soft mild steel',
  brass: 'brass',
}
const causes: Choices<CausePractice> = {
  trade: 'as the trade finds it',
  plant: 'as this plant finds it, from 30 findings on',
}

export const practiceChoices: {
  key: keyof SiteSettings['practices']
  title: string
  usual: string
  choices: Record<string, string>
}[] = [
  { key: 'growth', title: 'Room for the growth of a shaft', usual: 'as the bench has it: the rise, and a margin', choices: growth },
  { key: 'heating', title: 'Hottest aim for a ring', usual: 'as the bench has it: up to 110 °C', choices: heating },
  { key: 'greaseInterval', title: 'Regreasing interval', usual: 'as the bench has it: by the kind of machine', choices: greaseInterval },
  { key: 'clearance', title: 'Clearance when running', usual: 'as the bench has it: elements between the rings', choices: clearance },
  { key: 'fits', title: 'Light and heavy load for a fit', usual: 'as the bench has it: 0.07 and 0.15 of C', choices: fits },
  { key: 'drift', title: 'What a ring is driven with', usual: 'as the bench has it: soft mild steel', choices: drift },
  { key: 'causes', title: 'How often each cause is the one', usual: 'as the bench has it: as the trade finds it', choices: causes },
] // prettier-ignore

export const baseOilWords: Record<(typeof baseOils)[number], string> = {
  mineral: 'mineral',
  'synthetic-hydrocarbon': 'synthetic hydrocarbon',
  ester: 'ester',
  glycol: 'glycol',
  silicone: 'silicone',
  perfluorinated: 'perfluorinated',
}
export const unitWords = { metric: 'mm, °C, N', inch: 'in, °F, lbf' }
export const roundingWords: Record<SiteSettings['customs']['rounding'], string> = {
  usual: 'as usual: µm and °C whole',
  fine: 'with one digit more',
}
export const collectorWords: Record<SiteSettings['customs']['collector'], string> = {
  off: 'no',
  on: 'yes, as they come (simulated)',
}
export const dateWords: Record<SiteSettings['customs']['dates'], string> = {
  'en-GB': 'English, 28 Nov 2026',
  'en-US': 'English, Nov 28, 2026',
  'de-DE': 'German',
  'fr-FR': 'French',
  'es-ES': 'Spanish',
  'it-IT': 'Italian',
  'nl-NL': 'Dutch',
  'pl-PL': 'Polish',
  'sv-SE': 'Swedish',
  'pt-PT': 'Portuguese',
}

export const optionsOf = <T extends string>(words: Record<T, string>) =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }))
