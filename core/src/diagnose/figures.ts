import { givenOf, number, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import type { Ranking } from './rank-causes.ts'
import { countedByTrade, countedHere, percent } from './words.ts'
import type { DiagnoseOutcome } from './work-out.ts'

/** The figures of Diagnose, with their working. */
export const diagnoseFigures = (outcome: DiagnoseOutcome): Record<string, Figure> => ({
  cause: causeFigure(outcome),
  ...frequencyFigures(outcome),
})

function causeFigure({ begun, ranking, refusal, signLabels, beside }: DiagnoseOutcome): Figure {
  return {
    label: 'Likeliest cause',
    symbol: 'p(c)',
    quantity: 'ratio',
    value: ranking?.causes[0] ? text(ranking.causes[0].title) : null,
    formula: 'L(c) = \\ln \\pi(c) + \\sum d(s) \\ln\\frac{P(s\\mid c)}{m(s)}',
    givens: ranking ? [sharesGiven(beside), ...causeGivens(ranking, signLabels)] : [],
    source: 'Naive Bayes over the knowledge base; modes of ISO 15243:2017',
    validity: 'One cause assumed. The probabilities order causes; they are not measured frequencies.',
    ...(begun ? {} : { missing: [{ field: 'diagnose.seen', label: 'what was seen' }] }),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
}

/** A weight in words: how strongly it speaks, and for which side. */
export const strengthWords = (weight: number): string =>
  `${Math.abs(weight) > 2 ? 'strongly' : Math.abs(weight) >= 0.7 ? 'clearly' : 'slightly'} ${weight > 0 ? 'for' : 'against'}`

/** A label inside a sentence; what is written in capitals stays so. */
const lowered = (label: string): string =>
  /^[A-Z][A-Z/]/.test(label) ? label : label.charAt(0).toLowerCase() + label.slice(1)

/** So many reasons are told of a cause. */
const mostReasons = 3

/** Why a cause is where it is, in a few words. */
export const becauseWords = ({ because }: Ranking['causes'][number], labels: DiagnoseOutcome['signLabels']): string =>
  because
    .slice(0, mostReasons)
    .map(
      ({ sign, state, weight }) =>
        `${state === 'absent' ? 'not found: ' : ''}${lowered(labels[sign] ?? sign)}, ${strengthWords(weight)}`,
    )
    .join(' · ') || 'how often it is the cause'

const sharesGiven = (beside: DiagnoseOutcome['beside']): Given => ({
  label: 'how often each cause is the one',
  symbol: '\\pi(c)',
  quantity: 'ratio',
  value: text(beside?.by === 'trade' ? countedHere(beside.findings) : countedByTrade),
  from: beside?.by === 'trade' ? 'what people decided here' : 'field surveys',
})

const causeGivens = ({ causes }: Ranking, labels: DiagnoseOutcome['signLabels']): Given[] =>
  causes.slice(0, 5).map((cause) => ({
    label: cause.title,
    symbol: '',
    quantity: 'ratio',
    value: text(percent(cause.probability)),
    from: becauseWords(cause, labels),
  }))

function frequencyFigures({ bearing, frequencies, speedRpm }: DiagnoseOutcome): Record<string, Figure> {
  if (!bearing || !frequencies || speedRpm === null) return {}
  const { interior } = bearing
  const givens: Given[] = [
    givenOf('ratio', { decimals: 0 }, 'estimate')('elements in a row', 'Z', interior.elements),
    givenOf('length', { decimals: 2 }, 'estimate')('rolling element', 'D_w', interior.elementDiameterMm),
    givenOf('length', { decimals: 2 }, 'estimate')('pitch diameter', 'D_{pw}', interior.pitchDiameterMm),
    givenOf('speed', undefined, 'Carry')('speed', 'n', speedRpm),
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
    bpfo: figure('BPFO, outer race', 'f_{o}', frequencies.bpfoHz, 'f_o = \\tfrac{Z f}{2}(1-\\gamma)'),
    bpfi: figure('BPFI, inner race', 'f_{i}', frequencies.bpfiHz, 'f_i = \\tfrac{Z f}{2}(1+\\gamma)'),
    bsf: figure('2×BSF, rolling element', '2 f_{b}', 2 * frequencies.bsfHz, '2f_b = \\tfrac{f D_{pw}}{D_w}(1-\\gamma^2)'), // prettier-ignore
    ftf: figure('FTF, cage', 'f_{c}', frequencies.ftfHz, 'f_c = \\tfrac{f}{2}(1-\\gamma)'),
  }
}
