import { z } from 'zod'

const dayMs = 86_400_000

/** A day of the calendar, `YYYY-MM-DD`, of the years 1900 to 2199. */
export const Day = z.iso.date().refine((day) => /^(19|20|21)/.test(day), 'a day of the years 1900 to 2199')

/** Days since 1970-01-01, UTC. */
export const dayNumber = (day: string): number => Math.round(Date.parse(`${day}T00:00:00Z`) / dayMs)

/** The day with that number. */
export const dayOf = (number: number): string => new Date(number * dayMs).toISOString().slice(0, 10)

/** Whole days from one to the other; negative where the other comes before. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from)

export const addDays = (day: string, days: number): string => dayOf(dayNumber(day) + days)
