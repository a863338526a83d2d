import { openDB, type IDBPDatabase } from 'idb'

/** What this device keeps in the browser's own database: photographs on their way, and the last answers of the server. */
type Store = 'photos' | 'answers'
const stores: readonly Store[] = ['photos', 'answers']

let opened: Promise<IDBPDatabase> | null = null
const database = () =>
  (opened ??= openDB('yardfrost', 2, {
    upgrade(fresh) {
      for (const store of stores) if (!fresh.objectStoreNames.contains(store)) fresh.createObjectStore(store)
    },
    // Another tab with a newer program, or the browser, closed it: the next use opens it again.
    blocking: (_version, _blocked, event) => {
      ;(event.target as IDBDatabase).close()
      opened = null
    },
    terminated: () => {
      opened = null
    },
  }).catch((error: unknown) => {
    opened = null
    throw error
  }))

export const keepOnDevice = async (store: Store, key: string, value: unknown): Promise<void> => {
  await (await database()).put(store, value, key)
}
/** What was kept under a key; undefined for nothing. */
export const keptOnDevice = async (store: Store, key: string): Promise<unknown> => (await database()).get(store, key)
export const forgetOnDevice = async (store: Store, key: string): Promise<void> => {
  await (await database()).delete(store, key)
}
export const forgetAllOnDevice = async (store: Store): Promise<void> => {
  await (await database()).clear(store)
}
