import { z } from 'zod'
import { InputError } from '../errors/input-error.ts'
import { materialOf } from '../model/materials.ts'
import { calculation } from '../working/calculation.ts'
import {
  bushLubrications,
  bushMaterials,
  type BushFinish,
  type BushLubrication,
  type BushMaterial,
} from './bush-materials.ts'
import { pressedRing } from '../seat/pressed-ring.ts'
import { dirts, shocks } from './compare.ts'
import { sliding, useVerdict } from './sliding.ts'

const names = bushMaterials.map(({ name }) => name) as [string, ...string[]]

export const BushInput = z.strictObject({
  journalDiameterMm: z.number().min(5).max(500).meta({ unit: 'mm', description: 'Journal diameter' }),
  lengthMm: z.number().gt(0).max(1500).optional().meta({ unit: 'mm', description: 'Length, 0.2 to 3 diameters' }),
  lengthRatio: z.number().min(0.2).max(3).optional().meta({ description: 'Length over diameter, in its place' }),
  loadN: z.number().gt(0).max(1e8).meta({ unit: 'N', description: 'Load' }),
  speedRpm: z.number().min(0).max(100_000).meta({ unit: 'r/min', description: 'Speed; swinging ±φ° j times a minute: 4 φ j / 360' }),
  lubrication: z.enum(bushLubrications).meta({ description: 'Lubrication' }),
  temperatureC: z.number().min(-40).max(350).default(40).meta({ unit: '°C', description: 'Housing at the bush as it runs' }),
  shock: z.enum(shocks).default('none').meta({ description: 'Shock' }),
  dirt: z.enum(dirts).default('clean').meta({ description: 'Dirt' }),
  food: z.boolean().default(false).meta({ description: 'Beside food' }),
  loadRotates: z.boolean().default(false).meta({ description: 'The load turns with the shaft' }),
  wearLimitMm: z.number().gt(0).max(20).optional().meta({ unit: 'mm', description: 'Wear it may have; 0.004 of the journal where left out' }),
  shaftRiseC: z.number().min(0).max(200).default(0).meta({ unit: 'K', description: 'Shaft hotter than bush' }),
  housingMaterial: z.enum(['steel', 'cast-iron', 'aluminium']).default('cast-iron').meta({ description: 'Housing' }),
  housingOdMm: z.number().min(0).max(5000).default(0).meta({ unit: 'mm', description: 'Outside of the housing; 0 for a thick block' }),
  material: z.enum(names).optional().meta({ description: 'Material to size a bush of' }),
}) // prettier-ignore
type Given = z.output<typeof BushInput>

export interface RankedBush {
  material: string
  utilisation: number
  limitedBy: 'pressure' | 'velocity' | 'pv'
  verdict: 'ok' | 'marginal' | 'over-limit'
  /** Null over the limit, as are those below. */
  wearUmPer1000H: number | null
  wearLimitMm: number | null
  lifeH: number | null
  lifeLowH: number | null
  lifeHighH: number | null
}

/** A bush that is pressed in; sizes in mm, clearance on the diameter. */
export interface SizedBush {
  material: string
  wallMm: number
  odMm: number
  interferenceMm: number
  fitPressureMPa: number
  closingInMm: number
  clearanceMm: number
  /** In its place, and free. */
  boreAfterMm: number
  boreBeforeMm: number
  reamToMm: number | null
  finish: BushFinish
  groove: 'none' | 'circumferential' | 'figure-eight' | 'axial-unloaded'
  shaftHardnessHb: number
  schools: { perThousandMm: number; perThousandPlusMm: number; fastMm: number; greaseMm: number }
}

export interface Bush {
  lengthMm: number
  pressureMPa: number
  velocityMPerS: number
  pv: number
  /** Best first. */
  ranked: RankedBush[]
  excluded: { material: string; reason: 'lubrication' | 'temperature' | 'food' | 'shock' | 'dirt' }[]
  verdict: 'ok' | 'marginal' | 'none-suitable'
  /** Fast and oiled enough for a film: the balance tells more. */
  filmPossible: boolean
  bush: SizedBush | null
}

/** Ordinary lubricants end here, °C. */
const temperatures = { dry: [-40, 350], grease: [-30, 120], 'oil-fed': [-20, 120] } as const
/** Wear is not told apart beyond this, h. */
export const mostWearH = 100_000
/** A journal slower than this makes no film to be counted on, m/s. */
export const filmFromMPerS = 0.5

