export { assess, type Assessment } from './assess.ts'
export {
  forAnotherMachine,
  holdsPlain,
  holdsRolling,
  PlainDocument,
  Position,
  RollingDocument,
  type PositionKind,
} from './kinds/position.ts'
export { assessRolling, type RollingAssessment } from './kinds/rolling/assess.ts'
export { lenses, type Lens } from './kinds/rolling/lenses.ts'
export { assessPlain, type PlainAssessment, type PlainOutcomes } from './kinds/plain/assess.ts'
export * from './kinds/plain/choices.ts'
export { plainLenses, type PlainLens } from './kinds/plain/lenses.ts'
export { emptyPlain, PlainPosition, type PlainGroups } from './kinds/plain/position.ts'
export { plainWhatIfs, type PlainWhatIf } from './kinds/plain/what-if.ts'
export { plainSteps, type PlainStep } from './plain/mount/steps.ts'
export { plainOrRolling, PlainOrRollingInput, type PlainOrRolling } from './plain/compare.ts'
export { filmPressure, type FilmPressure } from './plain/film-pressure.ts'
export { plainDamage } from './plain/diagnose/knowledge.ts'
export { plainSignLabels } from './plain/diagnose/assess.ts'
export { whyNotPlain } from './plain/diagnose/work-out.ts'
export { journalSupport, onShaftLine } from './plain/on-shaft.ts'
export { plainWorksOf } from './plain/points.ts'
export { materialByLook, type LookedAt } from './plain/identify/material-by-look.ts'
export { sleeveName } from './plain/identify/figures.ts'
export { workOutIdentify as workOutSleeve } from './plain/identify/work-out.ts'
export type { EndRoom } from './plain/float/work-out.ts'
export type { SleeveSizes } from './plain/identify/work-out.ts'
export type { FieldMeta } from './model/field-meta.ts'
export { quantity } from './model/quantity-field.ts'
export type { Calculation } from './working/calculation.ts'
export { createCalculations, runCalculation, type References } from './calculations.ts'
export { lifeHours, basicRatingLife } from './carry/basic-life.ts'
export { systemLife } from './carry/system-life.ts'
export { wantedLife } from './carry/wanted-life.ts'
export { whatIfs, type WhatIf } from './carry/what-if.ts'
export {
  overallWidth,
  readCatalogue,
  searchCatalogue,
  type Catalogue,
  type CatalogueRow,
  type SizeQuery,
} from './catalogue/catalogue.ts'
export { decodeDesignation, taperOf, type Decoded } from './catalogue/decode-designation.ts'
export { estimateInterior, type InteriorEstimate } from './catalogue/estimate.ts'
export { findBearing, lookUpBearing, type BearingLookup, type ResolvedBearing } from './catalogue/resolve-bearing.ts'
export { readDamageKnowledge, type Cause, type DamageKnowledge, type Sign } from './diagnose/knowledge.ts'
export { attempt, InputError, inputErrorCodes, type InputErrorCode } from './errors/input-error.ts'
export { describeAllowed, fieldSchema, inputErrorOf, type LimitWords, parseInput } from './errors/parse-input.ts'
export {
  bearingTypeNames,
  bearingTypes,
  clearanceClasses,
  closures,
  factsOf,
  isBall,
  lifeExponent,
  type BearingType,
  type ClearanceClass,
  type Closure,
} from './bearing-types/index.ts'
export { Duty, duties, Machine, MachineKind, machineKinds } from './model/machine.ts'
export {
  cageMaterials,
  emptyPosition,
  nothingSeen,
  heatingTools,
  holdings,
  LoadCase,
  loadCases,
  mostOfIdentify,
  ringShapes,
  RollingPosition,
  rollingElements,
  seenThings,
  type SeenThing,
  runningKinds,
  shaftEnds,
  thickenerNames,
  type DutyStep,
  type Holding,
  type RollingGroups,
  type ShaftEnd,
} from './kinds/rolling/position.ts'
export { effectivePosition } from './kinds/rolling/effective.ts'
export { endWords, whichWay, type CapEnd, type EndsOutcome } from './float/ends/index.ts'
export {
  intervalOrigins,
  PointKind,
  pointHousings,
  pointKinds,
  PointOwn,
  PointWork,
  SettledOwn,
} from './round/point.ts'
export { worksOf, type PointWorks } from './round/works-of.ts'
export { oftenSaid, pointPlan, strokesFor, type PointPlan } from './round/plan.ts'
export { dueOf, type PointDue } from './round/due.ts'
export {
  RoundEntry,
  RoundReadings,
  roundReadings,
  skipReasons,
  type RoundReading,
  type SignedRoundEntry,
  type SkipReason,
} from './round/entry.ts'
export { addDays, daysBetween } from './records/days.ts'
export {
  dayInWeek,
  isOverdue,
  levelledMoves,
  mondayOf,
  plannedDay,
  standsIn,
  weekNumber,
  weeksAhead,
  type WeekMark,
  type WeekPoint,
} from './round/weeks.ts'
export { gunCheck, type GunInHand } from './round/gun-check.ts'
export { proposalOf, proposalWords, type Proposal } from './round/learn.ts'
export type { GreaseOutcome } from './grease/work-out.ts'
export { firstFillOf, type FilledIn, type FirstFill } from './grease/first-fill.ts'
export { bathOf, oilInBath, type OilInBath } from './round/oil-in-bath.ts'
export { noticeable, type Noticed } from './round/noticed.ts'
export { seenAt, type ReadAround, type Seen } from './round/observed.ts'
export { reportedSigns } from './round/reported.ts'
export { Reported, reportedKey } from './model/reported.ts'
export { reportedOf } from './diagnose/reported.ts'
export { codeRead, isCodeOf, pointCode } from './round/point-code.ts'
export { lastDoneOf, openPoint, roundProgress, type PointProgress } from './round/progress.ts'
export { pointSteps, type PointSteps } from './round/steps.ts'
export { roundLevel, type LevelledWeeks } from './records/round-level.ts'
export { calibrateGun, type GunCalibration } from './records/calibrate-gun.ts'
export { judgeTrend } from './records/trend/judge-trend.ts'
export { Trend, TrendQuantity, trendQuantities } from './records/trend/schema.ts'
export { roundPlan } from './records/round-plan.ts'
export { purged, type Purged } from './records/adapt-interval.ts'
export { usualHolding } from './catalogue/holding.ts'
export type { JobPosition } from './job/kinds/job-position.ts'
export { composeJob, jobKinds, leftBy } from './job/kinds/index.ts'
export type { JobKindFacts } from './job/kinds/job-kind.ts'
export {
  isOutOfLimits,
  jobProgress,
  type JobProgress,
  type ReadingState,
  type SignedEntry,
  type StepState,
} from './job/job-progress.ts'
export { marksOf, marksText, markWords } from './job/marks.ts'
export { searchSigns } from './diagnose/search-signs.ts'
export { whyNot, type Examined } from './diagnose/examined.ts'
export { parts, partsOfSign, signsOfPart, type Part } from './diagnose/parts.ts'
export { settingOf } from './diagnose/remedies.ts'
export { lookingWords, wayToLook, type WayToLook } from './diagnose/looking.ts'
export { remedyTimes, type PutRight } from './diagnose/put-right.schema.ts'
export { isNamed, type DiagnoseOutcome } from './diagnose/work-out.ts'
export { acceptedDistance, type TrackMatch } from './diagnose/tracks.ts'
export { expectedTracks, type ExpectedTracks } from './diagnose/marks/expected-tracks.ts'
export { otherEndOf, type OtherEnd } from './model/other-end.ts'
export { endsOnShaft, hasShown, type Alike } from './diagnose/together/both-ends.ts'
export { sideOfTrack } from './diagnose/together/side-of-track.ts'
export { pictureLength, type PictureLength } from './diagnose/marks/picture-length.ts'
export { atPitch } from './diagnose/marks/mark-signs.ts'
export { loadedRing, racewaysOf, type Raceway } from './diagnose/marks/raceways.ts'
export {
  facings,
  KnownLength,
  loadAtDeg,
  markKinds,
  mostPinned,
  placeDeg,
  TakenPhoto,
  trackPlaces,
  type Band,
  type Edges,
  type Facing,
  type MarkKind,
  type PaintedMark,
  type PicturePoint,
  type PinnedPhoto,
  type RingName,
  type Surface,
} from './model/painted.ts'
export { edgesOn, evenEdges, mirrored, stroked, takes, withEdges } from './diagnose/marks/paint.ts'
export { doubtOf, type Beside } from './job/doubt.ts'
export { runUpPoints, settledCheck } from './job/settled.ts'
export {
  hasEnded,
  HeatTarget,
  leastSkipReason,
  JobEntry,
  JobKind,
  JobState,
  jobStates,
  JobStep,
  type JobEntryKind,
  type Gives,
  type JobReading,
} from './model/job.ts'
export { heatTarget, isHeated, type MountOutcome, type MountWay } from './mount/work-out.ts'
export { mountingMethods, type MountingMethod } from './mount/methods.ts'
export { heatFor, infraredReading, ringBehind, type HeatedBearing, type RingTemperatures } from './mount/heat-run.ts'
export { warmedFor } from './mount/cold/thaw.ts'
export { coldSteps, coolantWords, partWords } from './mount/cold/words.ts'
export { coolants, type ColdOutcome, type ColdPiece, type Coldness, type Coolant } from './mount/cold/work-out.ts'
export type { ForceOutcome } from './mount/force/work-out.ts'
export { offSteps, pressSteps, torqueWords } from './mount/force/words.ts'
export { minutes as minutesWords } from './words/quantities.ts'
export type { PadOutcome } from './mount/pad/work-out.ts'
export { padCautions, padSteps, surfaceWords } from './mount/pad/words.ts'
export { surfaces } from './mount/pad/surfaces.ts'
export { cooledFor, transferWindow } from './mount/window.ts'
export { inSentence, renderSentence } from './model/sentence.ts'
export {
  formatInput,
  formatNumber,
  formatQuantity,
  fromShown,
  parseQuantity,
  thinSpace,
  toShown,
  unitSpace,
  unitSymbol,
  type Precision,
  type Quantity,
  type UnitSystem,
} from './model/units.ts'
export {
  bySeverity,
  worstOf,
  type Finding,
  type LensAssessment,
  type LensState,
  type PositionState,
} from './working/assessment.ts'
export { verdicts, whens, type Check, type Verdict, type When } from './working/check.ts'
export { fitHistogram, seededRandom, simulateFits, type FitHistogram, type RandomSource } from './seat/simulate-fit.ts'
export { sweep, type SweepLimits, type SweepResult } from './sweep.ts'
export { compareTypes, type TypeForDuty } from './identify/compare-types.ts'
export type { Warmth } from './grease/warmth.ts'
export { applicationOf, isInchSeat } from './seat/work-out.ts'
export { loadsApart, type LoadsApart } from './shaftline/loads-apart.ts'
export { seatAlternatives, type SeatAlternative } from './seat/alternatives.ts'
export { remedies } from './seat/remedies.ts'
export type { Remedy } from './seat/worn-seat.ts'
export { becauseWords, strengthWords } from './diagnose/figures.ts'
export { rankCauses, type Ranking } from './diagnose/rank-causes.ts'
export {
  together as togetherWords,
  findingCautions,
  countedByTrade,
  countedHere,
  percent as percentWords,
} from './diagnose/words.ts'
export { capital, life as lifeWords, longestLifeH } from './words/quantities.ts'
export {
  airWords,
  closureWords,
  holdingWords,
  housingMaterialWords,
  housingWords,
  applicationWords,
  loadCaseWords,
  loadClassWords,
  lubricationWords,
  runningWords,
  shaftMaterialWords,
  thickenerWords,
  toolWords,
  arrangementWords,
  axialWayWords,
  cageWords,
  cleanlinessWords,
  contaminationWords,
  elementWords,
  shapeWords,
  driveWords,
  finishWords,
  inchDutyWords,
  inputWords,
  moistureWords,
  mountHousingWords,
  orientationWords,
  sealMaterialWords,
  shaftEndWords,
  slidingWords,
  standsInWords,
  vibrationWords,
} from './words/vocabulary.ts'
export { numberOf, refusalOf, type Figure, type FigureValue, type Given, type Missing } from './working/figure.ts'
export { withShaftLine } from './shaftline/apply-loads.ts'
export { arrivalChecks, arrivalQuestions, type ArrivalCheck, type ArrivalQuestion } from './shaftline/arrival.ts'
export { shaftLevers, type Lever } from './whole-shaft/levers.ts'
export { referenceSystemH } from './whole-shaft/reference.ts'
export { lifeChecksOf, shaftLife, type ShaftLife } from './whole-shaft/life.ts'
export { assessLine, type LineAssessment } from './shaftline/assess-line.ts'
export { sketchShaft, usualSketch, type ShaftSketch } from './shaftline/templates.ts'
export { firstCriticalRpm, solveBeam } from './shaftline/beam.ts'
export {
  partFields,
  supportFields,
  partKinds,
  ShaftLine,
  ShaftLineFields,
  ShaftPart,
  type Found,
  type LineStep,
  type PartKind,
  type ShaftSection,
  type ShaftSupport,
} from './model/shaft-line.ts'
export { handlingFor, handlingKeys, handlingOfCause, type HandlingKey, type HandlingStage } from './mount/handling.ts'
export { handlingWords } from './mount/words.ts'
export {
  compareNumbers,
  type ComparedLine,
  type ComparedThing,
  type Comparison,
  type Likeness,
} from './identify/compare/compare-numbers.ts'
export { featureWords } from './words/vocabulary.ts'
export { alsoSeen } from './identify/also-seen.ts'
export { slip, type SlipLine } from './identify/slip.ts'
export { readSizes, type SaidSizes } from './identify/compare/read-sizes.ts'
export { replacements, type Replacement, type ReplacementKind } from './identify/compare/replacements.ts'
export { Condition, conditions, StockEntry, StockMoveKind, stockMoveKinds } from './shelf/stock.ts'
export {
  greaseYears,
  judgeShelf,
  sayingTheSame,
  type FittedNumber,
  type ShelfSays,
  type Short,
  type WantedBearing,
} from './shelf/judge-shelf.ts'
export { bestClearance, type BestClearance, type BestClearanceInput } from './inside/best-clearance.ts'
export { grouped } from './tables/grouped.ts'
export { contactsOf, type ContactKind, type ContactOfKind } from './inside/contact-kinds.ts'
export { plainForDuty } from './identify/plain-for-duty.ts'
export {
  collarWords,
  dirtWords,
  formWords,
  grooveWords,
  lookWords,
  lubricationOfPlain,
  materialWords,
  plainInputWords,
  plainClearanceWords,
  ruleWords,
  shockWords,
  sideWords,
  sleeveHousingWords,
  supplyWords,
} from './plain/words.ts'
export { bestClearanceFigure, insideFigures, pressureFigure } from './inside/inside-figures.ts'
export { insideInput, seeInside, type InsideLoad, type SeenInside } from './inside/see-inside.ts'
export { heaviestOf } from './carry/work-out.ts'
export { MakerValues } from './model/maker-values.ts'
export { makersWord } from './catalogue/makers-word.ts'
export { swapBearing, type Swapped } from './swap-bearing.ts'
export { coreVersion } from './core-version.ts'
export { figureText } from './working/figure-text.ts'
export {
  clearancePractices,
  causePractices,
  driftPractices,
  fitPractices,
  growthPractices,
  heatingPractices,
  intervalPractices,
  plainClearancePractices,
  SitePractices,
  type ClearancePractice,
  type CausePractice,
  type DriftPractice,
  type FitPractice,
  type GrowthPractice,
  type HeatingPractice,
  type IntervalPractice,
  type PlainClearancePractice,
} from './model/site-practices.ts'
export {
  baseOils,
  GreaseGun,
  Lubricant,
  nlgiGrades,
  SiteCustoms,
  SiteGivens,
  SiteLimits,
  SiteSettings,
} from './site/settings.ts'
export { gunOf, isLeftOpen, lubricantOf, siteGivens, type SiteGiven } from './site/apply.ts'
export type { PracticeValue } from './working/practice.ts'
export { FittedEntry, endingOf, OutReason, outReasons, outWords } from './fitted/fitted.ts'
export { lifeRecords } from './fitted/lives.ts'
export { DamageFinding, FindingEntry } from './fitted/finding.ts'
export { makeFinding } from './fitted/make-finding.ts'
export { logLife, type LogLife } from './records/log/life.ts'
export { logPareto, paretoGroups, type Pareto } from './records/log/pareto.ts'
export { logRecurrent, type Recurrent } from './records/log/recurrent.ts'
export { hoursAt, runningHours, type RunningHours, type RunningHoursInput } from './records/running-hours.ts'
export { dayNumber } from './records/days.ts'
export { simulateSignal, SimulateInput } from './records/spectrum/simulate.ts'
export { MatchInput, type SpectrumFault, type SpectrumMatch } from './records/spectrum/match.ts'
export { hear, type DrawnSpectrum, type Heard } from './records/spectrum/listen.ts'
export { vibrationSeverity } from './records/vibration-severity.ts'
export { runningSpeed } from './model/running-speed.ts'
