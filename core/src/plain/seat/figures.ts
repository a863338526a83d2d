import type { PlainPosition } from '../../kinds/plain/position.ts'
import { practiceValues } from '../../working/practice.ts'
import { givenOf, number, text, type Figure } from '../../working/figure.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import { plainRefusal } from '../refusal.ts'
import { materialWords } from '../words.ts'
import { finishWords } from './words.ts'
import type { SeatOutcome } from './work-out.ts'

const millimetres = givenOf('length', { decimals: 3 })

/** The figures of Seat, with their working. */
export function seatFigures(
  position: PlainPosition,
  identify: IdentifyOutcome,
  carry: CarryOutcome,
  outcome: SeatOutcome,
): Record<string, Figure> {
  const { boreAfterMm, boreBeforeMm, closingMm, gauged, sized, crush, hardnessHb, finishUm } = outcome
  const { sizes, name } = identify
  const split = position.bearing.form === 'split'
  const made = sized?.value
  const bored = Boolean(made && made.reamToMm === null)
  const missing = [
    ...identify.missing,
    ...(position.oil.lubrication === null ? [{ field: 'oil.lubrication', label: 'how it is lubricated' }] : []),
  ]
  const figures: Record<string, Figure> = {
    bore: {
      label: split ? 'Bore to scrape to' : bored ? 'Bore in place' : 'Bore to finish to, in place',
      symbol: 'd_b',
      quantity: 'length',
      precision: { decimals: 3 },
      value: boreAfterMm === null ? null : number(boreAfterMm),
      formula: 'd_b = D + C',
      givens: sizes && carry.clearance
        ? [millimetres('journal', 'D', sizes.journalMm, 'typed'), millimetres('clearance, new', 'C', carry.clearance.newMm, carry.clearance.from === 'maker' ? 'the maker’s' : 'practice')]
        : [],
      source: made ? `${finishWords[made.finish]}; tolerance H7` : 'Running clearance by practice; tolerance H7',
      ...(carry.clearance ? { practices: practiceValues(carry.clearance.practices, number) } : {}),
      ...(missing.length > 0 ? { missing } : {}),
      ...(sized?.refusal ? { refusal: plainRefusal(sized.refusal) } : {}),
    },
  }
  if (made && !split) {
    figures['interference'] = {
      label: gauged && position.seat.bushOdMm !== null ? 'Tight by, gauged' : 'Press fit',
      symbol: 'i',
      quantity: 'deviation',
      value: number(1000 * (gauged?.interferenceMm ?? made.interferenceMm)),
      formula: gauged && position.seat.bushOdMm !== null ? 'i = d_{bush} - d_{housing}' : 'i = \\text{share} \\cdot d_o + \\text{constant}',
      givens: [
        millimetres('bush outside', 'd_o', position.seat.bushOdMm ?? made.odMm, position.seat.bushOdMm !== null ? 'gauged' : 'practice'),
        ...(position.seat.housingBoreMm === null ? [] : [millimetres('housing bore', '', position.seat.housingBoreMm, 'gauged')]),
        givenOf('deviation')('usual for this material', '', 1000 * made.interferenceMm, name ? materialWords[name] : ''),
      ],
      source: 'Practice, about H7/s6',
    }
    figures['closing'] = {
      label: 'Bore closes by',
      symbol: '\\delta',
      quantity: 'deviation',
      value: number(1000 * (closingMm ?? 0)),
      formula: '\\delta = \\frac{2\\,p\\,D\\,d_o^2}{E_b\\,(d_o^2 - D^2)}',
      givens: [
        givenOf('stress', { figures: 2 })('pressure in the joint', 'p', gauged?.pressureMPa ?? made.fitPressureMPa, 'thick rings'),
        millimetres('bush outside', 'd_o', position.seat.bushOdMm ?? made.odMm, 'this lens'),
      ],
      source: 'Thick rings (Lamé)',
    }
    figures['before'] = {
      label: 'Bore before it goes in',
      symbol: 'd_{free}',
      quantity: 'length',
      precision: { decimals: 3 },
      value: boreBeforeMm === null ? null : number(boreBeforeMm),
      formula: 'd_{free} = D + C + \\delta',
      givens: [],
      source: 'Bore in place and closing-in',
      validity: made.reamToMm === null ? 'It is not cut after it is in.' : 'Leave 0.1 mm to ream or bore where it is finished in place.',
    }
  }
  if (crush) {
    figures['crush'] = {
      label: 'Half shell stands proud by',
      symbol: 'a',
      quantity: 'length',
      precision: { decimals: 2 },
      value: { kind: 'range', from: crush.lowMm, to: crush.highMm },
      formula: 'i = 2a/\\pi,\\quad p(i) = 3 \\ldots 10\\ \\text{MPa}',
      givens: position.seat.crushMm === null ? [] : [millimetres('measured', 'a', position.seat.crushMm, 'typed')],
      source: 'Thick rings (Lamé); practice for the pressure on the back',
      validity: 'For shells that are held by the cap. Thick shells that are pinned or keyed may have none.',
      estimate: true,
    }
  }
  figures['journal'] = {
    label: 'Journal',
    symbol: '',
    quantity: 'ratio',
    value: hardnessHb === null ? null : text(`Ra ${finishUm}, ${hardnessHb} HB`),
    formula: 'R_a \\le R_{lim},\\quad HB \\ge HB_{bush} + 100',
    givens: [
      ...(position.seat.journalRaUm === null ? [] : [givenOf('roughness', { figures: 2 }, 'measured')('finish', 'R_a', position.seat.journalRaUm)]),
      ...(position.seat.journalHb === null ? [] : [givenOf('ratio', { figures: 3 }, 'measured')('hardness, HB', '', position.seat.journalHb)]),
    ],
    source: 'Practice: finish by lubrication, hardness by the bush',
    ...(name === null ? { missing: [{ field: 'bearing.material', label: 'the material' }] } : {}),
  }
  if (made) {
    figures['groove'] = {
      label: 'Groove to make',
      symbol: '',
      quantity: 'ratio',
      value: text(grooveSaid[made.groove]),
      formula: '\\text{by material, lubrication and load}',
      givens: [],
      source: 'Practice: no groove through the loaded part',
    }
  }
  return figures
} // prettier-ignore

const grooveSaid = {
  none: 'none',
  circumferential: 'round the middle: the load turns',
  'figure-eight': 'figure of eight',
  'axial-unloaded': 'along the axis, on the unloaded side, short of the ends',
} as const
