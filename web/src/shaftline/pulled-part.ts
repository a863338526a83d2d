import type { ShaftPart } from '@yardfrost/core'

/** Field of each kind of part that the drag of its load arrow changes, and how far it may go; the rest follow from it. */
const pulledField = {
  force: { field: 'radialN', least: 0, most: 1e7 },
  chuck: { field: 'cuttingN', least: 0, most: 1e6 },
  pulley: { field: 'tension', least: 0.5, most: 4 },
  coupling: { field: 'misalignShare', least: 0, most: 0.5 },
  rotor: { field: 'pullShare', least: 0, most: 2 },
} as const

/** Whether the load arrow of a part can be dragged: its weight and what its power makes cannot. */
export const canPull = (part: ShaftPart): part is ShaftPart & { kind: keyof typeof pulledField } =>
  part.kind in pulledField

/** Changes to a part whose load arrow was drawn out to so many times its length; none for a part that cannot be pulled. */
export function pulledPart(part: ShaftPart, times: number): Partial<ShaftPart> {
  if (!canPull(part)) return {}
  const pulled = pulledField[part.kind]
  const value = (part as unknown as Record<string, number>)[pulled.field] ?? 0
  const kept = Math.min(pulled.most, Math.max(pulled.least, value * Math.max(0, times)))
  return { [pulled.field]: Number(kept.toPrecision(2)) }
}
