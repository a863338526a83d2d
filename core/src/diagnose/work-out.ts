import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { defectFrequencies, type DefectFrequencies } from './defect-frequencies.ts'
import type { DamageKnowledge } from './knowledge.ts'
import { DamageContext, rankCauses, type Ranking } from './rank-causes.ts'

/** What the other lenses know that speaks for or against a cause. */
export interface KnownFacts {
  kappa: number | null
  loadRatio: number | null
  staticSafety: number | null
  operatingClearanceUm: number | null
  shaftInterferenceUm: number | null
  housingInterferenceUm: number | null
  speedRatio: number | null
  axialOnNonAxialType: boolean
}

/** Everything Diagnose works out of a position, typed. */
export interface DiagnoseOutcome {
  bearing: ResolvedBearing | null
  /** Whether anything was seen, or looked for and not found. */
  begun: boolean
  ranking: Ranking | null
  /** What each sign is called, by its name. */
  signLabels: Readonly<Record<string, string>>
  refusal: InputError | null
  frequencies: DefectFrequencies | null
  speedRpm: number | null
}

export function workOutDiagnose(
  position: RollingPosition,
  lookup: BearingLookup,
  facts: KnownFacts,
  knowledge: DamageKnowledge | null,
): DiagnoseOutcome {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const { seen, notSeen } = position.diagnose
  const begun = seen.length + notSeen.length > 0
  const context = contextOf(position, bearing, facts)
  const ranked =
    begun && knowledge ? attempt(() => rankCauses({ evidence: seen, absent: notSeen, context }, knowledge)) : null
  const speedRpm = runningSpeed(position)?.meanRpm ?? null
  return {
    bearing,
    begun,
    ranking: ranked?.value ?? null,
    signLabels: ranked?.value && knowledge ? labelsOf(ranked.value, knowledge) : {},
    refusal: ranked?.refusal ?? null,
    frequencies: bearing && speedRpm !== null ? frequenciesOf(bearing, speedRpm) : null,
    speedRpm,
  }
}

/** Labels of the signs that a ranking speaks of. */
function labelsOf({ causes }: Ranking, { signs }: DamageKnowledge): Record<string, string> {
  const named = new Set(causes.flatMap(({ because }) => because.map(({ sign }) => sign)))
  return Object.fromEntries(signs.filter(({ sign }) => named.has(sign)).map(({ sign, label }) => [sign, label]))
}

function frequenciesOf({ interior }: ResolvedBearing, speedRpm: number): DefectFrequencies | null {
  const { elements, elementDiameterMm, pitchDiameterMm, contactAngleDeg } = interior
  return attempt(() => defectFrequencies({ elements, elementDiameterMm, pitchDiameterMm, contactAngleDeg, speedRpm }))
    .value
}

/** The facts as the ranking takes them; one beyond what it takes is left out rather than bent. */
function contextOf(
  { grease, float }: RollingPosition,
  bearing: ResolvedBearing | null,
  { axialOnNonAxialType, ...numbers }: KnownFacts,
): Record<string, unknown> {
  const context: Record<string, unknown> = {
    ...numbers,
    axialOnNonAxialType: axialOnNonAxialType || null,
    lockedEnds: float.locatedEnds,
    runningC: grease.runningC,
    cleanliness: grease.cleanliness,
    bearingType: bearing?.row.type ?? null,
  }
  return Object.fromEntries(
    Object.entries(context).filter(
      ([field, value]) =>
        value !== null && DamageContext.shape[field as keyof typeof DamageContext.shape].safeParse(value).success,
    ),
  )
}
