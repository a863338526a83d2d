import { coldCautions } from './cold/words.ts'
import type { MountOutcome } from './work-out.ts'

/** Who has the last word, wherever a caution stands. */
export const siteFirst = 'Site rules, the maker’s manual and local codes come first; the responsible person decides.'

export const hotRing = 'Hot ring: insulated gloves, sleeves down, a clear way to the shaft.'
export const implants =
  'Induction heater: people with a pacemaker or other implant keep away; rings and watches off; nobody holds the bearing up by hand.'
export const oilPressure =
  'Oil injection: the ring comes off suddenly; leave the stop nut on. Stand clear of high-pressure lines.'
export const frost = [
  'Dry ice and nitrogen: gloves and goggles, open air or good draught; carbon dioxide and nitrogen displace the air, above all in pits.',
  'Wipe the frost off and oil it at once: it rusts where it thaws.',
]

const hot = [
  hotRing,
  implants,
  'Never an open flame. No oil bath for a sealed or greased bearing.',
  'Bright steel reads far too cold on an infrared thermometer: use a contact probe on the inner ring.',
  'If it stops short, do not hammer: pull it off at once, cool, look, reheat.',
]
const cold = [
  'Push on the ring that is being fitted, never through the rolling elements; no hammer on the bearing.',
  'Lock out and prove dead before opening the machine.',
]
const taper = [
  'Never judge a mounted bearing by shaking it: feelers over the unloaded roller, rollers seated.',
  oilPressure,
]

/** Hazards of the way a ring is mounted. */
export function mountCautions({ way, chilled, cold: { coolant } }: MountOutcome): string[] {
  const ofWay =
    way === 'driven-up' || way === 'nut-turned'
      ? taper
      : way === 'by-hand' || way === 'pressed' || way === 'over-raceway'
        ? cold
        : way === 'oil-injected'
          ? [...cold, oilPressure]
          : hot
  const icy = chilled.length > 0 || way === 'heated-shaft-chilled'
  return [...ofWay, siteFirst, ...(coolant ? coldCautions[coolant] : icy ? frost : [])]
}
