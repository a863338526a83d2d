import { hasNoCage, hasRibs } from '../catalogue/decode-designation.ts'
import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { InputError, Outcome } from '../errors/input-error.ts'
import { attempt } from '../errors/input-error.ts'
import { makersWord } from '../catalogue/makers-word.ts'
import { holdingOf } from '../catalogue/holding.ts'
import { factsOf, lifeExponent, speedLimit } from '../bearing-types/index.ts'
import type { Machine } from '../model/machine.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { Missing } from '../working/figure.ts'
import { actingLoads, type ActingLoad } from './acting-load.ts'
import { basicRatingLife, lifeHours } from './basic-life.ts'
import { equivalentLoad, type EquivalentLoad } from './equivalent-load.ts'
import { loadSpectrum } from './load-spectrum.ts'
import { modifiedLife, type ModifiedLife } from './modified-life.ts'
import { runningFilm, type RunningFilm } from '../lubrication/running-film.ts'
import { racewayShare } from './raceway.ts'
import { runningSpeed } from '../model/running-speed.ts'
import { axialLimits, type AxialLimit } from './axial-limits.ts'
import { preloadForce, runningPlayMm } from './preload.ts'
import { wantedLife } from './wanted-life.ts'
import { firstEnd, ownGreaseLife, type End } from './what-ends.ts'
import type { GreaseLife } from '../running/grease-life.ts'

export { isSealedForLife } from './what-ends.ts'

/** Ratings the lens works with: the maker’s where they are given, else the estimates. */
export interface Ratings {
  dynamicN: number
  /** Share of C that a soft raceway on the shaft leaves; already in `dynamicN`. */
  racewayShare: number
  staticN: number
  dynamicEstimated: boolean
  staticEstimated: boolean
}

export interface Life {
  millionRevs: number
  hoursH: number | null
  /** P is above C: there is no life to speak of. */
  beyondRating: boolean
}

/** What the loads of all steps come to. */
export interface Carrying {
  acting: ActingLoad[]
  /** Equivalent load of each step. */
  each: EquivalentLoad[]
  /** Equivalent load of the whole duty, N. */
  equivalentN: number
  /** Worst of the steps, N; 0 where nothing is on it. */
  staticEquivalentN: number
  belowMinimum: boolean
}

/** Everything Carry works out of a position, as numbers: figures and checks are made from it. */
export interface CarryOutcome {
  bearing: ResolvedBearing | null
  missing: { load: Missing[]; life: Missing[] }
  ratings: Ratings | null
  carrying: Carrying | null
  refusal: InputError | null
  life: Life | null
  wantedH: number
  /** Preload of the pair as it runs, mm, the force it makes, and whether it is there to guide; null for a pair with play and for a single bearing. */
  preload: { mm: number; forceN: number; guides: boolean } | null
  /** Parts that give way under axial load before the raceways do. */
  axialLimits: AxialLimit[]
  film: Outcome<RunningFilm>
  modified: Outcome<ModifiedLife>
  /** How long the maker's grease lasts; null for a bearing that is greased again, and while that is not known. */
  ownGrease: Outcome<GreaseLife> | null
  /** Pitch diameter times speed, and the limit it is held to, mm/min; the limiting speed where a maker's list gives one. */
  speed: { ndm: number; limit: number; ratio: number; makersRpm: number | null } | null
}

const nothing = { value: null, refusal: null }

/** Works a position through Carry without wording anything: what a sweep and a what-if need. */
export function workOutCarry(position: RollingPosition, machine: Machine, lookup: BearingLookup): CarryOutcome {
  const bearing = lookup.kind === 'found' ? lookup.bearing : null
  const missing = missingInputs(position, bearing)
  const ratings = bearing ? ratingsOf(position, bearing) : null
  const preload = bearing ? preloadOf(position, bearing, machine) : null
  const loaded =
    bearing && ratings && missing.load.length === 0
      ? attempt(() => carry(position, bearing, ratings, preload?.forceN ?? 0))
      : nothing
  const carrying = loaded.value
  const speed = runningSpeed(position)
  const life = carrying && ratings && bearing ? lifeOf(bearing, ratings, carrying, speed?.meanRpm ?? null) : null
  const film = bearing ? attempt(() => runningFilm(position, bearing)) : nothing
  return {
    bearing,
    missing,
    ratings,
    carrying,
    refusal: loaded.refusal,
    life,
    preload,
    axialLimits:
      bearing && ratings && carrying
        ? axialLimits(
            position,
            bearing,
            ratings.staticN,
            Math.max(...carrying.acting.map(({ radialN }) => radialN)),
            speed?.meanRpm ?? null,
          )
        : [],
    wantedH: position.load.wantedLifeH ?? wantedLife(machine.duty).wantedH,
    film,
    modified:
      bearing && ratings && carrying && life?.hoursH != null && speed
        ? modifiedOf(position, bearing, ratings, carrying, film, speed.meanRpm)
        : nothing,
    ownGrease: bearing && life ? ownGreaseLife(position, bearing, speed, loadRatioOf({ carrying, ratings })) : null,
    speed:
      bearing && speed
        ? speedOf(position, bearing, speed.highestRpm, makersWord(position, machine)?.limitingRpm ?? null)
        : null,
  }
}

