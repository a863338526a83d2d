import {
  assess,
  coreVersion,
  figureText,
  numberOf,
  plainWorksOf,
  worksOf,
  type Assessment,
  type LensAssessment,
  type Machine,
  type PointWorks,
  type Position,
  type References,
} from '@yardfrost/core'
import type { StoredJudgement } from '../store/positions.ts'

const pointsOf = (inputs: Position, machine: Machine, assessment: Assessment): PointWorks =>
  inputs.kind === 'plain' && assessment.kind === 'plain'
    ? plainWorksOf(inputs, assessment.outcomes)
    : inputs.kind === 'rolling' && assessment.kind === 'rolling'
      ? worksOf(inputs, machine, assessment.outcomes)
      : {}

/**
 * Judges a position and keeps what is read of it: state, findings, headline figures and the version of core. Everything else
 * comes out again wherever it is asked for.
 */
export function judgement(
  inputs: Position,
  machine: Machine,
  { catalogue, damage }: Pick<References, 'catalogue' | 'damage'>,
): StoredJudgement {
  const assessment = assess(inputs, machine, catalogue, damage)
  const { state, findings } = assessment
  const { value } = assessment.lenses.identify.figures['designation'] ?? { value: null }
  const rolling = assessment.kind === 'rolling' ? assessment.lenses : null
  const headlines = Object.entries<LensAssessment>(assessment.lenses).map(
    ([lens, { headline, figures, state: verdict }]) => [lens, { headline: figureText(figures[headline]), verdict }],
  )
  return {
    result: { core: coreVersion, state, findings, headlines: Object.fromEntries(headlines) as object },
    state,
    designation: value?.kind === 'text' ? value.text : null,
    lifeH: numberOf(rolling?.carry.figures['life']),
    bearingType: assessment.bearingType,
    // What matters only when it is next mounted is no alarm on a list of running machines.
    finding: findings.find(({ when }) => when === 'now')?.reason ?? null,
    points: pointsOf(inputs, machine, assessment),
  }
}
