import { assess, emptyPosition, lookUpBearing, type Position } from '@yardfrost/core'
import { loadReferences } from '@yardfrost/server'
import { cpus } from 'node:os'

// Machines are noisy, so every time stands beside a yardstick measured in the same run: a plain loop of square roots.

const { catalogue } = loadReferences()
const empty = emptyPosition()
const position = (designation: string): Position => ({
  ...empty,
  bearing: { ...empty.bearing, designation, requiredClearance: 'C3' },
  load: { ...empty.load, radialN: 5200, axialN: 400, speedRpm: 1480 },
  seat: { ...empty.seat, loadCase: 'inner-turns', slides: 'outer', ringRiseC: 30 },
})
const machine = { kind: 'pump', duty: 'round-the-clock' } as const

let kept = 0
function yardstick(): void {
  for (let n = 1; n <= 100_000; n++) kept += Math.sqrt(n)
}

/** Median time of a work, ms, after a warm-up. */
function median(work: () => void, runs: number): number {
  for (let run = 0; run < Math.min(runs, 200); run++) work()
  const times = Array.from({ length: runs }, () => {
    const began = performance.now()
    work()
    return performance.now() - began
  })
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? NaN
}

const stick = median(yardstick, 200)
const works: [title: string, limitMs: number | null, work: () => void, runs: number][] = [
  ['assess, deep groove ball', 2, () => void assess(position('6314-C3'), machine, catalogue), 2000],
  ['assess, spherical roller on a taper', 2, () => void assess(position('22220 EK/C3'), machine, catalogue), 2000],
  ['assess, nothing entered', 2, () => void assess(empty, machine, catalogue), 2000],
  ['look a designation up', null, () => void lookUpBearing('NU2218 E-M/C3', catalogue), 2000],
]

console.log(`node ${process.versions.node}, ${cpus().length} cores; yardstick ${stick.toFixed(3)} ms`)
for (const [title, limit, work, runs] of works) {
  const time = median(work, runs)
  const against = limit === null ? '' : time < limit ? `, under ${limit} ms` : `, OVER ${limit} ms`
  console.log(
    `${title.padEnd(38)} ${time.toFixed(3).padStart(8)} ms  ${(time / stick).toFixed(2).padStart(6)} × yardstick${against}`,
  )
}
if (!Number.isFinite(kept)) console.log('')
