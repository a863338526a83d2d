import { jobKinds, type JobEntry, type JobPosition, type JobStep, type SignedEntry } from '../../src/index.ts'
import { positionWith, type Changes } from '../bench-position.ts'
import { catalogue } from '../references.ts'

export const id = '00000000-0000-4000-8000-000000000001'
export const base: Changes = {
  bearing: { designation: '6313-C3', requiredClearance: 'C3' },
  load: { radialN: 3000, axialN: 500, speedRpm: 1475 },
  seat: { loadCase: 'inner-turns' },
  mount: { roomC: 20, coolingC: 10 },
  grease: { nu40Cst: 110, runningC: 62, cleanliness: 'normal' },
}
export const position = (changes: Changes = {}): JobPosition => ({
  id,
  name: 'Coupling end',
  inputs: positionWith({ ...base, ...changes }),
  machine: { kind: 'pump', duty: 'round-the-clock', position: 'Coupling end' },
})
export const job = (changes: Changes = {}) => jobKinds['bearing-change'].compose([position(changes)], catalogue)
export const stepOf = (steps: JobStep[], key: string) => {
  const found = steps.find((step) => step.key.split(':')[0] === key)
  if (!found) throw new Error(`no step ${key}`)
  return found
}
export const readingOf = (step: JobStep, key: string) => {
  const found = step.readings.find((one) => one.key === key)
  if (!found) throw new Error(`no reading ${key}`)
  return found
}

let made = 0
export const entry = (step: string, kind: JobEntry['kind'], rest: object = {}): SignedEntry =>
  ({
    id: `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`,
    step,
    at: '2026-03-02T08:00:00.000Z',
    kind,
    by: 'Una',
    ...rest,
  }) as SignedEntry
export const read = (step: string, reading: string, answer: { value?: number; text?: string; reason?: string }) =>
  entry(step, 'reading', { reading, value: null, text: null, reason: null, ...answer })