/**
 * Materials for a slow or boundary-lubricated bush by pressure, speed and wear, and the bush itself.
 *
 *     wear = k p v      utilisation = the largest of p, v, p v over its limit
 *
 * @throws InputError on `lengthMm` (neither length nor ratio, or outside 0.2 to 3 diameters), `temperatureC`, `housingOdMm`
 * @see general catalogue practice; wear coefficients of tribology textbooks; thick rings (Lamé) for the press fit
 */
export function bush(given: Given): Bush {
  const lengthMm = lengthOf(given)
  checkTemperature(given)
  const slides = sliding({ ...given, lengthMm })
  const duty = { ...given, ...slides }
  const judged = bushMaterials.map((material) => ({ material, reason: excludedBy(material, given) }))
  const ranked = judged.flatMap(({ material, reason }) => (reason ? [] : [rank(material, duty)])).sort(better)
  const [best] = ranked
  const verdict = !best || best.verdict === 'over-limit' ? 'none-suitable' : best.verdict
  const sized = bushMaterials.find(({ name }) => name === (given.material ?? (verdict === 'none-suitable' ? '' : best?.material)))
  return {
    lengthMm,
    ...slides,
    ranked,
    excluded: judged.flatMap(({ material: { name }, reason }) => (reason ? [{ material: name, reason }] : [])),
    verdict,
    filmPossible: given.lubrication === 'oil-fed' && slides.velocityMPerS >= filmFromMPerS,
    bush: sized ? sizeBush(sized, duty) : null,
  }
} // prettier-ignore

function lengthOf({ journalDiameterMm: d, lengthMm, lengthRatio }: Given): number {
  const length = lengthMm ?? (lengthRatio === undefined ? undefined : lengthRatio * d)
  if (length === undefined || length < 0.2 * d || length > 3 * d)
    throw new InputError({
      code: length === undefined ? 'MISSING' : 'OUT_OF_RANGE',
      field: 'lengthMm',
      value: length,
      allowed: `from ${0.2 * d} to ${3 * d} mm on this journal`,
      fix: 'Give the length of the bush, or its ratio to the journal.',
    })
  return length
}

function checkTemperature({ temperatureC, lubrication }: Given): void {
  const [lowest, highest] = temperatures[lubrication]
  if (temperatureC >= lowest && temperatureC <= highest) return
  throw new InputError({
    code: 'OUT_OF_RANGE',
    field: 'temperatureC',
    value: temperatureC,
    allowed: `from ${lowest} to ${highest} °C ${lubrication === 'dry' ? 'dry' : 'with ordinary lubricants'}`,
    fix: 'Check the temperature and its unit; hotter bushes run dry.',
  })
}

function excludedBy(material: BushMaterial, { lubrication, temperatureC, food, shock, dirt }: Given) {
  if (!material.by[lubrication]) return 'lubrication' as const
  if (temperatureC >= material.hottestC) return 'temperature' as const
  if (food && !material.food) return 'food' as const
  if (material.shock[shocks.indexOf(shock)] === null) return 'shock' as const
  return material.dirt[dirts.indexOf(dirt)] === null ? ('dirt' as const) : null
}

type Duty = Given & ReturnType<typeof sliding>

/** What heat leaves of a limit: nothing is taken up to this, °C. */
const coolC = 40

function rank(material: BushMaterial, duty: Duty): RankedBush {
  const { temperatureC, lubrication, pressureMPa, velocityMPerS, pv, journalDiameterMm } = duty
  const by = material.by[lubrication] ?? { wear: 0, pvFactor: 1 }
  const heat = temperatureC <= coolC ? 1 : (material.hottestC - temperatureC) / (material.hottestC - coolC)
  const shock = material.shock[shocks.indexOf(duty.shock)] ?? 1
  const uses = [
    ['pressure', pressureMPa / (material.pressureMPa * shock * heat)],
    ['velocity', velocityMPerS / material.velocityMPerS],
    ['pv', pv / (material.pv * by.pvFactor * heat)],
  ] as const
  const [limitedBy, utilisation] = uses.reduce((most, one) => (one[1] > most[1] ? one : most))
  const verdict = useVerdict(utilisation)
  const judged = { material: material.name, utilisation, limitedBy, verdict } as const
  if (verdict === 'over-limit')
    return { ...judged, wearUmPer1000H: null, wearLimitMm: null, lifeH: null, lifeLowH: null, lifeHighH: null }
  const dirt = material.dirt[dirts.indexOf(duty.dirt)] ?? 1
  const wearUmPer1000H = by.wear * 1e-8 * dirt * pv * 3.6e9
  const wearLimitMm = wearLimit(material, journalDiameterMm, duty.wearLimitMm)
  const life = wearLife(wearUmPer1000H > 0 ? (wearLimitMm * 1e6) / wearUmPer1000H : Infinity, material)
  return { ...judged, wearUmPer1000H, wearLimitMm, lifeH: life.lifeH, lifeLowH: life.lowH, lifeHighH: life.highH }
} // prettier-ignore

