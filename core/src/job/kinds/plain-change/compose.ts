import { workOutPlain, type PlainOutcomes } from '../../../kinds/plain/assess.ts'
import type { JobReading, JobStep } from '../../../model/job.ts'
import { plainSteps, type PlainStep } from '../../../plain/mount/steps.ts'
import { sleeveName } from '../../../plain/identify/figures.ts'
import { handOver, lockOut, runUp } from '../../common/procedures.ts'
import { putRight } from '../../common/put-right.ts'
import { housingReadings } from '../../common/run-up.ts'
import { giving, millimetres, reading, step, words, yes } from '../../step.ts'
import type { JobPosition } from '../job-position.ts'

/** A position with what its lenses worked out. */
type Worked = JobPosition<'plain'> & { outcomes: PlainOutcomes }

/**
 * The steps of a change of plain bearings, in working order: the machine made safe, each bearing done whole, the machine run up.
 *
 * Limits are those that `assess` gives the position now, and stay with the job.
 */
export function composePlainChange(positions: readonly JobPosition<'plain'>[]): JobStep[] {
  const several = positions.length > 1
  const worked = positions.map((position) => ({ ...position, outcomes: workOutPlain(position.inputs, position.machine) }))
  return [
    step('lock-out', 'Lock out', null, lockOut, { readings: [yes('dead', 'Proven dead')], guard: 'locks-out' }),
    ...worked.flatMap((position) => stepsOf(position, several)),
    ...positions.flatMap((position) => putRight(position, several)),
    step('run-up', 'Run up', null, runUp, { readings: worked.flatMap((position) => runUpReadings(position, several)) }),
    step('hand-over', 'Hand over', null, handOver, { readings: [words('told', 'Handed over to')], guard: 'all-done' }),
  ]
} // prettier-ignore

/** Lens whose drawing a step shows. */
const lensOf: Record<PlainStep['stage'], JobStep['lens']> = {
  'take-out': 'identify',
  clean: 'seat',
  journal: 'seat',
  'put-in': 'mount',
  finish: 'seat',
  blue: 'mount',
  close: 'float',
  oil: null,
}

function stepsOf(position: Worked, several: boolean): JobStep[] {
  const title = (what: string) => (several ? `${what}, ${position.name.toLowerCase()}` : what)
  return plainSteps(position.inputs, position.outcomes).flatMap(({ stage, title: what, does, cautions }) => [
    step(stage, title(what), position, { does, cautions }, { lens: lensOf[stage], readings: readingsOf(stage, position) }),
    ...(stage === 'take-out' ? [cameOut(position, title)] : []),
  ])
} // prettier-ignore

const cameOut = ({ inputs, id, name, outcomes: { identify } }: Worked, title: (what: string) => string): JobStep =>
  step(
    'came-out',
    title('Say why it came out'),
    { id, name },
    { does: [`On the bench stands: ${sleeveName(inputs, identify) ?? 'nothing yet'}.`, 'Look at both halves, back and bore, before anything is wiped; the marks go into Diagnose.'], cautions: [] },
    { lens: 'diagnose', readings: [reading('ended', 'Why it came out', { kind: 'ended' }), words('marks-seen', 'Marks seen on it', false)] },
  ) // prettier-ignore

/** Bores are read within so much of what is wanted, as shares of the clearance. */
const [under, over] = [0.25, 0.5]

