import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import { bearingTypeNames, isBall, lifeExponent } from '../model/bearing-type.ts'
import type { Machine } from '../model/machine.ts'
import type { Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import { formatNumber } from '../model/units.ts'
import { assessLens, type Check, type LensAssessment } from '../working/assessment.ts'
import { givenOf, number, numberOf, refusalOf, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import { basicRatingLife, lifeHours } from './basic-life.ts'
import { equivalentLoad, minimumLoad, type EquivalentLoad } from './equivalent-load.ts'
import { wantedStaticSafety } from './static-safety.ts'
import { modifiedLife } from './modified-life.ts'
import { runningFilm, type RunningFilm } from './running-film.ts'
import { speedCheck } from './speed-check.ts'
import { wantedLife } from './wanted-life.ts'

/** What Carry hands on to the lenses behind it. */
export interface Carried {
  assessment: LensAssessment
  /** P/C; null while it is not known. */
  loadRatio: number | null
  staticSafety: number | null
  kappa: number | null
  /** Pitch diameter times speed against the limit of the type. */
  speedRatio: number | null
  /** An axial load on a type that cannot carry it. */
  axialRefused: boolean
}

/** Ratings the lens works with: the maker's where they are given, else the estimates. */
interface Ratings {
  dynamicN: number
  staticN: number
  dynamicEstimated: boolean
  staticEstimated: boolean
}

/** How long the bearing lasts under this load, and whether it can take the load at all. */
export function assessCarry(position: Position, machine: Machine, lookup: BearingLookup): Carried {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const missing = missingInputs(position, bearing)
  const ratings = bearing ? ratingsOf(position, bearing) : null
  const loaded = bearing && ratings && missing.load.length === 0 ? loadOn(position, bearing, ratings) : null
  const load = loaded?.value ?? null
  const life = load && ratings && bearing ? lifeOf(position, bearing, ratings, load) : null
  const wanted = wantedHours(position, machine)
  const figures: Record<string, Figure> = {
    life: lifeFigure(position, bearing, ratings, load, life, missing, loaded?.refusal ?? null),
    equivalent: equivalentFigure(position, bearing, load, missing.load, loaded?.refusal ?? null),
  }
  if (bearing && ratings) {
    figures['dynamicRating'] = ratingFigure(bearing, ratings, 'dynamic')
    figures['staticRating'] = ratingFigure(bearing, ratings, 'static')
    figures['minimum'] = minimumFigure(bearing, ratings)
  }
  if (bearing && ratings && load) {
    figures['loadRatio'] = ratioFigure(load, ratings)
    figures['staticSafety'] = safetyFigure(position, bearing, load, ratings)
  }
  if (bearing && life && life.hoursH !== null) figures['doubled'] = doubledFigure(bearing, life.hoursH)
  figures['wanted'] = wantedFigure(position, machine, wanted)
  const film = bearing && attempt(() => runningFilm(position, bearing))
  const modified =
    bearing && ratings && load && life?.hoursH != null && film
      ? modifiedFigure(position, bearing, ratings, load, film)
      : null
  if (modified) figures['modified'] = modified
  const speed = bearing ? speedFigure(position, bearing) : null
  if (speed) figures['speed'] = speed
  const checks =
    bearing && ratings
      ? loaded?.refusal
        ? [refusedCheck(loaded.refusal)]
        : load
          ? [
              ...lifeChecks(life, wanted, numberOf(modified ?? undefined)),
              ...filmChecks(modified),
              ...loadChecks(position, bearing, ratings, load),
              ...speedChecks(speed),
            ]
          : []
      : []
  return {
    assessment: assessLens({ lens: 'carry', headline: 'life', figures, checks }),
    loadRatio: load && ratings ? load.equivalentN / ratings.dynamicN : null,
    staticSafety: load && ratings ? ratings.staticN / load.staticEquivalentN : null,
    kappa: film?.value?.kappa ?? null,
    speedRatio: numberOf(speed ?? undefined),
    axialRefused: loaded?.refusal?.field === 'axialN',
  }
}

function missingInputs({ load }: Position, bearing: ResolvedBearing | null): { load: Missing[]; life: Missing[] } {
  const loadMissing: Missing[] = []
  if (!bearing) loadMissing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (load.radialN === null) loadMissing.push({ field: 'load.radialN', label: 'the radial load' })
  if (load.axialN === null) loadMissing.push({ field: 'load.axialN', label: 'the axial load, 0 if there is none' })
  const life = [...loadMissing]
  if (load.speedRpm === null) life.push({ field: 'load.speedRpm', label: 'the speed' })
  return { load: loadMissing, life }
}

function ratingsOf({ bearing: { makerDynamicN, makerStaticN } }: Position, { interior }: ResolvedBearing): Ratings {
  return {
    dynamicN: makerDynamicN ?? interior.dynamicRatingN,
    staticN: makerStaticN ?? interior.staticRatingN,
    dynamicEstimated: makerDynamicN === null,
    staticEstimated: makerStaticN === null,
  }
}

function loadOn({ load }: Position, { row, interior, decoded }: ResolvedBearing, ratings: Ratings) {
  const ribbed = decoded.features.some((one) => one === 'axial-one-direction' || one === 'axial-both-directions')
  return attempt(() =>
    equivalentLoad({
      bearingType: row.type,
      radialN: load.radialN ?? 0,
      axialN: load.axialN ?? 0,
      staticRatingN: ratings.staticN,
      // Groups of balls that ISO 76 gives no radial f0 for do not ask for one.
      f0:
        row.type === 'deep-groove-ball' || row.type === 'insert-ball' || row.type === 'angular-contact-ball'
          ? interior.f0
          : undefined,
      contactAngleDeg: interior.contactAngleDeg,
      // Double row angular contact bearings are made back to back.
      arrangement: row.type === 'angular-contact-ball' && interior.rows === 2 ? 'back-to-back' : 'single',
      ribs: ribbed ? 'both-rings' : 'none',
      dynamicRatingN: ratings.dynamicN,
    }),
  )
}

interface Life {
  millionRevs: number
  hoursH: number | null
  /** P is above C: there is no life to speak of. */
  beyondRating: boolean
}

function lifeOf({ load }: Position, { row }: ResolvedBearing, ratings: Ratings, { equivalentN }: EquivalentLoad): Life {
  const beyondRating = equivalentN > ratings.dynamicN
  const millionRevs = beyondRating ? 0 : basicRatingLife(ratings.dynamicN, equivalentN, lifeExponent(row.type))
  const hoursH = load.speedRpm === null || beyondRating ? null : lifeHours(millionRevs, load.speedRpm)
  return { millionRevs, hoursH, beyondRating }
}

const wantedHours = ({ load }: Position, machine: Machine): number =>
  load.wantedLifeH ?? wantedLife(machine.duty).wantedH

/** Life from estimated ratings is not stated beyond two figures. */
const lifePrecision = (estimated: boolean) => ({ figures: estimated ? 2 : 3 })

function lifeFigure(
  position: Position,
  bearing: ResolvedBearing | null,
  ratings: Ratings | null,
  load: EquivalentLoad | null,
  life: Life | null,
  missing: { life: Missing[] },
  refusal: InputError | null,
): Figure {
  const exponent = bearing ? (isBall(bearing.row.type) ? '3' : '10/3') : 'p'
  const estimated = ratings?.dynamicEstimated ?? false
  const givens: Given[] = []
  if (ratings) givens.push(ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated))
  if (load) givens.push(forceGiven('P', 'equivalent load', load.equivalentN, 'worked out in this lens'))
  if (position.load.speedRpm !== null)
    givens.push({
      label: 'speed',
      symbol: 'n',
      quantity: 'speed',
      value: number(position.load.speedRpm),
      from: 'typed',
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
    value: life?.hoursH != null ? number(life.hoursH) : null,
    precision: lifePrecision(estimated),
    formula: `L_{10h} = \\frac{10^6}{60\\,n}\\left(\\frac{C}{P}\\right)^{${exponent}}`,
    givens,
    source: 'ISO 281:2007',
    validity:
      '90 of 100 such bearings last longer. Clean, well lubricated, P up to half of C; dirt and loose seats end most bearings earlier.',
    estimate: estimated,
    ...(missing.life.length > 0 ? { missing: missing.life } : {}),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
    ...(life?.beyondRating
      ? { refusal: { field: 'load.radialN', message: 'The load is above the rating', fix: 'Take a larger bearing.' } }
      : {}),
  }
}

function equivalentFigure(
  { load: given }: Position,
  bearing: ResolvedBearing | null,
  load: EquivalentLoad | null,
  missing: Missing[],
  refusal: InputError | null,
): Figure {
  const givens: Given[] = []
  if (given.radialN !== null) givens.push(forceGiven('F_r', 'radial load', given.radialN, 'typed'))
  if (given.axialN !== null) givens.push(forceGiven('F_a', 'axial load', given.axialN, 'typed'))
  if (load) {
    const factor = givenOf('ratio', { decimals: 2 }, 'ISO 281 tables')
    givens.push(factor('radial factor', 'X', load.x), factor('axial factor', 'Y', load.y))
    if (load.e !== null) givens.push(factor('limit of Fa/Fr', 'e', load.e))
    givens.push(forceGiven('P_0', 'static equivalent load', load.staticEquivalentN, 'ISO 76'))
  }
  return {
    label: 'Equivalent load',
    symbol: 'P',
    quantity: 'force',
    value: load ? number(load.equivalentN) : null,
    formula: 'P = X\\,F_r + Y\\,F_a',
    givens,
    source: 'ISO 281:2007',
    ...(bearing ? { validity: `Factors of a ${bearingTypeNames[bearing.row.type]} bearing, single.` } : {}),
    ...(missing.length > 0 ? { missing } : {}),
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
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
  const thrust = row.type === 'thrust-ball'
  const formula = dynamic
    ? balls
      ? thrust
        ? 'C = b_m f_c Z^{2/3} D_w^{1.8}'
        : 'C = b_m f_c (i\\cos\\alpha)^{0.7} Z^{2/3} D_w^{1.8}'
      : 'C = b_m f_c (i L_{we}\\cos\\alpha)^{7/9} Z^{3/4} D_{we}^{29/27}'
    : balls
      ? thrust
        ? 'C_0 = f_0 Z D_w^2 \\sin\\alpha'
        : 'C_0 = f_0\\, i Z D_w^2 \\cos\\alpha'
      : 'C_0 = 44(1-\\gamma)\\, i Z L_{we} D_{we} \\cos\\alpha'
  return {
    label: dynamic ? 'Dynamic rating' : 'Static rating',
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
    label: 'Least load',
    symbol: 'P_{min}',
    quantity: 'force',
    value: number(minimumLoad(row.type, ratings.dynamicN)),
    formula: `P_{min} = ${isBall(row.type) ? '0.01' : '0.02'}\\,C`,
    givens: [ratingGiven('C', 'dynamic rating', ratings.dynamicN, ratings.dynamicEstimated)],
    source: 'Practice; a maker’s formula with speed and viscosity is better',
    estimate: ratings.dynamicEstimated,
  }
}

function ratioFigure(load: EquivalentLoad, ratings: Ratings): Figure {
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

function safetyFigure(
  { load: given }: Position,
  { row }: ResolvedBearing,
  load: EquivalentLoad,
  ratings: Ratings,
): Figure {
  return {
    label: 'Static safety',
    symbol: 's_0',
    quantity: 'ratio',
    value: number(ratings.staticN / load.staticEquivalentN),
    precision: { figures: 2 },
    formula: 's_0 = \\frac{C_0}{P_0}',
    givens: [
      ratingGiven('C_0', 'static rating', ratings.staticN, ratings.staticEstimated),
      forceGiven('P_0', 'static equivalent load', load.staticEquivalentN, 'ISO 76'),
      {
        label: `wanted, ${given.running} running`,
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
    formula: balls ? 'L_{10h}(2P) = L_{10h} / 2^3' : 'L_{10h}(2P) = L_{10h} / 2^{10/3}',
    givens: [
      { label: 'basic rating life', symbol: 'L_{10h}', quantity: 'duration', value: number(hoursH), from: 'this lens' },
      { label: 'balls', symbol: '2^3', quantity: 'ratio', value: text('8 times less'), from: 'ISO 281' },
      { label: 'rollers', symbol: '2^{10/3}', quantity: 'ratio', value: text('10 times less'), from: 'ISO 281' },
    ],
    source: 'ISO 281:2007',
  }
}

function wantedFigure({ load }: Position, machine: Machine, hours: number): Figure {
  const recommended = wantedLife(machine.duty)
  return {
    label: 'Wanted life',
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

function refusedCheck(refusal: InputError): Check {
  const axial = refusal.field === 'axialN'
  return {
    key: 'refused',
    verdict: 'stop',
    reason: `${refusalOf(refusal).message}.`,
    wayOut: refusal.fix,
    field: axial ? 'load.axialN' : 'load.radialN',
  }
}

/** Below this share of the wanted life the answer is no. */
const tooShort = 0.5

/** Film, nothing while an input is missing, or why the oil is beyond the method. */
type FilmOutcome = { value: RunningFilm | null; refusal: InputError | null }

/** Rated life with film and dirt taken in; null until lubricant, temperature and cleanliness are known. */
function modifiedFigure(
  position: Position,
  { row, interior }: ResolvedBearing,
  ratings: Ratings,
  { equivalentN }: EquivalentLoad,
  film: FilmOutcome,
): Figure | null {
  const { grease, load } = position
  if (grease.cleanliness === null || load.speedRpm === null || (!film.value && !film.refusal)) return null
  const { cleanliness } = grease
  const speedRpm = load.speedRpm
  const { value, refusal } = film.refusal
    ? film
    : attempt(() =>
        modifiedLife({
          bearingType: row.type,
          dynamicRatingN: ratings.dynamicN,
          staticRatingN: ratings.staticN,
          equivalentN,
          speedRpm: Math.max(speedRpm, 1),
          pitchDiameterMm: interior.pitchDiameterMm,
          viscosityCst: film.value?.viscosityCst ?? NaN,
          cleanliness,
          lubrication: grease.lubrication,
        }),
      )
  const ratio = givenOf('ratio', { figures: 2 })
  return {
    label: 'With film and dirt',
    symbol: 'L_{10mh}',
    quantity: 'duration',
    value: value && 'hoursH' in value ? number(value.hoursH) : null,
    precision: lifePrecision(ratings.dynamicEstimated),
    formula: 'L_{10mh} = a_1\\,a_{ISO}\\,L_{10h}',
    givens:
      value && 'hoursH' in value
        ? [
            ratio('life factor', 'a_{ISO}', value.aIso, 'ISO 281'),
            ratio('viscosity ratio', '\\kappa', value.kappa, 'lubricant and temperature'),
            ratio('contamination', 'e_C', value.contaminationFactor, `${cleanliness.replace(/-/g, ' ')} cleanliness`),
            ratio('reliability', 'a_1', value.a1, '90 %'),
            forceGiven('C_u', 'fatigue limit', value.fatigueLimitN, 'from C0, simplified'),
          ]
        : [],
    source: 'ISO 281:2007, clause 9',
    validity: 'Never rely on a factor above 10 without the maker’s fatigue limit and a clean system.',
    school: 'modified life for the verdict; basic life beside it',
    estimate: ratings.dynamicEstimated,
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  }
}

function filmChecks(modified: Figure | null): Check[] {
  if (!modified?.refusal) return []
  return [
    {
      key: 'film',
      verdict: 'stop',
      reason: `${modified.refusal.message}.`,
      wayOut: modified.refusal.fix,
      field: 'grease.nu40Cst',
    },
  ]
}

function speedFigure({ load, grease }: Position, { row, interior }: ResolvedBearing): Figure | null {
  if (load.speedRpm === null) return null
  const { ndm, limit, ratio } = speedCheck({
    bearingType: row.type,
    pitchDiameterMm: interior.pitchDiameterMm,
    speedRpm: load.speedRpm,
    lubrication: grease.lubrication,
  })
  const product = givenOf('ratio', { figures: 3 })
  return {
    label: 'Speed to its limit',
    symbol: 'n d_m / \\text{limit}',
    quantity: 'ratio',
    value: number(ratio),
    precision: { figures: 2 },
    formula: '\\frac{n\\,D_{pw}}{\\text{limit}}',
    givens: [
      product('speed factor', 'n d_m', ndm, 'mm/min'),
      product('limit of the type', '', limit, `${grease.lubrication.replace('-', ' ')}, guidance`),
    ],
    source: 'Guidance, not a standard; a maker’s limit overrides it',
    validity: 'Standard cage, normal accuracy, P up to 0.1 C, about 70 °C.',
  }
}

function speedChecks(speed: Figure | null): Check[] {
  const ratio = numberOf(speed ?? undefined)
  if (ratio === null || ratio <= 0.8) return []
  const shown = formatNumber(ratio, { figures: 2 })
  return ratio > 1
    ? [
        {
          key: 'speed',
          verdict: 'stop',
          reason: `It turns at ${shown} of what its type stands.`,
          wayOut:
            'Take a type or size made for the speed, unless the maker’s limit for this very bearing says otherwise.',
          field: 'load.speedRpm',
        },
      ]
    : [
        {
          key: 'speed',
          verdict: 'watch',
          reason: `It turns at ${shown} of what its type stands.`,
          wayOut: 'Watch the temperature at run-up; grease is used up fast.',
          field: 'load.speedRpm',
        },
      ]
}

function lifeChecks(life: Life | null, wantedH: number, modifiedH: number | null): Check[] {
  if (!life) return []
  if (life.beyondRating) {
    return [
      {
        key: 'life',
        verdict: 'stop',
        reason: 'The load is above the dynamic rating: the tracks are damaged at once.',
        wayOut: 'Take a larger bearing, or find why the load is so high.',
        field: 'load.radialN',
      },
    ]
  }
  if (life.hoursH === null) return []
  const hours = (value: number) => inSentence(value, 'duration', 2)
  const judgedH = modifiedH ?? life.hoursH
  const said = `${modifiedH === null ? 'Rated life' : 'Life with film and dirt'} is ${hours(judgedH)}, wanted ${hours(wantedH)}`
  if (judgedH >= wantedH) {
    return [
      {
        key: 'life',
        verdict: 'go',
        reason: `${said}.`,
        wayOut: 'Keep it clean and greased; fatigue is then not what ends it.',
      },
    ]
  }
  return [
    {
      key: 'life',
      verdict: judgedH < tooShort * wantedH ? 'stop' : 'watch',
      reason: `${said}: ${judgedH < tooShort * wantedH ? 'less than half' : 'too short'}.`,
      wayOut:
        modifiedH !== null && life.hoursH >= wantedH
          ? 'Cleaner grease and a thicker film buy most here; else a lower load or a higher rating.'
          : 'Lower the load (belt tension, balance, alignment), or take a bearing of higher rating.',
      field: 'load.radialN',
    },
  ]
}

function loadChecks(
  { load: given }: Position,
  bearing: ResolvedBearing,
  ratings: Ratings,
  load: EquivalentLoad,
): Check[] {
  const { row, decoded } = bearing
  const checks: Check[] = []
  const radialN = given.radialN ?? 0
  const axialN = given.axialN ?? 0
  const safety = ratings.staticN / load.staticEquivalentN
  const wantedSafety = wantedStaticSafety(row.type, given.running)
  if (safety < wantedSafety) {
    checks.push({
      key: 'staticSafety',
      verdict: safety < 0.8 * wantedSafety ? 'stop' : 'watch',
      reason: `Static safety is ${formatNumber(safety, { figures: 2 })}, wanted ${wantedSafety} for ${given.running} running: the tracks may dent at standstill or shock.`,
      wayOut: 'Take a bearing of higher static rating, or keep the shock off it.',
      field: 'load.running',
    })
  }
  if (load.belowMinimum) {
    checks.push({
      key: 'minimum',
      verdict: 'watch',
      reason: `The load is below ${isBall(row.type) ? 'a hundredth' : 'a fiftieth'} of the rating: the elements may skid instead of roll.`,
      wayOut: 'Preload with springs where the type allows it, or take a smaller bearing.',
      field: 'load.radialN',
    })
  }
  if (load.equivalentN > 0.5 * ratings.dynamicN && load.equivalentN <= ratings.dynamicN) {
    checks.push({
      key: 'heavy',
      verdict: 'watch',
      reason: 'The load is over half of the dynamic rating, beyond what the life formula vouches for.',
      wayOut: 'Take a larger bearing.',
      field: 'load.radialN',
    })
  }
  if (row.type === 'spherical-roller' && load.e !== null && radialN > 0 && axialN / radialN > load.e) {
    checks.push({
      key: 'unloadedRow',
      verdict: 'watch',
      reason: `Axial load is ${formatNumber(axialN / radialN, { decimals: 2 })} of the radial, above ${formatNumber(load.e, { decimals: 2 })}: one row runs unloaded and slides.`,
      wayOut: 'Keep axial load under about a third of the radial, or carry it in a bearing made for it.',
      field: 'load.axialN',
    })
  }
  if (decoded.features.includes('axial-one-direction') && axialN > 0) {
    checks.push({
      key: 'oneWay',
      verdict: 'watch',
      reason: 'An NJ bearing takes light axial load one way only, by sliding on its rib.',
      wayOut: 'Check that the load pushes the loose rib side on, and that the other end takes the other way.',
      field: 'load.axialN',
    })
  }
  if (row.type === 'four-point-ball' && radialN > 0 && axialN / radialN < 1.27) {
    checks.push({
      key: 'fourPoint',
      verdict: 'watch',
      reason: 'With so little axial load the balls touch at three or four points and slide.',
      wayOut: 'Let another bearing take the radial load; fit this one radially free.',
      field: 'load.axialN',
    })
  }
  const lightSeries = ['618', '619', '160'].includes(row.series) || row.boreMm <= 12
  if (row.type === 'deep-groove-ball' && lightSeries && axialN > 0.25 * ratings.staticN) {
    checks.push({
      key: 'lightAxial',
      verdict: 'watch',
      reason: 'Axial load is over a quarter of the static rating of a light series: the balls ride up the shoulder.',
      wayOut: 'Take a heavier series or an angular contact bearing.',
      field: 'load.axialN',
    })
  }
  return checks
}

function forceGiven(symbol: string, label: string, value: number, from: string): Given {
  return { label, symbol, quantity: 'force', value: number(value), from }
}

function ratingGiven(symbol: string, label: string, value: number, estimated: boolean): Given {
  return forceGiven(symbol, label, value, estimated ? 'estimate' : 'maker’s value')
}
