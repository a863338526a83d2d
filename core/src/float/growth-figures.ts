import type { RollingPosition } from '../kinds/rolling/position.ts'
import { givenOf, number, text, type Figure, type Given, type Missing } from '../working/figure.ts'
import { materialOf } from '../model/materials.ts'
import { shaftMaterialWords } from '../words/vocabulary.ts'
import type { GrowthOutcome } from './growth-outcome.ts'
import { growthPracticeList } from './practices/index.ts'
import { otherSideMm } from './practices/physics.ts'
import { practiceValues } from '../working/practice.ts'

/** What the expansion of a shaft is reckoned from. */
export function expansionGivens({ shaftMaterial, spanMm, assemblyC, hottestC }: RollingPosition['float']): Given[] {
  const alpha = materialOf(shaftMaterial).expansion
  const degrees = givenOf('temperature', undefined, 'typed')
  return [
    givenOf('ratio', { decimals: 1 })('expansion, per million and degree', '\\alpha', alpha * 1e6, shaftMaterialWords[shaftMaterial]),
    ...(spanMm === null ? [] : [givenOf('length', { decimals: 0 }, 'typed')('bearing span', 'L', spanMm)]),
    ...(assemblyC === null ? [] : [degrees('shaft at assembly', 't_{assembly}', assemblyC)]),
    ...(hottestC === null ? [] : [degrees('shaft at its hottest', 't_{hot}', hottestC)]),
  ] // prettier-ignore
}

export function growthFigure({ float: given }: RollingPosition, outcome: GrowthOutcome | null): Figure {
  const grown = outcome !== null
  const missing: Missing[] = []
  if (given.spanMm === null) missing.push({ field: 'float.spanMm', label: 'the span' })
  if (given.assemblyC === null) missing.push({ field: 'float.assemblyC', label: 'the shaft temperature at assembly' })
  if (given.hottestC === null) missing.push({ field: 'float.hottestC', label: 'the hottest shaft temperature' })
  // The distance of a pair is asked for its end play, too: alone it asks nothing of the growth.
  const isAsked =
    given.assemblyC !== null || given.hottestC !== null || (given.spanMm !== null && given.endPlayMm === null)
  if (grown && given.locatedEnds !== null && given.locatedEnds !== 2) {
    if (given.roomTowardMm === null) missing.push({ field: 'float.roomTowardMm', label: 'the room toward the growth' })
    if (given.roomAwayMm === null) missing.push({ field: 'float.roomAwayMm', label: 'the room on the other side' })
  }
  return {
    label: 'Shaft expansion',
    symbol: '\\Delta L',
    quantity: 'length',
    value: outcome ? number(outcome.growthMm) : null,
    precision: { decimals: 2 },
    formula: '\\Delta L = \\alpha\\,L\\,(t_{hot} - t_{assembly})',
    givens: grown ? expansionGivens(given) : [],
    source: 'Linear expansion; the other practices are the trade’s',
    validity: 'The hottest the shaft will ever be in service, not on the test stand.',
    ...(outcome ? { practices: practiceValues(outcome.practices, number) } : {}),
    // Growth is asked for once one of its inputs is there.
    ...(missing.length > 0 && isAsked ? { missing } : {}),
  }
}

/** Where the floating ring starts: most of its room on the growth side. */
function leaveFigure(leaveMm: number, { name, formula, source }: (typeof growthPracticeList)[number]): Figure {
  const mm = givenOf('length', { decimals: 2 })
  return {
    label: 'Leave toward the growth',
    symbol: 's_{toward}',
    quantity: 'length',
    value: number(leaveMm),
    precision: { decimals: 2 },
    formula,
    givens: [
      mm('on the other side', 's_{away}', otherSideMm, 'practice, no more than needed'),
      mm('ring off the middle of its room by', '', Math.max(0, (leaveMm - otherSideMm) / 2), 'half the difference'),
    ],
    source,
    practice: name,
    validity:
      'Depth of housing, ring and spigot measured with the gasket in place. A ring set in the middle wastes half its room.',
  }
}

/** Room that is left, and the thrust and life where there is none. */
export function roomFigures(
  { float: given }: RollingPosition,
  { growthMm, practices, leaveMm, room, lifeLeftH }: GrowthOutcome,
): Record<string, Figure> {
  const leading = growthPracticeList.find(({ key }) => key === practices[0]?.key)
  if (!room || !leading) return {}
  const mm = givenOf('length', { decimals: 2 }, 'typed')
  const both = given.locatedEnds === 2
  const figures: Record<string, Figure> = {
    room: {
      label: 'Room left when hot',
      symbol: 'r',
      quantity: 'length',
      value: number(room.residualMm),
      precision: { decimals: 2 },
      formula: both ? 'r = -|\\Delta L|' : 'r = s_{toward} - |\\Delta L|',
      givens: [
        mm('shaft grows', '\\Delta L', growthMm, 'this lens'),
        ...(both || given.roomTowardMm === null
          ? []
          : [mm('room toward the growth', 's_{toward}', given.roomTowardMm)]),
        ...(both || given.roomAwayMm === null ? [] : [mm('room on the other side', '', given.roomAwayMm)]),
        mm('to leave toward the growth', '', leaveMm, leading.name),
      ],
      source: both ? 'Both ends held: only the bearings’ own play is left' : 'Geometry',
    },
  }
  if (given.locatedEnds === 1) figures['leave'] = leaveFigure(leaveMm, leading)
  if (room.thrustN === null || room.verdict !== 'bound') return figures
  figures['thrust'] = {
    label: given.housingStiffnessNPerMm === null ? 'Thrust, at most' : 'Thrust of the held shaft',
    symbol: 'F_T',
    quantity: 'force',
    value: number(room.thrustN),
    precision: { figures: 2 },
    formula:
      'F_T = \\min\\left(|r|\\,k,\\ 250\\,A,\\ \\frac{\\pi^2 E I}{L^2}\\right),\\quad \\frac1k = \\frac{L}{E A} + \\frac{1}{k_h}',
    givens: [
      mm('short of room by', '|r|', Math.abs(room.residualMm), 'this lens'),
      ...(given.spanMm === null ? [] : [mm('between the bearings', 'L', given.spanMm)]),
      ...(given.shaftDiameterMm === null ? [] : [mm('shaft between them', 'd', given.shaftDiameterMm)]),
      given.housingStiffnessNPerMm === null
        ? {
            label: 'housings',
            symbol: 'k_h',
            quantity: 'stiffness' as const,
            value: text('taken as rigid'),
            from: 'not given',
          }
        : givenOf('stiffness', undefined, 'typed')('housings', 'k_h', given.housingStiffnessNPerMm),
    ],
    source: 'Springs in series; yield at 250 MPa; Euler column',
    validity: `An order of magnitude: rigid housings give the upper bound.${
      given.shaftDiameterMm === null ? ' The shaft is taken as thick as its seat.' : ''
    }`,
    estimate: true,
  }
  figures['lifeLeft'] = {
    label: 'Life under that thrust',
    symbol: 'L_{10h}',
    quantity: 'duration',
    value: lifeLeftH === null ? null : lifeLeftH === 0 ? text('none') : number(lifeLeftH),
    precision: { figures: 2 },
    formula: 'L(F_r,\\ F_a + F_T)',
    givens: [givenOf('force', { figures: 2 }, 'this lens')('thrust', 'F_T', room.thrustN)],
    source: 'Carry, with the thrust on top of the axial load',
    validity:
      lifeLeftH === 0
        ? 'The thrust is beyond what the life formulas cover: hours to weeks in practice.'
        : 'As in Carry.',
    estimate: true,
  }
  return figures
}
