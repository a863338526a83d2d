import type { PlainGroups, RollingPosition } from '@yardfrost/core'
import { ShaftLine, sketchShaft, type Duty, type MachineKind, type ShaftSketch } from '@yardfrost/core'

/** Made-up people of the made-up site; the passwords are for trying it out, and printed at the start. */
export const demoAccounts = [
  { login: 'technician', name: 'Una Varga', role: 'technician', password: 'brine-and-grease' },
  { login: 'planner', name: 'Tobias Lindqvist', role: 'planner', password: 'marram-grass' },
  { login: 'viewer', name: 'Ama Serwaa', role: 'viewer', password: 'salt-air' },
] as const

/** Position as the demo writes it: the fields that differ from an empty one. */
export interface DemoPosition {
  name: string
  bearing: Partial<RollingPosition['bearing']>
  identify?: Partial<RollingPosition['identify']>
  load?: Partial<RollingPosition['load']>
  seat?: Partial<RollingPosition['seat']>
  mount?: Partial<RollingPosition['mount']>
  float?: Partial<RollingPosition['float']>
  grease?: Partial<RollingPosition['grease']>
  diagnose?: Partial<RollingPosition['diagnose']>
  /** How it stood before, oldest first; each differs from today in these groups. */
  past?: (Pick<DemoPosition, 'load' | 'seat' | 'float' | 'grease'> & {
    daysAgo: number
    bearing?: Partial<RollingPosition['bearing']>
  })[]
  /** When it was saved as it is now. */
  savedDaysAgo?: number
}

/** Plain bearing as the demo writes it. */
export interface DemoPlain {
  name: string
  plain: { [G in keyof PlainGroups]?: Partial<PlainGroups[G]> }
  savedDaysAgo?: number
}

export interface DemoMachine {
  tag: string
  name: string
  kind: MachineKind
  duty: Duty
  positions: (DemoPosition | DemoPlain)[]
  /** Sizes its shaft is drawn from; absent where nobody has drawn it. */
  sketch?: ShaftSketch
  /** What is otherwise than the sketch has it. */
  drawn?: (line: ShaftLine) => object
}

/** The shaft of a machine as it is drawn; null where nobody has. */
export function shaftOf({ kind, positions, sketch, drawn }: DemoMachine): ShaftLine | null {
  if (!sketch) return null
  const line = sketchShaft(
    kind,
    sketch,
    positions.map(({ name }) => name),
  )
  return ShaftLine.parse({ ...line, ...drawn?.(line) })
}

/** Parts of a sketched shaft with some of their values changed, by the name of the part. */
const partsWith = (line: ShaftLine, changes: Record<string, object>) =>
  line.parts.map((part) => ({ ...part, ...changes[part.id] }))

export const siteName = 'Marram Point Saltworks'

/** What the saltworks settles for all its positions: its guns, its greases, and where it watches. */
export const siteSettings = {
  guns: [
    { id: '3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a01', name: 'Brass gun', gramsPerStroke: 1.2, weighedOn: '2026-05-11', nextWeighing: '2027-05-11', holds: '3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a11' },
    { id: '3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a02', name: 'Kiln gun', gramsPerStroke: 1.45, weighedOn: '2026-06-02', nextWeighing: '2027-06-02', holds: '3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a12' },
  ],
  lubricants: [
    { id: '3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a11', name: 'Dune 110', kind: 'grease', thickener: 'lithium', nu40Cst: 110, viscosityIndex: 95, nlgi: '2', lowC: -20, highC: 120, stands: 'Oil store, shelf 1' },
    { id: '3f0c6a52-6f0b-4a4c-9f53-6a1d0d4d6a12', name: 'Kiln 220', kind: 'grease', thickener: 'calcium-sulfonate-complex', nu40Cst: 220, viscosityIndex: 95, nlgi: '2', lowC: -10, highC: 150, ep: true, stands: 'Dryer house, cabinet' },
  ],
} // prettier-ignore

