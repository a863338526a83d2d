import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { factsOf, isBall, isThrust, isPaired, lifeExponent, bearingTypeNames } from '../bearing-types/index.ts'
import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { formatNumber } from '../model/units.ts'
import { givenOf, number, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import { axialCapacity } from './axial-capacity.ts'
import { minimumLoad } from './equivalent-load.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { wantedStaticSafety } from './static-safety.ts'
import { systemLife } from './system-life.ts'
import { wantedLife } from './wanted-life.ts'
import { longestLifeH } from '../words/quantities.ts'
import { arrangementWords, cleanlinessWords, lubricationWords, runningWords } from '../words/vocabulary.ts'
import type { AxialLimit } from './axial-limits.ts'
import { textbookLoad } from './induced-load.ts'
import { axialLimitLabel } from './words.ts'
import { staticSafetyOf, type Carrying, type CarryOutcome, type Ratings } from './work-out.ts'

/** The figures of Carry, with their working. */
export function carryFigures(
  position: RollingPosition,
  machine: Machine,
  outcome: CarryOutcome,
): Record<string, Figure> {
  const { bearing, ratings, carrying, life, speed } = outcome
  const figures: Record<string, Figure> = {
    life: lifeFigure(position, outcome),
    equivalent: equivalentFigure(position, outcome),
  }
  if (bearing && ratings) {
    figures['dynamicRating'] = ratingFigure(bearing, ratings, 'dynamic')
    figures['staticRating'] = ratingFigure(bearing, ratings, 'static')
    figures['minimum'] = minimumFigure(bearing, ratings)
  }
  if (bearing && ratings && carrying) {
    figures['axialCapacity'] = axialFigure(position, bearing, carrying, ratings, outcome.axialLimits)
    figures['loadRatio'] = ratioFigure(carrying, ratings)
    const safety = staticSafetyOf(outcome)
    if (safety !== null) figures['staticSafety'] = safetyFigure(position, bearing, carrying, ratings, safety)
  }
  if (bearing && life && life.hoursH !== null) figures['doubled'] = doubledFigure(bearing, life.hoursH)
  figures['wanted'] = wantedFigure(position, machine, outcome.wantedH)
  const modified = modifiedFigure(position, outcome)
  if (modified) figures['modified'] = modified
  if (speed) figures['speed'] = speedFigure(position, speed)
  const system = systemFigure(machine, outcome)
  if (system) figures['system'] = system
  return figures
}

/** Life from estimated ratings is not stated beyond two figures. */
const lifePrecision = (estimated: boolean) => ({ figures: estimated ? 2 : 3 })

function lifeFigure(position: RollingPosition, outcome: CarryOutcome): Figure {
  const { bearing, ratings, carrying, life, missing, refusal } = outcome
  const speed = runningSpeed(position)
  const exponent = bearing ? (isBall(bearing.row.type) ? '3' : '10/3') : 'p'
  const estimated = ratings?.dynamicEstimated ?? false
  const givens: Given[] = []
  if (ratings) givens.push(ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated))
  if (carrying) givens.push(forceGiven('P', 'equivalent load', carrying.equivalentN, 'worked out in this lens'))
  if (speed)
    givens.push({
      label: 'speed',
      symbol: 'n',
      quantity: 'speed',
      value: number(speed.meanRpm),
      from: position.load.steps.length > 0 ? 'mean of the duty steps' : 'typed',
    })
  if (life && !life.beyondRating)
    givens.push({
      label: 'in revolutions',
      symbol: 'L_{10}',
      quantity: 'revolutions',
      value: number(life.millionRevs),
      from: 'worked out in this lens',
    })
  return {
    label: 'Basic rating life',
    symbol: 'L_{10h}',
    quantity: 'duration',
    value: life?.hoursH != null ? number(life.hoursH) : carrying?.equivalentN === 0 ? text('no load') : null,
    precision: lifePrecision(estimated),
    most: longestLifeH,
    formula: `L_{10h} = \\frac{10^6}{60\\,n}\\left(\\frac{C}{P}\\right)^{${exponent}}`,
    givens,
    source: 'ISO 281:2007',
    validity:
      '90 of 100 such bearings last longer. Clean, well lubricated, P up to half of C. Beyond 200 000 h fatigue does not end it: grease, dirt or a loose seat does.',
    estimate: estimated,
    ...(missing.life.length > 0 ? { missing: missing.life } : {}),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
    ...(life?.beyondRating
      ? { refusal: { field: 'load.radialN', message: 'The load is above the rating', fix: 'Take a larger bearing.' } }
      : {}),
  }
}

