import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { isBall, isPaired, lifeExponent, bearingTypeNames } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { formatNumber } from '../model/units.ts'
import { arrangementWords } from '../words/vocabulary.ts'
import { givenOf, number, refusalOf, type Figure, type Given } from '../working/figure.ts'
import { forceGiven } from './givens.ts'
import { textbookLoad } from './induced-load.ts'
import type { Carrying, CarryOutcome } from './work-out.ts'

/** What the bearing carries: the loads typed, the factors or the steps, and what a pair adds. */
export function equivalentFigure(
  { load: typed }: RollingPosition,
  { bearing, carrying, missing, refusal, preload }: CarryOutcome,
): Figure {
  const steps = typed.steps.length > 0
  return {
    label: 'Equivalent dynamic load',
    symbol: 'P',
    quantity: 'force',
    value: carrying ? number(carrying.equivalentN) : null,
    formula: steps
      ? 'P = \\left(\\frac{\\sum P_i^p\\,n_i\\,q_i}{\\sum n_i\\,q_i}\\right)^{1/p},\\quad P_i = X\\,F_r + Y\\,F_a'
      : 'P = X\\,F_r + Y\\,F_a',
    givens: [
      ...typedGivens(typed),
      ...(steps && carrying ? heaviestGivens(carrying) : []),
      ...(carrying && bearing ? (steps ? stepGivens(carrying, bearing) : factorGivens(carrying, bearing)) : []),
      ...(preload
        ? [
            forceGiven('F_p', 'the pair squeezes itself with', preload.forceN, 'springs of the contacts'),
            givenOf('length', { decimals: 3 }, 'Float')('preload, running', '', preload.mm),
          ]
        : []),
      ...(carrying ? [forceGiven('P_0', 'static equivalent load', carrying.staticEquivalentN, 'ISO 76')] : []),
    ],
    source: steps ? 'ISO 281:2007; cumulative damage over the steps' : 'ISO 281:2007',
    ...(bearing
      ? {
          validity:
            typed.arrangement === 'single'
              ? `Factors of a ${bearingTypeNames[bearing.row.type]} bearing, single.`
              : `One of a pair ${arrangementWords[typed.arrangement]}${preload ? ', each bearing a spring: half the preload each, shaft and housing stiff' : ', set near no play and without preload'}.`,
        }
      : {}),
    ...(missing.load.length > 0 ? { missing: missing.load } : {}),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
}

function typedGivens({
  radialN,
  axialN,
  shockFactor,
  steps,
  tiltDeg,
  rotorKg,
  partnerRadialN,
  arrangement,
}: RollingPosition['load']): Given[] {
  const givens: Given[] = []
  if (steps.length === 0) {
    if (radialN !== null) givens.push(forceGiven('F_r', 'radial load', radialN, 'typed'))
    if (axialN !== null) givens.push(forceGiven('F_a', 'axial load', axialN, 'typed'))
  }
  if (shockFactor !== null) givens.push(givenOf('ratio', { decimals: 2 }, 'typed')('shock factor', 'f', shockFactor))
  if (tiltDeg && rotorKg) {
    givens.push(
      { label: 'shaft inclination', symbol: '\\varphi', quantity: 'angle', value: number(tiltDeg), from: 'typed' },
      { label: 'shaft and rotor', symbol: 'm', quantity: 'mass', value: number(rotorKg), from: 'typed' },
    )
  }
  if (arrangement !== 'single' && partnerRadialN !== null)
    givens.push(forceGiven('F_{rB}', 'radial load on the other', partnerRadialN, 'typed'))
  return givens
}

/** Loads of the step that asks most, for the drawing and for a check by hand. */
function heaviestGivens({ acting, each }: Carrying): Given[] {
  const heaviest = acting.reduce((most, one, index) =>
    (each[index]?.equivalentN ?? 0) > (each[acting.indexOf(most)]?.equivalentN ?? 0) ? one : most,
  )
  return [
    forceGiven('F_r', 'radial load, heaviest step', heaviest.radialN, 'typed'),
    forceGiven('F_a', 'axial load, heaviest step', heaviest.axialN, 'typed'),
  ]
}

function factorGivens({ acting, each }: Carrying, { row, interior }: ResolvedBearing): Given[] {
  const [load] = each
  const [one] = acting
  if (!load || !one) return []
  const factor = givenOf('ratio', { decimals: 2 }, 'ISO 281 tables')
  return [
    ...(one.tiltN > 0
      ? [forceGiven('m g \\sin\\varphi', 'weight along the shaft', one.tiltN, 'hangs on this end')]
      : []),
    ...(one.ownN === null
      ? []
      : [
          ...(isPaired(row.type) && isBall(row.type)
            ? [
                forceGiven('S', 'axial force of its own', one.ownN, 'half the balls loaded, 1.22 Fr tan α over 30°'),
                forceGiven(
                  'S',
                  'the same by the textbook rule',
                  textbookLoad('a', row.type, { radialN: one.radialN, yOrAngleDeg: interior.contactAngleDeg }),
                  'Fr / 2Y',
                ),
              ]
            : [forceGiven('S', 'axial force of its own', one.ownN, 'Fr / 2Y')]),
          forceGiven('F_a', 'axial load of the pair', one.axialN, 'induced loads'),
        ]),
    factor('radial factor', 'X', load.x),
    factor('axial factor', 'Y', load.y),
    ...(load.e === null ? [] : [factor('limit of Fa/Fr', 'e', load.e)]),
  ]
}

/** What each step asks and how much of the life it uses up. */
function stepGivens({ acting, each }: Carrying, { row }: ResolvedBearing): Given[] {
  const p = lifeExponent(row.type)
  const damage = acting.map(
    ({ speedRpm, share }, index) => (each[index]?.equivalentN ?? 0) ** p * (speedRpm ?? 0) * share,
  )
  const all = damage.reduce((sum, one) => sum + one, 0)
  return acting.map((step, index) => ({
    label: `step ${index + 1}, ${formatNumber(step.share * 100, { figures: 3 })} % of the time`,
    symbol: `P_{${index + 1}}`,
    quantity: 'force',
    value: number(each[index]?.equivalentN ?? 0),
    from: `uses ${formatNumber(((damage[index] ?? 0) / all) * 100, { figures: 2 })} % of the life`,
  }))
}
