import { typeAbilities } from '../catalogue/type-abilities.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { InputError } from '../errors/input-error.ts'
import { bearingTypeNames, isBall } from '../model/bearing-type.ts'
import type { Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import { formatNumber } from '../model/units.ts'
import type { Check } from '../working/assessment.ts'
import { refusalOf } from '../working/figure.ts'
import { wantedStaticSafety } from './static-safety.ts'
import type { Carrying, CarryOutcome, Ratings } from './work-out.ts'

/** The verdicts of Carry. */
export function carryChecks(position: Position, outcome: CarryOutcome): Check[] {
  const { bearing, ratings, carrying, refusal, modified } = outcome
  if (!bearing || !ratings) return []
  if (refusal) return [refusedCheck(refusal)]
  if (!carrying) return []
  return [
    ...lifeChecks(outcome),
    ...filmChecks(modified.refusal),
    ...wayChecks(position, bearing, carrying),
    ...misalignmentChecks(position, bearing),
    ...loadChecks(position, bearing, ratings, carrying),
    ...speedChecks(outcome.speed?.ratio ?? null),
  ]
}

const fieldOf: Record<string, string> = {
  axialN: 'load.axialN',
  arrangement: 'load.arrangement',
  partnerRadialN: 'load.partnerRadialN',
  steps: 'load.steps',
}

function refusedCheck(refusal: InputError): Check {
  return {
    key: 'refused',
    verdict: 'stop',
    reason: `${refusalOf(refusal).message}.`,
    wayOut: refusal.fix,
    field: fieldOf[refusal.field] ?? 'load.radialN',
  }
}

/** Below this share of the wanted life the answer is no. */
const tooShort = 0.5

function filmChecks(refusal: InputError | null): Check[] {
  if (!refusal) return []
  const { message, fix } = refusalOf(refusal)
  return [{ key: 'film', verdict: 'stop', reason: `${message}.`, wayOut: fix, field: 'grease.nu40Cst' }]
}

function misalignmentChecks({ load }: Position, { row }: ResolvedBearing): Check[] {
  if (load.misalignDeg === null) return []
  const forgivenDeg = typeAbilities(row.type).misalignDeg
  if (load.misalignDeg <= forgivenDeg) return []
  const degrees = (value: number) => `${formatNumber(value, { figures: 2 })}°`
  return [
    {
      key: 'misaligned',
      verdict: load.misalignDeg > 2 * forgivenDeg ? 'stop' : 'watch',
      reason: `Shaft and housing are ${degrees(load.misalignDeg)} out of line; a ${bearingTypeNames[row.type]} bearing forgives about ${degrees(forgivenDeg)}.`,
      wayOut: 'Put the seats in line, or take a type that swivels: spherical, toroidal, self-aligning.',
      field: 'load.misalignDeg',
    },
  ]
}

/** Types of one row that take axial load one way only. */
function takesOneWay({ row, interior, decoded }: ResolvedBearing): boolean {
  return (
    row.type === 'tapered-roller' ||
    row.type === 'thrust-ball' ||
    (row.type === 'angular-contact-ball' && interior.rows === 1) ||
    decoded.features.includes('axial-one-direction')
  )
}

/** Whether the axial load has something that bears it whichever way it comes. */
function wayChecks({ load }: Position, bearing: ResolvedBearing, { acting }: Carrying): Check[] {
  if (!takesOneWay(bearing) || load.arrangement !== 'single') return []
  const name = bearingTypeNames[bearing.row.type]
  const bothWays = load.axialWay === 'both' && acting.some(({ axialN }) => axialN > 0)
  if (bothWays) {
    return [
      {
        key: 'bothWays',
        verdict: 'stop',
        reason: `The axial load comes both ways, and a single ${name} bearing takes it one way only.`,
        wayOut:
          'Set two against each other, or take a type that carries both ways: deep groove, spherical, a double row.',
        field: 'load.arrangement',
      },
    ]
  }
  const paired = bearing.decoded.features.some((one) => one.startsWith('pair-'))
  if (paired || (bearing.row.type !== 'tapered-roller' && bearing.row.type !== 'angular-contact-ball')) return []
  return [
    {
      key: 'unpaired',
      verdict: 'watch',
      reason: `A ${name} bearing makes an axial force of its own under radial load, and nothing says what bears against it.`,
      wayOut: 'Say how the pair stands and give the load on the other bearing.',
      field: 'load.arrangement',
    },
  ]
}

function speedChecks(ratio: number | null): Check[] {
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

function lifeChecks({ life, wantedH, modified }: CarryOutcome): Check[] {
  if (!life) return []
  const modifiedH = modified.value?.hoursH ?? null
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

function loadChecks({ load: given }: Position, bearing: ResolvedBearing, ratings: Ratings, load: Carrying): Check[] {
  const { row, decoded } = bearing
  const checks: Check[] = []
  const worst = load.acting.reduce((most, one) => (one.axialN > most.axialN ? one : most))
  const { radialN, axialN } = worst
  const e = load.each[load.acting.indexOf(worst)]?.e ?? null
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
  if (row.type === 'spherical-roller' && e !== null && radialN > 0 && axialN / radialN > e) {
    checks.push({
      key: 'unloadedRow',
      verdict: 'watch',
      reason: `Axial load is ${formatNumber(axialN / radialN, { decimals: 2 })} of the radial, above ${formatNumber(e, { decimals: 2 })}: one row runs unloaded and slides.`,
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
