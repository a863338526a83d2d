import type { Saying } from '../working/check.ts'

// Every sentence of Diagnose.

/** Under one in a hundred is said so, not rounded to nothing. */
export const percent = (probability: number): string =>
  probability < 0.01 ? 'under 1 %' : `${Math.round(probability * 100)} %`

export const undecided = (title: string, probability: number): Saying => ({
  reason: `No cause stands out yet; ${title.charAt(0).toLowerCase()}${title.slice(1)} leads with ${percent(probability)}.`,
  wayOut: 'Answer the next questions first.',
})
export const likely = (title: string, probability: number, more: boolean, fix: string | null): Saying => ({
  reason: `${title}: ${percent(probability)}.${more ? ' It does not explain everything seen: a second cause may be at work.' : ''}`,
  wayOut: fix ?? 'Put the cause right before the next bearing goes in.',
})

export const cautions = [
  'Lock out and prove dead, let hot parts cool, before a cover is opened.',
  'Keep the evidence: mark position, load direction and outer side, photograph before cleaning, take a grease sample.',
  'Never spin a bearing with compressed air; never strike a ring: it splinters.',
]
