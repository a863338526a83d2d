import type { Catalogue } from '../../../catalogue/catalogue.ts'
import { assessRolling } from '../../../kinds/rolling/assess.ts'
import type { JobStep } from '../../../model/job.ts'
import { siteFirst } from '../../../mount/cautions.ts'
import { thickenerWords } from '../../../words/vocabulary.ts'
import { filling } from '../../common/fill.ts'
import { handOver, lockOut, runUp } from '../../common/procedures.ts'
import { runUpReadings } from '../../common/run-up.ts'
import { reading, step, words, yes, type Procedure } from '../../step.ts'
import type { JobPosition } from '../job-position.ts'
import { greaseWay } from './way.ts'

/**
 * The steps of a change of grease, in working order: what is in it and what goes in, then each position by the way the two ask for.
 *
 * Where one position is opened the machine is locked out first; a purge alone is done while it turns.
 */
export function composeGreaseChange(positions: readonly JobPosition[], catalogue: Catalogue): JobStep[] {
  const ways = positions.map((position) => ({ position, ...wayOf(position) }))
  const opened = ways.filter(({ way }) => way === 'strip')
  const purged = ways.filter(({ way }) => way === 'purge')
  const several = positions.length > 1
  const named = ({ name }: JobPosition, what: string) => (several ? `${what}, ${name.toLowerCase()}` : what)
  return [
    step('greases', 'Name both greases', null, both(ways), {
      guard: 'none',
      readings: [words('in-it', 'Grease that is in it'), words('goes-in', 'Grease that goes in, as on its drum')],
    }),
    ...(opened.length > 0
      ? [step('lock-out', 'Lock out', null, lockOut, { readings: [yes('dead', 'Proven dead')], guard: 'locks-out' })]
      : []),
    ...opened.flatMap(({ position }) => strip(position, catalogue, (what) => named(position, what))),
    ...purged.map(({ position }) => purge(position, (what) => named(position, what))),
    step('mark', 'Mark it', null, mark, {
      guard: 'none',
      readings: [yes('nipple', 'The nipple says the new grease'), yes('gun', 'A gun of its own holds it')],
    }),
    step('run-up', 'Run up', null, runUp, { guard: opened.length > 0 ? 'locked-out' : 'none', readings: runUpReadings(positions) }),
    step('hand-over', 'Hand over', null, purged.length > 0 ? { ...handOver, does: [...handOver.does.slice(0, 1), twiceAtHalf] } : handOver, {
      readings: [words('told', 'Handed over to')],
      guard: 'all-done',
    }),
  ] // prettier-ignore
}

const wayOf = ({ inputs: { grease } }: JobPosition) => greaseWay(grease.thickenerBefore, grease.thickener)

function both(ways: readonly (ReturnType<typeof greaseWay> & { position: JobPosition })[]): Procedure {
  return {
    does: [
      'Read both drums; a colour tells nothing.',
      ...ways.map(({ position: { name, inputs }, verdict }) => {
        const { thickener, thickenerBefore } = inputs.grease
        const pair = [thickenerBefore, thickener].map((one) => (one ? thickenerWords[one] : 'not known')).join(' before, ')
        return `${name}: ${pair} after. ${told[verdict]}`
      }),
      'Base oils count too: mineral and synthetic hydrocarbon mix; silicone, glycol and perfluorinated oils with none.',
    ],
    cautions: [],
  } // prettier-ignore
}

const told = {
  compatible: 'They mix: it is purged through.',
  borderline: 'They hardly mix: everything comes out.',
  incompatible: 'They ruin each other: everything comes out.',
  unknown: 'As long as nobody knows, everything comes out.',
} as const

const solvents = `Solvent: no flame, good air, gloves and goggles. Never dry a bearing by spinning it with compressed air. ${siteFirst}`

function strip(position: JobPosition, catalogue: Catalogue, title: (what: string) => string): JobStep[] {
  const { outcomes } = assessRolling(position.inputs, position.machine, catalogue)
  return [
    step('open', title('Open and take it out'), position, {
      does: [
        'Cap or cover off; wipe away what lies outside first.',
        'Take the grease out by hand and spatula: bearing, housing, pipe and nipple too.',
        'Keep some of it in a bag where it looks odd.',
      ],
      cautions: [],
    }),
    step(
      'wash',
      title('Wash and dry'),
      position,
      {
        does: [
          'Wash until the solvent runs clear; turn the bearing slowly by hand.',
          'Let it drain and dry, with no film left; press a little new grease through the pipe and throw it away.',
        ],
        cautions: [solvents],
      },
      { readings: [yes('clean', 'Nothing of the old grease is left'), yes('dry', 'Dry')] },
    ),
    ...(outcomes.grease.comesFilled ? [] : [filling(position, outcomes, title)]),
    step('close', title('Close the housing'), position, {
      does: ['Seals looked at, drain clear, cap on as it was marked.'],
      cautions: [],
    }, { readings: [yes('free', 'Turns freely by hand')] }),
  ] // prettier-ignore
}

const purge = (position: JobPosition, title: (what: string) => string): JobStep =>
  step(
    'purge',
    title('Press it through'),
    position,
    {
      does: [
        'Drain open, nipple wiped, shaft turning with the guards on.',
        'Slowly, a few strokes at a time, until only new grease comes out of the drain.',
        'Stop when it pushes back or the housing warms: a shut drain presses grease past the seals.',
        'Drain open for an hour of running, then closed.',
      ],
      cautions: [
        `Running machine: no hand, sleeve, hose or gun inside a guard; a nipple inside one means lock out. ${siteFirst}`,
        'Grease under pressure goes through skin: no finger before the nozzle or a leaking hose.',
      ],
    },
    {
      guard: 'none',
      lens: 'grease',
      readings: [
        yes('new', 'Only new grease comes out'),
        reading('strokes', 'Strokes it took', { kind: 'number', needed: false }),
      ],
    },
  )

const mark: Procedure = {
  does: [
    'Tag at the nipple: the new grease by name and thickener; the old tag off.',
    'Change the grease of the position, its gun and its card; the old gun goes out of use here.',
  ],
  cautions: [],
}
const twiceAtHalf = 'Grease it the next two times at half the interval, and look at what comes out.'
