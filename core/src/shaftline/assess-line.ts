import { lookUpBearing, type BearingLookup } from '../catalogue/resolve-bearing.ts'
import type { Catalogue } from '../catalogue/catalogue.ts'
import type { ShaftLine } from '../model/shaft-line.ts'
import type { Check } from '../working/check.ts'
import type { Figure } from '../working/figure.ts'
import { loadsOf } from './apply-loads.ts'
import type { SitePractices } from '../model/site-practices.ts'
import { lineBending, type LineBending, type SupportGive } from './line-bending.ts'
import { lineChecks } from './line-checks.ts'
import { lineFigures } from './line-figures.ts'
import { lineGrowth, type CouplingGap } from './line-growth.ts'
import type { ShaftLoad } from './part-loads.ts'
import { loadCaseOf, type LineSupport } from './support-loads.ts'

/** The judgement of one shaft line: plain data. */
export interface LineAssessment {
  loads: ShaftLoad[]
  supports: (LineSupport & { loadCase: ReturnType<typeof loadCaseOf>; designation: string | null; slides: boolean })[]
  thrustN: number
  bending: LineBending | null
  growth: { growthMm: number; leaveMm: number } | null
  coupling: CouplingGap | null
  /** Which way the shaft grows as drawn; null when nothing or everything is held. */
  growsTo: 'left' | 'right' | null
  figures: Record<string, Figure>
  checks: Check[]
  cautions: string[]
}

/**
 * Everything about one shaft: loads on its bearings, bending, critical speed, growth, and who holds it.
 *
 * @param bearings - designation on each position, by its name; one that is missing is left out of the judgement of types
 * @param practices - those the site goes by
 * @param journals - plain bearings, by the name of their position
 */
export function assessLine(
  line: ShaftLine,
  bearings: ReadonlyMap<string, string>,
  catalogue: Catalogue,
  practices?: SitePractices,
  journals: ReadonlyMap<string, SupportGive> = new Map(),
): LineAssessment {
  const carried = loadsOf(line)
  const lookups = line.supports.map(({ position }) => lookUpBearing(bearings.get(position) ?? '', catalogue))
  const sliding = line.supports.map(({ position }) => journals.get(position))
  const bending = line.supports.length > 1 ? lineBending(line, carried, lookups, sliding) : null
  const grown = lineGrowth(line, practices)
  return {
    loads: carried.loads,
    supports: carried.supports.map((support, index) => ({
      ...support,
      loadCase: loadCaseOf(support),
      designation: designationOf(lookups[index]) ?? sliding[index]?.name ?? null,
      slides: sliding[index] !== undefined,
    })),
    thrustN: carried.thrustN,
    bending,
    growth: grown && { growthMm: grown.growthMm, leaveMm: grown.leaveMm },
    coupling: grown?.coupling ?? null,
    growsTo: grown?.to ?? null,
    figures: lineFigures(line, carried, bending, grown),
    checks: lineChecks(line, carried, bending, grown, lookups),
    cautions: [
      'Lock out and prove dead before you open a machine or turn its shaft by hand.',
      'A model of the shaft: the machine’s drawing, its maker’s manual and the responsible person come first.',
    ],
  }
}

const designationOf = (lookup: BearingLookup | undefined): string | null =>
  lookup?.kind === 'found' ? lookup.bearing.decoded.normal : null
