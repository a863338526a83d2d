/** A text of at most so many UTF-16 units, never cut in the middle of a character: half of one cannot be stored. */
export const cutText = (text: string, most: number): string => text.slice(0, most).replace(/[\uD800-\uDBFF]$/, '')
