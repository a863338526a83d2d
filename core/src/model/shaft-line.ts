import { z } from 'zod'
import type { Quantity } from './units.ts'
import { versioned } from './upgrade/document.ts'
import { shaftLineSchema, shaftLineSteps } from './upgrade/shaft-line.ts'

const measured = (schema: z.ZodNumber, title: string, quantity: Quantity, unit: string) =>
  schema.meta({ title, quantity, unit })
const place = measured(z.number().min(-20_000).max(40_000), 'Stands at', 'length', 'mm')
const mass = measured(z.number().min(0).max(100_000), 'Mass', 'mass', 'kg').default(0)
const diameter = (title: string) => measured(z.number().gt(0).max(20_000), title, 'length', 'mm')
const angle = (title: string) => measured(z.number().min(-360).max(360), title, 'angle', '°')
const force = (title: string) => measured(z.number().min(-1e7).max(1e7), title, 'force', 'N')

/** A length of shaft of one diameter; the shaft begins at 0 and its sections follow one another. */
const Section = z
  .strictObject({
    lengthMm: measured(z.number().gt(0).max(20_000), 'Length', 'length', 'mm'),
    diameterMm: diameter('Diameter'),
    boreMm: measured(z.number().min(0).max(5000), 'Bore', 'length', 'mm').default(0),
  })
  .refine(({ diameterMm, boreMm }) => boreMm < diameterMm, {
    path: ['boreMm'],
    message: 'such that the bore is smaller than the diameter',
  })
export type ShaftSection = z.output<typeof Section>

export const holdings = ['both', 'left', 'right', 'none'] as const

/** A bearing under the shaft. What it holds: the shaft both ways, one way only, or nothing, when it floats. */
const Support = z.strictObject({
  /** Name of the position on the machine. */
  position: z.string().min(1).max(80),
  xMm: place,
  holds: z.enum(holdings).default('both').meta({ title: 'Holds the shaft' }),
  floatsIn: z.enum(['housing', 'bearing']).default('housing').meta({ title: 'Floats in' }),
  roomLeftMm: measured(z.number().min(0).max(100), 'Room on its left', 'length', 'mm').nullable().default(null),
  roomRightMm: measured(z.number().min(0).max(100), 'Room on its right', 'length', 'mm').nullable().default(null),
})
export type ShaftSupport = z.output<typeof Support>
/** Field schemas of a bearing under the shaft. */
export const supportFields: z.ZodObject = Support

/** How far from balanced a turning part is: by grade, and by mass stuck to it or lost from it. */
const unbalance = {
  gradeMmPerS: measured(z.number().min(0).max(4000), 'Balance grade G', 'ratio', 'mm/s').default(6.3),
  stuckG: measured(z.number().min(0).max(100_000), 'Stuck on or lost', 'grams', 'g').default(0),
  stuckRadiusMm: measured(z.number().min(0).max(10_000), 'At the radius', 'length', 'mm').default(0),
}
const common = { id: z.string().min(1).max(40), xMm: place, massKg: mass }

export const drives = ['chain', 'toothed-belt', 'v-belt', 'flat-belt-tensioner', 'flat-belt-fixed'] as const
export const gearKinds = ['spur', 'helical', 'bevel'] as const

const Coupling = z.strictObject({
  kind: z.literal('coupling'),
  ...common,
  diameterMm: diameter('Pitch circle of its pins').default(150),
  misalignShare: measured(z.number().min(0).max(0.5), 'Share of the drive force, out of line', 'ratio', '').default(
    0.1,
  ),
  gapMm: measured(z.number().min(0).max(500), 'Gap of the halves, set cold', 'length', 'mm').nullable().default(null),
  leastGapMm: measured(z.number().min(0).max(500), 'Least gap it may have', 'length', 'mm').nullable().default(null),
  otherGrowthMm: measured(z.number().min(0).max(50), 'Other shaft comes toward it by', 'length', 'mm').default(0),
})
const Pulley = z.strictObject({
  kind: z.literal('pulley'),
  ...common,
  ...unbalance,
  drive: z.enum(drives).default('v-belt').meta({ title: 'Drive' }),
  diameterMm: diameter('Pitch diameter').default(200),
  angleDeg: angle('Pull points, 0 down, 90 sideways').default(90),
  tension: measured(z.number().min(0.5).max(4), 'Tension, times the right one', 'ratio', '').default(1),
})
const Gear = z.strictObject({
  kind: z.literal('gear'),
  ...common,
  gear: z.enum(gearKinds).default('spur').meta({ title: 'Gear' }),
  diameterMm: diameter('Pitch diameter').default(120),
  pressureDeg: angle('Pressure angle').default(20),
  helixDeg: angle('Helix or cone angle').default(0),
  angleDeg: angle('Pushed off toward, 0 down').default(90),
  axialWay: z.enum(['right', 'left']).default('right').meta({ title: 'Thrust acts' }),
})
const Impeller = z.strictObject({
  kind: z.literal('impeller'),
  ...common,
  ...unbalance,
  diameterMm: diameter('Diameter').default(250),
  widthMm: diameter('Width at the outside, with shrouds').default(40),
  headM: measured(z.number().min(0).max(2000), 'Head', 'head', 'm').default(20),
  flowShare: measured(z.number().min(0).max(1.5), 'Flow, of the best point', 'ratio', '').default(1),
  thrustN: force('Thrust, plus to the right').default(0),
})
const Wheel = z.strictObject({
  kind: z.literal('wheel'),
  ...common,
  ...unbalance,
  diameterMm: diameter('Diameter').default(800),
  inletMm: diameter('Inlet diameter').default(400),
  pressurePa: measured(z.number().min(0).max(100_000), 'Static pressure rise', 'pressure', 'Pa').default(2000),
  thrustWay: z.enum(['right', 'left']).default('left').meta({ title: 'Thrust acts' }),
})
const Rotor = z.strictObject({
  kind: z.literal('rotor'),
  ...common,
  ...unbalance,
  diameterMm: diameter('Diameter').default(250),
  lengthMm: diameter('Length').default(300),
  pullShare: measured(z.number().min(0).max(2), 'One-sided pull, of its weight', 'ratio', '').default(0.1),
})
const Chuck = z.strictObject({
  kind: z.literal('chuck'),
  ...common,
  diameterMm: diameter('Diameter').default(200),
  cuttingN: measured(z.number().min(0).max(1e6), 'Cutting force', 'force', 'N').default(1500),
  angleDeg: angle('Cut pushes, 0 down, 180 up').default(180),
  thrustN: force('Feed thrust, plus to the right').default(500),
})
const Force = z.strictObject({
  kind: z.literal('force'),
  ...common,
  radialN: measured(z.number().min(0).max(1e7), 'Force', 'force', 'N').default(0),
  angleDeg: angle('Points, 0 down, 90 sideways').default(0),
  axialN: force('Thrust, plus to the right').default(0),
})

