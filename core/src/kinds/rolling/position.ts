import { z } from 'zod'
import { ClearanceClass, Closure } from '../../bearing-types/index.ts'
import { applications } from '../../seat/fit-recommend.schema.ts'
import { loadClasses } from '../../seat/load-class.ts'
import { quantity } from '../../model/quantity-field.ts'
import { coolingHousings } from '../../running/temperature.schema.ts'
import {
  cageMaterials,
  rollingElements,
  ringShapes,
  axialWays,
  pairArrangements,
  runningKinds,
  loadCases,
  shaftEnds,
  holdings,
  heatingTools,
  thickenerNames,
  sealMaterials,
  seenThings,
  cleanlinessLevels,
  usualTools,
} from './choices.ts'
import { Band, besideStrips, PaintedMark, TakenPhoto } from '../../model/painted.ts'
import { PutRight } from '../../diagnose/put-right.schema.ts'
import { positionSchema } from '../../model/upgrade/position.ts'

/** What stands on the box or the ring, and what the machine calls for; null where the machine's papers do not say. */
const BearingFields = z.strictObject({
  designation: z.string().max(60).default('').meta({ title: 'Bearing designation' }),
  requiredClearance: ClearanceClass.nullable().default(null).meta({ title: 'Clearance class called for' }),
  requiredClosure: Closure.nullable().default(null).meta({ title: 'Closure called for' }),
  requiredBore: z.enum(['cylindrical', 'tapered']).nullable().default(null).meta({ title: 'Bore called for' }),
  requiredCage: z.enum(cageMaterials).nullable().default(null).meta({ title: 'Cage called for' }),
  requiredPrecision: z
    .enum(['normal', 'P6', 'P5', 'P4'])
    .nullable()
    .default(null)
    .meta({ title: 'Tolerance class called for' }),
  hottestRingC: quantity(z.number().min(0).max(300), 'Hottest ring temperature', 'temperature', '°C'),
  makerDynamicN: quantity(z.number().gt(0).max(1e8), 'Maker’s basic dynamic load rating C', 'force', 'N'),
  makerStaticN: quantity(z.number().gt(0).max(1e8), 'Maker’s basic static load rating C0', 'force', 'N'),
})

const readings = (title: string) =>
  z.array(z.number().min(1).max(2000)).max(12).default([]).meta({ title, quantity: 'length' })

/** What was measured and seen on a bearing whose number cannot be read. A side nobody looked at is null. */
/** So many photographs lie beside what is measured. */
export const mostOfIdentify = 6
const IdentifyFields = z.strictObject({
  boreMm: readings('Bore'),
  odMm: readings('Outside diameter'),
  widthMm: readings('Width'),
  rollingElement: z.enum(rollingElements).default('hidden').meta({ title: 'What rolls' }),
  ringShape: z.enum(ringShapes).default('flat').meta({ title: 'Shape of the rings' }),
  leftClosure: Closure.nullable().default(null).meta({ title: 'Left side' }),
  rightClosure: Closure.nullable().default(null).meta({ title: 'Right side' }),
  alsoSeen: z.array(z.enum(seenThings)).max(9).default([]).meta({ title: 'Also seen on it' }),
  marking: z.string().max(60).default('').meta({ title: 'What can still be read on it' }),
  photos: z.array(TakenPhoto).max(mostOfIdentify).default([]).meta({ title: 'Photographs of it' }),
})

/** One step of a duty that repeats; shares of time together make 1. */
const DutyStep = z.strictObject({
  radialN: z.number().min(0).max(1e8),
  axialN: z.number().min(0).max(1e8),
  speedRpm: z.number().min(0).max(100_000),
  share: z.number().min(0).max(1),
})
export type DutyStep = z.infer<typeof DutyStep>

