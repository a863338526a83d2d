import type { BearingLookup } from '../catalogue/resolve-bearing.ts'
import type { Machine } from '../model/machine.ts'
import { cleanlinessLevels } from '../kinds/rolling/choices.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { inSentence } from '../model/sentence.ts'
import { withShaftLine } from '../shaftline/apply-loads.ts'
import { judgedLife, workOutCarry } from './work-out.ts'

/** One thing gone otherwise than planned, and the life it leaves. */
export interface WhatIf {
  key: 'double' | 'belt' | 'dirtier' | 'hotter' | 'thinner'
  /** What is otherwise, in words. */
  label: string
  /** Null where the bearing cannot take it at all, h. */
  lifeH: number | null
  /** Against the life as it stands. */
  ratio: number | null
}

/** A belt tightened by feel, against one set by its gauge. */
const beltTimes = 1.5
const hotterK = 15
/** One grade of ISO VG thinner. */
const thinnerTimes = 1 / 1.5

/**
 * What the usual mishaps would do to the life: twice the load, a belt too tight, more dirt, more heat, thinner oil.
 *
 * @returns those that can be worked out of what is known; none while there is no life to compare with
 */
export function whatIfs(given: RollingPosition, machine: Machine, lookup: BearingLookup): WhatIf[] {
  const position = withShaftLine(given, machine)
  const now = workOutCarry(position, machine, lookup)
  const nowH = judgedLife(now)
  // Without a film there is no life to compare with; Carry has already said stop.
  if (nowH === null || now.modified.refusal) return []
  return casesOf(position).map(({ key, label, changed }) => {
    const outcome = workOutCarry(changed, machine, lookup)
    const lifeH = outcome.life?.beyondRating || outcome.modified.refusal ? null : judgedLife(outcome)
    return { key, label, lifeH, ratio: lifeH === null ? null : lifeH / nowH }
  })
}

function casesOf(position: RollingPosition): { key: WhatIf['key']; label: string; changed: RollingPosition }[] {
  const { load, grease } = position
  const times = (radial: number, axial: number): RollingPosition => ({
    ...position,
    load: {
      ...load,
      radialN: load.radialN === null ? null : load.radialN * radial,
      axialN: load.axialN === null ? null : load.axialN * axial,
      partnerRadialN: load.partnerRadialN === null ? null : load.partnerRadialN * radial,
      steps: load.steps.map((step) => ({ ...step, radialN: step.radialN * radial, axialN: step.axialN * axial })),
    },
  })
  const otherwise = (changes: Partial<RollingPosition['grease']>): RollingPosition => ({
    ...position,
    grease: { ...grease, ...changes },
  })
  const dirtier = grease.cleanliness && cleanlinessLevels[cleanlinessLevels.indexOf(grease.cleanliness) + 1]
  const filmCounts = grease.cleanliness !== null && grease.nu40Cst !== null && grease.runningC !== null
  return [
    { key: 'double', label: 'twice the load', changed: times(2, 2) },
    { key: 'belt', label: 'belt half as tight again', changed: times(beltTimes, 1) },
    ...(dirtier && filmCounts
      ? [{ key: 'dirtier' as const, label: 'one step dirtier', changed: otherwise({ cleanliness: dirtier }) }]
      : []),
    ...(filmCounts
      ? [
          {
            key: 'hotter' as const,
            label: `${inSentence(hotterK, 'temperatureRise')} hotter`,
            changed: otherwise({ runningC: Math.min(200, (grease.runningC ?? 0) + hotterK) }),
          },
          {
            key: 'thinner' as const,
            label: 'oil one grade thinner',
            changed: otherwise({ nu40Cst: Math.max(2, (grease.nu40Cst ?? 0) * thinnerTimes) }),
          },
        ]
      : []),
  ]
}
