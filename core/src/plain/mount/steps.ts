import { siteFirst } from '../../mount/cautions.ts'
import type { PlainPosition } from '../../kinds/plain/position.ts'
import { inSentence } from '../../model/sentence.ts'
import { kelvin, mm, newtons, um } from '../../words/quantities.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import type { SeatOutcome } from '../seat/work-out.ts'
import type { MountOutcome } from './work-out.ts'

/** A step of mounting: the same on the bench and in a job. */
export interface PlainStep {
  stage: 'take-out' | 'clean' | 'journal' | 'put-in' | 'finish' | 'blue' | 'close' | 'oil'
  title: string
  does: string[]
  cautions: string[]
}

interface Worked {
  carry: CarryOutcome
  seat: SeatOutcome
  mount: MountOutcome
}

const lifted = `Nobody puts a hand between journal and shell: the shaft is held by blocks or slings made for it. ${siteFirst}`
const cold = `Dry ice and nitrogen: gloves, goggles and air; ${siteFirst.charAt(0).toLowerCase()}${siteFirst.slice(1)}`
const pressed = `Press and puller: nobody in line with the ram, guard down, bush square. ${siteFirst}`
const dust = 'Bronze with lead is not ground or sanded dry; hands washed before eating.'
const fumes = 'A burnt PTFE lining gives off harmful fumes: no flame near it.'

/** How the bearing comes out, goes in, is finished and closed. */
export function plainSteps(position: PlainPosition, worked: Worked): PlainStep[] {
  const split = position.bearing.form === 'split'
  return [
    takeOut(position, split),
    clean(position, split),
    journal(worked),
    split ? layIn(worked) : putIn(position, worked),
    ...finish(position, worked, split),
    ...(position.oil.lubrication === 'oil-fed' || split ? [blue] : []),
    close(position, worked, split),
    oilIn(position),
  ]
}

const takeOut = ({ oil, bearing }: PlainPosition, split: boolean): PlainStep => ({
  stage: 'take-out',
  title: 'Take it out',
  does: [
    ...(oil.lubrication === 'oil-fed' ? ['Drain the oil into a clean pan and look at it: glitter, colour, water.'] : []),
    ...(split
      ? [
          'Mark cap and shells: place, side, which way round. Nothing of them is changed for another.',
          'Cap off; oil ring opened or slid aside; lift the shaft just free, and roll the lower shell out over it.',
        ]
      : [
          'Shaft out, or clear of the bush. Pin, screw or flange bolts out first.',
          'Press the bush out the way it went in; a stubborn one is split along its length with a narrow saw, short of the housing.',
        ]),
    'Keep it as it came out, with its place marked, until Diagnose has seen it.',
  ],
  cautions: [split ? lifted : pressed, ...(bearing.material === 'ptfe-lined' || bearing.form === 'lined' ? [fumes] : [])],
}) // prettier-ignore

const clean = ({ seat, bearing }: PlainPosition, split: boolean): PlainStep => ({
  stage: 'clean',
  title: 'Clean and gauge the housing',
  does: [
    'Bore, oil holes and drain clean to the metal; burrs off, edges broken.',
    split
      ? 'Look at the seat for fretting; joint faces flat, no paint, no sealing compound inside the bolts.'
      : `Gauge the housing bore at both ends, two ways each${seat.housingBoreMm === null ? '' : `; on the bench stands ${mm(seat.housingBoreMm, 3)}`}.`,
    ...(bearing.groove === 'none' ? [] : ['Line up oil hole and feed before it goes in: it cannot be turned after.']),
  ],
  cautions: ['Solvent: no flame, good air, gloves and goggles.'],
})

const journal = ({ seat }: Worked): PlainStep => ({
  stage: 'journal',
  title: 'Gauge the journal',
  does: [
    'Three places along it, two ways each: round and straight within a tenth of the clearance.',
    `Finish to Ra ${seat.finishUm} µm at least, no step or score a nail catches${seat.hardnessHb === null ? '' : `; hardness from ${seat.hardnessHb} HB`}.`,
  ],
  cautions: [],
})

function putIn({ bearing }: PlainPosition, { mount, seat }: Worked): PlainStep {
  const closes = seat.closingMm === null ? [] : [`Its bore will close by about ${um(1000 * seat.closingMm)}.`]
  const slides = mount.slidesK === null ? [] : [`It slides in at about ${kelvin(mount.slidesK)} below its housing.`]
  const ways: Record<NonNullable<MountOutcome['way']>, string[]> = {
    pressed: [
      'Outside oiled, chamfer first, square by hand; a stepped mandrel through its bore, or a flat plate over its whole face.',
      ...(mount.pressN ? [`It takes ${newtons(mount.pressN.low)} to ${newtons(mount.pressN.high)}. A jump means it tilts, a fall means it is slack.`] : []),
      ...slides,
    ],
    chilled: [
      'Too large or too tight to press: chill the bush, wipe the frost off, and slide it home in one go; hold it until it is tight.',
      ...slides,
    ],
    'warm-housing': ['It is brittle: warm the housing and slide it in. Never drive it, never press it on one side.', ...slides],
    'laid-in': [],
  }
  return {
    stage: 'put-in',
    title: 'Press it in',
    does: [
      ...ways[mount.way ?? 'pressed'],
      ...(bearing.form === 'flanged' ? ['Flange home all round: no feeler of 0.05 mm goes under it.'] : []),
      ...closes,
    ],
    cautions: [mount.way === 'chilled' ? cold : pressed],
  }
} // prettier-ignore