function equivalentFigure(
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

function ratingFigure({ row, interior }: ResolvedBearing, ratings: Ratings, kind: 'dynamic' | 'static'): Figure {
  const dynamic = kind === 'dynamic'
  const estimated = dynamic ? ratings.dynamicEstimated : ratings.staticEstimated
  const balls = isBall(row.type)
  const length = givenOf('length', { decimals: 2 }, 'estimate')
  const count = givenOf('ratio', { decimals: 0 }, 'estimate')
  const givens = [
    count('elements in a row', 'Z', interior.elements),
    count('rows', 'i', interior.rows),
    length('rolling element', 'D_w', interior.elementDiameterMm),
    ...(interior.elementLengthMm !== null ? [length('effective length', 'L_{we}', interior.elementLengthMm)] : []),
    length('pitch diameter', 'D_{pw}', interior.pitchDiameterMm),
  ]
  const thrust = isThrust(row.type)
  const formula = dynamic
    ? balls
      ? thrust
        ? 'C = b_m f_c Z^{2/3} D_w^{1.8}'
        : 'C = b_m f_c (i\\cos\\alpha)^{0.7} Z^{2/3} D_w^{1.8}'
      : thrust
        ? 'C = b_m f_c L_{we}^{7/9} Z^{3/4} D_{we}^{29/27}'
        : 'C = b_m f_c (i L_{we}\\cos\\alpha)^{7/9} Z^{3/4} D_{we}^{29/27}'
    : balls
      ? thrust
        ? 'C_0 = f_0 Z D_w^2 \\sin\\alpha'
        : 'C_0 = f_0\\, i Z D_w^2 \\cos\\alpha'
      : thrust
        ? 'C_0 = 220\\, Z L_{we} D_{we} \\sin\\alpha'
        : 'C_0 = 44(1-\\gamma)\\, i Z L_{we} D_{we} \\cos\\alpha'
  return {
    label: dynamic ? 'Basic dynamic load rating' : 'Basic static load rating',
    symbol: dynamic ? 'C' : 'C_0',
    quantity: 'force',
    value: number(dynamic ? ratings.dynamicN : ratings.staticN),
    formula: estimated ? formula : `${dynamic ? 'C' : 'C_0'} = \\text{maker’s value}`,
    givens: estimated ? givens : [],
    source: estimated
      ? dynamic
        ? 'ISO 281:2007 with estimated inside'
        : 'ISO 76:2006 with estimated inside'
      : 'Maker’s value, typed',
    ...(estimated
      ? {
          validity:
            'An estimate until the maker’s value is entered; it must not be used to approve a lower rating than the machine’s maker chose.',
        }
      : {}),
    estimate: estimated,
  }
}

function minimumFigure({ row }: ResolvedBearing, ratings: Ratings): Figure {
  return {
    label: 'Minimum load',
    symbol: 'P_{min}',
    quantity: 'force',
    value: number(minimumLoad(row.type, ratings.dynamicN)),
    formula: `P_{min} = ${factsOf(row.type).minimumLoadShare}\\,C`,
    givens: [ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated)],
    source: 'Practice; a maker’s formula with speed and viscosity is better',
    estimate: ratings.dynamicEstimated,
  }
}

function ratioFigure(load: Carrying, ratings: Ratings): Figure {
  return {
    label: 'Load ratio',
    symbol: 'P/C',
    quantity: 'ratio',
    value: number(load.equivalentN / ratings.dynamicN),
    precision: { figures: 2 },
    formula: '\\frac{P}{C}',
    givens: [
      forceGiven('P', 'equivalent load', load.equivalentN, 'worked out in this lens'),
      ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated),
    ],
    source: 'Light up to 0.07, normal up to 0.15, heavy above: practice',
    estimate: ratings.dynamicEstimated,
  }
}

