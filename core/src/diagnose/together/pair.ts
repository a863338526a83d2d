import type { Band, PaintedMark, RingName } from '../../model/painted.ts'
import { signsOfMarks, type PaintedSign } from '../marks/mark-signs.ts'
import type { Raceway } from '../marks/raceways.ts'
import { meanWidthOf } from './side-of-track.ts'

/** A track so many times as wide as the other’s carries alone. */
const carriesAlone = 2

/** What the other bearing of a pair adds: its own marks, and whether one of the two carries alone. */
export function signsOfPair(
  own: readonly Band[],
  mate: { bands: readonly Band[]; marks: readonly PaintedMark[] },
  raceways: readonly Raceway[],
  loaded: RingName,
): PaintedSign[] {
  const marks = signsOfMarks(mate.marks, raceways).map(({ sign, where }) => ({ sign, where: `${where} of the other of the pair` })) // prettier-ignore
  const width = (bands: readonly Band[]) =>
    bands.filter(({ ring }) => ring === loaded).reduce((sum, band) => sum + meanWidthOf(band), 0)
  const [here, there] = [width(own), width(mate.bands)]
  if (own.length === 0 || mate.bands.length === 0) return marks
  const alone = Math.max(here, there) > carriesAlone * Math.min(here, there)
  return alone
    ? [...marks, { sign: 'pair-one-carries', where: here > there ? 'this one of the pair' : 'the other of the pair' }]
    : marks
}
