import type { PlainPosition } from '../../kinds/plain/position.ts'
import { now, type Check } from '../../working/check.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import { plainRefusal } from '../refusal.ts'
import * as words from './words.ts'
import type { CarryOutcome } from './work-out.ts'

/** Film, or metal of the bearing: watched from here, stopped from there, °C. @see sleeve.md: white metal */
const [watchC, tripC] = [90, 110]
/** A light journal may whirl from this sliding speed, m/s. */
const whirlsFromMPerS = 10
/** White metal under a standing journal is pressed no harder, MPa. */
const restMPa = 3
/** Measured metal or housing over what the balance says, K, and as a share of its rise, before it counts. */
const [slackK, slackShare] = [10, 0.5]

/** The verdicts of Carry. */
export function carryChecks(position: PlainPosition, identify: IdentifyOutcome, outcome: CarryOutcome): Check[] {
  const { balance, bush, onFilm } = outcome
  const refusal = onFilm ? balance?.refusal : bush?.refusal
  if (refusal) {
    const { field, message, fix } = plainRefusal(refusal)
    return [now('refused', 'stop', words.refused(message, fix), { field }), ...thrustChecks(position)]
  }
  return [
    ...thrustChecks(position),
    ...(onFilm ? filmChecks(position, identify, outcome) : rubbingChecks(identify, outcome)),
    ...feedChecks(position, outcome),
    ...heatChecks(position, identify, outcome),
    ...lifeChecks(outcome),
  ]
}

/** A bush by itself holds nothing along the shaft. */
function thrustChecks({ load, float, bearing }: PlainPosition): Check[] {
  if (!load.axialN || float.collars !== 'none' || bearing.form === 'flanged') return []
  return [now('thrust', 'stop', words.noThrustFace(load.axialN), { field: 'float.collars' })]
}

function filmChecks(position: PlainPosition, { name }: IdentifyOutcome, outcome: CarryOutcome): Check[] {
  const found = outcome.balance?.value
  if (!found || outcome.filmUm === null) return []
  const { filmUm, roughnessUm, use, halvedUm, slides } = outcome
  const values = { filmUm, designUm: found.designMinimumUm }
  const lambda = Math.round((filmUm / roughnessUm) * 1000) / 1000
  const checks: Check[] = []
  const soft = name === 'white-metal'
  if (lambda < 3 || found.limited) {
    // A bronze that bears its pressure and speed wears, one that does not burns; white metal runs on a film or not at all.
    const bears = !soft && use !== null && use.verdict !== 'over-limit'
    const touching = lambda < 1 || found.limited
    const verdict = touching && !bears ? 'stop' : 'watch'
    checks.push(now('film', verdict, words.noFilm(filmUm, touching, halvedUm !== null, bears), { values, field: 'oil.nu40Cst' }))
  } else if (filmUm < found.designMinimumUm - 5e-4)
    checks.push(now('film', 'watch', words.thinFilm(filmUm, found.designMinimumUm, halvedUm !== null), { values, field: 'oil.nu40Cst' }))
  else checks.push(now('film', 'go', words.filmCarries(filmUm, found.designMinimumUm), { values }))
  if (found.starved) checks.push(now('starved', 'watch', words.starved(position.oil.feedLPerMin ?? 0, found.sideFlowLPerMin), { field: 'oil.feedLPerMin' }))
  if (found.turbulent) checks.push(now('turbulent', 'watch', words.turbulent, { values: { reynolds: found.reynolds } }))
  if (found.lightlyLoaded && slides && slides.velocityMPerS >= whirlsFromMPerS)
    checks.push(now('whirl', 'watch', words.mayWhirl(found.eccentricityRatio), { field: 'float.measuredMm' }))
  if (soft && slides && slides.pressureMPa > restMPa && (position.load.startsPerDay ?? 1) > 0)
    checks.push(now('rest', 'watch', words.pressedAtRest(slides.pressureMPa, restMPa), { field: 'load.radialN' }))
  return checks
} // prettier-ignore

function rubbingChecks({ name }: IdentifyOutcome, { excluded, use, bush, slides }: CarryOutcome): Check[] {
  const ranked = bush?.value?.ranked ?? []
  const better = ranked.find((one) => one.verdict === 'ok' && one.material !== name)?.material ?? null
  if (excluded && name) return [now('material', 'stop', words.notForIt(name, excluded, better), { field: 'bearing.material' })]
  if (!use || !name || !slides) return []
  const values = { utilisation: use.utilisation }
  if (use.verdict === 'over-limit') return [now('limits', 'stop', words.overLimit(name, use, better), { values, field: 'bearing.material' })]
  if (use.verdict === 'marginal') return [now('limits', 'watch', words.marginal(name, use), { values, field: 'load.radialN' })]
  return [now('limits', 'go', words.bears(name, use), { values })]
} // prettier-ignore

function feedChecks({ bearing }: PlainPosition, { feedInLoad, onFilm }: CarryOutcome): Check[] {
  if (!feedInLoad || !onFilm) return []
  return [now('feed', 'watch', words.feedInLoad(bearing.groove === 'axial'), { field: 'bearing.feedDeg' })]
}

function heatChecks({ oil }: PlainPosition, { material, name }: IdentifyOutcome, { balance, onFilm }: CarryOutcome): Check[] {
  const found = onFilm ? balance?.value : null
  const checks: Check[] = []
  const limitC = material && name !== 'white-metal' ? Math.min(tripC, material.hottestC) : tripC
  if (oil.metalC !== null && oil.metalC >= watchC)
    checks.push(now('metal', oil.metalC >= limitC ? 'stop' : 'watch', words.metalHot(oil.metalC, limitC), { field: 'oil.metalC' }))
  if (found) {
    const hottestC = Math.max(found.filmC, found.outletC ?? found.filmC)
    if (Math.round(hottestC * 100) / 100 > watchC) checks.push(now('hot', hottestC > tripC ? 'stop' : 'watch', words.filmHot(hottestC), { field: 'oil.nu40Cst' }))
    const rise = found.housingC - (oil.roomC ?? 20)
    const highC = found.housingC + Math.max(slackK, slackShare * rise)
    if (oil.housingC !== null && oil.housingC > highC)
      checks.push(now('warm', 'watch', words.warmerThan(oil.housingC, found.housingC, highC), { field: 'oil.housingC' }))
  }
  return checks
} // prettier-ignore

function lifeChecks({ wear, wantedH, onFilm, use }: CarryOutcome): Check[] {
  if (!wear || (!onFilm && use?.verdict === 'over-limit')) return []
  const values = { lifeH: wear.lifeH, wantedH }
  if (wear.lifeH >= wantedH) return [now('life', 'go', words.lasts(wear, wantedH), { values })]
  return [now('life', 'watch', words.wearsShort(wear, wantedH), { values, field: wear.by === 'starts' ? 'load.startsPerDay' : 'bearing.material' })]
} // prettier-ignore
