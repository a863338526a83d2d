/** One plane of a stepped shaft on its supports. Lengths in mm, forces in N. */
export interface BeamInput {
  /** Steps of the shaft, left to right from 0. */
  sections: readonly { lengthMm: number; diameterMm: number; boreMm: number }[]
  /** Supports; a stiffness left out is rigid. */
  supports: readonly { xMm: number; stiffnessNPerMm?: number }[]
  /** Forces; downward positive. */
  loads: readonly { xMm: number; forceN: number }[]
  /** Masses for the critical speed. */
  masses?: readonly { xMm: number; massKg: number }[]
  /** Least number of elements. */
  elements?: number
}

export interface BeamResult {
  /** Places of the nodes, mm. */
  xMm: Float64Array
  /** Downward positive, mm. */
  deflectionMm: Float64Array
  /** Radians. */
  slope: Float64Array
  /** Load on each support, downward positive, N. */
  supportN: number[]
  /** Slope at each support, radians. */
  supportSlope: number[]
}

const steelModulus = 206_000
/** A rigid support is this many times stiffer than the stiffest element; more would cost digits. */
const rigidTimes = 1e6
const usualElements = 60

/**
 * Bending of a stepped shaft on any number of springy or rigid supports, by Euler-Bernoulli finite elements.
 *
 * Nodes stand at every step, support and load; the longest gaps are halved until there are enough elements. The stiffness
 * matrix has seven diagonals and is solved as such.
 *
 * @throws RangeError when a support or load stands beyond the shaft by more than it is long: the caller places them
 * @see textbook beam elements with cubic shape functions
 */
export function solveBeam(input: BeamInput): BeamResult {
  const mesh = meshOf(input)
  const stiffness = assemble(mesh, input)
  const force = new Float64Array(2 * mesh.xMm.length)
  for (const { xMm, forceN } of input.loads) {
    const dof = 2 * nodeAt(mesh, xMm)
    force[dof] = (force[dof] ?? 0) + forceN
  }
  const solved = solveBanded(stiffness.matrix, force)
  const nodes = mesh.xMm.length
  return {
    xMm: mesh.xMm,
    deflectionMm: Float64Array.from({ length: nodes }, (_, node) => solved[2 * node] ?? NaN),
    slope: Float64Array.from({ length: nodes }, (_, node) => solved[2 * node + 1] ?? NaN),
    supportN: stiffness.springs.map(({ dof, k }) => k * (solved[dof] ?? NaN)),
    supportSlope: stiffness.springs.map(({ dof }) => solved[dof + 1] ?? NaN),
  }
}

/** Steps of the inverse iteration; the lowest mode stands apart, so it settles soon. */
const iterations = 30

/**
 * First critical speed in bending, r/min, with the shaft and everything on it as masses at the nodes.
 *
 * Guidance: no gyroscopic effect, no oil film, no foundation.
 */
export function firstCriticalRpm(input: BeamInput): number {
  const mesh = meshOf(input)
  const { matrix } = assemble(mesh, input)
  const factor = factorise(matrix)
  const mass = new Float64Array(2 * mesh.xMm.length)
  for (const { xMm, massKg } of input.masses ?? []) {
    const dof = 2 * nodeAt(mesh, xMm)
    mass[dof] = (mass[dof] ?? 0) + massKg
  }
  let shape: Float64Array = Float64Array.from(mass, (one) => (one > 0 ? 1 : 0))
  let omega2 = 0
  for (let step = 0; step < iterations; step++) {
    const inertia = shape.map((one, dof) => one * (mass[dof] ?? 0))
    const next = substitute(factor, inertia)
    // Rayleigh: work of the spring forces against that of the inertia forces; N/mm over kg is 1000 /s².
    let [above, below] = [0, 0]
    for (let dof = 0; dof < next.length; dof++) {
      above += (next[dof] ?? 0) * (inertia[dof] ?? 0)
      below += (next[dof] ?? 0) ** 2 * (mass[dof] ?? 0)
    }
    if (below === 0) return Infinity
    omega2 = (1000 * above) / below
    const largest = next.reduce((most, one) => Math.max(most, Math.abs(one)), 0)
    shape = next.map((one) => one / largest)
  }
  return (Math.sqrt(omega2) * 60) / (2 * Math.PI)
}

interface Mesh {
  xMm: Float64Array
  /** Bending stiffness of each element, N mm². */
  bending: Float64Array
}

