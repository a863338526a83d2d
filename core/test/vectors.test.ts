import { assert } from 'chai'
import { readFileSync, readdirSync } from 'node:fs'
import { createCalculations } from '../src/calculations.ts'
import { InputError } from '../src/errors/input-error.ts'
import { references } from './references.ts'

interface Tolerance {
  abs?: number
  rel?: number
}

interface Vector {
  calc: string
  id: string
  in: unknown
  out?: Record<string, unknown>
  tol?: Record<string, Tolerance>
  error?: true
  errorField?: string
}

const folder = new URL('./vectors/', import.meta.url)
const vectors = readdirSync(folder)
  .filter((file) => file.endsWith('.json'))
  .flatMap((file) => JSON.parse(readFileSync(new URL(file, folder), 'utf8')) as Vector[])
const calculations = createCalculations(references)

describe('vectors of the calculations', () => {
  it('are of calculations that exist, every one', () => {
    assert.lengthOf(vectors, 890)
    assert.isEmpty(vectors.filter(({ calc }) => !calculations.has(calc)))
  })

  for (const [name, calculation] of calculations) {
    const mine = vectors.filter(({ calc }) => calc === name)
    describe(name, () => {
      it('has vectors', () => assert.isAbove(mine.length, 0))
      for (const vector of mine) {
        it(vector.id, () => {
          if (!vector.error) {
            compare(calculation.run(vector.in), vector.out, vector.tol ?? {}, '')
            return
          }
          const error = refusalOf(() => calculation.run(vector.in))
          if (vector.errorField) assert.equal(error.field, vector.errorField)
        })
      }
    })
  }
})

/** Ranked lists, of which the vectors hold the top. */
const rankings = new Set(['causes', 'because', 'nextQuestions', 'trackMatch', 'candidates'])
/** Long lists of the records, of which the vectors hold so many rows at the most; a shorter one is complete. */
const firstRows: Record<string, number> = {
  points: 3,
  stops: 3,
  plan: 2,
  chart: 2,
  rows: 3,
  quantiles: 2,
  mcf: 2,
  samples: 4,
  peaks: 2,
  envelopePeaks: 3,
  findings: 2,
}

function refusalOf(work: () => unknown): InputError {
  try {
    work()
  } catch (error) {
    assert.instanceOf(error, InputError)
    return error
  }
  return assert.fail('the input was not refused')
}

function compare(
  actual: unknown,
  expected: unknown,
  tolerances: NonNullable<Vector['tol']>,
  field: string,
  /** Of the group the field stands in. */
  around: Tolerance = {},
): void {
  const tolerance = tolerances[field] ?? around
  if (Array.isArray(expected)) {
    assert.isArray(actual, field)
    // A ranking is given by its first places; an empty one must be empty.
    if ((rankings.has(field) && expected.length > 0) || firstRows[field] === expected.length)
      assert.isAtLeast((actual as unknown[]).length, expected.length, field)
    else assert.lengthOf(actual as unknown[], expected.length, field)
    expected.forEach((one, index) => compare((actual as unknown[])[index], one, tolerances, field, around))
  } else if (typeof expected === 'object' && expected !== null) {
    for (const [key, value] of Object.entries(expected))
      compare((actual as Record<string, unknown>)[key], value, tolerances, key, tolerance)
  } else if (typeof expected === 'number') {
    const { abs = 1e-9, rel = 0 } = tolerance
    assert.isNumber(actual, field)
    assert.approximately(actual as number, expected, Math.max(abs, rel * Math.abs(expected)), field)
  } else assert.strictEqual(actual, expected, field)
}
