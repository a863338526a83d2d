import { assert } from 'chai'
import { readdirSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { bearingTypes, factsOf, isPaired } from '../../src/bearing-types/index.ts'

const root = fileURLToPath(new URL('../../..', import.meta.url))
const named = new RegExp(`'(?:${bearingTypes.join('|')})'`)
/** Comments may name a type: every docstring has an example. */
const code = (text: string) => text.replace(/\/\*[\s\S]*?\*\/|\/\/.*/g, '')

describe('what is special about a type of bearing', () => {
  it('stands in its home: nothing else in core or the page asks which type it is by name', () => {
    const files = ['core/src', 'web/src'].flatMap((folder) =>
      readdirSync(`${root}/${folder}`, { recursive: true, encoding: 'utf8' }).map((file) => `${folder}/${file}`),
    )
    assert.isAbove(files.length, 300)
    const asking = files
      .filter((file) => /\.(?:ts|vue)$/.test(file) && !/bearing-types\/|drawing\/section\//.test(file))
      .filter((file) => named.test(code(readFileSync(`${root}/${file}`, 'utf8'))))
    assert.deepEqual(asking, [])
  })

  for (const type of bearingTypes)
    describe(type, () => {
      const facts = factsOf(type)

      it('agrees with itself', () => {
        const { abilities, ratings, inside, boxClearance, preload } = facts
        assert.equal(facts.pairs, isPaired(type), 'the list of paired types')
        assert.equal(facts.pairs, preload !== null, 'a pair has a preload')
        assert.equal(facts.grooves !== null, facts.rolls === 'ball', 'balls run in grooves')
        assert.equal(abilities.radial === 0, facts.carries === 'axial', 'washers carry no radial load')
        assert.equal(abilities.axialOneWay === 0, facts.axialLoad !== 'carried', 'who carries axial load')
        assert.equal(abilities.growthInside > 0, facts.floatsInside !== 'never', 'who floats inside')
        assert.isTrue(ratings.fromDeg <= ratings.toDeg && ratings.rows.length > 0)
        assert.isTrue(
          inside.rows.every((rows) => ratings.rows.includes(rows)),
          'rows inside are rows that are rated',
        )
        assert.isTrue(inside.rows.length > 0 || facts.carries === 'axial', 'the distribution knows it')
        assert.isTrue(
          facts.adjusted ||
            facts.carries === 'axial' ||
            facts.floatsInside === 'always' ||
            boxClearance.cylindrical !== null,
        )
        assert.isBelow(facts.speedLimit.grease, facts.speedLimit['oil-bath'])
        assert.match(facts.tell('62'), /^[A-Z].*\.$/)
      })
    })
})
