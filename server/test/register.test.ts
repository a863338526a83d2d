import { sketchShaft, usualSketch } from '@yardfrost/core'
import type { MachineDetail, MachineEntry, RegisterPage, ShaftDetail } from '@yardfrost/contract'
import { assert } from 'chai'
import type request from 'supertest'
import { testApp, type TestApp } from './test-app.ts'

const fan = (changes: Partial<MachineEntry> = {}): MachineEntry => ({
  area: 'Dryer loft',
  tag: 'F-7',
  name: 'Mist fan',
  kind: 'fan',
  duty: 'one-shift',
  criticality: 'vital',
  hoursSource: 'shifts',
  hoursPerWeek: 40,
  positions: [
    { name: 'Belt end', designation: '6312-C3' },
    { name: 'Wheel end', designation: '6312 C3' },
  ],
  ...changes,
})

describe('the register', () => {
  let test: TestApp
  let technician: request.Agent
  let viewer: request.Agent

  before(async () => {
    test = await testApp('register')
    technician = await test.signedIn('technician@north')
    viewer = await test.signedIn('viewer@north')
  })
  after(() => test.stop())

  const add = async (entry: MachineEntry, copyOf: string | null = null): Promise<MachineDetail> =>
    (await technician.post('/api/machines').send({ entry, copyOf }).expect(201)).body
  const search = async (query: object, agent = viewer): Promise<RegisterPage> =>
    (await agent.get('/api/register').query(query).expect(200)).body

  it('takes a machine in, in a new area, with its positions judged', async () => {
    const machine = await add(fan())
    assert.deepInclude(machine, { area: 'Dryer loft', tag: 'F-7', criticality: 'vital', hoursPerWeek: 40, version: 1 })
    assert.deepEqual(
      machine.positions.map(({ name, designation }) => [name, designation]),
      [
        ['Belt end', '6312-C3'],
        ['Wheel end', '6312-C3'],
      ],
    )
    const yard = (await viewer.get('/api/yard')).body
    assert.deepEqual(
      yard.areas.at(-1).machines.map(({ tag }: { tag: string }) => tag),
      ['F-7'],
    )
  })

  for (const [why, query, tags] of [
    ['every word, in any case', { q: 'mist F-7' }, ['F-7']],
    ['a bearing', { q: '6312' }, ['F-7']],
    ['an area and a position', { q: 'loft wheel' }, ['F-7']],
    ['a word that is a pattern elsewhere', { q: '%' }, []],
    ['a kind', { kind: 'pump' }, ['P-1']],
    ['how much hangs on it', { criticality: 'vital' }, ['F-7']],
    ['a page', { limit: 1, offset: 1 }, ['F-7']],
  ] as const)
    it(`finds by ${why}`, async () => {
      const { machines } = await search(query)
      assert.deepEqual(
        machines.map(({ tag }) => tag),
        [...tags],
      )
    })

  it('counts all that it finds, not the page alone', async () => {
    const { total, positions, machines } = await search({ limit: 1 })
    assert.deepEqual([total, positions, machines.length], [2, 3, 1])
  })

  it('refuses a tag that is taken', async () => {
    const { body } = await technician.post('/api/machines').send({ entry: fan() }).expect(400)
    assert.equal(body.error.field, 'entry.tag')
    assert.match(body.error.message, /F-7/)
  })

  for (const [why, changes, field] of [
    ['no tag', { tag: ' ' }, 'entry.tag'],
    ['a kind that is none', { kind: 'boat' }, 'entry.kind'],
    ['shifts without hours', { hoursPerWeek: null }, 'entry.hoursPerWeek'],
    ['more hours than a week has', { hoursPerWeek: 169 }, 'entry.hoursPerWeek'],
    ['two positions of one name', { positions: [{ name: 'A' }, { name: 'A' }] }, 'entry.positions'],
  ] as const)
    it(`refuses ${why} by name`, async () => {
      const entry = { ...fan({ tag: 'F-8' }), ...changes }
      const { body } = await technician.post('/api/machines').send({ entry }).expect(400)
      assert.equal(body.error.field, field)
      assert.isNotEmpty(body.error.fix)
    })

  it('renames positions on the machine and on its shaft, adds and takes off, and keeps the history', async () => {
    const machine = await add(fan({ tag: 'F-10' }))
    const shaft = sketchShaft('fan', usualSketch.fan, ['Belt end', 'Wheel end'])
    await technician.put(`/api/machines/${machine.id}/shaft`).send({ version: 0, shaft, feed: true }).expect(200)
    const [belt, wheel] = machine.positions
    const entry = fan({
      tag: 'F-10',
      positions: [
        { id: belt?.id, name: 'Wheel end', designation: '6312-C3' },
        { name: 'Outboard', designation: '' },
      ],
    })
    const { body } = await technician.put(`/api/machines/${machine.id}`).send({ version: 1, entry }).expect(200)
    const saved = body as MachineDetail
    assert.deepEqual(
      saved.positions.map(({ name }) => name),
      ['Wheel end', 'Outboard'],
    )
    assert.equal(saved.positions[0]?.id, belt?.id)
    const drawn = (await technician.get(`/api/machines/${machine.id}/shaft`)).body as ShaftDetail
    assert.equal(drawn.shaft?.supports[0]?.position, 'Wheel end')
    assert.isNotEmpty((await technician.get(`/api/positions/${wheel?.id}/history`).expect(200)).body)
  })

  it('lets two positions change names', async () => {
    const machine = await add(fan({ tag: 'F-11' }))
    const [belt, wheel] = machine.positions
    const positions = [
      { id: belt?.id, name: 'Wheel end', designation: '6312-C3' },
      { id: wheel?.id, name: 'Belt end', designation: '6312-C3' },
    ]
    const { body } = await technician
      .put(`/api/machines/${machine.id}`)
      .send({ version: 1, entry: fan({ tag: 'F-11', positions }) })
      .expect(200)
    assert.deepEqual(
      body.positions.map(({ id, name }: { id: string; name: string }) => [id, name]),
      [
        [belt?.id, 'Wheel end'],
        [wheel?.id, 'Belt end'],
      ],
    )
  })

  it('judges a position anew when its bearing or the duty of its machine changes', async () => {
    const { body: before } = await technician.get(`/api/positions/${test.site.positionId}`)
    const { body: pump } = await technician.get(`/api/machines/${test.site.machineId}`)
    const { area, tag, name, kind, criticality, hoursSource, hoursPerWeek } = pump as MachineDetail
    const positions = [{ id: test.site.positionId, name: 'Drive end', designation: '6314-C3' }]
    const entry = { area, tag, name, kind, duty: 'main-process', criticality, hoursSource, hoursPerWeek, positions }
    await technician.put(`/api/machines/${test.site.machineId}`).send({ version: 1, entry }).expect(200)
    const { body: after } = await technician.get(`/api/positions/${test.site.positionId}`)
    assert.deepEqual([after.version, after.inputs.bearing.designation], [before.version + 1, '6314-C3'])
  })

  it('refuses the second of two who began with the same version', async () => {
    const machine = await add(fan({ tag: 'F-12' }))
    const save = (name: string) =>
      technician
        .put(`/api/machines/${machine.id}`)
        .send({ version: 1, entry: fan({ tag: 'F-12', name, positions: [] }) })
    await save('First').expect(200)
    const { body } = await save('Second').expect(409)
    assert.equal(body.theirs.name, 'First')
  })

  it('copies a machine: bearings, inputs and shaft, not what was measured on the other', async () => {
    const { body: position } = await technician.get(`/api/positions/${test.site.positionId}`)
    const inputs = {
      ...position.inputs,
      diagnose: { seen: ['rust'], notSeen: [] },
      load: { ...position.inputs.load, radialN: 6543 },
    }
    const save = { version: position.version, inputs }
    await technician.put(`/api/positions/${test.site.positionId}`).send(save).expect(200)
    const entry = fan({ tag: 'P-2', kind: 'pump', positions: [{ name: 'Drive end', designation: '6314-C3' }] })
    const copy = await add(entry, test.site.machineId)
    const { body } = await technician.get(`/api/positions/${copy.positions[0]?.id}`)
    assert.equal(body.inputs.load.radialN, 6543)
    assert.isEmpty(body.inputs.diagnose.seen)
  })

  it('retires a machine from the Yard and brings it back', async () => {
    const machine = await add(fan({ tag: 'F-13' }))
    const service = (version: number, retired: boolean) =>
      technician.put(`/api/machines/${machine.id}/service`).send({ version, retired })
    const { body } = await service(1, true).expect(200)
    assert.isNotNull(body.retiredAt)
    assert.equal((await search({ q: 'F-13' })).total, 0)
    assert.equal((await search({ q: 'F-13', retired: true })).total, 1)
    await service(1, false).expect(409)
    await service(2, false).expect(200)
    assert.equal((await search({ q: 'F-13' })).total, 1)
  })

  it('is not a viewer’s to change, nor another site’s to see', async () => {
    const machine = await add(fan({ tag: 'F-14' }))
    const stranger = await test.signedIn('technician@south')
    const save = { version: 1, entry: fan({ tag: 'F-14' }) }
    await viewer
      .post('/api/machines')
      .send({ entry: fan({ tag: 'F-15' }) })
      .expect(403)
    await viewer.put(`/api/machines/${machine.id}`).send(save).expect(403)
    await viewer.put(`/api/machines/${machine.id}/service`).send({ version: 1, retired: true }).expect(403)
    await viewer.post('/api/register/import').type('text/csv').send('area\n').expect(403)
    await stranger.get(`/api/machines/${machine.id}`).expect(404)
    await stranger.put(`/api/machines/${machine.id}`).send(save).expect(404)
    await stranger.put(`/api/machines/${machine.id}/service`).send({ version: 1, retired: true }).expect(404)
    await stranger
      .post('/api/machines')
      .send({ entry: fan({ tag: 'F-16' }), copyOf: machine.id })
      .expect(404)
    assert.equal((await search({ q: 'F-14' }, stranger)).total, 0)
  })

  describe('as a file', () => {
    const send = (csv: string, save = false) =>
      technician.post('/api/register/import').query({ save }).type('text/csv').send(csv)
    const head = 'area;tag;name;kind;duty;criticality;hours_source;hours_per_week;position;bearing'

    it('says line by line what it would do, and does nothing on a trial run', async () => {
      const csv = [
        head,
        'Loft;N-1;New fan;fan;one-shift;vital;shifts;37,5;Belt end;6212-C3',
        'Loft;N-1;New fan;fan;one-shift;vital;shifts;37,5;Wheel end;XYZ 9',
        'Loft;N-2;Wrong;boat;one-shift;;;;;',
        'Loft;N-3;One name;fan;one-shift;;;;A;',
        'Loft;N-3;Another;fan;one-shift;;;;B;',
        'Hall;P-1;Pump;pump;main-process;;;;Drive end;6314-C3',
        'Loft;;No tag;fan;one-shift;;;;;',
        'Loft;N-4;Shifts;fan;one-shift;;shifts;;;',
      ].join('\r\n')
      const { body } = await send(`\uFEFF${csv}\r\n`).expect(200)
      assert.isFalse(body.saved)
      assert.equal(body.machines, 1)
      const told = body.lines.map(({ line, outcome, field }: { line: number; outcome: string; field: string | null }) => [line, outcome, field]) // prettier-ignore
      assert.deepEqual(told, [
        [2, 'new', null],
        [3, 'new', 'bearing'],
        [4, 'refused', 'kind'],
        [5, 'refused', null],
        [6, 'refused', 'name'],
        [7, 'same', null],
        [8, 'refused', 'tag'],
        [9, 'refused', 'hoursPerWeek'],
      ])
      assert.match(body.lines[2].message, /"boat"; it must be one of motor, pump/)
      assert.match(body.lines[4].message, /as line 5 of this machine has it/)
      assert.equal((await search({ q: 'N-1' })).total, 0)
    })

    it('saves what is good, leaves the rest, and finds nothing to do the second time', async () => {
      const csv = `${head}\nLoft;N-1;New fan;fan;one-shift;;;;Belt end;6212-C3\nLoft;N-2;Wrong;boat;one-shift;;;;;\n`
      assert.equal((await send(csv, true).expect(200)).body.machines, 1)
      assert.deepEqual((await search({ q: 'N-' })).total, 1)
      const { body } = await send(csv, true).expect(200)
      assert.deepEqual([body.machines, body.lines[0].outcome], [0, 'same'])
    })

    it('goes out and comes back unchanged, formulas and all', async () => {
      await add(fan({ tag: '=2+3', name: '@sum, "quoted"; so', positions: [] }))
      const { text, headers } = await technician.get('/api/register.csv').expect(200)
      assert.match(String(headers['content-type']), /text\/csv/)
      assert.include(text, "'=2+3")
      const { body } = await technician.post('/api/register/import').type('text/csv').send(text).expect(200)
      assert.deepEqual([...new Set(body.lines.map(({ outcome }: { outcome: string }) => outcome))], ['same'])
    })

    for (const [why, csv, pattern] of [
      ['nothing', '', /csv is missing/],
      ['no head line', 'a,b\n1,2', /without the column area, tag/],
      ['a column that is none', `${head};colour\n`, /column “colour”/],
      ['a quote that never ends', `${head}\n"Loft;N`, /not readable/],
      ['too many lines', `${head}\n${'Loft;N;N;fan;one-shift;;;;;\n'.repeat(10_001)}`, /10001 lines/],
    ] as const)
      it(`refuses a file with ${why}`, async () => {
        const { body } = await send(csv).expect(400)
        assert.match(body.error.message, pattern)
        assert.isNotEmpty(body.error.fix)
      })

    it('refuses a file beyond all bounds', () => send(`${head}\n${'x'.repeat(4_300_000)}`).expect(413))
  })
})
