import { assert } from 'chai'
import { readFileSync, readdirSync } from 'node:fs'
import { createCalculations } from '../src/calculations.ts'
import { InputError } from '../src/errors/input-error.ts'
import { catalogue } from './catalogue-file.ts'

interface Vector {
  calc: string
  id: string
  in: unknown
  out?: Record<string, unknown>
  tol?: Record<string, { abs?: number; rel?: number }>
  error?: true
  errorField?: string
}

const folder = new URL('./vectors/', import.meta.url)
const vectors = readdirSync(folder)
  .filter((file) => file.endsWith('.json'))
  .flatMap((file) => JSON.parse(readFileSync(new URL(file, folder), 'utf8')) as Vector[])
const calculations = createCalculations(catalogue)

describe('vectors of the calculations', () => {
  for (const [name, calculation] of calculations) {
    const mine = vectors.filter(({ calc }) => calc === name)
    describe(name, () => {
      it('has vectors', () => assert.isAbove(mine.length, 0))
      for (const vector of mine) {
        it(vector.id, () => {
          if (!vector.error) return compare(calculation.run(vector.in), vector.out, vector.tol ?? {}, '')
          const error = refusalOf(() => calculation.run(vector.in))
          if (vector.errorField) assert.equal(error.field, vector.errorField)
        })
      }
    })
  }
})

function refusalOf(work: () => unknown): InputError {
  try {
    work()
  } catch (error) {
    assert.instanceOf(error, InputError)
    return error as InputError
  }
  return assert.fail('the input was not refused')
}

function compare(actual: unknown, expected: unknown, tolerances: NonNullable<Vector['tol']>, field: string): void {
  if (Array.isArray(expected)) {
    assert.isArray(actual, field)
    assert.lengthOf(actual as unknown[], expected.length, field)
    expected.forEach((one, index) => compare((actual as unknown[])[index], one, tolerances, field))
  } else if (typeof expected === 'object' && expected !== null) {
    for (const [key, value] of Object.entries(expected))
      compare((actual as Record<string, unknown>)[key], value, tolerances, key)
  } else if (typeof expected === 'number') {
    const { abs = 1e-9, rel = 0 } = tolerances[field] ?? {}
    assert.isNumber(actual, field)
    assert.approximately(actual as number, expected, Math.max(abs, rel * Math.abs(expected)), field)
  } else assert.strictEqual(actual, expected, field)
}
