import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { bearingTypeNames, isBall } from '../model/bearing-type.ts'
import { inSentence } from '../model/sentence.ts'
import type { Position } from '../model/position.ts'
import type { Check } from '../working/assessment.ts'
import { leastJudged, type ClearanceSteps } from './clearance-steps.ts'
import type { FloatParts } from './figures.ts'
import type { GrowthOutcome } from './growth-outcome.ts'
import type { PairPlay } from './pair-play.ts'

/** The verdicts of Float. */
export function floatChecks(position: Position, { bearing, steps, pair, outcome }: FloatParts): Check[] {
  return [
    ...clearanceChecks(bearing, steps),
    ...pairChecks(position, pair),
    ...(bearing ? roleChecks(position, bearing) : []),
    ...(outcome ? growthChecks(position, outcome) : []),
  ]
}

function clearanceChecks(bearing: ResolvedBearing | null, clearance: ClearanceSteps | null): Check[] {
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
  const better = clearance.classes.find(({ least }) => least >= 0)?.name
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

/** Less end play than this when hot is on the edge, mm. */
const scantPlayMm = 0.02

function pairChecks({ float: given }: Position, pair: PairPlay | null): Check[] {
  if (!pair) return []
  const mm = (value: number) => inSentence(Number(value.toFixed(3)), 'length')
  const field = 'float.endPlayMm'
  if ((given.endPlayMm ?? 0) < 0) {
    return [
      {
        key: 'endPlay',
        verdict: 'watch',
        reason: `The pair is set with ${mm(Math.abs(pair.coldMm))} of preload cold, ${mm(Math.abs(Math.min(pair.hotMm, 0)))} running.`,
        wayOut: 'Preload only to the figure of the machine’s maker, and watch the temperature of the first hour.',
        field,
      },
    ]
  }
  if (pair.hotMm < 0) {
    const needed = pair.coldMm - pair.hotMm
    return [
      {
        key: 'endPlay',
        verdict: 'stop',
        reason: `The end play is gone when it runs: ${mm(Math.abs(pair.hotMm))} of preload, and it tightens as it heats.`,
        wayOut: `Set at least ${mm(needed + scantPlayMm)} cold, or set the pair back to back.`,
        field,
      },
    ]
  }
  return [
    {
      key: 'endPlay',
      verdict: pair.hotMm < scantPlayMm ? 'watch' : 'go',
      reason: `${mm(pair.coldMm)} of end play cold leaves ${mm(pair.hotMm)} running.`,
      wayOut: 'Push the shaft both ways with a dial gauge, turning it all the while, and record the play.',
      field,
    },
  ]
}

const floatsInside = ({ row, decoded }: ResolvedBearing): boolean =>
  row.type === 'needle-roller' || row.type === 'toroidal-roller' || decoded.features.includes('no-axial-guidance')

/** Whether this bearing can do what its end is there for. */
function roleChecks({ float: given, seat }: Position, bearing: ResolvedBearing): Check[] {
  const name = bearingTypeNames[bearing.row.type]
  if (given.role === 'locating' && floatsInside(bearing)) {
    return [
      {
        key: 'role',
        verdict: 'stop',
        reason: `This end is to hold the shaft, and ${bearing.decoded.normal} lets it run through: it holds in no direction.`,
        wayOut:
          'Hold the shaft with a deep groove, spherical or paired bearing here, and let this type float at the other end.',
        field: 'float.role',
      },
    ]
  }
  if (given.role !== 'floating') return []
  if (given.floatsIn === 'bearing' && !floatsInside(bearing)) {
    return [
      {
        key: 'role',
        verdict: 'stop',
        reason: `A ${name} bearing takes no growth inside itself.`,
        wayOut: 'Let the outer ring slide in its housing, or take a type that floats inside: NU, N, needle, toroidal.',
        field: 'float.floatsIn',
      },
    ]
  }
  if (given.floatsIn === 'housing' && seat.slides === 'none') {
    return [
      {
        key: 'role',
        verdict: 'stop',
        reason: 'This end is to float in its housing, but Seat holds both rings.',
        wayOut: 'Let the ring whose load stands still slide, usually the outer, and give it the room.',
        field: 'seat.slides',
      },
    ]
  }
  return [
    {
      key: 'role',
      verdict: 'go',
      reason:
        given.floatsIn === 'bearing' ? 'The growth is taken inside the bearing.' : 'The ring slides in its housing.',
      wayOut: 'Start it off the middle, with most of the room on the growth side.',
    },
  ]
}

function growthChecks({ float: given }: Position, { grown, room, lifeLeftH }: GrowthOutcome): Check[] {
  const { locatedEnds } = given
  if (!room) return []
  const { residualMm, verdict, thrustN } = room
  const length = (mm: number) => inSentence(Number(mm.toFixed(2)), 'length')
  const grows = length(Math.abs(grown.growthMm))
  const costs =
    thrustN === null || thrustN === 0
      ? ''
      : ` It pushes with up to ${inSentence(thrustN, 'force', 2)}${
          lifeLeftH === null
            ? ''
            : lifeLeftH === 0
              ? ', and the bearing has no rated life under that'
              : `, which leaves ${inSentence(lifeLeftH, 'duration', 2)}`
        }.`
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
              ? `Both ends are held: ${grows} of growth has nowhere to go.${costs}`
              : `The shaft grows ${grows}, and the room ends ${length(Math.abs(residualMm))} short.${costs}`,
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
