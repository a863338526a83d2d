/** Pressure in an oil film round a journal. */
export interface FilmPressure {
  /** From the widest gap, in the direction of rotation; at the middle of the length, over the mean pressure W/(L D). */
  places: { deg: number; times: number }[]
  /** Highest, over the mean pressure. */
  mostTimes: number
  /** From the load line to the narrowest gap, with the rotation, degrees. */
  attitudeDeg: number
  /** The Sommerfeld number this field belongs to. */
  sommerfeld: number
}

const places = 120
const stepRad = (2 * Math.PI) / places
/** Over-relaxation, and where it ends. */
const [over, mostTurns, settled] = [1.7, 4000, 1e-9]

/**
 * Pressure round a journal of finite length at a given eccentricity: a parabola along the length, the Reynolds equation round it,
 * and no pressure where the film tears.
 *
 *     d/dθ(h³ p') − 5/2 (D/L)² h³ p = −15/2 ε sin θ      h = 1 + ε cos θ,  p ≥ 0
 *
 * Where oil comes in along the whole length there is no pressure: a groove in the loaded part cuts the film in two.
 *
 * For guidance and for drawing: within some 10 % of a two-dimensional solution up to L/D = 1, and exact for short bearings.
 *
 * @param eccentricityRatio - above 0, below 1
 * @param lengthRatio - L/D
 * @param openDeg - grooves along the axis, from the widest gap, with the rotation, degrees
 * @see Reynolds equation by Galerkin’s method; cavitation as in Raimondi and Boyd
 */
export function filmPressure(
  eccentricityRatio: number,
  lengthRatio: number,
  openDeg: readonly number[] = [],
): FilmPressure {
  const open = new Set(openDeg.map((deg) => Math.round((((deg % 360) + 360) % 360) / (360 / places))))
  const gap3 = (rad: number) => (1 + eccentricityRatio * Math.cos(rad)) ** 3
  const side = (2.5 * stepRad ** 2) / lengthRatio ** 2
  const between = Array.from({ length: places + 1 }, (_, index) => gap3((index + 0.5) * stepRad))
  const here = Array.from({ length: places + 1 }, (_, index) => gap3(index * stepRad) * side)
  const drive = Array.from(
    { length: places + 1 },
    (_, index) => 7.5 * eccentricityRatio * Math.sin(index * stepRad) * stepRad ** 2,
  )
  const p = new Float64Array(places + 1)
  for (let turn = 0, moved = Infinity; turn < mostTurns && moved > settled; turn++) {
    moved = 0
    let highest = 0
    for (let index = 1; index < places; index++) {
      if (open.has(index)) continue
      const [back = 0, ahead = 0] = [between[index - 1], between[index]]
      const [left = 0, mid = 0, right = 0] = [p[index - 1], p[index], p[index + 1]]
      const solved = (back * left + ahead * right + (drive[index] ?? 0)) / (back + ahead + (here[index] ?? 0))
      const next = Math.max(0, mid + over * (solved - mid))
      moved = Math.max(moved, Math.abs(next - mid))
      highest = Math.max(highest, next)
      p[index] = next
    }
    moved /= highest || 1
  }
  let [along, across, most] = [0, 0, 0]
  for (let index = 0; index < places; index++) {
    const value = p[index] ?? 0
    along -= value * Math.cos(index * stepRad) * stepRad
    across += value * Math.sin(index * stepRad) * stepRad
    most = Math.max(most, value)
  }
  const force = Math.hypot(along, across)
  // The mean of a parabola is two thirds of its height, and L D is twice L R.
  const mean = force / 3
  return {
    places: Array.from({ length: places + 1 }, (_, index) => ({ deg: (index * 360) / places, times: (p[index] ?? 0) / mean })),
    mostTimes: most / mean,
    attitudeDeg: (Math.atan2(across, along) * 180) / Math.PI,
    sommerfeld: 3 / (2 * Math.PI * force),
  }
} // prettier-ignore
