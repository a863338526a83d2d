import type { Saying } from '../../working/check.ts'
import { capital, celsius, minutes, um } from '../../words/quantities.ts'
import type { ChilledPart, Coldness, Coolant } from './work-out.ts'

// Every sentence about going in cold.

export const coolantWords: Record<Coolant, string> = {
  freezer: 'freezer',
  'dry-ice': 'dry ice',
  'liquid-nitrogen': 'liquid nitrogen',
}
export const partWords: Record<ChilledPart, string> = {
  bearing: 'the bearing, for its housing',
  bush: 'a bush, for its housing',
  shaft: 'the shaft, for its ring',
}
const goesInto = (part: ChilledPart) => (part === 'shaft' ? 'into the ring' : 'into the housing')
const piece: Record<ChilledPart, string> = { bearing: 'the bearing', bush: 'the bush', shaft: 'the shaft' }

export const notNeeded = (part: ChilledPart): Saying => ({
  reason: `${capital(piece[part])} goes ${goesInto(part)} as it is: there is nothing to make up.`,
  wayOut: 'Push it in square, by the ring that is fitted.',
})
export const goesIn = (part: ChilledPart, { coolant, chill, thaw }: Coldness): Saying => ({
  reason: `In ${coolantWords[coolant]} ${piece[part]} shrinks ${um(chill.shrinkUm)} and goes ${goesInto(part)} with ${um(chill.gapUm)} of room.`,
  wayOut: `Have it home within ${minutes(thaw.windowS / 120)}: half the time until it seizes.`,
})
export const tooLittle = (part: ChilledPart, { coolant, chill, wantedUm, warmC }: Coldness): Saying => ({
  reason: `In ${coolantWords[coolant]} ${piece[part]} shrinks ${um(chill.shrinkUm)}${
    chill.gapUm < 0
      ? `, ${um(-chill.gapUm)} too little`
      : `, which leaves ${um(chill.gapUm)} where ${um(wantedUm)} is wanted`
  }.`,
  wayOut: warmC
    ? `Warm the housing to ${celsius(Math.ceil(warmC))} as well.`
    : part === 'shaft'
      ? 'Heat the ring as well, as far as its closure bears.'
      : 'Ask whether the fit is right; a housing warm enough for it would be too warm.',
})
export const notPermitted: Saying = {
  reason: 'A whole bearing is not taken down to liquid nitrogen: grease, cage and rings do not bear it.',
  wayOut: 'Dry ice, and out again at −50 °C by the probe; or warm the housing.',
}

/** How it is done, in order. */
export function coldSteps(part: ChilledPart, { coolant, chill, soak, thaw }: Coldness): string[] {
  if (chill.verdict === 'no-chill') return []
  const wait = `${minutes(soak.lowS / 60)} to ${minutes(soak.highS / 60)}`
  return [
    'Gauge the seat, oil it, set the depth stop, and rehearse the way: it cannot be pulled back once it has warmed.',
    coolant === 'freezer'
      ? `In the freezer for ${wait}, in a closed bag so that it draws no frost.`
      : coolant === 'dry-ice'
        ? `Packed in crushed dry ice, in a box that is not sealed, for ${wait}.`
        : `Lower it slowly into the nitrogen: it spatters. Out when the boiling has died down, after ${wait}.`,
    ...(part === 'bearing' && coolant !== 'freezer'
      ? ['Probe on the outer ring: out at −50 °C, no colder.']
      : [`It is cold through at about ${celsius(soak.ringC)}.`]),
    `Wipe the frost off and push it home in one move, within ${minutes(thaw.windowS / 120)}. No hammer: cold steel breaks.`,
    'Hold it against its shoulder until it grips.',
    part === 'bearing'
      ? 'Condensation: dry it as it warms, oil it, dry and oil again, then grease it anew.'
      : 'Condensation: dry it as it warms, and oil it at once.',
  ]
}

export const coldCautions: Record<Coolant, string[]> = {
  freezer: ['Cold steel sticks to bare skin: dry gloves.'],
  'dry-ice': [
    'Cold burns: insulated dry gloves and goggles.',
    'Carbon dioxide displaces the air: never in a pit, a cabinet, a closed van or a small room without draught; never in a sealed box.',
  ],
  'liquid-nitrogen': [
    'Cold burns and spatter: face shield, insulated loose gloves, nothing that soaks it up.',
    'Nitrogen displaces the air without a smell: open air or an oxygen alarm, never alone, never in a pit.',
  ],
}