const LoadFields = z.strictObject({
  from: z.enum(['typed', 'shaft-line']).default('typed').meta({ title: 'Loads are' }),
  /** Somebody looked at what the shaft line says, and goes by what is typed all the same. */
  typedStands: z.boolean().default(false).meta({ title: 'Typed loads stand' }),
  radialN: quantity(z.number().min(0).max(1e8), 'Radial load', 'force', 'N'),
  axialN: quantity(z.number().min(0).max(1e8), 'Axial load', 'force', 'N'),
  speedRpm: quantity(z.number().gt(0).max(100_000), 'Speed', 'speed', 'r/min'),
  wantedLifeH: quantity(z.number().gt(0).max(1e7), 'Required life', 'duration', 'h'),
  running: z.enum(runningKinds).default('normal').meta({ title: 'Running' }),
  shockFactor: quantity(z.number().min(1).max(5), 'Shock factor on these loads', 'ratio', ''),
  axialWay: z.enum(axialWays).default('right').meta({ title: 'Direction of the axial load' }),
  tiltDeg: quantity(z.number().min(0).max(90), 'Shaft inclination', 'angle', '°'),
  rotorKg: quantity(z.number().min(0).max(100_000), 'Mass of shaft and rotor', 'mass', 'kg'),
  misalignDeg: quantity(z.number().min(0).max(5), 'Misalignment', 'angle', '°'),
  arrangement: z.enum(pairArrangements).default('single').meta({ title: 'Arrangement' }),
  partnerRadialN: quantity(z.number().min(0).max(1e8), 'Radial load on the other bearing of the pair', 'force', 'N'),
  reliabilityPercent: quantity(z.number().min(90).max(99.95), 'Reliability', 'percent', '%'),
  steps: z.array(DutyStep).max(8).default([]).meta({ title: 'Duty steps' }),
})

/**
 * How load and rings stand to each other, in the words of the shop.
 *
 * `inner-turns`: shaft turns under a load that stands. `outer-turns`: the outer ring turns. `load-turns`: the load turns with
 * the shaft, as unbalance does. `both`: both, or nobody knows.
 */
export * from './choices.ts'
export const LoadCase = z.enum(loadCases)
export type LoadCase = z.infer<typeof LoadCase>

const ringCount = (title: string) =>
  z
    .union([z.literal(0), z.literal(1), z.literal(2)])
    .nullable()
    .default(null)
    .meta({ title })

/** Readings of a seat, plane by plane from the shoulder, each plane in the same directions; null where not read yet. */
const gaugeSheet = (title: string) =>
  z
    .array(z.array(z.number().gt(0).max(2000).nullable()).max(6))
    .max(5)
    .default([])
    .meta({ title, quantity: 'length' })

/** How a ring of an inch tapered bearing stands on its seat. */
const ringAdjust = (title: string) =>
  z.enum(['adjustable', 'non-adjustable', 'floating']).nullable().default(null).meta({ title })

const SeatFields = z.strictObject({
  loadCase: LoadCase.nullable().default(null).meta({ title: 'How the load turns' }),
  /** Said while nobody knows the load itself. */
  loadClass: z.enum(loadClasses).nullable().default(null).meta({ title: 'Load, as far as anybody knows' }),
  /** Null: as the kind of machine says. */
  application: z.enum(applications).nullable().default(null).meta({ title: 'Seats as for' }),
  housing: z.enum(['solid', 'split', 'thin-wall', 'light-alloy']).default('solid').meta({ title: 'Housing' }),
  slides: z.enum(['none', 'outer', 'inner']).default('none').meta({ title: 'Ring with the sliding fit' }),
  /** Null: as the number says. */
  toleranceClass: z
    .enum(['normal', 'P6', 'P5', 'P4'])
    .nullable()
    .default(null)
    .meta({ title: 'Tolerance class of the bearing' }),
  sleeveShaftMm: quantity(z.number().min(3).max(1250), 'Shaft under the sleeve', 'length', 'mm'),
  racewayHrc: quantity(z.number().min(20).max(70), 'Hardness of the raceway on the shaft', 'hardness', 'HRC'),
  racewayRaUm: quantity(z.number().min(0.01).max(10), 'Roughness Ra of the raceway on the shaft', 'roughness', 'µm Ra'),
  shaftBoreMm: quantity(z.number().min(0).max(1250), 'Hollow shaft, bore', 'length', 'mm'),
  ringRiseC: quantity(z.number().min(0).max(200), 'Bearing above its surroundings', 'temperatureRise', 'K'),
  finish: z.enum(['ground', 'turned']).default('ground').meta({ title: 'Shaft seat is' }),
  system: z.enum(['metric', 'inch-tapered']).default('metric').meta({ title: 'Dimension system' }),
  inchClass: z.enum(['4', '2', '3', '0', '00']).default('4').meta({ title: 'Inch class' }),
  inchDuty: z.enum(['industrial', 'automotive']).default('industrial').meta({ title: 'Inch table for' }),
  coneAdjust: ringAdjust('Cone'),
  cupAdjust: ringAdjust('Cup'),
  shaftReadingsMm: gaugeSheet('Shaft, gauged'),
  housingReadingsMm: gaugeSheet('Housing, gauged'),
  boreDeviationUm: quantity(z.number().min(-500).max(500), 'This ring’s bore, off nominal', 'deviation', 'µm'),
  outsideDeviationUm: quantity(z.number().min(-500).max(500), 'This ring’s outside, off nominal', 'deviation', 'µm'),
})

