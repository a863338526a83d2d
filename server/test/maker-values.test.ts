import type { MakerTaken, PositionDetail } from '@yardfrost/contract'
import type { MakerValues } from '@yardfrost/core'
import { assert } from 'chai'
import type request from 'supertest'
import { listedAs } from '../src/bench/with-maker.ts'
import { testApp, type TestApp } from './test-app.ts'

describe('a number under which a list may have a bearing', () => {
  for (const [normal, names] of [
    ['6312', ['6312']],
    ['6312-2RS-C3', ['6312-2RS-C3', '6312-2RS', '6312']],
    ['22218EK-C3', ['22218EK-C3', '22218EK', '22218E']],
    ['NU210E', ['NU210E']],
  ] as const)
    it(normal, () => assert.deepEqual(listedAs(normal), [...names]))
})

describe('makers’ lists', () => {
  let test: TestApp
  let planner: request.Agent
  let technician: request.Agent

  before(async () => {
    test = await testApp('maker_values')
    planner = await test.signedIn('planner@north')
    technician = await test.signedIn('technician@north')
  })
  after(() => test.stop())

  const columns = {
    list: 'List of spring',
    number: 'Type',
    dynamic: 'C kN',
    static: 'C0 kN',
    speed: 'Limit',
    mass: 'Mass',
  }
  const send = async (csv: string, more: object = {}): Promise<MakerTaken> =>
    (
      await planner
        .post('/api/maker-values')
        .query({ ...columns, save: true, ...more })
        .type('text/csv')
        .send(csv)
        .expect(200)
    ).body
  const of = async (designation: string): Promise<MakerValues | null> =>
    (await technician.get('/api/maker-values').query({ designation }).expect(200)).body

  it('takes a file in with its own headings and units, and refuses ten bad rows with their reasons', async () => {
    const bad = [
      'nonsense,80,50,7000,1.7',
      '6312 DDU,80,50,7000,1.7',
      '6312,80,50,7000,1.7',
      '6314,-1,68,6000,2.5',
      '6314,many,68,6000,2.5',
      '6314,104000,68,6000,2.5',
      '6314,104,0.068,6000,2.5',
      '6314,,,,',
      '6314,104,68,fast,2.5',
      ',104,68,6000,2.5',
    ]
    const csv = ['Type;C kN;C0 kN;Limit;Mass', '6312;85,2;52;8000;1,7', 'NU 210 E;68;69;9000;0,48', ...bad.map((line) => line.replaceAll(',', ';'))] // prettier-ignore
    const { taken, lines } = await send(csv.join('\n'))
    assert.equal(taken, 2)
    const refused = lines.filter(({ outcome }) => outcome === 'refused')
    assert.lengthOf(refused, bad.length)
    for (const { message, line } of refused) assert.match(message ?? '', /\w+.*\./, `line ${line}`)
    assert.deepInclude(await of('6312/C3'), { list: 'List of spring', dynamicN: 85_200, staticN: 52_000, massKg: 1.7 })
    assert.isNull(await of('NU210'), 'another inside')
    assert.equal((await of('NU210 E-C3'))?.dynamicN, 68_000)
    assert.isNull(await of('6314'))
  })

  it('reads other units, and a trial keeps nothing', async () => {
    const csv = 'Type,C,M\n6313,21500,4.6'
    const named = {
      list: 'List of autumn',
      number: 'type',
      dynamic: 'C',
      static: '',
      speed: '',
      mass: 'M',
      force: 'lbf',
      weight: 'lb',
    }
    assert.equal((await send(csv, { ...named, save: false })).taken, 1)
    assert.isNull(await of('6313'))
    await send(csv, named)
    const found = await of('6313')
    assert.closeTo(found?.dynamicN ?? 0, 95_637, 5)
    assert.closeTo(found?.massKg ?? 0, 2.0865, 1e-3)
  })

  it('takes a clearance of a number with its class, in its own unit, and refuses what is none', async () => {
    const csv = ['Type,From,To', '6315-C3,0.02,0.04', '6316,0,0.02', '6317,0.03,0.02', '6318,0.03,', '30212,0.02,0.04']
    const named = { number: 'Type', dynamic: '', static: '', speed: '', mass: '', clearanceMin: 'From', clearanceMax: 'To', gap: 'mm' } // prettier-ignore
    const { taken, lines } = await send(csv.join('\n'), named)
    assert.equal(taken, 2)
    const refused = lines.filter(({ outcome }) => outcome === 'refused')
    assert.deepEqual(refused.map(({ number }) => number), ['6317', '6318', '30212']) // prettier-ignore
    for (const { message } of refused) assert.match(message ?? '', /clearance/)
    assert.deepInclude(await of('6315-C3'), { clearanceMinUm: 20, clearanceMaxUm: 40, dynamicN: null })
    assert.deepInclude(await of('6316'), { clearanceMinUm: 0, clearanceMaxUm: 20 })
  })

  it('is refused whole where a named column is not there, and by who may not', async () => {
    const { body } = await planner
      .post('/api/maker-values')
      .query({ ...columns, dynamic: 'Rating' })
      .type('text/csv')
      .send('Type,C0 kN\n6312,52')
      .expect(400)
    assert.match(body.error.message, /rating/)
    await technician.post('/api/maker-values').query(columns).type('text/csv').send('Type\n6312').expect(403)
  })

  it('is what a position is judged by until it has its own, and until the list goes', async () => {
    const { positionId } = test.site
    const open = async (): Promise<PositionDetail> =>
      (await technician.get(`/api/positions/${positionId}`).expect(200)).body
    const { inputs, version } = await open()
    assert.equal(inputs.kind, 'rolling')
    if (inputs.kind !== 'rolling') return
    const bearing = { ...inputs.bearing, designation: '6312-C3', makerDynamicN: null, makerStaticN: null }
    const load = { ...inputs.load, from: 'typed', radialN: 4000, axialN: 0, speedRpm: 1480 }
    await technician
      .put(`/api/positions/${positionId}`)
      .send({ version, inputs: { ...inputs, bearing, load } })
      .expect(200)
    const life = async () => {
      const { rows } = await test.database.pool.query('select life_h from position where id = $1', [positionId])
      return Number(rows[0].life_h)
    }
    const listed = await life()
    assert.deepInclude((await open()).machine.maker, { designation: '6312-C3' })
    await planner.delete('/api/maker-lists').query({ list: 'List of spring' }).expect(204)
    assert.isNull((await open()).machine.maker ?? null)
    const again = await open()
    await technician
      .put(`/api/positions/${positionId}`)
      .send({ version: again.version, inputs: again.inputs })
      .expect(200)
    // The list has more than the estimate: life goes with its cube.
    assert.closeTo(listed / (await life()), (85.2 / 81.8) ** 3, 0.02)
  })

  it('goes out as a file', async () => {
    const { text } = await technician.get('/api/maker-values.csv').expect(200)
    assert.match(text, /^number,c_n,c0_n,limiting_rpm,mass_kg,clearance_min_um,clearance_max_um,list\n6313,/)
  })
})
