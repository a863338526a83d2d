import { z } from 'zod'
import { heatingTools, thickenerNames } from '../kinds/rolling/choices.ts'
import { duties, machineKinds } from '../model/machine-kinds.ts'
import { SitePractices } from '../model/site-practices.ts'
import { quantity } from '../model/quantity-field.ts'
import { roundings } from '../model/units.ts'

const name = (title: string) => z.string().trim().min(1).max(60).meta({ title })
const day = (title: string) =>
  z.iso
    .date()
    .refine((one) => /^(19|20|21)/.test(one), 'a day of the years 1900 to 2199')
    .nullable()
    .default(null)
    .meta({ title })

/** Units figures come in at first, how far they are rounded, and the language days are written in. */
export const SiteCustoms = z.strictObject({
  units: z.enum(['metric', 'inch']).default('metric').meta({ title: 'Units figures come in at first' }),
  rounding: z.enum(roundings).default('usual').meta({ title: 'Figures are rounded' }),
  collector: z.enum(['off', 'on']).default('off').meta({ title: 'Readings of the collector are taken in' }),
  dates: z
    .enum(['en-GB', 'en-US', 'de-DE', 'fr-FR', 'es-ES', 'it-IT', 'nl-NL', 'pl-PL', 'sv-SE', 'pt-PT'])
    .default('en-GB')
    .meta({ title: 'Language and order of dates' }),
})
export type SiteCustoms = z.output<typeof SiteCustoms>

/** A grease gun: what it gives at a stroke, and when that was weighed. */
export const GreaseGun = z.strictObject({
  id: z.uuid(),
  name: name('Gun'),
  gramsPerStroke: z.number().min(0.05).max(20).meta({ title: 'Output per stroke', quantity: 'gunStroke', unit: 'g' }),
  weighedOn: day('Weighed on'),
  nextWeighing: day('Weigh again by'),
  /** The grease or oil of the site that is in it: one gun, one grease. */
  holds: z.uuid().nullable().default(null).meta({ title: 'Holds' }),
})
export type GreaseGun = z.output<typeof GreaseGun>

export const baseOils = ['mineral', 'synthetic-hydrocarbon', 'ester', 'glycol', 'silicone', 'perfluorinated'] as const
export const nlgiGrades = ['000', '00', '0', '1', '2', '3', '4'] as const

/** A grease or an oil of the shop, from its data sheet. */
export const Lubricant = z
  .strictObject({
    id: z.uuid(),
    name: name('Name'),
    kind: z.enum(['grease', 'oil']).meta({ title: 'It is' }),
    thickener: z.enum(thickenerNames).nullable().default(null).meta({ title: 'Thickener' }),
    baseOil: z.enum(baseOils).default('mineral').meta({ title: 'Base oil' }),
    nu40Cst: quantity(z.number().min(2).max(5000), 'Base oil at 40 °C', 'viscosity', 'mm²/s'),
    viscosityIndex: quantity(z.number().min(0).max(300), 'Viscosity index', 'ratio', ''),
    nlgi: z.enum(nlgiGrades).nullable().default(null).meta({ title: 'NLGI grade' }),
    lowC: quantity(z.number().min(-80).max(50), 'Good from', 'temperature', '°C'),
    highC: quantity(z.number().min(20).max(350), 'Good to', 'temperature', '°C'),
    ep: z.boolean().default(false).meta({ title: 'With EP additives' }),
    stands: z.string().trim().max(80).default('').meta({ title: 'Where it stands' }),
  })
  .refine(({ lowC, highC }) => lowC === null || highC === null || lowC < highC, {
    path: ['highC'],
    message: 'above the temperature it is good from',
  })
export type Lubricant = z.output<typeof Lubricant>

/** Limits a site runs its bearings by; null where it has none of its own. */
export const SiteLimits = z
  .strictObject({
    warmC: quantity(z.number().min(20).max(200), 'Housing: watch from', 'temperature', '°C'),
    hotC: quantity(z.number().min(20).max(250), 'Housing: stop from', 'temperature', '°C'),
    roughMmPerS: quantity(z.number().min(0.1).max(100), 'Vibration: watch from', 'ratio', 'mm/s'),
    wildMmPerS: quantity(z.number().min(0.1).max(100), 'Vibration: stop from', 'ratio', 'mm/s'),
  })
  .refine(({ warmC, hotC }) => warmC === null || hotC === null || warmC < hotC, {
    path: ['hotC'],
    message: 'above the temperature that is watched from',
  })
  .refine(({ roughMmPerS: rough, wildMmPerS: wild }) => rough === null || wild === null || rough < wild, {
    path: ['wildMmPerS'],
    message: 'above the vibration that is watched from',
  })
export type SiteLimits = z.output<typeof SiteLimits>

const eachOnce = (list: readonly { id: string; name: string }[]) =>
  new Set(list.map(({ name: one }) => one.toLowerCase())).size === list.length &&
  new Set(list.map(({ id }) => id)).size === list.length

/** What a plant settles once for all its positions. */
export const SiteSettings = z.strictObject({
  customs: SiteCustoms.prefault({}),
  practices: SitePractices.prefault({}),
  /** Why a practice was chosen, by its name. */
  reasons: z.partialRecord(z.enum(Object.keys(SitePractices.shape) as [string, ...string[]]), z.string().trim().max(300)).default({}), // prettier-ignore
  /** Rated life required, h, by duty. */
  lives: z.partialRecord(z.enum(duties), z.number().gt(0).max(1e7)).default({}),
  /** What the shop heats and presses with; null while nobody has said. */
  tools: z.array(z.enum(heatingTools)).max(12).nullable().default(null).meta({ title: 'Tools in the shop' }),
  /** Wall of the usual housing, mm, by kind of machine. */
  walls: z.partialRecord(z.enum(machineKinds), z.number().min(0.5).max(1000)).default({}),
  guns: z.array(GreaseGun).max(100).refine(eachOnce, 'each gun once, by its name').default([]),
  lubricants: z.array(Lubricant).max(200).refine(eachOnce, 'each of them once, by its name').default([]),
  limits: SiteLimits.prefault({}),
})
export type SiteSettings = z.output<typeof SiteSettings>

/** What a machine takes of them into the judgement of its positions. */
export const SiteGivens = SiteSettings.omit({ customs: true, practices: true, reasons: true })
export type SiteGivens = z.output<typeof SiteGivens>
