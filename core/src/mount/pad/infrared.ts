import emissivities from '../../../data/emissivity.json' with { type: 'json' }
import { InputError } from '../../errors/input-error.ts'
import { calculation } from '../../working/calculation.ts'
import { infraredReading } from '../heat-run.ts'
import { InfraredInput } from './infrared.schema.ts'
import { usualSetting } from './surfaces.ts'

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
