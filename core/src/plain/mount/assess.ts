import type { PlainPosition } from '../../kinds/plain/position.ts'
import { assessLens, type LensAssessment } from '../../working/assessment.ts'
import { atFitting, type Check } from '../../working/check.ts'
import { givenOf, number, range, text, type Figure } from '../../working/figure.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import type { SeatOutcome } from '../seat/work-out.ts'
import { plainSteps } from './steps.ts'
import * as words from './words.ts'
import type { MountOutcome } from './work-out.ts'

/** How it goes in, and whether what strip and blue told is right. */
export const assessMount = (
  position: PlainPosition,
  identify: IdentifyOutcome,
  worked: { carry: CarryOutcome; seat: SeatOutcome; mount: MountOutcome },
): LensAssessment<'mount'> =>
  assessLens({
    lens: 'mount',
    headline: 'way',
    figures: mountFigures(identify, worked.mount),
    checks: mountChecks(position, worked.mount),
    cautions: [
      ...new Set(
        plainSteps(position, worked)
          .filter(({ stage }) => stage === 'take-out' || stage === 'put-in')
          .flatMap(({ cautions }) => cautions),
      ),
    ],
  })

const gap = givenOf('length', { decimals: 3 }, 'typed')

function mountFigures({ missing }: IdentifyOutcome, { way, pressN, slidesK, strip, wanted, bolts }: MountOutcome): Record<string, Figure> {
  return {
    way: {
      label: 'It goes in',
      symbol: '',
      quantity: 'ratio',
      value: way === null ? null : text(words.plainWayWords[way]),
      formula: '\\text{by form, material, size and press force}',
      givens: pressN ? [givenOf('force', { figures: 2 }, 'thick rings, friction 0.2')('to press it, dry', '', pressN.high)] : [],
      source: 'Practice: chilled above {150 mm} or 50 kN',
      ...(missing.length > 0 ? { missing } : {}),
    },
    ...(pressN ? { press: { label: 'Force to press it', symbol: 'F', quantity: 'force', precision: { figures: 2 }, value: range(pressN.low, pressN.high), formula: 'F = \\mu\\,p\\,\\pi\\,d_o\\,L', givens: [], source: 'Thick rings (Lamé); friction 0.1 to 0.2', estimate: true } as const } : {}),
    ...(slidesK === null ? {} : { slides: { label: 'Slides in, colder by', symbol: '\\Delta T', quantity: 'temperatureRise', value: number(slidesK), formula: '\\Delta T = \\frac{i + s}{\\alpha_b\\,d_o}', givens: [], source: 'Linear expansion of the bush' } as const }),
    ...(wanted ? { wanted: { label: 'Strip shall show', symbol: 'C', quantity: 'deviation', value: range(1000 * wanted.lowMm, 1000 * wanted.highMm), formula: '0.75\\,C_{new} \\ldots 1.4\\,C_{new}', givens: [], source: 'Practice' } as const } : {}),
    ...(strip ? { strip: { label: 'Clearance by strip', symbol: 'C', quantity: 'deviation', value: number(1000 * strip.meanMm), formula: 'C = \\text{mean of the places}', givens: [gap('least', '', strip.leastMm), gap('most', '', strip.mostMm)], source: 'Measured at mounting' } as const } : {}),
    ...(bolts ? { torque: { label: 'Cap bolts', symbol: 'M', quantity: 'torque', precision: { figures: 2 }, value: number(bolts.castNm), formula: 'M = 0.7\\,M_{8.8}', givens: [givenOf('torque', { figures: 2 }, 'class 8.8, oiled')('into steel', '', bolts.torqueNm)], source: 'General practice where the maker gives none', validity: 'Into cast iron. The maker’s manual comes first.' } as const } : {}),
  }
} // prettier-ignore

/** Places that differ by more of their mean than this do not lie in line. */
const askewShare = 0.35
const [leastBlue, leastDeg, mostDeg, mostJointMm] = [60, 45, 150, 0.04]

function mountChecks({ mount }: PlainPosition, { strip }: MountOutcome): Check[] {
  const checks: Check[] = []
  if (strip && strip.apartMm > askewShare * strip.meanMm)
    checks.push(atFitting('strip', 'watch', words.askew(strip), { field: 'mount.stripMm' }))
  if (mount.bluePercent !== null && mount.bluePercent < leastBlue)
    checks.push(atFitting('blue', 'watch', words.thinBlue(mount.bluePercent), { field: 'mount.bluePercent' }))
  if (mount.contactDeg !== null && mount.contactDeg < leastDeg)
    checks.push(atFitting('contact', 'watch', words.narrow(mount.contactDeg), { field: 'mount.contactDeg' }))
  if (mount.contactDeg !== null && mount.contactDeg > mostDeg)
    checks.push(atFitting('contact', 'watch', words.wide(mount.contactDeg), { field: 'mount.contactDeg' }))
  if (mount.jointMm !== null && mount.jointMm >= mostJointMm)
    checks.push(atFitting('joint', 'watch', words.gapes(mount.jointMm), { field: 'mount.jointMm' }))
  return checks
}
