import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { newtons } from '../words/quantities.ts'
import { unknown, type Check } from '../working/check.ts'
import { supportOf } from './apply-loads.ts'

/** Loads of one bearing, as somebody typed them or as its shaft line makes them. */
export interface SaidLoads {
  radialN: number
  axialN: number
  speedRpm: number | null
}

export interface LoadsApart {
  typed: SaidLoads
  line: SaidLoads
}

/** Apart by more than this of the larger, and by more than so much at all, is told. */
const apartShare = 0.1
const apartN = 50
const apartSpeed = 0.02

/**
 * What is typed on a bench and what its shaft line says, where both are there and do not agree.
 *
 * @returns null where the bench takes its loads from the line, where one of both is not there, or where they agree to a tenth
 */
export function loadsApart({ load }: RollingPosition, machine: Machine): LoadsApart | null {
  const found = load.from === 'typed' ? supportOf(machine) : null
  if (!found || !machine.shaft || load.radialN === null) return null
  const heaviest = load.steps.reduce((most, step) => Math.max(most, step.radialN), load.radialN)
  const typed = { radialN: heaviest, axialN: load.axialN ?? 0, speedRpm: load.speedRpm }
  const line = {
    radialN: found.load.radialN,
    axialN: Math.abs(found.load.axialN),
    speedRpm: machine.shaft.speedRpm,
  }
  const slackN = Math.max(apartN, apartShare * Math.max(typed.radialN, line.radialN))
  const apart =
    Math.abs(typed.radialN - line.radialN) > slackN ||
    Math.abs(typed.axialN - line.axialN) > slackN ||
    (typed.speedRpm !== null && Math.abs(typed.speedRpm - line.speedRpm) > apartSpeed * line.speedRpm)
  return apart ? { typed, line } : null
}

const told = ({ radialN, axialN, speedRpm }: SaidLoads): string =>
  `${newtons(radialN)} radial, ${newtons(axialN)} axial${speedRpm === null ? '' : ` at ${Math.round(speedRpm)} r/min`}`

/** A question, until somebody says that the typed ones stand. */
export function loadsApartChecks(position: RollingPosition, machine: Machine): Check[] {
  const apart = position.load.typedStands ? null : loadsApart(position, machine)
  if (!apart) return []
  return [
    unknown(
      'loadsApart',
      {
        reason: `Typed here: ${told(apart.typed)}. The shaft line makes it ${told(apart.line)}.`,
        wayOut: 'Take the shaft line’s, put the shaft line right, or say that what is typed stands.',
      },
      { field: 'load.from', values: { typedN: apart.typed.radialN, lineN: apart.line.radialN } },
    ),
  ]
}