function axialFigure(
  { load: given }: RollingPosition,
  bearing: ResolvedBearing,
  { acting }: Carrying,
  ratings: Ratings,
  limits: readonly AxialLimit[],
): Figure {
  const radialN = Math.max(...acting.map((one) => one.radialN))
  return {
    label: 'Permissible axial load',
    symbol: 'F_{a,max}',
    quantity: 'force',
    value: number(axialCapacity(radialN, bearing, ratings, given.running, limits)),
    precision: { figures: 2 },
    formula: '\\max F_a:\\ P \\le \\tfrac12 C,\\ P_0 \\le C_0 / s_0',
    givens: [
      forceGiven('F_r', 'beside the radial load', radialN, 'this lens'),
      ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated),
      ratingGiven('C_0', 'static rating', ratings.staticN, ratings.staticEstimated),
      ...limits.map((limit) => forceGiven('', axialLimitLabel(limit), limit.mostN, 'practice')),
    ],
    source: 'ISO 281, ISO 76, searched for the largest that holds; practice for sleeves, ribs and locks',
    validity:
      'What holds for a moment; the life says for how long. A spherical roller bearing unloads its second row well before.',
    estimate: ratings.dynamicEstimated || ratings.staticEstimated,
  }
}

function safetyFigure(
  { load: given }: RollingPosition,
  { row }: ResolvedBearing,
  load: Carrying,
  ratings: Ratings,
  safety: number,
): Figure {
  return {
    label: 'Static safety factor',
    symbol: 's_0',
    quantity: 'ratio',
    value: number(safety),
    precision: { figures: 2 },
    formula: 's_0 = \\frac{C_0}{P_0}',
    givens: [
      ratingGiven('C_0', 'static rating', ratings.staticN, ratings.staticEstimated),
      forceGiven('P_0', 'static equivalent load', load.staticEquivalentN, 'ISO 76'),
      {
        label: `recommended, ${runningWords[given.running]} running`,
        symbol: 's_{0,min}',
        quantity: 'ratio',
        value: number(wantedStaticSafety(row.type, given.running)),
        from: 'ISO 76 recommendation',
      },
    ],
    source: 'ISO 76:2006',
    estimate: ratings.staticEstimated,
  }
}

function doubledFigure({ row }: ResolvedBearing, hoursH: number): Figure {
  const balls = isBall(row.type)
  return {
    label: 'At twice the load',
    symbol: 'L_{10h}(2P)',
    quantity: 'duration',
    value: number(hoursH / 2 ** lifeExponent(row.type)),
    precision: { figures: 2 },
    most: longestLifeH,
    formula: balls ? 'L_{10h}(2P) = L_{10h} / 2^3' : 'L_{10h}(2P) = L_{10h} / 2^{10/3}',
    givens: [
      { label: 'basic rating life', symbol: 'L_{10h}', quantity: 'duration', value: number(hoursH), from: 'this lens' },
      { label: 'balls', symbol: '2^3', quantity: 'ratio', value: text('8 times less'), from: 'ISO 281' },
      { label: 'rollers', symbol: '2^{10/3}', quantity: 'ratio', value: text('10 times less'), from: 'ISO 281' },
    ],
    source: 'ISO 281:2007',
  }
}

function wantedFigure({ load }: RollingPosition, machine: Machine, hours: number): Figure {
  const recommended = wantedLife(machine.duty)
  return {
    label: 'Required life',
    symbol: 'L_{w}',
    quantity: 'duration',
    value: number(hours),
    formula: load.wantedLifeH === null ? 'L_w = \\text{table}(\\text{duty})' : 'L_w = \\text{typed}',
    givens: [
      {
        label: `usual for ${recommended.label}`,
        symbol: '',
        quantity: 'duration',
        value: { kind: 'range', from: recommended.fromH, to: recommended.toH },
        from: 'guidance by duty',
      },
    ],
    source: load.wantedLifeH === null ? `Guidance for ${recommended.label}` : 'Typed',
  }
}