/** Speed against the maker's limit for this bearing, else against what its type stands. */
function speedOf(
  { grease }: RollingPosition,
  { row, interior, decoded }: ResolvedBearing,
  speedRpm: number,
  makersRpm: number | null,
): CarryOutcome['speed'] {
  const { pitchDiameterMm } = interior
  const closure = decoded.closedSides > 0 ? decoded.closure : 'open'
  const limit =
    makersRpm === null
      ? speedLimit(row.type, grease.lubrication, { closure, fullComplement: hasNoCage(decoded) })
      : pitchDiameterMm * makersRpm
  const ndm = pitchDiameterMm * speedRpm
  return { ndm, limit, ratio: ndm / limit, makersRpm }
}

/** Life that the verdict rests on: with film and dirt where they are known. */
export const judgedLife = ({ life, modified }: CarryOutcome): number | null =>
  modified.value?.hoursH ?? life?.hoursH ?? null

/** What ends it first, fatigue or its own grease; null while its life is not known. */
export function endOf(outcome: CarryOutcome): End | null {
  const fatigueH = judgedLife(outcome)
  return fatigueH === null ? null : firstEnd(fatigueH, outcome.ownGrease?.value?.hoursH ?? null)
}

function missingInputs({ load }: RollingPosition, bearing: ResolvedBearing | null): CarryOutcome['missing'] {
  const loadMissing: Missing[] = []
  const steady = load.steps.length === 0
  if (!bearing) loadMissing.push({ field: 'bearing.designation', label: 'the bearing' })
  if (steady && load.radialN === null) loadMissing.push({ field: 'load.radialN', label: 'the radial load' })
  if (steady && load.axialN === null)
    loadMissing.push({ field: 'load.axialN', label: 'the axial load, 0 if there is none' })
  if (load.arrangement !== 'single' && load.partnerRadialN === null)
    loadMissing.push({ field: 'load.partnerRadialN', label: 'the load on the other of the pair' })
  const life = [...loadMissing]
  if (steady && load.speedRpm === null) life.push({ field: 'load.speedRpm', label: 'the speed' })
  return { load: loadMissing, life }
}

function ratingsOf(position: RollingPosition, bearing: ResolvedBearing): Ratings {
  const { makerDynamicN, makerStaticN } = position.bearing
  const { interior } = bearing
  // Where the rollers run on the shaft, a soft one takes from the rating.
  const onShaft = holdingOf(position, bearing) === 'no-inner-ring' && position.seat.racewayHrc !== null
  const share = onShaft ? racewayShare(position.seat.racewayHrc ?? 0) : 1
  return {
    dynamicN: (makerDynamicN ?? interior.dynamicRatingN) * share,
    racewayShare: share,
    staticN: makerStaticN ?? interior.staticRatingN,
    dynamicEstimated: makerDynamicN === null,
    staticEstimated: makerStaticN === null,
  }
}

/** Equivalent load of every step, and of them all together. @throws InputError */
function carry(position: RollingPosition, bearing: ResolvedBearing, ratings: Ratings, preloadN: number): Carrying {
  const stepped = position.load.steps.length > 0
  const acting = actingLoads(position, bearing, preloadN)
  // No load wears nothing and is refused by the formula; a step without one counts in time only.
  const each = acting.map((one) => (one.radialN + one.axialN === 0 ? unloaded : equivalentOf(one, bearing, ratings)))
  const [only] = each
  return {
    acting,
    each,
    equivalentN:
      !stepped && only
        ? only.equivalentN
        : loadSpectrum({
            bearingType: bearing.row.type,
            steps: acting.map(({ speedRpm, share }, index) => ({
              equivalentN: each[index]?.equivalentN ?? 0,
              speedRpm: speedRpm ?? 0,
              share,
            })),
          }).equivalentN,
    staticEquivalentN: Math.max(...each.map(({ staticEquivalentN }) => staticEquivalentN)),
    belowMinimum: each.some(({ belowMinimum }) => belowMinimum),
  }
}

/** The load of the duty that asks most of the bearing. */
export const heaviestOf = ({ acting, each }: Carrying): ActingLoad | null =>
  acting.reduce<[ActingLoad | null, number]>(
    (most, one, index) => {
      const equivalentN = each[index]?.equivalentN ?? 0
      return most[0] === null || equivalentN > most[1] ? [one, equivalentN] : most
    },
    [null, 0],
  )[0]

