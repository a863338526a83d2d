import { z } from 'zod'
import { PutRight } from '../../diagnose/put-right.schema.ts'
import { contaminations, moistures } from '../../grease/interval.schema.ts'
import { TakenPhoto } from '../../model/painted.ts'
import { quantity } from '../../model/quantity-field.ts'
import { positionSchema } from '../../model/upgrade/position.ts'
import { sleeveHousings } from '../../plain/balance.schema.ts'
import { bushLubrications } from '../../plain/bush-materials.ts'
import { dirts, shocks } from '../../plain/compare.ts'
import {
  loadSides,
  materialLooks,
  plainCollars,
  plainForms,
  plainGrooves,
  plainMaterials,
  plainSupplies,
} from './choices.ts'

/** What lies in the housing: form, material, sizes, and where its oil comes in. */
const BearingFields = z.strictObject({
  form: z.enum(plainForms).default('solid').meta({ title: 'Form' }),
  material: z.enum(plainMaterials).nullable().default(null).meta({ title: 'Material' }),
  looks: z.array(z.enum(materialLooks)).max(16).default([]).meta({ title: 'How it looks' }),
  journalMm: quantity(z.number().min(5).max(1000), 'Journal diameter', 'length', 'mm'),
  lengthMm: quantity(z.number().min(1).max(2000), 'Length', 'length', 'mm'),
  wallMm: quantity(z.number().min(0.5).max(300), 'Wall', 'length', 'mm'),
  flangeMm: quantity(z.number().min(5).max(1600), 'Flange, outside', 'length', 'mm'),
  groove: z.enum(plainGrooves).nullable().default(null).meta({ title: 'Oil groove' }),
  feedDeg: quantity(z.number().min(0).max(360), 'Oil comes in at, from the top, clockwise', 'angle', '°'),
  marking: z.string().max(60).default('').meta({ title: 'What can be read on it' }),
  photos: z.array(TakenPhoto).max(6).default([]).meta({ title: 'Photographs of it' }),
})

/** The duty. The shaft is seen from the end from which it turns clockwise. */
const LoadFields = z.strictObject({
  from: z.enum(['typed', 'shaft-line']).default('typed').meta({ title: 'Loads are' }),
  radialN: quantity(z.number().min(0).max(1e8), 'Radial load', 'force', 'N'),
  axialN: quantity(z.number().min(0).max(1e8), 'Axial load', 'force', 'N'),
  speedRpm: quantity(z.number().min(0).max(100_000), 'Speed', 'speed', 'r/min'),
  swingDeg: quantity(z.number().gt(0).max(180), 'Swings to either side by', 'angle', '°'),
  swingsPerMin: quantity(z.number().gt(0).max(2000), 'Whole swings a minute', 'ratio', '/min'),
  towards: z.enum(loadSides).default('down').meta({ title: 'Load presses the journal' }),
  turning: z.enum(['stands', 'turns']).default('stands').meta({ title: 'The load' }),
  bothWays: z.boolean().default(false).meta({ title: 'It turns both ways' }),
  shock: z.enum(shocks).default('none').meta({ title: 'Shock' }),
  startsPerDay: quantity(z.number().min(0).max(100_000), 'Starts a day', 'ratio', ''),
  wantedLifeH: quantity(z.number().gt(0).max(1e7), 'Required life', 'duration', 'h'),
  food: z.boolean().default(false).meta({ title: 'Beside food or drinking water' }),
})

/** What lubricates it, how it comes there, and how warm it stands. */
const OilFields = z.strictObject({
  lubrication: z.enum(bushLubrications).nullable().default(null).meta({ title: 'Lubrication' }),
  supply: z.enum(plainSupplies).default('ring').meta({ title: 'Oil comes by' }),
  nu40Cst: quantity(z.number().min(2).max(5000), 'Oil at 40 °C', 'viscosity', 'mm²/s'),
  viscosityIndex: quantity(z.number().min(0).max(300), 'Viscosity index', 'ratio', ''),
  inletC: quantity(z.number().min(-20).max(120), 'Oil as it is fed', 'temperature', '°C'),
  feedLPerMin: quantity(z.number().gt(0).max(1000), 'Oil fed', 'ratio', 'L/min'),
  ringMm: quantity(z.number().min(10).max(3000), 'Oil ring, inside', 'length', 'mm'),
  ringCount: z
    .union([z.literal(1), z.literal(2)])
    .default(1)
    .meta({ title: 'Oil rings' }),
  dipMm: quantity(z.number().min(0).max(1000), 'Oil over the lowest point of the ring, inside', 'length', 'mm'),
  ringTurns: z.enum(['turns', 'jerks', 'stands']).nullable().default(null).meta({ title: 'The ring' }),
  roomC: quantity(z.number().min(-40).max(100), 'Room around it', 'temperature', '°C'),
  air: z.enum(['still', 'moving', 'blown']).default('still').meta({ title: 'Air over the housing' }),
  standsIn: z.enum(sleeveHousings).default('pillow-block').meta({ title: 'It stands in' }),
  housingC: quantity(z.number().min(-40).max(250), 'Housing as it runs, measured', 'temperature', '°C'),
  metalC: quantity(z.number().min(-40).max(300), 'Bearing metal as it runs, measured', 'temperature', '°C'),
  coldStartC: quantity(z.number().min(-40).max(100), 'Coldest start', 'temperature', '°C'),
  dirt: z.enum(dirts).default('clean').meta({ title: 'Dirt' }),
  contamination: z.enum(contaminations).default('light').meta({ title: 'Dust in the oil' }),
  moisture: z.enum(moistures).default('dry').meta({ title: 'Moisture' }),
  gramsPerStroke: quantity(z.number().min(0.05).max(20), 'Grease gun output per stroke', 'gunStroke', 'g'),
})

