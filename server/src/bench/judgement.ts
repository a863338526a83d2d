import {
  assess,
  coreVersion,
  figureText,
  numberOf,
  worksOf,
  type Machine,
  type Position,
  type References,
} from '@yardfrost/core'
import type { StoredJudgement } from '../store/positions.ts'

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
  const rolling = assessment.kind === 'rolling' ? assessment.lenses : null
  const outcomes = assessment.kind === 'rolling' ? assessment.outcomes : null
  const { value } = rolling?.identify.figures['designation'] ?? { value: null }
  const headlines = Object.entries(assessment.lenses).map(([lens, { headline, figures, state: verdict }]) => [
    lens,
    { headline: figureText(figures[headline]), verdict },
  ])
  return {
    result: { core: coreVersion, state, findings, headlines: Object.fromEntries(headlines) as object },
    state,
    designation: value?.kind === 'text' ? value.text : null,
    lifeH: numberOf(rolling?.carry.figures['life']),
    bearingType: assessment.bearingType,
    // What matters only when it is next mounted is no alarm on a list of running machines.
    finding: findings.find(({ when }) => when === 'now')?.reason ?? null,
    points: inputs.kind === 'rolling' && outcomes ? worksOf(inputs, machine, outcomes) : {},
  }
}
