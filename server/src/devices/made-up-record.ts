import type { PositionDetail, RecordVibration } from '@yardfrost/contract'
import { holdsRolling, InputError, lookUpBearing, runningSpeed, type References } from '@yardfrost/core'
import { chanceFor } from './chance-for.ts'

/** What was seen of a made-up machine decides what its made-up vibration shows, the plainest first; a sound one shows nothing. */
const shows: readonly [fault: string, signs: readonly string[]][] = [
  ['cage', ['cage-broken', 'cage-bent', 'cage-pockets-worn']],
  ['outer', ['fluting', 'at-outer-raceway', 'spall-load-zone', 'track-tilted-stationary', 'spectrum-outer-line']],
  ['inner', ['at-inner-raceway', 'track-tilted-rotating', 'spectrum-inner-line']],
  ['element', ['at-elements', 'etched-lines-at-pitch', 'spectrum-element-line']],
  ['misalignment', ['worn-to-one-side', 'seal-worn-one-side', 'grease-out-one-side', 'spectrum-2x-axial']],
  ['looseness', ['creep-bore', 'creep-outside', 'ring-loose-on-shaft', 'spectrum-many-harmonics']],
  ['unbalance', ['vibration-high-running', 'spectrum-1x']],
]

const [sampleRateHz, samples] = [25_600, 65_536]
/** Speeds the simulator knows, r/min. */
const [slowest, fastest] = [30, 30_000]

/**
 * What the simulated collector is to make up for a position.
 *
 * @throws InputError on `speedRpm` or `designation` where the bearing or its speed is not known, or too slow for a record
 */
export function madeUpRecord(
  detail: PositionDetail,
  { catalogue }: References,
  direction: RecordVibration['direction'],
) {
  const refuse = (field: string, value: unknown, allowed: string, fix: string) =>
    new InputError({ code: value === undefined ? 'MISSING' : 'OUT_OF_RANGE', field, value, allowed, fix })
  const { id, machine } = detail
  const position = holdsRolling(detail) ? detail.inputs : null
  const lookup = lookUpBearing(position?.bearing.designation ?? '', catalogue)
  if (!position || lookup.kind !== 'found')
    throw refuse(
      'designation',
      position?.bearing.designation,
      'a bearing of the tables',
      'Name the bearing in Identify.',
    )
  const speedRpm = runningSpeed(position)?.meanRpm
  if (speedRpm === undefined || speedRpm < slowest || speedRpm > fastest)
    throw refuse('speedRpm', speedRpm, `${slowest} to ${fastest} r/min`, 'Give the speed in Carry.')
  const { elements, elementDiameterMm, pitchDiameterMm, contactAngleDeg } = lookup.bearing.interior
  const told = new Set([...position.diagnose.seen, ...(machine.reported ?? []).map(({ sign }) => sign)])
  const chance = chanceFor(id, direction)
  return {
    seed: Math.floor(chance() * 4_294_967_295),
    sampleRateHz,
    samples,
    speedRpm: speedRpm * (1 - 0.004 * chance()),
    fault: shows.find(([, signs]) => signs.some((sign) => told.has(sign)))?.[0] ?? 'none',
    severity: 0.6,
    bearing: { elements, elementDiameterMm, pitchDiameterMm, contactAngleDeg, rotatingRing: position.seat.loadCase === 'outer-turns' ? 'outer' : 'inner' },
    noiseMs2: 0.5,
    slipPercent: -1.2 * chance(),
    direction,
  } // prettier-ignore
}
