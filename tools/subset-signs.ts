import { readFileSync, statSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { fileURLToPath } from 'node:url'
import subsetFont from 'subset-font'

// Cuts the face of signs down to those that the page uses: `unicode-range` in fonts.css says which, and is the only list.
const face = createRequire(import.meta.url).resolve(
  '@fontsource/noto-sans-math/files/noto-sans-math-latin-400-normal.woff2',
)
const shell = new URL('../web/src/shell/', import.meta.url)
const ranges = /unicode-range: ([^;]+);/.exec(readFileSync(new URL('fonts.css', shell), 'utf8'))?.[1]
if (!ranges) throw new Error('fonts.css names no unicode-range')

const signs = ranges.split(',').flatMap((range) => {
  const [first = '', last = first] = range.trim().replace('U+', '').split('-')
  const from = parseInt(first, 16)
  return Array.from({ length: parseInt(last, 16) - from + 1 }, (_, index) => String.fromCodePoint(from + index))
})
const file = fileURLToPath(new URL('signs.woff2', shell))
writeFileSync(file, await subsetFont(readFileSync(face), signs.join(''), { targetFormat: 'woff2' }))
console.log(`${signs.join(' ')}: ${statSync(face).size} bytes became ${statSync(file).size}`)
