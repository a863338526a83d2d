import { clearanceClasses } from '../bearing-types/index.ts'
import type { PutRight } from '../diagnose/put-right.schema.ts'
import type { RollingPosition } from '../kinds/rolling/position.ts'
import { eatsBearings } from '../fitted/young-deaths.ts'
import { inSentence } from '../model/sentence.ts'
import type { Found, ShaftLine, ShaftSupport } from '../model/shaft-line.ts'
import type { Lens } from '../kinds/rolling/lenses.ts'
import type { Check } from '../working/check.ts'

/** One thing to ask or look at when others have worked on the machine. */
export interface ArrivalQuestion {
  /** Under which its answer is kept. */
  key: string
  /** Position it is about; null for the machine as a whole. */
  position: string | null
  ask: string
  /** Why it matters, and how to look. */
  why: string
  answers: { value: string; label: string }[]
  /** What is measured with it, in mm; null where nothing is. */
  measures: string | null
}

/** What an answer comes to: a check of the machine, and of a position where it is about one. */
export interface ArrivalCheck extends Check {
  question: string
  position: string | null
  /** Lens of the position that it belongs to; null where it is the machine's alone. */
  lens: Lens | null
}

/** A position under the shaft, as far as its papers go. */
export interface ArrivalPosition {
  name: string
  inputs: Pick<RollingPosition, 'bearing' | 'load' | 'diagnose'>
  /** How many of its bearings died young. */
  youngDeaths?: number | undefined
}

type Judged = Omit<ArrivalCheck, 'question' | 'position' | 'key'> | null

/** A kind of question: whom it is put to, and what its answer comes to. */
interface Kind {
  key: string
  ask: (at: string) => string
  why: string
  answers: { value: string; label: string }[]
  measures?: string
  judge: (found: Found, at: Asked) => Judged
}

interface Asked {
  line: ShaftLine
  support: ShaftSupport | null
  inputs: ArrivalPosition['inputs'] | null
}

const check = (lens: Lens | null, verdict: Check['verdict'], reason: string, wayOut: string): Judged => ({
  lens,
  verdict,
  when: 'now',
  reason,
  wayOut,
})
const options = (...pairs: [value: string, label: string][]) => pairs.map(([value, label]) => ({ value, label }))

const ofMachine: Kind[] = [
  {
    key: 'work',
    ask: () => 'Is it known what was done last, and by whom?',
    why: 'What was changed decides what to open. Ask the shift and read the job card before you believe the machine.',
    answers: options(['known', 'known'], ['partly', 'partly'], ['unknown', 'nobody knows']),
    judge: ({ answer }) =>
      answer === 'unknown'
        ? check(null, 'watch', 'Nobody knows what was done last.', 'Take nothing for given: look at every end.')
        : null,
  },
  {
    key: 'grease',
    ask: () => 'Which grease went in?',
    why: 'Two thickeners may run out together as oil. Ask which cartridge, and look at the colour at the relief port.',
    answers: options(['same', 'the same as before'], ['other', 'another one'], ['unknown', 'cannot be told']),
    judge: ({ answer }) =>
      answer === 'other'
        ? check('grease', 'stop', 'Another grease went in on top of the old.', 'Open, wash out, and fill with one grease; until then watch the temperature.') // prettier-ignore
        : answer === 'unknown'
          ? check('grease', 'watch', 'Nobody knows which grease is in it.', 'Ask the store what was drawn; if it stays open, wash out at the next stop.') // prettier-ignore
          : null,
  },
  {
    key: 'push',
    ask: () => 'Locked out, push the shaft both ways: does it move?',
    why: 'A held shaft moves by the play of its bearing, some tenths. A dial gauge on the shaft end shows it.',
    answers: options(
      ['little', 'a little, then it stops'],
      ['far', 'far, until something rubs'],
      ['not', 'not at all'],
    ),
    measures: 'Moves by',
    judge: ({ answer }) =>
      answer === 'far'
        ? check(null, 'stop', 'Nothing holds the shaft along its axis.', 'Find the locating rings or the cover that is missing, before it is aligned.') // prettier-ignore
        : answer === 'not'
          ? check(null, 'watch', 'The shaft has no play along its axis: it may be held at both ends.', 'Look at both ends for locating rings and clamped covers.') // prettier-ignore
          : null,
  },
]

