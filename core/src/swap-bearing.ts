import { assess } from './assess.ts'
import type { Catalogue } from './catalogue/catalogue.ts'
import { findBearing } from './catalogue/resolve-bearing.ts'
import type { DamageKnowledge } from './diagnose/knowledge.ts'
import type { RollingPosition } from './kinds/rolling/position.ts'
import type { Machine } from './model/machine.ts'
import type { Finding, PositionState } from './working/assessment.ts'

/** What becomes of a position when another bearing goes in. */
export interface Swapped {
  /** Of the machine as it would run. */
  state: PositionState
  /** What is found with the other bearing and not with the one that is there, worst first. */
  worse: Finding[]
  /** What is found now and no longer with the other. */
  mended: Finding[]
}

/** Findings of the same rule are told apart by how bad they are. */
const nameOf = ({ lens, key, verdict }: Finding): string => `${lens} ${key} ${verdict}`

/**
 * Judges a position with another bearing in the place of its own, everything else as it is.
 *
 * @param designation - of the other bearing; one that is not in the tables leaves the position without a bearing
 */
export function swapBearing(
  position: RollingPosition,
  machine: Machine,
  designation: string,
  { catalogue, damage }: { catalogue: Catalogue; damage: DamageKnowledge },
): Swapped {
  // Where nobody wrote down what the place calls for, it is what the bearing that is there says.
  const fitted = findBearing(position.bearing.designation, catalogue)?.decoded
  const { requiredBore, requiredClearance, requiredClosure } = position.bearing
  const calledFor = {
    requiredBore: requiredBore ?? fitted?.boreShape ?? null,
    requiredClearance: requiredClearance ?? fitted?.clearanceClass ?? null,
    requiredClosure: requiredClosure ?? fitted?.closure ?? null,
  }
  const { bearing } = position
  const judge = (number: string) => {
    // A rating that somebody typed is that of the bearing that is there.
    const other = findBearing(number, catalogue)?.decoded.size !== fitted?.size
    const ratings = other ? { makerDynamicN: null, makerStaticN: null } : {}
    const swapped = { ...position, bearing: { ...bearing, ...calledFor, ...ratings, designation: number } }
    return assess(swapped, machine, catalogue, damage)
  }
  const [present, other] = [judge(position.bearing.designation), judge(designation)]
  const lacks = (findings: readonly Finding[]) => {
    const names = new Set(findings.map(nameOf))
    return (finding: Finding) => !names.has(nameOf(finding))
  }
  return {
    state: other.state,
    worse: other.findings.filter(lacks(present.findings)),
    mended: present.findings.filter(lacks(other.findings)),
  }
}
