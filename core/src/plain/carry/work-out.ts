import { wantedLife } from '../../carry/wanted-life.ts'
import { attempt, type Outcome } from '../../errors/input-error.ts'
import { parseInput } from '../../errors/parse-input.ts'
import { sideDegrees } from '../../kinds/plain/choices.ts'
import type { PlainPosition } from '../../kinds/plain/position.ts'
import type { Duty, Machine } from '../../model/machine.ts'
import { airMPerS } from '../../running/cooling.ts'
import type { Missing } from '../../working/figure.ts'
import { balance } from '../balance.ts'
import { BalanceInput, type Balance } from '../balance.schema.ts'
import { bush, BushInput, filmFromMPerS, type Bush, type RankedBush } from '../bush.ts'
import { film } from '../film.ts'
import { clearanceOf, type ColdClearance } from '../clearance.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import { sliding } from '../sliding.ts'
import { startsOf, type Starts } from './starts.ts'

/** A bush whose housing nobody has measured runs so much above its room, K. @see sleeve.bush, reading notes */
const usualRiseK = 20

/** Running hours of a year by duty: what a wearing bush is asked to last where nobody says. */
const yearH: Record<Duty, number> = {
  'short-use': 500,
  intermittent: 1500,
  'one-shift': 2000,
  'round-the-clock': 8000,
  'main-process': 8000,
  spindle: 2000,
}

/** How warm journal, bush and housing run, °C. */
export interface Warm {
  journalC: number
  bushC: number
  housingC: number
  from: 'measured' | 'film' | 'room'
}

export interface CarryOutcome {
  missing: Missing[]
  speedRpm: number | null
  /** It swings; the speed is that of its swings. */
  swings: boolean
  slides: ReturnType<typeof sliding> | null
  /** A film carries it, or shall: oil comes, and it is fast enough. */
  onFilm: boolean
  clearance: ColdClearance | null
  roughnessUm: number
  balance: Outcome<Balance> | null
  /** A groove in the loaded part makes two short bearings of one: the film of each, µm; null where it is whole. */
  halvedUm: number | null
  /** Oil comes in where the journal is pressed. */
  feedInLoad: boolean
  /** From the oil inlet to the load line, with the rotation, degrees. */
  feedAheadDeg: number | null
  /** Film that is judged, µm. */
  filmUm: number | null
  starts: Starts | null
  bush: Outcome<Bush> | null
  /** Its own material among the ranked. */
  use: RankedBush | null
  /** Why its own material is not for this duty. */
  excluded: Bush['excluded'][number]['reason'] | null
  warm: Warm | null
  wantedH: number
  /** It wears: hours to the limit, and its spread; null where nothing wears it out or it is over its limits. */
  wear: { lifeH: number; lowH: number; highH: number; limitMm: number; by: 'rubbing' | 'starts' } | null
}

/** Share of a limit at which the load zone begins before the load line, and ends after it, degrees. */
const [zoneBefore, zoneAfter] = [60, 40]

