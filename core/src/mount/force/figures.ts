import { givenOf, range, type Figure, type Given } from '../../working/figure.ts'
import type { ForceOutcome } from './work-out.ts'

/** The figures of pressing on and pulling off; none where the ring is not tight. */
export function forceFigures(outcome: ForceOutcome, tightestUm: number | null): Record<string, Figure> {
  const { pressN, offN, nut } = outcome
  if (!pressN || !offN || tightestUm === null) return {}
  const ratio = givenOf('ratio', { decimals: 2 })
  const tight: Given = givenOf('deviation')('tightest fit', 'I', tightestUm, 'Seat')
  const force = { quantity: 'force' as const, precision: { figures: 2 }, estimate: true }
  return {
    pressForce: {
      ...force,
      label: 'To press it on, at the tightest fit',
      symbol: 'F',
      value: range(pressN.low, pressN.high),
      formula: 'F = \\mu\\,p\\,\\pi\\,d\\,B',
      givens: [
        tight,
        ratio('friction, oiled', '\\mu', 0.1, 'practice'),
        ratio('friction, dry', '\\mu', 0.2, 'practice'),
      ],
      source: 'Lamé, thick cylinders; steel on steel',
      validity: 'At the end of its travel. Raceway from the estimated inside.',
    },
    offForce: {
      ...force,
      label: 'To pull it off',
      symbol: 'F_{off}',
      value: range(offN.low, offN.high),
      formula: 'F_{off} = 1.5\\,F_{oiled} \\ldots 3\\,F_{dry}',
      givens: [tight],
      source: 'Fitting practice: half as much again, three times when it is fretted',
    },
    ...(nut
      ? {
          nutTorque: {
            label: 'Nut that pushes it home',
            symbol: 'M',
            quantity: 'torque',
            value: range(nut.low, nut.high),
            precision: { figures: 2 },
            formula: 'M = F\\left(\\frac{p}{2\\pi} + \\frac{\\mu d_2}{2\\cos\\beta} + \\frac{\\mu D_m}{2}\\right)',
            givens: [
              givenOf('length', { decimals: 2 })('pitch', 'p', nut.pitchMm, 'ISO 2982-2, by the bore'),
              givenOf('force', { figures: 2 })('force, oiled', 'F', pressN.low, 'this page'),
              givenOf('force', { figures: 2 })('force, dry', 'F', pressN.high, 'this page'),
              ratio('friction of thread and face, oiled', '\\mu', 0.1, 'practice'),
              ratio('friction of thread and face, dry', '\\mu', 0.16, 'practice'),
            ],
            source: 'Mechanics of threads; threads of ISO 2982-2',
            validity: 'Moves the ring; a hot ring needs none of it. How tight it stays is in the maker’s table.',
            estimate: true,
          } satisfies Figure,
        }
      : {}),
  }
}
