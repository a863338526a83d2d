import { coreVersion } from '../core-version.ts'
import { becauseWords } from '../diagnose/figures.ts'
import type { DiagnoseOutcome } from '../diagnose/work-out.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { DamageFinding } from './finding.ts'

/** So many causes are kept with a finding. */
const mostCauses = 8

/**
 * What was seen of a position’s bearing and how it ranks now, to be kept.
 *
 * @param position - with what rounds and readings told
 * @returns null while nothing ranks
 */
export function makeFinding(position: RollingPosition, outcome: DiagnoseOutcome): DamageFinding | null {
  const { ranking, painted, bearing, signLabels } = outcome
  if (!ranking) return null
  const { seen, notSeen, bands, marks, upperFaces, mateBands, mateMarks, photos } = position.diagnose
  return {
    designation: position.bearing.designation,
    clearanceFound: bearing?.decoded.clearanceClass ?? null,
    clearanceCalledFor: position.bearing.requiredClearance,
    seen,
    notSeen,
    painted,
    bands,
    marks,
    upperFaces,
    mateBands,
    mateMarks,
    photos,
    loadCase: position.seat.loadCase,
    ranking: ranking.causes.slice(0, mostCauses).map((one) => ({
      cause: one.cause,
      title: one.title,
      probability: one.probability,
      because: becauseWords(one, signLabels),
    })),
    verdict: ranking.verdict,
    coreVersion,
  }
}
