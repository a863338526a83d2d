import { runningSpeed } from '../model/running-speed.ts'
import { factsOf, type Closure, clearanceClasses } from '../bearing-types/index.ts'
import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { now, unknown, type Check, type Saying, type Verdict } from '../working/check.ts'
import { boreWords, cageWords, closureWords } from '../words/vocabulary.ts'
import * as words from './words.ts'

/** One thing the machine calls for, held against what the number says is there. */
export interface Difference {
  what: 'clearance' | 'closure' | 'bore' | 'cage' | 'precision' | 'heat'
  wanted: string
  present: string
  check: Check
}

/** Everything the machine calls for, in the order one looks at a bearing; what nobody asks for is left out. */
export function differences(position: RollingPosition, bearing: ResolvedBearing): Difference[] {
  const given = position.bearing
  return [
    clearanceDifference(position, bearing),
    closureDifference(given.requiredClosure, bearing),
    boreDifference(given.requiredBore, bearing),
    cageDifference(given.requiredCage, bearing),
    precisionDifference(given.requiredPrecision, bearing),
    heatDifference(given.hottestRingC, bearing),
  ].filter((one) => one !== null)
}

function difference(
  what: Difference['what'],
  wanted: string,
  present: string,
  verdict: Verdict,
  saying: Saying,
  field: string,
): Difference {
  return { what, wanted, present, check: now(what, verdict, saying, { values: { wanted, present }, field }) }
}

/** So slow that a clearance a class too large is only a remark: pitch diameter times speed, mm/min. */
const slowNdm = 20_000

function clearanceDifference(position: RollingPosition, bearing: ResolvedBearing): Difference | null {
  const { decoded, interior } = bearing
  const required = position.bearing.requiredClearance
  const found = decoded.clearanceClass
  if (required === null || found === null) return null
  const field = 'bearing.requiredClearance'
  const assumed = decoded.assumed.includes('clearanceClass')
  if (required === found) {
    const said = words.clearanceRight(required, assumed)
    return difference('clearance', required, found, 'go', said, field)
  }
  if (assumed && decoded.unknown.length > 0) {
    const check = unknown('clearance', words.clearanceUnconfirmed(required, decoded.unknown), { field })
    return { what: 'clearance', wanted: required, present: 'not known', check }
  }
  const step = clearanceClasses.indexOf(found) - clearanceClasses.indexOf(required)
  const wrong = { required, found, assumed, size: decoded.size, tighter: step < 0 }
  const speed = runningSpeed(position)
  const slow = speed !== null && speed.meanRpm * interior.pitchDiameterMm < slowNdm
  // Too tight seizes; one class too roomy is noise, and at a crawl nothing.
  const [verdict, said] =
    step === 1
      ? slow
        ? (['go', words.clearanceRoomier(wrong)] as const)
        : (['watch', words.clearanceWrong(wrong)] as const)
      : (['stop', words.clearanceWrong(wrong)] as const)
  return difference('clearance', required, found, verdict, said, field)
}

/** What goes wrong when one closure stands in for another; one that is not listed does no harm. */
const closureHarm: Record<Closure, Partial<Record<Closure, [Verdict, words.ClosureHarm]>>> = {
  open: {
    shield: ['watch', 'shieldedNotOpen'],
    'contact-seal': ['stop', 'sealedNotOpen'],
    'low-friction-seal': ['stop', 'lightlySealedNotOpen'],
  },
  shield: { open: ['stop', 'openNotShielded'], 'contact-seal': ['watch', 'rubs'] },
  'contact-seal': {
    open: ['stop', 'openNotSealed'],
    shield: ['stop', 'shieldNotSeal'],
    'low-friction-seal': ['watch', 'lightNotContact'],
  },
  'low-friction-seal': {
    open: ['stop', 'openNotLight'],
    shield: ['watch', 'shieldNotLight'],
    'contact-seal': ['watch', 'rubs'],
  },
}

