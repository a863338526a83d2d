import type { RollingPosition } from '../kinds/rolling/position.ts'
import { airWords, standsInWords } from '../words/vocabulary.ts'
import { givenOf, number, range, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import type { Warmth } from './warmth.ts'
import type { GreaseOutcome } from './work-out.ts'

const nmPerNmm = 0.001

/** How warm it should run, and what makes it so, with their working. */
export function warmthFigures(position: RollingPosition, outcome: GreaseOutcome): Record<string, Figure> {
  const { warmth, missingForWarmth } = outcome
  // Nobody is asked how warm a place should be before somebody wants to know.
  if (position.grease.standsIn === null) return {}
  const refusal = warmth?.refusal
  const expected: Figure = {
    label: 'Housing should run at',
    symbol: '\\vartheta_h',
    quantity: 'temperature',
    value: null,
    formula:
      'P(\\nu(\\vartheta)) + \\dot Q_{shaft} = G_h(\\vartheta_h - \\vartheta_a) + G_f(\\vartheta_i - \\vartheta_a)',
    givens: [],
    source: 'Cooling in the manner of ISO 7902-1; friction by the classical two terms (Palmgren)',
    validity:
      'The rise is good to −40 and +50 %: what counts is the same machine then and now. New grease runs in warmer.',
    estimate: true,
    ...(missingForWarmth.length > 0 ? { missing: missingForWarmth } : {}),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
  const found = warmth?.value
  if (!found) return { expected }
  return {
    expected: {
      ...expected,
      value: range(found.temperature.expected.lowC, found.temperature.expected.highC),
      givens: expectedGivens(position, found),
    },
    friction: frictionFigure(found),
    settles: settlesFigure(found),
    flooded: floodedFigure(found),
    ...(found.temperature.excessRiseC ? { excess: excessFigure(position, found) } : {}),
    ...(found.thermal ? { thermal: thermalFigure(found.thermal) } : {}),
  }
}

function expectedGivens({ grease }: RollingPosition, { temperature, load, speedRpm, roomC }: Warmth): Given[] {
  const celsius = givenOf('temperature')
  const watts = givenOf('watts', { figures: 2 })
  const force = givenOf('force')
  const { heatW } = temperature
  return [
    celsius('middle of the band', '\\vartheta_h', temperature.housingC, 'the balance'),
    celsius('inner ring', '\\vartheta_i', temperature.innerRingC, 'the balance'),
    celsius('outer ring', '\\vartheta_o', temperature.outerRingC, 'the balance'),
    celsius('room', '\\vartheta_a', roomC, 'typed'),
    force('radial load, mean', 'F_r', load.radialN, 'Carry'),
    force('axial load, mean', 'F_a', load.axialN, 'Carry'),
    givenOf('speed')('speed, mean', 'n', speedRpm, 'Carry'),
    watts('friction', 'P', heatW.friction, 'friction.torque'),
    ...(grease.hotShaftC === null ? [] : [watts('along the shaft', '\\dot Q_{shaft}', heatW.fromShaft, 'shaft as a fin')]),
    watts('leaves by the housing', '', heatW.housing, `${standsInWords[grease.standsIn ?? 'pillow-block']}, air ${airWords[grease.air]}`),
    watts('leaves by the shaft end', '', heatW.shaft, 'shaft as a fin'),
  ] // prettier-ignore
}

function frictionFigure({ torque, byCoefficientW }: Warmth): Figure {
  const newtonMetres = givenOf('torque', { figures: 2 })
  return {
    label: 'Friction',
    symbol: 'P',
    quantity: 'watts',
    precision: { figures: 2 },
    value: number(torque.powerW),
    formula: 'M = f_1 P_1 d_m + 10^{-7} f_0 (\\nu n)^{2/3} d_m^3 + M_{seal},\\quad P = M n \\pi / 30\\,000',
    givens: [
      newtonMetres('of the load', 'M_1', torque.loadTorqueNmm * nmPerNmm, 'f_1 P_1 d_m'),
      newtonMetres('of the lubricant', 'M_0', torque.viscousTorqueNmm * nmPerNmm, 'viscosity and speed'),
      newtonMetres('of the seals', 'M_{seal}', torque.sealTorqueNmm * nmPerNmm, 'lips that rub'),
      newtonMetres('to start it', '', torque.startingTorqueNmm * nmPerNmm, 'guidance, within a factor of two'),
    ],
    source: 'Classical two-term model (Palmgren); ISO 15312 for its factors',
    validity:
      'Load and lubricant to 30 %, seals to 60 %; grease that has run in. One coefficient times load and half the bore knows neither speed, oil nor seals.',
    practice: 'friction of load, lubricant and seals apart',
    ...(byCoefficientW === null
      ? {}
      : {
          practices: [
            { key: 'two-term', name: 'load, lubricant, seals', value: number(torque.powerW), leads: true },
            { key: 'coefficient', name: 'one coefficient', value: number(byCoefficientW), leads: false },
          ],
        }),
    estimate: true,
  }
}

const settlesFigure = ({ temperature }: Warmth): Figure => ({
  label: 'Settled after',
  symbol: 't',
  quantity: 'duration',
  precision: { figures: 2 },
  value: number(temperature.settleH),
  formula: 't = 3\\,C / G',
  givens: [givenOf('duration', { figures: 2 })('time constant', 'C/G', temperature.timeConstantH, 'mass and cooling')],
  source: 'Heat balance of bearing, housing and shaft',
  validity: 'To 95 % of the way; until then it is not compared.',
  estimate: true,
})

const floodedFigure = ({ floodedK, temperature: { housingC } }: Warmth): Figure => ({
  label: 'Too much in it adds',
  symbol: '\\Delta\\vartheta',
  quantity: 'temperatureRise',
  value: number(floodedK),
  formula: 'f_0 \\to 2 f_0',
  givens: [
    givenOf('temperature')('as it should run', '', housingC, 'the balance'),
    givenOf('temperature')('flooded', '', housingC + floodedK, 'the same balance'),
  ],
  source: 'The same balance with the lubricant twice in the way',
  validity: 'Filled to the brim, or oil up to the middle.',
  estimate: true,
})

function excessFigure({ grease }: RollingPosition, { temperature }: Warmth): Figure {
  const celsius = givenOf('temperature')
  return {
    label: 'Over what its friction explains',
    symbol: '\\Delta\\vartheta',
    quantity: 'temperatureRise',
    value: number(temperature.excessRiseC ?? 0),
    formula: '\\Delta\\vartheta = \\vartheta_{measured} - \\vartheta_{high}',
    givens: [
      celsius('measured', '', grease.runningC ?? 0, 'typed'),
      celsius('upper end of the band', '', temperature.expected.highC, 'the balance'),
      givenOf('watts', { figures: 2 })('as if it made', 'P', temperature.impliedPowerW ?? 0, 'the balance turned round'),
      givenOf('watts', { figures: 2 })('it should make', 'P', temperature.powerW, 'friction.torque'),
    ], // prettier-ignore
    source: 'Heat balance of bearing, housing and shaft',
    estimate: true,
  }
}

function thermalFigure({ referenceSpeedRpm, safeSpeedRpm, ratio }: NonNullable<Warmth['thermal']>): Figure {
  return {
    label: 'Keeps cool up to',
    symbol: 'n_\\vartheta',
    quantity: 'speed',
    precision: { figures: 2 },
    value: number(safeSpeedRpm),
    formula: 'M(n)\\,n\\,\\pi/30\\,000 = \\dot Q(70\\,°C)',
    givens: [
      givenOf('speed', { figures: 2 })('by agreed conditions', 'n_{\\vartheta r}', referenceSpeedRpm, 'ISO 15312'),
      givenOf('ratio', { figures: 2 })('it turns at', '', ratio ?? 0, 'share of it'),
      { label: 'cage, seals, grease', symbol: '', quantity: 'ratio', value: text('have speeds of their own, see Carry'), from: '' },
    ], // prettier-ignore
    source: 'ISO 15312',
    validity: 'Outer ring at 70 °C. It is no permitted speed.',
    estimate: true,
  }
}
