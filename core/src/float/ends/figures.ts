import type { ResolvedBearing } from '../../catalogue/resolve-bearing.ts'
import type { RollingPosition, ShaftEnd } from '../../kinds/rolling/position.ts'
import { givenOf, number, range, type Figure, type Given, type Missing } from '../../working/figure.ts'
import { expansionGivens } from '../growth-figures.ts'
import type { GrowthOutcome } from '../growth-outcome.ts'
import { otherSideMm } from '../practices/physics.ts'
import type { BlockEnd } from './block-end.ts'
import { heldGapMm, type CapEnd } from './cap-end.ts'
import { endFields, ringHeight } from './end-fields.ts'
import { endWords } from './words.ts'
import type { EndsOutcome } from './work-out.ts'

const mm = givenOf('length', { decimals: 2 })

/** The figures of which end holds: what to machine, where to set the ring, what is left of the coupling's gap. */
export function endsFigures(
  position: RollingPosition,
  bearing: ResolvedBearing | null,
  growth: GrowthOutcome | null,
  outcome: EndsOutcome,
): Record<string, Figure> {
  const figures: Record<string, Figure> = {}
  const { ends, coupling, usedUpC } = outcome
  const { sliding, holds: held } = outcome
  const growthGivens = givensOfGrowth(position, growth)
  if (outcome.kind === 'caps' && sliding) {
    const { cap } = ends[sliding]
    const givens = [...capGivens(position, bearing, sliding), ...growthGivens]
    figures['cut'] = cutFigure(sliding, cap, givens, missingOf(position, sliding, growth !== null))
    if (cap) figures['setFrom'] = setFigure(sliding, cap, outcome)
  }
  const heldCap = held && ends[held].cap
  if (held && heldCap) figures['heldGap'] = heldFigure(held, heldCap, capGivens(position, bearing, held))
  const block = sliding && ends[sliding].block
  const own = ends.this.block
  if (own) figures['rings'] = ringsFigure(own)
  if (block && outcome.offset) figures['offset'] = offsetFigure(sliding, outcome.offset, block.roomMm, growthGivens)
  if (coupling?.coldMm != null && coupling.hotMm !== null) figures['gapHot'] = gapFigure(position, coupling)
  if (usedUpC !== null) figures['usedUp'] = usedUpFigure(position, outcome, usedUpC)
  return figures
}

function givensOfGrowth({ float }: RollingPosition, growth: GrowthOutcome | null): Given[] {
  if (!growth) return []
  const leading = growth.practices.find(({ leads }) => leads)
  return [
    ...expansionGivens(float),
    mm('growth', '\\Delta L', growth.growthMm, 'linear expansion'),
    ...growth.practices.flatMap(
      ({ name, outcome, leads }) =>
      outcome.value === null ? [] : [mm(`room by ${name}`, leads ? 's' : '', outcome.value, leads ? 'the practice followed' : 'another practice')], // prettier-ignore
    ),
    ...(leading ? [] : [mm('room to leave', 's', growth.leaveMm, 'linear expansion')]),
  ]
}

function capGivens({ ends }: RollingPosition, bearing: ResolvedBearing | null, end: ShaftEnd): Given[] {
  const { depth, ring, spigot, spacer } = endFields[end]
  const [depthMm, spigotMm, spacerMm] = [ends[depth], ends[spigot], ends[spacer] ?? 0]
  const ringMm = ringHeight(ends, end, bearing?.row.widthMm ?? null)
  return [
    ...(depthMm === null ? [] : [mm('depth of the housing bore', 'H', depthMm, 'measured')]),
    ...(ringMm === null
      ? []
      : [mm('height of the outer ring', 'B', ringMm, ends[ring] === null ? 'catalogue' : 'measured')]),
    mm('spacer ring', 'S', spacerMm, 'measured'),
    ...(spigotMm === null ? [] : [mm('spigot of the cap', 'C', spigotMm, 'measured')]),
  ]
}

function missingOf({ ends, float }: RollingPosition, end: ShaftEnd, grown: boolean): Missing[] {
  const { depth, ring, spigot } = endFields[end]
  const missing: Missing[] = []
  const need = (absent: boolean, field: string, label: string) => absent && missing.push({ field, label })
  need(!grown && float.spanMm === null, 'float.spanMm', 'the span')
  need(!grown && float.assemblyC === null, 'float.assemblyC', 'the shaft temperature at assembly')
  need(!grown && float.hottestC === null, 'float.hottestC', 'the hottest shaft temperature')
  need(ends[depth] === null, `ends.${depth}`, `the depth of the housing bore at ${endWords[end]}`)
  need(end === 'other' && ends[ring] === null, `ends.${ring}`, 'the height of the outer ring there')
  need(ends[spigot] === null, `ends.${spigot}`, 'the spigot of the cap there')
  return missing
}

const cutFigure = (end: ShaftEnd, cap: CapEnd | null, givens: Given[], missing: Missing[]): Figure => ({
  label: `Machine off the cap of ${endWords[end]}`,
  symbol: 'c',
  quantity: 'length',
  value: cap ? number(cap.cutMm) : null,
  precision: { decimals: 2 },
  formula: 'c = s + s_{other} - (H - B - S - C)',
  givens: cap
    ? [...givens, mm('on the other side', 's_{other}', otherSideMm, 'practice, no more than needed'), mm('free now, minus where clamped', '', cap.roomMm, 'H − B − S − C')] // prettier-ignore
    : [],
  source: 'Geometry; the room by the growth practice of the site',
  validity: 'Off the spigot, or the bore as much deeper. Depth measured to the face the cap seats on, gasket in place.',
  ...(missing.length > 0 ? { missing } : {}),
})

