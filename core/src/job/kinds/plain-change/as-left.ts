import type { PlainPosition } from '../../../kinds/plain/position.ts'
import { emptyPlain } from '../../../kinds/plain/position.ts'
import type { JobProgress } from '../../job-progress.ts'

/** A plain bearing as a finished change leaves it: what was gauged, and what strip and blue told. Of the old one nothing stays. */
export function plainAsLeft(inputs: PlainPosition, positionId: string, { steps }: JobProgress): PlainPosition {
  const read = steps
    .filter(({ step }) => step.position?.id === positionId)
    .flatMap(({ readings }) => readings)
    .flatMap(({ reading: { gives }, entry }) => (gives && entry?.value != null ? [{ gives, value: entry.value }] : []))
  const seat: Partial<PlainPosition['seat']> = {}
  const mount: Partial<PlainPosition['mount']> = {}
  const strip: number[] = []
  let dipMm: number | null = null
  for (const { gives, value } of read) {
    if (gives.what === 'plain.seat') seat[gives.field] = value
    if (gives.what === 'plain.mount') mount[gives.field] = value
    if (gives.what === 'plain.strip') strip.push(value)
    if (gives.what === 'plain.dip') dipMm = value
  }
  const empty = emptyPlain()
  return {
    ...inputs,
    bearing: { ...inputs.bearing, looks: [], marking: '' },
    oil: { ...inputs.oil, dipMm: dipMm ?? inputs.oil.dipMm, ringTurns: null, housingC: null, metalC: null },
    seat: { ...inputs.seat, bushOdMm: null, freeBoreMm: null, fittedBoreMm: null, crushMm: null, ...seat },
    // The strip is the clearance from now on; what was measured of the old one went away with it.
    float: { ...inputs.float, measuredMm: strip.length > 0 ? null : empty.float.measuredMm },
    mount: { ...inputs.mount, stripMm: strip, bluePercent: null, contactDeg: null, jointMm: null, ...mount },
    diagnose: { ...empty.diagnose, putRight: inputs.diagnose.putRight.filter(({ as }) => as === 'question') },
  }
}
