import { fromShown, toShown, type UnitSystem } from '@yardfrost/core'
import { scaleLinear } from 'd3-scale'

/** Round degrees of the scale that is read in, °C. */
export const degreeTicks = (domainC: readonly number[], units: UnitSystem): number[] =>
  scaleLinear()
    .domain(domainC.map((celsius) => toShown(celsius, 'temperature', units)))
    .ticks(6)
    .map((shown) => fromShown(shown, 'temperature', units))
