import { siteFirst } from '../../mount/cautions.ts'
import type { Procedure } from '../step.ts'
import { readUntilSettled } from '../words.ts'

// What begins and ends every work on a machine.

export const lockOut: Procedure = {
  does: [
    'Tell the control room, stop the machine and let it coast to a stop.',
    'Isolate every source: electricity, pressure, product, steam. Lock and tag each.',
    'Prove it dead, and try to start it. Hold what can still turn or fall.',
  ],
  cautions: [`Nobody opens a machine that is not locked out and proven dead. ${siteFirst}`],
}

export const runUp: Procedure = {
  does: [
    'Tools counted, guards on, locks off by whoever put them on.',
    'Turn it by hand first; then a short start, and listen.',
    readUntilSettled,
  ],
  cautions: [
    `Stand clear at the first start. Stop at any noise, smoke or a temperature that climbs without end. ${siteFirst}`,
  ],
}

export const handOver: Procedure = {
  does: [
    'Tell operations what was done, what to watch and when it is greased next.',
    'Old bearing, grease and papers to where they are examined.',
  ],
  cautions: [],
}
