import { z } from 'zod'
import { Cleanliness } from '../carry/modified-life.ts'
import { InputError } from '../errors/input-error.ts'
import { parseInput } from '../errors/parse-input.ts'
import { BearingType } from '../bearing-types/index.ts'
import { damageModes, jointSign, type Cause, type DamageKnowledge, type Fact, type Sign } from './knowledge.ts'
import { acceptedDistance, matchTracks, Tracks, type TrackMatch } from './tracks.ts'

const between = (min: number, max: number) => z.number().min(min).max(max).optional()

/** Facts about a position that the ranking takes; all optional. */
export const DamageContext = z.strictObject({
  kappa: between(0, 50),
  lockedEnds: z.union([z.literal(0), z.literal(1), z.literal(2)]).optional(),
  loadRatio: between(0, 2),
  staticSafety: between(0, 200),
  lifeRatio: between(0, 1000),
  operatingClearanceUm: between(-2000, 5000),
  clearanceShortfallUm: between(0, 2000),
  fitExcessUm: between(0, 1000),
  shaftInterferenceUm: between(-1000, 1000),
  housingInterferenceUm: between(-1000, 1000),
  axialOnNonAxialType: z.boolean().optional(),
  runningC: between(-60, 400),
  mountC: between(-200, 500),
  standstillH: between(0, 500_000),
  humidityPercent: between(0, 100),
  vfd: z.boolean().optional(),
  insulated: z.boolean().optional(),
  speedRatio: between(0, 10),
  vibrationMmPerS: between(0, 200),
  misalignmentRatio: between(0, 100),
  regreaseRatio: between(0, 1000),
  fillPercent: between(0, 100),
  greaseCompatibility: z.enum(['compatible', 'borderline', 'incompatible']).optional(),
  drive: z.enum(['belt', 'coupling', 'gear', 'direct']).optional(),
  bearingType: BearingType.optional(),
  cleanliness: Cleanliness.optional(),
})

export const RankInput = z.strictObject({
  evidence: z.array(z.string()).meta({ description: 'Names of the signs seen' }),
  absent: z.array(z.string()).default([]).meta({ description: 'Names of the signs looked for and not found' }),
  context: z
    .record(z.string(), z.unknown())
    .default({})
    .meta({ description: `Facts about the position: ${Object.keys(DamageContext.shape).join(', ')}` }),
  tracks: z
    .record(z.string(), z.unknown())
    .optional()
    .meta({ description: 'Drawn running tracks: rotatingRing, inner and outer of 12 to 360 samples {centre, width}' }),
})
export type RankInput = z.output<typeof RankInput>

type State = 'present' | 'absent' | 'context'

export interface RankedCause {
  cause: string
  title: string
  mode: string
  submode: string
  clause: string
  probability: number
  because: { sign: string; state: State; weight: number }[]
  fix: Cause['fix']
}

export interface Ranking {
  causes: RankedCause[]
  verdict: 'clear' | 'likely' | 'open'
  nextQuestions: { sign: string; question: string; gainBits: number }[]
  observedModes: { sign: string; clause: string; submode: string }[]
  unexplained: string[]
  factsUsed: string[]
  trackMatch?: TrackMatch[]
}

/** Least weight worth telling, and least gain worth asking for. */
const leastWeight = 0.1
const leastGainBits = 0.005
const mostQuestions = 5

/** Comparisons are made to this many decimals, so that rounding noise does not order what is equal. */
const settled = (value: number) => Math.round(value * 1e9)

/** Signs that some cause has to explain; where something is only says which part to look at. */
const wantsReason: ReadonlySet<Sign['kind']> = new Set(['look', 'behaviour', 'spectrum'])

interface Entered {
  sign: Sign
  state: 'present' | 'absent'
}

/**
 * Ranks the causes of damage by what was seen, what was looked for and not found, and what is known of the position.
 *
 *     L(c) = ln π(c) + Σ d(s) ln(P(s|c) / m(s)),   d = 1/√k for k signs of one group
 *
 * Naive Bayes with one cause assumed. Order of the evidence makes no difference.
 *
 * @param cannotBe - signs that a bearing like this cannot have, and that are not asked for
 * @param shares - how often each cause is the one, in the order of the causes; as the trade finds it where absent
 * @throws InputError on `evidence`, `absent` (not a sign, or in both), a field of the context by its name, `tracks`
 * @see knowledge base in core/data; modes of ISO 15243:2017
 */