function readingsOf(stage: PlainStep['stage'], { inputs, outcomes: { carry, seat, mount, oil, identify } }: Worked): JobReading[] {
  const split = inputs.bearing.form === 'split'
  const newMm = carry.clearance?.newMm ?? null
  const bore = seat.boreAfterMm
  const made = seat.sized?.value
  switch (stage) {
    case 'clean':
      return [
        ...(split ? [] : [reading('housing', 'Housing bore', millimetres(3, giving({ what: 'plain.seat', field: 'housingBoreMm' })))]),
        yes('oil-holes', 'Oil holes are clear'),
      ]
    case 'journal':
      return [
        reading('journal', 'Journal', millimetres(3, identify.sizes ? { low: identify.sizes.journalMm - (newMm ?? 0.1) / 2, high: identify.sizes.journalMm + 0.02 } : {})),
        reading('finish', 'Finish, µm Ra', { kind: 'number', decimals: 2, high: seat.finishUm, needed: false, ...giving({ what: 'plain.seat', field: 'journalRaUm' }) }),
        yes('no-step', 'No step and no score a nail catches'),
      ]
    case 'put-in':
      return split
        ? [
            ...(seat.crush ? [reading('crush', 'Half shell stands proud by', millimetres(3, { low: seat.crush.lowMm, high: seat.crush.highMm, needed: false, ...giving({ what: 'plain.seat', field: 'crushMm' }) }))] : []),
            yes('bears', 'Bears on its whole back'),
          ]
        : [
            reading('outside', 'Bush outside, before', millimetres(3, giving({ what: 'plain.seat', field: 'bushOdMm' }))),
            yes('home', made?.finish === 'as-fitted' ? 'Home, and not hammered' : 'Home, and its oil hole in line'),
          ]
    case 'finish':
      return [
        reading('bore', split ? 'Bore, scraped' : 'Bore in place', millimetres(3, { low: bore !== null && newMm !== null ? bore - under * newMm : null, high: bore !== null && newMm !== null ? bore + over * newMm : null, ...giving({ what: 'plain.seat', field: 'fittedBoreMm' }) })),
        yes('chips', 'Chips are out of every hole'),
      ]
    case 'blue':
      return [reading('blue', 'Blue on the loaded face, %', { kind: 'number', quantity: 'percent', low: 60, high: 100, ...giving({ what: 'plain.mount', field: 'bluePercent' }) })]
    case 'close':
      return [
        ...['Clearance, drive side', 'Clearance, other side'].map((label, place) =>
          reading(`strip-${place}`, label, millimetres(3, { low: mount.wanted?.lowMm ?? null, high: mount.wanted?.highMm ?? null, ...giving({ what: 'plain.strip', place }) })),
        ),
        ...(split ? [reading('joint', 'Feeler in the joint', millimetres(2, { high: 0.03, needed: false, ...giving({ what: 'plain.mount', field: 'jointMm' }) }))] : []),
        ...(oil.ring ? [yes('ring', 'Oil ring hangs free and turns by a finger')] : []),
        yes('free', 'Shaft turns freely by hand'),
      ]
    case 'oil':
      return inputs.oil.lubrication === 'oil-fed'
        ? [
            words('oil', 'Oil, as on its drum'),
            ...(oil.ring ? [reading('dip', 'Ring dips in by', millimetres(0, { low: Math.floor(oil.ring.dip.lowMm), high: Math.ceil(oil.ring.dip.highMm), needed: false, ...giving({ what: 'plain.dip' }) }))] : []),
            yes('level', 'Level stands at its mark'),
          ]
        : inputs.oil.lubrication === 'grease'
          ? [words('grease', 'Grease, as on its drum'), yes('through', 'It comes at both ends')]
          : [yes('dry', 'Journal wiped clean and dry')]
    default:
      return []
  }
} // prettier-ignore

/** Nothing of a plain bearing is left hotter than this at the run-up, °C; over what is expected it may be so much. */
const [hottestC, slackK] = [85, 15]

function runUpReadings({ id, name, outcomes: { carry, oil } }: Worked, several: boolean): JobReading[] {
  const at = several ? `, ${name.toLowerCase()}` : ''
  const highC = Math.min(hottestC, Math.max(55, Math.round((carry.warm?.housingC ?? 60) + slackK)))
  return [
    ...housingReadings(id, at, highC, [15, 60]),
    ...(oil.ring ? [yes(`ring:${id}`, `Oil ring turns, seen through the port${at}`)] : []),
  ]
}
