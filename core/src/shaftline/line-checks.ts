import type { BearingLookup, ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { factsOf, bearingTypeNames } from '../bearing-types/index.ts'
import { inSentence } from '../model/sentence.ts'
import { degrees, mm, percent } from '../words/quantities.ts'
import type { ShaftLine } from '../model/shaft-line.ts'
import type { Check } from '../working/check.ts'
import { growthMarginMm } from '../float/practices/physics.ts'
import type { LineBending } from './line-bending.ts'
import type { LineGrowth } from './line-growth.ts'
import { holdsAgainst, type LineLoads } from './support-loads.ts'

/** Every judgement of a shaft line: whether it stands, who holds it, where it grows, how it bends, how it is driven. */
export function lineChecks(
  line: ShaftLine,
  carried: LineLoads,
  bending: LineBending | null,
  grown: LineGrowth | null,
  lookups: readonly BearingLookup[],
): Check[] {
  return [
    ...standingChecks(line),
    ...dutyChecks(line),
    ...holdingChecks(line, carried, lookups),
    ...growthChecks(line, grown),
    ...couplingChecks(grown),
    ...bendingChecks(line, bending, lookups),
  ]
}

const resolved = (lookup: BearingLookup | undefined): ResolvedBearing | null =>
  lookup?.kind === 'found' ? lookup.bearing : null

function standingChecks({ supports, sections }: ShaftLine): Check[] {
  const lengthMm = sections.reduce((sum, one) => sum + one.lengthMm, 0)
  const off = supports.find(({ xMm }) => xMm < 0 || xMm > lengthMm)
  if (off) {
    return [
      {
        key: 'off',
        when: 'now',
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
      when: 'now',
      verdict: 'stop',
      reason:
        supports.length < 2 ? 'One bearing alone does not hold a shaft straight.' : 'The bearings stand in one place.',
      wayOut: supports.length < 2 ? 'Put a second bearing under it.' : 'Move them apart.',
    },
  ]
}

/** Shares that miss 1 by less are rounded. */
const shareSlack = 0.005

function dutyChecks({ steps }: ShaftLine): Check[] {
  const shares = steps.reduce((sum, { share }) => sum + share, 0)
  if (steps.length === 0 || Math.abs(shares - 1) <= shareSlack) return []
  return [
    {
      key: 'duty',
      when: 'now',
      verdict: 'stop',
      reason: `The steps of the duty make ${percent(shares, 3)} of the time.`,
      wayOut: 'Correct their shares: together they make 100 %.',
      field: 'steps',
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
      when: 'now',
      verdict: 'stop',
      reason: 'No bearing holds the shaft: it wanders until something rubs.',
      wayOut: 'Hold one end, usually at the coupling, so that the growth goes away from it.',
    })
  } else if (!stops('left') || !stops('right')) {
    const open = stops('left') ? 'right' : 'left'
    checks.push({
      key: 'held',
      when: 'now',
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
      when: 'now',
      verdict: 'watch',
      reason: `${holder.position} holds the shaft and stands away from the coupling: the growth goes toward the coupling.`,
      wayOut: 'Hold it at the coupling end; or set the coupling gap that much wider and check its end float.',
    })
  }
  supports.forEach((support, index) => {
    const bearing = resolved(lookups[index])
    if (!bearing) return
    const name = `${support.position}, ${bearing.decoded.normal},`
    const able = factsOf(bearing.row.type).abilities
    const ribbed = bearing.decoded.features.some((one) => one.startsWith('axial-'))
    const carriesThrust = able.axialOneWay > 0 || ribbed
    if (holdsAgainst(support.holds, thrustN) && thrustN !== 0 && !carriesThrust) {
      checks.push({
        key: `thrust-${index}`,
        when: 'now',
        verdict: 'stop',
        reason: `${name} is to hold ${inSentence(Math.abs(thrustN), 'force')} of thrust, and a ${bearingTypeNames[bearing.row.type]} bearing carries none${tiltDeg > 0 ? `: the machine leans over by ${degrees(tiltDeg)}` : ''}.`,
        wayOut: 'Hold the shaft with a deep groove, spherical or paired bearing, and let this one float.',
      })
    } else if (support.holds !== 'none' && !carriesThrust) {
      checks.push({
        key: `thrust-${index}`,
        when: 'now',
        verdict: 'stop',
        reason: `${name} is to hold the shaft, and lets it run through.`,
        wayOut: 'Let it float, and hold the shaft at the other end.',
      })
    }
    if (support.holds === 'none' && support.floatsIn === 'bearing' && able.growthInside === 0) {
      checks.push({
        key: `inside-${index}`,
        when: 'now',
        verdict: 'stop',
        reason: `${name} takes no growth inside itself.`,
        wayOut: 'Let its ring slide in the housing, or take an NU, needle or toroidal bearing here.',
      })
    }
  })
  if (tiltDeg > 0 && holder) {
    checks.push({
      key: 'tilt',
      when: 'now',
      verdict: 'go',
      reason: `The shaft is inclined: ${holder.position} carries ${inSentence(Math.abs(thrustN), 'force')} along the shaft.`,
      wayOut: 'Check that its type and its lubrication are meant for it; grease runs out of an upright housing sooner.',
    })
  }
  return checks
}

function growthChecks({ supports }: ShaftLine, grown: LineGrowth | null): Check[] {
  if (!grown) return []
  const held = supports.filter(({ holds }) => holds === 'both')
  if (held.length > 1) {
    return [
      {
        key: 'growth',
        when: 'now',
        verdict: 'stop',
        reason: `${held.map(({ position }) => position).join(' and ')} are both located: ${mm(Math.abs(grown.growthMm))} of growth has nowhere to go${
          grown.thrustN === null ? '' : `, and pushes with up to ${inSentence(grown.thrustN, 'force', 2)}`
        }.`,
        wayOut: 'Take the locating rings out of one end, usually the one away from the coupling.',
      },
    ]
  }
  if (grown.residualMm === null) return []
  const floating = supports.find(({ holds }) => holds === 'none')
  const leave = `Leave ${mm(grown.leaveMm)} on the ${grown.to ?? 'growth'} side${floating ? ` of ${floating.position}` : ''}.`
  if (grown.residualMm < 0)
    return [
      {
        key: 'growth',
        when: 'now',
        verdict: 'stop',
        reason: `The shaft grows ${mm(Math.abs(grown.growthMm))}, and the room ends ${mm(-grown.residualMm)} short.`,
        wayOut: leave,
      },
    ]
  return [
    {
      key: 'growth',
      when: 'now',
      verdict: grown.residualMm < growthMarginMm ? 'watch' : 'go',
      reason: `The shaft grows ${mm(Math.abs(grown.growthMm))} and ${mm(grown.residualMm)} is left.`,
      wayOut:
        grown.residualMm < growthMarginMm ? leave : 'Push the shaft both ways with a dial gauge and record the float.',
    },
  ]
}

/** Whether the halves of the coupling stay apart when the shaft has grown. */
function couplingChecks(grown: LineGrowth | null): Check[] {
  const gap = grown?.coupling
  if (!gap || gap.hotMm === null) return []
  const least = gap.leastMm ?? 0
  const moves = `The coupling gap ${gap.closesMm < 0 ? 'opens' : 'closes'} by ${mm(Math.abs(gap.closesMm))}`
  if (gap.hotMm < least) {
    return [
      {
        key: 'gap',
        when: 'now',
        verdict: 'stop',
        reason: `${moves}, and ${mm(Math.max(0, gap.hotMm))} is left of it${least > 0 ? ` where ${mm(least)} is needed` : ': the shafts push each other'}.`,
        wayOut: `Set it to at least ${mm(least + gap.closesMm)} cold, or hold the shaft at the coupling end.`,
        field: 'gapMm',
      },
    ]
  }
  return [
    {
      key: 'gap',
      when: 'now',
      verdict: 'go',
      reason: `${moves}; ${mm(gap.hotMm)} is left when it is hot.`,
      wayOut: 'Measure it with the shafts pushed toward each other.',
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
    const slopeDeg = bending.supportDeg[index] ?? 0
    if (!bearing) return []
    const forgiven = factsOf(bearing.row.type).abilities.misalignDeg
    if (slopeDeg <= forgiven) return []
    return [
      {
        key: `slope-${index}`,
        when: 'now',
        verdict: slopeDeg > 2 * forgiven ? 'stop' : 'watch',
        reason: `The shaft stands ${degrees(slopeDeg)} askew at ${support.position}; a ${bearingTypeNames[bearing.row.type]} bearing forgives about ${degrees(forgiven)}.`,
        wayOut: 'A stiffer shaft, a shorter overhang, or a type that swivels.',
      },
    ]
  })
  const ratio = speedRpm / bending.criticalRpm
  if (Math.abs(ratio - 1) < nearCritical) {
    checks.push({
      key: 'critical',
      when: 'now',
      verdict: 'watch',
      reason: `It runs at ${percent(ratio)} of its first critical speed, as this model has it.`,
      wayOut: 'Measure the vibration through the run-up, and ask the machine’s maker.',
    })
  }
  return checks
}