/** Whether the bearing carries: by its film where oil makes one, by pressure, speed and wear where it rubs. */
export function workOutCarry(position: PlainPosition, machine: Machine, identify: IdentifyOutcome): CarryOutcome {
  const { load, oil, bearing } = position
  const { sizes, name, material } = identify
  const speedRpm = speedOf(load)
  const missing: Missing[] = [
    ...identify.missing,
    ...(load.radialN === null || load.radialN === 0 ? [{ field: 'load.radialN', label: 'the radial load' }] : []),
    ...(speedRpm === null ? [{ field: 'load.speedRpm', label: 'the speed' }] : []),
    ...(oil.lubrication === null ? [{ field: 'oil.lubrication', label: 'how it is lubricated' }] : []),
  ]
  const slides =
    sizes && speedRpm !== null && load.radialN !== null
      ? sliding({ journalDiameterMm: sizes.journalMm, lengthMm: sizes.lengthMm, loadN: load.radialN, speedRpm })
      : null
  const onFilm =
    oil.lubrication === 'oil-fed' && oil.supply !== 'wick' && slides !== null && slides.velocityMPerS >= filmFromMPerS && load.swingDeg === null
  const wants = onFilm && oil.nu40Cst === null ? [{ field: 'oil.nu40Cst', label: 'the oil at {40 °C}' }] : []
  const feedWants = onFilm && oil.supply === 'feed' && oil.inletC === null ? [{ field: 'oil.inletC', label: 'the oil as it is fed' }] : []
  const clearance = sizes && clearanceOf(position, machine, material, sizes.journalMm)
  const roughnessUm = roughnessOf(position.seat.journalRaUm)
  const whole = missing.length + wants.length + feedWants.length === 0
  const solved = onFilm && whole && sizes && clearance && speedRpm !== null
    ? attempt(() => balance(parseInput(BalanceInput, balanceInput(position, sizes, clearance.coldMm, speedRpm, roughnessUm)))) // prettier-ignore
    : null
  const feedAheadDeg = aheadOf(bearing.feedDeg, load.towards)
  const feedInLoad = feedAheadDeg !== null && load.turning === 'stands' && inZone(feedAheadDeg, load.bothWays)
  const cut = load.turning === 'stands' && (bearing.groove === 'circumferential' || bearing.groove === 'figure-eight' || (bearing.groove === 'axial' && feedInLoad))
  const halvedUm = cut && solved?.value && sizes && clearance && speedRpm !== null
    ? halvedFilm(position, solved.value, sizes, clearance.coldMm, speedRpm, roughnessUm)
    : null
  const warm = warmOf(position, solved?.value ?? null)
  // Materials are ranked for the duty before one is chosen.
  const asked = missing.every(({ field }) => field === 'bearing.material')
  const worked = asked && sizes && speedRpm !== null && warm
    ? attempt(() => bush(bushInput(position, { ...sizes, material: name }, speedRpm, warm.housingC)))
    : null
  const use = worked?.value?.ranked.find((one) => one.material === name) ?? null
  const filmUm = halvedUm ?? solved?.value?.minFilmUm ?? null
  const starts = solved?.value && sizes && clearance && material && speedRpm !== null && slides
    ? startsOf({ position, material, sizes, clearanceMm: clearance.coldMm, speedRpm, roughnessUm, viscosityMPas: solved.value.viscosityMPas, pressureMPa: slides.pressureMPa }) // prettier-ignore
    : null
  return {
    missing: [...missing, ...wants, ...feedWants],
    speedRpm,
    swings: load.swingDeg !== null,
    slides,
    onFilm,
    clearance,
    roughnessUm,
    balance: solved,
    halvedUm,
    feedInLoad,
    feedAheadDeg,
    filmUm,
    starts,
    bush: worked,
    use,
    excluded: worked?.value?.excluded.find((one) => one.material === name)?.reason ?? null,
    warm,
    wantedH: load.wantedLifeH ?? (onFilm ? wantedLife(machine.duty).wantedH : yearH[machine.duty]),
    wear: wearOf(onFilm, solved?.value ?? null, starts, use),
  }
} // prettier-ignore

/** Speed, r/min; of a swing that of as much way turned. */
function speedOf({ speedRpm, swingDeg, swingsPerMin }: PlainPosition['load']): number | null {
  if (swingDeg !== null) return swingsPerMin === null ? null : (4 * swingDeg * swingsPerMin) / 360
  return speedRpm === null || speedRpm === 0 ? null : speedRpm
}

/** Finish of a bush after running in, Rq, µm; the journal where nobody has measured it; Rq over Ra. */
const [bushRq, journalRq, rqOverRa] = [0.9, 0.4, 1.25]
const roughnessOf = (raUm: number | null): number =>
  raUm === null ? 1 : Math.hypot(bushRq, Math.max(journalRq / 4, rqOverRa * raUm))

/** From the oil inlet to the load line with the rotation, 0 to 360°; null where nobody says where oil comes in. */
const aheadOf = (feedDeg: number | null, towards: PlainPosition['load']['towards']): number | null =>
  feedDeg === null ? null : (sideDegrees[towards] - feedDeg + 720) % 360