/** Rated life with film, dirt and reliability taken in; null until lubricant, temperature and cleanliness are known. */
function modifiedFigure({ grease, load }: RollingPosition, { ratings, modified }: CarryOutcome): Figure | null {
  const { value, refusal } = modified
  if (!value && !refusal) return null
  const ratio = givenOf('ratio', { figures: 2 })
  const reliability = load.reliabilityPercent ?? 90
  return {
    label: 'Modified rating life',
    symbol: `L_{${formatNumber(100 - reliability, { figures: 3 }).replace(/^(0\.\d*?)0+$/, '$1')}mh}`,
    quantity: 'duration',
    value: value ? number(value.hoursH) : null,
    precision: lifePrecision(ratings?.dynamicEstimated ?? true),
    most: longestLifeH,
    formula: 'L_{nmh} = a_1\\,a_{ISO}\\,L_{10h}',
    givens: value
      ? [
          ratio('life factor', 'a_{ISO}', value.aIso, 'ISO 281'),
          ratio('viscosity ratio', '\\kappa', value.kappa, 'lubricant and temperature'),
          ratio(
            'contamination',
            'e_C',
            value.contaminationFactor,
            grease.cleanliness ? `cleanliness: ${cleanlinessWords[grease.cleanliness]}` : '',
          ),
          ratio('reliability', 'a_1', value.a1, `${reliability} %`),
          forceGiven('C_u', 'fatigue limit', value.fatigueLimitN, 'from C0, simplified'),
        ]
      : [],
    source: 'ISO 281:2007, clause 9',
    validity: `Never rely on a factor above 10 without the maker’s fatigue limit and a clean system${value && value.aIso >= 50 ? '; here it stands at its ceiling of 50' : ''}.`,
    practice: 'modified rating life for the verdict; basic rating life beside it',
    estimate: ratings?.dynamicEstimated ?? true,
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
}

function speedFigure({ grease }: RollingPosition, { ndm, limit, ratio }: NonNullable<CarryOutcome['speed']>): Figure {
  const product = givenOf('ratio', { figures: 3 })
  return {
    label: 'Speed factor over its limit',
    symbol: 'n d_m / \\text{limit}',
    quantity: 'ratio',
    value: number(ratio),
    precision: { figures: 2 },
    formula: '\\frac{n\\,D_{pw}}{\\text{limit}}',
    givens: [
      product('speed factor', 'n d_m', ndm, 'mm/min'),
      product('limit of the type', '', limit, `${lubricationWords[grease.lubrication]}, guidance`),
    ],
    source: 'Guidance, not a standard; a maker’s limit overrides it',
    validity: 'Standard cage, normal accuracy, P up to 0.1 C, about 70 °C.',
  }
}

/** Life of the whole machine with this bearing in it; null while no other position has a life. */
function systemFigure({ others = [] }: Machine, outcome: CarryOutcome): Figure | null {
  const ownH = outcome.life?.hoursH
  if (!outcome.bearing || !ownH || others.length === 0) return null
  const all = [{ position: 'this position', bearingType: outcome.bearing.row.type, lifeH: ownH }, ...others]
  const { systemH } = systemLife({
    livesH: all.map(({ lifeH }) => Math.min(lifeH, 1e12)),
    bearingTypes: all.map(({ bearingType }) => bearingType),
  })
  const weakest = all.reduce((least, one) => (one.lifeH < least.lifeH ? one : least))
  return {
    label: 'System life',
    symbol: 'L_{sys}',
    quantity: 'duration',
    value: number(systemH),
    precision: { figures: 2 },
    most: longestLifeH,
    formula: '\\sum \\left(\\frac{L_{sys}}{L_i}\\right)^{e_i} = 1',
    givens: all.map(({ position, lifeH }) => ({
      label: position,
      symbol: '',
      quantity: 'duration',
      value: lifeH > longestLifeH ? text(`> ${formatNumber(longestLifeH, { figures: 3 })} h`) : number(lifeH),
      precision: { figures: 2 },
      from:
        position === weakest.position ? 'the weakest' : position === 'this position' ? 'this lens' : 'as last saved',
    })),
    source: 'Survival product with the slopes of ISO 281',
    validity: 'Basic rating lives: 90 of 100 such machines reach it with every bearing whole.',
    estimate: true,
  }
}

function forceGiven(symbol: string, label: string, value: number, from: string): Given {
  return { label, symbol, quantity: 'force', value: number(value), from }
}

function ratingGiven(symbol: string, label: string, value: number, estimated: boolean): Given {
  return forceGiven(symbol, label, value, estimated ? 'estimate' : 'maker’s value')
}
