import { initialClearance } from '../catalogue/initial-clearance.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import { clearanceClasses, isBall, type ClearanceClass } from '../model/bearing-type.ts'
import type { Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import type { FitResult } from '../seat/fit-result.ts'
import { float } from '../shaftline/float.ts'
import { growth, growthMarginMm, type Growth } from '../shaftline/growth.ts'
import { assessLens, type Check, type LensAssessment } from '../working/assessment.ts'
import { number, range, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import { mountedClearance, operatingClearance } from './mounted-clearance.ts'

/** What Float takes from Seat: the fits of both rings; null while they are not settled. */
export interface Fits {
  shaft: FitResult | null
  housing: FitResult | null
}

/** What Float hands on: the probable running clearance, null while it is not known. */
export interface Floated {
  assessment: LensAssessment
  operatingUm: number | null
}

/** What clearance is left when it runs, and whether the shaft has room to grow. */
export function assessFloat(position: Position, lookup: BearingLookup, fits: Fits): Floated {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const clearance = bearing ? clearanceOf(position, bearing, fits) : null
  const grown = growthOf(position)
  const figures: Record<string, Figure> = {
    operating: operatingFigure(position, bearing, clearance, fits),
    growth: growthFigure(position, grown),
  }
  if (bearing && clearance) {
    figures['initial'] = initialFigure(position, bearing, clearance)
    figures['mounted'] = mountedFigure(clearance)
  }
  const checks = [...clearanceChecks(bearing, clearance), ...growthChecks(position, grown, figures)]
  return {
    assessment: assessLens({
      lens: 'float',
      headline: clearance || !grown ? 'operating' : 'growth',
      figures,
      checks,
      begun: Object.values(inputsOf(position)).some((value) => value !== null),
    }),
    operatingUm: clearance?.operating?.probable ?? null,
  }
}

const inputsOf = ({ float: { innerC, outerC, locatedEnds, spanMm, hottestC } }: Position) => ({
  innerC,
  outerC,
  locatedEnds,
  spanMm,
  hottestC,
})

interface Span {
  min: number
  probable: number
  max: number
}

interface Clearance {
  initial: Span
  mounted: Span
  operating: Span | null
  /** The same with another class in the box; null where the standard has none. */
  withClass: (name: ClearanceClass) => { initial: Span; judged: Span } | null
}

/** A ground seat loses this much of its peaks, as in Seat. */
const smoothed = (interferenceUm: number, diameterMm: number) =>
  interferenceUm > 0 ? (interferenceUm * diameterMm) / (diameterMm + 2) : interferenceUm

function clearanceOf({ float: given }: Position, bearing: ResolvedBearing, { shaft, housing }: Fits): Clearance | null {
  const { decoded, row, interior } = bearing
  if (!shaft || !housing || decoded.clearanceClass === null || decoded.boreShape === 'tapered') return null
  const boxOf = (name: ClearanceClass): Span | null => {
    const { value } = attempt(() =>
      initialClearance({
        bearingType: row.type,
        boreMm: row.boreMm,
        boreShape: decoded.boreShape,
        clearanceClass: name,
      }),
    )
    return value && { min: value.minUm, probable: (value.minUm + value.maxUm) / 2, max: value.maxUm }
  }
  const measured = given.measuredUm
  const initial =
    measured === null ? boxOf(decoded.clearanceClass) : { min: measured, probable: measured, max: measured }
  if (!initial) return null
  const stack = (which: 'Min' | 'Mean' | 'Max') => ({
    boreMm: row.boreMm,
    odMm: row.odMm,
    innerRacewayMm: interior.innerRacewayMm,
    outerRacewayMm: interior.outerRacewayMm,
    shaftInterferenceUm: smoothed(shaft[`interference${which}Um`], row.boreMm),
    housingInterferenceUm: smoothed(housing[`interference${which}Um`], row.odMm),
    shaftMaterial: given.shaftMaterial,
    housingMaterial: given.housingMaterial,
  })
  const lost = (which: 'Min' | 'Mean' | 'Max') => mountedClearance(stack(which)).reductionUm
  // Least clearance meets the tightest fits, greatest the loosest.
  const after = (from: Span, taken: (which: 'Min' | 'Mean' | 'Max') => number): Span => ({
    min: from.min - taken('Max'),
    probable: from.probable - taken('Mean'),
    max: from.max - taken('Min'),
  })
  const { innerC, outerC } = given
  const running =
    innerC === null || outerC === null
      ? null
      : (which: 'Min' | 'Mean' | 'Max') =>
          operatingClearance({ ...stack(which), initialUm: 0, innerC, outerC }).reductionUm
  return {
    initial,
    mounted: after(initial, lost),
    operating: running && after(initial, running),
    withClass: (name) => {
      const box = boxOf(name)
      return box && { initial: box, judged: after(box, running ?? lost) }
    },
  }
}

const span = ({ min, max }: Span) => range(min, max)

function deviation(label: string, symbol: string, value: Span, from: string): Given {
  return { label, symbol, quantity: 'deviation', value: span(value), from }
}

function initialFigure({ float: given }: Position, { decoded }: ResolvedBearing, { initial }: Clearance): Figure {
  return {
    label: given.measuredUm === null ? 'From the box' : 'As measured',
    symbol: 'G_r',
    quantity: 'deviation',
    value: span(initial),
    formula: 'G_r = \\text{table}(d,\\ \\text{class})',
    givens: [
      {
        label: 'class',
        symbol: '',
        quantity: 'ratio',
        value: text(decoded.clearanceClass ?? 'none'),
        from: 'Identify',
      },
    ],
    source: given.measuredUm === null ? 'ISO 5753-1' : 'Measured before mounting',
  }
}

function mountedFigure({ initial, mounted }: Clearance): Figure {
  return {
    label: 'Mounted, cold',
    symbol: 'G_m',
    quantity: 'deviation',
    value: span(mounted),
    formula: 'G_m = G_r - \\Delta_F - \\Delta_E,\\quad \\Delta_F = \\frac{2pF}{E(k^2-1)}',
    givens: [
      deviation('before mounting', 'G_r', initial, 'box or measured'),
      {
        label: 'lost, probable',
        symbol: '\\Delta',
        quantity: 'deviation',
        value: number(initial.probable - mounted.probable),
        from: 'fits of Seat, smoothed',
      },
    ],
    source: 'Lamé, thick cylinders',
    validity: 'Extremes of every tolerance; raceways estimated; a thick housing block.',
    estimate: true,
  }
}

function operatingFigure(
  { float: given }: Position,
  bearing: ResolvedBearing | null,
  clearance: Clearance | null,
  fits: Fits,
): Figure {
  const missing: Missing[] = []
  if (!bearing) missing.push({ field: 'bearing.designation', label: 'the bearing' })
  else if (clearance || !setOnMounting(bearing)) {
    if (!fits.shaft || !fits.housing) missing.push({ field: 'seat.loadCase', label: 'both fits, from Seat' })
    if (given.innerC === null) missing.push({ field: 'float.innerC', label: 'the inner ring’s temperature' })
    if (given.outerC === null) missing.push({ field: 'float.outerC', label: 'the outer ring’s temperature' })
  }
  const temperature = (label: string, symbol: string, value: number | null): Given[] =>
    value === null ? [] : [{ label, symbol, quantity: 'temperature', value: number(value), from: 'typed' }]
  const operating = clearance?.operating
  return {
    label: 'Running clearance',
    symbol: 'G_o',
    quantity: 'deviation',
    value: operating ? span(operating) : bearing && setOnMounting(bearing) ? text('set on mounting') : null,
    formula: 'G_o = G_m - \\alpha\\,(t_i - t_o)\\,\\frac{F+E}{2} - \\Delta_{fits}',
    givens: [
      ...(clearance ? [deviation('mounted, cold', 'G_m', clearance.mounted, 'this lens')] : []),
      ...temperature('inner ring', 't_i', given.innerC),
      ...temperature('outer ring', 't_o', given.outerC),
      ...(operating
        ? [
            {
              label: 'probable',
              symbol: '',
              quantity: 'deviation' as const,
              value: number(operating.probable),
              from: 'middle of every tolerance',
            },
          ]
        : []),
    ],
    source: 'Lamé, thick cylinders; linear expansion',
    validity:
      'Rolling elements between the rings’ temperatures. Check the fast start too: then the clearance is least.',
    school: 'elements at the mean of the rings; as hot as the inner ring takes 10 to 20 % more',
    estimate: true,
    ...(missing.length > 0 ? { missing } : {}),
  }
}

/** Types whose play is made with nut, shims or drive-up have no clearance to follow from the box. */
const setOnMounting = ({ decoded }: ResolvedBearing): boolean =>
  decoded.clearanceClass === null || decoded.boreShape === 'tapered'

/**
 * Least clearance to judge by. Rollers must keep clearance when every tolerance meets at its tight end; balls bear a touch of
 * preload, so for them the tolerances are taken to meet as chance has it.
 */
function leastJudged({ min, probable, max }: Span, initial: Span, ball: boolean): number {
  if (!ball) return min
  const ofBox = (initial.max - initial.min) / 2
  const ofFits = (max - min) / 2 - ofBox
  return probable - Math.hypot(ofBox, ofFits)
}

function clearanceChecks(bearing: ResolvedBearing | null, clearance: Clearance | null): Check[] {
  if (!bearing || !clearance) return []
  const ball = isBall(bearing.row.type)
  const judged = clearance.operating ?? clearance.mounted
  const when = clearance.operating ? 'running' : 'mounted and cold'
  const field = clearance.operating ? 'float.innerC' : 'seat.loadCase'
  const least = leastJudged(judged, clearance.initial, ball)
  if (least >= 0) {
    return clearance.operating
      ? [
          {
            key: 'clearance',
            verdict: 'go',
            reason: `Clearance is left ${when}, at least ${inSentence(least, 'deviation')}${ball ? ' probably' : ''}.`,
            wayOut: 'Check the hottest start-up as well.',
          },
        ]
      : []
  }
  // Before the temperatures are known only a sure loss is worth a word: the extremes almost never meet.
  if (!clearance.operating && judged.probable >= 0) return []
  const better = clearanceClasses.find((name) => {
    const other = clearance.withClass(name)
    return other !== null && leastJudged(other.judged, other.initial, ball) >= 0
  })
  const wayOut = better
    ? `${better} keeps clearance here, if the machine’s maker agrees; or ease the fit.`
    : 'No class keeps clearance here: ease the fit or cool the shaft.'
  return judged.probable < 0
    ? [
        {
          key: 'clearance',
          verdict: 'stop',
          reason: `The bearing probably runs without clearance ${when}, ${inSentence(judged.probable, 'deviation')}: preloaded, it heats and tightens further.`,
          wayOut,
          field,
        },
      ]
    : [
        {
          key: 'clearance',
          verdict: 'watch',
          reason: `On the tight side of its tolerances the clearance is gone ${when}, ${inSentence(least, 'deviation')}.`,
          wayOut: `Measure this bearing and both seats. ${wayOut}`,
          field,
        },
      ]
}

function growthOf({ float: given }: Position): Growth | null {
  const { spanMm, assemblyC, hottestC, shaftMaterial } = given
  if (spanMm === null || assemblyC === null || hottestC === null) return null
  return growth({ spanMm, material: shaftMaterial, assemblyC, runningC: hottestC })
}

function growthFigure({ float: given }: Position, grown: Growth | null): Figure {
  const missing: Missing[] = []
  if (given.spanMm === null) missing.push({ field: 'float.spanMm', label: 'the span' })
  if (given.assemblyC === null) missing.push({ field: 'float.assemblyC', label: 'the shaft temperature at assembly' })
  if (given.hottestC === null) missing.push({ field: 'float.hottestC', label: 'the hottest shaft temperature' })
  const school = (label: string, value: number): Given => ({
    label,
    symbol: '',
    quantity: 'length',
    value: number(value),
    precision: { decimals: 2 },
    from: 'school',
  })
  return {
    label: 'Shaft grows',
    symbol: '\\Delta L',
    quantity: 'length',
    value: grown ? number(grown.growthMm) : null,
    precision: { decimals: 2 },
    formula: '\\Delta L = \\alpha\\,L\\,(t_{hot} - t_{assembly})',
    givens: grown
      ? [
          school('physics', grown.growthMm),
          school('inches per foot', grown.perFootMm),
          school('whole temperature', grown.absoluteMm),
          school('room to leave', grown.recommendedMm),
        ]
      : [],
    source: 'Linear expansion; the other schools are trade practice',
    validity: 'The hottest the shaft will ever be in service, not on the test stand.',
    school: 'physics plus a quarter of a millimetre',
    // Growth is asked for once one of its inputs is there.
    ...(missing.length > 0 && missing.length < 3 ? { missing } : {}),
  }
}

function growthChecks({ float: given }: Position, grown: Growth | null, figures: Record<string, Figure>): Check[] {
  const { locatedEnds, roomTowardMm, roomAwayMm, spanMm } = given
  if (!grown || locatedEnds === null) return []
  if (locatedEnds !== 2 && (roomTowardMm === null || roomAwayMm === null)) {
    figures['growth'] = {
      ...(figures['growth'] as Figure),
      missing: [
        ...(roomTowardMm === null ? [{ field: 'float.roomTowardMm', label: 'the room toward the growth' }] : []),
        ...(roomAwayMm === null ? [{ field: 'float.roomAwayMm', label: 'the room on the other side' }] : []),
      ],
    }
    return []
  }
  const { residualMm, verdict } = float({
    growthMm: grown.growthMm,
    locatedEnds,
    marginMm: growthMarginMm,
    ...(roomTowardMm === null ? {} : { roomTowardMm }),
    ...(roomAwayMm === null ? {} : { roomAwayMm }),
    ...(spanMm === null ? {} : { spanMm }),
  })
  const length = (mm: number) => inSentence(Number(mm.toFixed(2)), 'length')
  const grows = length(Math.abs(grown.growthMm))
  switch (verdict) {
    case 'free':
      return [
        {
          key: 'growth',
          verdict: 'go',
          reason: `The shaft grows ${grows} and ${length(residualMm)} is left.`,
          wayOut: 'Push the shaft both ways with a dial gauge and record the float.',
        },
      ]
    case 'tight':
      return [
        {
          key: 'growth',
          verdict: 'watch',
          reason: `The shaft grows ${grows} and only ${length(residualMm)} is left.`,
          wayOut: `Leave ${length(grown.recommendedMm)} toward the growth.`,
          field: 'float.roomTowardMm',
        },
      ]
    case 'unlocated':
      return [
        {
          key: 'growth',
          verdict: 'watch',
          reason: 'Neither end is held: the shaft wanders.',
          wayOut: 'Hold one end, usually at the coupling, unless the pair is cross-located on purpose.',
          field: 'float.locatedEnds',
        },
      ]
    case 'bound':
      return [
        {
          key: 'growth',
          verdict: 'stop',
          reason:
            locatedEnds === 2
              ? `Both ends are held: ${grows} of growth has nowhere to go.`
              : `The shaft grows ${grows}, and the room ends ${length(Math.abs(residualMm))} short.`,
          wayOut:
            locatedEnds === 2
              ? 'Take the locating rings out of one end, usually the one away from the coupling.'
              : `Set the floating ring back: leave ${length(grown.recommendedMm)} toward the growth.`,
          field: locatedEnds === 2 ? 'float.locatedEnds' : 'float.roomTowardMm',
        },
      ]
    default:
      return verdict satisfies never
  }
}
