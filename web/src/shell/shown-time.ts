import { ref } from 'vue'

/** Language days are written in: the site's. */
const language = ref('en-GB')
export function writeDatesIn(next: string): void {
  language.value = next
}

/** A moment as the page writes it: day, month, hour and minute of this device. */
export const shownTime = (iso: string): string =>
  new Date(iso).toLocaleString(language.value, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** The hour and minute of a moment, for what is to be done the same day. */
export const shownClock = (iso: string): string =>
  new Date(iso).toLocaleTimeString(language.value, { hour: '2-digit', minute: '2-digit' })

/** A moment with its year: on paper and in a history nobody should guess it. */
export const shownWithYear = (iso: string): string =>
  new Date(iso).toLocaleString(language.value, { dateStyle: 'medium', timeStyle: 'short' })

/** A day as the page writes it; the day itself, in whatever time zone. */
export const shownDay = (day: string): string =>
  new Date(`${day}T12:00:00`).toLocaleDateString(language.value, {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    // Of another year it is told.
    ...(day.startsWith(String(new Date().getFullYear())) ? {} : { year: 'numeric' }),
  })
