import { assert } from 'chai'
import { withPart } from '../write-benchmark.ts'

const page = '# Benchmarks\n\nfirst\n\n## On the page\n\nsecond\n\n## Under load\n\nthird\n'

describe('the page of benchmarks', () => {
  const part = { command: 'npm run x', lines: ['a 1 ms', 'b 2 ms'] }
  it('has one part anew, and the others as they were, in their places', () => {
    const written = withPart(page, { heading: 'On the page', ...part })
    assert.match(
      written,
      /^# Benchmarks\n\nfirst\n\n## On the page\n\nThe last run of `npm run x -- --write`\.\n\n```\na 1 ms\nb 2 ms\n```\n\n## Under load\n\nthird\n$/,
    )
    assert.equal(withPart(written, { heading: 'On the page', ...part }), written)
  })
  it('has its beginning anew, and keeps what follows', () =>
    assert.match(
      withPart(page, { heading: '', ...part }),
      /^# Benchmarks\n\nThe last run .*## On the page\n\nsecond\n\n## Under load\n\nthird\n$/s,
    ))
  it('takes a new part at its end', () =>
    assert.match(withPart(page, { heading: 'Readings', ...part }), /third\n\n## Readings\n\nThe last run/))
})
