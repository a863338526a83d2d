import {
  addDays,
  assess,
  assessLine,
  compareNumbers,
  createCalculations,
  decodeDesignation,
  emptyPosition,
  evenEdges,
  findBearing,
  levelledMoves,
  rankCauses,
  replacements,
  searchCatalogue,
  seededRandom,
  simulateFits,
  sketchShaft,
  solveBeam,
  sweep,
  trackPlaces,
  usualSketch,
  weeksAhead,
  type RollingPosition,
  type WeekPoint,
  PlainPosition,
  plainWhatIfs,
} from '@yardfrost/core'
import { loadReferences } from '@yardfrost/server/reference-files'
import { readdirSync, readFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { gzipSync } from 'node:zlib'
import { build } from 'vite'
import { writeBenchmark } from './write-benchmark.ts'

// Machines are noisy, so every time stands beside a yardstick measured in the same run: a plain loop of square roots.

// Built before it runs, as the browser gets it; so the folder is the one the command is given in.
const root = process.cwd()
const references = loadReferences()
const { catalogue, damage } = references
const calculations = createCalculations(references)
const empty = emptyPosition()
const position = (designation: string): RollingPosition => ({
  ...empty,
  bearing: { ...empty.bearing, designation, requiredClearance: 'C3' },
  load: { ...empty.load, radialN: 5200, axialN: 400, speedRpm: 1480 },
  seat: { ...empty.seat, loadCase: 'inner-turns', slides: 'outer', ringRiseC: 30 },
  float: { ...empty.float, innerC: 75, outerC: 65 },
  grease: { ...empty.grease, nu40Cst: 110, runningC: 65, cleanliness: 'normal' },
})
const machine = { kind: 'pump', duty: 'round-the-clock' } as const

/** Something the optimiser cannot see through, so that no loop is thrown away. */
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

const million = 1_000_000
const [seatUm, ringUm] = [{ lowerUm: 2, upperUm: 15 }, { lowerUm: -15, upperUm: 0 }] // prettier-ignore

/** The arithmetic of a million fits with nothing round it. */
function bareFits(): void {
  const fits = new Float32Array(million)
  const random = seededRandom(3)
  for (let index = 0; index < million; index++) {
    const seat = 2 + (13 / 3) * (random() + random() + random())
    const ring = -15 + 5 * (random() + random() + random())
    fits[index] = seat - ring
  }
  kept += fits[million - 1] ?? 0
}

function sweepAll(): void {
  const limits = { boreMm: null, largestOdMm: null, largestWidthMm: null, types: null }
  const work = sweep(position('6314-C3'), machine, catalogue, limits)
  for (let step = work.next(); ; step = work.next()) {
    if (!step.done) continue
    kept += step.value.length
    return
  }
}

const longBeam = {
  sections: [{ lengthMm: 3000, diameterMm: 90, boreMm: 0 }],
  supports: [{ xMm: 200 }, { xMm: 1500 }, { xMm: 2800 }],
  loads: [
    { xMm: 900, forceN: 5000 },
    { xMm: 2200, forceN: 8000 },
  ],
  elements: 200,
}
const pumpLine = sketchShaft('pump', usualSketch.pump, ['Coupling end', 'Impeller end'])
const inside = {
  balls: { bearingType: 'deep-groove-ball', elements: 9, elementDiameterMm: 9.525, pitchDiameterMm: 46, radialN: 2000, operatingClearanceUm: 10, tiltArcmin: 3 },
  rollers: { bearingType: 'cylindrical-roller', elements: 20, elementDiameterMm: 12.5, elementLengthMm: 12.4, pitchDiameterMm: 100, radialN: 9000, operatingClearanceUm: 20, tiltArcmin: 3 },
} as const // prettier-ignore
const distribute = (bearing: keyof typeof inside) => () =>
  void calculations.get('load.distribution')?.run(inside[bearing])
/** Points of a plant of 2,000 machines, due over a year. */
const today = '2026-11-23'
const points = Array.from({ length: 6000 }, (_, index): WeekPoint => {
  const intervalDays = [14, 28, 90, 180, 365][index % 5] ?? 28
  const dueOn = addDays(today, (index * 37) % intervalDays)
  const tolerance = Math.floor(intervalDays / 10)
  return { id: `p${index}`, machine: `m${index % 2000}`, dueOn, earlyOn: addDays(dueOn, -tolerance), lateOn: addDays(dueOn, tolerance), movedTo: null, lastDone: today, intervalDays, minutes: 5 } // prettier-ignore
})
const fiveYears = Array.from({ length: 1825 }, (_, day) => ({
  date: addDays(today, day - 1825),
  median: 55 + ((day * 7919) % 13) / 10,
  count: 3,
}))
const judgeFiveYears = () => void calculations.get('trend.judge')?.run({ quantity: 'temperature', daily: fiveYears })
/** Both rings of a bearing painted askew, beside another end that shows the same, at a plant with findings of its own. */
const askew = (ring: 'outer' | 'inner') => ({
  ring,
  row: 1,
  edges: evenEdges(-0.1, 0.1).map((_, place): [number, number] => {
    const middle = 0.2 * Math.cos((2 * Math.PI * place) / trackPlaces)
    return [middle - 0.1, middle + 0.1]
  }),
})
const painted = {
  ...position('22216 EK-C3'),
  diagnose: {
    ...empty.diagnose,
    bands: [askew('outer'), askew('inner')],
    seen: ['cage-broken'],
    upperFaces: 'outward' as const,
  },
}
const otherEnd = {
  ...painted.diagnose,
  id: '',
  position: 'Fan end',
  designation: '22216 EK-C3',
  loadCase: null,
  at: null,
}
const beside = { ...machine, ends: [otherEnd], causesFound: { 'misalignment-housing': 20, 'no-float': 20 } }
/** A catalogue of fifty thousand rows, each of ours many times over. */
const { everyRow } = catalogue
const fiftyThousand = { ...catalogue, everyRow: Array.from({ length: 50_000 }, (_, index) => everyRow[index % everyRow.length]) } as typeof catalogue // prettier-ignore
const bearingOf = (designation: string) => {
  const found = findBearing(designation, catalogue)
  if (!found) throw new Error(`${designation} is not in the tables`)
  return found
}
const [lies, calledFor] = [bearingOf('22218 EK'), bearingOf('22218 E-C3')]
const nineReadings = { boreMm: [60.04, 60.03, 60.05], odMm: [109.97, 109.98, 109.97], widthMm: [21.93, 21.95, 21.94] }
const evidence = ['dents-at-pitch', 'dents-finish-intact', 'hammered-on', 'rust']
const journal = PlainPosition.parse({
  bearing: { form: 'split', material: 'white-metal', journalMm: 110, lengthMm: 95 },
  load: { radialN: 12_500, axialN: 0, speedRpm: 740 },
  oil: { lubrication: 'oil-fed', supply: 'ring', nu40Cst: 68, roomC: 24 },
})
const balanceJournal = () =>
  void calculations.get('sleeve.balance')?.run({ journalDiameterMm: 110, lengthMm: 95, diametralClearanceMm: 0.135, loadN: 12_500, speedRpm: 740, nu40Cst: 68, supply: 'ring', ambientC: 24 }) // prettier-ignore
const stick = median(yardstick, 200)
const bare = median(bareFits, 9)
const works: [title: string, limitMs: number | null, work: () => void, runs: number][] = [
  ['assess, all lenses, deep groove ball', 1, () => void assess(position('6314-C3'), machine, catalogue, damage), 2000],
  ['assess, spherical roller on a taper', 1, () => void assess(position('22220 EK/C3'), machine, catalogue, damage), 2000],
  ['assess, a bearing of which nothing is known', 1, () => void assess({ ...empty, bearing: { ...empty.bearing, designation: '6314' } }, machine, catalogue, damage), 2000],
  ['assess, nothing entered', 1, () => void assess(empty, machine, catalogue, damage), 2000],
  ['a journal balanced: film, heat and friction', 2, balanceJournal, 500],
  ['assess, a plain bearing on its film, all lenses', null, () => void assess(journal, machine, catalogue), 300],
  ['what the usual mishaps cost it', null, () => void plainWhatIfs(journal, machine), 50],
  ['load among the balls of a tilted 6206', 1, distribute('balls'), 500],
  ['load among 20 tilted rollers of 30 laminae', 3, distribute('rollers'), 300],
  ['read a designation', null, () => void decodeDesignation('NU2218 E-M/C3', catalogue), 2000],
  ['sweep of the catalogue, Carry and Seat', 100, sweepAll, 15],
  ['a million simulated fits', 2 * bare, () => void simulateFits('shaft', seatUm, ringUm, million, seededRandom(3)), 9],
  ['beam of 200 elements, solved once', 10, () => void solveBeam(longBeam), 200],
  ['a shaft line judged whole, beam and critical speed', null, () => void assessLine(pumpLine, new Map(), catalogue), 200],
  ['weeks ahead of 6,000 points', 100, () => void weeksAhead(points, today, 11), 30],
  ['the same, levelled', 1000, () => void levelledMoves(points, [], today, 11), 5],
  ['trend of five years of days', 50, judgeFiveYears, 50],
  ['a stroke painted, all judged by it', 8, () => void assess(painted, beside, catalogue, damage), 300],
  ['search of 50,000 rows, a keystroke', 20, () => void searchCatalogue(fiftyThousand, { text: '2221', limit: 12 }), 100],
  ['two numbers compared', 16, () => void compareNumbers(lies, calledFor), 500],
  ['what may go in its place', null, () => void replacements(calledFor, catalogue), 100],
  ['identify from nine readings', 10, () => void calculations.get('identify.match')?.run(nineReadings), 200],
  ['damage ranked, next questions', 20, () => void rankCauses({ evidence, absent: [], context: { kappa: 0.6 } }, damage), 300],
] // prettier-ignore

const lines = [
  `node ${process.versions.node}, ${cpus().length} cores; yardstick ${stick.toFixed(3)} ms, bare million fits ${bare.toFixed(1)} ms`,
]
for (const [title, limit, work, runs] of works) {
  const time = median(work, runs)
  const against =
    limit === null ? '' : time < limit ? `  under ${limit.toFixed(0)} ms` : `  OVER ${limit.toFixed(0)} ms`
  lines.push(
    `${title.padEnd(40)} ${time.toFixed(3).padStart(9)} ms ${(time / stick).toFixed(2).padStart(7)} × yardstick${against}`,
  )
}

/** What the judgement of a rolling bearing takes along of core, minified and gzipped, without zod, kB. */
async function judgeSize(): Promise<number> {
  const entry = 'judge'
  const built = await build({
    configFile: false,
    root,
    logLevel: 'silent',
    plugins: [
      {
        name: 'entry',
        resolveId: (id) => (id === entry ? `\0${entry}` : null),
        load: (id) => (id === `\0${entry}` ? `export { assessRolling } from '${root}/core/src/index.ts'` : null),
      },
    ],
    build: {
      write: false,
      target: 'es2022',
      rolldownOptions: { input: entry, external: ['zod'], preserveEntrySignatures: 'strict' },
    },
  })
  const [only] = [built].flat()
  if (!only || !('output' in only)) throw new Error('core was not built')
  return gzipSync(only.output[0].code).length / 1000
}

/** Sizes of the built page's parts, gzipped, kB. */
async function built(): Promise<string[]> {
  const folder = `${root}/web/dist/assets`
  const size = (file: string) => gzipSync(readFileSync(`${folder}/${file}`)).length / 1000
  const scripts = readdirSync(folder).filter((file) => file.endsWith('.js'))
  const html = readFileSync(`${root}/web/dist/index.html`, 'utf8')
  const first = scripts.filter((file) => html.includes(file))
  const sum = (files: string[]) => files.reduce((total, file) => total + size(file), 0)
  const part = (name: string) => sum(scripts.filter((file) => file.startsWith(name)))
  return [
    `first load, scripts, gzipped              ${sum(first).toFixed(0).padStart(5)} kB  of 300`,
    `core with the tables, as a bench loads it  ${(await judgeSize()).toFixed(0).padStart(4)} kB  of 120`,
    `catalogue and knowledge of damage         ${part('references-').toFixed(0).padStart(5)} kB`,
  ]
}
lines.push(...(await built()))
console.log(lines.join('\n'))
writeBenchmark(`${root}/docs/benchmarks.md`, {
  heading: '',
  command: 'npm run bench',
  remark: ' Compare by ratio to the yardstick, not by milliseconds: machines differ.',
  lines,
})
if (!Number.isFinite(kept)) throw new Error('the yardstick lost count')
