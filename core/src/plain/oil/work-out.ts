import { attempt } from '../../errors/input-error.ts'
import { parseInput } from '../../errors/parse-input.ts'
import type { PlainPosition } from '../../kinds/plain/position.ts'
import { oilLine } from '../../lubrication/oil-line.ts'
import { oilChange, OilChangeInput, type OilChange } from '../../running/oil-change.ts'
import { balance } from '../balance.ts'
import { BalanceInput, type Balance } from '../balance.schema.ts'
import { balanceInput, type CarryOutcome } from '../carry/work-out.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'

/** One grade in this bearing: what film it makes, and how warm. */
interface Graded {
  vg: number
  filmUm: number
  filmC: number
  verdict: Balance['verdict']
}

export interface OilOutcome {
  /** Every grade that makes a film here; empty where no film carries it. */
  grades: Graded[]
  /** The thinnest with half as much film again as is wanted, a tenth thin included; where none has it, the one nearest to it. */
  chosen: Graded | null
  change: OilChange | null
  /** Oil at the coldest start, mm²/s, and the thickest that still moves. */
  cold: { cst: number; mostCst: number } | null
  ring: Ring | null
  grease: Regrease | null
}

/** A loose ring that lifts oil. */
export interface Ring {
  insideMm: number
  /** Oil over its lowest point: what is wanted, mm. */
  dip: { lowMm: number; highMm: number }
  /** What such rings bring, and what leaves at the sides, L/min. */
  bringsLPerMin: number
  leavesLPerMin: number | null
  velocityMPerS: number | null
}

interface Regrease {
  intervalH: number
  quantityG: number
}

/** Grades of ISO 3448 that journals are run on. */
const grades = [10, 15, 22, 32, 46, 68, 100, 150, 220, 320, 460, 680] as const
/** Supplied oil may be a tenth thinner than its grade. */
const thin = 0.9
/** Thickest oil at the start, mm²/s: a ring stops turning, a bath and a pump still move. @see running.md, ring oiling */
const thickest = { ring: 1000, bath: 5000, feed: 1000, wick: 2000 } as const
/** Ring over journal where nobody measured it. */
const ringOverJournal = 1.7
/** Oil stands this deep in the ring, as shares of its diameter. */
const dipShares = { low: 0.1, high: 0.25 }

/** Which oil, how it comes, and when it is changed. */
export function workOutOil(position: PlainPosition, { sizes }: IdentifyOutcome, carry: CarryOutcome): OilOutcome {
  const { oil } = position
  const { onFilm, balance: solved, slides } = carry
  const solve = onFilm && solved?.value && carry.clearance && sizes && carry.speedRpm !== null ? filledWith(position, sizes, carry.clearance.coldMm, carry.speedRpm, carry.roughnessUm) : null
  const graded = solve ? gradesOf(solve) : []
  const oilC = carry.warm ? Math.min(130, Math.max(-20, carry.warm.housingC)) : null
  return {
    grades: graded,
    chosen: solve && chosenOf(graded, solve),
    change: oil.lubrication === 'oil-fed' && oilC !== null
      ? attempt(() => oilChange(parseInput(OilChangeInput, { temperatureC: oilC, contamination: oil.contamination, moisture: oil.moisture, system: oil.supply === 'feed' ? 'circulation' : 'bath' }))).value
      : null,
    cold: coldOf(oil),
    ring: oil.lubrication === 'oil-fed' && oil.supply === 'ring' && sizes ? ringOf(oil, sizes.journalMm, solved?.value ?? null, slides) : null,
    grease: oil.lubrication === 'grease' && sizes && slides && carry.clearance ? regreaseOf(oil, sizes, carry.clearance.coldMm, slides.pv, carry.warm?.housingC ?? 40) : null,
  }
} // prettier-ignore

type Sizes = NonNullable<IdentifyOutcome['sizes']>

/** Balances of this journal with other oils in it. */
type Filled = (nu40Cst: number) => Balance | null

