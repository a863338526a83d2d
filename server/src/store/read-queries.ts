import { readFileSync } from 'node:fs'

/**
 * Named queries of an .sql file: each starts with a line `-- name: listThings`.
 *
 * @param names - the queries the caller uses; a missing or an unused one stops the start, not a request
 */
export function readQueries<N extends string>(file: string, base: string, names: readonly N[]): Record<N, string> {
  const found = new Map<string, string>()
  const sections = readFileSync(new URL(file, base), 'utf8')
    .split(/^-- name: /m)
    .slice(1)
  for (const section of sections) {
    const end = section.indexOf('\n')
    found.set(section.slice(0, end).trim(), section.slice(end + 1).trim())
  }
  const missing = names.filter((name) => !found.has(name))
  const unused = [...found.keys()].filter((name) => !(names as readonly string[]).includes(name))
  if (missing.length || unused.length)
    throw new Error(`${file}: missing queries ${missing.join(', ') || 'none'}; unused ${unused.join(', ') || 'none'}`)
  return Object.fromEntries(names.map((name) => [name, found.get(name)])) as Record<N, string>
}
