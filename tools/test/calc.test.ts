import { assert } from 'chai'
import { spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('../..', import.meta.url))

/** Runs the command as a person does, with text on standard input. */
function calc(args: string[], input = ''): { status: number | null; output: string } {
  const done = spawnSync(process.execPath, ['--import', 'tsx', 'tools/calc.ts', ...args], {
    cwd: root,
    input,
    encoding: 'utf8',
    maxBuffer: 64e6,
  })
  return { status: done.status, output: done.stdout.trim() }
}

describe('npm run calc', () => {
  it('answers one input', () => {
    const { status, output } = calc(['iso286.limits'], '{"nominalMm": 115, "zone": "n6"}')
    assert.equal(status, 0)
    assert.deepEqual(JSON.parse(output), { lowerUm: 23, upperUm: 45 })
  })

  it('answers a thousand inputs, refused ones in their place, and still exits 0', () => {
    const inputs = Array.from({ length: 1000 }, (_, index) => ({ nominalMm: index, zone: 'H7' }))
    const { status, output } = calc(['iso286.limits'], JSON.stringify(inputs))
    const answers = JSON.parse(output) as object[]
    assert.equal(status, 0)
    assert.lengthOf(answers, 1000)
    assert.nestedPropertyVal(answers[0], 'error.field', 'nominalMm')
    assert.deepEqual(answers[68], { lowerUm: 0, upperUm: 30 })
  })

  it('judges as many positions as a plant has, without a budget', () => {
    const inputs = { bearing: { designation: '6313', requiredClearance: 'C3' } }
    const { status, output } = calc(
      ['position.assess'],
      JSON.stringify(Array.from({ length: 2000 }, () => ({ inputs }))),
    )
    assert.equal(status, 0)
    const answers = JSON.parse(output) as { state: string; findings: { key: string; reason: string }[] }[]
    assert.lengthOf(answers, 2000)
    for (const { state, findings } of answers) {
      assert.equal(state, 'stop')
      assert.match(findings[0]?.reason ?? '', /^The machine calls for C3, and the designation says none, which is CN: /)
    }
  })

  const refused: [why: string, args: string[], input: string, field: string][] = [
    ['a refused input', ['iso286.limits'], '{"nominalMm": -1, "zone": "n6"}', 'nominalMm'],
    ['what is no JSON', ['iso286.limits'], 'nominal', 'input'],
    ['an unknown name', ['iso286.limit'], '{}', 'name'],
    ['no name', [], '', 'name'],
  ]
  for (const [why, args, input, field] of refused)
    it(`exits 1 on ${why}`, () => {
      const { status, output } = calc(args, input)
      assert.equal(status, 1)
      assert.equal(JSON.parse(output).error.field, field)
    })

  it('lists the names with their fields', () =>
    assert.match(calc(['--list']).output, /iso286\.limits .*nominalMm, zone/))
})
