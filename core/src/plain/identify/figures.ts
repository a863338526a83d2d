import type { PlainPosition } from '../../kinds/plain/position.ts'
import { formatNumber } from '../../model/units.ts'
import { capital } from '../../words/quantities.ts'
import { givenOf, number, text, type Figure } from '../../working/figure.ts'
import { formWords, grooveWords, lookWords, materialWords } from '../words.ts'
import type { IdentifyOutcome } from './work-out.ts'

const millimetres = givenOf('length', { decimals: 1 }, 'typed')
const size = (mm: number) => formatNumber(mm, { decimals: 3 }).replace(/\.?0+$/, '')

/** What it is called on lists: form, sizes, material. */
export function sleeveName({ bearing }: PlainPosition, { sizes, name }: IdentifyOutcome): string | null {
  if (!sizes) return null
  const of = name ? `, ${materialWords[name]}` : ''
  return `${capital(formWords[bearing.form])} ${size(sizes.journalMm)} × ${size(sizes.lengthMm)}${of}`
}

/** The figures of Identify, with their working. */
export function identifyFigures(position: PlainPosition, outcome: IdentifyOutcome): Record<string, Figure> {
  const { bearing } = position
  const { sizes, name, implied, looked, missing } = outcome
  const called = sleeveName(position, outcome)
  const figures: Record<string, Figure> = {
    designation: {
      label: 'On this journal',
      symbol: '',
      quantity: 'ratio',
      value: called === null ? null : text(called),
      formula: '\\text{form, journal × length, material}',
      givens: [],
      source: 'Typed, measured and looked at',
      ...(missing.length > 0 ? { missing } : {}),
    },
  }
  if (sizes) {
    figures['wall'] = {
      label: 'Wall',
      symbol: 't',
      quantity: 'length',
      precision: { decimals: 1 },
      value: number(sizes.wallMm),
      formula: sizes.usualWall ? 't = 2 + 0.06\\,D' : 't = \\text{measured}',
      givens: [millimetres('journal', 'D', sizes.journalMm)],
      source: sizes.usualWall ? 'Practice, to half a millimetre; lined bushes by steps' : 'Measured',
      estimate: sizes.usualWall,
    }
    figures['outside'] = {
      label: 'Outside',
      symbol: 'd_o',
      quantity: 'length',
      precision: { decimals: 1 },
      value: number(sizes.odMm),
      formula: 'd_o = D + 2\\,t',
      givens: [millimetres('journal', 'D', sizes.journalMm), millimetres('wall', 't', sizes.wallMm, 'this lens')],
      source: 'Sizes of the bush',
      estimate: sizes.usualWall,
    }
    figures['ratio'] = {
      label: 'Length over journal',
      symbol: 'L/D',
      quantity: 'ratio',
      precision: { figures: 2 },
      value: number(sizes.ratio),
      formula: 'L/D',
      givens: [millimetres('length', 'L', sizes.lengthMm), millimetres('journal', 'D', sizes.journalMm)],
      source: 'Sizes of the bush',
      validity: 'Usual: 0.5 to 1.5. Longer ones bear on their edges where the shaft bends.',
    }
  }
  figures['material'] = {
    label: 'Material',
    symbol: '',
    quantity: 'ratio',
    value: name === null ? null : text(materialWords[name]),
    formula: '\\text{material}',
    givens: (looked[0]?.agrees ?? []).map((look) => ({
      label: lookWords[look],
      symbol: '',
      quantity: 'ratio' as const,
      value: text(`speaks for ${materialWords[looked[0]?.material ?? 'tin-bronze']}`),
      from: 'looked at',
    })),
    source: implied ? `A ${formWords[bearing.form]} is made of it` : 'Typed',
    ...(name === null ? { missing: [{ field: 'bearing.material', label: 'the material' }] } : {}),
  }
  figures['groove'] = {
    label: 'Oil groove',
    symbol: '',
    quantity: 'ratio',
    value: bearing.groove === null ? text('not looked at') : text(grooveWords[bearing.groove]),
    formula: '\\text{groove}',
    givens: [],
    source: 'Looked at',
  }
  return figures
}
