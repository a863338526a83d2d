/** A moment as the page writes it: day, month, hour and minute of this device. */
export const shownTime = (iso: string): string =>
  new Date(iso).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })
