import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { isBall, lifeExponent } from '../bearing-types/index.ts'
import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { formatNumber } from '../model/units.ts'
import { givenOf, number, refusalOf, text, type Figure, type Given } from '../working/figure.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { systemLife } from './system-life.ts'
import { whence } from '../site/apply.ts'
import { wantedLife } from './wanted-life.ts'
import { capital, lifeFigures, longestLifeH } from '../words/quantities.ts'
import { cleanlinessWords, lubricationWords } from '../words/vocabulary.ts'
import { endOf, judgedLife, staticSafetyOf, type CarryOutcome } from './work-out.ts'
import { equivalentFigure } from './load-figures.ts'
import { forceGiven, ratingGiven } from './givens.ts'
import { liftOffForce } from './preload.ts'
import { axialFigure, minimumFigure, ratingFigure, ratioFigure, safetyFigure } from './rating-figures.ts'

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
  const ends = endsFigure(position, outcome)
  if (ends) figures['ends'] = ends
  if (speed) figures['speed'] = speedFigure(position, speed)
  if (bearing && outcome.preload) figures['liftOff'] = liftOffFigure(bearing, outcome.preload)
  const system = systemFigure(machine, outcome)
  if (system) figures['system'] = system
  return figures
}

/** Where one bearing of a preloaded pair is let go. */
const liftOffFigure = (bearing: ResolvedBearing, { mm, forceN }: NonNullable<CarryOutcome['preload']>): Figure => ({
  label: 'One of the pair is let go at',
  symbol: 'K_{lift}',
  quantity: 'force',
  value: number(liftOffForce(bearing, forceN)),
  precision: { figures: 2 },
  formula: isBall(bearing.row.type) ? 'K_{lift} = 2^{3/2} F_p' : 'K_{lift} = 2^{10/9} F_p',
  givens: [
    givenOf('force', { figures: 2 }, 'springs of the contacts')('the pair squeezes itself with', 'F_p', forceN),
    givenOf('length', { decimals: 3 }, 'Float')('preload, running', '', mm),
  ],
  source: 'Hertz, both bearings alike',
  validity: 'Shaft and housing stiff, the angle as it is without load: an upper bound.',
  estimate: true,
})

/** Dirt that grinds: no method says in hours how long that takes. */
const grinds = ({ contamination, cleanliness }: RollingPosition['grease']): boolean =>
  contamination.endsWith('abrasive') || cleanliness === 'severe' || cleanliness === 'very-severe'

/** The shortest of what may end it, by its name; null while nothing stands beside fatigue. */
function endsFigure({ grease }: RollingPosition, outcome: CarryOutcome): Figure | null {
  const { ownGrease, modified, ratings } = outcome
  const own = ownGrease?.value
  const fatigueH = judgedLife(outcome)
  const ends = endOf(outcome)
  if (!own || fatigueH === null || !ends) return null
  const { end, hoursH } = ends
  const hours = givenOf('duration', { figures: 2 })
  const ages = own.limitedBy === 'age'
  return {
    label: end === 'grease' ? 'Ended by its grease' : 'Ended by fatigue',
    symbol: 'L',
    quantity: 'duration',
    precision: end === 'grease' ? { figures: 2 } : lifePrecision(ratings?.dynamicEstimated ?? true),
    most: longestLifeH,
    value: number(hoursH),
    formula: 'L = \\min(L_{fatigue},\\ L_{grease})',
    givens: [
      hours('fatigue', 'L_{fatigue}', fatigueH, modified.value ? 'modified rating life' : 'basic rating life'),
      hours('its grease, one in ten', 'L_{grease}', own.hoursH, ages ? 'it ages, whatever it does' : 'speed, temperature, surroundings'),
      hours('its grease, half of them', '', own.medianH, 'general practice'),
      ...(grinds(grease)
        ? [{ label: 'wear by dirt', symbol: '', quantity: 'ratio' as const, value: text('not to be said in hours'), from: 'dirt that grinds: look at it' }]
        : []),
    ], // prettier-ignore
    source: 'ISO 281:2007; general practice for the grease of closed bearings',
    validity:
      'Published curves for the grease lie between 0.4 and 1.35 of this one. A good seat, no current and no water are taken for granted.',
    estimate: true,
  }
}

const lifePrecision = (estimated: boolean) => ({ figures: lifeFigures(estimated) })

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

function wantedFigure(position: RollingPosition, machine: Machine, hours: number): Figure {
  const recommended = wantedLife(machine.duty)
  const from = position.load.wantedLifeH === null ? null : whence(position, machine, 'load.wantedLifeH')
  return {
    label: 'Required life',
    symbol: 'L_{w}',
    quantity: 'duration',
    value: number(hours),
    formula:
      from === null
        ? 'L_w = \\text{table}(\\text{duty})'
        : from === 'typed'
          ? 'L_w = \\text{typed}'
          : 'L_w = \\text{site}',
    givens: [
      {
        label: `usual for ${recommended.label}`,
        symbol: '',
        quantity: 'duration',
        value: { kind: 'range', from: recommended.fromH, to: recommended.toH },
        from: 'guidance by duty',
      },
    ],
    source: from === null ? `Guidance for ${recommended.label}` : capital(from),
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

function speedFigure(
  { grease }: RollingPosition,
  { ndm, limit, ratio, makersRpm }: NonNullable<CarryOutcome['speed']>,
): Figure {
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
      ...(makersRpm === null
        ? [product('limit of the type', '', limit, `${lubricationWords[grease.lubrication]}, guidance`)]
        : [
            givenOf('speed', { decimals: 0 }, 'maker’s list')('limiting speed', '', makersRpm),
            product('the same times pitch diameter', '', limit, 'mm/min'),
          ]),
    ],
    source: makersRpm === null ? 'Guidance, not a standard; a maker’s limit overrides it' : 'Maker’s list',
    ...(makersRpm === null ? { validity: 'Standard cage, normal accuracy, P up to 0.1 C, about 70 °C.' } : {}),
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
