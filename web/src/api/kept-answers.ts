import { z } from 'zod'
import { forgetAllOnDevice, keepOnDevice, keptOnDevice } from './device-store.ts'

// The last answer to each question that is asked on the floor, so that a lost network leaves the work readable.

const KeptAnswer = z.object({ at: z.iso.datetime(), answer: z.unknown() })

/** A browser that keeps nothing, for want of room or by its settings, is one without kept answers. */
async function orNothing<T>(work: Promise<T>): Promise<T | undefined> {
  try {
    return await work
  } catch (error) {
    if (!(error instanceof DOMException)) throw error
    return undefined
  }
}

export async function keepAnswer(path: string, answer: unknown): Promise<void> {
  await orNothing(keepOnDevice('answers', path, { at: new Date().toISOString(), answer }))
}

/** The last answer to a path and when it came; null where none is kept, or one of another version of the program. */
export async function keptAnswer<S extends z.ZodType>(
  schema: S,
  path: string,
): Promise<{ at: string; answer: z.output<S> } | null> {
  const kept = KeptAnswer.safeParse(await orNothing(keptOnDevice('answers', path)))
  if (!kept.success) return null
  const answer = schema.safeParse(kept.data.answer)
  return answer.success ? { at: kept.data.at, answer: answer.data } : null
}

/** Whoever signs out leaves nothing behind on a shared tablet. */
export async function forgetAnswers(): Promise<void> {
  await orNothing(forgetAllOnDevice('answers'))
}
