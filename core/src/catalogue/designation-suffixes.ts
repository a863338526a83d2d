import {
  factsOf,
  type BearingType,
  type ClearanceClass,
  type Closure,
  type SuffixFamily,
} from '../bearing-types/index.ts'

/** Groups of suffixes; each counts once in a designation. */
export type SuffixGroup =
  | 'closure'
  | 'clearance'
  | 'precision'
  | 'taper'
  | 'angle'
  | 'reinforced'
  | 'inside'
  | 'full'
  | 'iso'
  | 'pair'
  | 'snap'
  | 'lube'
  | 'cage'
  | 'heat'
  | 'fill'
  | 'running'

export interface Suffix {
  token: string
  groups: readonly SuffixGroup[]
  /** How the token is written in the one normal spelling, by group. */
  normal: Partial<Record<SuffixGroup, string>>
  features?: readonly string[]
  closure?: { closure: Closure; closedSides: 0 | 1 | 2 }
  clearanceClass?: ClearanceClass
  contactAngleDeg?: number
  tapered?: boolean
  /** Only types of this family use the token; absent: all. */
  family?: SuffixFamily
}

function single(token: string, group: SuffixGroup, rest: Partial<Suffix> = {}): Suffix {
  return { token, groups: [group], normal: { [group]: token }, ...rest }
}

function closureTokens(tokens: string[], normal: string, closure: Closure, closedSides: 1 | 2): Suffix[] {
  return tokens.map((token) =>
    single(token, 'closure', { normal: { closure: normal }, closure: { closure, closedSides }, family: 'closure' }),
  )
}

const clearanceTokens: Suffix[] = (['C1', 'C2', 'CN', 'C3', 'C4', 'C5'] as const).map((token) =>
  single(token, 'clearance', { normal: token === 'CN' ? {} : { clearance: token }, clearanceClass: token }),
)

const precisionTokens: Suffix[] = [
  single('P0', 'precision', { normal: {} }),
  ...['P6', 'P5', 'P4', 'P2'].map((token) => single(token, 'precision', { features: [`precision-${token}`] })),
  single('P6X', 'precision', { features: ['precision-P6X'], family: 'precision-6x' }),
]

/** Precision and clearance written as one: P63 is P6 with C3. */
const precisionWithClearance: Suffix[] = ['P6', 'P5', 'P4', 'P2'].flatMap((precision) =>
  ([1, 2, 3, 4, 5] as const).map((number): Suffix => ({
    token: `${precision}${number}`,
    groups: ['precision', 'clearance'],
    normal: { precision, clearance: `C${number}` },
    features: [`precision-${precision}`],
    clearanceClass: `C${number}`,
  })),
)

