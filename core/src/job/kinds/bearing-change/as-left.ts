import { nothingSeen, type RollingPosition } from '../../../kinds/rolling/position.ts'
import type { Gives } from '../../../model/job.ts'
import type { JobProgress, ReadingState } from '../../job-progress.ts'

/**
 * A position as a finished change leaves it: the number that went in, the seats as gauged, the clearance, the room.
 *
 * @param positionId - one of those the job was made for; inputs the job did not read stay as they are
 */
export function bearingAsLeft(inputs: RollingPosition, positionId: string, { steps }: JobProgress): RollingPosition {
  const readings = steps.filter(({ step }) => step.position?.id === positionId).flatMap((state) => state.readings)
  const valueOf = (what: Gives['what'], place?: number): number | null =>
    readings.find(({ reading: { gives } }) => gives?.what === what && (place === undefined || placeOf(gives) === place))
      ?.entry?.value ?? null
  const sheetOf = (what: Gives['what']): (number | null)[][] | null => {
    const planes = [
      [valueOf(what, 0), valueOf(what, 1)],
      [valueOf(what, 2), valueOf(what, 3)],
    ]
    return planes.flat().some((value) => value !== null) ? planes : null
  }
  const fitted = numberFitted(readings.find(({ reading }) => reading.gives?.what === 'bearing.designation'))
  const [shaft, housing] = [sheetOf('seat.shaft'), sheetOf('seat.housing')]
  const [endPlay, room] = [valueOf('float.end-play'), valueOf('float.room')]
  const ends = endsRead(readings)
  const changed = fitted !== null && fitted !== inputs.bearing.designation
  return {
    ...inputs,
    bearing: {
      ...inputs.bearing,
      ...(fitted === null ? {} : { designation: fitted }),
      // Ratings of another bearing's maker are not this one's.
      ...(changed ? { makerDynamicN: null, makerStaticN: null } : {}),
    },
    // What was measured and seen of the old bearing went away with it.
    identify: { ...inputs.identify, boreMm: [], odMm: [], widthMm: [], marking: '' },
    // What is to be asked on arrival stays asked.
    diagnose: { ...nothingSeen(), putRight: inputs.diagnose.putRight.filter(({ as }) => as === 'question') },
    seat: {
      ...inputs.seat,
      ...(shaft ? { shaftReadingsMm: shaft } : {}),
      ...(housing ? { housingReadingsMm: housing } : {}),
      boreDeviationUm: null,
      outsideDeviationUm: null,
    },
    float: {
      ...inputs.float,
      measuredUm: valueOf('float.measured'),
      ...(endPlay === null ? {} : { endPlayMm: endPlay }),
      ...(room === null ? {} : { roomTowardMm: room }),
      // Who was to hold now does.
      ...(Object.keys(ends).length > 0 && inputs.ends.holds
        ? {
            locatedEnds: 1 as const,
            role: inputs.ends.holds === 'this' ? ('locating' as const) : ('floating' as const),
          }
        : {}),
    },
    ends: { ...inputs.ends, ...ends },
  }
}

/** What was measured of the ends. */
function endsRead(readings: readonly ReadingState[]): Partial<RollingPosition['ends']> {
  const read = readings.flatMap(({ reading: { gives }, entry }) =>
    gives?.what === 'ends' && entry?.value != null ? [[gives.field, entry.value] as const] : [],
  )
  return Object.fromEntries(read)
}

/** Place of a gauge reading on its sheet. */
const placeOf = (gives: Gives): number | null => ('place' in gives ? gives.place : null)

/** The number that went in, spelt as the machine calls for it where it is the same. */
function numberFitted(read: ReadingState | undefined): string | null {
  if (!read?.entry?.text) return null
  return !read.isOut && read.reading.expected !== null ? read.reading.expected : read.entry.text.trim()
}
