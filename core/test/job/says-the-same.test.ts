import { assert } from 'chai'
import { saysTheSame } from '../../src/job/says-the-same.ts'
import { catalogue } from '../references.ts'

describe('two designations', () => {
  for (const [read, calledFor, same] of [
    ['6313-C3', '6313-C3', true],
    [' 6313 / c3', '6313-C3', true],
    ['6313-J-C3', '6313-C3', true],
    ['6313', '6313-C3', false],
    ['6313-2RS-C3', '6313-C3', false],
    ['6314-C3', '6313-C3', false],
    ['22220EK/C3', '22220 E-K-C3', true],
    ['22220E/C3', '22220 EK-C3', false],
    ['NU218-M-C3', 'NU218-C3', true],
    ['NU218-C3', 'NU218-M-C3', false],
    ['7014 C-P4', '7014 C-P4', true],
    ['7014 C', '7014 C-P4', false],
    ['7014 B-P4', '7014 C-P4', false],
    ['6313 QQX C3', '6313-C3', false],
    ['6313 QQX C3', '6313 QQX C3', true],
    ['box without a label', '6313-C3', false],
  ] as const)
    it(`${read} ${same ? 'says' : 'does not say'} what ${calledFor} says`, () =>
      assert.equal(saysTheSame(read, calledFor, catalogue), same))
})
