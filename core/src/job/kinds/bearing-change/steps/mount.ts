import type { JobStep } from '../../../../model/job.ts'
import type { DriveUp } from '../../../../mount/drive-up.ts'
import { heatTarget, type MountOutcome } from '../../../../mount/work-out.ts'
import { mountingMethods } from '../../../../mount/methods.ts'
import { flatHeaters } from '../../../../mount/pad/flat-heaters.ts'
import { padCautions, padSteps } from '../../../../mount/pad/words.ts'
import { padOutcome } from '../../../../mount/pad/work-out.ts'
import { um } from '../../../../words/quantities.ts'
import { giving, millimetres, reading, step, words, yes, type Procedure, type Title } from '../../../step.ts'
import type { JobPosition } from '../../job-position.ts'
import {
  askFirst,
  chilledShaftMount,
  coldMount,
  driveUpMount,
  handMount,
  hotMount,
  oilMount,
  overRacewayMount,
} from '../procedures.ts'

/** The step that gets the ring home, by the way that Mount has chosen. */
export function mounting(position: JobPosition, mount: MountOutcome, title: Title): JobStep {
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
        ...giving({ what: 'lifted' }),
      })
      return made(
        chilled ? 'Heat it, chill the shaft, and mount' : 'Heat and mount',
        chilled ? chilledShaftMount : (lyingFlat(position, mount) ?? hotMount),
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

/** How it is heated where a pad or plate is what the shop has for it; null for any other heater. */
function lyingFlat({ inputs }: JobPosition, mount: MountOutcome): Procedure | null {
  const heater = flatHeaters.find((one) => one === mountingMethods(inputs, mount)[0]?.tool)
  if (!heater) return null
  const on = padOutcome({ ...inputs, mount: { ...inputs.mount, padTool: heater } }, mount.bearing, heatTarget(mount))
  return on && { does: padSteps(on), cautions: [...hotMount.cautions, padCautions[heater]] }
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
        reading('before', 'Clearance before', { ...micrometres, ...giving({ what: 'float.measured' }) }),
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
