import { attempt, hear, MatchInput } from '@yardfrost/core'
import { expose } from 'comlink'
import type { ListenWork } from './protocol.ts'

const work: ListenWork = {
  hear({ samples, sampleRateHz, speedRpm, bearing, lineHz }) {
    const { value: heard, refusal } = attempt(() =>
      hear(
        MatchInput.parse({ samples: [...samples], sampleRateHz, speedRpm, lineHz, ...(bearing ? { bearing } : {}) }),
      ),
    )
    if (!refusal) return Promise.resolve({ heard })
    // An error does not cross to the page whole.
    const { message, fix, field } = refusal
    return Promise.resolve({ refused: { message, fix, field } })
  },
}

expose(work)