function filledWith(position: PlainPosition, sizes: Sizes, clearanceMm: number, speedRpm: number, roughnessUm: number): Filled {
  // What is fed now was chosen for the oil that is in it.
  const filled = (nu40Cst: number): PlainPosition => ({ ...position, oil: { ...position.oil, nu40Cst, feedLPerMin: null } })
  return (nu40Cst) =>
    attempt(() => balance(parseInput(BalanceInput, balanceInput(filled(nu40Cst), sizes, clearanceMm, speedRpm, roughnessUm)))).value
} // prettier-ignore

const gradesOf = (solve: Filled): Graded[] =>
  grades.flatMap((vg) => {
    const found = solve(vg)
    return found ? [{ vg, filmUm: found.minFilmUm, filmC: found.filmC, verdict: found.verdict }] : []
  })

/** Film that a grade is chosen for, over the least that covers dirt and alignment. */
const reserve = 1.5

/** The first grade that has it, a tenth thin; where none has, the thickest that does. */
function chosenOf(graded: readonly Graded[], solve: Filled): Graded | null {
  let enough: Graded | null = null
  for (const one of graded) {
    const low = solve(thin * one.vg)
    if (low?.verdict !== 'ok') continue
    if (low.minFilmUm >= reserve * low.designMinimumUm) return one
    enough = one
  }
  return enough
}

function coldOf({ lubrication, supply, nu40Cst, viscosityIndex, coldStartC }: PlainPosition['oil']): OilOutcome['cold'] {
  if (lubrication !== 'oil-fed' || nu40Cst === null || coldStartC === null) return null
  const line = attempt(() => oilLine({ nu40Cst, ...(viscosityIndex === null ? {} : { viscosityIndex }) })).value
  return line && { cst: Math.min(1e6, line.at(coldStartC)), mostCst: thickest[supply] }
} // prettier-ignore

function ringOf({ ringMm, ringCount }: PlainPosition['oil'], journalMm: number, solved: Balance | null, slides: CarryOutcome['slides']): Ring {
  const insideMm = ringMm ?? ringOverJournal * journalMm
  return {
    insideMm,
    dip: { lowMm: dipShares.low * insideMm, highMm: dipShares.high * insideMm },
    // Guidance of the formulary for one ring.
    bringsLPerMin: ringCount * (0.3 + journalMm / 100),
    leavesLPerMin: solved?.sideFlowLPerMin ?? null,
    velocityMPerS: slides?.velocityMPerS ?? null,
  }
} // prettier-ignore

/** Hours between shots by pressure times speed, MPa·m/s. @see practice */
const shots = [[0.1, 500], [0.3, 200], [1, 80], [Infinity, 24]] as const // prettier-ignore
const dirtier = { clean: 1, dusty: 0.5, abrasive: 0.25 } as const
/** Every so many K above 60 °C halve it. */
const [halfK, fromC] = [15, 60]
/** Grease goes through the gap and its grooves so many times, kg/m³ of it. */
const [through, density] = [3, 900]

/** Grease that clears gap and grooves, as often as pressure, speed, dirt and heat ask. */
function regreaseOf({ dirt }: PlainPosition['oil'], { journalMm, lengthMm }: Sizes, clearanceMm: number, pv: number, housingC: number): Regrease {
  const base = shots.find(([below]) => pv < below)?.[1] ?? 24
  const gapMm3 = Math.PI * journalMm * lengthMm * (clearanceMm / 2)
  // Grooves hold about as much as a layer of a twentieth of a millimetre all round.
  const grooveMm3 = Math.PI * journalMm * lengthMm * 0.05
  return {
    intervalH: Math.max(8, base * dirtier[dirt] * 2 ** (-Math.max(0, housingC - fromC) / halfK)),
    quantityG: through * (gapMm3 + grooveMm3) * 1e-9 * density * 1000,
  }
} // prettier-ignore
