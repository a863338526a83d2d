import type { Heard } from '@yardfrost/core'

/** A record and what is known of the machine it was taken on. */
export interface ListenTask {
  samples: Float64Array
  sampleRateHz: number
  speedRpm: number
  bearing: {
    elements: number
    elementDiameterMm: number
    pitchDiameterMm: number
    contactAngleDeg: number
    rotatingRing: 'inner' | 'outer'
  } | null
  lineHz: number
}

/** What listening has worked out beside the page. */
export interface ListenWork {
  /** A refusal comes back as plain words. */
  hear(task: ListenTask): Promise<{ heard: Heard } | { refused: { message: string; fix: string; field: string } }>
}
