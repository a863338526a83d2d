import { factsOf, speedLimit, bearingTypes, type BearingType, type TypeAbilities } from '../bearing-types/index.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { degrees, plain } from '../words/quantities.ts'

/** One type held against a duty. */
export interface TypeForDuty {
  /** A plain bearing stands among them: it is no type of the tables. */
  type: BearingType | 'plain'
  abilities: TypeAbilities
  /** Why it is out, in one sentence; null where it may be used. */
  barred: string | null
}

/**
 * Which types can do the duty of a position at all, and how well; the fit ones first.
 *
 * A type is out when it does not carry a load that is there, forgives less misalignment than there is, does not take the
 * growth where it is to be taken inside the bearing, or turns too fast for its size.
 *
 * @param pitchDiameterMm - size to judge the speed by; null leaves the speed out
 */
export function compareTypes(position: RollingPosition, pitchDiameterMm: number | null): TypeForDuty[] {
  return [
    ...bearingTypes.map((type) => ({
      type,
      abilities: factsOf(type).abilities,
      barred: barsDuty(type, position, pitchDiameterMm),
    })),
    { type: 'plain' as const, abilities: plainAbilities, barred: barsPlain(position) },
  ].sort((a, b) => Number(a.barred !== null) - Number(b.barred !== null))
}

/** A bush or half shells, oiled or greased, without collars. */
const plainAbilities: TypeAbilities = {
  radial: 2,
  axialOneWay: 0,
  axialBothWays: 0,
  speed: 2,
  misalignDeg: 0.05,
  growthInside: 3,
  space: 3,
  stiffness: 3,
  shock: 3,
  quiet: 3,
  separable: 3,
}

function barsPlain(position: RollingPosition): string | null {
  const { load } = position
  if (mostOf(position, 'axialN') > 0) return 'It carries axial load only on collars of its own.'
  return load.misalignDeg !== null && load.misalignDeg > plainAbilities.misalignDeg
    ? `Its edges bear from ${degrees(plainAbilities.misalignDeg, 2)}, and there are ${degrees(load.misalignDeg)}.`
    : null
}

/** The most of a load that is typed or stands in the steps of a duty, N; the fastest, r/min. */
export const mostOf = ({ load }: Pick<RollingPosition, 'load'>, part: 'radialN' | 'axialN' | 'speedRpm'): number =>
  Math.max(load[part] ?? 0, ...load.steps.map((step) => step[part]))

function barsDuty(type: BearingType, position: RollingPosition, pitchDiameterMm: number | null): string | null {
  const { load, float, grease } = position
  const { abilities: able, axialLoad, pairs } = factsOf(type)
  const paired = load.arrangement !== 'single' && pairs
  if (mostOf(position, 'radialN') > 0 && able.radial === 0) return 'It carries no radial load.'
  if (mostOf(position, 'axialN') > 0) {
    if (able.axialOneWay === 0)
      return axialLoad === 'on-ribs'
        ? 'It carries no axial load, but for the ribs of an NJ or NUP.'
        : 'It carries no axial load.'
    if (load.axialWay === 'both' && able.axialBothWays === 0 && !paired)
      return 'Alone it carries axial load one way only; set two against each other.'
  }
  if (load.misalignDeg !== null && load.misalignDeg > able.misalignDeg)
    return `It forgives ${degrees(able.misalignDeg, 1)}, not ${degrees(load.misalignDeg)}.`
  if (float.role === 'floating' && float.floatsIn === 'bearing' && able.growthInside === 0)
    return 'It takes no growth inside itself.'
  const fastest = mostOf(position, 'speedRpm')
  if (pitchDiameterMm !== null && fastest > 0) {
    const ratio = (pitchDiameterMm * fastest) / speedLimit(type, grease.lubrication)
    if (ratio > 1) return `At this size it would turn at ${plain(ratio)} of what it stands.`
  }
  return null
}
