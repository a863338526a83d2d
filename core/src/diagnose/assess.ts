import { runningSpeed } from '../carry/running-speed.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import type { Position } from '../model/position.ts'
import { assessLens, type Check, type LensAssessment } from '../working/assessment.ts'
import { number, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import { defectFrequencies } from './defect-frequencies.ts'
import type { DamageKnowledge } from './knowledge.ts'
import { rankCauses, type Ranking } from './rank-causes.ts'

/** What the other lenses know that speaks for or against a cause. */
export interface KnownFacts {
  kappa: number | null
  loadRatio: number | null
  staticSafety: number | null
  operatingClearanceUm: number | null
  shaftInterferenceUm: number | null
  housingInterferenceUm: number | null
  speedRatio: number | null
  axialOnNonAxialType: boolean
}

/** What the marks say, what to look at next, and where damage shows in a spectrum. */
export function assessDiagnose(
  position: Position,
  lookup: BearingLookup,
  facts: KnownFacts,
  knowledge: DamageKnowledge | null,
): LensAssessment {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const { seen, notSeen } = position.diagnose
  const begun = seen.length + notSeen.length > 0
  const outcome =
    begun && knowledge
      ? attempt(() =>
          rankCauses({ evidence: seen, absent: notSeen, context: contextOf(position, bearing, facts) }, knowledge),
        )
      : null
  const ranking = outcome?.value ?? null
  const figures: Record<string, Figure> = {
    cause: {
      label: 'Likeliest cause',
      symbol: 'p(c)',
      quantity: 'ratio',
      value: ranking?.causes[0] ? text(ranking.causes[0].title) : null,
      formula: 'L(c) = \\ln \\pi(c) + \\sum d(s) \\ln\\frac{P(s\\mid c)}{m(s)}',
      givens: ranking ? causeGivens(ranking) : [],
      source: 'Naive Bayes over the knowledge base; modes of ISO 15243:2017',
      validity: 'One cause assumed. The probabilities order causes; they are no measured frequencies.',
      ...(begun ? {} : { missing: [{ field: 'diagnose.seen', label: 'what was seen' }] }),
      ...(outcome?.refusal ? { refusal: refusalOf(outcome.refusal) } : {}),
    },
  }
  const speed = runningSpeed(position)
  const frequencies = bearing && speed ? frequencyFigures(bearing, speed.meanRpm) : {}
  return assessLens({
    lens: 'diagnose',
    headline: 'cause',
    figures: { ...figures, ...frequencies },
    checks: ranking ? [rankingCheck(ranking)] : [],
    cautions: begun
      ? [
          'Lock out and prove dead, let hot parts cool, before a cover is opened.',
          'Keep the evidence: mark position, load direction and outer side, photograph before cleaning, take a grease sample.',
          'Never spin a bearing with compressed air; never strike a ring: it splinters.',
        ]
      : [],
    begun,
  })
}

function contextOf(
  { grease, float }: Position,
  bearing: ResolvedBearing | null,
  facts: KnownFacts,
): Record<string, unknown> {
  const within = (value: number | null, min: number, max: number) =>
    value === null ? undefined : Math.min(Math.max(value, min), max)
  const context: Record<string, unknown> = {
    kappa: within(facts.kappa, 0, 50),
    loadRatio: within(facts.loadRatio, 0, 2),
    staticSafety: within(facts.staticSafety, 0, 200),
    operatingClearanceUm: within(facts.operatingClearanceUm, -2000, 5000),
    shaftInterferenceUm: within(facts.shaftInterferenceUm, -1000, 1000),
    housingInterferenceUm: within(facts.housingInterferenceUm, -1000, 1000),
    speedRatio: within(facts.speedRatio, 0, 10),
    axialOnNonAxialType: facts.axialOnNonAxialType || undefined,
    lockedEnds: float.locatedEnds ?? undefined,
    runningC: grease.runningC ?? undefined,
    cleanliness: grease.cleanliness ?? undefined,
    bearingType: bearing?.row.type,
  }
  return Object.fromEntries(Object.entries(context).filter(([, value]) => value !== undefined))
}

/** Under one in a hundred is said so, not rounded to nothing. */
const percent = (probability: number): string =>
  probability < 0.01 ? 'under 1 %' : `${Math.round(probability * 100)} %`

function causeGivens({ causes, nextQuestions }: Ranking): Given[] {
  return [
    ...causes.slice(0, 5).map(({ title, probability, because }): Given => ({
      label: title,
      symbol: '',
      quantity: 'ratio',
      value: text(percent(probability)),
      from:
        because
          .slice(0, 2)
          .map(({ sign, weight }) => `${sign.replace(/-/g, ' ')} ${weight > 0 ? 'for' : 'against'}`)
          .join(', ') || 'how often it is the cause',
    })),
    ...nextQuestions.slice(0, 3).map(({ question, sign }): Given => ({
      label: question,
      symbol: '',
      quantity: 'ratio',
      value: text('ask'),
      from: sign,
    })),
  ]
}

function rankingCheck({ causes, verdict, unexplained }: Ranking): Check {
  const top = causes[0]
  if (!top) throw new Error('no causes')
  const more = unexplained.length > 0 ? ' It does not explain everything seen: a second cause may be at work.' : ''
  return verdict === 'open'
    ? {
        key: 'cause',
        verdict: 'watch',
        reason: `No cause stands out yet; ${top.title.toLowerCase()} leads with ${percent(top.probability)}.`,
        wayOut: 'Answer the next questions first.',
        field: 'diagnose.seen',
      }
    : {
        key: 'cause',
        verdict: 'watch',
        reason: `${top.title}: ${percent(top.probability)}.${more}`,
        wayOut:
          top.fix.find(({ when }) => when === 'machine')?.do ?? 'Put the cause right before the next bearing goes in.',
        field: 'diagnose.seen',
      }
}

function frequencyFigures({ interior }: ResolvedBearing, speedRpm: number): Record<string, Figure> {
  const { value } = attempt(() =>
    defectFrequencies({
      elements: interior.elements,
      elementDiameterMm: interior.elementDiameterMm,
      pitchDiameterMm: interior.pitchDiameterMm,
      contactAngleDeg: interior.contactAngleDeg,
      speedRpm,
    }),
  )
  if (!value) return {}
  const givens: Given[] = [
    {
      label: 'elements in a row',
      symbol: 'Z',
      quantity: 'ratio',
      value: number(interior.elements),
      precision: { decimals: 0 },
      from: 'estimate',
    },
    {
      label: 'rolling element',
      symbol: 'D_w',
      quantity: 'length',
      value: number(interior.elementDiameterMm),
      precision: { decimals: 2 },
      from: 'estimate',
    },
    {
      label: 'pitch diameter',
      symbol: 'D_{pw}',
      quantity: 'length',
      value: number(interior.pitchDiameterMm),
      precision: { decimals: 2 },
      from: 'estimate',
    },
    { label: 'speed', symbol: 'n', quantity: 'speed', value: number(speedRpm), from: 'Carry' },
  ]
  const figure = (label: string, symbol: string, hz: number, formula: string): Figure => ({
    label,
    symbol,
    quantity: 'frequency',
    value: number(hz),
    formula,
    givens,
    source: 'Rolling without slip',
    validity: 'Inner ring turning. Real lines lie 1 to 2 % off: search within 3 %.',
    estimate: true,
  })
  return {
    bpfo: figure('Outer ring passed', 'f_{o}', value.bpfoHz, 'f_o = \\tfrac{Z f}{2}(1-\\gamma)'),
    bpfi: figure('Inner ring passed', 'f_{i}', value.bpfiHz, 'f_i = \\tfrac{Z f}{2}(1+\\gamma)'),
    bsf: figure('Element struck', '2 f_{b}', 2 * value.bsfHz, '2f_b = \\tfrac{f D_{pw}}{D_w}(1-\\gamma^2)'),
    ftf: figure('Cage turns', 'f_{c}', value.ftfHz, 'f_c = \\tfrac{f}{2}(1-\\gamma)'),
  }
}
