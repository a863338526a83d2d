import { z } from 'zod'
import { loadCases } from '../kinds/rolling/choices.ts'
import { Band, facings, PaintedMark } from './painted.ts'

/** What another bearing of the machine shows: on its bench, or else in its latest finding. */
export const OtherEnd = z.object({
  id: z.uuid(),
  position: z.string(),
  designation: z.string().default(''),
  loadCase: z.enum(loadCases).nullable().default(null),
  seen: z.array(z.string()).default([]),
  bands: z.array(Band).default([]),
  marks: z.array(PaintedMark).default([]),
  upperFaces: z.enum(facings).nullable().default(null),
  /** When the finding was made; null where it lies on the bench. */
  at: z.string().nullable().default(null),
})
export type OtherEnd = z.infer<typeof OtherEnd>

/** An end as it is stored: what another document has otherwise, from another time, is taken as not seen. */
export function otherEndOf(stored: Readonly<Record<string, unknown>>): OtherEnd {
  const readable = Object.entries(OtherEnd.shape).filter(([key, field]) => field.safeParse(stored[key]).success)
  return OtherEnd.parse(Object.fromEntries(readable.map(([key]) => [key, stored[key]])))
}
