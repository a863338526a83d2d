import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt } from '../errors/input-error.ts'
import { inSentence } from '../model/sentence.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { interference, type FitResult } from './fit-result.ts'
import { iso286Limits, parseZone } from './iso286-limits.ts'
import { workOf, type Chosen, type SeatChoice } from './work-out.ts'

/** A zone that was not chosen, the fit it would give, and why it came second. */
export interface RunnerUp {
  zone: string
  fit: FitResult
  why: string
}

/** From loose to tight: a shaft grows through the letters, a bore shrinks. */
const letters = ['f', 'g', 'h', 'j', 'k', 'm', 'n', 'p', 'r']

/**
 * The zones one letter looser and one tighter than the chosen one, in its grade where the standard has it.
 *
 * @returns looser first; none for an inch seat, one where the letters end
 */
export function runnersUp(
  { seat, ringLoad }: SeatChoice,
  chosen: Chosen,
  position: RollingPosition,
  bearing: ResolvedBearing,
): RunnerUp[] {
  if (!chosen.zone) return []
  const { letters: written, grade } = parseZone(chosen.zone)
  const at = letters.indexOf(written.toLowerCase() === 'js' ? 'j' : written.toLowerCase())
  return [-1, 1].flatMap((step) => {
    const letter = letters[at + step]
    if (at < 0 || !letter) return []
    const zone = nearestGrade(seat === 'shaft' ? letter : letter.toUpperCase(), grade, chosen.nominalMm)
    if (!zone) return []
    const fit = interference(seat, iso286Limits({ nominalMm: chosen.nominalMm, zone }), chosen.ring)
    const why = step < 0 ? whyNotLooser() : whyNotTighter(fit)
    return [{ zone, fit, why }]

    function whyNotLooser(): string {
      if (ringLoad === 'stationary') return 'more room than sliding needs: the ring is guided less and wanders sooner'
      if (seat === 'housing') return 'too little grip: the load travels round the ring and makes it creep'
      const left = workOf(position, bearing, fit).remainingProbableMinUm
      return left > 0
        ? 'holds by the rules of thumb too, with less in hand'
        : `load and heat may leave ${inSentence(left, 'deviation')}: the ring creeps`
    }
  })

  function whyNotTighter(fit: FitResult): string {
    if (ringLoad === 'stationary')
      return seat === 'housing' || position.seat.slides === 'inner'
        ? 'may bind, and then the ring cannot follow the growth'
        : 'harder to dismount, and nothing is gained'
    const more = fit.interferenceMaxUm - chosen.fit.interferenceMaxUm
    return `up to ${inSentence(more, 'deviation')} more is taken from the clearance, and the ring has to be hotter`
  }
}

/** The letter in this grade, or in the next one that the standard holds; null when it holds none near. */
function nearestGrade(letter: string, grade: number, nominalMm: number): string | null {
  for (const near of [grade, grade + 1, grade - 1]) {
    const zone = `${letter}${near}`
    if (attempt(() => iso286Limits({ nominalMm, zone })).value) return zone
  }
  return null
}