const MountFields = z.strictObject({
  roomC: quantity(z.number().min(-20).max(60), 'Shaft temperature at mounting', 'temperature', '°C'),
  coolingC: quantity(z.number().min(0).max(60), 'Allowance for cooling in handling', 'temperatureRise', 'K'),
  slipUm: quantity(z.number().min(0).max(1000), 'Mounting clearance wanted', 'deviation', 'µm'),
  holding: z.enum(holdings).nullable().default(null).meta({ title: 'Locking method' }),
  housing: z.enum(['solid', 'split', 'flanged', 'take-up']).nullable().default(null).meta({ title: 'Housing' }),
  tools: z
    .array(z.enum(heatingTools))
    .max(12)
    .default([...usualTools])
    .meta({ title: 'Tools in the shop' }),
  padTool: z.enum(['pad', 'hot-plate']).default('pad').meta({ title: 'It lies on' }),
  padW: quantity(z.number().min(50).max(50_000), 'Power of it', 'watts', 'W'),
  chillPart: z.enum(['bearing', 'bush', 'shaft']).default('bearing').meta({ title: 'What is chilled' }),
  coolant: z.enum(['freezer', 'dry-ice', 'liquid-nitrogen']).nullable().default(null).meta({ title: 'Coolant' }),
  chillOdMm: quantity(z.number().min(3).max(2000), 'Its outside diameter', 'length', 'mm'),
  chillBoreMm: quantity(z.number().min(0).max(2000), 'Its bore', 'length', 'mm'),
  chillLengthMm: quantity(z.number().min(1).max(5000), 'Its length', 'length', 'mm'),
  chillTightUm: quantity(z.number().min(-500).max(2000), 'Tightest fit in the cold', 'deviation', 'µm'),
})

const FloatFields = z.strictObject({
  innerC: quantity(z.number().min(-60).max(350), 'Inner ring, running', 'temperature', '°C'),
  outerC: quantity(z.number().min(-60).max(350), 'Outer ring, running', 'temperature', '°C'),
  measuredUm: quantity(z.number().min(-500).max(5000), 'Clearance measured before mounting', 'deviation', 'µm'),
  shaftMaterial: z
    .enum(['carbon-steel', 'stainless-austenitic'])
    .default('carbon-steel')
    .meta({ title: 'Shaft material' }),
  housingMaterial: z.enum(['steel', 'cast-iron', 'aluminium']).default('cast-iron').meta({ title: 'Housing material' }),
  housingWallMm: quantity(z.number().min(0.5).max(1000), 'Housing wall round the bearing', 'length', 'mm'),
  role: z.enum(['locating', 'floating']).nullable().default(null).meta({ title: 'This end is' }),
  floatsIn: z.enum(['housing', 'bearing']).default('housing').meta({ title: 'Floats in' }),
  endPlayMm: quantity(z.number().min(-0.5).max(5), 'End play set cold, minus for preload', 'length', 'mm'),
  housingStiffnessNPerMm: quantity(z.number().gt(0).max(1e8), 'Axial stiffness of the housing', 'stiffness', 'N/mm'),
  shaftDiameterMm: quantity(z.number().min(3).max(2000), 'Shaft between them', 'length', 'mm'),
  locatedEnds: z
    .union([z.literal(0), z.literal(1), z.literal(2)])
    .nullable()
    .default(null)
    .meta({ title: 'Located ends' }),
  spanMm: quantity(z.number().min(10).max(20_000), 'Bearing span', 'length', 'mm'),
  assemblyC: quantity(z.number().min(-40).max(60), 'Shaft at assembly', 'temperature', '°C'),
  hottestC: quantity(z.number().min(-40).max(250), 'Shaft at its hottest', 'temperature', '°C'),
  roomTowardMm: quantity(z.number().min(0).max(100), 'Axial room, expansion side', 'length', 'mm'),
  roomAwayMm: quantity(z.number().min(0).max(100), 'Axial room, other side', 'length', 'mm'),
})

