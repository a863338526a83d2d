import type { UpgradeStep } from './document.ts'

/** What a reading gives stood in its key, and what is done in the key of its step. */
const givesOf = (stage: string, key: string): object | null => {
  const [, seat, place] = /^(shaft|housing)-(\d+)$/.exec(key) ?? []
  if (stage === 'gauge' && seat) return { what: `seat.${seat}`, place: Number(place) }
  const ran = /^after-(\d+):(.*)$/.exec(key)
  if (stage === 'run-up' && ran) return { what: 'run-up', position: ran[2], minutes: Number(ran[1]) }
  return single[`${stage} ${key}`] ?? null
}
const single: Record<string, object> = {
  'check-new number': { what: 'bearing.designation' },
  'mount before': { what: 'float.measured' },
  'mount lifted': { what: 'lifted' },
  'float end-play': { what: 'float.end-play' },
  'float room': { what: 'float.room' },
}

/** Schema 2: a step says its stage, and a reading what it gives. */
const withStageAndGives: UpgradeStep = (step) => {
  const stage = String(step['key']).split(':')[0] ?? ''
  const readings = Array.isArray(step['readings']) ? (step['readings'] as Record<string, unknown>[]) : []
  return {
    ...step,
    stage,
    readings: readings.map((one) => ({ ...one, gives: givesOf(stage, String(one['key'])) })),
  }
}

export const jobStepSteps: readonly UpgradeStep[] = [withStageAndGives]
export const jobStepSchema = 2
