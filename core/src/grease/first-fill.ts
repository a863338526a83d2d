import { factsOf } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { mm } from '../words/quantities.ts'
import type { GreaseOutcome } from './work-out.ts'

/** What a bearing is filled in, by how it is filled. */
export type FilledIn = 'split' | 'solid' | 'flanged' | 'comes-filled' | 'oil-bath'

/** How a position is filled before it first runs. */
export interface FirstFill {
  filledIn: FilledIn
  /** Share of the room in the housing that gets grease; null for oil, or while speed and size are not known. */
  housingPercent: number | null
  /** Rows of the bearing; one while it is not known. */
  rows: number
  does: string[]
}

export function firstFillOf(
  { mount, seat, grease: { lubrication } }: RollingPosition,
  { comesFilled, fill, bearing }: Pick<GreaseOutcome, 'comesFilled' | 'fill' | 'bearing'>,
): FirstFill {
  const housing = mount.housing ?? (seat.housing === 'split' ? 'split' : 'solid')
  const filledIn: FilledIn =
    lubrication === 'oil-bath' ? 'oil-bath' : comesFilled ? 'comes-filled' : housing === 'take-up' ? 'flanged' : housing
  const housingPercent = fill?.fillPercent ?? null
  const share = housingPercent === null ? 'its share' : `${housingPercent} % of its room`
  const levelMm = bearing ? bearing.interior.pitchDiameterMm / 2 : null
  return {
    filledIn,
    housingPercent: filledIn === 'oil-bath' ? null : housingPercent,
    rows: bearing?.interior.rows ?? 1,
    does: does(filledIn, {
      share,
      levelMm,
      packed: packedFrom(bearing !== null && factsOf(bearing.row.type).rolls === 'taper'),
    }),
  }
}

const packedFrom = (tapered: boolean): string[] => [
  `Clean gloves. By hand, from ${tapered ? 'the large end of the rollers' : 'one side'}, until it comes out between the elements on the other side.`,
  'Turn the ring slowly all the while: every element takes its grease along.',
]
const oneGrease = 'One grease: if another thickener was in it, everything is washed out first.'

function does(
  filledIn: FilledIn,
  { share, levelMm, packed }: { share: string; levelMm: number | null; packed: readonly string[] },
): string[] {
  switch (filledIn) {
    case 'split':
      return [
        ...packed,
        `The base gets ${share}, from the bottom up on both sides of the bearing; the cap stays empty over the shaft.`,
        'A thin film on the faces of the seals, then the cap on.',
        oneGrease,
      ]
    case 'solid':
      return [
        ...packed,
        `Behind the bearing first, as far as a hand reaches; then the cover gets the rest of ${share}.`,
        'Nothing before the hole of the nipple and the drain.',
        oneGrease,
      ]
    case 'flanged':
      return [...packed, `The cover gets ${share}, below the shaft; nothing before the drain.`, oneGrease]
    case 'comes-filled':
      return [
        'It comes filled by its maker: nothing is packed, nothing is washed out.',
        'Where it has a nipple: some strokes while it turns slowly, only until a thin collar shows at the seals.',
      ]
    case 'oil-bath':
      return [
        `Shaft at standstill, housing level: fill to the middle of the lowest element${levelMm === null ? '' : `, ${mm(levelMm, 0)} below the shaft centre`}.`,
        'Turn it by hand, let it settle, look again; mark the level standing, and once more running.',
        'A constant-level oiler is set to that line with its breather open; its bottle is filled after the first run.',
      ]
    default:
      return filledIn satisfies never
  }
}
