import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { attempt, type Outcome } from '../errors/input-error.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { chooseViscosity, type ChosenViscosity } from '../lubrication/choose.ts'
import { usualViscosityIndex } from '../lubrication/running-film.ts'
import type { runningSpeed } from '../model/running-speed.ts'
import { oilChange, OilChangeInput, type OilChange } from '../running/oil-change.ts'
import { givenOf, number, refusalOf, text, type Figure } from '../working/figure.ts'

/** What an oil bath asks: which grade, and when it is changed. */
export interface Oil {
  grade: Outcome<ChosenViscosity> | null
  change: OilChange | null
}

/** The oil of a bath; null for grease, and while its temperature is not known. */
export function oilOf(
  { grease }: RollingPosition,
  bearing: ResolvedBearing,
  speed: ReturnType<typeof runningSpeed>,
): Oil | null {
  const { lubrication, runningC, coldStartC, viscosityIndex, contamination, moisture } = grease
  if (lubrication !== 'oil-bath' || runningC === null) return null
  return {
    grade:
      speed &&
      attempt(() =>
        chooseViscosity({
          pitchDiameterMm: bearing.interior.pitchDiameterMm,
          speedRpm: Math.max(1, speed.meanRpm),
          temperatureC: runningC,
          viscosityIndex: viscosityIndex ?? usualViscosityIndex,
          lubrication,
          ...(coldStartC === null ? {} : { coldStartC }),
        }),
      ),
    change: attempt(() => oilChange(OilChangeInput.parse({ temperatureC: runningC, contamination, moisture }))).value,
  }
}

/** Figures of the oil, with their working. */
export function oilFigures({ grease }: RollingPosition, oil: Oil): Record<string, Figure> {
  return {
    ...(oil.grade ? { grade: gradeFigure(grease, oil.grade) } : {}),
    ...(oil.change ? { oilChange: changeFigure(oil.change) } : {}),
  }
}

function gradeFigure(grease: RollingPosition['grease'], { value, refusal }: Outcome<ChosenViscosity>): Figure {
  const viscosity = givenOf('viscosity')
  const celsius = givenOf('temperature')
  const ratio = givenOf('ratio', { figures: 3 })
  return {
    label: 'Grade to take',
    symbol: 'VG',
    quantity: 'ratio',
    value: value && text(`VG ${value.recommendedVg}`),
    formula: 'VG = \\min\\{\\,VG : \\nu_{0.9\\,VG}(\\vartheta) \\ge \\nu_1\\,\\}',
    givens: value
      ? [
          viscosity('needed', '\\nu_1', value.requiredViscosityCst, 'ISO 281'),
          viscosity('it has as it runs', '\\nu', value.viscosityCst, 'ASTM D341'),
          ratio('viscosity ratio', '\\kappa', value.kappa, 'as its grade says'),
          ratio('of an oil a tenth thin', '\\kappa', value.kappaLow, 'as it may be supplied'),
          ...(value.coldStartCst === null || grease.coldStartC === null ? [] : [celsius('coldest start', '', grease.coldStartC, 'typed'), viscosity('it has then', '', value.coldStartCst, 'its line')]),
          viscosity('still starts with', '', value.startLimitCst, 'guidance for a bath'),
          celsius('starts down to', '', value.lowestStartC, 'its line'),
          ...(value.coldVg === null || value.coldVg === value.recommendedVg ? [] : [ratio(`VG ${value.coldVg} still starts, with`, '\\kappa', value.coldKappa ?? 0, 'the thickest that does')]),
        ]
      : [],
    source: 'ISO 281 for the film; ISO 3448 for the grades',
    validity: 'The lowest grade that makes the film. Aim at the next one up where it is dirty or knocked, and the heat allows it.',
    ...(refusal ? { refusal: refusalOf(refusal) } : {}),
  } // prettier-ignore
}

function changeFigure({ hoursH, firstChangeH, factors }: OilChange): Figure {
  const hours = givenOf('duration', { figures: 2 })
  const ratio = givenOf('ratio', { figures: 2 })
  return {
    label: 'Change the oil every',
    symbol: 't',
    quantity: 'duration',
    precision: { figures: 2 },
    value: number(hoursH),
    formula: 't = t(\\vartheta)\\, k_{dirt}\\, k_{oil}\\, k_{system}',
    givens: [
      hours('by its temperature', 't(\\vartheta)', factors.baseH, 'a year up to 50 °C'),
      ratio('dirt or water, the worse', 'k_{dirt}', factors.environment, 'surroundings'),
      hours('the first time after', '', firstChangeH, 'commissioning or repair'),
    ],
    source: 'General published practice',
    validity: 'Mineral oil in a bath, warm hours. What a sample says goes before it.',
  }
}
