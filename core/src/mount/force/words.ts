import type { DriftPractice } from '../../model/site-practices.ts'
import type { Holding } from '../../kinds/rolling/position.ts'
import { mm, newtons } from '../../words/quantities.ts'
import type { ForceOutcome } from './work-out.ts'

// What is said of pressing, tightening and pulling off.

/** How it is pressed, in the order it is done; none where nothing is pressed. */
export function pressSteps(
  { pressN, pressKn, sleeve, housingSleeve, mustHeat }: ForceOutcome,
  drift: DriftPractice = 'mild-steel',
): string[] {
  if (!pressN) return []
  return [
    mustHeat
      ? 'Too large or too tight for a hand press: heat it, or float it on oil. What follows is for a press that is made for it.'
      : `A press of ${pressKn ?? 'more than 1000'} kN: it works at four fifths of what it can, at the most.`,
    `Tube of ${drift === 'brass' ? 'brass' : 'soft mild steel'}, both faces flat and square, ${mm(sleeve.insideMm, 1)} inside and at most ${mm(sleeve.outsideMm, 1)} outside: it stands on the inner ring alone. ${drift === 'brass' ? 'It marks no ring; wash its chips out.' : 'Brass marks nothing either, but its chips stay in the bearing.'}`,
    `Where the outer ring is tight, a tube of ${mm(housingSleeve.insideMm, 1)} to ${mm(housingSleeve.outsideMm, 1)} on it; where both are, a flat plate over both faces.`,
    'Under it: the shaft end on a soft block in line with the ram, or the ring on a ring of the same size; never the outer ring.',
    'Seat oiled, ring square by hand first. Watch the force: a jump means it tilts, a fall means it is slack.',
  ]
}

/** How it comes off again; none where nothing is tight. */
export function offSteps({ offN, puller }: ForceOutcome): string[] {
  if (!offN || !puller) return []
  return [
    `Three arms or a split plate behind the inner ring: opening over ${mm(puller.spreadMm, 0)}, reach over ${mm(puller.reachMm, 0)}, ${
      Number.isFinite(puller.capacityKn) ? `${puller.capacityKn} kN or more` : 'hydraulic, to its maker'
    }.`,
    'A cap over the centre of the shaft end; retighten gently. Nobody in line with the shaft, a cloth or shield over the ring.',
    `It takes up to ${newtons(offN.low)} oiled, and ${newtons(offN.high)} when it is fretted: oil or heat it before you pull harder.`,
  ]
}

/** What tightens the way it is held, where neither standard nor geometry gives a torque. */
export const torqueWords: Record<Holding, string> = {
  nut: 'What pushes the ring home follows from the thread; how tight the nut stays comes from the maker’s table alone.',
  'end-plate': 'Bolts by class and thread, below; the machine’s manual comes first.',
  'eccentric-collar': 'The torque of its set screw stands in the maker’s table alone.',
  'set-screws': 'Typical for cup points, below; the bearing maker’s table comes first.',
  'adapter-sleeve': 'No torque says how far it is driven: clearance or angle of the nut does, on How hot.',
  'withdrawal-sleeve': 'No torque says how far it is driven: clearance does, on How hot.',
  shoulder: 'Nothing is tightened at the ring; the bolts of cover and housing, below.',
  'no-inner-ring': 'Nothing is tightened at the ring; the bolts of cover and housing, below.',
}
