import type { PlainPosition } from '../kinds/plain/position.ts'
import type { Machine } from '../model/machine.ts'
import type { SupportGive } from '../shaftline/line-bending.ts'
import { supportOf } from '../shaftline/apply-loads.ts'
import { attempt } from '../errors/input-error.ts'
import { film } from './film.ts'
import { workOutCarry } from './carry/work-out.ts'
import { workOutIdentify } from './identify/work-out.ts'
import { sleeveName } from './identify/figures.ts'

const sides = ['down', 'right', 'up', 'left'] as const

/**
 * A plain bearing with load, speed and the side it is pressed to from the shaft line, where it says so and the machine has one.
 *
 * What is taken replaces what was typed for as long as `load.from` says `shaft-line`; the typed values stay in the document.
 */
export function onShaftLine(position: PlainPosition, machine: Machine): PlainPosition {
  const found = position.load.from === 'shaft-line' ? supportOf(machine) : null
  const { shaft } = machine
  if (!found || !shaft) return position
  const { radialN, axialN, downN, sideN } = found.load
  // Seen from its end; what points down lies at nothing, and a quarter on to the right.
  const quarter = Math.round((2 * Math.atan2(sideN, downN)) / Math.PI)
  return {
    ...position,
    load: {
      ...position.load,
      radialN: Math.abs(radialN),
      axialN: Math.abs(axialN),
      speedRpm: shaft.speedRpm,
      swingDeg: null,
      swingsPerMin: null,
      towards: sides[(quarter + 4) % 4] ?? 'down',
    },
  }
}

/** A load so little larger tells how stiff the film is there. */
const more = 1.02

/**
 * How a plain bearing holds its shaft up: what its film gives way by under a load, and how stiff it is about that place. For guidance:
 * along the load alone, steady, the oil as warm as the position runs.
 *
 * @returns its name, and the give under a load; null where no film is worked out, and the bush is as good as rigid
 */
export function journalSupport(position: PlainPosition, machine: Machine): SupportGive {
  const identify = workOutIdentify(position)
  const carry = workOutCarry(position, machine, identify)
  const { sizes } = identify
  const found = carry.balance?.value
  return {
    name: sleeveName(position, identify) ?? 'plain bearing',
    give: (loadN) => {
      if (!found || !sizes || !carry.clearance || carry.speedRpm === null || loadN <= 0) return null
      const gapMm = carry.clearance.coldMm / 2
      const out = (newtons: number) =>
        attempt(() =>
          film({
            journalDiameterMm: sizes.journalMm,
            lengthMm: sizes.lengthMm,
            diametralClearanceMm: 2 * gapMm,
            loadN: newtons,
            speedRpm: carry.speedRpm ?? 1,
            viscosityMPas: found.viscosityMPas,
          }),
        ).value?.eccentricityRatio ?? null
      const [here, there] = [out(loadN), out(loadN * more)]
      if (here === null || there === null || there <= here) return null
      return { loadN, mm: gapMm * here, nPerMm: ((more - 1) * loadN) / (gapMm * (there - here)) }
    },
  }
}
