import { exposedArea } from '../heat-run.ts'
import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import { attempt } from '../../errors/input-error.ts'
import type { RollingPosition } from '../../kinds/rolling/position.ts'
import { materialOf } from '../../model/materials.ts'
import type { FitResult } from '../../seat/fit-result.ts'
import type { Missing } from '../../working/figure.ts'
import { chill, ChillInput, coolantC, type Chill } from './chill.ts'
import { soak, type Soak } from './soak.ts'
import { thaw, type Thaw } from './thaw.ts'

export type Coolant = keyof typeof coolantC
export const coolants = Object.keys(coolantC) as Coolant[]
export type ChilledPart = RollingPosition['mount']['chillPart']

/** What is chilled, as it lies there. */
export interface ColdPiece {
  part: ChilledPart
  odMm: number
  interferenceUm: number
  massKg: number
  areaMm2: number
  roomC: number
}

/** What one coolant makes of it. */
export interface Coldness {
  coolant: Coolant
  chill: Chill
  soak: Soak
  thaw: Thaw
  /** Room it should have when it slides in, µm. */
  wantedUm: number
  /** The housing warmed as well, so that it goes in with its room, °C; null where it need not, or for a shaft. */
  warmC: number | null
}

export interface ColdOutcome {
  part: ChilledPart
  coolant: Coolant | null
  piece: ColdPiece | null
  missing: Missing[]
  /** By every coolant, once the piece is known. */
  by: Coldness[]
  chosen: Coldness | null
}

/** Density of steel, kg/mm³. */
const steelKgPerMm3 = 7.85e-6
/** A housing is not warmed above this, °C. */
const warmestHousingC = 120

/** Going in cold: bearing or bush into its housing, or a shaft into its ring. */
export function coldOutcome(
  position: RollingPosition,
  bearing: ResolvedBearing | null,
  fits: { shaft: FitResult | null; housing: FitResult | null },
): ColdOutcome {
  const { chillPart: part, coolant } = position.mount
  const missing: Missing[] = []
  const piece = pieceOf(position, bearing, fits, missing)
  const by = piece ? coolants.map((one) => coldnessOf(piece, one, position)) : []
  return { part, coolant, piece, missing, by, chosen: by.find((one) => one.coolant === coolant) ?? null }
}

function pieceOf(
  { mount }: RollingPosition,
  bearing: ResolvedBearing | null,
  { shaft, housing }: { shaft: FitResult | null; housing: FitResult | null },
  missing: Missing[],
): ColdPiece | null {
  const { chillPart: part, roomC } = mount
  const need = <T>(value: T | null | undefined, field: string, label: string): T | null => {
    if (value == null) missing.push({ field, label })
    return value ?? null
  }
  const room = need(roomC, 'mount.roomC', 'the temperature of the room')
  const cool = room === null || ChillInput.shape.roomC.safeParse(room).success ? room : null
  if (part === 'bearing') {
    const found = need(bearing, 'bearing.designation', 'the bearing')
    const tight = need(mount.chillTightUm ?? housing?.interferenceMaxUm, 'seat.loadCase', 'the housing fit, from Seat')
    if (!found || tight === null || cool === null) return null
    const { boreMm, odMm, widthMm } = found.row
    return {
      part,
      odMm,
      interferenceUm: tight,
      massKg: found.interior.massKg,
      areaMm2: exposedArea(boreMm, odMm, widthMm),
      roomC: cool,
    }
  }
  const usualOd = part === 'shaft' ? bearing?.row.boreMm : null
  const usualTight = part === 'shaft' ? shaft?.interferenceMaxUm : null
  const odMm = need(mount.chillOdMm ?? usualOd, 'mount.chillOdMm', 'its outside diameter')
  const lengthMm = need(mount.chillLengthMm, 'mount.chillLengthMm', 'its length')
  const boreMm = part === 'bush' ? need(mount.chillBoreMm, 'mount.chillBoreMm', 'its bore') : (mount.chillBoreMm ?? 0)
  const tight = need(mount.chillTightUm ?? usualTight, 'mount.chillTightUm', 'its tightest fit')
  if (odMm === null || lengthMm === null || boreMm === null || tight === null || cool === null || boreMm >= odMm)
    return null
  return {
    part,
    odMm,
    interferenceUm: tight,
    massKg: (Math.PI / 4) * (odMm ** 2 - boreMm ** 2) * lengthMm * steelKgPerMm3,
    areaMm2: exposedArea(boreMm, odMm, lengthMm),
    roomC: cool,
  }
}

function coldnessOf(piece: ColdPiece, coolant: Coolant, { float }: RollingPosition): Coldness {
  const { part, odMm, interferenceUm, massKg, areaMm2, roomC } = piece
  const wantedUm = Math.max(5, 0.3 * odMm)
  const soaked = soak({ massKg, areaMm2, roomC, coolant, part })
  const result = chill({ odMm, interferenceMaxUm: interferenceUm, roomC, coolant, part })
  const thawed = attempt(() =>
    thaw({ massKg, areaMm2, odMm, interferenceMaxUm: Math.max(0, interferenceUm), roomC, ringC: soaked.ringC }),
  ).value
  return {
    coolant,
    chill: result,
    soak: soaked,
    thaw: thawed ?? { seizesC: roomC, windowS: 0 },
    wantedUm,
    warmC: result.verdict === 'insufficient' && part !== 'shaft' ? warmHousing(piece, result.shrinkUm, wantedUm, float) : null, // prettier-ignore
  }
}

/** Housing warm enough to make up what the cold does not give; null where that would be too warm. */
function warmHousing(
  { odMm, interferenceUm, roomC }: ColdPiece,
  shrinkUm: number,
  wantedUm: number,
  { housingMaterial }: RollingPosition['float'],
): number | null {
  const perK = materialOf(housingMaterial).expansion * 1000
  const warmC = roomC + (interferenceUm + wantedUm - shrinkUm) / (perK * odMm)
  return warmC <= warmestHousingC ? warmC : null
}