/** Which end of the shaft holds it, and what was measured at both: this one, and the other of the machine. */
const EndsFields = z.strictObject({
  kind: z.enum(['caps', 'blocks']).default('caps').meta({ title: 'Outer rings are kept by' }),
  holds: z.enum(shaftEnds).nullable().default(null).meta({ title: 'End that shall hold the shaft' }),
  coupling: z
    .enum([...shaftEnds, 'none'])
    .nullable()
    .default(null)
    .meta({ title: 'Coupling is beside' }),
  cap: z.enum(['outer', 'inner']).default('outer').meta({ title: 'Cap of the floating end' }),
  otherFloatsIn: z.enum(['housing', 'bearing']).default('housing').meta({ title: 'The other bearing floats in' }),
  depthMm: quantity(z.number().gt(0).max(2000), 'Depth of the housing bore', 'length', 'mm'),
  ringMm: quantity(z.number().gt(0).max(2000), 'Height of the outer ring', 'length', 'mm'),
  spigotMm: quantity(z.number().min(0).max(2000), 'Spigot of the cap', 'length', 'mm'),
  spacerMm: quantity(z.number().min(0).max(2000), 'Spacer ring', 'length', 'mm'),
  otherDepthMm: quantity(z.number().gt(0).max(2000), 'Other end, depth of the housing bore', 'length', 'mm'),
  otherRingMm: quantity(z.number().gt(0).max(2000), 'Other end, height of the outer ring', 'length', 'mm'),
  otherSpigotMm: quantity(z.number().min(0).max(2000), 'Other end, spigot of the cap', 'length', 'mm'),
  otherSpacerMm: quantity(z.number().min(0).max(2000), 'Other end, spacer ring', 'length', 'mm'),
  seatMm: quantity(z.number().gt(0).max(2000), 'Seat in the block, between its shoulders', 'length', 'mm'),
  rings: ringCount('Locating rings'),
  ringWidthMm: quantity(z.number().min(0).max(500), 'Width of one ring', 'length', 'mm'),
  otherSeatMm: quantity(z.number().gt(0).max(2000), 'Other block, seat between its shoulders', 'length', 'mm'),
  otherRings: ringCount('Other block, locating rings'),
  otherRingWidthMm: quantity(z.number().min(0).max(500), 'Other block, width of one ring', 'length', 'mm'),
  overhangMm: quantity(z.number().min(0).max(20_000), 'Coupling face from the bearing beside it', 'length', 'mm'),
  couplingGapMm: quantity(z.number().min(0).max(1000), 'Gap of the coupling, cold', 'length', 'mm'),
  leastGapMm: quantity(z.number().min(0).max(1000), 'Least gap the coupling needs', 'length', 'mm'),
  otherGrowthMm: quantity(z.number().min(-50).max(50), 'The other shaft comes nearer by', 'length', 'mm'),
})

const thickener = (title: string) => z.enum(thickenerNames).nullable().default(null).meta({ title })

const GreaseFields = z.strictObject({
  lubrication: z.enum(['grease', 'oil-bath']).default('grease').meta({ title: 'Lubricant' }),
  nu40Cst: quantity(z.number().min(2).max(5000), 'Base oil at 40 °C', 'viscosity', 'mm²/s'),
  viscosityIndex: quantity(z.number().min(0).max(300), 'Viscosity index', 'ratio', ''),
  runningC: quantity(z.number().min(-40).max(200), 'Housing temperature, running', 'temperature', '°C'),
  cleanliness: z.enum(cleanlinessLevels).nullable().default(null).meta({ title: 'Cleanliness' }),
  contamination: z
    .enum(['light', 'heavy', 'light-abrasive', 'heavy-abrasive'])
    .default('light')
    .meta({ title: 'Contamination' }),
  moisture: z.enum(['dry', 'humid', 'condensation', 'wet']).default('dry').meta({ title: 'Moisture' }),
  vibration: z.enum(['low', 'medium', 'high']).default('low').meta({ title: 'Vibration' }),
  orientation: z
    .enum(['horizontal', 'inclined', 'vertical'])
    .default('horizontal')
    .meta({ title: 'Shaft orientation' }),
  port: z.enum(['side', 'centre']).default('side').meta({ title: 'Grease goes in' }),
  gramsPerStroke: quantity(z.number().min(0.05).max(20), 'Grease gun output per stroke', 'gunStroke', 'g'),
  /** Gun and lubricant of the site’s, by their ids. */
  gun: z.uuid().nullable().default(null).meta({ title: 'Greased with the gun' }),
  product: z.uuid().nullable().default(null).meta({ title: 'Lubricant of the site' }),
  sealMaterial: z.enum(sealMaterials).nullable().default(null).meta({ title: 'Seal material' }),
  thickener: thickener('Thickener'),
  thickenerBefore: thickener('Thickener before'),
  coldStartC: quantity(z.number().min(-40).max(150), 'Coldest start', 'temperature', '°C'),
  standsIn: z.enum(coolingHousings).nullable().default(null).meta({ title: 'It stands in' }),
  roomC: quantity(z.number().min(-40).max(100), 'Room around it', 'temperature', '°C'),
  air: z.enum(['still', 'moving', 'blown']).default('still').meta({ title: 'Air over the housing' }),
  shaftEnd: z.enum(['open', 'covered']).default('open').meta({ title: 'Shaft end' }),
  hotShaftC: quantity(z.number().min(-40).max(600), 'Shaft at its hot side', 'temperature', '°C'),
  hotShaftMm: quantity(z.number().min(10).max(5000), 'From there to the bearing', 'length', 'mm'),
})

