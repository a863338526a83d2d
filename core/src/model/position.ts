import { z } from 'zod'
import { ClearanceClass } from './bearing-type.ts'
import type { Quantity } from './units.ts'

/** Description a field carries: its label, its quantity, its unit for messages. The form, the errors and the API read it here. */
export interface FieldMeta {
  title: string
  quantity?: Quantity
  unit?: string
}

const quantity = (schema: z.ZodNumber, title: string, kind: Quantity, unit: string) =>
  schema.nullable().default(null).meta({ title, quantity: kind, unit })

/** What stands on the box or the ring, and what the machine calls for. */
const BearingFields = z.strictObject({
  designation: z.string().max(60).default('').meta({ title: 'Number on the box' }),
  requiredClearance: ClearanceClass.nullable().default(null).meta({ title: 'Machine calls for clearance' }),
  makerDynamicN: quantity(z.number().gt(0).max(1e8), 'Maker’s dynamic rating C', 'force', 'N'),
  makerStaticN: quantity(z.number().gt(0).max(1e8), 'Maker’s static rating C0', 'force', 'N'),
})

export const runningKinds = ['quiet', 'normal', 'shock'] as const
const LoadFields = z.strictObject({
  radialN: quantity(z.number().min(0).max(1e8), 'Radial load', 'force', 'N'),
  axialN: quantity(z.number().min(0).max(1e8), 'Axial load', 'force', 'N'),
  speedRpm: quantity(z.number().gt(0).max(100_000), 'Speed', 'speed', 'r/min'),
  wantedLifeH: quantity(z.number().gt(0).max(1e7), 'Wanted life', 'duration', 'h'),
  running: z.enum(runningKinds).default('normal').meta({ title: 'Running' }),
})

/**
 * How load and rings stand to each other, in the words of the shop.
 *
 * `inner-turns`: shaft turns under a load that stands. `outer-turns`: the outer ring turns. `load-turns`: the load turns with
 * the shaft, as unbalance does. `both`: both, or nobody knows.
 */
export const loadCases = ['inner-turns', 'outer-turns', 'load-turns', 'both'] as const
export const LoadCase = z.enum(loadCases)
export type LoadCase = z.infer<typeof LoadCase>

const SeatFields = z.strictObject({
  loadCase: LoadCase.nullable().default(null).meta({ title: 'How the load turns' }),
  housing: z.enum(['solid', 'split', 'thin-wall', 'light-alloy']).default('solid').meta({ title: 'Housing' }),
  slides: z.enum(['none', 'outer', 'inner']).default('none').meta({ title: 'Ring that must slide' }),
  toleranceClass: z.enum(['normal', 'P6', 'P5', 'P4']).default('normal').meta({ title: 'Bearing class' }),
  shaftBoreMm: quantity(z.number().min(0).max(1250), 'Hollow shaft, bore', 'length', 'mm'),
  ringRiseC: quantity(z.number().min(0).max(200), 'Runs warmer by', 'temperatureRise', 'K'),
})

const MountFields = z.strictObject({
  roomC: quantity(z.number().min(-20).max(60), 'Shaft temperature', 'temperature', '°C'),
  coolingC: quantity(z.number().min(0).max(60), 'Lost on the way', 'temperatureRise', 'K'),
  slipUm: quantity(z.number().min(0).max(1000), 'Room to slide', 'deviation', 'µm'),
})

