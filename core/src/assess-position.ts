import { z } from 'zod'
import { assess } from './assess.ts'
import type { Catalogue } from './catalogue/catalogue.ts'
import type { DamageKnowledge } from './diagnose/knowledge.ts'
import { Duty, MachineKind } from './model/machine.ts'
import { Position } from './kinds/position.ts'
import { emptyPlain, type PlainPosition } from './kinds/plain/position.ts'
import { emptyPosition } from './kinds/rolling/position.ts'
import { plainSentence } from './model/sentence.ts'
import type { LensAssessment, LensState, PositionState } from './working/assessment.ts'
import type { Verdict, When } from './working/check.ts'
import { figureText } from './working/figure-text.ts'

export const AssessPositionInput = z.strictObject({
  inputs: Position.meta({ description: 'A position as it is stored; any part may be left out' }),
  machine: z
    .strictObject({ kind: MachineKind.default('other'), duty: Duty.default('one-shift') })
    .prefault({})
    .meta({ description: 'Kind of machine and its duty' }),
})

/** A finding as another program reads it: whole sentences, metric, without markup. */
export interface PositionFinding {
  lens: string
  key: string
  verdict: Verdict
  when: When
  reason: string
  wayOut: string
}

export interface AssessedPosition {
  state: PositionState
  /** What matters now first, worst first; then what matters at the next fitting; then the questions. */
  findings: PositionFinding[]
  lenses: Record<string, { headline: string; verdict: LensState }>
}

/**
 * The judgement of one position as a plant's own programs ask for it: state, findings, and the headline of every lens.
 *
 * What is left out is taken as on a bench nobody has filled in: no axial load, a solid shaft, a room of 20 °C.
 *
 * @see assess, which gives every figure with its working
 */
export function assessPosition(
  { inputs, machine }: z.output<typeof AssessPositionInput>,
  catalogue: Catalogue,
  damage: DamageKnowledge,
): AssessedPosition {
  const { state, findings, questions, lenses } = assess(withUsual(inputs), machine, catalogue, damage)
  const headlines = Object.entries<LensAssessment>(lenses).map(([lens, { headline, figures, state: verdict }]) => [
    lens,
    { headline: figureText(figures[headline]), verdict },
  ])
  return {
    state,
    findings: [...findings, ...questions].map(({ lens, key, verdict, when, reason, wayOut }) => ({
      lens,
      key,
      verdict,
      when,
      reason: plainSentence(reason),
      wayOut: plainSentence(wayOut),
    })),
    lenses: Object.fromEntries(headlines) as AssessedPosition['lenses'],
  }
}

function withUsualOfPlain(inputs: PlainPosition): PlainPosition {
  const { load, oil, float } = emptyPlain()
  return {
    ...inputs,
    load: { ...inputs.load, axialN: inputs.load.axialN ?? load.axialN },
    oil: { ...inputs.oil, roomC: inputs.oil.roomC ?? oil.roomC },
    float: { ...inputs.float, assemblyC: inputs.float.assemblyC ?? float.assemblyC },
  }
}

/** A position with the values that hold in most workshops where nothing was entered. */
function withUsual(inputs: Position): Position {
  if (inputs.kind === 'plain') return withUsualOfPlain(inputs)
  const usual = emptyPosition()
  return {
    ...inputs,
    load: { ...inputs.load, axialN: inputs.load.axialN ?? usual.load.axialN },
    seat: { ...inputs.seat, shaftBoreMm: inputs.seat.shaftBoreMm ?? usual.seat.shaftBoreMm },
    mount: {
      ...inputs.mount,
      roomC: inputs.mount.roomC ?? usual.mount.roomC,
      coolingC: inputs.mount.coolingC ?? usual.mount.coolingC,
    },
  }
}
