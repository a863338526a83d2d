import { assess } from '../assess.ts'
import type { Catalogue } from '../catalogue/catalogue.ts'
import { lookUpBearing, type ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { HeatTarget, JobReading, JobStep } from '../model/job.ts'
import type { Machine } from '../model/machine.ts'
import type { Holding, Position } from '../model/position.ts'
import { inSentence } from '../model/sentence.ts'
import { defaultSlipClearance, ringExpansion } from '../mount/heat.ts'
import { differenceLimit, exposedArea } from '../mount/heat-run.ts'
import { mountingMethods } from '../mount/methods.ts'
import type { Assessment } from '../working/assessment.ts'
import { numberOf, type Figure } from '../working/figure.ts'
import {
  arrival,
  closing,
  coldMount,
  driveUpMount,
  evidence,
  firstFill,
  handOver,
  holdingWays,
  hotMount,
  lock,
  lockOut,
  runUp,
  seals,
  takeOff,
} from './procedures.ts'

/** A position whose bearing is changed. */
export interface JobPosition {
  id: string
  name: string
  inputs: Position
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
    step('lock-out', 'Lock out', null, lockOut, { readings: [yes('dead', 'Proved dead')] }),
    step('arrival', 'Ask what was done before', null, arrival, {
      readings: [
        words('asked', 'Who was asked'),
        reading('float', 'Shaft moves by', millimetres(2, { needed: false })),
      ],
    }),
    ...positions.flatMap((position) => stepsOf(position, catalogue, several)),
    step('run-up', 'Run up', null, runUp, { readings: runUpReadings(positions) }),
    step('hand-over', 'Hand over', null, handOver, { readings: [words('told', 'Handed over to')] }),
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
  rest: Partial<Pick<JobStep, 'readings' | 'lens' | 'heat'>> = {},
): JobStep {
  return {
    key: position ? `${key}:${position.name}`.slice(0, 80) : key,
    title,
    position: position && { id: position.id, name: position.name },
    does,
    cautions,
    readings: [],
    lens: null,
    heat: null,
    ...rest,
  }
}

function stepsOf(position: JobPosition, catalogue: Catalogue, several: boolean): JobStep[] {
  const { inputs, machine, name } = position
  const lookup = lookUpBearing(inputs.bearing.designation, catalogue)
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const judged = assess(inputs, machine, catalogue)
  const tapered = bearing?.decoded.boreShape === 'tapered'
  const holding = inputs.mount.holding ?? usualHolding(bearing)
  const title = (what: string) => (several ? `${what}, ${name.toLowerCase()}` : what)
  const clearance = inputs.bearing.requiredClearance
  return [
    step('evidence', title('Mark and photograph'), position, evidence),
    step('take-off', title('Take it off'), position, takeOff(holding, tapered), { lens: 'mount' }),
    step('came-out', title('Name what came out'), position, named, {
      lens: 'identify',
      readings: [words('number', 'Number on the old bearing'), words('marks', 'Marks seen on it', false)],
    }),
    step('gauge', title('Gauge the seats'), position, gauged, {
      lens: 'seat',
      readings: gaugeReadings(judged, holding),
    }),
    step('check-new', title('Check the new one'), position, checked, {
      lens: 'identify',
      readings: [
        reading('number', 'Number on the new box', {
          kind: 'text',
          expected: bearing ? bearing.decoded.normal : null,
        }),
        ...(clearance ? [reading('clearance', 'Clearance class on it', { kind: 'text', expected: clearance })] : []),
      ],
    }),
    mounting(position, bearing, judged, title),
    step(
      'lock',
      title(`Lock it: ${holdingWays[holding].split(':')[0]}`),
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
    floating(position, judged, title),
    filling(position, judged, title),
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

/** A tapered bore without more is on a sleeve, an insert bearing is held by its screws, all others sit against a shoulder. */
export function usualHolding(bearing: ResolvedBearing | null): Holding {
  if (bearing?.decoded.boreShape === 'tapered') return 'adapter-sleeve'
  return bearing?.row.type === 'insert-ball' ? 'set-screws' : 'shoulder'
}

const rangeOf = (figure: Figure | undefined): { from: number; to: number } | null =>
  figure?.value?.kind === 'range' ? figure.value : null

function gaugeReadings({ lenses }: Assessment, holding: Holding): JobReading[] {
  const { shaftLimits, housingLimits } = lenses.seat.figures
  const places = ['plane 1, upright', 'plane 1, across', 'plane 2, upright', 'plane 2, across']
  const shaft = holding === 'no-inner-ring' ? 'Raceway on the shaft' : 'Shaft'
  return ([['shaft', shaft, shaftLimits], ['housing', 'Housing', housingLimits]] as const).flatMap(
    ([seat, label, figure]) => {
      const limits = rangeOf(figure)
      return places.map((place, index) =>
        reading(`${seat}-${index}`, `${label}, ${place}`, millimetres(3, {
          low: limits?.from ?? null,
          high: limits?.to ?? null,
          // Without limits it is worth measuring all the same, but nothing hangs on it.
          needed: limits !== null && index % 2 === 0,
        })),
      )
    },
  ) // prettier-ignore
}

/** The step that gets the ring home: driven up, heated, or pressed. */
function mounting(
  position: JobPosition,
  bearing: ResolvedBearing | null,
  judged: Assessment,
  title: (what: string) => string,
): JobStep {
  const { figures } = judged.lenses.mount
  if (bearing?.decoded.boreShape === 'tapered') {
    const turnDeg = figures['ring']?.quantity === 'angle' ? numberOf(figures['ring']) : null
    return turnDeg === null ? drivenUp(position, figures, title) : turnedOn(position, turnDeg, title)
  }
  const heat = bearing ? heatTarget(position.inputs, bearing, figures) : null
  if (heat) {
    return step('mount', title('Heat and mount'), position, hotMount, {
      lens: 'mount',
      heat,
      readings: [
        reading('lifted', 'Inner ring when it is lifted', {
          kind: 'number',
          quantity: 'temperature',
          low: Math.ceil(heat.slidesC),
          high: heat.limitC,
        }),
      ],
    })
  }
  const pressN = numberOf(figures['press'])
  return step('mount', title('Press it home'), position, coldMount, {
    lens: 'mount',
    readings: [
      reading('force', 'Force at the end', {
        kind: 'number',
        quantity: 'force',
        needed: false,
        high: pressN && 2 * pressN,
      }),
    ],
  })
}

/** How far a nut may be off its angle, degrees. */
const turnSlackDeg = 5

/** Driven up by the turn of the nut, as self-aligning ball bearings are. */
function turnedOn(position: JobPosition, turnDeg: number, title: (what: string) => string): JobStep {
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

function drivenUp(position: JobPosition, figures: Record<string, Figure>, title: (what: string) => string): JobStep {
  const reduction = rangeOf(figures['ring'])
  const travel = rangeOf(figures['travel'])
  const micrometres = { kind: 'number', quantity: 'deviation' } as const
  const target = reduction
    ? [`Off the clearance: ${inSentence(reduction.from, 'deviation')} to ${inSentence(reduction.to, 'deviation')}.`]
    : ['There is no table for this one: take the maker’s drive-up figures.']
  return step(
    'mount',
    title('Drive it up'),
    position,
    { ...driveUpMount, does: [...driveUpMount.does, ...target] },
    {
      lens: 'mount',
      readings: [
        reading('before', 'Clearance before', micrometres),
        reading('after', 'Clearance left', { ...micrometres, low: numberOf(figures['residual']) }),
        reading('lost', 'Clearance lost', {
          ...micrometres,
          low: reduction?.from ?? null,
          high: reduction?.to ?? null,
        }),
        reading('travel', 'Travel along the taper', millimetres(2, { needed: false, low: travel?.from ?? null, high: travel?.to ?? null })), // prettier-ignore
      ],
    },
  )
}

/** What the heat clock aims at; null where the ring is not heated: it slides on, is pressed, or its fit is not known. */
function heatTarget(inputs: Position, bearing: ResolvedBearing, figures: Record<string, Figure>): HeatTarget | null {
  const aimC = numberOf(figures['ring'])
  const limitC = numberOf(figures['limit'])
  const { roomC, slipUm } = inputs.mount
  const tightestUm = figures['ring']?.givens.find(({ symbol }) => symbol === 'I_{max}')?.value
  if (aimC === null || limitC === null || roomC === null || tightestUm?.kind !== 'number') return null
  if (aimC <= roomC || aimC > limitC || pressedRather(inputs, bearing)) return null
  const { row, interior, decoded } = bearing
  const slip = slipUm ?? defaultSlipClearance(row.boreMm)
  return {
    slidesC: roomC + (tightestUm.number + slip) / (ringExpansion * row.boreMm),
    aimC,
    limitC,
    roomC,
    differenceK: differenceLimit(decoded.clearanceClass),
    massKg: interior.massKg,
    areaMm2: exposedArea(row.boreMm, row.odMm, row.widthMm),
  }
}

/** Whether the shop's way with this ring is the press. */
const pressedRather = (inputs: Position, bearing: ResolvedBearing): boolean =>
  mountingMethods(inputs, bearing, null, null)[0]?.tool === 'press'

/** End play of an industrial pair where nobody has said another, mm; and how near one that was said is set. */
const usualEndPlayMm = { least: 0.05, most: 0.15 }
const endPlaySlackMm = 0.03

/** A pair that is set against each other: end play by nut or shims, or preload to the maker's torque. */
function adjusted(position: JobPosition, title: (what: string) => string): JobStep {
  const { endPlayMm } = position.inputs.float
  const [low, high] =
    endPlayMm === null
      ? [usualEndPlayMm.least, usualEndPlayMm.most]
      : [endPlayMm - endPlaySlackMm, endPlayMm + endPlaySlackMm].map((mm) => Number(mm.toFixed(2)))
  const preloaded = endPlayMm !== null && endPlayMm < 0
  const aim = `{${endPlayMm ?? usualEndPlayMm.most} mm}`
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

function floating(position: JobPosition, { lenses }: Assessment, title: (what: string) => string): JobStep {
  const { inputs, machine, name } = position
  const support = machine.shaft?.supports.find((one) => one.position === name)
  const floats = support ? support.holds === 'none' : inputs.float.role === 'floating'
  const leaveMm = numberOf(lenses.float.figures['leave'])
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
              : `Toward the growth it needs at least ${inSentence(Number(leaveMm.toFixed(2)), 'length')}.`,
          ]
        : ['Locating rings on both sides, or the cover clamps the outer ring.', 'Push the shaft both ways: the play of the bearing, no more.'],
      cautions: [],
    },
    {
      lens: 'float',
      readings: floats
        ? [reading('room', 'Room toward the growth', millimetres(2, { low: leaveMm === null ? null : Number(leaveMm.toFixed(2)) }))]
        : [yes('held', 'Held both ways')],
    },
  ) // prettier-ignore
}

/** How far the fill may be off, as a share of it. */
const fillSlack = 0.2

function filling(position: JobPosition, { lenses }: Assessment, title: (what: string) => string): JobStep {
  const fillG = numberOf(lenses.grease.figures['fill'])
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
  return positions.flatMap(({ name, inputs }) => {
    const at = several ? `, ${name.toLowerCase()}` : ''
    const highC = inputs.grease.runningC === null ? hottestHousingC : Math.max(inputs.grease.runningC + 15, 60)
    return [
      ...[15, 60, 120].map((minutes) =>
        reading(`after-${minutes}:${name}`.slice(0, 80), `Housing after ${minutes} min${at}`, {
          kind: 'number',
          quantity: 'temperature',
          high: highC,
          needed: minutes !== 120,
        }),
      ),
      reading(`vibration:${name}`.slice(0, 80), `Vibration, mm/s r.m.s.${at}`, {
        kind: 'number',
        decimals: 1,
        high: roughMmPerS,
        needed: false,
      }),
    ]
  })
}
