/** Lenses on a rolling bearing in the order the work is done. */
export const lenses = ['identify', 'carry', 'seat', 'float', 'mount', 'grease', 'diagnose'] as const
export type Lens = (typeof lenses)[number]
