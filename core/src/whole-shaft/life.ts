import { judgedLife, workOutCarry } from '../carry/work-out.ts'
import { now, type Check } from '../working/check.ts'
import { life as lifeWords } from '../words/quantities.ts'
import { systemLife } from '../carry/system-life.ts'
import type { Catalogue } from '../catalogue/catalogue.ts'
import { lookUpBearing, type BearingLookup } from '../catalogue/resolve-bearing.ts'
import type { BearingType } from '../bearing-types/index.ts'
import type { Machine } from '../model/machine.ts'
import { lifeUnder } from '../float/growth-outcome.ts'
import { type RollingPosition } from '../kinds/rolling/position.ts'
import type { ShaftLine } from '../model/shaft-line.ts'
import { withShaftLine } from '../shaftline/apply-loads.ts'
import { lineGrowth } from '../shaftline/line-growth.ts'

/** A position of the machine, by the name its support has on the shaft. */
export interface ShaftPosition {
  name: string
  inputs: RollingPosition
}

/** What is judged: a shaft, the positions under it, and the machine they are on. */
export interface WholeShaft {
  line: ShaftLine
  positions: readonly ShaftPosition[]
  machine: Pick<Machine, 'kind' | 'duty'>
}

export interface BearingLife {
  position: string
  type: BearingType | null
  lifeH: number | null
  /** What the thrust of a shaft that cannot grow leaves of it, h; null where it can. */
  boundH: number | null
}

export interface ShaftLife {
  /** Rated life of each bearing under the shaft, in the order of the supports, h; null where there is none. */
  lives: BearingLife[]
  /** Of all of them together, h; null while fewer than two have one. */
  systemH: number | null
  weakest: string | null
}

/** No life is longer to the sum. */
const longestH = 1e12

/** How long the bearings of a shaft last, each and all together, under the loads of the line. */
export function shaftLife({ line, positions, machine }: WholeShaft, catalogue: Catalogue): ShaftLife {
  const boundN = lineGrowth(line)?.thrustN ?? null
  const lives = line.supports.map(({ position: name }): BearingLife => {
    const position = positions.find((one) => one.name === name)
    if (!position) return { position: name, type: null, lifeH: null, boundH: null }
    const here: Machine = { ...machine, shaft: line, position: name }
    const fed = withShaftLine(onShaft(position.inputs), here)
    const lookup = lookUpBearing(fed.bearing.designation, catalogue)
    return {
      position: name,
      type: typeOf(lookup),
      lifeH: judgedLife(workOutCarry(fed, here, lookup)),
      boundH: boundN === null ? null : lifeUnder(boundN, fed, here, lookup),
    }
  })
  const lived = lives.flatMap(({ position, type, lifeH }) =>
    type !== null && lifeH !== null && lifeH > 0 ? [{ position, type, lifeH: Math.min(lifeH, longestH) }] : [],
  )
  if (lived.length < 2) return { lives, systemH: null, weakest: null }
  const { systemH } = systemLife({
    livesH: lived.map(({ lifeH }) => lifeH),
    bearingTypes: lived.map(({ type }) => type),
  })
  const weakest = lived.reduce((least, one) => (one.lifeH < least.lifeH ? one : least)).position
  return { lives, systemH, weakest }
}

/** Less of the required life than this and the answer is no, as in Carry. */
const tooShort = 0.5

/** The lives of the bearings under a shaft against the required life: the shaft is not carried by bearings that fail early. */
export function lifeChecksOf({ lives }: ShaftLife, requiredH: number): Check[] {
  return lives.flatMap(({ position, lifeH, type }): Check[] => {
    if (type === null || lifeH === null || lifeH >= requiredH) return []
    return [
      now(
        `life-${position}`,
        lifeH < tooShort * requiredH ? 'stop' : 'watch',
        {
          reason: `${position} lives ${lifeWords(lifeH)}, required are ${lifeWords(requiredH)}.`,
          wayOut: 'Lower its load (belt tension, balance, alignment), or take a bearing of higher rating there.',
        },
        { values: { lifeH, requiredH } },
      ),
    ]
  })
}

const typeOf = (lookup: BearingLookup): BearingType | null => (lookup.kind === 'found' ? lookup.bearing.row.type : null)

/** A position under the loads of its shaft. */
export const onShaft = (inputs: RollingPosition): RollingPosition => ({
  ...inputs,
  load: { ...inputs.load, from: 'shaft-line' },
})
