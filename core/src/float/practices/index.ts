import type { GrowthPractice } from '../../model/site-practices.ts'
import { practise, type Practice, type Practised } from '../../working/practice.ts'
import type { GrowthInput } from '../growth.schema.ts'
import { inchesPerFoot } from './inches-per-foot.ts'
import { physics } from './physics.ts'
import { wholeTemperature } from './whole-temperature.ts'

/** Every way of reckoning the room to leave for the growth of a shaft, mm. */
export const growthPracticeList: readonly Practice<GrowthPractice, GrowthInput, number>[] = [
  physics,
  inchesPerFoot,
  wholeTemperature,
]

/** Room to leave by every practice, the leading one first. @param chosen - the practice of the site, where it has one */
export const roomToLeave = (
  input: GrowthInput,
  chosen: GrowthPractice | null | undefined,
): Practised<GrowthPractice, number>[] => practise(growthPracticeList, input, chosen ?? 'physics')
