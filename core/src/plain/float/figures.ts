import type { PlainPosition } from '../../kinds/plain/position.ts'
import { givenOf, number, type Figure } from '../../working/figure.ts'
import { practiceValues } from '../../working/practice.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import { clearanceFrom, warmFrom } from '../words.ts'
import type { FloatOutcome } from './work-out.ts'

const gap = givenOf('length', { decimals: 3 })
const celsius = givenOf('temperature')

/** The figures of Float, with their working. */
export function floatFigures(position: PlainPosition, carry: CarryOutcome, outcome: FloatOutcome): Record<string, Figure> {
  const { clearance, warm, hotMm, journalGrowthMm, boreGrowthMm, assemblyC, ends, wornMm } = outcome
  const missing = [
    ...carry.missing.filter(({ field }) => field.startsWith('bearing.')),
    ...(warm === null ? [{ field: 'oil.roomC', label: 'the temperature of the room' }] : []),
  ]
  const figures: Record<string, Figure> = {
    hot: {
      label: 'Clearance running',
      symbol: 'C_{hot}',
      quantity: 'deviation',
      value: hotMm === null ? null : number(1000 * hotMm),
      formula: 'C_{hot} = C + \\Delta d - \\Delta D',
      givens: clearance && warm && journalGrowthMm !== null && boreGrowthMm !== null
        ? [
            gap('clearance, cold', 'C', clearance.coldMm, clearanceFrom[clearance.from]),
            celsius('cold', 'T_0', assemblyC, 'typed'),
            celsius('journal', '', warm.journalC, warmFrom[warm.from]),
            celsius('bush', '', warm.bushC, warmFrom[warm.from]),
            celsius('housing', '', warm.housingC, warmFrom[warm.from]),
            gap('bore grows by', '\\Delta d', boreGrowthMm, 'this lens'),
            gap('journal grows by', '\\Delta D', journalGrowthMm, 'this lens'),
          ]
        : [],
      source: 'Linear expansion; the wall of a bush that is held swells inward',
      estimate: clearance?.from === 'practice' || warm?.from === 'room',
      ...(missing.length > 0 ? { missing } : {}),
    },
  }
  if (clearance) {
    figures['cold'] = {
      label: clearance.from === 'practice' ? 'Clearance new, cold' : 'Clearance, cold',
      symbol: 'C',
      quantity: 'deviation',
      value: number(1000 * clearance.coldMm),
      formula: clearance.from === 'practice' ? 'C = \\text{practice}' : 'C = \\text{measured}',
      givens: [gap('new', '', clearance.newMm, clearance.from === 'maker' ? 'the maker’s' : 'practice')],
      source: clearance.from === 'practice' ? 'Trade practice' : clearanceFrom[clearance.from],
      practices: practiceValues(clearance.practices, (mm) => number(1000 * mm)),
      practice: clearance.practices[0]?.name ?? '',
    }
  }
  if (wornMm !== null) {
    figures['worn'] = {
      label: 'Worn out at',
      symbol: 'C_{max}',
      quantity: 'deviation',
      value: number(1000 * wornMm),
      formula: carry.onFilm ? 'C_{max} = 2\\,C_{new}' : 'C_{max} = C_{new} + w',
      givens: [gap('new', 'C_{new}', clearance?.newMm ?? 0, 'this lens')],
      source: 'Practice',
    }
  }
  if (ends) {
    figures['room'] = {
      label: 'Room to the nearer stop',
      symbol: 's',
      quantity: 'length',
      precision: { decimals: 2 },
      value: number(ends.marginMm),
      formula: ends.centreMm === null ? 's = E/2' : 's = \\min(m,\\ E - m)',
      givens: [
        gap('end float', 'E', ends.floatMm, 'measured'),
        ...(ends.centreMm === null ? [] : [gap('magnetic centre', 'm', ends.centreMm, 'measured')]),
      ],
      source: 'Stop to stop, the shaft where it runs',
    }
    figures['needs'] = {
      label: 'Room that is needed',
      symbol: 's_n',
      quantity: 'length',
      precision: { decimals: 2 },
      value: number(ends.needsMm),
      formula: 's_n = \\tfrac{c}{2} + g',
      givens: [
        ...(ends.couplingMm === null ? [] : [gap('coupling lets it float by', 'c', ends.couplingMm, 'typed')]),
        ...(position.float.growthMm === null ? [] : [gap('growth of the shaft', 'g', ends.growthMm, 'typed')]),
      ],
      source: 'Practice: a coupling that limits the float keeps the shaft off its collars',
    }
  }
  return figures
} // prettier-ignore
