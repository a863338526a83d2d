import type { PlainPosition } from '../../kinds/plain/position.ts'
import { attempt } from '../../errors/input-error.ts'
import { dirts } from '../compare.ts'
import { wearLife, wearLimit } from '../bush.ts'
import type { BushMaterial } from '../bush-materials.ts'
import { film } from '../film.ts'
import type { SleeveSizes } from '../identify/work-out.ts'
import { surfaceSpeed } from '../../running/cooling.ts'
import { rootOf } from '../../working/root-of.ts'

/** What starting and stopping does to a journal that runs on a film. */
export interface Starts {
  /** Below this speed the metals touch. */
  liftOffRpm: number
  perDay: number
  /** Way that the journal rubs at one start and one stop, m. */
  rubsM: number
  wearUmPer1000: number
  limitMm: number
  lifeH: number
  lowH: number
  highH: number
}

/** Run up and run down of an ordinary machine together, s. */
const upAndDownS = 65
/** The film is whole where it is so many times the roughness. */
const whole = 3

/**
 * Wear by starts and stops: the way rubbed below the speed at which the film lifts the journal, times the wear of the material in oil.
 *
 *     s = ½ v_lift · 65 s · n_lift / n      wear = k p s
 *
 * For guidance: speed rises and falls evenly, in 65 s together.
 *
 * @returns null where it never lifts, or the material is not made for oil
 */
export function startsOf(given: {
  position: PlainPosition
  material: BushMaterial
  sizes: SleeveSizes
  clearanceMm: number
  speedRpm: number
  roughnessUm: number
  viscosityMPas: number
  pressureMPa: number
}): Starts | null {
  const { position, material, sizes, clearanceMm, speedRpm, roughnessUm, viscosityMPas, pressureMPa } = given
  const wears = material.by['oil-fed']
  if (!wears) return null
  const over = (rpm: number) =>
    film({
      journalDiameterMm: sizes.journalMm,
      lengthMm: sizes.lengthMm,
      diametralClearanceMm: clearanceMm,
      loadN: position.load.radialN ?? 0,
      speedRpm: rpm,
      viscosityMPas,
      roughnessUm,
    }).minFilmUm -
    whole * roughnessUm
  const lift = attempt(() => (over(speedRpm) > 0 ? Math.exp(rootOf((log) => over(Math.exp(log)), Math.log(speedRpm / 1e4), Math.log(speedRpm))) : null)).value
  if (lift === null) return null
  const perDay = position.load.startsPerDay ?? 1
  const rubsM = (surfaceSpeed(sizes.journalMm, lift) / 2) * upAndDownS * (lift / speedRpm)
  const dirt = material.dirt[dirts.indexOf(position.oil.dirt)] ?? 1
  const wearMm = wears.wear * 1e-8 * dirt * pressureMPa * rubsM
  const limitMm = wearLimit(material, sizes.journalMm)
  const hours = perDay > 0 && wearMm > 0 ? ((limitMm / wearMm) * 24) / perDay : Infinity
  return {
    liftOffRpm: lift,
    perDay,
    rubsM,
    wearUmPer1000: wearMm * 1e6,
    limitMm,
    ...wearLife(hours, material),
  }
} // prettier-ignore
