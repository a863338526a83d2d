import type { AlikeKey } from './together/both-ends.ts'
import type { Saying } from '../working/check.ts'

// Every sentence of Diagnose.

/** Under one in a hundred is said so, not rounded to nothing. */
export const percent = (probability: number): string =>
  probability < 0.01 ? 'under 1 %' : `${Math.round(probability * 100)} %`

/** Where the shares of the causes come from. */
export const countedByTrade = 'as the trade finds it'
export const countedHere = (findings: number): string => `by this plant’s ${findings} findings`

export const undecided = (title: string, probability: number): Saying => ({
  reason: `No cause stands out yet; ${title.charAt(0).toLowerCase()}${title.slice(1)} leads with ${percent(probability)}.`,
  wayOut: 'Answer the next questions first.',
})
export const likely = (title: string, probability: number, more: boolean, fix: string | null): Saying => ({
  reason: `${title}: ${percent(probability)}.${more ? ' It does not explain everything seen: a second cause may be at work.' : ''}`,
  wayOut: fix ?? 'Put the cause right before the next bearing goes in.',
})

/** What two ends have in common, what it means and what to do. */
export const together: Record<AlikeKey, (position: string) => Saying> = {
  'outward': (at) => ({
    reason: `The tracks lie outward here and at ${at}: both bearings held the shaft while it grew, or both covers press.`,
    wayOut: 'Find the end that should float: rings, covers and room beside it.',
  }),
  'inward': (at) => ({
    reason: `The tracks lie inward here and at ${at}: the housing grew away from the shaft, or the inner rings are drawn together.`,
    wayOut: 'Look at spacers, nuts and shoulders, and at which of the two grows more.',
  }),
  'one-way': (at) => ({
    reason: `Worn to the same way along the shaft here and at ${at}: the shaft is pushed one way, and both ends take it.`,
    wayOut: 'Find what pushes, and why the end that should float takes thrust.',
  }),
  'tilted-standing': (at) => ({
    reason: `Tilted on the standing ring here and at ${at}: the two housings are out of line with each other.`,
    wayOut: 'Take both bores with one straight-edge or wire; look for a soft foot.',
  }),
  'tilted-turning': (at) => ({
    reason: `Tilted on the turning ring here and at ${at}: the shaft is bent, or its shoulders are not square.`,
    wayOut: 'Run the shaft between centres, and take it at both seats and shoulders.',
  }),
  'current': (at) => ({
    reason: `Current marks here and at ${at}: it goes along the shaft through both.`,
    wayOut: 'Insulating one end breaks a loop along the shaft; what comes in at the coupling wants a brush or an insulated coupling too. Have it measured.',
  }),
  'dirt': (at) => ({
    reason: `Dirt here and at ${at}: it came with the grease, the oil or the fitting, not past one seal.`,
    wayOut: 'Look at the gun, the store and the place where both were fitted.',
  }),
  'wet': (at) => ({
    reason: `Water here and at ${at}: more than one seal let it in, or the machine stood damp.`,
    wayOut: 'Look at wash-down, at standstill and at how it breathes when it cools.',
  }),
  'heat': (at) => ({
    reason: `Heat here and at ${at}: what both share comes before the seat of one.`,
    wayOut: 'Look at grease, speed, belt and growth first.',
  }),
} // prettier-ignore

const keepEvidence =
  'Keep the evidence, unwashed: mark position, load direction and outer side, photograph before cleaning, take a grease sample.'
const noAir = 'Never spin a bearing with compressed air; never strike a ring: it splinters.'
export const cautions = ['Lock out and prove dead, let hot parts cool, before a cover is opened.', keepEvidence, noAir]
/** Beside what was found. */
export const findingCautions = [
  keepEvidence,
  noAir,
  'The ranking is advice. A failure that could hurt people, or that repeats, goes to a specialist.',
]
