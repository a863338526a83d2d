import table from '../../data/bush-materials.json' with { type: 'json' }

export const bushLubrications = ['dry', 'grease', 'oil-fed'] as const
export type BushLubrication = (typeof bushLubrications)[number]
export type BushFinish = 'ream' | 'bore' | 'as-fitted'

/** A material of bushes; pressures in MPa, speeds in m/s, wear in 1e-8 mm³/(N·m). */
export interface BushMaterial {
  name: string
  pressureMPa: number
  velocityMPerS: number
  pv: number
  hottestC: number
  /** Wear and the share of pv by lubrication; null where it is not made for it. */
  by: Record<BushLubrication, { wear: number; pvFactor: number } | null>
  /** Life may be so many times longer or shorter. */
  spread: number
  /** Share of the pressure under no, moderate and heavy shock; null where it breaks. */
  shock: readonly (number | null)[]
  /** Times the wear in clean, dusty and abrasive surroundings; null where it is ground away. */
  dirt: readonly (number | null)[]
  food: boolean
  shaftHardnessHb: number
  modulus: number
  poisson: number
  /** Linear expansion, per °C. */
  expansion: number
  /** Diametral clearance: so much of the journal, and so much more, mm; greased not below a share. */
  clearance: { share: number; mm: number; greasedShare: number }
  /** What may be worn of a lining, mm; null where it is of one piece. */
  liningMm: number | null
  /** Wall, mm, of a journal of so many mm. */
  wallMm: (journalMm: number) => number
  /** Press fit, mean, mm, of a bush so large outside. */
  interferenceMm: (odMm: number) => number
  finish: BushFinish
}

const factorsOf = (table_: Record<string, (number | null)[]>, key: string) => table_[key] ?? []

const inHalves = (mm: number) => Math.floor(2 * mm + 0.5) / 2
/** Walls of lined bushes are made by steps of the journal, mm: so thick below so much. */
const linedWalls = [[20, 1], [28, 1.5], [45, 2], [Infinity, 2.5]] as const // prettier-ignore
const linedWall = (journalMm: number) => linedWalls.find(([below]) => journalMm < below)?.[1] ?? 0

/** In the order of the table, which breaks ties. */
export const bushMaterials: readonly BushMaterial[] = table.rows.map((row): BushMaterial => {
  const at = (column: string) => row[table.columns.indexOf(column)]
  const number = (column: string) => Number(at(column))
  const lubricated = (wear: string, factor: string) =>
    at(wear) === null ? null : { wear: number(wear), pvFactor: number(factor) }
  return {
    name: String(at('material')),
    pressureMPa: number('pressureMPa'),
    velocityMPerS: number('velocityMPerS'),
    pv: number('pv'),
    hottestC: number('hottestC'),
    by: {
      dry: lubricated('wearDry', 'pvDry'),
      grease: lubricated('wearGrease', 'pvGrease'),
      'oil-fed': lubricated('wearOil', 'pvOil'),
    },
    spread: number('spread'),
    shock: factorsOf(table.shockFactors, String(at('shock'))),
    dirt: factorsOf(table.dirtFactors, String(at('dirt'))),
    food: at('food') === true,
    shaftHardnessHb: number('shaftHardnessHb'),
    modulus: number('modulus'),
    poisson: number('poisson'),
    expansion: number('expansion'),
    clearance: { share: number('clearanceShare'), mm: number('clearanceMm'), greasedShare: number('greasedShare') },
    liningMm: at('liningMm') === null ? null : number('liningMm'),
    wallMm: (journalMm) =>
      at('wallMm') === null ? linedWall(journalMm) : inHalves(number('wallMm') + number('wallShare') * journalMm),
    interferenceMm: (odMm) => number('interferenceShare') * odMm + number('interferenceMm'),
    finish: at('finish') as BushFinish,
  }
})

/** A material of the table. @throws Error where it has none of that name: names are checked at the edge */
export function bushMaterialOf(name: string): BushMaterial {
  const material = bushMaterials.find((one) => one.name === name)
  if (!material) throw new Error(`no bush material ${name}`)
  return material
}
