import { assert } from 'chai'
import { readdirSync, readFileSync } from 'node:fs'
import { interpolate, stepRow } from '../../src/tables/step-table.ts'

const folder = new URL('../../data/', import.meta.url)
const files = readdirSync(folder).filter((file) => file.endsWith('.json'))
const read = (file: string) =>
  JSON.parse(readFileSync(new URL(file, folder), 'utf8')) as Record<string, unknown> & {
    source: string
    columns: string[]
    rows?: (string | number | null)[][]
  }

describe('tables', () => {
  for (const file of files) {
    const table = read(file)
    const blocks = Object.entries(table).filter(([name, value]) => Array.isArray(value) && Array.isArray(value[0]) && name !== 'pinned') as [string, (string | number | null)[][]][] // prettier-ignore
    it(`${file} names its source and fills its columns`, () => {
      assert.isNotEmpty(table.source)
      assert.isNotEmpty(blocks)
      for (const [name, rows] of blocks) for (const row of rows) assert.lengthOf(row, table.columns.length, name)
    })
    if (!table.columns.includes('overMm') || table.columns[0] !== 'overMm') continue
    it(`${file} steps without gap or overlap`, () => {
      for (const [name, rows] of blocks)
        for (const [index, row] of rows.entries()) {
          assert.isBelow(Number(row[0]), Number(row[1]), name)
          const before = rows[index - 1]
          if (before) assert.equal(row[0], before[1], `${name}, over ${row[0]}`)
        }
    })
    it(`${file} never falls in size from step to step`, () => {
      for (const [name, rows] of blocks)
        for (let column = 2; column < table.columns.length; column++) {
          const values = rows.map((row) => row[column]).filter((value): value is number => typeof value === 'number')
          const title = `${name} ${table.columns[column]}`
          // k drops to 0 over 500 mm; the standard says so.
          if (title.endsWith(' k')) continue
          for (const [index, value] of values.entries())
            if (index > 0) assert.isAtLeast(Math.abs(value), Math.abs(values[index - 1] ?? 0), title)
        }
    })
  }

  it('joins the clearance classes of spherical roller bearings without gap', () => {
    const table = read('iso5753-clearance.json')
    for (const block of ['spherical-roller', 'spherical-roller/tapered'])
      for (const row of table[block] as number[][])
        for (const [max, min] of [[3, 4], [5, 6], [7, 8], [9, 10]] as const) assert.equal(row[max], row[min], `${block} over ${row[0]}`) // prettier-ignore
  })
})

describe('stepRow', () => {
  const rows = [
    [0, 50, 'a'],
    [50, 80, 'b'],
  ]
  const cases: [why: string, size: number, options: object, expected: unknown][] = [
    ['inside a step', 60, {}, 'b'],
    ['the upper bound belongs to the step', 50, {}, 'a'],
    ['just over it does not', 50.001, {}, 'b'],
    ['beyond the table', 80.1, {}, undefined],
    ['the lowest bound does not belong', 0, {}, undefined],
    ['unless the table says so', 0, { includeLowest: true }, 'a'],
    ['a slack forgives a rounded inch', 80.0000000001, { slackMm: 1e-9 }, 'b'],
  ]
  for (const [why, size, options, expected] of cases)
    it(why, () => assert.equal(stepRow<number | string>(rows, size, options)?.[2], expected as string))
})

describe('interpolate', () => {
  const rows = [
    [1, 10],
    [2, 20],
    [4, 60],
  ]
  it('is linear between rows', () => assert.equal(interpolate(rows, 3, 1), 40))
  it('meets the rows', () => assert.equal(interpolate(rows, 2, 1), 20))
  it('keeps the first row below it', () => assert.equal(interpolate(rows, 0.5, 1), 10))
})
