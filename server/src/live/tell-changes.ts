import type { Logger } from 'pino'
import type { EventStream } from './event-stream.ts'
import type { SharedChanges } from './shared-changes.ts'
import type { WorkWatch } from './work-watch.ts'

/**
 * Tells a stream what changes of a piece of work, from an entry on. Whatever has come while the reader was behind goes in one
 * piece.
 *
 * @param from - place of the last entry that was told, and whether there are more already
 */
export function tellChanges(
  stream: EventStream,
  work: { siteId: string; id: string; changes: SharedChanges; watch: WorkWatch; log: Pick<Logger, 'warn'> },
  from: { last: number; more: boolean },
): void {
  let last = from.last
  let [changed, telling] = [from.more, false]
  const tell = async () => {
    if (telling) return
    telling = true
    try {
      while (changed && !stream.signal.aborted) {
        await stream.taken()
        changed = false
        const change = await work.changes.since(work.siteId, work.id, last)
        last = change.last
        changed ||= change.more
        stream.send('change', change.text)
      }
    } catch (error) {
      // The database has gone since; the page opens the stream anew when it is back.
      work.log.warn({ err: error }, 'work that changed could not be read')
      stream.end()
    } finally {
      telling = false
    }
  }
  const hear = () => {
    changed = true
    void tell()
  }
  const unwatch = work.watch.watch(work.id, { changed: hear, ended: stream.end })
  stream.signal.addEventListener('abort', unwatch)
  void tell()
}