const setFigure = (end: ShaftEnd, cap: CapEnd, { growsToCap, leaveMm }: EndsOutcome): Figure => ({
  label: `Set the ring of ${endWords[end]}, from the shoulder`,
  symbol: 'a',
  quantity: 'length',
  value: number(cap.fromShoulderMm),
  precision: { decimals: 2 },
  formula: growsToCap ? 'a = s_{other}' : 'a = H - B - S - C + c - s_{other}',
  givens: [
    mm('room in all', '', cap.afterMm, 'once machined'),
    mm('toward the growth', 's', cap.afterMm - otherSideMm, growsToCap ? 'to the cap' : 'to the shoulder'),
    ...(leaveMm === null ? [] : [mm('of which it needs', '', leaveMm, 'growth practice')]),
  ],
  source: 'Fitting practice: cold, away from the growth',
})

const heldFigure = (end: ShaftEnd, cap: CapEnd, givens: Given[]): Figure => ({
  label: `Side gaps at ${endWords[end]}, which holds`,
  symbol: 'g',
  quantity: 'length',
  value: number(cap.roomMm),
  precision: { decimals: 2 },
  formula: 'g = H - B - S - C',
  givens: [
    ...givens,
    mm('at most', '', heldGapMm.most, 'fitting practice'),
    ...(cap.cutMm > 0 ? [mm('machine off its spigot', '', cap.cutMm, 'to be held, not clamped')] : []),
    ...(cap.fillMm > 0 ? [mm('fill with a ring of', '', cap.fillMm, 'so that it does not knock')] : []),
  ],
  source: 'Fitting practice: 0 to 0.1 mm together; less than none is clamped',
})

const ringsFigure = ({ eachOfTwoMm, oneMm, roomMm }: BlockEnd): Figure => ({
  label: 'To hold this block, each of two rings',
  symbol: 'b',
  quantity: 'length',
  value: number(eachOfTwoMm),
  precision: { decimals: 2 },
  formula: 'b = \\frac{1}{2}(A - B - 0.2)',
  givens: [
    mm('or one ring alone', '', oneMm, 'on either side'),
    mm('room with the rings that lie in it', '', roomMm, 'seat − bearing − rings'),
  ],
  source: 'Fitting practice for split blocks: 0.2 mm between rings and bearing lets the cap close',
})

const offsetFigure = (
  end: ShaftEnd,
  { leastMm, mostMm }: NonNullable<EndsOutcome['offset']>,
  roomMm: number,
  givens: Given[],
): Figure => ({
  label: `Off the middle of ${end === 'this' ? 'this block' : 'the other block'}, away from the growth`,
  symbol: 'e',
  quantity: 'length',
  value: range(leastMm, mostMm),
  precision: { decimals: 2 },
  formula: 's - r/2 \\le e \\le r/2 - s_{other}',
  givens: [mm('room in the block', 'r', roomMm, 'seat − bearing − rings'), mm('on the other side', 's_{other}', otherSideMm, 'practice'), ...givens], // prettier-ignore
  source: 'Fitting practice for split blocks',
})

const gapFigure = (
  { ends, float }: RollingPosition,
  { coldMm, hotMm, growsMm, lengthMm, leastMm }: NonNullable<EndsOutcome['coupling']>,
): Figure => ({
  label: 'Gap of the coupling when hot',
  symbol: 'g_{hot}',
  quantity: 'length',
  value: hotMm === null ? null : number(hotMm),
  precision: { decimals: 2 },
  formula: 'g_{hot} = g_{cold} - \\alpha\\,L_c\\,(t_{hot} - t_{assembly}) - \\Delta_{other}',
  givens: [
    ...(coldMm === null ? [] : [mm('cold', 'g_{cold}', coldMm, 'typed')]),
    givenOf('length', { decimals: 0 })(
      'from the bearing that holds to the coupling',
      'L_c',
      lengthMm,
      'span and overhang',
    ),
    mm('this shaft grows', '', growsMm, 'linear expansion'),
    mm('the other comes nearer', '\\Delta_{other}', ends.otherGrowthMm ?? 0, ends.otherGrowthMm === null ? 'taken as none' : 'typed'), // prettier-ignore
    ...(leastMm === null ? [] : [mm('needed at the least', '', leastMm, 'typed')]),
    ...expansionGivens(float),
  ],
  source: 'Linear expansion',
})

const usedUpFigure = ({ float }: RollingPosition, { towardMm, growthMm }: EndsOutcome, usedUpC: number): Figure => ({
  label: 'Room is used up at',
  symbol: 't_{end}',
  quantity: 'temperature',
  value: number(usedUpC),
  formula: 't_{end} = t_{assembly} + \\frac{s}{\\alpha L}',
  givens: [
    ...(towardMm === null ? [] : [mm('room toward the growth', 's', towardMm, 'once all is done')]),
    ...(growthMm === null || towardMm === null
      ? []
      : [mm('left at its hottest', '', towardMm - growthMm, 'this page')]),
    ...[20, 50].flatMap((moreK) => {
      const { assemblyC, hottestC } = float
      if (growthMm === null || towardMm === null || assemblyC === null || hottestC === null) return []
      const grows = (growthMm * (hottestC + moreK - assemblyC)) / (hottestC - assemblyC)
      return [mm(`left if it runs ${moreK} K hotter still`, '', towardMm - grows, 'linear expansion')]
    }),
    ...expansionGivens(float),
  ],
  source: 'Linear expansion',
  validity: 'The shaft between the bearings, not the housing.',
})
