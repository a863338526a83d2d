import { shaftEnds, type ShaftEnd } from '../../../../kinds/rolling/choices.ts'
import { endFields, endWords, type CapEnd, type EndsOutcome } from '../../../../float/ends/index.ts'
import type { Gives, JobReading, JobStep } from '../../../../model/job.ts'
import { mm } from '../../../../words/quantities.ts'
import { giving, millimetres, reading, step, type Title } from '../../../step.ts'
import type { JobPosition } from '../../job-position.ts'

/** A spigot is turned this near, mm; a floating one may come out so much shorter. */
const turnedMm = 0.05
const shorterMm = 0.5

type EndsField = Extract<Gives, { what: 'ends' }>['field']
/** Measuring both caps and machining what the growth asks for; null where nobody asked which end holds, or blocks do it by rings. */
export function machining(position: JobPosition, outcome: EndsOutcome | null, title: Title): JobStep | null {
  if (!outcome || outcome.kind !== 'caps' || outcome.holds === null) return null
  const capped = shaftEnds.flatMap((end) => {
    const { cap } = outcome.ends[end]
    return cap ? [{ end, cap }] : []
  })
  if (capped.length === 0) return null
  return step(
    'ends',
    title('Measure and machine the caps'),
    position,
    {
      does: [
        'Depth gauge from the face that the cap seats on, gasket in place; the mean of three places counts.',
        ...capped.map(({ end, cap }) => workOf(end, cap, outcome.ends[end].slides)),
      ],
      cautions: ['Turning: the machine-shop’s rules, guard closed, chuck key out; deburr before it goes back.'],
    },
    { lens: 'float', readings: [...capped.flatMap(({ end, cap }) => readingsOf(end, cap, position, outcome)), ...gap(outcome)] },
  ) // prettier-ignore
}

function workOf(end: ShaftEnd, cap: CapEnd, slides: boolean): string {
  const at = endWords[end]
  if (cap.cutMm > 0) return `At ${at}: ${mm(cap.cutMm)} off the spigot of the cap${slides ? '' : ', no more'}.`
  if (cap.fillMm > 0) return `At ${at}: a ring of ${mm(cap.fillMm)} between cap and bearing.`
  return `At ${at}: nothing to machine.`
}

function readingsOf(end: ShaftEnd, cap: CapEnd, { inputs }: JobPosition, { ends }: EndsOutcome): JobReading[] {
  const { depth, ring, spigot } = endFields[end]
  const at = endWords[end]
  const gives = (field: EndsField) => giving({ what: 'ends', field })
  const spigotMm = inputs.ends[spigot] ?? 0
  const [low, high] = ends[end].slides
    ? [spigotMm - cap.cutMm - shorterMm, spigotMm - cap.cutMm]
    : [spigotMm - cap.cutMm - turnedMm, spigotMm - cap.cutMm + turnedMm]
  const cut = cap.cutMm > 0
  return [
    reading(`depth-${end}`, `Depth of the bore, ${at}`, millimetres(2, gives(depth))),
    reading(`ring-${end}`, `Height of the outer ring, ${at}`, millimetres(2, gives(ring))),
    reading(`spigot-${end}`, `Spigot of the cap, ${at}`, millimetres(2, cut ? {} : gives(spigot))),
    ...(cut
      ? [
          reading(
            `machined-${end}`,
            `Spigot as machined, ${at}`,
            millimetres(2, { low: Math.max(0, round(low)), high: round(high), ...gives(spigot) }),
          ),
        ]
      : []),
  ]
}

function gap({ coupling }: EndsOutcome): JobReading[] {
  if (!coupling) return []
  const low = round(Math.max(0, coupling.closesMm + (coupling.leastMm ?? 0)))
  return [
    reading(
      'coupling-gap',
      'Gap of the coupling, cold',
      millimetres(2, { low, needed: false, ...giving({ what: 'ends', field: 'couplingGapMm' }) }),
    ),
  ]
}

const round = (value: number): number => Number(value.toFixed(2))
