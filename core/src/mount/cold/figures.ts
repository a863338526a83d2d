import { givenOf, number, range, type Figure, type Given } from '../../working/figure.ts'
import type { ColdOutcome, ColdPiece, Coldness } from './work-out.ts'
import { coolantWords, partWords } from './words.ts'

const degrees = givenOf('temperature')
const micrometres = givenOf('deviation')
const minutes = givenOf('minutes')

/** The figures of going in cold, once a coolant is chosen. */
export function coldFigures({ part, coolant, piece, missing, by, chosen }: ColdOutcome): Record<string, Figure> {
  if (coolant === null) return {}
  const gap: Figure = {
    label: `Room it goes in with, in ${coolantWords[coolant]}`,
    symbol: 's',
    quantity: 'deviation',
    value: chosen ? number(chosen.chill.gapUm) : null,
    formula: 's = 1000\\,D\\,(\\varepsilon(T_{room}) - \\varepsilon(T_{out})) - I_{max},\\quad \\varepsilon = 11.8\\cdot10^{-6}(T-20) + 0.012\\cdot10^{-6}(T-20)^2', // prettier-ignore
    givens: piece && chosen ? gapGivens(piece, chosen, by) : [],
    source: 'Contraction of steel to 77 K',
    validity: `Of ${partWords[part]}, of steel: bronze shrinks half as much again, stainless steel four tenths more.`,
    ...(missing.length > 0 ? { missing } : {}),
  }
  if (!piece || !chosen || chosen.chill.verdict === 'no-chill') return { coldGap: gap }
  const { soak, thaw } = chosen
  const lump: Given[] = [
    givenOf('mass')('its mass', 'm', piece.massKg, part === 'bearing' ? 'estimated geometry' : 'steel'),
    degrees('room', 'T_{room}', piece.roomC, 'typed'),
    degrees('taken out at', 'T_{out}', soak.ringC, part === 'bearing' ? 'coolant, or the least for a whole bearing' : 'coolant, to 3 K'), // prettier-ignore
  ]
  return {
    coldGap: gap,
    coldTime: {
      label: 'In the coolant, about',
      symbol: 't',
      quantity: 'minutes',
      value: range(soak.lowS / 60, soak.highS / 60),
      formula: 't = \\frac{m c}{h A}\\ln\\frac{T_{room} - T_{cold}}{T_{out} - T_{cold}}',
      givens: lump,
      source: 'Lumped cooling; coefficients of practice',
      validity: 'An order of magnitude: the probe, or the boiling that dies down, says when.',
      estimate: true,
    },
    coldLeft: {
      label: 'Until it seizes, once out',
      symbol: 't_{left}',
      quantity: 'minutes',
      value: number(thaw.windowS / 60),
      formula: 't_{left} = \\frac{m c}{h A}\\ln\\frac{T_{room} - T_{out}}{T_{room} - T_{seizes}}',
      givens: [
        ...lump,
        degrees('goes in up to', 'T_{seizes}', thaw.seizesC, 'tightest fit'),
        minutes('be home within', '', thaw.windowS / 120, 'half of it'),
      ],
      source: 'Lumped warming in still air, with frost',
      validity: 'In the hand. In the seat it warms in seconds.',
      estimate: true,
    },
  }
}

const gapGivens = (piece: ColdPiece, { chill, wantedUm, warmC }: Coldness, by: readonly Coldness[]): Given[] => [
  givenOf('length')('diameter', 'D', piece.odMm, piece.part === 'bearing' ? 'catalogue' : 'typed'),
  micrometres(
    'tightest fit',
    'I_{max}',
    piece.interferenceUm,
    piece.part === 'bearing' ? 'Seat' : 'typed, or from Seat',
  ),
  degrees('room', 'T_{room}', piece.roomC, 'typed'),
  degrees('part at', 'T_{out}', chill.ringC, 'coolant, or the least it is taken to'),
  micrometres('shrinks', '', chill.shrinkUm, 'this coolant'),
  micrometres('room wanted', '', wantedUm, '0.3 µm per mm, at least 5 µm'),
  ...by.map((one) => micrometres(`in ${coolantWords[one.coolant]}`, '', one.chill.shrinkUm, 'shrinks')),
  ...(warmC === null ? [] : [degrees('with the housing at', '', warmC, 'to make up the rest')]),
]
