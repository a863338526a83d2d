export interface Change {
  /** As JSON, made once for everybody who watches. */
  text: string
  /** Place of the last entry in it. */
  last: number
  more: boolean
}

type ReadChange = (siteId: string, id: string, after: number) => Promise<Change>

/** Reads what has changed of a piece of work. All who stand at the same place share one reading of it. */
export class SharedChanges {
  readonly #read: ReadChange
  readonly #reading = new Map<string, Promise<Change>>()

  constructor(read: ReadChange) {
    this.#read = read
  }

  /** @param after - place of the last entry that is known */
  since(siteId: string, id: string, after: number): Promise<Change> {
    const key = `${siteId} ${id} ${after}`
    const under = this.#reading.get(key)
    if (under) return under
    const reading = this.#read(siteId, id, after)
    this.#reading.set(key, reading)
    const forget = () => this.#reading.delete(key)
    reading.then(forget, forget)
    return reading
  }
}
