/** Lenses on a plain bearing in the order the work is done. */
export const plainLenses = ['identify', 'carry', 'seat', 'float', 'mount', 'oil', 'diagnose'] as const
export type PlainLens = (typeof plainLenses)[number]