/** Something on the shaft that weighs on it, pulls it or pushes it. */
export const ShaftPart = z.discriminatedUnion('kind', [Coupling, Pulley, Gear, Impeller, Wheel, Rotor, Chuck, Force])
export type ShaftPart = z.output<typeof ShaftPart>
export const partKinds = ['coupling', 'pulley', 'gear', 'impeller', 'wheel', 'rotor', 'chuck', 'force'] as const
export type PartKind = (typeof partKinds)[number]

/** Field schemas of a kind of part, for its form. */
export const partFields: Record<PartKind, z.ZodObject> = {
  coupling: Coupling,
  pulley: Pulley,
  gear: Gear,
  impeller: Impeller,
  wheel: Wheel,
  rotor: Rotor,
  chuck: Chuck,
  force: Force,
}

/** One step of a duty that repeats: how hard the machine works in it, how fast it turns, and its share of the time. */
const LineStep = z.strictObject({
  share: measured(z.number().min(0).max(1), 'Share of the time', 'ratio', ''),
  work: measured(z.number().min(0).max(3), 'Work, of the full', 'ratio', ''),
  speedRpm: measured(z.number().min(0).max(100_000), 'Speed', 'speed', 'r/min'),
})
export type LineStep = z.output<typeof LineStep>

/** What was found of one question of the arrival list. */
const Found = z.strictObject({
  answer: z.string().max(60),
  note: z.string().max(300).default(''),
  valueMm: z.number().min(0).max(100).nullable().default(null),
})
export type Found = z.output<typeof Found>

/** One machine's shaft: its steps, its bearings, what it carries, how it runs. Places in mm from its left end. */
/** What is entered of a shaft line. */
export const ShaftLineFields = z.strictObject({
  schema: z.literal(shaftLineSchema).default(shaftLineSchema),
  sections: z.array(Section).min(1).max(30),
  supports: z.array(Support).min(1).max(6),
  parts: z.array(ShaftPart).max(30).default([]),
  speedRpm: measured(z.number().gt(0).max(100_000), 'Speed', 'speed', 'r/min').default(1480),
  powerKw: measured(z.number().min(0).max(100_000), 'Power', 'power', 'kW').default(0),
  tiltDeg: measured(z.number().min(0).max(90), 'Leans over, right end up', 'angle', '°').default(0),
  shockFactor: measured(z.number().min(1).max(5), 'Shock factor', 'ratio', '').default(1.1),
  material: z.enum(['carbon-steel', 'stainless-austenitic']).default('carbon-steel').meta({ title: 'Shaft of' }),
  assemblyC: measured(z.number().min(-40).max(60), 'At assembly', 'temperature', '°C').default(20),
  hottestC: measured(z.number().min(-40).max(250), 'At its hottest', 'temperature', '°C').default(60),
  housingStiffnessNPerMm: measured(z.number().gt(0).max(1e8), 'A housing gives', 'stiffness', 'N/mm')
    .nullable()
    .default(null),
  /** Steps of its duty; none where it runs as it stands here. */
  steps: z.array(LineStep).max(8).default([]),
  /** Answers of the arrival list, by question. */
  arrival: z.record(z.string().max(120), Found).default({}),
})
/** The shaft of a machine, of whichever age it was stored. */
export const ShaftLine = versioned(shaftLineSteps, ShaftLineFields)
export type ShaftLine = z.output<typeof ShaftLine>