const DiagnoseFields = z.strictObject({
  seen: z.array(z.string().max(60)).max(100).default([]).meta({ title: 'Signs seen' }),
  notSeen: z.array(z.string().max(60)).max(100).default([]).meta({ title: 'Signs looked for and not found' }),
  /** Signs that rounds or readings told and that somebody has struck out, by `sign day`. */
  struckOut: z.array(z.string().max(80)).max(200).default([]).meta({ title: 'Reported signs struck out' }),
  /** What was painted on the unrolled raceways. */
  bands: z.array(Band).max(4).default([]).meta({ title: 'Running tracks painted' }),
  marks: z.array(PaintedMark).max(300).default([]).meta({ title: 'Marks painted' }),
  ...besideStrips,
  endPlayFoundMm: quantity(z.number().min(-0.5).max(5), 'End play as found', 'length', 'mm'),
  /** Causes whose remedy somebody has taken on, and what became of it. */
  putRight: z.array(PutRight).max(40).default([]).meta({ title: 'What to put right' }),
})

/** Inputs of one seat of a rolling bearing on one machine; everything else about it is computed. Metric base units throughout. */
export const RollingPosition = z.strictObject({
  schema: z.literal(positionSchema).default(positionSchema),
  kind: z.literal('rolling').default('rolling'),
  bearing: BearingFields.prefault({}),
  identify: IdentifyFields.prefault({}),
  load: LoadFields.prefault({}),
  seat: SeatFields.prefault({}),
  float: FloatFields.prefault({}),
  ends: EndsFields.prefault({}),
  mount: MountFields.prefault({}),
  grease: GreaseFields.prefault({}),
  diagnose: DiagnoseFields.prefault({}),
  /** Why an input is otherwise than the site has it, by its path. */
  differs: z.record(z.string().max(60), z.string().trim().max(200)).default({}),
})
export type RollingPosition = z.output<typeof RollingPosition>

/** A position without what every kind says: groups of fields. */
export type RollingGroups = Omit<RollingPosition, 'schema' | 'kind' | 'differs'>

/** A position nobody has filled in, but for what holds in most workshops. */
export const emptyPosition = (): RollingPosition =>
  RollingPosition.parse({ load: { axialN: 0 }, seat: { shaftBoreMm: 0 }, mount: { roomC: 20, coolingC: 10 } })

/** Diagnose before anybody has looked. */
export const nothingSeen = (): RollingPosition['diagnose'] => DiagnoseFields.parse({})

/** What holds of a like position on another machine too: not what was measured and seen on this one. */
export function rollingElsewhere(position: RollingPosition): RollingPosition {
  const { identify, diagnose, seat, float, ends } = emptyPosition()
  const { shaftReadingsMm, housingReadingsMm, boreDeviationUm, outsideDeviationUm } = seat
  return {
    ...position,
    identify,
    diagnose,
    seat: { ...position.seat, shaftReadingsMm, housingReadingsMm, boreDeviationUm, outsideDeviationUm },
    float: { ...position.float, measuredUm: float.measuredUm },
    ends: { ...ends, kind: position.ends.kind },
  }
}
