import { assert } from 'chai'
import { guessColumns, headingsOf } from '../src/site/guess-columns.ts'

describe('columns of a maker’s list', () => {
  for (const [head, number, dynamic, fixed, speed, mass] of [
    ['Designation;C kN;C0 kN;Limiting speed;Mass kg', 'Designation', 'C kN', 'C0 kN', 'Limiting speed', 'Mass kg'],
    ['number,c_n,c0_n,limiting_rpm,mass_kg,list', 'number', 'c_n', 'c0_n', 'limiting_rpm', 'mass_kg'],
    ['Bearing\tStatic rating\tDynamic rating\tr/min', 'Bearing', 'Dynamic rating', 'Static rating', 'r/min', ''],
    ['"Part no.","C0","C"', 'Part no.', 'C', 'C0', '', ''],
    ['a,b', '', '', '', '', ''],
  ] as const)
    it(head, () =>
      assert.deepInclude(guessColumns(headingsOf(`\uFEFF${head}\n6312,1`)), {
        number,
        dynamic,
        static: fixed,
        speed,
        mass,
      }),
    )

  it('knows the two ends of a clearance', () => {
    const heads = headingsOf('number;Clearance min µm;Clearance max µm;C;C0\n')
    assert.deepInclude(guessColumns(heads), { clearanceMin: 'Clearance min µm', clearanceMax: 'Clearance max µm', dynamic: 'C', static: 'C0' }) // prettier-ignore
    assert.deepInclude(guessColumns(['number', 'clearance_min_um', 'clearance_max_um']), { clearanceMin: 'clearance_min_um', clearanceMax: 'clearance_max_um' }) // prettier-ignore
  })
})