/** What it sits in and what runs in it, as measured. */
const SeatFields = z.strictObject({
  housingMaterial: z.enum(['steel', 'cast-iron', 'aluminium']).default('cast-iron').meta({ title: 'Housing material' }),
  housingOdMm: quantity(z.number().min(10).max(5000), 'Housing, outside; empty for a thick block', 'length', 'mm'),
  housingBoreMm: quantity(z.number().min(5).max(2000), 'Housing bore, gauged', 'length', 'mm'),
  bushOdMm: quantity(z.number().min(5).max(2000), 'Bush outside, gauged', 'length', 'mm'),
  freeBoreMm: quantity(z.number().min(5).max(1100), 'Bore of the bush, free', 'length', 'mm'),
  fittedBoreMm: quantity(z.number().min(5).max(1100), 'Bore of the bush, in place', 'length', 'mm'),
  crushMm: quantity(z.number().min(-1).max(3), 'Half shell stands proud of the joint by', 'length', 'mm'),
  journalRaUm: quantity(z.number().min(0.01).max(25), 'Journal finish', 'roughness', 'µm Ra'),
  journalHb: quantity(z.number().min(80).max(750), 'Journal hardness', 'ratio', 'HB'),
})

/** Clearance and room along the axis. */
const FloatFields = z.strictObject({
  measuredMm: quantity(z.number().min(-1).max(20), 'Diametral clearance, measured cold', 'length', 'mm'),
  newMm: quantity(z.number().gt(0).max(20), 'Diametral clearance the maker gives', 'length', 'mm'),
  assemblyC: quantity(z.number().min(-40).max(60), 'As it was measured', 'temperature', '°C'),
  shaftC: quantity(z.number().min(-60).max(350), 'Journal, running', 'temperature', '°C'),
  housingC: quantity(z.number().min(-60).max(300), 'Housing, running', 'temperature', '°C'),
  collars: z.enum(plainCollars).default('none').meta({ title: 'Thrust faces at this bearing' }),
  endFloatMm: quantity(z.number().min(0).max(100), 'End float, stop to stop', 'length', 'mm'),
  centreMm: quantity(z.number().min(0).max(100), 'Magnetic centre, from the stop toward the coupling', 'length', 'mm'),
  couplingFloatMm: quantity(z.number().min(0).max(100), 'Coupling lets the shaft float by', 'length', 'mm'),
  growthMm: quantity(z.number().min(0).max(100), 'Shaft grows through this bearing by', 'length', 'mm'),
})

/** How it was mounted: what strip, blue and feeler told. */
const MountFields = z.strictObject({
  strip: z.enum(['plastic', 'lead', 'feeler']).default('plastic').meta({ title: 'Clearance measured with' }),
  stripMm: z.array(z.number().min(0).max(20)).max(12).default([]).meta({ title: 'Strip or feeler, place by place', quantity: 'length' }),
  bluePercent: quantity(z.number().min(0).max(100), 'Blue on the loaded face', 'percent', '%'),
  contactDeg: quantity(z.number().min(0).max(360), 'Blue reaches round the journal by', 'angle', '°'),
  jointMm: quantity(z.number().min(0).max(5), 'Feeler in the joint of the cap', 'length', 'mm'),
  boltMm: quantity(z.number().min(4).max(100), 'Cap bolt', 'length', 'mm'),
}) // prettier-ignore

const DiagnoseFields = z.strictObject({
  seen: z.array(z.string().max(60)).max(100).default([]).meta({ title: 'Signs seen' }),
  notSeen: z.array(z.string().max(60)).max(100).default([]).meta({ title: 'Signs looked for and not found' }),
  putRight: z.array(PutRight).max(40).default([]).meta({ title: 'What to put right' }),
})

/** Inputs of one journal in a plain bearing on one machine; everything else about it is computed. Metric base units throughout. */
export const PlainPosition = z.strictObject({
  schema: z.literal(positionSchema).default(positionSchema),
  kind: z.literal('plain').default('plain'),
  bearing: BearingFields.prefault({}),
  load: LoadFields.prefault({}),
  oil: OilFields.prefault({}),
  seat: SeatFields.prefault({}),
  float: FloatFields.prefault({}),
  mount: MountFields.prefault({}),
  diagnose: DiagnoseFields.prefault({}),
})
export type PlainPosition = z.output<typeof PlainPosition>

/** A position without what every kind says: groups of fields. */
export type PlainGroups = Omit<PlainPosition, 'schema' | 'kind'>

/** A plain bearing nobody has filled in, but for what holds in most workshops. */
export const emptyPlain = (): PlainPosition =>
  PlainPosition.parse({ load: { axialN: 0 }, oil: { roomC: 20 }, float: { assemblyC: 20 } })

/** What holds of a like position on another machine too: not what was measured and seen on this one. */
export function plainElsewhere(position: PlainPosition): PlainPosition {
  const { seat, float, mount, diagnose } = emptyPlain()
  const { housingMaterial, housingOdMm } = position.seat
  const { collars, newMm, assemblyC } = position.float
  const { strip, boltMm } = position.mount
  return {
    ...position,
    bearing: { ...position.bearing, photos: [] },
    oil: { ...position.oil, dipMm: null, ringTurns: null, housingC: null, metalC: null },
    seat: { ...seat, housingMaterial, housingOdMm },
    float: { ...float, collars, newMm, assemblyC },
    mount: { ...mount, strip, boltMm },
    diagnose,
  }
}
