import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { factsOf } from '../bearing-types/index.ts'
import { attempt, type InputError } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Band } from '../model/painted.ts'
import type { Machine } from '../model/machine.ts'
import type { CausePractice } from '../model/site-practices.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { defectFrequencies, type DefectFrequencies } from './defect-frequencies.ts'
import { examinedOf, whyNot, type Examined } from './examined.ts'
import type { DamageKnowledge } from './knowledge.ts'
import { signsOfBands, signsOfRings } from './marks/band-signs.ts'
import { signsOfMarks, type PaintedSign } from './marks/mark-signs.ts'
import { tracksOfBands } from './marks/painted-tracks.ts'
import { loadedRing, racewaysOf, turningRing } from './marks/raceways.ts'
import { ownCauses, type OwnCauses } from './own-causes.ts'
import { signOfEndPlay } from './end-play.ts'
import { alikeAt, endsOnShaft, signsOfAlike, type Alike } from './together/both-ends.ts'
import { signsOfPair } from './together/pair.ts'
import { DamageContext, rankCauses, type Ranking } from './rank-causes.ts'
import type { ExpectedTracks } from './marks/expected-tracks.ts'
import { acceptedDistance, matchTracks, tracksApart, type TrackMatch } from './tracks.ts'

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
  /** Thrust on it is part of the duty. */
  carriesThrust: boolean
  /** Tracks it should show; worked out only where some were painted. */
  expected: () => Pick<ExpectedTracks, 'bands'> | null
  /** Rows of any bearing; asked of other ends that show something. */
  rowsOf: (designation: string) => number
}

/** Everything Diagnose works out of a position, typed. */
export interface DiagnoseOutcome {
  bearing: ResolvedBearing | null
  examined: Examined | null
  /** Whether anything was seen, or looked for and not found. */
  begun: boolean
  /** Signs that were painted or measured, with their place. */
  painted: PaintedSign[]
  /** Signs entered that a bearing like this cannot have, and why; they do not count. */
  impossible: { sign: string; why: string }[]
  /** What the other ends of the shaft show as well. */
  alike: Alike[]
  /** Painted tracks against known patterns, nearest first; null until both rings are painted. */
  trackMatch: TrackMatch[] | null
  /** Tracks it should show, which painted ones were held against; null where none were. */
  expected: Band[] | null
  /** Painted tracks are those that this position should show. */
  asExpected: boolean
  ranking: Ranking | null
  /** The chances of the same evidence by the other way of counting causes, where the plant has findings enough. */
  beside: { by: CausePractice; findings: number; chances: Readonly<Record<string, number>> } | null
  /** What each sign is called, by its name. */
  signLabels: Readonly<Record<string, string>>
  refusal: InputError | null
  frequencies: DefectFrequencies | null
  speedRpm: number | null
}

export function workOutDiagnose(
  position: RollingPosition,
  machine: Machine,
  lookup: BearingLookup,
  facts: KnownFacts,
  knowledge: DamageKnowledge | null,
): DiagnoseOutcome {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const examined = bearing && examinedOf(position, machine, bearing)
  const { seen, notSeen, bands, marks, mateBands, mateMarks } = position.diagnose
  const tracks = tracksOfBands(bands, turningRing(position.seat.loadCase))
  const trackMatch = tracks && matchTracks(tracks)
  const expected = tracks && (facts.expected()?.bands ?? [])
  const should = tracks && expected && tracksOfBands(expected, tracks.rotatingRing)
  const asExpected = tracks !== null && should !== null && tracksApart(tracks, should) <= likeExpected
  const own = { ...position.diagnose, designation: position.bearing.designation, loadCase: position.seat.loadCase }
  const alike = alikeAt(own, endsOnShaft(machine), facts.rowsOf)
  const painted = bearing
    ? eachOnce([...paintedOn(position, bearing, trackMatch?.[0] ?? null, asExpected), ...signsOfAlike(alike)])
    : []
  const why = (sign: string) => (examined ? whyNot(sign, examined) : null)
  const impossible = [...seen, ...notSeen].flatMap((sign) => {
    const reason = why(sign)
    return reason === null ? [] : [{ sign, why: reason }]
  })
  const begun = seen.length + notSeen.length + painted.length + [bands, marks, mateBands, mateMarks].flat().length > 0
  // Thrust that belongs to the duty leaves its track where it should be.
  const rightHere = asExpected || (trackMatch?.[0]?.condition === 'pure-axial' && facts.carriesThrust)
  const possible = (sign: string) => why(sign) === null
  const evidence = [...seen, ...painted.map(({ sign }) => sign).filter((sign) => !notSeen.includes(sign))]
  const input = {
    evidence: evidence.filter(possible),
    absent: notSeen.filter(possible),
    context: contextOf(position, machine, bearing, facts),
    ...(tracks && !rightHere ? { tracks: { ...tracks } } : {}),
  }
  const here = begun && knowledge ? ownCauses(machine.causesFound ?? {}, knowledge.causes) : null
  const byPlant = here !== null && machine.practices?.causes === 'plant'
  const rankBy = (known: DamageKnowledge, shares: OwnCauses | null) =>
    rankCauses(input, known, (sign) => !possible(sign), shares?.priors)
  const ranked = begun && knowledge ? attempt(() => rankBy(knowledge, byPlant ? here : null)) : null
  const other = ranked?.value && knowledge && here ? rankBy(knowledge, byPlant ? null : here) : null
  const speedRpm = runningSpeed(position)?.meanRpm ?? null
  return {
    bearing,
    examined,
    begun,
    painted,
    alike,
    impossible,
    trackMatch,
    expected,
    asExpected,
    ranking: ranked?.value ?? null,
    beside: other && here && { by: byPlant ? 'trade' : 'plant', findings: here.findings, chances: chancesOf(other) },
    signLabels: ranked?.value && knowledge ? labelsOf(ranked.value, knowledge) : {},
    refusal: ranked?.refusal ?? null,
    frequencies: bearing && speedRpm !== null ? frequenciesOf(bearing, speedRpm) : null,
    speedRpm,
  }
}

