import { useBench, type Bench } from './use-bench.ts'

/**
 * Something worked out of the bench for the panel and the drawing beside it: made once a bench, so that neither does it again.
 *
 * @returns it, of the bench that is given or of the one around the component that asks
 */
export function onceABench<T>(make: (bench: Bench) => T): (bench?: Bench) => T {
  const made = new WeakMap<Bench, { it: T }>()
  return (bench = useBench()) => {
    const found = made.get(bench) ?? { it: make(bench) }
    made.set(bench, found)
    return found.it
  }
}
