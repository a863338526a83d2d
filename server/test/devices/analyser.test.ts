import { hear, MatchInput } from '@yardfrost/core'
import { assert } from 'chai'
import type request from 'supertest'
import { recordOf } from '../../src/devices/analyser.ts'
import { DeviceError } from '../../src/errors/device-error.ts'
import { testApp, type TestApp } from '../test-app.ts'

describe('the collector of waveforms', () => {
  let test: TestApp
  let technician: request.Agent
  before(async () => {
    test = await testApp('analyser')
    technician = await test.signedIn('technician@north')
  })
  after(() => test.stop())

  const save = async (groups: Record<string, object>) => {
    const { version, inputs } = (await technician.get(`/api/positions/${test.site.positionId}`)).body
    const changed = Object.fromEntries(
      Object.entries(groups).map(([group, rest]) => [group, { ...inputs[group], ...rest }]),
    )
    await technician.put(`/api/positions/${test.site.positionId}`).send({ version, inputs: { ...inputs, ...changed } }).expect(200) // prettier-ignore
  }
  const record = () => technician.post('/api/devices/analyser/records').send({ positionId: test.site.positionId })

  it('says what is missing where the speed is not known', async () => {
    await save({ bearing: { designation: '6214-C3' }, load: { speedRpm: null, steps: [] } })
    const { body } = await record().expect(400)
    assert.equal(body.error.field, 'speedRpm')
  })

  const machines: [seen: string[], found: string | null][] = [
    [['fluting'], 'outer'],
    [[], null],
  ]
  for (const [seen, fault] of machines)
    it(`records ${fault ?? 'nothing'} of a machine that shows ${seen.join() || 'nothing'}`, async function () {
      this.timeout(30_000)
      await save({ load: { speedRpm: 1480 }, diagnose: { seen } })
      const { samples, sampleRateHz, speedRpm } = (await record().expect(201)).body
      assert.lengthOf(samples, 65_536)
      const bearing = { elements: 10, elementDiameterMm: 17.5, pitchDiameterMm: 97.5 }
      const { found } = hear(MatchInput.parse({ samples, sampleRateHz, speedRpm, bearing })).match
      if (fault === null) assert.isEmpty(found)
      else assert.isNotEmpty(found)
    })

  for (const line of [
    '',
    'wave 25600',
    'wave x AAAA',
    `wave 25600 ${Buffer.alloc(40).toString('base64')}`,
    'error no sensor',
  ])
    it(`refuses what is no record: ${line.slice(0, 20)}`, () => assert.throws(() => recordOf(line), DeviceError))
})