const chancesOf = ({ causes }: Ranking): Record<string, number> =>
  Object.fromEntries(causes.map(({ cause, probability }) => [cause, probability]))

/** Tracks as near as this to those a position should show are as they should be. */
const likeExpected = 0.12

/** What was painted and measured on it, as signs. */
function paintedOn(
  position: RollingPosition,
  bearing: ResolvedBearing,
  nearest: TrackMatch | null,
  asExpected: boolean,
): PaintedSign[] {
  const { bands, marks, endPlayFoundMm } = position.diagnose
  const grooves = factsOf(bearing.row.type).grooves
  const play = factsOf(bearing.row.type).adjusted ? signOfEndPlay(endPlayFoundMm, position.float.endPlayMm) : null
  return [
    ...signsOfMarks(marks, racewaysOf(bearing, position.seat.loadCase)),
    // Both rings together say more than each: only where they are like nothing known does each speak for itself.
    ...(asExpected ? [{ sign: 'track-as-expected', where: 'as this position should show it' }] : []),
    ...(asExpected || (nearest && isNamed(nearest)) ? [] : signsOfRings(bands, turningRing(position.seat.loadCase))),
    ...(asExpected ? [] : signsOfBands(bands, grooves !== null && grooves.outer !== 'sphere')),
    ...(play ? [play] : []),
    ...(position.load.arrangement === 'single' ? [] : pairOn(position, bearing)),
  ]
}

const pairOn = ({ diagnose, seat }: RollingPosition, bearing: ResolvedBearing): PaintedSign[] =>
  signsOfPair(
    diagnose.bands,
    { bands: diagnose.mateBands, marks: diagnose.mateMarks },
    racewaysOf(bearing, seat.loadCase),
    loadedRing(seat.loadCase),
  )

/** A sign that was found twice stands where it was found first. */
const eachOnce = (painted: readonly PaintedSign[]): PaintedSign[] => [
  ...new Map(painted.toReversed().map((one) => [one.sign, one])).values(),
]

/** Whether the pattern of painted tracks is near enough to be named. */
export const isNamed = ({ distance }: TrackMatch): boolean => distance <= acceptedDistance

/** Labels of the signs and facts that a ranking speaks of. */
function labelsOf({ causes }: Ranking, { signs, facts }: DamageKnowledge): Record<string, string> {
  const named = new Set(causes.flatMap(({ because }) => because.map(({ sign }) => sign)))
  const all = [...signs.map(({ sign, label }) => [sign, label]), ...facts.map(({ fact, label }) => [fact, label])]
  return Object.fromEntries(all.filter(([name = '']) => named.has(name))) as Record<string, string>
}

function frequenciesOf({ interior }: ResolvedBearing, speedRpm: number): DefectFrequencies | null {
  const { elements, elementDiameterMm, pitchDiameterMm, contactAngleDeg } = interior
  return attempt(() => defectFrequencies({ elements, elementDiameterMm, pitchDiameterMm, contactAngleDeg, speedRpm }))
    .value
}

/** The facts as the ranking takes them; one beyond what it takes is left out rather than bent. */
function contextOf(
  { grease, float, load }: RollingPosition,
  machine: Machine,
  bearing: ResolvedBearing | null,
  { axialOnNonAxialType, carriesThrust: _thrust, expected: _tracks, rowsOf: _rows, ...numbers }: KnownFacts,
): Record<string, unknown> {
  const allowedDeg = bearing ? factsOf(bearing.row.type).abilities.misalignDeg : 0
  const context: Record<string, unknown> = {
    ...numbers,
    axialOnNonAxialType: axialOnNonAxialType || null,
    lockedEnds: float.locatedEnds,
    runningC: grease.runningC,
    cleanliness: grease.cleanliness,
    bearingType: bearing?.row.type ?? null,
    misalignmentRatio: load.misalignDeg !== null && allowedDeg > 0 ? load.misalignDeg / allowedDeg : null,
    drive: driveOf(machine),
  }
  return Object.fromEntries(
    Object.entries(context).filter(
      ([field, value]) =>
        value !== null && DamageContext.shape[field as keyof typeof DamageContext.shape].safeParse(value).success,
    ),
  )
}

/** What drives or is driven by the shaft, where somebody has drawn it. */
function driveOf({ shaft }: Machine): string | null {
  const kinds = new Set(shaft?.parts.map(({ kind }) => kind))
  if (kinds.has('pulley')) return 'belt'
  if (kinds.has('gear')) return 'gear'
  return kinds.has('coupling') ? 'coupling' : null
}
