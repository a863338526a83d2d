import { greaseCompatibility, type CompatibilityVerdict, type Thickener } from '../../../grease/compatibility.ts'
import type { z } from 'zod'

type ThickenerName = z.infer<typeof Thickener>

/** How one grease is changed for another. */
export interface GreaseWay {
  /** Pressed through while it runs, or opened, washed out and filled anew. */
  way: 'purge' | 'strip'
  verdict: CompatibilityVerdict | 'unknown'
}

/**
 * How a grease is changed for another: purged where the two mix, else everything is taken out.
 *
 * @param before - what is in it; null where nobody knows, which is as good as a grease that does not mix
 * @see grease.compatibility
 */
export function greaseWay(before: ThickenerName | null, after: ThickenerName | null): GreaseWay {
  if (before === null || after === null) return { way: 'strip', verdict: 'unknown' }
  const { verdict } = greaseCompatibility({ a: before, b: after })
  return { way: verdict === 'compatible' ? 'purge' : 'strip', verdict }
}
