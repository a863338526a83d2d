/** What a ring is heated on lying flat. */
export const flatHeaters = ['pad', 'hot-plate'] as const
export type FlatHeater = (typeof flatHeaters)[number]
