import { findBearing } from '@yardfrost/core'
import { catalogue } from '../references.ts'
import { halfSection, type HalfSection } from './half-section.ts'

/** Half-section of a bearing by its number; null where there is none, or it is not in the tables. */
export function sectionOf(designation: string | null): HalfSection | null {
  const bearing = findBearing(designation ?? '', catalogue)
  return bearing && halfSection(bearing)
}
