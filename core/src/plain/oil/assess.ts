import type { PlainPosition } from '../../kinds/plain/position.ts'
import { siteFirst } from '../../mount/cautions.ts'
import { assessLens, type LensAssessment } from '../../working/assessment.ts'
import { now, type Check } from '../../working/check.ts'
import { givenOf, number, range, text, type Figure } from '../../working/figure.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import { dirtWords, lubricationOfPlain, supplyWords, warmFrom } from '../words.ts'
import * as words from './words.ts'
import type { OilOutcome } from './work-out.ts'

/** Which oil or grease, how it comes, and when it is changed. */
export const assessOil = (position: PlainPosition, carry: CarryOutcome, outcome: OilOutcome): LensAssessment<'oil'> =>
  assessLens({
    lens: 'oil',
    headline: outcome.grease ? 'interval' : carry.onFilm ? 'grade' : 'lubricant',
    figures: oilFigures(position, carry, outcome),
    checks: oilChecks(position, outcome),
    cautions: cautions(position),
  })

function cautions({ oil }: PlainPosition): string[] {
  if (oil.lubrication === 'dry' || oil.lubrication === null) return []
  return [
    ...(oil.lubrication === 'oil-fed' && oil.supply === 'ring' ? ['Watch the ring through its port, never with a finger; the shaft takes sleeves and rags.'] : []),
    `Hot oil burns, and oil under pressure goes through skin. ${siteFirst}`,
  ]
} // prettier-ignore

const litres = givenOf('ratio', { figures: 2 })

function oilFigures({ oil }: PlainPosition, carry: CarryOutcome, outcome: OilOutcome): Record<string, Figure> {
  const { chosen, change, cold, ring, grease, grades } = outcome
  const figures: Record<string, Figure> = {
    lubricant: {
      label: 'Lubricated',
      symbol: '',
      quantity: 'ratio',
      value: oil.lubrication === null ? null : text(oil.lubrication === 'oil-fed' ? supplyWords[oil.supply] : lubricationOfPlain[oil.lubrication]),
      formula: '\\text{as typed}',
      givens: [],
      source: 'Typed',
      ...(oil.lubrication === null ? { missing: [{ field: 'oil.lubrication', label: 'how it is lubricated' }] } : {}),
    },
  }
  if (carry.onFilm) {
    figures['grade'] = {
      label: 'Grade to take',
      symbol: 'VG',
      quantity: 'ratio',
      value: chosen ? text(`VG ${chosen.vg}`) : grades.length > 0 ? text('none makes a film') : null,
      formula: 'VG = \\min\\{VG : h_0(0.9\\,VG) \\ge 1.5\\,(5 + 0.04 D),\\ T \\le 90\\ ^\\circ\\text{C}\\}',
      givens: grades.map(({ vg, filmUm, filmC, verdict }) => ({
        label: `VG ${vg}`,
        symbol: '',
        quantity: 'deviation' as const,
        precision: { figures: 2 },
        value: number(filmUm),
        from: `{${filmC} °C}, ${gradeSaid[verdict]}`,
      })),
      source: 'ISO 3448; Raimondi and Boyd (1958)',
      estimate: true,
      ...(carry.missing.length > 0 ? { missing: carry.missing } : {}),
    }
  }
  if (grease) {
    figures['interval'] = {
      label: 'Grease it every',
      symbol: 't_f',
      quantity: 'duration',
      precision: { figures: 2 },
      value: number(grease.intervalH),
      formula: 't_f = t(pv) \\cdot f_{dirt} \\cdot f_{heat}',
      givens: [
        ...(carry.slides ? [givenOf('ratio', { figures: 2 })('pressure × speed, MPa·m/s', 'pv', carry.slides.pv, 'Carry')] : []),
        { label: 'dirt', symbol: '', quantity: 'ratio', value: text(dirtWords[oil.dirt]), from: 'typed' },
        ...(carry.warm ? [givenOf('temperature')('housing', '', carry.warm.housingC, warmFrom[carry.warm.from])] : []),
      ],
      source: 'Practice: 500 h where it hardly rubs, 24 h where it rubs hard; half in dust, a quarter in grit, half every {15 K} above {60 °C}',
      estimate: true,
    }
    figures['quantity'] = {
      label: 'Grease a time',
      symbol: 'm',
      quantity: 'grams',
      precision: { figures: 2 },
      value: number(grease.quantityG),
      formula: 'm = 3\\,\\rho\\,\\pi D L\\,(\\tfrac{C}{2} + 0.05)',
      givens: carry.clearance ? [givenOf('length', { decimals: 3 })('clearance', 'C', carry.clearance.coldMm, 'Float')] : [],
      source: 'Practice: gap and grooves three times over; until it comes at both ends',
      estimate: true,
    }
  }
  if (change) {
    figures['change'] = {
      label: 'Change the oil after',
      symbol: 't_{oil}',
      quantity: 'duration',
      precision: { figures: 2 },
      value: number(change.hoursH),
      formula: 't_{oil} = t(T) \\cdot f_{env} \\cdot f_{system}',
      givens: [givenOf('duration', { figures: 2 })('the first time after', '', change.firstChangeH, 'commissioning or repair')],
      source: 'General published practice',
      estimate: true,
    }
  }
  if (ring) {
    figures['dip'] = {
      label: 'Ring dips in by',
      symbol: '',
      quantity: 'length',
      precision: { decimals: 0 },
      value: range(ring.dip.lowMm, ring.dip.highMm),
      formula: '0.1\\,d_{ring} \\ldots 0.25\\,d_{ring}',
      givens: [givenOf('length', { decimals: 0 })('ring, inside', 'd_{ring}', ring.insideMm, oil.ringMm === null ? 'usual: 1.7 of the journal' : 'measured')],
      source: 'Practice; the mark on the machine comes first',
      estimate: oil.ringMm === null,
    }
    figures['ringFlow'] = {
      label: 'Rings bring, L/min',
      symbol: 'Q',
      quantity: 'ratio',
      precision: { figures: 2 },
      value: number(ring.bringsLPerMin),
      formula: 'Q \\approx z\\,(0.3 + D/100)',
      givens: ring.leavesLPerMin === null ? [] : [litres('leaves at the sides, L/min', 'Q_s', ring.leavesLPerMin, 'Carry')],
      source: 'Guidance, for one to two rings below 12 m/s',
      estimate: true,
    }
  }
  if (cold) {
    figures['cold'] = {
      label: 'Oil at the coldest start',
      symbol: '\\nu',
      quantity: 'viscosity',
      precision: { figures: 2 },
      value: number(cold.cst),
      formula: '\\nu(T_{start})',
      givens: [givenOf('viscosity', { figures: 2 })('the thickest that moves', '', cold.mostCst, supplyWords[oil.supply])],
      source: 'ASTM D341; practice for the limit',
    }
  }
  return figures
} // prettier-ignore

