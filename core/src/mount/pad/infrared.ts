import emissivities from '../../../data/emissivity.json' with { type: 'json' }
import { z } from 'zod'
import { InputError } from '../../errors/input-error.ts'
import { calculation } from '../../working/calculation.ts'
import { infraredReading } from '../heat-run.ts'

/** Surfaces that a thermometer is pointed at. */
export const surfaces = ['bright', 'oiled', 'taped', 'painted'] as const
export type Surface = (typeof surfaces)[number]

/** Emissivity that a thermometer comes set to. */
export const usualSetting = 0.95

export const InfraredInput = z.strictObject({
  trueC: z.number().min(-60).max(350).meta({ unit: '°C', description: 'Ring as it is' }),
  roomC: z.number().min(-20).max(60).meta({ unit: '°C', description: 'Room' }),
  surface: z.enum(surfaces).meta({ description: 'What it is pointed at' }),
  setting: z.number().min(0.1).max(1).default(usualSetting).meta({ description: 'What the thermometer is set to' }),
})
export type InfraredInput = z.input<typeof InfraredInput>

export interface Infrared {
  lowC: number
  highC: number
}

/**
 * What an infrared thermometer shows of a surface, from its least to its most emissivity.
 *
 *     T_app = [T_room⁴ + (ε/ε_set)(T⁴ − T_room⁴)]^¼
 *
 * @throws InputError on `setting` where a cold ring would read below nothing
 * @example infrared({ trueC: 110, roomC: 20, surface: 'bright' }) // 34 to 46 °C
 * @see grey body, broad band; emissivities of general practice
 */
export function infrared({ trueC, roomC, surface, setting = usualSetting }: InfraredInput): Infrared {
  const row = emissivities.rows.find(([name]) => name === surface)
  if (!row) throw new Error(`no emissivity for ${surface}`)
  const [least, most] = [row[1], row[2]].map((emissivity) => infraredReading(trueC, roomC, Number(emissivity), setting))
  if (least === undefined || most === undefined || !Number.isFinite(least + most))
    throw new InputError({
      code: 'FIELDS_DISAGREE',
      field: 'setting',
      value: setting,
      allowed: 'closer to the emissivity of the surface for a ring so cold',
      fix: 'Set the thermometer to about 0.95.',
    })
  return { lowC: Math.min(least, most), highC: Math.max(least, most) }
}

export const infraredCalculation = calculation(
  'mount.infrared',
  'What an infrared thermometer shows of a ring',
  'Grey body, broad band',
  InfraredInput,
  infrared,
)
