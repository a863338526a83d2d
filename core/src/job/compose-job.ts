import { assessRolling, type RollingOutcomes } from '../kinds/rolling/assess.ts'
import type { Catalogue } from '../catalogue/catalogue.ts'
import type { JobReading, JobStep } from '../model/job.ts'
import type { Machine } from '../model/machine.ts'
import type { Holding, RollingPosition } from '../kinds/rolling/position.ts'
import type { DriveUp } from '../mount/drive-up.ts'
import { heatTarget, type MountOutcome } from '../mount/work-out.ts'
import type { SeatChoice } from '../seat/work-out.ts'
import { mm, um } from '../words/quantities.ts'
import { holdingWords } from '../words/vocabulary.ts'
import {
  arrival,
  askFirst,
  chilledShaftMount,
  closing,
  coldMount,
  driveUpMount,
  evidence,
  firstFill,
  handMount,
  handOver,
  hotMount,
  lock,
  lockOut,
  oilMount,
  overRacewayMount,
  runUp,
  seals,
  takeOff,
  type Procedure,
} from './procedures.ts'

/** A position whose bearing is changed. */
export interface JobPosition {
  id: string
  name: string
  inputs: RollingPosition
  machine: Machine
}

const reading = (
  key: string,
  label: string,
  rest: Partial<Omit<JobReading, 'key' | 'label'>> & Pick<JobReading, 'kind'>,
): JobReading => ({
  key,
  label,
  quantity: 'ratio',
  decimals: 0,
  low: null,
  high: null,
  expected: null,
  needed: true,
  ...rest,
})
const yes = (key: string, label: string): JobReading => reading(key, label, { kind: 'yes', expected: 'yes' })
const words = (key: string, label: string, needed = true): JobReading => reading(key, label, { kind: 'text', needed })

/**
 * The steps of a bearing change, in working order: the machine made safe, each position done whole, the machine run up.
 *
 * What is done follows from the arrangement, the seat, the fit, the way the ring is held and housed; limits are those that
 * `assess` gives the position now, and stay with the job.
 */
export function composeJob(positions: readonly JobPosition[], catalogue: Catalogue): JobStep[] {
  const several = positions.length > 1
  return [
    step('lock-out', 'Lock out', null, lockOut, { readings: [yes('dead', 'Proven dead')], guard: 'locks-out' }),
    step('arrival', 'Ask what was done before', null, arrival, {
      readings: [
        words('asked', 'Who was asked'),
        reading('float', 'Shaft moves by', millimetres(2, { needed: false })),
      ],
    }),
    ...positions.flatMap((position) => stepsOf(position, catalogue, several)),
    step('run-up', 'Run up', null, runUp, { readings: runUpReadings(positions) }),
    step('hand-over', 'Hand over', null, handOver, {
      readings: [words('told', 'Handed over to')],
      guard: 'all-done',
    }),
  ]
}

const millimetres = (
  decimals: number,
  rest: Partial<JobReading> = {},
): Partial<Omit<JobReading, 'key' | 'label'>> & Pick<JobReading, 'kind'> => ({
  kind: 'number',
  quantity: 'length',
  decimals,
  ...rest,
})

function step(
  key: string,
  title: string,
  position: JobPosition | null,
  { does, cautions }: { does: string[]; cautions: string[] },
  rest: Partial<Pick<JobStep, 'readings' | 'lens' | 'heat' | 'guard'>> = {},
): JobStep {
  return {
    key: position ? `${key}:${position.id}` : key,
    title,
    position: position && { id: position.id, name: position.name },
    does,
    cautions,
    readings: [],
    lens: null,
    heat: null,
    // Bench work may go ahead; everything else touches the machine.
    guard: 'locked-out',
    ...rest,
  }
}