const inZone = (aheadDeg: number, bothWays: boolean): boolean =>
  aheadDeg < zoneBefore || aheadDeg > 360 - (bothWays ? zoneBefore : zoneAfter)

type Sizes = NonNullable<IdentifyOutcome['sizes']>

/** A journal as its balance is asked for. @param speedRpm - as it turns */
export function balanceInput(
  { oil, load }: PlainPosition,
  { journalMm, lengthMm }: Sizes,
  clearanceMm: number,
  speedRpm: number,
  roughnessUm: number,
) {
  const supply = oil.supply === 'wick' ? 'bath' : oil.supply
  return {
    journalDiameterMm: journalMm,
    lengthMm,
    diametralClearanceMm: clearanceMm,
    loadN: load.radialN,
    speedRpm,
    roughnessUm,
    supply,
    nu40Cst: oil.nu40Cst,
    ...(oil.viscosityIndex === null ? {} : { viscosityIndex: oil.viscosityIndex }),
    ...(supply === 'feed' && oil.inletC !== null ? { inletC: oil.inletC } : {}),
    ...(supply === 'feed' && oil.feedLPerMin !== null ? { feedFlowLPerMin: oil.feedLPerMin } : {}),
    ...(oil.roomC === null ? {} : { ambientC: oil.roomC }),
    airSpeedMPerS: airMPerS[oil.air],
    housing: oil.standsIn,
  }
}

function bushInput(
  { load, oil, seat }: PlainPosition,
  { journalMm, lengthMm, material }: Sizes & { material: string | null },
  speedRpm: number,
  temperatureC: number,
) {
  return parseInput(BushInput, {
    journalDiameterMm: journalMm,
    lengthMm,
    loadN: load.radialN,
    speedRpm,
    lubrication: oil.lubrication,
    temperatureC,
    shock: load.shock,
    dirt: oil.dirt,
    food: load.food,
    loadRotates: load.turning === 'turns',
    housingMaterial: seat.housingMaterial,
    housingOdMm: seat.housingOdMm ?? 0,
    ...(material === null ? {} : { material }),
  })
}

/** Film of each half of a bearing that a groove has cut in two, at the temperature of the whole, µm. */
function halvedFilm(
  { load }: PlainPosition,
  { viscosityMPas }: Balance,
  { journalMm, lengthMm }: Sizes,
  diametralClearanceMm: number,
  speedRpm: number,
  roughnessUm: number,
): number | null {
  const half = { lengthMm: lengthMm / 2, loadN: (load.radialN ?? 0) / 2 }
  return attempt(() => film({ journalDiameterMm: journalMm, diametralClearanceMm, speedRpm, viscosityMPas, roughnessUm, ...half })).value?.minFilmUm ?? null
} // prettier-ignore

function warmOf({ oil, float }: PlainPosition, solved: Balance | null): Warm | null {
  const housing = float.housingC ?? oil.housingC
  const room = oil.roomC
  const housingC = housing ?? solved?.housingC ?? (room === null ? null : room + usualRiseK)
  if (housingC === null) return null
  // A housing that was measured is as warm as it is; the film above it is as the balance has it.
  const over = solved ? solved.filmC - solved.housingC : 0
  const bushC = oil.metalC ?? housingC + over / 2
  return {
    journalC: float.shaftC ?? Math.max(housingC + over, bushC),
    bushC,
    housingC,
    from: housing !== null ? 'measured' : solved ? 'film' : 'room',
  }
}

function wearOf(onFilm: boolean, solved: Balance | null, starts: Starts | null, use: RankedBush | null): CarryOutcome['wear'] {
  if (onFilm && solved?.regime === 'full-film')
    return starts && { lifeH: starts.lifeH, lowH: starts.lowH, highH: starts.highH, limitMm: starts.limitMm, by: 'starts' }
  if (!use || use.lifeH === null) return null
  return {
    lifeH: use.lifeH,
    lowH: use.lifeLowH ?? use.lifeH,
    highH: use.lifeHighH ?? use.lifeH,
    limitMm: use.wearLimitMm ?? 0,
    by: 'rubbing',
  }
} // prettier-ignore
