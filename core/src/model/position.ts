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

/** Inputs of one bearing seat on one machine; everything else about it is computed. Metric base units throughout. */
export const Position = z.strictObject({
  bearing: BearingFields.prefault({}),
  load: LoadFields.prefault({}),
  seat: SeatFields.prefault({}),
  mount: MountFields.prefault({}),
})
export type Position = z.output<typeof Position>

/** A position nobody has filled in, but for what holds in most workshops. */
export const emptyPosition = (): Position =>
  Position.parse({ load: { axialN: 0 }, seat: { shaftBoreMm: 0 }, mount: { roomC: 20, coolingC: 10 } })