export function rankCauses(
  input: RankInput,
  knowledge: DamageKnowledge,
  cannotBe: (sign: string) => boolean = () => false,
  shares: readonly number[] = knowledge.causes.map(({ prior }) => prior),
): Ranking {
  const context = parseInput(DamageContext, input.context, 'path')
  const drawn = input.tracks === undefined ? null : parseTracks(input.tracks)
  const { entered, trackMatch } = enter(input, context.vfd, drawn, knowledge)
  const facts = knowledge.facts.filter(({ field, holds }) => {
    const value = context[field as keyof typeof context]
    return value !== undefined && holds(value)
  })
  const priors = shiftedPriors(knowledge.causes, shares, facts)
  const weights = entered.map((one) => weigh(one, entered, knowledge.causes, priors))
  const logs = priors.map((prior, index) => Math.log(prior) + weights.reduce((sum, of) => sum + (of[index] ?? 0), 0))
  const largest = Math.max(...logs)
  const raw = logs.map((log) => Math.exp(log - largest))
  const total = raw.reduce((sum, value) => sum + value, 0)
  const probabilities = raw.map((value) => value / total)

  const order = knowledge.causes
    .map((_, index) => index)
    .sort((a, b) => settled(probabilities[b] ?? 0) - settled(probabilities[a] ?? 0) || a - b)
  const present = entered.filter(({ state }) => state === 'present').map(({ sign }) => sign)
  const causes = order.map((index): RankedCause => {
    const cause = knowledge.causes[index]
    if (!cause) throw new Error('no such cause')
    const because = [
      ...entered.map(({ sign, state }, number) => ({ sign: sign.sign, state, weight: weights[number]?.[index] ?? 0 })),
      ...facts
        .filter(({ factors }) => factors.has(cause.cause))
        .map(({ fact, factors }) => ({
          sign: fact,
          state: 'context' as const,
          weight: Math.log(factors.get(cause.cause) ?? 1),
        })),
    ]
      .filter(({ weight }) => Math.abs(weight) >= leastWeight)
      .sort((a, b) => settled(Math.abs(b.weight)) - settled(Math.abs(a.weight)))
    return {
      cause: cause.cause,
      title: cause.title,
      ...modeOf(cause, present),
      probability: probabilities[index] ?? 0,
      because,
      fix: cause.fix,
    }
  })
  const top = causes[0]
  if (!top) throw new Error('no causes')
  return {
    causes,
    verdict: top.probability >= 0.6 ? 'clear' : top.probability >= 0.3 ? 'likely' : 'open',
    nextQuestions: nextQuestions(knowledge, entered, probabilities, cannotBe),
    observedModes: present.flatMap(({ sign, clause }) =>
      clause ? [{ sign, clause, submode: damageModes[clause]?.submode ?? '' }] : [],
    ),
    unexplained: present
      .filter((sign) => wantsReason.has(sign.kind) && chanceOf(sign, top.cause) <= sign.background)
      .map(({ sign }) => sign),
    factsUsed: facts.map(({ fact }) => fact),
    ...(trackMatch ? { trackMatch } : {}),
  }
}

const chanceOf = (sign: Sign, cause: string): number => sign.given.get(cause) ?? sign.background

function parseTracks(given: unknown): Tracks {
  const result = Tracks.safeParse(given, { reportInput: true })
  if (result.success) return result.data
  const [issue] = result.error.issues
  const part = issue?.code === 'unrecognized_keys' ? issue.keys[0] : issue?.path[0]
  throw new InputError({
    code: 'WRONG_TYPE',
    field: part === undefined ? 'tracks' : `tracks.${String(part)}`,
    value: 'not a track',
    allowed:
      part === 'rotatingRing'
        ? 'inner or outer'
        : 'a list of 12 to 360 samples {centre −0.5 to 0.5, width 0 to 1}, at least one of them marked',
    fix: 'Draw the track round the whole ring.',
  })
}

/** Signs entered, once each and in order, with what the context and the drawing add. */
function enter(
  input: RankInput,
  vfd: boolean | undefined,
  drawn: Tracks | null,
  { signs }: DamageKnowledge,
): { entered: Entered[]; trackMatch: TrackMatch[] | null } {
  const byName = new Map(signs.map((sign) => [sign.sign, sign]))
  const find = (name: string, field: 'evidence' | 'absent'): Sign => {
    const sign = byName.get(name)
    if (sign) return sign
    throw new InputError({
      code: 'NOT_ONE_OF',
      field,
      value: name,
      allowed: `names of signs, such as ${signs
        .slice(0, 4)
        .map(({ sign: known }) => known)
        .join(', ')}`,
      fix: 'Pick the sign from the list.',
    })
  }
  const present = new Set(input.evidence.map((name) => find(name, 'evidence').sign))
  const absent = new Set(input.absent.map((name) => find(name, 'absent').sign))
  const both = [...absent].find((name) => present.has(name))
  if (both) {
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'absent',
      value: both,
      allowed: 'signs that are not in evidence too',
      fix: 'It was seen or it was not: take it out of one list.',
    })
  }
  if (vfd !== undefined) {
    const [agrees, against] = vfd ? [present, absent] : [absent, present]
    if (against.has('vfd-fed')) {
      throw new InputError({
        code: 'FIELDS_DISAGREE',
        field: 'context.vfd',
        value: vfd,
        allowed: 'what the sign vfd-fed says',
        fix: 'Look whether a converter feeds the motor.',
      })
    }
    agrees.add('vfd-fed')
  }
  const trackMatch = drawn ? matchTracks(drawn) : null
  const nearest = trackMatch?.[0]
  // What the person entered wins over what the drawing suggests.
  if (nearest?.sign && nearest.distance <= acceptedDistance && !absent.has(nearest.sign)) present.add(nearest.sign)
  if (showsOneSide(present) && byName.has(jointSign) && !absent.has(jointSign)) present.add(jointSign)
  const entered = [
    ...[...present].map((name): Entered => ({ sign: find(name, 'evidence'), state: 'present' })),
    ...[...absent].map((name): Entered => ({ sign: find(name, 'absent'), state: 'absent' })),
  ]
  return { entered, trackMatch }
}

