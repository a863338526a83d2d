import { factsOf } from '../bearing-types/index.ts'
import { hasNoCage } from '../catalogue/decode-designation.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { holdingOf } from '../catalogue/holding.ts'
import { isSealedForLife } from '../carry/work-out.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Machine } from '../model/machine.ts'

/** What a bearing and its place have, as far as it decides which signs there can be. */
export interface Examined {
  rolls: 'ball' | 'roller' | 'taper' | 'barrel'
  hasRibs: boolean
  /** Balls between shoulders that a track can run up on. */
  hasShoulders: boolean
  hasCage: boolean
  hasInnerRing: boolean
  /** Filled once, by its maker. */
  sealedForLife: boolean
  oil: boolean
  /** Whether a belt, gear or chain pulls at the shaft; null where nobody has drawn it. */
  pulled: boolean | null
}

/** Parts of a shaft that pull at it. */
const pulls: ReadonlySet<string> = new Set(['pulley', 'gear', 'force'])

export function examinedOf(position: RollingPosition, machine: Machine, bearing: ResolvedBearing): Examined {
  const { rolls, ribs, grooves } = factsOf(bearing.row.type)
  const { inner, outer } = ribs(bearing.row.series)
  return {
    rolls,
    hasRibs: inner !== 'none' || outer !== 'none',
    hasShoulders: grooves !== null && grooves.outer !== 'sphere',
    hasCage: !hasNoCage(bearing.decoded),
    hasInnerRing: holdingOf(position, bearing) !== 'no-inner-ring',
    sealedForLife: isSealedForLife(bearing),
    oil: position.grease.lubrication === 'oil-bath',
    pulled: machine.shaft ? machine.shaft.parts.some(({ kind }) => pulls.has(kind)) : null,
  }
}

/** Signs that need something a bearing may not have, and what it has in place of it. */
const needs: readonly [why: string, has: (examined: Examined) => boolean, signs: readonly string[]][] = [
  [
    'A ball has no end faces, and nothing to skew.',
    ({ rolls }) => rolls !== 'ball',
    ['at-rib-or-roller-ends', 'rib-scoring', 'roller-ends-chipped', 'elements-skewed'],
  ],
  ['It has no ribs that its rollers run against.', ({ hasRibs }) => hasRibs, ['rib-scoring']],
  ['Its raceways have no shoulders a track could run up on.', ({ hasShoulders }) => hasShoulders, ['track-on-shoulder']],
  ['It has no cage.', ({ hasCage }) => hasCage, ['at-cage', 'cage-bent', 'cage-pockets-worn', 'cage-broken']],
  [
    'It has no inner ring: its rollers run on the shaft.',
    ({ hasInnerRing }) => hasInnerRing,
    ['at-bore', 'fretting-bore', 'creep-bore', 'ring-loose-on-shaft'],
  ],
  [
    'It is sealed, and filled once by its maker.',
    ({ sealedForLife }) => !sealedForLife,
    [
      'hot-after-greasing', 'regreased-recently', 'relubrication-missed', 'grease-type-changed', 'grease-colours-mixed',
      'hf-fell-after-greasing', 'hf-rose-after-greasing',
    ],
  ],
  [
    'It runs in oil.',
    ({ oil }) => !oil,
    [
      'hot-after-greasing', 'regreased-recently', 'relubrication-missed', 'grease-type-changed', 'grease-colours-mixed',
      'grease-packed-full', 'grease-dry-black', 'grease-runny', 'grease-out-one-side', 'hf-fell-after-greasing',
      'hf-rose-after-greasing',
    ],
  ],
  ['Nothing pulls at this shaft.', ({ pulled }) => pulled !== false, ['track-toward-pull', 'belt-tightened']],
] // prettier-ignore

/** Why a sign cannot be on a bearing like this; null where it can. */
export const whyNot = (sign: string, examined: Examined): string | null =>
  needs.find(([, has, signs]) => signs.includes(sign) && !has(examined))?.[0] ?? null