const FloatFields = z.strictObject({
  innerC: quantity(z.number().min(-60).max(350), 'Inner ring, running', 'temperature', '°C'),
  outerC: quantity(z.number().min(-60).max(350), 'Outer ring, running', 'temperature', '°C'),
  measuredUm: quantity(z.number().min(-500).max(5000), 'Clearance measured before mounting', 'deviation', 'µm'),
  shaftMaterial: z.enum(['carbon-steel', 'stainless-austenitic']).default('carbon-steel').meta({ title: 'Shaft' }),
  housingMaterial: z.enum(['steel', 'cast-iron', 'aluminium']).default('cast-iron').meta({ title: 'Housing of' }),
  locatedEnds: z
    .union([z.literal(0), z.literal(1), z.literal(2)])
    .nullable()
    .default(null)
    .meta({ title: 'Ends held' }),
  spanMm: quantity(z.number().min(10).max(20_000), 'Between the bearings', 'length', 'mm'),
  assemblyC: quantity(z.number().min(-40).max(60), 'Shaft at assembly', 'temperature', '°C'),
  hottestC: quantity(z.number().min(-40).max(250), 'Shaft at its hottest', 'temperature', '°C'),
  roomTowardMm: quantity(z.number().min(0).max(100), 'Room toward the growth', 'length', 'mm'),
  roomAwayMm: quantity(z.number().min(0).max(100), 'Room on the other side', 'length', 'mm'),
})

export const thickenerNames = [
  'lithium',
  'lithium-complex',
  'calcium',
  'calcium-12-hydroxy',
  'calcium-complex',
  'calcium-sulfonate-complex',
  'aluminium-complex',
  'barium-complex',
  'clay',
  'polyurea',
  'polyurea-shear-stable',
  'sodium',
  'ptfe',
] as const
const thickener = (title: string) => z.enum(thickenerNames).nullable().default(null).meta({ title })

const GreaseFields = z.strictObject({
  lubrication: z.enum(['grease', 'oil-bath']).default('grease').meta({ title: 'Lubricant' }),
  nu40Cst: quantity(z.number().min(2).max(5000), 'Base oil at 40 °C', 'viscosity', 'mm²/s'),
  viscosityIndex: quantity(z.number().min(0).max(300), 'Viscosity index', 'ratio', ''),
  runningC: quantity(z.number().min(-20).max(200), 'Housing, running', 'temperature', '°C'),
  cleanliness: z
    .enum(['high', 'normal', 'slight', 'severe', 'very-severe'])
    .nullable()
    .default(null)
    .meta({ title: 'Cleanliness' }),
  contamination: z
    .enum(['light', 'heavy', 'light-abrasive', 'heavy-abrasive'])
    .default('light')
    .meta({ title: 'Dust' }),
  moisture: z.enum(['dry', 'humid', 'condensation', 'wet']).default('dry').meta({ title: 'Moisture' }),
  vibration: z.enum(['low', 'medium', 'high']).default('low').meta({ title: 'Vibration' }),
  orientation: z.enum(['horizontal', 'inclined', 'vertical']).default('horizontal').meta({ title: 'Shaft lies' }),
  port: z.enum(['side', 'centre']).default('side').meta({ title: 'Grease goes in' }),
  gramsPerStroke: quantity(z.number().min(0.05).max(20), 'One stroke of this gun', 'gunStroke', 'g'),
  thickener: thickener('Thickener'),
  thickenerBefore: thickener('Thickener before'),
})

const DiagnoseFields = z.strictObject({
  seen: z.array(z.string().max(60)).max(100).default([]).meta({ title: 'Signs seen' }),
  notSeen: z.array(z.string().max(60)).max(100).default([]).meta({ title: 'Signs looked for and not found' }),
})

/** Inputs of one bearing seat on one machine; everything else about it is computed. Metric base units throughout. */
export const Position = z.strictObject({
  bearing: BearingFields.prefault({}),
  load: LoadFields.prefault({}),
  seat: SeatFields.prefault({}),
  float: FloatFields.prefault({}),
  mount: MountFields.prefault({}),
  grease: GreaseFields.prefault({}),
  diagnose: DiagnoseFields.prefault({}),
})
export type Position = z.output<typeof Position>

/** A position nobody has filled in, but for what holds in most workshops. */
export const emptyPosition = (): Position =>
  Position.parse({ load: { axialN: 0 }, seat: { shaftBoreMm: 0 }, mount: { roomC: 20, coolingC: 10 } })
