import type { Holding, RollingPosition } from '../../../kinds/rolling/position.ts'
import { frost, hotRing, implants, oilPressure as oilInjection, siteFirst } from '../../../mount/cautions.ts'
import type { Procedure } from '../../step.ts'

export const arrival: Procedure = {
  does: [
    'Ask who worked on it last and what was changed; go through the arrival list of the machine.',
    'Push the shaft both ways and write down how far it moves.',
  ],
  cautions: [],
}

export const evidence: Procedure = {
  does: [
    'Mark cap and base, ring and housing: twelve o’clock and the drive side on both.',
    'Photograph it as it stands: grease, colour, rings, cover, shims.',
    'Keep some of the grease in a bag. Wash nothing that is to be examined.',
  ],
  cautions: [],
}

const pullers = `Pullers let go without warning: guard it, stand beside it, eye protection on. ${siteFirst}`
const oilPressure = `${oilInjection} ${siteFirst}`

/** How a bearing comes off, by what holds it. */
export function takeOff(holding: Holding, tapered: boolean): Procedure {
  const keep =
    'If it is to be examined, pull on the tight ring only, and keep it as it came off, unwashed, in a marked bag.'
  switch (holding) {
    case 'adapter-sleeve':
      return {
        does: ['Bend the tab back and turn the nut some turns back, not off.', 'Tap the sleeve loose through the nut with a tube on its whole face.', keep], // prettier-ignore
        cautions: [pullers],
      }
    case 'withdrawal-sleeve':
      return {
        does: [
          'Lock washer off, holding nut off.',
          'Screw the withdrawal nut on and pull the sleeve, or inject oil.',
          keep,
        ],
        cautions: [oilPressure],
      }
    case 'eccentric-collar':
      return {
        does: ['Set screw out.', 'Knock the collar loose against the direction it turns.', 'Clean and dress the shaft before it is drawn over it.', keep], // prettier-ignore
        cautions: [pullers],
      }
    case 'set-screws':
      return {
        does: ['Both set screws out; dress the marks they left on the shaft.', 'Draw it off square.', keep],
        cautions: [pullers],
      }
    case 'no-inner-ring':
      return {
        does: ['Draw the outer ring with its rollers from the housing by the ring.', 'Look at the raceway on the shaft.', keep], // prettier-ignore
        cautions: [pullers],
      }
    case 'nut':
    case 'end-plate':
    case 'shoulder':
      return {
        does: [
          holding === 'nut' ? 'Bend the tab back, nut and washer off.' : holding === 'end-plate' ? 'Lock plate and bolts off, end plate off.' : 'Circlip or spacer off.', // prettier-ignore
          tapered ? 'Leave the nut some turns on and inject oil until it jumps loose.' : 'Pull on the tight ring, square, shaft end protected; retighten gently.', // prettier-ignore
          keep,
        ],
        cautions: [tapered ? oilPressure : pullers],
      }
    default:
      return holding satisfies never
  }
}

export const hotMount: Procedure = {
  does: [
    'Wipe and oil the seat; rehearse the way; nut and spacer to hand.',
    'Probe on the face of the inner ring. Contact, not infrared: bright steel reads far too cold.',
    'Lift square and slide home in one move; a quarter turn if it hesitates.',
    'Hold it against the shoulder until it grips, and again when it has cooled: it shrinks away.',
    'Stopped short: do not hammer. Pull it off at once, cool, look, reheat.',
  ],
  cautions: [`${hotRing} ${siteFirst}`, implants],
}

export const chilledShaftMount: Procedure = {
  does: [
    'Shaft end into dry ice until the boiling stops; wipe the frost off just before the ring goes on.',
    ...hotMount.does,
  ],
  cautions: [...hotMount.cautions, ...frost],
}

export const handMount: Procedure = {
  does: [
    'Wipe and oil the seat. Start square.',
    'Push it on by hand, or tap it with a tube on the whole face of the ring; it goes without force.',
    'It hesitates: take it off and look for a burr, dirt or a wrong size. Never drive it.',
  ],
  cautions: [`Never strike a ring, never push through the rolling elements. ${siteFirst}`],
}