/** Common suffixes only. Makers' own letters change and clash, so the rest stays unknown and is looked at. */
export const suffixes: readonly Suffix[] = [
  ...closureTokens(['RS', 'RS1', 'RS2', 'RSR', 'RSH', 'LU', 'LH'], 'RS', 'contact-seal', 1),
  ...closureTokens(['2RS', '2RS1', '2RS2', '2RSR', '2RSH', 'RSS', 'LLU', 'LLH', 'EE'], '2RS', 'contact-seal', 2),
  ...closureTokens(['RZ', 'RSL', 'RSJ', 'LB'], 'RZ', 'low-friction-seal', 1),
  ...closureTokens(['2RZ', '2RSL', '2RSJ', 'VV', 'LLB'], '2RZ', 'low-friction-seal', 2),
  ...closureTokens(['Z', 'ZR', 'ZS'], 'Z', 'shield', 1),
  ...closureTokens(['2Z', 'ZZ', '2ZR', 'ZZS', '2ZS'], '2Z', 'shield', 2),
  ...clearanceTokens,
  ...precisionTokens,
  ...precisionWithClearance,
  single('K', 'taper', { features: ['taper-1:12'], tapered: true, family: 'tapered-bore' }),
  single('K30', 'taper', { features: ['taper-1:30'], tapered: true, family: 'tapered-bore' }),
  ...([['A', 30], ['AC', 25], ['B', 40], ['C', 15]] as const).map(([token, angle]) =>
    single(token, 'angle', {
      features: [`contact-angle-${angle}`],
      contactAngleDeg: angle,
      family: 'contact-angle',
    }),
  ), // prettier-ignore
  ...['E', 'EC', 'E1'].map((token) =>
    single(token, 'reinforced', {
      normal: { reinforced: 'E' },
      features: ['reinforced'],
      family: 'reinforced',
    }),
  ),
  ...['BE', 'BEC'].map((token) =>
    single(token, 'angle', {
      normal: { angle: 'B' },
      features: ['contact-angle-40'],
      contactAngleDeg: 40,
      family: 'contact-angle',
    }),
  ),
  ...['C', 'CC', 'CA'].map((token) =>
    single(token, 'inside', { features: [`internal-design-${token}`], family: 'internal-design' }),
  ),
  ...['V', 'CV', 'VH'].map((token) =>
    single(token, 'full', { normal: { full: 'V' }, features: ['full-complement'], family: 'full-complement' }),
  ),
  single('X', 'iso', { features: ['iso-dimensions'], family: 'iso-dimensions' }),
  ...([['DB', 'back-to-back'], ['DF', 'face-to-face'], ['DT', 'tandem']] as const).map(([token, pair]) =>
    single(token, 'pair', { features: [`pair-${pair}`], family: 'pair' }),
  ), // prettier-ignore
  single('N', 'snap', { features: ['snap-ring-groove'], family: 'snap-ring' }),
  single('NR', 'snap', { features: ['snap-ring-groove', 'snap-ring'], family: 'snap-ring' }),
  single('W33', 'lube', { features: ['lubrication-groove-and-holes'] }),
  single('W20', 'lube', { features: ['lubrication-holes'] }),
  ...['M', 'MP', 'ML', 'Y'].map((token) => single(token, 'cage', { normal: { cage: 'M' }, features: ['brass-cage'] })),
  single('MA', 'cage', { features: ['brass-cage', 'cage-outer-guided'] }),
  single('MB', 'cage', { features: ['brass-cage', 'cage-inner-guided'] }),
  ...['TN', 'TN9', 'TNH', 'TNG', 'TV', 'TVP', 'TVP2', 'TVH'].map((token) =>
    single(token, 'cage', { normal: { cage: 'TN' }, features: ['polyamide-cage'] }),
  ),
  ...['P', 'PH'].map((token) =>
    single(token, 'cage', { normal: { cage: 'TN' }, features: ['polyamide-cage'], family: 'moulded-cage' }),
  ),
  ...['J', 'JN', 'J1', 'J2', 'F'].map((token) =>
    single(token, 'cage', { normal: { cage: 'J' }, features: ['steel-cage'] }),
  ),
  ...['G', 'GA', 'GB', 'GC', 'CB', 'UA', 'UO', 'UL'].map((token) =>
    single(token, 'pair', { features: ['universal-pair'], family: 'universal-pair' }),
  ),
  ...['WT', 'HT', 'LHT', 'LT', 'GJN', 'MT', 'MT33', 'MT47', 'LS'].map((token) =>
    single(token, 'fill', { features: ['factory-grease'] }),
  ),
  ...['C02', 'C04', 'C08'].map((token) => single(token, 'running', { features: ['running-accuracy'] })),
  ...([['S0', 150], ['S1', 200], ['S2', 250], ['S3', 300]] as const).map(([token, hotC]) =>
    single(token, 'heat', { features: [`heat-stabilised-${hotC}C`] }),
  ), // prettier-ignore
]

/**
 * Spells a part of a designation wholly in the tokens its type allows: fewest tokens, on a tie the longer first one.
 *
 * @returns the tokens in order, or null when the part cannot be spelt: then nothing is picked out of it
 */
export function spellSuffix(part: string, type: BearingType): Suffix[] | null {
  const allowed = suffixesOf(type)
  const best: (Suffix[] | null)[] = Array.from({ length: part.length + 1 }, () => null)
  best[part.length] = []
  for (let from = part.length - 1; from >= 0; from--) {
    for (const suffix of allowed) {
      if (!part.startsWith(suffix.token, from)) continue
      const rest = best[from + suffix.token.length]
      const sofar = best[from]
      if (rest && (!sofar || rest.length + 1 < sofar.length)) best[from] = [suffix, ...rest]
    }
  }
  return best[0] ?? null
}

const ofType = new Map<BearingType, readonly Suffix[]>()

/** Suffixes a type uses, the longer first. */
function suffixesOf(type: BearingType): readonly Suffix[] {
  const known =
    ofType.get(type) ??
    suffixes
      .filter(({ family }) => !family || factsOf(type).suffixes.includes(family))
      .sort((a, b) => b.token.length - a.token.length)
  ofType.set(type, known)
  return known
}
