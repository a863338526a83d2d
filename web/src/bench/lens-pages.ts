import type { Lens } from '@yardfrost/core'

/** A page of a lens: what it is called and the question it answers. */
export interface LensPage {
  key: string
  label: string
  question: string
}

/** Pages of the lenses that ask more than fits one; the first is the one a lens opens with. */
export const lensPages: Partial<Record<Lens, readonly LensPage[]>> = {
  identify: [
    { key: 'number', label: 'The number', question: 'What is it, and is it what the machine calls for?' },
    { key: 'measure', label: 'Measure it', question: 'No number to read: how large is it, and what rolls?' },
    { key: 'called-for', label: 'Called for', question: 'What does the machine call for?' },
    { key: 'types', label: 'Types', question: 'Which type can do this duty at all?' },
  ],
  carry: [
    { key: 'life', label: 'Life', question: 'How long will it last under this load?' },
    { key: 'duty', label: 'Duty', question: 'How is it loaded: steady, in steps, leaning over, one of a pair?' },
    { key: 'what-if', label: 'What if', question: 'What would it cost if something went otherwise?' },
    { key: 'sweep', label: 'Sweep', question: 'Which bearing of the catalogue does it better?' },
  ],
  seat: [
    { key: 'zones', label: 'Zones', question: 'Does the load turn with the ring?' },
    { key: 'gauge', label: 'Gauge', question: 'What do the seats really measure?' },
    { key: 'system', label: 'Class and sizes', question: 'How fine is the bearing, and metric or inch?' },
  ],
  mount: [
    { key: 'heat', label: 'How hot', question: 'How hot must the ring be, or how far is it driven up?' },
    { key: 'way', label: 'Way and steps', question: 'How does it come off, go on, and stay on?' },
    { key: 'clock', label: 'Heat clock', question: 'Is it hot enough, and how long does it stay so?' },
  ],
  float: [
    { key: 'clearance', label: 'Clearance', question: 'Is clearance left when it runs?' },
    { key: 'growth', label: 'Growth', question: 'Which way does the shaft grow, and has it room?' },
    { key: 'pair', label: 'Pair', question: 'What is left of the end play when it is hot?' },
  ],
}

const fieldsOfPage: Record<string, readonly string[]> = {
  measure: ['identify.'],
  'called-for': [
    'bearing.requiredClosure',
    'bearing.requiredBore',
    'bearing.requiredCage',
    'bearing.requiredPrecision',
    'bearing.hottestRingC',
  ],
  duty: [
    'load.steps',
    'load.shockFactor',
    'load.axialWay',
    'load.tiltDeg',
    'load.rotorKg',
    'load.arrangement',
    'load.partnerRadialN',
    'load.misalignDeg',
    'load.running',
  ],
  gauge: ['seat.shaftReadingsMm', 'seat.housingReadingsMm', 'seat.boreDeviationUm', 'seat.outsideDeviationUm'],
  system: ['seat.system', 'seat.inch', 'seat.adjust', 'seat.finish', 'seat.toleranceClass', 'seat.shaftBoreMm'],
  growth: [
    'float.role',
    'float.floatsIn',
    'float.locatedEnds',
    'float.spanMm',
    'float.assemblyC',
    'float.hottestC',
    'float.roomTowardMm',
    'float.roomAwayMm',
    'float.shaftDiameterMm',
    'float.housingStiffnessNPerMm',
  ],
  pair: ['float.endPlayMm'],
  way: ['mount.holding', 'mount.housing', 'mount.tools'],
}

/** Page of its lens that a field is entered on. */
export function pageOfField(lens: Lens, path: string): string | null {
  const pages = lensPages[lens] ?? []
  const found = pages.find(({ key }) => fieldsOfPage[key]?.some((start) => path.startsWith(start)))
  return (found ?? pages[0])?.key ?? null
}