/** What people see first of a bearing that stood crooked: each alone has many causes, two of them together have few. */
const oneSided = [
  ['track-off-centre', 'worn-to-one-side'],
  ['cage-broken'],
  ['seal-lip-worn', 'seal-worn-one-side'],
  ['grease-out-one-side'],
]
const showsOneSide = (present: ReadonlySet<string>): boolean =>
  oneSided.filter((either) => either.some((sign) => present.has(sign))).length > 1

function shiftedPriors(causes: readonly Cause[], shares: readonly number[], facts: readonly Fact[]): number[] {
  const raw = causes.map(({ cause }, index) =>
    facts.reduce((product, { factors }) => product * (factors.get(cause) ?? 1), shares[index] ?? 0),
  )
  const sum = raw.reduce((total, value) => total + value, 0)
  return raw.map((value) => value / sum)
}

/** Weight of an entered sign for each cause. */
function weigh(
  { sign, state }: Entered,
  all: readonly Entered[],
  causes: readonly Cause[],
  priors: readonly number[],
): number[] {
  const alike = all.filter((other) => other.state === state && other.sign.group === sign.group).length
  const damping = 1 / Math.sqrt(alike)
  const chances = causes.map(({ cause }) => chanceOf(sign, cause))
  const mean = chances.reduce((sum, chance, index) => sum + chance * (priors[index] ?? 0), 0)
  return chances.map((chance) =>
    state === 'present' ? damping * Math.log(chance / mean) : damping * Math.log((1 - chance) / (1 - mean)),
  )
}

/** Mode a cause shows here: the first of its clauses that a present sign carries, else its first. */
function modeOf(
  { cause, clauses }: Cause,
  present: readonly Sign[],
): { mode: string; submode: string; clause: string } {
  const shown = clauses.find((clause) =>
    present.some((sign) => sign.clause === clause && chanceOf(sign, cause) > sign.background),
  )
  const clause = shown ?? clauses[0]
  const named = clause ? damageModes[clause] : undefined
  return clause && named ? { ...named, clause } : { mode: 'undetermined', submode: 'undetermined', clause: '' }
}

const entropy = (values: readonly number[]): number =>
  -values.reduce((sum, value) => sum + (value > 0 ? value * Math.log2(value) : 0), 0)

function nextQuestions(
  { causes, signs }: DamageKnowledge,
  entered: readonly Entered[],
  probabilities: readonly number[],
  cannotBe: (sign: string) => boolean,
): Ranking['nextQuestions'] {
  const asked = new Set(entered.map(({ sign }) => sign.sign))
  const now = entropy(probabilities)
  return (
    signs
      // What has no question is entered by who saw it, and what takes an instrument by who has one: neither is asked for.
      .filter(
        ({ sign, kind, question }) => question !== '' && kind !== 'spectrum' && !asked.has(sign) && !cannotBe(sign),
      )
      .map((sign) => {
        const yes = causes.map(({ cause }, index) => (probabilities[index] ?? 0) * chanceOf(sign, cause))
        const q = yes.reduce((sum, value) => sum + value, 0)
        const no = yes.map((value, index) => (probabilities[index] ?? 0) - value)
        const share = (values: number[], sum: number) =>
          sum > 0 ? sum * entropy(values.map((value) => value / sum)) : 0
        return { sign: sign.sign, question: sign.question, gainBits: now - share(yes, q) - share(no, 1 - q) }
      })
      .filter(({ gainBits }) => gainBits >= leastGainBits)
      .sort((a, b) => settled(b.gainBits) - settled(a.gainBits))
      .slice(0, mostQuestions)
  )
}
