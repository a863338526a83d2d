/** Characters of a code: few enough to type in gloves, enough that two of one plant hardly meet. */
const length = 8

/** Short code of a point, as its label has it: `3F0C-6A52`. */
export const pointCode = (id: string): string => {
  const code = id.replaceAll('-', '').slice(0, length).toUpperCase()
  return `${code.slice(0, length / 2)}-${code.slice(length / 2)}`
}

/** Whether a typed text is the code of a point, or its whole id. */
export function isCodeOf(id: string, typed: string): boolean {
  const plain = (text: string) => text.replace(/[^0-9a-z]/gi, '').toUpperCase()
  return plain(typed) === plain(pointCode(id)) || plain(typed) === plain(id)
}

/** Code of a point in what a label says: the address its QR code holds, or the code itself; null where it is neither. */
export function codeRead(text: string): string | null {
  const [, last = ''] = /^(?:https?:\/\/[^/\s]+\/(?:[^?#\s]*\/)?points\/)?([0-9A-Za-z- ]+)\/?$/.exec(text.trim()) ?? []
  return /^[0-9a-f]{4}[- ]?[0-9a-f]{4}(-[0-9a-f-]{27})?$/i.test(last) ? last : null
}
