import {
  assessLine,
  attempt,
  bestClearanceFigure,
  heaviestOf,
  insideFigures,
  seeInside,
  type BestClearance,
  type Figure,
  type InsideLoad,
} from '@yardfrost/core'
import { computed, shallowRef } from 'vue'
import { catalogue } from '../../references.ts'
import { onceABench } from '../once-a-bench.ts'
import type { Bench } from '../use-bench.ts'

/** Further out of line than any but a swivelling bearing stands. */
export const mostTiltArcmin = 10

function lookInside(bench: Bench) {
  /** What Float lets it run with, µm. */
  const span = computed(() => {
    const found = bench.assessment.value.outcomes.float.clearance?.span
    return found ? { least: found.least, most: found.most, probable: found.probable } : null
  })
  /** How far the shaft stands askew in this seat, minutes of arc, where it has been drawn; what else stands on it is taken as stiff. */
  const slopeArcmin = computed(() => {
    const { shaft, position } = bench.machine.value
    if (!shaft || position === undefined) return null
    const bearings = new Map([[position, bench.inputs.value.bearing.designation]])
    const { value } = attempt(() => assessLine(shaft, bearings, catalogue))
    const degrees = value?.bending?.supportDeg[shaft.supports.findIndex((one) => one.position === position)]
    return degrees === undefined ? null : Math.min(mostTiltArcmin, Math.round(degrees * 600) / 10)
  })
  const load = computed((): InsideLoad | null => {
    const { carrying, ratings } = bench.assessment.value.outcomes.carry
    const heaviest = carrying && heaviestOf(carrying)
    if (!heaviest) return null
    const { load: given, seat } = bench.effective.value
    return {
      radialN: heaviest.radialN,
      axialN: heaviest.axialN,
      clearanceUm: bench.look.clearanceUm ?? span.value?.probable ?? 0,
      tiltArcmin: bench.look.tiltArcmin ?? slopeArcmin.value ?? 0,
      speedRpm: given.speedRpm,
      dynamicRatingN: ratings && !ratings.dynamicEstimated ? ratings.dynamicN : null,
      rotatingRing: seat.loadCase === 'outer-turns' ? 'outer' : 'inner',
    }
  })
  const seen = computed(() => {
    const bearing = bench.bearing.value
    const under = load.value
    return bearing && under ? attempt(() => seeInside(bearing, under)) : null
  })
  /** Life against clearance, as the page beside worked it out last. */
  const best = shallowRef<BestClearance | null>(null)
  const figures = computed((): Record<string, Figure> => {
    const [bearing, under, found] = [bench.bearing.value, load.value, seen.value?.value]
    if (!bearing || !under || !found) return {}
    return {
      ...insideFigures(bearing, under, found),
      ...(best.value ? { bestClearance: bestClearanceFigure(bearing, under, best.value) } : {}),
    }
  })
  return { bench, span, load, seen, slopeArcmin, best, figures }
}

/** The inside of the bearing on the bench, under the load that asks most of it, at the clearance that is looked at. */
export const useInside = onceABench(lookInside)