/** Shaft turns under a steady load, outer ring free to slide for growth: the floating end. */
const floating = { loadCase: 'inner-turns', slides: 'outer' } as const
/** Shaft turns under a steady load, both rings held: the locating end. */
const locating = { loadCase: 'inner-turns', slides: 'none' } as const

/** A warm, clean machine on lithium grease of ISO VG 100 oil. */
const warm = { innerC: 64, outerC: 58, housingMaterial: 'steel' } as const
const greased = {
  nu40Cst: 110,
  runningC: 62,
  cleanliness: 'normal',
  gramsPerStroke: 1.2,
  thickener: 'lithium',
} as const
/** The dryer house: hot shafts, salt dust. */
/** One oil for wheels and bearings. */
const gearOil: DemoPosition['grease'] = {
  lubrication: 'oil-bath',
  nu40Cst: 220,
  viscosityIndex: 95,
  runningC: 62,
  cleanliness: 'normal',
}
/** A big old motor: white metal shells, a loose ring, one bath at each end. */
const ringOiled = {
  bearing: {
    form: 'split',
    material: 'white-metal',
    journalMm: 110,
    lengthMm: 95,
    wallMm: 14,
    groove: 'axial',
    feedDeg: 90,
  },
  load: { axialN: 0, speedRpm: 740, startsPerDay: 2 },
  oil: {
    lubrication: 'oil-fed',
    supply: 'ring',
    nu40Cst: 68,
    roomC: 24,
    ringMm: 190,
    dipMm: 28,
    ringTurns: 'turns',
    coldStartC: 5,
  },
} satisfies DemoPlain['plain']
/** A pivot that swings in dust, pressed bushes of bronze. */
const pivoted = {
  bearing: { form: 'solid', material: 'tin-bronze', journalMm: 70, lengthMm: 80, groove: 'figure-eight', feedDeg: 0 },
  load: { axialN: 0, swingDeg: 12, swingsPerMin: 4, shock: 'moderate' },
  oil: { lubrication: 'grease', roomC: 26, dirt: 'dusty', gramsPerStroke: 1.2 },
} satisfies DemoPlain['plain']
const dusty = { ...greased, nu40Cst: 220, runningC: 78, contamination: 'heavy', cleanliness: 'slight' } as const

/** Tapered and angular contact bearings are set in pairs. */
const facing = { arrangement: 'face-to-face' } as const
const backed = { arrangement: 'back-to-back' } as const
/** Hangs between two held ends, as somebody left it. */
const heldFan = { locatedEnds: 2, spanMm: 1150, assemblyC: 22, hottestC: 96, housingStiffnessNPerMm: 90_000 } as const

/** Shaft seat of 55 mm that somebody dressed with emery: it falls away toward its end. */
const taperedShaft = [
  [55.011, 55.013, 55.012, 55.013],
  [55.004, 55.006, 55.005, 55.006],
  [54.992, 54.995, 54.993, 54.995],
]
/** A bearing without a number, measured in three places: 45 × 85 × 19, worn. */
const wornBearing = {
  boreMm: [45.04, 45.03, 45.05],
  odMm: [84.98, 84.97, 84.98],
  widthMm: [18.93, 18.95, 18.94],
  rollingElement: 'ball',
  leftClosure: 'open',
  rightClosure: 'open',
} as const

/** Washboard over the load zone of a motor, as it was painted. */
const fluted = [{ kind: 'flutes', ring: 'outer', surface: 'raceway', row: 1, fromDeg: 105, lengthDeg: 150, low: -0.34, high: 0.34 }] satisfies RollingPosition['diagnose']['marks'] // prettier-ignore

/** The belt runs loaded most of the day, empty the rest, and starts full after a stop. */
const conveyorDuty = [
  { radialN: 21_500, axialN: 1200, speedRpm: 62, share: 0.62 },
  { radialN: 9800, axialN: 600, speedRpm: 62, share: 0.35 },
  { radialN: 34_000, axialN: 1900, speedRpm: 20, share: 0.03 },
]

