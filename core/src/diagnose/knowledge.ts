import { z } from 'zod'

/** A cause of damage: what to change, and how often it is the one. */
export interface Cause {
  cause: string
  title: string
  prior: number
  /** Clauses of ISO 15243 its marks fall under, the likeliest first. */
  clauses: string[]
  fix: { when: 'immediate' | 'refit' | 'machine'; do: string }[]
}

/** Something that can be seen, felt, heard or asked. */
export interface Sign {
  sign: string
  kind: 'where' | 'look' | 'behaviour' | 'spectrum' | 'context'
  /** Signs of one group are often two views of one thing. */
  group: string
  /** Chance of seeing it whatever the cause. */
  background: number
  /** Clause of ISO 15243 the mark is named by; empty for what is no mark. */
  clause: string
  label: string
  question: string
  /** Chance of seeing it given a cause, where that differs from the background. */
  given: ReadonlyMap<string, number>
}

/** A thing known about the position that makes some causes likelier. */
export interface Fact {
  fact: string
  label: string
  field: string
  holds: (value: number | boolean | string) => boolean
  /** Factor on the prior of a cause; 1 where none is listed. */
  factors: ReadonlyMap<string, number>
}

/** The knowledge base of damage, in the order of its files, which breaks ties. */
export interface DamageKnowledge {
  causes: readonly Cause[]
  signs: readonly Sign[]
  facts: readonly Fact[]
}

/** Seen on several parts of one bearing: see `rank-causes.ts`. */
export const jointSign = 'one-sided-together'
/** Whether nobody enters a sign: it follows from others that are seen together. */
export const isJoint = ({ group }: Pick<Sign, 'group'>): boolean => group === 'joint'

const text = z.string()
const chance = z.coerce.number().min(0).max(1)
const CauseRow = z.object({
  cause: text.min(1), title: text, prior: chance, clauses: text, immediate: text.min(1), refit: text.min(1), machine: text.min(1),
}) // prettier-ignore
const SignRow = z.object({
  sign: text.min(1), kind: z.enum(['where', 'look', 'behaviour', 'spectrum', 'context']), group: text, background: text, clause: text,
  label: text, question: text, field: text, min: text, max: text, equals: text,
}) // prettier-ignore
const WeightRow = z.object({
  kind: z.enum(['sign', 'context']), key: text.min(1), cause: text.min(1), value: z.coerce.number().min(0),
}) // prettier-ignore

/** Rows of the three files as text, headers as keys. */
export interface DamageRows {
  causes: unknown[]
  signs: unknown[]
  weights: unknown[]
}

/**
 * Reads the knowledge base from the rows of its files.
 *
 * @throws Error when they do not fit each other: they ship with the program, so that is a bug, not an input
 */
export function readDamageKnowledge(rows: DamageRows): DamageKnowledge {
  const causes = z.array(CauseRow).parse(rows.causes)
  const signs = z.array(SignRow).parse(rows.signs)
  const known = new Set(causes.map(({ cause }) => cause))
  const keys = new Set(signs.map(({ sign }) => sign))
  const weights = new Map<string, Map<string, number>>()
  for (const { key, cause, value } of z.array(WeightRow).parse(rows.weights)) {
    if (!known.has(cause) || !keys.has(key)) throw new Error(`damage weight of ${key} for ${cause} belongs to nothing`)
    const of = weights.get(key) ?? new Map<string, number>()
    weights.set(key, of.set(cause, value))
  }
  const weightsOf = (key: string) => weights.get(key) ?? new Map<string, number>()
  return {
    causes: causes.map(({ cause, title, prior, clauses, immediate, refit, machine }) => ({
      cause,
      title,
      prior,
      clauses: clauses.split(';').filter(Boolean),
      fix: [
        { when: 'immediate', do: immediate },
        { when: 'refit', do: refit },
        { when: 'machine', do: machine },
      ],
    })),
    signs: signs
      .filter(({ kind }) => kind !== 'context')
      .map(({ sign, kind, group, background, clause, label, question }) => ({
        sign,
        kind,
        group,
        background: chance.parse(background),
        clause,
        label,
        question,
        given: weightsOf(sign),
      })),
    facts: signs
      .filter(({ kind }) => kind === 'context')
      .map(({ sign, label, field, min, max, equals }) => ({
        fact: sign,
        label,
        field,
        holds: (value) =>
          equals !== ''
            ? String(value) === equals
            : typeof value === 'number' && (min === '' || value >= Number(min)) && (max === '' || value < Number(max)),
        factors: weightsOf(sign),
      })),
  }
}

/** Names of ISO 15243:2017. */
export const damageModes: Record<string, { mode: string; submode: string }> = {
  '5.1.2': { mode: 'rolling-contact-fatigue', submode: 'subsurface-initiated-fatigue' },
  '5.1.3': { mode: 'rolling-contact-fatigue', submode: 'surface-initiated-fatigue' },
  '5.2.2': { mode: 'wear', submode: 'abrasive-wear' },
  '5.2.3': { mode: 'wear', submode: 'adhesive-wear' },
  '5.3.2': { mode: 'corrosion', submode: 'moisture-corrosion' },
  '5.3.3.2': { mode: 'corrosion', submode: 'fretting-corrosion' },
  '5.3.3.3': { mode: 'corrosion', submode: 'false-brinelling' },
  '5.4.2': { mode: 'electrical-erosion', submode: 'excessive-current-erosion' },
  '5.4.3': { mode: 'electrical-erosion', submode: 'current-leakage-erosion' },
  '5.5.2': { mode: 'plastic-deformation', submode: 'overload-deformation' },
  '5.5.3': { mode: 'plastic-deformation', submode: 'indentations-from-particles' },
  '5.6.2': { mode: 'cracking-and-fracture', submode: 'forced-fracture' },
  '5.6.3': { mode: 'cracking-and-fracture', submode: 'fatigue-fracture' },
  '5.6.4': { mode: 'cracking-and-fracture', submode: 'thermal-cracking' },
}
