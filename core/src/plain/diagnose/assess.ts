import { becauseWords } from '../../diagnose/figures.ts'
import { likely, percent, undecided } from '../../diagnose/words.ts'
import { siteFirst } from '../../mount/cautions.ts'
import { assessLens, type LensAssessment } from '../../working/assessment.ts'
import { now, type Check } from '../../working/check.ts'
import { number, text, type Figure } from '../../working/figure.ts'
import { plainDamage } from './knowledge.ts'
import type { DiagnoseOutcome } from './work-out.ts'

/** What each sign is called, by its name. */
export const plainSignLabels: Readonly<Record<string, string>> = Object.fromEntries(
  plainDamage.signs.map(({ sign, label }) => [sign, label]),
)

const cautions = [
  `Stop, lock out and let it cool before a housing is opened; oil mist above hot metal can catch fire. ${siteFirst}`,
  'A burnt PTFE lining gives off harmful fumes; bronze with lead is not sanded dry.',
]

/** What the marks say, what to look at next, and what to put right. */
export const assessDiagnose = (outcome: DiagnoseOutcome): LensAssessment<'diagnose'> =>
  assessLens({
    lens: 'diagnose',
    headline: 'cause',
    figures: { cause: causeFigure(outcome) },
    checks: diagnoseChecks(outcome),
    cautions: outcome.begun ? cautions : [],
    begun: outcome.begun,
  })

function causeFigure({ begun, ranking, facts }: DiagnoseOutcome): Figure {
  return {
    label: 'Likeliest cause',
    symbol: 'p(c)',
    quantity: 'ratio',
    value: ranking?.causes[0] ? text(ranking.causes[0].title) : null,
    formula: 'L(c) = \\ln \\pi(c) + \\sum d(s) \\ln\\frac{P(s\\mid c)}{m(s)}',
    givens: [
      ...(ranking?.causes.slice(0, 5).map((cause) => ({
        label: cause.title,
        symbol: '',
        quantity: 'ratio' as const,
        value: text(percent(cause.probability)),
        from: becauseWords(cause, plainSignLabels),
      })) ?? []),
      ...facts.map(({ label, times }) => ({
        label,
        symbol: '',
        quantity: 'ratio' as const,
        value: number(Math.max(...Object.values(times))),
        precision: { figures: 2 },
        from: 'the other lenses: so many times likelier',
      })),
    ],
    source: 'Naive Bayes over the knowledge base; modes of ISO 7146',
    validity: 'One cause assumed. The probabilities order causes; they are not measured frequencies.',
    ...(begun ? {} : { missing: [{ field: 'diagnose.seen', label: 'what was seen' }] }),
  }
}

function diagnoseChecks({ ranking }: DiagnoseOutcome): Check[] {
  const top = ranking?.causes[0]
  if (!ranking || !top) return []
  const fix = top.fix.find(({ when }) => when === 'machine')?.do ?? null
  const said =
    ranking.verdict === 'open'
      ? undecided(top.title, top.probability)
      : likely(top.title, top.probability, ranking.unexplained.length > 0, fix)
  const values = { cause: top.cause, probability: top.probability }
  return [now('cause', 'watch', said, { values, field: 'diagnose.seen' })]
}