/** Wear that a bush may have, mm: of its journal where nobody says, and no deeper than its lining. */
export const wearLimit = ({ liningMm }: BushMaterial, journalMm: number, wantedMm?: number): number =>
  Math.min(wantedMm ?? Math.max(0.1, 0.004 * journalMm), liningMm ?? Infinity)

/** A life by wear with its spread, each no longer than can be told apart, h. */
export function wearLife(hours: number, { spread }: BushMaterial): { lifeH: number; lowH: number; highH: number } {
  const capped = (one: number) => Math.min(mostWearH, one)
  return { lifeH: capped(hours), lowH: capped(hours / spread), highH: capped(hours * spread) }
}

const verdicts = ['ok', 'marginal', 'over-limit'] as const

/** Sound before marginal before over the limit, then the longer life, then the lighter used; the table breaks ties. */
const better = (a: RankedBush, b: RankedBush): number =>
  verdicts.indexOf(a.verdict) - verdicts.indexOf(b.verdict) ||
  (b.lifeH ?? -1) - (a.lifeH ?? -1) ||
  a.utilisation - b.utilisation

/** Slower than this a greased journal makes no film to be cut by a groove, m/s. */
const creepingMPerS = 0.1
/** A hot shaft grows by so much a kelvin. */
const steelExpansion = 12e-6

function sizeBush(material: BushMaterial, duty: Duty): SizedBush {
  const { journalDiameterMm: d, housingOdMm, lubrication, shaftRiseC } = duty
  const wallMm = material.wallMm(d)
  const odMm = d + 2 * wallMm
  if (housingOdMm > 0 && housingOdMm <= odMm)
    throw new InputError({
      code: 'OUT_OF_RANGE',
      field: 'housingOdMm',
      value: housingOdMm,
      allowed: `above the bush, ${odMm} mm, or 0 for a thick block`,
      fix: 'Measure the outside of the housing.',
    })
  const interferenceMm = material.interferenceMm(odMm)
  const fit = pressedRing(
    { insideMm: d, outsideMm: odMm, ring: material, housing: materialOf(duty.housingMaterial), housingOutsideMm: housingOdMm },
    interferenceMm,
  ) // prettier-ignore
  const clearanceMm = usualClearance(material, d, lubrication) + steelExpansion * d * shaftRiseC
  const boreAfterMm = d + clearanceMm
  return {
    material: material.name,
    wallMm,
    odMm,
    interferenceMm,
    fitPressureMPa: fit.pressureMPa,
    closingInMm: fit.closingMm,
    clearanceMm,
    boreAfterMm,
    boreBeforeMm: boreAfterMm + fit.closingMm,
    reamToMm: material.finish === 'as-fitted' ? null : boreAfterMm,
    finish: material.finish,
    groove: grooveOf(material, duty),
    shaftHardnessHb: material.shaftHardnessHb,
    schools: clearanceSchools(d),
  }
}

/** Diametral clearance of a new bush of a material, cold, mm. */
export function usualClearance({ clearance }: BushMaterial, journalMm: number, lubrication: BushLubrication): number {
  const greased = lubrication === 'grease' ? clearance.greasedShare * journalMm : 0
  return Math.max(0.02, clearance.share * journalMm + clearance.mm, greased)
}

/** Diametral clearance as the trade has it, whatever the material, mm. */
export const clearanceSchools = (journalMm: number): SizedBush['schools'] => ({
  perThousandMm: Math.max(0.02, 0.001 * journalMm),
  perThousandPlusMm: 0.001 * journalMm + 0.025,
  fastMm: 0.00135 * journalMm,
  greaseMm: 0.0015 * journalMm,
})

/** Materials that bring their own lubricant in pores or lining, which a groove would cut. */
const ungrooved = ['ptfe-lined', 'sintered-bronze']

function grooveOf({ name }: BushMaterial, { lubrication, loadRotates, velocityMPerS }: Duty): SizedBush['groove'] {
  if (lubrication === 'dry' || ungrooved.includes(name)) return 'none'
  if (loadRotates) return 'circumferential'
  return lubrication === 'grease' && velocityMPerS < creepingMPerS ? 'figure-eight' : 'axial-unloaded'
}

export const bushCalculation = calculation(
  'sleeve.bush',
  'A bush: material, wear and press fit',
  'General catalogue practice; tribology textbooks',
  BushInput,
  bush,
)