function stepsOf(position: JobPosition, catalogue: Catalogue, several: boolean): JobStep[] {
  const { inputs, machine, name } = position
  const { outcomes } = assessRolling(inputs, machine, catalogue)
  const { identify, seat, mount, grease } = outcomes
  const { holding } = mount
  const title = (what: string) => (several ? `${what}, ${name.toLowerCase()}` : what)
  const clearance = inputs.bearing.requiredClearance
  return [
    step('evidence', title('Mark and photograph'), position, evidence),
    step('take-off', title('Take it off'), position, takeOff(holding, mount.taper !== null), { lens: 'seat' }),
    step('came-out', title('Name what came out'), position, named, {
      lens: 'identify',
      readings: [words('number', 'Designation on the old bearing'), words('marks', 'Marks seen on it', false)],
    }),
    step('gauge', title('Gauge the seats'), position, gauged, { lens: 'seat', readings: gaugeReadings(seat) }),
    step('check-new', title('Check the new one'), position, checked, {
      lens: 'identify',
      guard: 'none',
      readings: [
        reading('number', 'Designation on the new box', { kind: 'designation', expected: identify.toOrder }),
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

const places = ['plane 1, upright', 'plane 1, across', 'plane 2, upright', 'plane 2, across']

function gaugeReadings({ shaft, housing }: RollingOutcomes['seat']): JobReading[] {
  return ([shaft, housing] as const).flatMap((choice) => {
    // A taper ground on the shaft has no diameter to gauge.
    if (choice.bare?.kind === 'taper') return []
    const limits = limitsOf(choice)
    return places.map((place, index) =>
      reading(
        `${choice.seat}-${index}`,
        `${placeOf(choice)}, ${place}`,
        millimetres(3, {
          low: limits?.lowMm ?? null,
          high: limits?.highMm ?? null,
          // Without limits it is worth measuring all the same, but nothing hangs on it.
          needed: limits !== null && index % 2 === 0,
        }),
      ),
    )
  })
}

function placeOf({ seat, bare }: SeatChoice): string {
  if (seat === 'housing') return 'Housing'
  if (bare?.kind === 'raceway') return 'Raceway on the shaft'
  return bare ? 'Shaft under the sleeve' : 'Shaft'
}

function limitsOf({ chosen, bare }: SeatChoice): { lowMm: number; highMm: number } | null {
  const nominalMm = bare?.nominalMm ?? chosen?.nominalMm
  const limits = bare?.limits ?? chosen?.seat
  if (nominalMm == null || !limits) return null
  return { lowMm: nominalMm + limits.lowerUm / 1000, highMm: nominalMm + limits.upperUm / 1000 }
}

type Title = (what: string) => string

/** The step that gets the ring home, by the way that Mount has chosen. */
function mounting(position: JobPosition, mount: MountOutcome, title: Title): JobStep {
  const made = (what: string, procedure: Procedure, rest: Partial<Pick<JobStep, 'readings' | 'heat'>> = {}) =>
    step('mount', title(what), position, procedure, { lens: 'mount', ...rest })
  switch (mount.way) {
    case 'nut-turned':
      return mount.nutTurn ? turnedOn(position, mount.nutTurn.angleDeg, title) : made('Drive it up', driveUpMount)
    case 'driven-up':
      return drivenUp(position, mount.driveUp?.value ?? null, title)
    case 'heated':
    case 'heated-shaft-chilled': {
      const heat = heatTarget(mount)
      const chilled = mount.way === 'heated-shaft-chilled'
      if (!heat) return made('Ask before you mount it', askFirst)
      const lifted = reading('lifted', 'Inner ring when it is lifted', {
        kind: 'number',
        quantity: 'temperature',
        low: Math.ceil(heat.slidesC),
        high: heat.limitC,
      })
      return made(
        chilled ? 'Heat it, chill the shaft, and mount' : 'Heat and mount',
        chilled ? chilledShaftMount : hotMount,
        { heat, readings: [lifted] },
      )
    }
    case 'pressed': {
      const force = reading('force', 'Force at the end', {
        kind: 'number',
        quantity: 'force',
        needed: false,
        high: mount.pressN && 2 * mount.pressN,
      })
      return made('Press it home', coldMount, { readings: [force] })
    }
    case 'by-hand':
      return made('Slide it on', handMount, { readings: [yes('home', 'Seated without force')] })
    case 'oil-injected':
      return made('Mount it on injected oil', oilMount, { readings: [words('pressure', 'Oil pressure used')] })
    case 'over-raceway':
      return made('Fit it over the raceway', overRacewayMount, { readings: [yes('home', 'Turned in without force')] })
    case 'none':
    case null:
      return made('Ask before you mount it', askFirst, { readings: [words('told', 'Way of mounting, and who said so')] }) // prettier-ignore
    default:
      return mount.way satisfies never
  }
}

/** How far a nut may be off its angle, degrees. */
const turnSlackDeg = 5

/** Driven up by the turn of the nut, as self-aligning ball bearings are. */
function turnedOn(position: JobPosition, turnDeg: number, title: Title): JobStep {
  return step(
    'mount',
    title('Turn the nut on'),
    position,
    {
      does: [
        'Wipe shaft, sleeve and bore; nut hand-tight, outer ring free to swivel. Mark nut and sleeve.',
        `Turn the nut on by ${turnDeg}° and no further; the tab that lies next is taken by tightening, never back.`,
        'Swivel the outer ring: a slight drag is right, stiff is driven too far.',
      ],
      cautions: driveUpMount.cautions,
    },
    {
      lens: 'mount',
      readings: [
        reading('turn', 'Nut turned by', {
          kind: 'number',
          quantity: 'angle',
          low: turnDeg - turnSlackDeg,
          high: turnDeg + turnSlackDeg,
        }),
        yes('swivels', 'Turns freely and swivels with a slight drag'),
      ],
    },
  )
}

function drivenUp(position: JobPosition, value: DriveUp | null, title: Title): JobStep {
  const micrometres = { kind: 'number', quantity: 'deviation' } as const
  const target = value
    ? `Off the clearance: ${um(value.reductionMinUm)} to ${um(value.reductionMaxUm)}.`
    : 'There is no table for this one: take the maker’s drive-up figures.'
  return step(
    'mount',
    title('Drive it up'),
    position,
    { ...driveUpMount, does: [...driveUpMount.does, target] },
    {
      lens: 'mount',
      readings: [
        reading('before', 'Clearance before', micrometres),
        reading('after', 'Clearance left', { ...micrometres, low: value?.residualMinUm ?? null }),
        reading('lost', 'Clearance lost', {
          ...micrometres,
          low: value?.reductionMinUm ?? null,
          high: value?.reductionMaxUm ?? null,
        }),
        reading('travel', 'Travel along the taper', millimetres(2, { needed: false, low: value?.axialMinMm ?? null, high: value?.axialMaxMm ?? null })), // prettier-ignore
      ],
    },
  )
}

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
        reading('end-play', 'End play, minus for preload', millimetres(2, { low: low ?? null, high: high ?? null })),
        words('torque', 'Torque, if it is preloaded', preloaded),
      ],
    },
  )
}

function floating(position: JobPosition, { float }: RollingOutcomes, title: Title): JobStep {
  const { inputs, machine, name } = position
  const support = machine.shaft?.supports.find((one) => one.position === name)
  const floats = support ? support.holds === 'none' : inputs.float.role === 'floating'
  const { growth } = float
  const leaveMm = growth?.room && inputs.float.locatedEnds === 1 ? Number(growth.grown.recommendedMm.toFixed(2)) : null
  if (inputs.load.arrangement !== 'single') return adjusted(position, title)
  return step(
    'float',
    title(floats ? 'Leave the float' : 'Hold this end'),
    position,
    {
      does: floats
        ? [
            'No locating ring at this end; the cover stands clear.',
            leaveMm === null
              ? 'Stand the ring so that the room is on the side the shaft grows to.'
              : `Toward the growth it needs at least ${mm(leaveMm)}.`,
          ]
        : ['Locating rings on both sides, or the cover clamps the outer ring.', 'Push the shaft both ways: the play of the bearing, no more.'],
      cautions: [],
    },
    {
      lens: 'float',
      readings: floats
        ? [reading('room', 'Room toward the growth', millimetres(2, { low: leaveMm }))]
        : [yes('held', 'Held both ways')],
    },
  ) // prettier-ignore
}

/** How far the fill may be off, as a share of it. */
const fillSlack = 0.2

function filling(position: JobPosition, { grease }: RollingOutcomes, title: Title): JobStep {
  const fillG = grease.fill?.fillG ?? null
  const oil = position.inputs.grease.lubrication === 'oil-bath'
  return step(
    'fill',
    title(oil ? 'Fill the oil' : 'First fill'),
    position,
    oil
      ? { does: ['Level at the middle of the lowest rolling element, at standstill: more churns.'], cautions: [] }
      : firstFill,
    {
      lens: 'grease',
      readings: oil
        ? [yes('level', 'Level stands at the lowest element')]
        : [
            words('grease', 'Grease, as on its drum'),
            reading('grams', 'Put in', {
              kind: 'number',
              quantity: 'grams',
              low: fillG && Math.round(fillG * (1 - fillSlack)),
              high: fillG && Math.round(fillG * (1 + fillSlack)),
              needed: fillG !== null,
            }),
          ],
    },
  )
}

/** Housing that is hotter than this is looked at before it is left. */
const hottestHousingC = 85
/** Velocity in the plane of the bearing from which a rigidly mounted machine is watched, mm/s. */
const roughMmPerS = 4.5

function runUpReadings(positions: readonly JobPosition[]): JobReading[] {
  const several = positions.length > 1
  return positions.flatMap(({ id, name, inputs }) => {
    const at = several ? `, ${name.toLowerCase()}` : ''
    const highC = inputs.grease.runningC === null ? hottestHousingC : Math.max(inputs.grease.runningC + 15, 60)
    return [
      ...[15, 60, 120].map((minutes) =>
        reading(`after-${minutes}:${id}`, `Housing after ${minutes} min${at}`, {
          kind: 'number',
          quantity: 'temperature',
          high: highC,
          needed: minutes !== 120,
        }),
      ),
      reading(`vibration:${id}`, `Vibration, mm/s r.m.s.${at}`, {
        kind: 'number',
        decimals: 1,
        high: roughMmPerS,
        needed: false,
      }),
    ]
  })
}