const layIn = ({ seat }: Worked): PlainStep => ({
  stage: 'put-in',
  title: 'Lay the shells in',
  does: [
    'Back and seat dry and clean; each shell bears on its whole back. Locating lug in its notch.',
    ...(seat.crush ? [`Shells that the cap holds stand proud by ${mm(seat.crush.lowMm)} to ${mm(seat.crush.highMm)} at one joint, the other pressed flush; pinned ones may have none.`] : []),
    'Roll the lower shell in over the oiled journal; shaft down on it, by its own weight.',
  ],
  cautions: [lifted],
}) // prettier-ignore

function finish({ bearing, oil }: PlainPosition, { seat }: Worked, split: boolean): PlainStep[] {
  const size = seat.boreAfterMm === null ? '' : ` to ${mm(seat.boreAfterMm, 3)}`
  const kind = seat.sized?.value?.finish ?? 'bore'
  const cut = {
    ream: [
      `Gauge the bore in place, then ream${size}, H7: sharp reamer, piloted by the other bearing, oil, one light last cut.`,
    ],
    bore: [`Gauge the bore in place, then bore${size}, H7, in line with the other bearing.`],
    'as-fitted': [
      'It is not cut: reaming closes the pores or goes through the lining. Gauge it in place; where it is too small, another one.',
    ],
  }[kind]
  return [
    {
      stage: 'finish',
      title: split ? 'Scrape it' : 'Finish the bore',
      does: [
        ...(split ? [`Scrape the lower shell to the journal, then the clearance${size}; never emery on white metal: its grains stay.`] : cut),
        ...(oil.lubrication === 'oil-fed' ? ['Edges of groove and joint rounded off, so that oil is drawn in; groove short of the ends.'] : []),
        ...(bearing.material === 'sintered-bronze' || bearing.form === 'sintered' ? ['Soak it in warm oil, {80 °C}, until no bubbles rise.'] : []),
        'Chips out of every hole; wash, blow from inside, wipe with a cloth that leaves no lint.',
      ],
      cautions: [dust],
    },
  ] // prettier-ignore
}

const blue: PlainStep = {
  stage: 'blue',
  title: 'Blue it',
  does: [
    'A breath of blue on the journal; turn it a few degrees both ways under its own weight, and look at the bearing.',
    'Wanted: spots on three quarters of the loaded face, evenly to both ends, over 60° to 120° of the round.',
    'Ends only: it is not aligned. A line in the middle: scrape high spots and blue again.',
  ],
  cautions: [],
}

const close = ({ mount, oil }: PlainPosition, worked: Worked, split: boolean): PlainStep => ({
  stage: 'close',
  title: split ? 'Close it on the strip' : 'Measure its clearance',
  does: [
    ...(split
      ? [
          mount.strip === 'lead'
            ? 'Lead wire along the top of the journal and in the joint; its thickness by micrometer is the clearance.'
            : mount.strip === 'plastic'
              ? 'Plastic strip along the top of the journal at both ends; do not turn the shaft. Its width against the printed scale is the clearance.'
              : 'Feeler over the top of the journal at both ends.',
          'Cap on, bolts crosswise in three steps to their torque; off again, and read.',
        ]
      : ['Bore gauge against micrometer, or a feeler over the journal, both ends.']),
    ...(worked.mount.wanted ? [`Wanted are ${inSentence(1000 * worked.mount.wanted.lowMm, 'deviation')} to ${inSentence(1000 * worked.mount.wanted.highMm, 'deviation')}, both ends alike.`] : []),
    ...(oil.lubrication === 'oil-fed' && oil.supply === 'ring' ? ['Oil ring closed, its screws locked; it hangs free and turns by a finger while the shaft stands.'] : []),
    'Last: turn the shaft by hand, all the way round.',
  ],
  cautions: [split ? lifted : `Lock-out stays on until the guards are back. ${siteFirst}`],
}) // prettier-ignore

const oilIn = ({ oil, bearing }: PlainPosition): PlainStep => ({
  stage: 'oil',
  title: oil.lubrication === 'oil-fed' ? 'Fill the oil' : oil.lubrication === 'grease' ? 'Grease it' : 'Leave it dry',
  does:
    oil.lubrication === 'oil-fed'
      ? [
          'Journal and shell oiled by hand first: the first turns run on that.',
          'Oil by its grade, through a filter, to the mark; look at it again after ten minutes of running.',
          ...(bearing.material === 'white-metal'
            ? ['First hour: watch the metal; it may rise and settle, never climb on.']
            : []),
        ]
      : oil.lubrication === 'grease'
        ? ['Grease until it comes at both ends; grooves full before the shaft goes in.']
        : ['No oil, no grease: either spoils a bearing that is made to run dry. Journal wiped clean.'],
  cautions: [],
})
