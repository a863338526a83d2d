/** More names than this are counted instead. */
const mostNamed = 3

/** What a job is called on lists. @param named - before the names, @param counted - in place of them, where they are many */
export const jobTitle = (names: readonly string[], named: string, counted: (positions: number) => string): string =>
  names.length > mostNamed
    ? counted(names.length)
    : `${named}, ${names.map((name) => name.toLowerCase()).join(' and ')}`
