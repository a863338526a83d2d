import { assert } from 'chai'
import { readFileSync } from 'node:fs'
import { calculationsDoc, renderCalculations } from '../calculations-doc.ts'

describe('docs/calculations.md', () => {
  it('is what the register says now; "npm run docs" makes it anew', () =>
    assert.equal(readFileSync(calculationsDoc, 'utf8'), renderCalculations()))
})
