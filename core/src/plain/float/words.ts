import { mm, um } from '../../words/quantities.ts'
import type { Saying } from '../../working/check.ts'

// Every sentence of Float.

const gap = (valueMm: number) => um(1000 * valueMm)

export const roomLeft = (hotMm: number): Saying => ({
  reason: `${gap(hotMm)} of clearance are left when it runs.`,
  wayOut: 'Measure it again at the next shutdown, in the direction of the load.',
})
export const seizes = (hotMm: number, newMm: number): Saying => ({
  reason:
    hotMm <= 0
      ? `The journal grows ${gap(-hotMm)} more than there is room: it seizes.`
      : `Only ${gap(hotMm)} of clearance are left when it runs; it is made with ${gap(newMm)}: it may seize at a hot start.`,
  wayOut: 'Give it more clearance cold, or keep the shaft cooler.',
})
export const tight = (hotMm: number, newMm: number): Saying => ({
  reason: `${gap(hotMm)} of clearance are left when it runs; it is made with ${gap(newMm)}.`,
  wayOut: 'Watch the temperature at the first run; more clearance at the next fitting.',
})
export const under = (coldMm: number, lowestMm: number): Saying => ({
  reason: `Measured cold it has ${gap(coldMm)}; no practice makes less than ${gap(lowestMm)}.`,
  wayOut: 'Measure again where it is narrowest; ream, bore or scrape it.',
})
export const worn = (coldMm: number, wornMm: number): Saying => ({
  reason: `Its clearance is ${gap(coldMm)}; from ${gap(wornMm)} it is worn out.`,
  wayOut: 'Plan a new bush, or have the shells lined anew.',
})
export const collarsTouch = (marginMm: number, needsMm: number, centred: boolean): Saying => ({
  reason: `The shaft may move ${mm(needsMm)}, and ${mm(marginMm)} are left to the nearer stop: a collar that is not made for it takes the thrust.`,
  wayOut: centred
    ? 'Set the motor so that its magnetic centre has this room to both sides, or a coupling that limits the float to less.'
    : 'Set the shaft in the middle of its float; find its magnetic centre with the coupling apart.',
})
export const unlimited = (couplingMm: number, floatMm: number): Saying => ({
  reason: `The coupling lets the shaft float ${mm(couplingMm)}, and its stops are ${mm(floatMm)} apart: it does not keep it off them.`,
  wayOut: 'A coupling with limited end float, or buttons that limit it.',
})
export const centreOutside = (centreMm: number, floatMm: number): Saying => ({
  reason: `The magnetic centre at ${mm(centreMm)} lies outside the end float of ${mm(floatMm)}.`,
  wayOut: 'Measure both again, with the coupling apart.',
})
