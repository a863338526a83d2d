import type { RollingPosition, ShaftEnd } from '../../kinds/rolling/position.ts'

type Ends = RollingPosition['ends']

/** Under which names the measures of each end are kept: this end plain, the other with its prefix. */
export const endFields = {
  this: {
    depth: 'depthMm',
    ring: 'ringMm',
    spigot: 'spigotMm',
    spacer: 'spacerMm',
    seat: 'seatMm',
    rings: 'rings',
    ringWidth: 'ringWidthMm',
  },
  other: {
    depth: 'otherDepthMm',
    ring: 'otherRingMm',
    spigot: 'otherSpigotMm',
    spacer: 'otherSpacerMm',
    seat: 'otherSeatMm',
    rings: 'otherRings',
    ringWidth: 'otherRingWidthMm',
  },
} as const satisfies Record<ShaftEnd, Record<string, keyof Ends>>

/** Height of the outer ring at an end, mm: as measured, else at this end as its number says. */
export const ringHeight = (ends: Ends, end: ShaftEnd, byNumberMm: number | null): number | null =>
  ends[endFields[end].ring] ?? (end === 'this' ? byNumberMm : null)
