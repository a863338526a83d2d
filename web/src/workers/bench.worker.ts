import { attempt, bestClearance, fitHistogram, seededRandom, simulateFits, sweep } from '@yardfrost/core'
import { expose } from 'comlink'
import { catalogue } from '../references.ts'
import type { BenchWork } from './protocol.ts'

/** Progress is told about this often, ms: each telling crosses to the page. */
const tellEveryMs = 30
/** One seed, so that the same fit is drawn the same way each time. */
const seed = 20_406
const bins = 32

const work: BenchWork = {
  sweep(position, machine, limits, progress) {
    const steps = sweep(position, machine, catalogue, limits)
    let told = 0
    for (;;) {
      const step = steps.next()
      if (step.done) return Promise.resolve(step.value)
      const now = performance.now()
      if (now - told > tellEveryMs) {
        told = now
        progress(step.value.done, step.value.of)
      }
    }
  },
  clearanceLife: (input) => Promise.resolve(attempt(() => bestClearance(input)).value),
  fits(seat, worked, ring, count) {
    const fits = simulateFits(seat, worked, ring, count, seededRandom(seed))
    const [loosest, tightest] =
      seat === 'shaft'
        ? [worked.lowerUm - ring.upperUm, worked.upperUm - ring.lowerUm]
        : [ring.lowerUm - worked.upperUm, ring.upperUm - worked.lowerUm]
    return Promise.resolve(fitHistogram(fits, loosest, tightest, bins))
  },
}

expose(work)
