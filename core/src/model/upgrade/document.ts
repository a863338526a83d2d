import { z } from 'zod'

/** Brings a document of one schema to the next. */
export type UpgradeStep = (document: Readonly<Record<string, unknown>>) => Record<string, unknown>

/**
 * A schema that reads documents of every age: an older one is brought up step by step before it is checked, so that a field
 * that moved or got another name loses no row, no draft and no outbox.
 *
 * @param steps - the first brings schema 1 to 2, the next 2 to 3; a document that says no number is of schema 1
 * @param current - schema of today, whose documents say `schema: steps.length + 1`
 */
export const versioned = <S extends z.ZodType>(steps: readonly UpgradeStep[], current: S) =>
  z.preprocess((given, context) => {
    if (typeof given !== 'object' || given === null || Array.isArray(given)) return given
    const document = given as Record<string, unknown>
    const found = document['schema'] ?? 1
    const newest = steps.length + 1
    if (typeof found !== 'number' || !Number.isInteger(found) || found < 1) return document
    if (found > newest) {
      const message = `at most ${newest}: this document comes from a newer program; load the page anew, or update the server`
      context.addIssue({ code: 'custom', path: ['schema'], message, input: found })
      return z.NEVER
    }
    const brought = steps.slice(found - 1).reduce((older, step) => step(older), document)
    return { ...brought, schema: newest }
  }, current)
