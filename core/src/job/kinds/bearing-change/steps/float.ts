import type { RollingOutcomes } from '../../../../kinds/rolling/assess.ts'
import type { EndsOutcome } from '../../../../float/ends/index.ts'
import type { JobStep } from '../../../../model/job.ts'
import { mm } from '../../../../words/quantities.ts'
import { giving, millimetres, reading, step, words, yes, type Title } from '../../../step.ts'
import type { JobPosition } from '../../job-position.ts'

/** End play of an industrial pair where nobody has said another, mm; and how near one that was said is set. */
const usualEndPlayMm = { least: 0.05, most: 0.15 }
const endPlaySlackMm = 0.03

/** A pair that is set against each other: end play by nut or shims, or preload to the maker's torque. */
function adjusted(position: JobPosition, title: Title): JobStep {
  const { endPlayMm } = position.inputs.float
  const [low, high] =
    endPlayMm === null
      ? [usualEndPlayMm.least, usualEndPlayMm.most]
      : [endPlayMm - endPlaySlackMm, endPlayMm + endPlaySlackMm].map((mm) => Number(mm.toFixed(2)))
  const preloaded = endPlayMm !== null && endPlayMm < 0
  const aim = mm(endPlayMm ?? usualEndPlayMm.most)
  return step(
    'float',
    title(preloaded ? 'Set the preload' : 'Set the end play'),
    position,
    {
      does: [
        'Turn the shaft at every step, so that the rollers seat against their rib.',
        preloaded
          ? 'Preload to the bearing maker’s torque or figure only, turning all the while; write the torque down.'
          : 'By nut: tighten turning until it drags, back off to the end play, push and pull with a dial gauge, lock.',
        `By shims: the gap without a shim, snug and turning, in three places; shim is their mean plus ${aim}.`,
        'Lock it and measure again: locking moves it.',
      ],
      cautions: [],
    },
    {
      lens: 'float',
      readings: [
        reading('shim-gap', 'Gap without a shim, mean of three', millimetres(2, { needed: false })),
        reading(
          'end-play',
          'End play, minus for preload',
          millimetres(2, { low: low ?? null, high: high ?? null, ...giving({ what: 'float.end-play' }) }),
        ),
        words('torque', 'Torque, if it is preloaded', preloaded),
      ],
    },
  )
}

/** What holds this end, or what it floats by; a pair is set. */
export function floating(position: JobPosition, { float }: RollingOutcomes, title: Title): JobStep {
  const { inputs, machine, name } = position
  const support = machine.shaft?.supports.find((one) => one.position === name)
  const { growth, ends } = float
  const planned = ends?.holds ?? null
  const floats = planned ? planned === 'other' : support ? support.holds === 'none' : inputs.float.role === 'floating'
  const slides = planned === null || ends?.ends.this.slides === true
  const known = planned ? ends?.leaveMm : growth?.room && inputs.float.locatedEnds === 1 ? growth.leaveMm : null
  const leaveMm = known == null || !slides ? null : Number(known.toFixed(2))
  if (inputs.load.arrangement !== 'single') return adjusted(position, title)
  return step(
    'float',
    title(floats ? 'Leave the float' : 'Hold this end'),
    position,
    {
      does: floats ? floatingDoes(ends, leaveMm) : holdingDoes(ends),
      cautions: [],
    },
    {
      lens: 'float',
      readings: floats
        ? slides
          ? [reading('room', 'Room toward the growth', millimetres(2, { low: leaveMm, ...giving({ what: 'float.room' }) }))]
          : [yes('runs', 'The shaft runs through freely')]
        : [yes('held', 'Held both ways')],
    },
  ) // prettier-ignore
}

function floatingDoes(ends: EndsOutcome | null, leaveMm: number | null): string[] {
  if (ends?.ends.this.floatsInside)
    return ['Both rings are kept still at this end: the shaft moves inside the bearing.', 'Start it off the middle, with its room toward the growth.'] // prettier-ignore
  const own = ends?.ends.this
  const set = own?.cap
    ? [`Set the outer ring ${mm(own.cap.fromShoulderMm)} from the shoulder, cold.`]
    : ends?.offset && own?.block
      ? [`Set the bearing ${mm(ends.offset.leastMm)} to ${mm(ends.offset.mostMm)} off the middle of its seat, away from the growth.`] // prettier-ignore
      : []
  return [
    'No locating ring at this end; the cover stands clear.',
    ...set,
    leaveMm === null
      ? 'Stand the ring so that the room is on the side the shaft grows to.'
      : `Toward the growth it needs at least ${mm(leaveMm)}.`,
  ]
}

function holdingDoes(ends: EndsOutcome | null): string[] {
  const block = ends?.ends.this.block
  return [
    block
      ? `Two locating rings of ${mm(block.eachOfTwoMm)}, one on either side, or one of ${mm(block.oneMm)}.`
      : 'Locating rings on both sides, or the cover clamps the outer ring.',
    'Push the shaft both ways: the play of the bearing, no more.',
  ]
}
