import synonyms from '../../data/sign-synonyms.json' with { type: 'json' }
import { jointSign, type Sign } from './knowledge.ts'

/** Signs that a word leads to, besides those whose label has it. */
const meant = new Map<string, Set<string>>()
for (const [word = '', sign = ''] of synonyms.rows) meant.set(word, (meant.get(word) ?? new Set()).add(sign))

/** From so many letters on a word is taken for the beginning of another. */
const leastLetters = 3

const leadsTo = (word: string): ReadonlySet<string> =>
  new Set(
    [...meant].flatMap(([known, signs]) =>
      known === word || (word.length >= leastLetters && (known.startsWith(word) || word.startsWith(known)))
        ? [...signs]
        : [],
    ),
  )

/**
 * Signs that somebody may mean, by the words of their labels and by what people call them at the bench.
 *
 * @returns those whose own label holds every word first, then those that the words lead to; every one once
 */
export function searchSigns(query: string, signs: readonly Sign[]): Sign[] {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean)
  if (words.length === 0) return []
  const led = words.map((word) => ({ word, to: leadsTo(word) }))
  const says = ({ label }: Sign, word: string) => label.toLowerCase().includes(word)
  const own = signs.filter((sign) => words.every((word) => says(sign, word)))
  const other = signs.filter(
    (sign) => !own.includes(sign) && led.every(({ word, to }) => to.has(sign.sign) || says(sign, word)),
  )
  return [...own, ...other].filter(({ sign }) => sign !== jointSign)
}