function closureDifference(wanted: Closure | null, { decoded, row }: ResolvedBearing): Difference | null {
  if (wanted === null) return null
  // Insert bearings are sealed without a suffix that says so.
  const closure = factsOf(row.type).insertUnit && decoded.closure === 'open' ? 'contact-seal' : decoded.closure
  const oneSide = decoded.closedSides === 1 && wanted !== 'open'
  const harm: [Verdict, words.ClosureHarm] | undefined = oneSide ? ['stop', 'oneSide'] : closureHarm[wanted][closure]
  const present = `${closureWords[closure]}${oneSide ? ' on one side' : ''}`
  const field = 'bearing.requiredClosure'
  if (!harm) {
    const said = words.asCalledFor(wanted === 'open' ? 'It is open' : `It has ${closureWords[wanted]}`)
    return difference('closure', closureWords[wanted], present, 'go', said, field)
  }
  const [verdict, why] = harm
  const said = words.closureWrong(
    wanted,
    closure,
    oneSide,
    why,
    factsOf(row.type).closuresMade(row.series).includes(wanted),
  )
  return difference('closure', closureWords[wanted], present, verdict, said, field)
}

function boreDifference(wanted: 'cylindrical' | 'tapered' | null, { decoded }: ResolvedBearing): Difference | null {
  if (wanted === null) return null
  const same = wanted === decoded.boreShape
  const said = same ? words.asCalledFor(`The bore is ${boreWords[wanted]}`) : words.boreWrong(wanted)
  return difference('bore', wanted, decoded.boreShape, same ? 'go' : 'stop', said, 'bearing.requiredBore')
}

function cageDifference(
  wanted: RollingPosition['bearing']['requiredCage'],
  { decoded }: ResolvedBearing,
): Difference | null {
  if (wanted === null) return null
  const present =
    (['steel', 'brass', 'polyamide'] as const).find((one) => decoded.features.includes(`${one}-cage`)) ?? null
  const made = (verdict: Verdict, said: Saying) =>
    difference('cage', cageWords[wanted], present ?? 'not stated', verdict, said, 'bearing.requiredCage')
  if (present === wanted) return made('go', words.asCalledFor(`The cage is ${cageWords[wanted]}`))
  if (present === null) return made('watch', words.cageNotStated(cageWords[wanted]))
  return made(present === 'polyamide' ? 'stop' : 'watch', words.cageWrong(cageWords[wanted], cageWords[present]))
}

const classes = ['normal', 'P6', 'P5', 'P4', 'P2']

function precisionDifference(
  wanted: RollingPosition['bearing']['requiredPrecision'],
  { decoded }: ResolvedBearing,
): Difference | null {
  if (wanted === null) return null
  const said = decoded.features.find((one) => one.startsWith('precision-'))?.replace('precision-', '')
  const present = said === 'P6X' ? 'P6' : (said ?? 'normal')
  const enough = classes.indexOf(present) >= classes.indexOf(wanted)
  return difference(
    'precision',
    wanted,
    present,
    enough ? 'go' : 'stop',
    enough ? words.asCalledFor(`The class is ${present}`) : words.classTooCoarse(wanted, present),
    'bearing.requiredPrecision',
  )
}

/** Rings that no suffix says are stabilised keep their size up to here, °C. */
const usualStableC = 120
/** Rings of these types commonly stand this, °C, whether or not the number says so. */
const commonlyStableC = 200

function heatDifference(hottestC: number | null, { decoded, row }: ResolvedBearing): Difference | null {
  if (hottestC === null) return null
  const said = decoded.features.find((one) => one.startsWith('heat-stabilised-'))
  const stableC = said ? Number(/\d+/.exec(said)?.[0]) : usualStableC
  const field = 'bearing.hottestRingC'
  const [wanted, present] = [`${hottestC} °C`, `${stableC} °C`]
  if (hottestC <= stableC) return difference('heat', wanted, present, 'go', words.ringsStable(stableC), field)
  if (factsOf(row.type).commonlyStable && !said && hottestC <= commonlyStableC)
    return { what: 'heat', wanted, present, check: unknown('heat', words.ringsPerhapsStable(hottestC), { field }) }
  return difference('heat', wanted, present, 'stop', words.ringsGrow(hottestC, stableC, stabilisedFor(hottestC)), field)
}

const stabilised: [string, number][] = [['S0', 150], ['S1', 200], ['S2', 250], ['S3', 300]] // prettier-ignore

/** The first stabilisation that stands a temperature; null where none does. */
export const stabilisedFor = (hottestC: number): string | null =>
  stabilised.find(([, standsC]) => standsC >= hottestC)?.[0] ?? null
