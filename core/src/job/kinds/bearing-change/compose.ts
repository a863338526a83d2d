import type { Catalogue } from '../../../catalogue/catalogue.ts'
import { assessRolling } from '../../../kinds/rolling/assess.ts'
import type { Holding } from '../../../kinds/rolling/position.ts'
import type { JobStep } from '../../../model/job.ts'
import { holdingWords } from '../../../words/vocabulary.ts'
import { eatsBearings } from '../../../fitted/young-deaths.ts'
import { giving, millimetres, reading, step, words, yes, type Procedure } from '../../step.ts'
import type { JobPosition } from '../job-position.ts'
import { filling } from '../../common/fill.ts'
import { handOver, lockOut, runUp } from '../../common/procedures.ts'
import { putRight } from '../../common/put-right.ts'
import { runUpReadings } from '../../common/run-up.ts'
import { arrival, closing, evidence, lock, seals, takeOff } from './procedures.ts'
import { machining } from './steps/ends.ts'
import { floating } from './steps/float.ts'
import { gaugeReadings } from './steps/gauge.ts'
import { mounting } from './steps/mount.ts'

/**
 * The steps of a bearing change, in working order: the machine made safe, each position done whole, the machine run up.
 *
 * What is done follows from the arrangement, the seat, the fit, the way the ring is held and housed; limits are those that
 * `assess` gives the position now, and stay with the job.
 */
export function composeBearingChange(positions: readonly JobPosition[], catalogue: Catalogue): JobStep[] {
  const several = positions.length > 1
  return [
    step('lock-out', 'Lock out', null, lockOut, { readings: [yes('dead', 'Proven dead')], guard: 'locks-out' }),
    step('arrival', 'Ask what was done before', null, arrivalOf(positions), {
      readings: [
        words('asked', 'Who was asked'),
        reading('float', 'Shaft moves by', millimetres(2, { needed: false })),
      ],
    }),
    ...positions.flatMap((position) => stepsOf(position, catalogue, several)),
    ...positions.flatMap((position) => putRight(position, several, 'diagnose')),
    step('run-up', 'Run up', null, runUp, { readings: runUpReadings(positions) }),
    step('hand-over', 'Hand over', null, handOver, {
      readings: [words('told', 'Handed over to')],
      guard: 'all-done',
    }),
  ]
}

/** Where bearings died young, somebody asks why before the next one goes in. */
const arrivalOf = (positions: readonly JobPosition[]): Procedure => ({
  ...arrival,
  does: [
    ...arrival.does,
    ...positions
      .filter(({ machine }) => eatsBearings(machine))
      .map(({ name }) => `Several bearings died young at ${name}: read their stories in the log, and find out why.`),
  ],
})

function stepsOf(position: JobPosition, catalogue: Catalogue, several: boolean): JobStep[] {
  const { inputs, machine, name } = position
  const { outcomes } = assessRolling(inputs, machine, catalogue)
  const { identify, seat, mount, grease } = outcomes
  const { holding } = mount
  const title = (what: string) => (several ? `${what}, ${name.toLowerCase()}` : what)
  const clearance = inputs.bearing.requiredClearance
  const ends = machining(position, outcomes.float.ends, title)
  return [
    step('evidence', title('Mark and photograph'), position, evidence),
    step('take-off', title('Take it off'), position, takeOff(holding, mount.taper !== null), { lens: 'seat' }),
    step('came-out', title('Name what came out'), position, named, {
      lens: 'identify',
      readings: [
        words('number', 'Designation on the old bearing'),
        reading('ended', 'Why it came out', { kind: 'ended' }),
        reading('marks', 'Marks seen on it', { kind: 'marks', needed: false }),
      ],
    }),
    step('gauge', title('Gauge the seats'), position, gauged, { lens: 'seat', readings: gaugeReadings(seat) }),
    step('check-new', title('Check the new one'), position, checked, {
      lens: 'identify',
      guard: 'none',
      readings: [
        reading('number', 'Designation on the new box', {
          kind: 'designation',
          expected: identify.toOrder,
          ...giving({ what: 'bearing.designation' }),
        }),
        words('batch', 'Maker’s batch', false),
        ...(clearance ? [reading('clearance', 'Clearance class on it', { kind: 'text', expected: clearance })] : []),
      ],
    }),
    mounting(position, mount, title),
    step(
      'lock',
      title(`Lock it: ${holdingWords[holding]}`),
      position,
      { does: lock[holding], cautions: [] },
      {
        lens: 'mount',
        readings: [
          againstShoulder.has(holding)
            ? yes('seated', 'A 0.03 mm feeler finds no gap at the shoulder')
            : yes('locked', 'Locked, and nothing rubs'),
        ],
      },
    ),
    ...(ends ? [ends] : []),
    floating(position, outcomes, title),
    ...(grease.comesFilled ? [] : [filling(position, outcomes, title)]),
    step(
      'close',
      title('Close the housing'),
      position,
      {
        does: [...closing[inputs.mount.housing ?? (inputs.seat.housing === 'split' ? 'split' : 'solid')], seals],
        cautions: [],
      },
      { readings: [yes('free', 'Turns freely by hand')] },
    ),
  ]
}

/** Ways of holding that press the ring against a shoulder. */
const againstShoulder: ReadonlySet<Holding> = new Set(['nut', 'end-plate', 'shoulder'])

const named = {
  does: [
    'Read the number on the ring, not on the box it is said to have come in.',
    'Look at where the marks run on both rings, and write down what is seen.',
  ],
  cautions: [],
}
const gauged = {
  does: [
    'Clean the seats, and let shaft, ring and gauge come to one temperature.',
    'Two planes, two directions each; the mean is not enough, every reading counts.',
  ],
  cautions: [],
}
const checked = {
  does: [
    'Hold number and suffixes on the box against what the machine calls for.',
    'Leave it in its wrapping until the seat is ready.',
  ],
  cautions: ['Never spin a bearing with compressed air.'],
}