const ofCoupling: Kind = {
  key: 'gap',
  ask: () => 'What is the gap of the coupling, cold?',
  why: 'With both shafts pushed toward each other. Growth closes it from there.',
  answers: options(['even', 'the same all round'], ['uneven', 'wider on one side']),
  measures: 'Gap',
  judge: ({ answer, valueMm }, { line }) => {
    const coupling = line.parts.find((part) => part.kind === 'coupling')
    const least = coupling?.leastGapMm ?? null
    if (valueMm !== null && least !== null && valueMm < least) {
      return check(
        null,
        'stop',
        `The coupling gap is ${inSentence(valueMm, 'length')}, and ${inSentence(least, 'length')} is the least.`,
        'Move one machine away, and align it after that.',
      )
    }
    return answer === 'uneven'
      ? check(null, 'watch', 'The coupling gap is wider on one side.', 'Align it before it runs; look for a soft foot first.') // prettier-ignore
      : null
  },
}

const ofSupport: Kind[] = [
  {
    key: 'rings',
    ask: (at) => `Locating rings beside the bearing at ${at}?`,
    why: 'Cap off, look at both sides of the outer ring. One end has them, the other has none.',
    answers: options(['none', 'none'], ['one', 'on one side'], ['both', 'on both sides']),
    judge: ({ answer }, { support }) => {
      if (!support) return null
      const floats = support.holds === 'none'
      if (answer === 'both' && floats) return heldTwice(support, 'Locating rings stand on both sides')
      if (answer === 'one' && floats) {
        return check('float', 'watch', `A locating ring stands on one side at ${support.position}, the floating end.`, 'Measure the room on its other side, or take it out.') // prettier-ignore
      }
      return answer === 'none' && support.holds === 'both'
        ? check('float', 'watch', `No locating rings at ${support.position}, the end that is to hold.`, 'See whether its cover holds the ring instead; if not, nothing does.') // prettier-ignore
        : null
    },
  },
  {
    key: 'clamped',
    ask: (at) => `Does the cover at ${at} press on the outer ring?`,
    why: 'Measure depth of the bore, height of the ring and length of the spigot, gasket in place.',
    answers: options(['clear', 'it stands clear'], ['presses', 'it presses'], ['unseen', 'not seen']),
    judge: ({ answer }, { support }) =>
      answer === 'presses' && support?.holds === 'none' && support.floatsIn === 'housing'
        ? heldTwice(support, 'The cover presses on the outer ring')
        : null,
  },
  {
    key: 'suffix',
    ask: (at) => `Which clearance is on the bearing at ${at}?`,
    why: 'Read the ring or the box that it came out of; no suffix means normal, CN.',
    answers: options(...clearanceClasses.map((one): [string, string] => [one, one]), ['unread', 'cannot be read']),
    judge: ({ answer }, { support, inputs }) => {
      const called = inputs?.bearing.requiredClearance ?? null
      if (!support || called === null || answer === called) return null
      return answer === 'unread'
        ? check('identify', 'watch', `The clearance of the bearing at ${support.position} cannot be read; ${called} is called for.`, 'Measure it with feelers before it runs hot.') // prettier-ignore
        : check('identify', 'stop', `${answer} stands on the bearing at ${support.position}, and ${called} is called for.`, `Change it for one with ${called}.`) // prettier-ignore
    },
  },
]

/** A bearing that carries thrust one way only has a right way round. */
const ofPair: Kind = {
  key: 'way',
  ask: (at) => `Which way round was the bearing at ${at} assembled?`,
  why: 'The broad shoulder of the outer ring takes the thrust. Two of them stand against each other.',
  answers: options(['right', 'as drawn'], ['wrong', 'the other way'], ['unseen', 'not seen']),
  judge: ({ answer }, { support }) =>
    answer === 'wrong' && support
      ? check('float', 'stop', `The bearing at ${support.position} stands the wrong way round: it carries no thrust.`, 'Take it off and turn it round; look at its shoulders for marks.') // prettier-ignore
      : null,
}

