import type { DamageKnowledge } from '../diagnose/knowledge.ts'

/** Marks seen in a job, as they are kept: names of signs of the knowledge base; what was written freely stays as it is. */
const between = '; '

export const marksOf = (text: string | null): string[] =>
  (text ?? '')
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean)
export const marksText = (signs: readonly string[]): string => signs.join(between)

/** Marks in words. */
export function markWords(text: string | null, { signs }: DamageKnowledge): string {
  const labels = new Map(signs.map(({ sign, label }) => [sign, label]))
  return marksOf(text)
    .map((one) => labels.get(one) ?? one)
    .join(between)
}
