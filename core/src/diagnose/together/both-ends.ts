import type { LoadCase } from '../../kinds/rolling/position.ts'
import type { Machine } from '../../model/machine.ts'
import { signsOfRings } from '../marks/band-signs.ts'
import type { PaintedSign } from '../marks/mark-signs.ts'
import type { MarkKind } from '../../model/painted.ts'
import { turningRing } from '../marks/raceways.ts'
import type { OtherEnd } from '../../model/other-end.ts'
import { sideOfTrack } from './side-of-track.ts'

/** What two ends of a shaft have in common. */
export const alikeKeys = ['outward', 'inward', 'one-way', 'tilted-standing', 'tilted-turning', 'current', 'dirt', 'wet', 'heat'] as const // prettier-ignore
export type AlikeKey = (typeof alikeKeys)[number]

export interface Alike {
  key: AlikeKey
  /** Of the other end. */
  position: string
}

/** What is compared of an end. */
type Shown = Pick<OtherEnd, 'designation' | 'seen' | 'bands' | 'marks' | 'upperFaces'> & { loadCase: LoadCase | null }

/** Signs and marks that come from what both ends share where both have them. */
const shared: [AlikeKey, { signs: readonly string[]; marks: readonly MarkKind[] }][] = [
  ['current', { signs: ['fluting', 'craters'], marks: ['flutes'] }],
  ['dirt', { signs: ['dents-random', 'spall-behind-dent', 'grease-gritty'], marks: [] }],
  ['wet', { signs: ['rust', 'etched-lines-at-pitch', 'grease-milky'], marks: ['rust', 'etching'] }],
  ['heat', { signs: ['heat-tint', 'heat-tint-faces'], marks: ['heat-tint'] }],
]
const tilts: [AlikeKey, string][] = [
  ['tilted-standing', 'track-tilted-stationary'],
  ['tilted-turning', 'track-tilted-rotating'],
]

/** A sign of the knowledge base that follows from both ends. */
const signOf: Partial<Record<AlikeKey, string>> = {
  'outward': 'tracks-offset-opposed',
  'inward': 'tracks-offset-opposed',
  'one-way': 'same-side-both-ends',
} // prettier-ignore

/** Whether anything was seen of an end. */
export const hasShown = ({ seen, bands, marks }: Pick<Shown, 'seen' | 'bands' | 'marks'>): boolean =>
  seen.length + bands.length + marks.length > 0

/**
 * The bearings that stand on one shaft with a position: those the shaft line has, or the only other one of the machine.
 *
 * @returns none where nobody has drawn which of several they are
 */
export function endsOnShaft({ shaft, position, ends = [] }: Pick<Machine, 'shaft' | 'position' | 'ends'>): OtherEnd[] {
  const on = shaft?.supports.map((support) => support.position) ?? []
  if (position !== undefined && on.includes(position)) return ends.filter((end) => on.includes(end.position))
  return ends.length === 1 ? ends : []
}

/**
 * What a position and the other ends of its shaft have in common.
 *
 * @param rowsOf - rows of a bearing by its designation
 */
export function alikeAt(own: Shown, others: readonly OtherEnd[], rowsOf: (designation: string) => number): Alike[] {
  if (!hasShown(own)) return []
  return others
    .filter(hasShown)
    .flatMap((other) => keysOf(own, other, rowsOf).map((key) => ({ key, position: other.position })))
}

function keysOf(own: Shown, other: Shown, rowsOf: (designation: string) => number): AlikeKey[] {
  const [here, there] = [own, other].map(({ bands, upperFaces, designation }) =>
    sideOfTrack(bands, upperFaces, rowsOf(designation)),
  )
  const side: AlikeKey[] = here && there ? [here === there ? here : 'one-way'] : []
  const [rings, others] = [own, other].map(tiltsOf)
  return [
    ...side,
    ...tilts.filter(([, sign]) => rings?.includes(sign) && others?.includes(sign)).map(([key]) => key),
    ...shared.filter(([, what]) => [own, other].every(({ seen, marks }) => what.signs.some((sign) => seen.includes(sign)) || marks.some(({ kind }) => what.marks.includes(kind)))).map(([key]) => key), // prettier-ignore
  ]
}

const tiltsOf = ({ seen, bands, loadCase }: Shown): string[] => [
  ...seen,
  ...signsOfRings(bands, turningRing(loadCase)).map(({ sign }) => sign),
]

/** The signs that follow from it, with the end that shows the same. */
export const signsOfAlike = (alike: readonly Alike[]): PaintedSign[] =>
  alike.flatMap(({ key, position }) => {
    const sign = signOf[key]
    return sign ? [{ sign, where: `here and at ${position}` }] : []
  })
