import { assert } from 'chai'
import { lookUpBearing } from '../../src/index.ts'
import { catalogue } from '../references.ts'

// One bearing in the many ways a box, a ring, a list and a note by hand write it, and what this program makes of it.
const spellings: [normal: string, ...written: string[]][] = [
  ['6206-2RS-C3', '6206-2RS/C3', '6206 2RS C3', '6206.2RS.C3', '62062RSC3', '6206-2rs1 c3', '6206 - 2RSR - C3', '6206_2RS_C3'],
  ['6312-C3', '6312C3', '6312 C3', '6312/C3', '6312–C3', '6312.C3', ' 6312-c3 '],
  ['6208-2Z', '6208ZZ', '6208-ZZ', '6208 2Z', '6208/2Z', '62082Z'],
  ['6204-RZ', '6204RZ', '6204-RZ', '6204 rz'],
  ['NU210E-M', 'NU 210 E M', 'NU210E/M', 'nu210 e-m', 'NU-210-E-M', 'NU210EM'],
  ['NUP2308-C3', 'NUP 2308/C3', 'NUP2308 C3'],
  ['22220EK-C3', '22220 EK/C3', '22220EKC3', '22220-E-K-C3', '22220 K E C3'],
  ['22218E-W33', '22218 E W33', '22218E/W33'],
  ['24130-C3', '24130/C3', '24130 C3'],
  ['7210B', '7210 B', '7210-B', '7210b'],
  ['7012C-P4-DB', '7012 C P4 DB', '7012C/P4DB', '7012CDB-P4'],
  ['1208K', '1208 K', '1208-K', '1208k'],
  ['QJ310', 'QJ 310', 'QJ-310'],
  ['30208', '30208', ' 30208 '],
  ['32010X', '32010 X', '32010X'],
  ['C2218K', 'C 2218 K', 'C2218K'],
  ['NA4909', 'NA 4909', 'NA4909'],
  ['UC206', 'UC 206', 'uc206'],
  ['UK208', 'UK 208', 'uk-208'],
  ['R12-2RS', 'R12 2RS', 'r12-2rs', 'EE6-2RS'],
  ['HK2016', 'HK 2016', 'hk2016'],
  ['RNA4907', 'RNA 4907', 'rna-4907'],
  ['NNCF5024', 'NNCF 5024 CV', 'NNCF5024V', 'nncf5024'],
  ['239/500K-C3', '239/500 K/C3', '239/500-K-C3'],
  ['51108', '51108'],
  ['608-2RS', '608-2RS', '608 2RS'],
  ['61806', '6806', '61806'],
] // prettier-ignore

describe('numbers as the trade spells them', () => {
  const all = spellings.flatMap(([normal, ...written]) => written.map((text) => ({ text, normal })))
  it('are at least sixty', () => assert.isAtLeast(all.length, 60))
  for (const { text, normal } of all)
    it(`${text} is ${normal}`, () => {
      const found = lookUpBearing(text, catalogue)
      assert.equal(found.kind, 'found')
      if (found.kind === 'found') {
        assert.equal(found.bearing.decoded.normal, normal)
        assert.isEmpty(found.bearing.decoded.unknown)
      }
    })
})
