import { readFileSync } from 'node:fs'
import { basename } from 'node:path'

/** A prepared statement with its values. */
export interface Query {
  name: string
  text: string
  values: unknown[]
}

/**
 * Named queries of an .sql file: each starts with a line `-- name: listThings`.
 *
 * @param names - the queries the caller uses; a missing or an unused one stops the start, not a request
 * @returns for each, a function of its values
 */
export function readQueries<N extends string>(
  file: string,
  base: string,
  names: readonly N[],
): Record<N, (...values: unknown[]) => Query> {
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
  const resource = basename(file, '.sql')
  const queryOf =
    (name: N) =>
    (...values: unknown[]): Query => ({ name: `${resource}.${name}`, text: found.get(name) ?? '', values })
  return Object.fromEntries(names.map((name) => [name, queryOf(name)])) as Record<N, (...values: unknown[]) => Query>
}