function meshOf({ sections, supports, loads, masses = [], elements = usualElements }: BeamInput): Mesh {
  const ends = sections.reduce<number[]>(
    (sofar, { lengthMm }) => [...sofar, (sofar[sofar.length - 1] ?? 0) + lengthMm],
    [0],
  )
  const lengthMm = ends[ends.length - 1] ?? 0
  const wanted = [...ends, ...[...supports, ...loads, ...masses].map(({ xMm }) => xMm)].sort((a, b) => a - b)
  const apart = lengthMm * 1e-6
  const nodes = wanted.filter((x, index) => index === 0 || x - (wanted[index - 1] ?? 0) > apart)
  const gaps = nodes.slice(1).map((to, index) => ({ from: nodes[index] ?? 0, to, parts: 1 }))
  for (let count = gaps.length; count < elements; count++) {
    const longest = gaps.reduce((most, gap) =>
      (gap.to - gap.from) / gap.parts > (most.to - most.from) / most.parts ? gap : most,
    )
    longest.parts++
  }
  const xMm = [
    nodes[0] ?? 0,
    ...gaps.flatMap(({ from, to, parts }) =>
      Array.from({ length: parts }, (_, part) => from + ((to - from) * (part + 1)) / parts),
    ),
  ]
  const inertia = sections.map(({ diameterMm, boreMm }) => (Math.PI * (diameterMm ** 4 - boreMm ** 4)) / 64)
  const bending = Float64Array.from({ length: xMm.length - 1 }, (_, element) => {
    const middle = ((xMm[element] ?? 0) + (xMm[element + 1] ?? 0)) / 2
    // What stands out beyond the shaft rides on it as if its last step went on.
    const section = Math.max(0, ends.findIndex((end) => end > middle) - 1)
    const within = middle >= lengthMm ? inertia.length - 1 : middle < 0 ? 0 : section
    return steelModulus * (inertia[within] ?? 0)
  })
  return { xMm: Float64Array.from(xMm), bending }
}

function nodeAt({ xMm }: Mesh, wanted: number): number {
  let nearest = 0
  for (let node = 1; node < xMm.length; node++)
    if (Math.abs((xMm[node] ?? 0) - wanted) < Math.abs((xMm[nearest] ?? 0) - wanted)) nearest = node
  return nearest
}

/** Diagonals on each side of the main one: an element joins two nodes of two unknowns each. */
const band = 3

/** A symmetric matrix with `band` diagonals, row by row: entry (i, i + j) at i (band + 1) + j. */
interface Banded {
  size: number
  at: Float64Array
}

function assemble(mesh: Mesh, { supports }: BeamInput): { matrix: Banded; springs: { dof: number; k: number }[] } {
  const size = 2 * mesh.xMm.length
  const at = new Float64Array(size * (band + 1))
  const add = (row: number, column: number, value: number) => {
    if (column < row) return
    const index = row * (band + 1) + column - row
    at[index] = (at[index] ?? 0) + value
  }
  let stiffest = 0
  for (let element = 0; element < mesh.bending.length; element++) {
    const l = (mesh.xMm[element + 1] ?? 0) - (mesh.xMm[element] ?? 0)
    const ei = mesh.bending[element] ?? 0
    const k = ei / l ** 3
    stiffest = Math.max(stiffest, 12 * k)
    const rows = [
      [12 * k, 6 * k * l, -12 * k, 6 * k * l],
      [6 * k * l, 4 * k * l ** 2, -6 * k * l, 2 * k * l ** 2],
      [-12 * k, -6 * k * l, 12 * k, -6 * k * l],
      [6 * k * l, 2 * k * l ** 2, -6 * k * l, 4 * k * l ** 2],
    ]
    rows.forEach((row, i) => row.forEach((value, j) => add(2 * element + i, 2 * element + j, value)))
  }
  const springs = supports.map(({ xMm, stiffnessNPerMm }) => {
    const spring = { dof: 2 * nodeAt(mesh, xMm), k: stiffnessNPerMm ?? rigidTimes * stiffest }
    add(spring.dof, spring.dof, spring.k)
    return spring
  })
  return { matrix: { size, at }, springs }
}

/** L D Lᵀ of a banded matrix, in place of its copy: D on the diagonal, L beside it. */
function factorise({ size, at }: Banded): Banded {
  const factor = Float64Array.from(at)
  const get = (row: number, offset: number) => factor[row * (band + 1) + offset] ?? 0
  for (let row = 0; row < size; row++) {
    for (let offset = 0; offset <= band && row + offset < size; offset++) {
      let sum = get(row, offset)
      for (let back = 1; back + offset <= band && back <= row; back++)
        sum -= get(row - back, back) * get(row - back, back + offset) * get(row - back, 0)
      factor[row * (band + 1) + offset] = offset === 0 ? sum : sum / get(row, 0)
    }
  }
  return { size, at: factor }
}

function substitute({ size, at }: Banded, right: Float64Array): Float64Array {
  const x = Float64Array.from(right)
  const l = (row: number, offset: number) => at[row * (band + 1) + offset] ?? 0
  for (let row = 0; row < size; row++)
    for (let offset = 1; offset <= band && row + offset < size; offset++)
      x[row + offset] = (x[row + offset] ?? 0) - l(row, offset) * (x[row] ?? 0)
  for (let row = 0; row < size; row++) x[row] = (x[row] ?? 0) / l(row, 0)
  for (let row = size - 1; row >= 0; row--)
    for (let offset = 1; offset <= band && row + offset < size; offset++)
      x[row] = (x[row] ?? 0) - l(row, offset) * (x[row + offset] ?? 0)
  return x
}

const solveBanded = (matrix: Banded, right: Float64Array): Float64Array => substitute(factorise(matrix), right)
