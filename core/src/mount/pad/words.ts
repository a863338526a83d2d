import type { Surface } from './surfaces.ts'
import { celsius, minutes } from '../../words/quantities.ts'
import type { PadOutcome } from './work-out.ts'

// What is said and done where a ring is heated lying on a pad or a plate.

export const surfaceWords: Record<Surface, string> = {
  bright: 'bright steel',
  oiled: 'oiled steel',
  taped: 'matt black tape',
  painted: 'matt paint or marker',
}

/** How it is heated, in the order it is done. */
export function padSteps(outcome: PadOutcome): string[] {
  const { heater, aimC, limitC, time, homeS } = outcome
  const turned = time.turnS === null ? 'half way' : `after about ${minutes(time.turnS / 60)}`
  return [
    heater === 'pad'
      ? 'Wipe pad and ring. Lay the bearing flat in the middle of the pad, its wider face down; where the cage stands out, a steel ring under the inner ring alone.'
      : 'Set the thermostat to the aim and let the plate come to it. Spacer ring under the inner ring, so that no cage and no seal touches the plate; a cover over it.',
    'Contact probe, magnetic or sprung, on the upper face of the inner ring: neither on the outer ring nor on the cage.',
    `Turn it over ${turned}, gloves on: the lower side runs ahead.`,
    `Touch the cage too: ${heater === 'pad' ? 'a steel cage on a pad' : 'what lies nearest the plate'} is hot first, and no part of it may pass ${celsius(limitC)}.`,
    `At ${celsius(aimC)} on the upper face, switch off and wait half a minute: it must not fall.`,
    ...(heater === 'pad' ? ['Demagnetise it: swarf at the ring says it is not.'] : []),
    `Lift it square and be home within ${minutes(homeS / 60)}: one move to the shoulder, and hold it there until it grips.`,
    'It stops short: no hammer. Pull it off at once with the puller that lies ready, let it cool, look, heat it again.',
  ]
}

export const padCautions = {
  pad: 'Induction pad: people with a pacemaker or other implant keep away; rings and watches off. The pad itself is hot.',
  'hot-plate': 'Hot plate: the plate burns long after it is off; nothing that burns beside it.',
} as const
