import { z } from 'zod'
import { loadCases } from '../kinds/rolling/choices.ts'
import { Band, besideStrips, PaintedMark } from '../model/painted.ts'

const Name = z.string().max(80)
const Words = z.string().max(400)

/** What was seen of a bearing, how it ranked that day, and what a person decided of it. Never changed after it is kept. */
export const DamageFinding = z.strictObject({
  designation: z.string().max(60),
  /** Clearance suffix found, and called for: blame is settled by it. */
  clearanceFound: z.string().max(20).nullable(),
  clearanceCalledFor: z.string().max(20).nullable(),
  seen: z.array(Name).max(120),
  notSeen: z.array(Name).max(120),
  painted: z.array(z.strictObject({ sign: Name, where: Words })).max(60),
  bands: z.array(Band).max(4),
  marks: z.array(PaintedMark).max(300),
  ...besideStrips,
  /** How the load turned: which ring was loaded, and which came round. */
  loadCase: z.enum(loadCases).nullable().default(null),
  /** Likeliest first. */
  ranking: z
    .array(z.strictObject({ cause: Name, title: Words, probability: z.number().min(0).max(1), because: Words }))
    .max(10),
  verdict: z.enum(['clear', 'likely', 'open']),
  coreVersion: z.int(),
})
export type DamageFinding = z.infer<typeof DamageFinding>

/** A finding as it is sent: id from the device, what was decided and why. */
export const FindingEntry = z.strictObject({
  id: z.uuid(),
  at: z.iso.datetime(),
  finding: DamageFinding,
  /** Cause of the knowledge base that was decided on; null where it is left open. */
  cause: Name.nullable(),
  why: z.string().trim().max(600).default(''),
})
export type FindingEntry = z.output<typeof FindingEntry>
