import { lookUpBearing, type BearingLookup, type ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import type { Catalogue } from '../catalogue/catalogue.ts'
import { typeAbilities } from '../catalogue/type-abilities.ts'
import { bearingTypeNames } from '../model/bearing-type.ts'
import { standardGravity } from '../model/gravity.ts'
import { inSentence } from '../model/sentence.ts'
import type { ShaftLine } from '../model/shaft-line.ts'
import { formatNumber } from '../model/units.ts'
import type { Check } from '../working/assessment.ts'
import { givenOf, number, type Figure } from '../working/figure.ts'
import { loadsOf, roomsOf } from './apply-loads.ts'
import { firstCriticalRpm, solveBeam } from './beam.ts'
import { float } from './float.ts'
import { growth, growthMarginMm, type Growth } from './growth.ts'
import { sectionMasses, type ShaftLoad } from './part-loads.ts'
import { holdsAgainst, loadCaseOf, type LineLoads, type LineSupport } from './support-loads.ts'

/** How the shaft bends, in the plane the load points. */
export interface LineBending {
  xMm: number[]
  deflectionMm: number[]
  largestMm: number
  /** Angle of the shaft at each support, degrees. */
  supportDeg: number[]
  criticalRpm: number
}

/** The judgement of one shaft line: plain data. */
export interface LineAssessment {
  loads: ShaftLoad[]
  supports: (LineSupport & { loadCase: ReturnType<typeof loadCaseOf>; designation: string | null })[]
  thrustN: number
  bending: LineBending | null
  growth: Growth | null
  /** Which way the shaft grows as drawn; null when nothing or everything is held. */
  growsTo: 'left' | 'right' | null
  figures: Record<string, Figure>
  checks: Check[]
  cautions: string[]
}

/**
 * Everything about one shaft: loads on its bearings, bending, critical speed, growth, and who holds it.
 *
 * @param bearings - designation on each position, by its name; one that is missing is left out of the judgement of types
 */
export function assessLine(
  line: ShaftLine,
  bearings: ReadonlyMap<string, string>,
  catalogue: Catalogue,
): LineAssessment {
  const carried = loadsOf(line)
  const bending = line.supports.length > 1 ? bendingOf(line, carried) : null
  const grown = growthOf(line)
  const lookups = line.supports.map(({ position }) => lookUpBearing(bearings.get(position) ?? '', catalogue))
  return {
    loads: carried.loads,
    supports: carried.supports.map((support, index) => ({
      ...support,
      loadCase: loadCaseOf(support),
      designation: resolved(lookups[index])?.decoded.normal ?? null,
    })),
    thrustN: carried.thrustN,
    bending,
    growth: grown?.grown ?? null,
    growsTo: grown?.to ?? null,
    figures: figuresOf(line, carried, bending, grown?.grown ?? null),
    checks: [
      ...standingChecks(line),
      ...holdingChecks(line, carried, lookups),
      ...growthChecks(line, grown),
      ...bendingChecks(line, bending, lookups),
    ],
    cautions: [
      'Lock out and prove dead before you open a machine or turn its shaft by hand.',
      'A model of the shaft: the machine’s drawing, its maker’s manual and the responsible person come first.',
    ],
  }
}

const resolved = (lookup: BearingLookup | undefined): ResolvedBearing | null =>
  lookup?.kind === 'found' ? lookup.bearing : null

function bendingOf(line: ShaftLine, { loads }: LineLoads): LineBending {
  const radians = (degrees: number) => (degrees * Math.PI) / 180
  const masses = [
    ...sectionMasses(line),
    ...line.parts.filter(({ massKg }) => massKg > 0).map(({ xMm, massKg }) => ({ xMm, massKg })),
  ]
  const beam = { sections: line.sections, supports: line.supports.map(({ xMm }) => ({ xMm })) }
  const inPlane = (part: (angle: number) => number) =>
    solveBeam({
      ...beam,
      loads: loads.map(({ xMm, radialN, angleDeg, turns }) => ({
        xMm,
        forceN: radialN * (turns ? 1 : part(radians(angleDeg))),
      })),
    })
  const [down, side] = [inPlane(Math.cos), inPlane(Math.sin)]
  const deflectionMm = [...down.deflectionMm]
  return {
    xMm: [...down.xMm],
    deflectionMm,
    largestMm: Math.max(...deflectionMm.map((one, node) => Math.hypot(one, side.deflectionMm[node] ?? 0))),
    supportDeg: down.supportSlope.map(
      (slope, index) => (Math.hypot(slope, side.supportSlope[index] ?? 0) * 180) / Math.PI,
    ),
    criticalRpm: Math.min(firstCriticalRpm({ ...beam, loads: [], masses }), 1e6),
  }
}

interface Grown {
  grown: Growth
  to: 'left' | 'right' | null
  residualMm: number | null
  thrustN: number | null
  spanMm: number
}

function growthOf(line: ShaftLine): Grown | null {
  const places = line.supports.map(({ xMm }) => xMm)
  const spanMm = Math.max(...places) - Math.min(...places)
  if (spanMm < 10) return null
  const grown = growth({ spanMm, material: line.material, assemblyC: line.assemblyC, runningC: line.hottestC })
  const held = line.supports.filter(({ holds }) => holds === 'both')
  const floating = line.supports.find(({ holds }) => holds === 'none')
  const to = held.length === 1 && floating && held[0] ? (floating.xMm > held[0].xMm ? 'right' : 'left') : null
  const { roomTowardMm, roomAwayMm } = roomsOf(line)
  const known = held.length >= 2 || (roomTowardMm !== null && roomAwayMm !== null)
  const thinnest = Math.min(...line.sections.map(({ diameterMm }) => diameterMm))
  const room = known
    ? float({
        growthMm: Math.max(-50, Math.min(50, grown.growthMm)),
        locatedEnds: held.length >= 2 ? 2 : 1,
        marginMm: growthMarginMm,
        ...(roomTowardMm === null ? {} : { roomTowardMm }),
        ...(roomAwayMm === null ? {} : { roomAwayMm }),
        spanMm: Math.min(spanMm, 20_000),
        shaftDiameterMm: Math.max(3, Math.min(thinnest, 2000)),
        ...(line.housingStiffnessNPerMm === null ? {} : { housingStiffnessNPerMm: line.housingStiffnessNPerMm }),
      })
    : null
  return {
    grown,
    to,
    residualMm: room?.residualMm ?? null,
    thrustN: room?.verdict === 'bound' ? room.thrustN : null,
    spanMm,
  }
}

function figuresOf(
  line: ShaftLine,
  { thrustN, loads }: LineLoads,
  bending: LineBending | null,
  grown: Growth | null,
): Record<string, Figure> {
  const weightN = loads.find(({ from }) => from === 'shaft')?.radialN ?? 0
  const mm = givenOf('length', { decimals: 2 }, 'school')
  const figures: Record<string, Figure> = {
    thrust: {
      label: 'Thrust along the shaft',
      symbol: 'A',
      quantity: 'force',
      value: number(thrustN),
      formula: 'A = \\sum F_a - m g \\sin\\varphi',
      givens: loads
        .filter(({ axialN }) => axialN !== 0)
        .map(({ what, from, axialN }) => ({ label: what, symbol: '', quantity: 'force', value: number(axialN), from })),
      source: 'Statics; to the right positive',
    },
    weight: {
      label: 'Weight of the shaft',
      symbol: 'W',
      quantity: 'force',
      value: number(weightN),
      formula: 'W = \\rho\\,\\tfrac{\\pi}{4}(d^2 - d_0^2)\\,l\\,g',
      givens: [],
      source: `Steel of 7850 kg/m³, ${standardGravity} m/s²`,
    },
  }
  if (bending) {
    figures['deflection'] = {
      label: 'Bends by, at most',
      symbol: '\\delta',
      quantity: 'length',
      value: number(bending.largestMm),
      precision: { decimals: 3 },
      formula: 'E I\\,w^{\\prime\\prime\\prime\\prime} = q',
      givens: bending.supportDeg.map((degrees, index) => ({
        label: `angle at ${line.supports[index]?.position ?? ''}`,
        symbol: '',
        quantity: 'angle',
        value: number(degrees),
        precision: { decimals: 3 },
        from: 'this model',
      })),
      source: 'Euler-Bernoulli beam elements, rigid supports',
      validity: 'Bending alone; a bearing’s own give and its clearance come on top.',
    }
    figures['critical'] = {
      label: 'First critical speed, guidance',
      symbol: 'n_{crit}',
      quantity: 'speed',
      value: number(bending.criticalRpm),
      precision: { figures: 2 },
      formula: '\\omega^2 = \\min \\frac{\\varphi^T K \\varphi}{\\varphi^T M \\varphi}',
      givens: [{ label: 'runs at', symbol: 'n', quantity: 'speed', value: number(line.speedRpm), from: 'typed' }],
      source: 'Inverse iteration on the beam, masses at the nodes',
      validity: 'No gyroscopic effect, oil film or foundation: stay 20 % away, and ask the machine’s maker.',
      estimate: true,
    }
  }
  if (grown) {
    figures['growth'] = {
      label: 'Shaft grows',
      symbol: '\\Delta L',
      quantity: 'length',
      value: number(grown.growthMm),
      precision: { decimals: 2 },
      formula: '\\Delta L = \\alpha\\,L\\,(t_{hot} - t_{assembly})',
      givens: [
        mm('physics', '', grown.growthMm),
        mm('inches per foot', '', grown.perFootMm),
        mm('whole temperature', '', grown.absoluteMm),
        mm('room to leave', '', grown.recommendedMm, 'physics and 0.25 mm'),
      ],
      source: 'Linear expansion; the other schools are trade practice',
      validity: 'The hottest the shaft will ever be in service, not on the test stand.',
      school: 'physics plus a quarter of a millimetre',
    }
  }
  return figures
}

function standingChecks({ supports, sections }: ShaftLine): Check[] {
  const lengthMm = sections.reduce((sum, one) => sum + one.lengthMm, 0)
  const off = supports.find(({ xMm }) => xMm < 0 || xMm > lengthMm)
  if (off) {
    return [
      {
        key: 'off',
        verdict: 'stop',
        reason: `${off.position} stands beyond the shaft, which is ${inSentence(lengthMm, 'length', 4)} long.`,
        wayOut: 'Move the bearing onto the shaft, or make the shaft longer.',
      },
    ]
  }
  const places = supports.map(({ xMm }) => xMm)
  if (supports.length > 1 && Math.max(...places) - Math.min(...places) >= 10) return []
  return [
    {
      key: 'supports',
      verdict: 'stop',
      reason:
        supports.length < 2 ? 'One bearing alone does not hold a shaft straight.' : 'The bearings stand in one place.',
      wayOut: supports.length < 2 ? 'Put a second bearing under it.' : 'Move them apart.',
    },
  ]
}

/** Who holds the shaft, and whether what holds it can. */
function holdingChecks(
  { supports, parts, tiltDeg }: ShaftLine,
  { thrustN }: LineLoads,
  lookups: readonly BearingLookup[],
): Check[] {
  const checks: Check[] = []
  const held = supports.filter(({ holds }) => holds === 'both')
  const stops = (way: 'left' | 'right') => supports.some(({ holds }) => holds === 'both' || holds === way)
  if (held.length > 1) return []
  if (supports.every(({ holds }) => holds === 'none')) {
    checks.push({
      key: 'held',
      verdict: 'stop',
      reason: 'No bearing holds the shaft: it wanders until something rubs.',
      wayOut: 'Hold one end, usually at the coupling, so that the growth goes away from it.',
    })
  } else if (!stops('left') || !stops('right')) {
    const open = stops('left') ? 'right' : 'left'
    checks.push({
      key: 'held',
      verdict: (open === 'right') === thrustN > 0 && thrustN !== 0 ? 'stop' : 'watch',
      reason: `Nothing stops the shaft to the ${open}${thrustN !== 0 && (open === 'right') === thrustN > 0 ? `, and ${inSentence(Math.abs(thrustN), 'force')} pushes it there` : ''}.`,
      wayOut: 'Let one bearing hold it both ways, or a second one hold it the other way.',
    })
  }
  const coupling = parts.find(({ kind }) => kind === 'coupling')
  const [holder] = held
  if (
    coupling &&
    holder &&
    supports.some(({ xMm }) => Math.abs(xMm - coupling.xMm) < Math.abs(holder.xMm - coupling.xMm))
  ) {
    checks.push({
      key: 'coupling',
      verdict: 'watch',
      reason: `${holder.position} holds the shaft and stands away from the coupling: the growth goes toward the coupling.`,
      wayOut: 'Hold it at the coupling end; or set the coupling gap that much wider and check its end float.',
    })
  }
  supports.forEach((support, index) => {
    const bearing = resolved(lookups[index])
    if (!bearing) return
    const name = `${support.position}, ${bearing.decoded.normal},`
    const able = typeAbilities(bearing.row.type)
    const ribbed = bearing.decoded.features.some((one) => one.startsWith('axial-'))
    const carriesThrust = able.axialOneWay > 0 || ribbed
    if (holdsAgainst(support.holds, thrustN) && thrustN !== 0 && !carriesThrust) {
      checks.push({
        key: `thrust-${index}`,
        verdict: 'stop',
        reason: `${name} is to hold ${inSentence(Math.abs(thrustN), 'force')} of thrust, and a ${bearingTypeNames[bearing.row.type]} bearing carries none${tiltDeg > 0 ? `: the machine leans over by ${formatNumber(tiltDeg, { figures: 2 })}°` : ''}.`,
        wayOut: 'Hold the shaft with a deep groove, spherical or paired bearing, and let this one float.',
      })
    } else if (support.holds !== 'none' && !carriesThrust) {
      checks.push({
        key: `thrust-${index}`,
        verdict: 'stop',
        reason: `${name} is to hold the shaft, and lets it run through.`,
        wayOut: 'Let it float, and hold the shaft at the other end.',
      })
    }
    if (support.holds === 'none' && support.floatsIn === 'bearing' && able.growthInside === 0) {
      checks.push({
        key: `inside-${index}`,
        verdict: 'stop',
        reason: `${name} takes no growth inside itself.`,
        wayOut: 'Let its ring slide in the housing, or take a NU, needle or toroidal bearing here.',
      })
    }
  })
  if (tiltDeg > 0 && holder) {
    checks.push({
      key: 'tilt',
      verdict: 'watch',
      reason: `The machine leans over: ${holder.position} carries ${inSentence(Math.abs(thrustN), 'force')} along the shaft.`,
      wayOut: 'Check that its type and its lubrication are meant for it; grease runs out of an upright housing sooner.',
    })
  }
  return checks
}

function growthChecks({ supports }: ShaftLine, grown: Grown | null): Check[] {
  if (!grown) return []
  const mm = (value: number) => inSentence(Number(value.toFixed(2)), 'length')
  const held = supports.filter(({ holds }) => holds === 'both')
  if (held.length > 1) {
    return [
      {
        key: 'growth',
        verdict: 'stop',
        reason: `${held.map(({ position }) => position).join(' and ')} are both held: ${mm(Math.abs(grown.grown.growthMm))} of growth has nowhere to go${
          grown.thrustN === null ? '' : `, and pushes with up to ${inSentence(grown.thrustN, 'force', 2)}`
        }.`,
        wayOut: 'Take the locating rings out of one end, usually the one away from the coupling.',
      },
    ]
  }
  if (grown.residualMm === null) return []
  const floating = supports.find(({ holds }) => holds === 'none')
  const leave = `Leave ${mm(grown.grown.recommendedMm)} on the ${grown.to ?? 'growth'} side${floating ? ` of ${floating.position}` : ''}.`
  if (grown.residualMm < 0)
    return [
      {
        key: 'growth',
        verdict: 'stop',
        reason: `The shaft grows ${mm(Math.abs(grown.grown.growthMm))}, and the room ends ${mm(-grown.residualMm)} short.`,
        wayOut: leave,
      },
    ]
  return [
    {
      key: 'growth',
      verdict: grown.residualMm < growthMarginMm ? 'watch' : 'go',
      reason: `The shaft grows ${mm(Math.abs(grown.grown.growthMm))} and ${mm(grown.residualMm)} is left.`,
      wayOut:
        grown.residualMm < growthMarginMm ? leave : 'Push the shaft both ways with a dial gauge and record the float.',
    },
  ]
}

/** Running nearer to the critical speed than this share of it is worth a word. */
const nearCritical = 0.2

function bendingChecks(
  { supports, speedRpm }: ShaftLine,
  bending: LineBending | null,
  lookups: readonly BearingLookup[],
): Check[] {
  if (!bending) return []
  const checks: Check[] = supports.flatMap((support, index): Check[] => {
    const bearing = resolved(lookups[index])
    const degrees = bending.supportDeg[index] ?? 0
    if (!bearing) return []
    const forgiven = typeAbilities(bearing.row.type).misalignDeg
    if (degrees <= forgiven) return []
    return [
      {
        key: `slope-${index}`,
        verdict: degrees > 2 * forgiven ? 'stop' : 'watch',
        reason: `The shaft stands ${formatNumber(degrees, { figures: 2 })}° askew at ${support.position}; a ${bearingTypeNames[bearing.row.type]} bearing forgives about ${formatNumber(forgiven, { figures: 2 })}°.`,
        wayOut: 'A stiffer shaft, a shorter overhang, or a type that swivels.',
      },
    ]
  })
  const ratio = speedRpm / bending.criticalRpm
  if (Math.abs(ratio - 1) < nearCritical) {
    checks.push({
      key: 'critical',
      verdict: 'watch',
      reason: `It runs at ${formatNumber(100 * ratio, { figures: 2 })} % of its first critical speed, as this model has it.`,
      wayOut: 'Measure the vibration through the run-up, and ask the machine’s maker.',
    })
  }
  return checks
}
