import type { Catalogue } from './catalogue/catalogue.ts'
import type { DamageKnowledge } from './diagnose/knowledge.ts'
import { assessPlain, type PlainAssessment } from './kinds/plain/assess.ts'
import type { Position } from './kinds/position.ts'
import { assessRolling, type RollingAssessment } from './kinds/rolling/assess.ts'
import type { Machine } from './model/machine.ts'

/** Assessments by the kind of the position. */
interface AssessmentByKind {
  rolling: RollingAssessment
  plain: PlainAssessment
}
export type Assessment<K extends Position['kind'] = Position['kind']> = AssessmentByKind[K]

/**
 * Every figure and check of a position: all lenses of its kind, in working order.
 *
 * Pure: the same inputs give the same assessment. It does not throw for any position its schema accepts.
 *
 * @param damage - knowledge base for the marks; without it they are not ranked
 */
export function assess<P extends Position>(
  position: P,
  machine: Machine,
  catalogue: Catalogue,
  damage: DamageKnowledge | null = null,
): Assessment<P['kind']> {
  return judge(position, machine, catalogue, damage) as Assessment<P['kind']>
}

function judge(position: Position, machine: Machine, catalogue: Catalogue, damage: DamageKnowledge | null): Assessment {
  switch (position.kind) {
    case 'rolling':
      return assessRolling(position, machine, catalogue, damage)
    case 'plain':
      return assessPlain(position, machine)
    default:
      return position satisfies never
  }
}
