import type { RollingPosition } from '../kinds/rolling/position.ts'
import type { JobProgress, StepState } from './job-progress.ts'

/**
 * A position as a finished job leaves it: the number that went in, the seats as gauged, the clearance, the grease.
 *
 * @param positionId - one of those the job was made for; inputs the job did not read stay as they are
 */
export function asLeft(inputs: RollingPosition, positionId: string, { steps }: JobProgress): RollingPosition {
  const own = steps.filter(({ step }) => step.position?.id === positionId)
  const stepOf = (key: string) => own.find(({ step }) => step.key.startsWith(`${key}:`))
  const fitted = numberFitted(stepOf('check-new'))
  const shaft = sheetOf(stepOf('gauge'), 'shaft')
  const housing = sheetOf(stepOf('gauge'), 'housing')
  const before = valueOf(stepOf('mount'), 'before')
  const endPlay = valueOf(stepOf('float'), 'end-play')
  const room = valueOf(stepOf('float'), 'room')
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
    diagnose: { seen: [], notSeen: [] },
    seat: {
      ...inputs.seat,
      ...(shaft ? { shaftReadingsMm: shaft } : {}),
      ...(housing ? { housingReadingsMm: housing } : {}),
      boreDeviationUm: null,
      outsideDeviationUm: null,
    },
    float: {
      ...inputs.float,
      measuredUm: before,
      ...(endPlay === null ? {} : { endPlayMm: endPlay }),
      ...(room === null ? {} : { roomTowardMm: room }),
    },
  }
}

const entryOf = (state: StepState | undefined, key: string) =>
  state?.readings.find(({ reading }) => reading.key === key)?.entry ?? null
const valueOf = (state: StepState | undefined, key: string): number | null => entryOf(state, key)?.value ?? null

/** The number that went in, spelt as the machine calls for it where it is the same. */
function numberFitted(state: StepState | undefined): string | null {
  const read = state?.readings.find(({ reading }) => reading.key === 'number')
  if (!read?.entry?.text) return null
  return !read.isOut && read.reading.expected !== null ? read.reading.expected : read.entry.text.trim()
}

/** Readings of a seat as its gauge sheet keeps them, plane by plane; null while nothing was read. */
function sheetOf(state: StepState | undefined, seat: 'shaft' | 'housing'): (number | null)[][] | null {
  const at = (index: number) => valueOf(state, `${seat}-${index}`)
  const planes = [
    [at(0), at(1)],
    [at(2), at(3)],
  ]
  return planes.flat().some((value) => value !== null) ? planes : null
}
