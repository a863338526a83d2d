/** A choice of a field in the words of the shop. */
export interface Option<T> {
  value: T
  label: string
}

/** The choices of a closed set, in the order of its vocabulary. */
export const choices = <T extends string>(words: Record<T, string>): Option<T>[] =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }))

export const notStated: Option<null> = { value: null, label: 'not stated' }
