import table from '../../../data/knowledge/plain-damage.json' with { type: 'json' }
import type { Cause, DamageKnowledge, Sign } from '../../diagnose/knowledge.ts'

/** The knowledge base of damage to plain bearings, of the same form as that of rolling ones; modes as in ISO 7146. */
export const plainDamage: DamageKnowledge = {
  causes: table.causes.map(({ cause, title, prior, immediate, refit, machine }): Cause => ({
    cause,
    title,
    prior,
    clauses: [],
    fix: [
      { when: 'immediate', do: immediate },
      { when: 'refit', do: refit },
      { when: 'machine', do: machine },
    ],
  })),
  signs: table.signs.map(({ given, ...sign }): Sign => ({
    ...sign,
    kind: sign.kind as Sign['kind'],
    clause: '',
    given: new Map(Object.entries(given as Record<string, number>)),
  })),
  facts: [],
}
