import type { RollingOutcomes } from '../../../../kinds/rolling/assess.ts'
import type { JobReading } from '../../../../model/job.ts'
import type { SeatChoice } from '../../../../seat/work-out.ts'
import { giving, millimetres, reading } from '../../../step.ts'

const places = ['plane 1, upright', 'plane 1, across', 'plane 2, upright', 'plane 2, across']

/** Two planes of each seat, two directions each, within the limits of the fit. */
export function gaugeReadings({ shaft, housing }: RollingOutcomes['seat']): JobReading[] {
  return ([shaft, housing] as const).flatMap((choice) => {
    // A taper ground on the shaft has no diameter to gauge.
    if (choice.bare?.kind === 'taper') return []
    const limits = limitsOf(choice)
    return places.map((place, index) =>
      reading(
        `${choice.seat}-${index}`,
        `${placeOf(choice)}, ${place}`,
        millimetres(3, {
          low: limits?.lowMm ?? null,
          high: limits?.highMm ?? null,
          // Without limits it is worth measuring all the same, but nothing hangs on it.
          needed: limits !== null && index % 2 === 0,
          ...giving({ what: choice.seat === 'shaft' ? 'seat.shaft' : 'seat.housing', place: index }),
        }),
      ),
    )
  })
}

function placeOf({ seat, bare }: SeatChoice): string {
  if (seat === 'housing') return 'Housing'
  if (bare?.kind === 'raceway') return 'Raceway on the shaft'
  return bare ? 'Shaft under the sleeve' : 'Shaft'
}

function limitsOf({ chosen, bare }: SeatChoice): { lowMm: number; highMm: number } | null {
  const nominalMm = bare?.nominalMm ?? chosen?.nominalMm
  const limits = bare?.limits ?? chosen?.seat
  if (nominalMm == null || !limits) return null
  return { lowMm: nominalMm + limits.lowerUm / 1000, highMm: nominalMm + limits.upperUm / 1000 }
}
