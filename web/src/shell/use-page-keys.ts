import { onBeforeUnmount } from 'vue'
import { usePageState } from './page-state.ts'
import { useKeys } from './use-keys.ts'

/** One command of a page: the key as the browser names it, how it is written, what it does. */
export interface PageKey {
  key: string
  /** As the help writes it; the key itself where it is left out, nothing where several share a line. */
  shown?: string
  what: string
  run: () => void
}

/** Single-key commands of a page, told by `?` while it is open. */
export function usePageKeys(keys: readonly PageKey[]): void {
  const page = usePageState()
  useKeys(Object.fromEntries(keys.map(({ key, run }) => [key, run])))
  page.keys = keys.flatMap(({ key, shown = key, what }) => (shown === '' ? [] : [[shown, what] as const]))
  onBeforeUnmount(() => {
    page.keys = []
  })
}
