import { assert } from 'chai'
import { differences } from '../../src/identify/differences.ts'
import { bearingOf, positionWith, type Changes } from '../bench-position.ts'

const found = (designation: string, bearing: Changes['bearing']) =>
  differences(positionWith({ bearing: { designation, ...bearing } }), bearingOf(designation))

describe('required against present', () => {
  const cases: [why: string, designation: string, bearing: Changes['bearing'], verdict: string, consequence: RegExp][] = [
    ['seals called for and there', '6214-2RS', { requiredClosure: 'contact-seal' }, 'go', /as called for/],
    ['seals called for, shields there', '6214-2Z', { requiredClosure: 'contact-seal' }, 'stop', /not water out/],
    ['shields called for, seals there', '6214-2RS', { requiredClosure: 'shield' }, 'watch', /rub/],
    ['open called for, sealed there', '6214-2RS', { requiredClosure: 'open' }, 'stop', /reaches it/],
    ['open called for, shields there', '6214-2Z', { requiredClosure: 'open' }, 'watch', /badly/],
    ['sealed called for, one side there', '6214-RS', { requiredClosure: 'contact-seal' }, 'stop', /one side is open/],
    ['an insert bearing is sealed without saying so', 'UC212', { requiredClosure: 'contact-seal' }, 'go', /as called for/],
    ['taper called for, plain there', '22220', { requiredBore: 'tapered' }, 'stop', /one edge/],
    ['plain called for, taper there', '22220 K', { requiredBore: 'cylindrical' }, 'stop', /one edge/],
    ['brass called for and there', 'NU218-M', { requiredCage: 'brass' }, 'go', /as called for/],
    ['brass called for, polyamide there', 'NU218-TN', { requiredCage: 'brass' }, 'stop', /brittle/],
    ['brass called for, nothing said', 'NU218', { requiredCage: 'brass' }, 'watch', /does not say/],
    ['polyamide called for, steel there', 'NU218-J', { requiredCage: 'polyamide' }, 'watch', /this has steel/],
    ['P5 called for, normal there', '6008', { requiredPrecision: 'P5' }, 'stop', /runs out/],
    ['P5 called for, P4 there', '6008-P4', { requiredPrecision: 'P5' }, 'go', /The class is P4/],
    ['cooler than steel is stable to', '22220', { hottestRingC: 100 }, 'go', /keep their size/],
    ['hotter than plain steel stands', '6220', { hottestRingC: 140 }, 'stop', /comes loose/],
    ['hotter, and its type is usually stabilised: a question', '22220', { hottestRingC: 140 }, 'go', /200/],
    ['hotter, and stabilised for it', '22220-S1', { hottestRingC: 180 }, 'go', /keep their size/],
  ] // prettier-ignore
  for (const [why, designation, bearing, verdict, consequence] of cases)
    it(`${verdict}: ${why}`, () => {
      const [one] = found(designation, bearing)
      assert.equal(one?.check.verdict, verdict)
      assert.match(one?.check.reason ?? '', consequence)
      assert.match(one?.check.wayOut ?? '', /\.$/)
    })

  it('asks of nothing that nobody called for', () => assert.isEmpty(found('6214', {})))
})
