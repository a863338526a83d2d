import { onKeyStroke } from '@vueuse/core'

/** Whether keys belong to what is being typed. */
function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName) || target.role === 'combobox')
  )
}

/**
 * Single-key commands of a screen: they work wherever nothing is being typed, without Ctrl, Alt or Meta.
 *
 * @param commands - action by key as the browser names it
 */
export function useKeys(commands: Record<string, () => void>): void {
  onKeyStroke(Object.keys(commands), (event) => {
    if (event.ctrlKey || event.altKey || event.metaKey || event.defaultPrevented || isTyping(event.target)) return
    event.preventDefault()
    commands[event.key]?.()
  })
}