export const oilMount: Procedure = {
  does: [
    'Ducts and threads clean; stop nut on, with room for the ring to jump.',
    'Heat the ring as far as its limit allows, then float it on oil with the pressure the machine’s maker gives.',
    'Let the oil out and wait until it has drained before the ring is loaded.',
  ],
  cautions: [oilPressure],
}

export const overRacewayMount: Procedure = {
  does: [
    'Raceway on the shaft wiped, oiled and without a spot.',
    'Outer ring with its rollers into the housing by the ring; rollers held by grease.',
    'Turn the shaft as it goes in: nothing is pushed over a roller.',
  ],
  cautions: [`Never push through the rollers. ${siteFirst}`],
}

/** Where no way of mounting is known, the person who decides is asked first. */
export const askFirst: Procedure = {
  does: [
    'No way of mounting is known for this ring: do not heat, press or drive it by guess.',
    'Give Seat and Mount what they still need, or ask the responsible person and the machine’s maker.',
  ],
  cautions: [`A ring that is forced splinters or comes loose. ${siteFirst}`],
}

export const coldMount: Procedure = {
  does: [
    'Wipe and oil the seat. Start square.',
    'Push on the ring that is tight, a tube on its whole face; never through the rolling elements.',
    'Watch the force: a jump means it tilts, a fall means it is slack.',
  ],
  cautions: [`Presses and drifts: eye protection on, stand beside it, never strike a ring. ${siteFirst}`],
}

export const driveUpMount: Procedure = {
  does: [
    'Wipe shaft, sleeve and bore. Turn the inner ring a few times so that the rollers centre.',
    'Measure the clearance over the unloaded roller, both rows, with the thinnest leaf that slides.',
    'Drive up in steps and measure again after each; stop at the target or at the least that may be left.',
  ],
  cautions: [`Hydraulic nuts and oil injection: nobody in line with the shaft. ${siteFirst}`],
}

/** How the ring is locked, step by step. */
export const lock: Record<Holding, string[]> = {
  nut: [
    'New washer, its tongue in the groove. Oil thread and nut face, chamfer to the bearing.',
    'Tighten with the right spanner, not a chisel. No tab lines up: tighten on, never back.',
    'Bend one tab fully into its slot; see that nothing rubs on the housing.',
  ],
  'end-plate': [
    'The plate must clamp the ring, not the shaft: at least 0.2 mm between plate and shaft end before tightening.',
    'Bolts tightened diagonally in stages to the maker’s torque; lock plate or threadlock.',
  ],
  'eccentric-collar': [
    'Housing bolts first. Collar on the ring, turned by hand the way the shaft turns.',
    'Drive it with a punch in the blind hole until it locks, then the set screw to torque. Not for a shaft that reverses.',
  ],
  'set-screws': [
    'Snug both screws, then torque them in turns to the maker’s table.',
    'Check them again after the first hours.',
  ],
  'adapter-sleeve': [
    'Washer on, one tab bent into the nut; tongue not sheared.',
    'Friction alone holds the sleeve: a heavy axial load needs a shoulder or stop ring.',
  ],
  'withdrawal-sleeve': ['End plate or nut holds the sleeve in; lock it.'],
  shoulder: ['Circlip fully in its groove, or spacer tight against the ring.'],
  'no-inner-ring': [
    'Raceway on the shaft smooth, hard and without a spot; lead-in chamfer clean.',
    'Outer ring fixed axially in its housing.',
  ],
}

/** How the housing is closed. */
export const closing: Record<NonNullable<RollingPosition['mount']['housing']>, string[]> = {
  solid: ['Cover on with its gasket: it must hold the ring or stand clear of it, as this end asks.'],
  split: [
    'The cap belongs to this base: marks together, dowels in, no shim in the joint.',
    'Tighten the bolts diagonally in stages, to torque, then turn the shaft: it must be free.',
  ],
  flanged: ['Face flat and bare, bolts tightened diagonally in stages, to torque.'],
  'take-up': ['Free to slide while it is tensioned; both sides alike; then locked.'],
}

export const seals = 'Seals: lip toward what is kept out, grease between the lips, no mark on the shaft under them.'
