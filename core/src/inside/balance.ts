/** Forces, stiffness and energy of all elements with the inner ring at one place; mm and N. */
export interface Carried {
  radialN: number
  axialN: number
  /** Tangent stiffness, N/mm. */
  krr: number
  kra: number
  kaa: number
  energyNmm: number
  /** Sum of all element loads, the measure of rounding. */
  sumN: number
}

/** Where the inner ring stands against the outer, mm. */
export interface Place {
  radialMm: number
  axialMm: number
}

/** The elements of a bearing: what they answer to a place of the inner ring. */
export type Elements = (place: Place) => Carried

/** More steps than any of 75 000 random bearings took. */
const mostSteps = 300
const mostHalvings = 60
const relative = 1e-9
const rounding = 1e-14
/** Least reach of a step, mm: a micrometre. */
const leastReachMm = 0.001

const isDone = (missingN: number, loadN: number, sumN: number) => missingN <= relative * loadN + rounding * sumN
const reachOf = ({ radialMm, axialMm }: Place) => 2 * Math.max(Math.abs(radialMm) + Math.abs(axialMm), leastReachMm)

/**
 * The one place of the inner ring where the elements carry the load: Newton, its step halved until the energy falls.
 *
 * The energy less the work of the loads is convex, so there is one solution and any way to it is right.
 *
 * @returns the place; the last one reached if rounding stops the search
 */
export function balance(elements: Elements, loadN: { radialN: number; axialN: number }, start: Place): Place {
  const { radialN, axialN } = loadN
  const total = Math.hypot(radialN, axialN)
  let place = start
  let here = elements(place)
  for (let step = 0; step < mostSteps; step++) {
    const missing = [radialN - here.radialN, axialN - here.axialN] as const
    const missingN = Math.hypot(...missing)
    if (isDone(missingN, total, here.sumN)) return place
    const [dr, da] = stepOf(here, missing, loadN, reachOf(place))
    const workOf = ({ radialMm, axialMm }: Place) => radialN * radialMm + axialN * axialMm
    const level = here.energyNmm - workOf(place)
    const slack = relative * (here.energyNmm + Math.abs(radialN * place.radialMm) + Math.abs(axialN * place.axialMm))
    let accepted = false
    for (let halved = 0, share = 1; halved <= mostHalvings; halved++, share /= 2) {
      const tried = { radialMm: place.radialMm + share * dr, axialMm: place.axialMm + share * da }
      const there = elements(tried)
      const change = there.energyNmm - workOf(tried) - level
      const closer = Math.hypot(radialN - there.radialN, axialN - there.axialN) < missingN
      if (change < 0 || (closer && change <= slack)) {
        ;[place, here, accepted] = [tried, there, true]
        break
      }
    }
    if (!accepted) return place
  }
  return place
}

function stepOf(
  { krr, kra, kaa }: Carried,
  [missingR, missingA]: readonly [number, number],
  { radialN, axialN }: { radialN: number; axialN: number },
  reach: number,
): [dr: number, da: number] {
  const trace = krr + kaa
  if (trace === 0) {
    // Nothing is loaded yet: go where the load pushes.
    const total = Math.hypot(radialN, axialN)
    return [(radialN / total) * reach, (axialN / total) * reach]
  }
  const lift = krr * kaa - kra ** 2 <= 1e-9 * trace ** 2 ? 1e-9 * trace : 0
  const [rr, aa] = [krr + lift, kaa + lift]
  const determinant = rr * aa - kra ** 2
  const dr = (aa * missingR - kra * missingA) / determinant
  const da = (rr * missingA - kra * missingR) / determinant
  const length = Math.hypot(dr, da)
  return length > reach ? [(dr * reach) / length, (da * reach) / length] : [dr, da]
}

/** The same where the ring moves only along the radial load: Newton in a bracket. */
export function balanceRadially(elements: Elements, radialN: number, startMm: number): Place {
  let at = startMm
  let [low, high] = [-Infinity, Infinity]
  for (let step = 0; step < mostSteps; step++) {
    const here = elements({ radialMm: at, axialMm: 0 })
    const missing = radialN - here.radialN
    if (isDone(Math.abs(missing), radialN, here.sumN)) break
    if (missing > 0) low = Math.max(low, at)
    else high = Math.min(high, at)
    const reach = reachOf({ radialMm: at, axialMm: 0 })
    const wanted = here.krr > 0 ? missing / here.krr : Math.sign(missing) * reach
    let next = at + Math.max(-reach, Math.min(reach, wanted))
    if (next <= low || next >= high) next = (low + high) / 2
    if (next === at || !Number.isFinite(next)) break
    at = next
  }
  return { radialMm: at, axialMm: 0 }
}
