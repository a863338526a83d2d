import { passwordTrouble } from '@yardfrost/contract'
import { assert } from 'chai'

describe('a password', () => {
  for (const good of [
    'seven grey herons',
    'Tz9#kqLm2v!x',
    'correct battery moss kettle',
    'лодка на тихой воде',
    'x7 under the third pump',
  ])
    it(`may be ${good}`, () => assert.isNull(passwordTrouble(good, ['una', 'Una Varga', 'Marram Point Saltworks'])))

  for (const [bad, why] of [
    ['eleven char', /12 characters or more; this has 11/],
    ['😀😀😀😀😀😀', /this has 6/],
    ['x'.repeat(201), /200 characters at most/],
    ['passwordpassword', /common/],
    ['P@ssw0rd2026!', /common/],
    ['Welcome123456', /row of signs|common/],
    ['letmeinletmein', /common/],
    ['maintenance2026', /common/],
    ['123456789012', /row of signs/],
    ['abcdefghijkl', /row of signs/],
    ['abcabcabcabcab', /over and over/],
    ['una.varga.1234', /name of the person/],
    ['MarramPoint2026', /name of the person or the site/],
    ['marram-grass', /common/],
    ['20261128120000', /common|row/],
  ] as const)
    it(`may not be ${bad.slice(0, 24)}`, () => {
      assert.match(String(passwordTrouble(bad, ['una', 'Una Varga', 'Marram Point Saltworks'])), why)
    })
})
