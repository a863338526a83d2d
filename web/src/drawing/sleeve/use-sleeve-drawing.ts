import { filmPressure, type PlainAssessment, type PlainLens, type PlainPosition } from '@yardfrost/core'
import { computed } from 'vue'
import type { DrawnSleeve, SleeveCallout } from './frame.ts'
import { useFormat } from '../../figures/use-format.ts'

const degrees = { up: 0, right: 90, down: 180, left: 270 } as const
/** A journal that no film carries lies where it is pressed. */
const resting = { eccentricity: 1, attitudeDeg: 0 }
/** Nearer than this a drawn journal would cover its gap. */
const nearest = 0.97

/** What is drawn of a plain bearing, and what a lens has to say on it. */
export function useSleeveDrawing(of: () => { inputs: PlainPosition; assessment: PlainAssessment; lens: PlainLens }) {
  const format = useFormat()
  const outcomes = computed(() => of().assessment.outcomes)
  const figure = (on: PlainLens, name: string) => {
    const shown = of().assessment.lenses[on].figures[name]
    const text = shown && format.figure(shown)
    return text ? `${text.digits} ${text.unit}`.trim() : null
  }
  /** Pressure of the film; null where none carries. */
  const pressure = computed(() => {
    const { carry, identify } = outcomes.value
    const found = carry.balance?.value
    if (!found || !identify.sizes || found.regime !== 'full-film') return null
    const { bearing, load } = of().inputs
    const [eccentricity, { ratio }] = [Math.min(nearest, found.eccentricityRatio), identify.sizes]
    const whole = filmPressure(eccentricity, ratio)
    if (bearing.groove !== 'axial' || bearing.feedDeg === null || load.turning === 'turns') return whole
    const widestDeg = degrees[load.towards] + whole.attitudeDeg - 180
    // The load holds the journal where it is; the groove only takes the pressure away.
    return { ...filmPressure(eccentricity, ratio, [bearing.feedDeg - widestDeg]), attitudeDeg: whole.attitudeDeg }
  })
  const sleeve = computed((): DrawnSleeve | null => {
    const { identify, carry, oil } = outcomes.value
    const { bearing, load, oil: kept } = of().inputs
    if (!identify.sizes) return null
    const found = carry.balance?.value
    const floats = found && pressure.value ? { eccentricity: Math.min(nearest, found.eccentricityRatio), attitudeDeg: pressure.value.attitudeDeg } : resting // prettier-ignore
    return {
      sizes: identify.sizes,
      split: bearing.form === 'split',
      flangeMm: bearing.form === 'flanged' ? (bearing.flangeMm ?? 1.25 * identify.sizes.odMm) : null,
      groove: bearing.groove,
      feedDeg: bearing.feedDeg,
      loadDeg: degrees[load.towards],
      loadTurns: load.turning === 'turns',
      bothWays: load.bothWays,
      clearanceMm: Math.max(0.001, carry.clearance?.coldMm ?? 0.001 * identify.sizes.journalMm),
      ...floats,
      ring: oil.ring && {
        insideMm: oil.ring.insideMm,
        dipMm: kept.dipMm ?? (oil.ring.dip.lowMm + oil.ring.dip.highMm) / 2,
      },
      oiled: kept.lubrication === 'oil-fed',
    }
  })

  const say = (at: SleeveCallout['at'], text: string | null, note: string, tone: SleeveCallout['tone'] = 'ink'): SleeveCallout[] =>
    text === null ? [] : [{ at, text, note, tone }] // prettier-ignore
  const callouts = computed((): SleeveCallout[] => {
    const { carry } = outcomes.value
    switch (of().lens) {
      case 'carry': {
        const most = pressure.value && carry.slides ? format.digits(pressure.value.mostTimes * carry.slides.pressureMPa, 'stress', { figures: 2 }) : null // prettier-ignore
        return [
          ...(most === null ? [] : say('pressure', `${most} ${format.unit('stress')}`, 'highest in the film', 'ember')),
          ...say('film', figure('carry', 'film'), 'least film', 'frost'),
          ...(carry.onFilm ? [] : say('gap', figure('carry', 'life'), 'worn after', 'ember')),
        ]
      }
      case 'seat':
        return [
          ...say('bore', figure('seat', 'bore'), 'bore in place', 'ember'),
          ...say('outside', figure('seat', 'interference'), 'tight in its housing', 'ember'),
        ]
      case 'float':
        return [...say('gap', figure('float', 'hot'), 'clearance running', 'frost'), ...say('bore', figure('float', 'cold'), 'cold', 'frost')]
      case 'mount':
        return say('gap', figure('mount', 'wanted'), 'strip shall show', 'frost')
      case 'oil':
        return [...say('oil', outcomes.value.oil.ring ? figure('oil', 'dip') : null, 'ring dips in by', 'ember'), ...say('feed', null, '')]
      default:
        return []
    }
  }) // prettier-ignore
  const dimensions = computed(() => {
    const { sizes } = outcomes.value.identify
    if (!sizes || of().lens !== 'identify') return null
    const mm = (value: number) => format.digits(value, 'length', { decimals: Number.isInteger(value) ? 0 : 1 })
    return { journal: `ø ${mm(sizes.journalMm)}`, length: mm(sizes.lengthMm), outside: `ø ${mm(sizes.odMm)}` }
  })
  return { sleeve, pressure, callouts, dimensions }
}
