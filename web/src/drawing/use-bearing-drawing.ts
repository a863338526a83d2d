import type { Lens, ResolvedBearing, RollingAssessment, RollingPosition } from '@yardfrost/core'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import type { Format } from '../figures/use-format.ts'
import { drawnHolding } from './drawn-holding.ts'
import { halfSection } from './half-section.ts'
import { overlays } from './overlay/index.ts'
import { layOut } from './sheet.ts'

/** A bearing with what is drawn of it. */
export interface Drawable {
  bearing: ResolvedBearing | null
  /** As core works with them: what the shaft line says in place of what was typed. */
  inputs: RollingPosition
  assessment: RollingAssessment
  lens: Lens
}

/**
 * The half-section of a position with what a lens lays over it, to scale on a sheet of so many px.
 *
 * @returns null parts while no bearing of the tables is there, or the sheet has no size yet
 */
export function useBearingDrawing(
  drawable: MaybeRefOrGetter<Drawable>,
  sheet: MaybeRefOrGetter<{ width: number; height: number }>,
  format: Format,
) {
  const section = computed(() => {
    const { bearing, inputs, assessment } = toValue(drawable)
    if (!bearing) return null
    const sleeveShaftMm = assessment.outcomes.seat.shaft.bare?.nominalMm ?? null
    return halfSection(bearing, drawnHolding(inputs, bearing), sleeveShaftMm)
  })
  const slides = computed(() => toValue(drawable).inputs.seat.slides === 'outer')
  const pxPerMm = computed(() => {
    const { width, height } = toValue(sheet)
    return section.value && width > 0 && height > 0
      ? layOut(section.value, width, height, slides.value).scale.pxPerMm
      : 1
  })
  const overlay = computed(() => {
    const { lens, bearing, inputs, assessment } = toValue(drawable)
    if (!bearing || !section.value) return null
    const name = bearing.decoded.normal
    return overlays[lens]({ assessment, inputs, bearing, section: section.value, words: format, name, pxPerMm: pxPerMm.value }) // prettier-ignore
  })
  const sized = (mm: number) => format.digits(mm, 'length', { decimals: Number.isInteger(mm) ? 0 : 2 })
  const dimensions = computed(() => {
    const row = toValue(drawable).bearing?.row
    if (!row) return { width: '', bore: '', outside: '' }
    return {
      width: sized(row.assemblyWidthMm ?? row.widthMm),
      // Without an inner ring the shaft is the raceway.
      bore: sized(section.value?.boreMm ?? row.boreMm),
      outside: sized(row.odMm),
    }
  })
  return { section, slides, pxPerMm, overlay, dimensions }
}
