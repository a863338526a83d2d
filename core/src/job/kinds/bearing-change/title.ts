/** More names than this are counted instead. */
const mostNamed = 3

/** What a change of bearings is called on lists. */
export function bearingChangeTitle(names: readonly string[]): string {
  if (names.length > mostNamed) return `Change the bearings of ${names.length} positions`
  return `Change the bearing${names.length > 1 ? 's' : ''}, ${names.map((name) => name.toLowerCase()).join(' and ')}`
}
