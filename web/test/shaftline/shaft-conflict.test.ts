import { ShaftLine, sketchShaft, usualSketch } from '@yardfrost/core'
import { assert } from 'chai'
import { usualChoice, type Choice } from '../../src/figures/conflict.ts'
import { mergeShafts, shaftConflictLines } from '../../src/shaftline/shaft-conflict.ts'

const base = sketchShaft('pump', usualSketch.pump, ['Drive end', 'Non-drive end'])
const change = (edit: (line: ShaftLine) => void): ShaftLine => {
  const line = ShaftLine.parse(JSON.parse(JSON.stringify(base)))
  edit(line)
  return line
}
const [first] = base.parts
const mine = change((line) => {
  line.powerKw = 55
  line.hottestC = 90
  line.supports[0]!.holds = 'none'
  line.arrival = { push: { answer: 'little', note: '', valueMm: 0.2 } }
})
const theirs = change((line) => {
  line.powerKw = 75
  line.speedRpm = 2950
  line.parts = line.parts.slice(1)
})
const lines = shaftConflictLines(base, mine, theirs)
const at = (path: string) => lines.find((line) => line.path === path)

describe('two versions of a shaft line', () => {
  const cases: [path: string, by: string][] = [
    ['powerKw', 'both'],
    ['hottestC', 'me'],
    ['speedRpm', 'them'],
    ['supports.Drive end.holds', 'me'],
    [`parts.${first?.id}`, 'them'],
    ['arrival.push', 'me'],
  ]
  for (const [path, by] of cases) it(`${path} was changed by ${by}`, () => assert.equal(at(path)?.changedBy, by))

  it('says of a part that only one has that it is there, and nothing of its fields', () =>
    assert.isEmpty(lines.filter(({ path }) => path.startsWith(`parts.${first?.id}.`))))

  it('names fields as their forms do', () => {
    assert.equal(at('powerKw')?.title, 'Power')
    assert.equal(at('supports.Drive end.holds')?.title, 'Drive end: Holds the shaft')
  })

  it('is put together as it was chosen: what nobody touched is as it was', () => {
    const chosen = new Map(lines.map((line): [string, Choice] => [line.path, usualChoice(line) ?? 'mine']))
    const merged = mergeShafts(mine, theirs, chosen)
    assert.deepEqual(
      merged,
      change((line) => {
        line.powerKw = 55
        line.hottestC = 90
        line.speedRpm = 2950
        line.supports[0]!.holds = 'none'
        line.parts = line.parts.slice(1)
        line.arrival = { push: { answer: 'little', note: '', valueMm: 0.2 } }
      }),
    )
  })

  it('takes all of theirs where nothing of mine is chosen, and a part of mine back on where it is', () => {
    assert.deepEqual(mergeShafts(mine, theirs, new Map()), theirs)
    const back = mergeShafts(mine, theirs, new Map([[`parts.${first?.id}`, 'mine']]))
    assert.lengthOf(back.parts, base.parts.length)
  })

  it('asks about everything while nobody knows where both began', () =>
    assert.isTrue(shaftConflictLines(null, mine, theirs).every((line) => usualChoice(line) === null)))
})