/** Crystalliser pumps stand on three bearings: the middle one floats beside the coupling. */
const circulationPump = (line: ShaftLine) => ({
  supports: [...line.supports, { position: 'Coupling end', xMm: 330, holds: 'none', roomLeftMm: 0.5, roomRightMm: 1 }],
  parts: partsWith(line, { impeller: { massKg: 120, headM: 12, flowShare: 0.7, thrustN: 2100 } }),
})
/** The drive end of these motors floats: the fan end holds. */
const intakeMotor = (line: ShaftLine) => ({
  supports: line.supports.map((one, index) => ({
    ...one,
    holds: index === 0 ? 'none' : 'both',
    roomLeftMm: 1.5,
    roomRightMm: 0.5,
  })),
})

export const areas: { name: string; machines: DemoMachine[] }[] = [
  {
    name: 'Brine intake',
    machines: [
      {
        tag: 'BP-11',
        name: 'Intake pump 1',
        kind: 'pump',
        duty: 'round-the-clock',
        sketch: { boreMm: 65, spanMm: 340, speedRpm: 1475, powerKw: 37 },
        drawn: (line) => ({ parts: partsWith(line, { coupling: { gapMm: 4, leastGapMm: 3 }, impeller: { massKg: 46, headM: 34, flowShare: 0.6, thrustN: 1500 } }) }),
        positions: [
          { name: 'Coupling end', past: [{ daysAgo: 705, bearing: { designation: '6313' } }, { daysAgo: 388, bearing: { designation: '6313-C3' }, load: { radialN: 2700 } }], savedDaysAgo: 41, bearing: { designation: '6313-C3', requiredClearance: 'C3' }, load: { radialN: 2900, axialN: 1700, speedRpm: 1475 }, seat: locating, float: { ...warm, locatedEnds: 1, spanMm: 340, assemblyC: 18, hottestC: 66, roomTowardMm: 0.8, roomAwayMm: 0.5 }, grease: greased },
          { name: 'Impeller end', bearing: { designation: 'NU313-C3', requiredClearance: 'C3' }, load: { radialN: 6800, axialN: 0, speedRpm: 1475 }, seat: locating, float: warm, grease: greased },
        ],
      },
      {
        tag: 'BP-12',
        name: 'Intake pump 2',
        kind: 'pump',
        duty: 'round-the-clock',
        sketch: { boreMm: 65, spanMm: 340, speedRpm: 1475, powerKw: 37 },
        positions: [
          { name: 'Coupling end', past: [{ daysAgo: 690, bearing: { designation: '6313-C3' } }, { daysAgo: 402, bearing: { designation: '6313-C3' }, load: { radialN: 3100 } }], savedDaysAgo: 9, bearing: { designation: '6313', requiredClearance: 'C3' }, load: { radialN: 2900, axialN: 1700, speedRpm: 1475 }, seat: locating },
          { name: 'Impeller end', bearing: { designation: 'NU313-C3', requiredClearance: 'C3' }, load: { radialN: 6800, axialN: 450, speedRpm: 1475 }, seat: locating },
        ],
      },
      {
        tag: 'BM-11',
        name: 'Motor of intake pump 1',
        kind: 'motor',
        duty: 'round-the-clock',
        sketch: { boreMm: 80, spanMm: 560, speedRpm: 1475, powerKw: 75 },
        drawn: intakeMotor,
        positions: [
          { name: 'Drive end', bearing: { designation: '6316-C3', requiredClearance: 'C3' }, load: { radialN: 3300, axialN: 0, speedRpm: 1475 }, seat: { ...floating, ringRiseC: 35 }, float: { innerC: 70, outerC: 64, housingMaterial: 'steel' }, grease: { ...greased, runningC: 68, thickener: 'polyurea' } },
          { name: 'Non-drive end', bearing: { designation: '6314-C3', requiredClearance: 'C3' }, load: { radialN: 2100, axialN: 300, speedRpm: 1475 }, seat: { ...locating, ringRiseC: 30 } },
        ],
      },
      {
        tag: 'BM-12',
        name: 'Motor of intake pump 2',
        kind: 'motor',
        duty: 'round-the-clock',
        sketch: { boreMm: 80, spanMm: 560, speedRpm: 1475, powerKw: 75 },
        drawn: intakeMotor,
        positions: [
          { name: 'Drive end', past: [{ daysAgo: 655, grease: { thickener: 'polyurea', thickenerBefore: null } }], savedDaysAgo: 26, bearing: { designation: '6316-C3', requiredClearance: 'C3' }, load: { radialN: 3300, axialN: 0, speedRpm: 1475 }, seat: floating, float: { innerC: 84, outerC: 68 }, grease: { ...greased, runningC: 68, thickener: 'lithium', thickenerBefore: 'polyurea' } },
          { name: 'Non-drive end', bearing: { designation: '6314 DDU C3', requiredClearance: 'C3' }, load: { radialN: 2100, axialN: 300, speedRpm: 1475 }, seat: locating },
        ],
      },
      {
        tag: 'BM-13',
        name: 'Flood pump motor, old',
        kind: 'motor',
        duty: 'round-the-clock',
        positions: [
          // Its magnetic centre was set nearer to the stop than the coupling lets it float.
          { name: 'Drive end', plain: { ...ringOiled, load: { ...ringOiled.load, radialN: 12_500 }, float: { measuredMm: 0.16, collars: 'both', endFloatMm: 12, centreMm: 1.5, couplingFloatMm: 4.8 } } },
          { name: 'Non-drive end', plain: { ...ringOiled, load: { ...ringOiled.load, radialN: 10_500 }, float: { measuredMm: 0.15 } } },
        ],
      },
    ],
  },
  {
    name: 'Crystalliser hall',
    machines: [
      {
        tag: 'CP-31',
        name: 'Circulation pump A',
        kind: 'pump',
        duty: 'main-process',
        sketch: { boreMm: 90, spanMm: 620, speedRpm: 735, powerKw: 90 },
        drawn: circulationPump,
        positions: [
          { name: 'Thrust end', past: [{ daysAgo: 711, load: { axialN: 2100 } }], savedDaysAgo: 120, bearing: { designation: '22218 E-C3', requiredClearance: 'C3' }, load: { radialN: 9800, axialN: 2300, speedRpm: 735 }, seat: { ...locating, housing: 'split', ringRiseC: 30 }, float: { innerC: 70, outerC: 60 }, grease: { ...greased, nu40Cst: 220, runningC: 64, moisture: 'humid' } },
          { name: 'Coupling end', bearing: { designation: '22218 E-C3', requiredClearance: 'C3' }, load: { radialN: 7400, axialN: 0, speedRpm: 735 }, seat: { ...floating, housing: 'split' } },
          { name: 'Impeller end', bearing: { designation: 'NU2218 E-C3', requiredClearance: 'C3' }, load: { radialN: 16500, axialN: 0, speedRpm: 735 }, seat: locating },
        ],
      },
      {
        tag: 'CP-32',
        name: 'Circulation pump B',
        kind: 'pump',
        duty: 'main-process',
        sketch: { boreMm: 90, spanMm: 620, speedRpm: 735, powerKw: 90 },
        drawn: circulationPump,
        positions: [
          { name: 'Thrust end', bearing: { designation: '22218 E-C3', requiredClearance: 'C3' }, load: { radialN: 9800, axialN: 3400, speedRpm: 735 }, seat: { ...locating, housing: 'split' }, mount: { coolingC: 5 } },
          { name: 'Coupling end', bearing: { designation: '22218 E-C3', requiredClearance: 'C3' }, load: { radialN: 7400, axialN: 0, speedRpm: 735 }, seat: { ...floating, housing: 'split' } },
          { name: 'Impeller end', bearing: { designation: 'NU2218 E-C3', requiredClearance: 'C3' } },
        ],
      },
      {
        tag: 'CM-31',
        name: 'Motor of circulation pump A',
        kind: 'motor',
        duty: 'main-process',
        sketch: { boreMm: 95, spanMm: 700, speedRpm: 985, powerKw: 110 },
        drawn: (line) => ({ supports: line.supports.map((one, index) => ({ ...one, holds: index === 0 ? 'none' : 'both', floatsIn: index === 0 ? 'bearing' : 'housing' })) }),
        positions: [
          { name: 'Drive end', past: [{ daysAgo: 540, bearing: { designation: 'NU319' } }, { daysAgo: 214, grease: { runningC: 88 } }], savedDaysAgo: 63, bearing: { designation: 'NU319-C3', requiredClearance: 'C3' }, load: { radialN: 11800, axialN: 0, speedRpm: 985 }, seat: locating, float: { innerC: 80, outerC: 66 }, grease: { ...greased, runningC: 70 }, diagnose: { seen: ['fluting', 'vfd-fed'], notSeen: [], marks: fluted } },
          { name: 'Non-drive end', bearing: { designation: '6319-C3', requiredClearance: 'C3' }, load: { radialN: 4300, axialN: 600, speedRpm: 985 }, seat: locating, grease: { ...greased, runningC: 76, standsIn: 'motor-end-shield', roomC: 28 } },
        ],
      },
      {
        tag: 'CG-33',
        name: 'Agitator gearbox',
        kind: 'gearbox',
        duty: 'round-the-clock',
        sketch: { boreMm: 70, spanMm: 210, speedRpm: 960, powerKw: 45 },
        // A pair set against each other: each side holds one way.
        drawn: (line) => ({ supports: line.supports.map((one, index) => ({ ...one, position: ['Pinion, fixed side', 'Pinion, far side'][index], holds: index === 0 ? 'left' : 'right' })) }),
        positions: [
          { name: 'Pinion, fixed side', bearing: { designation: '32214' }, load: { ...facing, radialN: 9200, axialN: 3800, speedRpm: 960, running: 'shock', partnerRadialN: 5600 }, seat: locating, float: { endPlayMm: 0.1, innerC: 72, outerC: 62, spanMm: 210 }, grease: gearOil },
          { name: 'Pinion, far side', bearing: { designation: '32212' }, load: { ...facing, radialN: 5600, axialN: 3800, axialWay: 'left', speedRpm: 960, running: 'shock', partnerRadialN: 9200 }, seat: locating, mount: { roomC: 18, coolingC: 3 }, grease: gearOil },
          { name: 'Wheel, upper', bearing: { designation: '30222' }, load: { ...backed, radialN: 14500, axialN: 9000, axialWay: 'left', speedRpm: 118, partnerRadialN: 18800 }, seat: locating, grease: gearOil },
          { name: 'Wheel, lower', bearing: { designation: '30222' }, load: { ...backed, radialN: 18800, axialN: 9000, speedRpm: 118, partnerRadialN: 14500 }, seat: locating, grease: gearOil },
        ],
      },
    ],
  },
  {
    name: 'Dryer house',
    machines: [
      {
        tag: 'DF-41',
        name: 'Exhaust fan',
        kind: 'fan',
        duty: 'main-process',
        sketch: { boreMm: 80, spanMm: 1150, speedRpm: 1460, powerKw: 90 },
        // Somebody put locating rings at both ends, and salt cakes on the wheel.
        drawn: (line) => ({ assemblyC: 22, hottestC: 96, housingStiffnessNPerMm: 90_000, supports: line.supports.map((one) => ({ ...one, holds: 'both' })), parts: partsWith(line, { wheel: { massKg: 340, stuckG: 180, stuckRadiusMm: 300, pressurePa: 6500 } }), arrival: { 'work': { answer: 'partly', note: 'Contractor balanced it in spring' }, 'rings:Fan end': { answer: 'both', note: 'Seen with the cap off' } } }),
        positions: [
          { name: 'Coupling end', past: [{ daysAgo: 722, float: { locatedEnds: 1 } }], savedDaysAgo: 17, bearing: { designation: '22216 EK-C3', requiredClearance: 'C3' }, load: { from: 'shaft-line', radialN: 3100, axialN: 900, speedRpm: 1460 }, seat: { ...locating, housing: 'split' }, mount: { holding: 'adapter-sleeve', roomC: 34 }, float: { ...heldFan, role: 'locating' }, grease: dusty },
          { name: 'Fan end', past: [{ daysAgo: 722, float: { locatedEnds: 1 } }, { daysAgo: 366, float: { locatedEnds: 1 }, grease: { runningC: 74 } }], savedDaysAgo: 17, bearing: { designation: '22216 EK-C3', requiredClearance: 'C3' }, load: { from: 'shaft-line', radialN: 8600, axialN: 0, speedRpm: 1460 }, seat: { ...floating, housing: 'split' }, mount: { holding: 'adapter-sleeve', roomC: 34 }, float: { ...heldFan, role: 'floating' }, grease: dusty },
        ],
      },
      {
        tag: 'DF-42',
        name: 'Combustion-air fan',
        kind: 'fan',
        duty: 'round-the-clock',
        sketch: { boreMm: 60, spanMm: 480, speedRpm: 2200, powerKw: 22 },
        // Turned down between its bearings, so the belt bends it: it stands askew in both.
        drawn: (line) => ({ sections: line.sections.map((one) => (one.lengthMm > 200 ? { ...one, diameterMm: 45 } : one)), parts: [{ kind: 'pulley', id: 'belt', xMm: 40, massKg: 9, drive: 'v-belt', diameterMm: 200 }, ...partsWith(line, { wheel: { massKg: 60, diameterMm: 620 } }).filter(({ id }) => id !== 'coupling')] }),
        positions: [
          { name: 'Belt end', bearing: { designation: '6313-C3', requiredClearance: 'C3', requiredClosure: 'open' }, load: { radialN: 4600, axialN: 0, speedRpm: 2200 }, seat: locating, mount: { holding: 'end-plate', roomC: 28, coolingC: 5 } },
          { name: 'Fan end', bearing: { designation: '6311-C3', requiredClearance: 'C3', requiredClosure: 'open' }, load: { radialN: 2600, axialN: 380, speedRpm: 2200 }, seat: { ...locating, shaftReadingsMm: taperedShaft }, mount: { holding: 'nut', roomC: 30, coolingC: 5 } },
        ],
      },
      {
        tag: 'DC-45',
        name: 'Salt conveyor, head shaft',
        kind: 'conveyor',
        duty: 'round-the-clock',
        sketch: { boreMm: 100, spanMm: 1250, speedRpm: 62, powerKw: 15 },
        drawn: (line) => ({ supports: line.supports.map((one, index) => ({ ...one, position: ['Drive side', 'Far side'][index] })), steps: [{ work: 1, speedRpm: 62, share: 0.62 }, { work: 0.4, speedRpm: 62, share: 0.35 }, { work: 1.5, speedRpm: 20, share: 0.03 }] }),
        positions: [
          { name: 'Drive side', past: [{ daysAgo: 598, bearing: { designation: '22220 EK' } }], savedDaysAgo: 88, bearing: { designation: '22220 EK-C3', requiredClearance: 'CN' }, load: { radialN: 21500, axialN: 1200, speedRpm: 62, steps: conveyorDuty }, seat: { ...locating, housing: 'split' } },
          { name: 'Far side', bearing: { designation: '22220 EK', requiredClearance: 'CN' }, load: { radialN: 18200, axialN: 0, speedRpm: 62 }, seat: { ...floating, housing: 'split' }, grease: { ...dusty, nu40Cst: 460 } },
          { name: 'Snub pulley, left', bearing: { designation: 'UC212' , requiredClearance: 'CN' }, load: { radialN: 2700, axialN: 0, speedRpm: 96 }, seat: locating },
          { name: 'Snub pulley, right', bearing: { designation: 'UC212', requiredClearance: 'CN' }, load: { radialN: 2700, axialN: 0, speedRpm: 96 }, seat: locating },
        ],
      },
      {
        tag: 'DC-46',
        name: 'Salt conveyor, take-up pivot',
        kind: 'conveyor',
        duty: 'intermittent',
        positions: [
          { name: 'Left bush', plain: { ...pivoted, load: { ...pivoted.load, radialN: 24_000 } } },
          { name: 'Right bush', plain: { ...pivoted, load: { ...pivoted.load, radialN: 24_000 }, seat: { journalRaUm: 0.6 } } },
        ],
      },
    ],
  },
  {
    name: 'Motor workshop',
    machines: [
      {
        tag: 'WM-90',
        name: 'Test pad motor',
        kind: 'motor',
        duty: 'intermittent',
        sketch: { boreMm: 45, spanMm: 300, speedRpm: 2960, powerKw: 7.5 },
        drawn: (line) => ({ supports: line.supports.map((one, index) => ({ ...one, holds: index === 0 ? 'none' : 'both', roomLeftMm: 1, roomRightMm: 0.5 })) }),
        positions: [
          { name: 'Drive end', bearing: { designation: '6309-C3', requiredClearance: 'C3' }, load: { radialN: 640, axialN: 0, speedRpm: 2960 }, seat: floating },
          { name: 'Non-drive end', bearing: { designation: '6309' }, load: { radialN: 420, axialN: 0, speedRpm: 2960 }, seat: locating },
        ],
      },
      { tag: 'WM-91', name: 'Spare motor, no papers', kind: 'motor', duty: 'round-the-clock', positions: [{ name: 'Drive end', bearing: {} }, { name: 'Non-drive end', bearing: {}, identify: { ...wornBearing, boreMm: [...wornBearing.boreMm], odMm: [...wornBearing.odMm], widthMm: [...wornBearing.widthMm] } }] },
    ],
  },
  {
    name: 'Tool room',
    machines: [
      {
        tag: 'TL-1',
        name: 'Lathe',
        kind: 'spindle',
        duty: 'spindle',
        sketch: { boreMm: 80, spanMm: 420, speedRpm: 900, powerKw: 11 },
        // The thrust pair stands behind the chuck bearing and holds; both roller bearings let the spindle through.
        drawn: (line) => ({ supports: [{ ...line.supports[0], holds: 'none', floatsIn: 'bearing' }, { position: 'Thrust pair', xMm: 250, holds: 'both' }, line.supports[1]] }),
        positions: [
          { name: 'Chuck end', bearing: { designation: 'NU1016-C2', requiredClearance: 'C2' }, load: { radialN: 4600, axialN: 0, speedRpm: 900, running: 'quiet' }, seat: { ...locating, toleranceClass: 'P5', shaftBoreMm: 46 } },
          { name: 'Thrust pair', bearing: { designation: '7214 B' }, load: { ...backed, radialN: 1500, axialN: 3100, axialWay: 'both', speedRpm: 900, running: 'quiet', partnerRadialN: 1500 }, seat: { ...locating, toleranceClass: 'P5', shaftBoreMm: 46 } },
          { name: 'Tail end', bearing: { designation: 'NU1012-C2', requiredClearance: 'C2' }, load: { radialN: 1900, axialN: 0, speedRpm: 900, running: 'quiet' }, seat: { ...locating, toleranceClass: 'P5' } },
        ],
      },
      {
        tag: 'TG-2',
        name: 'Surface grinder',
        kind: 'spindle',
        duty: 'spindle',
        sketch: { boreMm: 45, spanMm: 240, speedRpm: 2850, powerKw: 4 },
        // A grinding wheel cuts down into the work and sideways along it; the belt end floats in its bore.
        drawn: (line) => ({ supports: line.supports.map((one) => ({ ...one, floatsIn: 'housing' })), parts: partsWith(line, { chuck: { massKg: 6, diameterMm: 250, cuttingN: 320, thrustN: 120 }, belt: { massKg: 2, diameterMm: 90 } }) }),
        positions: [
          { name: 'Wheel end', bearing: { designation: '7009 C-P4', requiredPrecision: 'P4' }, load: { ...backed, radialN: 520, axialN: 260, speedRpm: 2850, running: 'quiet', partnerRadialN: 410 }, seat: { ...locating, toleranceClass: 'P4' } },
          { name: 'Belt end', bearing: { designation: '6008-P5', requiredClearance: 'CN', requiredPrecision: 'P5' }, load: { radialN: 410, axialN: 0, speedRpm: 2850, running: 'quiet' }, seat: { ...floating, toleranceClass: 'P5' } },
        ],
      },
    ],
  },
] // prettier-ignore