const heldTwice = ({ position }: ShaftSupport, what: string): Judged =>
  check(
    'float',
    'stop',
    `${what} at ${position}, which is to float: the shaft cannot grow.`,
    'Free this end before the machine is balanced, aligned or run hot.',
  )

/** What a bearing that came out showed, and somebody wants to know put right. */
const ofRemedy = ({ cause, does }: PutRight): Kind => ({
  key: `put-right-${cause}`,
  ask: (at) => `At ${at}: was this done? ${does}`,
  why: 'The bearing before showed why. What is not put right takes the next one too.',
  answers: options(['done', 'done'], ['not', 'not done'], ['unknown', 'nobody knows']),
  judge: ({ answer }, { support }) =>
    answer === 'not' && support
      ? check('diagnose', 'watch', `What took the last bearing at ${support.position} is not put right.`, does)
      : null,
})

/** Where one bearing after the other died young, whether anybody found out why. */
const ofEater = (count: number): Kind => ({
  key: 'young-deaths',
  ask: (at) => `${count} bearings died young at ${at}: is it known why?`,
  why: 'Their stories stand in the log, what each showed in its finding. Mounting, fit, clearance, room to grow, handling and the first fill come first.', // prettier-ignore
  answers: options(['right', 'known, and put right'], ['not', 'known, not put right'], ['unknown', 'nobody knows']),
  judge: ({ answer }, { support }) =>
    answer === 'not' && support
      ? check('diagnose', 'watch', `What takes the bearings at ${support.position} is known and not put right.`, 'Put it right before another one goes in.') // prettier-ignore
      : null,
})

/** The questions with what they are put to, machine first, then position by position. */
function asked(line: ShaftLine, positions: readonly ArrivalPosition[]): { kind: Kind; key: string; at: Asked }[] {
  const whole: Asked = { line, support: null, inputs: null }
  const machine = [...ofMachine, ...(line.parts.some(({ kind }) => kind === 'coupling') ? [ofCoupling] : [])]
  return [
    ...machine.map((kind) => ({ kind, key: kind.key, at: whole })),
    ...line.supports.flatMap((support) => {
      const found = positions.find(({ name }) => name === support.position)
      const { inputs = null, youngDeaths = 0 } = found ?? {}
      const paired = inputs !== null && inputs.load.arrangement !== 'single'
      const remedies = (inputs?.diagnose.putRight ?? []).filter(({ as }) => as === 'question').map(ofRemedy)
      const eaten = eatsBearings({ youngDeaths }) ? [ofEater(youngDeaths)] : []
      return [...eaten, ...ofSupport, ...(paired ? [ofPair] : []), ...remedies].map((kind) => ({
        kind,
        key: `${kind.key}:${support.position}`,
        at: { line, support, inputs },
      }))
    }),
  ]
}

/** What to ask and look at when somebody else has worked on the machine, before it is balanced or aligned. */
export function arrivalQuestions(line: ShaftLine, positions: readonly ArrivalPosition[]): ArrivalQuestion[] {
  return asked(line, positions).map(({ kind, key, at: { support } }) => ({
    key,
    position: support?.position ?? null,
    ask: kind.ask(support?.position ?? ''),
    why: kind.why,
    answers: kind.answers,
    measures: kind.measures ?? null,
  }))
}

/** What the answers come to, stop and watch; nothing for what is right or not answered yet. */
export function arrivalChecks(line: ShaftLine, positions: readonly ArrivalPosition[]): ArrivalCheck[] {
  return asked(line, positions).flatMap(({ kind, key, at }) => {
    const found = line.arrival[key]
    const judged = found ? kind.judge(found, at) : null
    return judged ? [{ ...judged, key: `arrival-${key}`, question: key, position: at.support?.position ?? null }] : []
  })
}
