import synonyms from '../../data/sign-synonyms.json' with { type: 'json' }
import { isJoint, type Sign } from './knowledge.ts'

/** Signs that a word leads to, besides those whose label has it. */
const meant = new Map<string, Set<string>>()
/** Words that mean a sign only together. */
const together: { words: string[]; sign: string }[] = []
for (const [word = '', sign = ''] of synonyms.rows) {
  if (word.includes(' ')) together.push({ words: word.split(' '), sign })
  else meant.set(word, (meant.get(word) ?? new Set()).add(sign))
}

/** From so many letters on a word is taken for the beginning of another. */
const leastLetters = 3
/** Words that stand in every sentence. */
const idle = new Set(
  'a an and are as at be been by can did do does for from had has have in into is it its no not of off on or our out over same so some than that the their there they this to up was we were what when while with you all very went goes got'.split(' '), // prettier-ignore
)
/** What a word found in the name of a sign counts, in its question, by what people call it, and where words mean it together. */
const [inLabel, called, inQuestion, asOne] = [3, 3, 1, 5]
/** Share of the words that must lead somewhere together. */
const leastShare = 0.3

const alike = (known: string, word: string): boolean =>
  known === word || (word.length >= leastLetters && known.startsWith(word)) || (known.length > leastLetters && word.startsWith(known)) // prettier-ignore
const wordsOf = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[^a-z0-9°]+/)
    .filter(Boolean)

/** What a word tells of each sign it may mean; one that fits many tells little of each. */
function leads(word: string, signs: readonly Sign[]): Map<string, number> {
  const found = new Map<string, number>()
  const add = (sign: string, weight: number) => found.set(sign, Math.max(found.get(sign) ?? 0, weight))
  for (const [known, to] of meant) if (alike(known, word)) for (const sign of to) add(sign, called)
  for (const { sign, label, question } of signs) {
    if (wordsOf(label).some((one) => alike(one, word))) add(sign, inLabel)
    else if (wordsOf(question).some((one) => one.length > leastLetters && alike(one, word))) add(sign, inQuestion)
  }
  const rarity = 1 / Math.sqrt(Math.max(found.size, 1))
  return new Map([...found].map(([sign, weight]) => [sign, weight * rarity]))
}

/**
 * Signs that somebody may mean, by the words of their labels and by what people call them at the bench.
 *
 * @param query - a word, the beginning of one, or a sentence of the shop
 * @returns those that fit best first; nothing where no word leads anywhere
 */
export function searchSigns(query: string, signs: readonly Sign[]): Sign[] {
  const all = wordsOf(query)
  const telling = all.filter((word) => !idle.has(word))
  const words = telling.length > 0 ? telling : all
  const led = words.map((word) => leads(word, signs)).filter((found) => found.size > 0)
  // Small words count where they stand in a saying: `out of round`.
  const said = together.filter((one) => one.words.every((word) => all.some((other) => alike(word, other))))
  if (led.length + said.length === 0) return []
  const scored = signs
    .filter((sign) => !isJoint(sign))
    .map((sign) => {
      const hits = led.map((found) => found.get(sign.sign) ?? 0)
      const count = hits.filter((hit) => hit > 0).length
      const sayings = said.filter((one) => one.sign === sign.sign).length
      return { sign, count, sayings, score: hits.reduce((sum, hit) => sum + hit, asOne * sayings) }
    })
    .filter(({ count, sayings }) => sayings > 0 || (count > 0 && count >= leastShare * led.length))
  return scored.sort((a, b) => b.score - a.score || b.count - a.count).map(({ sign }) => sign)
}