const gradeSaid = {
  ok: 'enough',
  'thin-film': 'thin',
  starved: 'starved',
  hot: 'too hot',
  'no-film': 'no film',
} as const

const fastestRing = 12

function oilChecks({ oil }: PlainPosition, { ring, cold }: OilOutcome): Check[] {
  const checks: Check[] = []
  if (ring) {
    if (oil.ringTurns === 'stands') checks.push(now('ring', 'stop', words.ringStands, { field: 'oil.ringTurns' }))
    if (oil.ringTurns === 'jerks') checks.push(now('ring', 'watch', words.ringJerks, { field: 'oil.ringTurns' }))
    const { dip, velocityMPerS, leavesLPerMin, bringsLPerMin } = ring
    if (oil.dipMm !== null && oil.dipMm < 0.9 * dip.lowMm) checks.push(now('level', oil.dipMm <= 0 ? 'stop' : 'watch', words.dipsLow(oil.dipMm, dip.lowMm), { field: 'oil.dipMm' }))
    if (oil.dipMm !== null && oil.dipMm > 1.2 * dip.highMm) checks.push(now('level', 'watch', words.dipsHigh(oil.dipMm, dip.highMm), { field: 'oil.dipMm' }))
    if (velocityMPerS !== null && velocityMPerS > fastestRing) checks.push(now('ring-speed', 'watch', words.fastRing(velocityMPerS), { field: 'oil.supply' }))
    else if (leavesLPerMin !== null && leavesLPerMin > bringsLPerMin) checks.push(now('ring-flow', 'watch', words.ringShort(leavesLPerMin, bringsLPerMin), { field: 'oil.ringCount' }))
  }
  if (cold && cold.cst > cold.mostCst && oil.coldStartC !== null)
    checks.push(now('cold', 'watch', words.coldThick(cold.cst, cold.mostCst, oil.coldStartC), { field: 'oil.nu40Cst' }))
  return checks
} // prettier-ignore