const unloaded: EquivalentLoad = { equivalentN: 0, e: null, x: 1, y: 0, staticEquivalentN: 0, belowMinimum: true }

/** Equivalent load of one bearing under one load, its ribs and its pair taken in. @throws InputError */
export function equivalentOf(
  load: ActingLoad,
  { row, interior, decoded }: ResolvedBearing,
  ratings: Ratings,
): EquivalentLoad {
  const ribbed = hasRibs(decoded)
  const { takesF0, pairs } = factsOf(row.type)
  const result = equivalentLoad({
    bearingType: row.type,
    radialN: load.radialN,
    axialN: load.axialN,
    staticRatingN: ratings.staticN,
    // Groups of balls that ISO 76 gives no radial f0 for do not ask for one.
    f0: takesF0 ? interior.f0 : undefined,
    contactAngleDeg: interior.contactAngleDeg,
    // Double row angular contact bearings are made back to back.
    arrangement: pairs && interior.rows === 2 ? 'back-to-back' : 'single',
    ribs: ribbed ? 'both-rings' : 'none',
    dynamicRatingN: ratings.dynamicN,
  })
  if (load.ownN === null) return result
  // The force a bearing makes itself is in its radial rating already; a pair never carries less than its radial load.
  const pushed = load.axialN > load.ownN * (1 + 1e-9)
  const equivalentN = pushed ? Math.max(result.equivalentN, load.radialN) : load.radialN
  return { ...result, equivalentN, ...(pushed ? {} : { x: 1, y: 0 }) }
}

/** The preload of a pair as it runs and what it squeezes with; null where there is none. */
function preloadOf(position: RollingPosition, bearing: ResolvedBearing, { kind }: Machine): CarryOutcome['preload'] {
  const playMm = factsOf(bearing.row.type).adjusted ? runningPlayMm(position, bearing) : null
  return playMm !== null && playMm < 0
    ? { mm: -playMm, forceN: preloadForce(bearing, -playMm), guides: kind === 'spindle' }
    : null
}

/** P/C; null while it is not known. */
export const loadRatioOf = ({ carrying, ratings }: Pick<CarryOutcome, 'carrying' | 'ratings'>): number | null =>
  carrying && ratings ? carrying.equivalentN / ratings.dynamicN : null

/** C0/P0; null while it is not known, and where nothing is on it. */
export const staticSafetyOf = ({ carrying, ratings }: CarryOutcome): number | null =>
  carrying && ratings && carrying.staticEquivalentN > 0 ? ratings.staticN / carrying.staticEquivalentN : null

/** Null where nothing is on it: then there is no life to speak of. */
function lifeOf(
  { row }: ResolvedBearing,
  ratings: Ratings,
  { equivalentN }: Carrying,
  speedRpm: number | null,
): Life | null {
  if (equivalentN === 0) return null
  const beyondRating = equivalentN > ratings.dynamicN
  const millionRevs = beyondRating ? 0 : basicRatingLife(ratings.dynamicN, equivalentN, lifeExponent(row.type))
  const hoursH = speedRpm === null || beyondRating ? null : lifeHours(millionRevs, speedRpm)
  return { millionRevs, hoursH, beyondRating }
}

/** Viscosity ratio below which ISO 281 knows no film. */
export const leastKappa = 0.1
/** Pitch diameter times speed under which a bearing crawls: it lives by additives and static safety, mm/min. */
const crawlNdm = 20_000
export const isCrawling = (pitchDiameterMm: number, speedRpm: number): boolean => pitchDiameterMm * speedRpm < crawlNdm

function modifiedOf(
  { grease, load }: RollingPosition,
  { row, interior }: ResolvedBearing,
  ratings: Ratings,
  { equivalentN }: Carrying,
  film: Outcome<RunningFilm>,
  speedRpm: number,
): Outcome<ModifiedLife> {
  const { cleanliness, lubrication } = grease
  if (cleanliness === null) return nothing
  if (!film.value) return { value: null, refusal: film.refusal }
  const { viscosityCst, neededCst, kappa } = film.value
  const crawls = kappa < leastKappa && isCrawling(interior.pitchDiameterMm, speedRpm)
  return attempt(() =>
    modifiedLife({
      bearingType: row.type,
      dynamicRatingN: ratings.dynamicN,
      staticRatingN: ratings.staticN,
      equivalentN,
      speedRpm: Math.max(speedRpm, 1),
      pitchDiameterMm: interior.pitchDiameterMm,
      // At a crawl no film is wanted: the life is then taken at the least the method knows.
      viscosityCst: crawls ? leastKappa * neededCst * (1 + 1e-9) : viscosityCst,
      cleanliness,
      lubrication,
      reliabilityPercent: load.reliabilityPercent ?? 90,
    }),
  )
}
