import { givenOf, number, range, text, type Figure } from '../../working/figure.ts'
import { heatingShare } from './heating-time.ts'
import { surfaces } from './surfaces.ts'
import { surfaceWords } from './words.ts'
import type { PadOutcome } from './work-out.ts'
import type { HeatTarget } from '../../model/job.ts'

const degrees = givenOf('temperature')
const minutes = givenOf('minutes')

/** The figures of heating on a pad or plate. */
export function padFigures(outcome: PadOutcome, target: HeatTarget): Record<string, Figure> {
  const { heater, powerW, assumed, time, aimC, shows, windowS, homeS } = outcome
  const { least, most } = heatingShare[heater]
  const share = givenOf('ratio', { decimals: 2 })
  return {
    padTime: {
      label: heater === 'pad' ? 'On the pad, about' : 'On the plate, about',
      symbol: 't',
      quantity: 'minutes',
      value:
        time.lowS === null
          ? text('never hot enough')
          : time.highS === null
            ? text('long, if at all')
            : range(time.lowS / 60, time.highS / 60),
      formula:
        't = \\tau \\ln\\frac{R}{R - (T_{aim} - T_{room})},\\quad R = \\frac{\\eta P}{h A},\\ \\tau = \\frac{m c}{h A}',
      givens: [
        givenOf('mass')('bearing', 'm', target.massKg, 'estimated geometry'),
        givenOf('watts')('power', 'P', powerW, assumed ? 'usual for one' : 'typed'),
        share('share that reaches it, least', '\\eta', least, 'practice'),
        share('share that reaches it, most', '\\eta', most, 'practice'),
        degrees('aim', 'T_{aim}', aimC, 'How hot'),
        degrees('room', 'T_{room}', target.roomC, 'typed'),
        ...(time.turnS === null ? [] : [minutes('turn it over after', '', time.turnS / 60, 'half the shorter time')]),
      ],
      source: 'Lumped heat balance in still air',
      validity: 'A guide for waiting only: the probe on the inner ring says when it is hot.',
      estimate: true,
    },
    padHome: {
      label: 'From heater to seat, at most',
      symbol: 't_{home}',
      quantity: 'minutes',
      value: number(homeS / 60),
      formula: 't_{home} = \\frac{1}{2}\\,\\tau \\ln\\frac{T_{aim} - T_{room}}{T_{slides} - T_{room}}',
      givens: [
        degrees('lifted at', 'T_{aim}', aimC, 'How hot'),
        degrees('seizes below', 'T_{slides}', target.slidesC, 'tightest fit'),
        minutes('until it seizes, in air', '', windowS / 60, 'lumped cooling'),
      ],
      source: 'Lumped cooling in still air; half of it is planned with',
      validity: 'On the shaft it has 3 to 5 seconds to slide home.',
      estimate: true,
    },
    padShows: {
      label: 'Infrared, set to 0.95, at the aim',
      symbol: 'T_{app}',
      quantity: 'temperature',
      value: range(shows.bright.lowC, shows.bright.highC),
      formula: 'T_{app} = \\sqrt[4]{T_{room}^4 + \\frac{\\varepsilon}{0.95}(T^4 - T_{room}^4)}',
      givens: [
        degrees('ring', 'T', aimC, 'How hot'),
        degrees('room', 'T_{room}', target.roomC, 'typed'),
        ...surfaces.map((surface) => ({
          label: surfaceWords[surface],
          symbol: '',
          quantity: 'temperature' as const,
          value: range(shows[surface].lowC, shows[surface].highC),
          from: 'emissivity of the surface',
        })),
      ],
      source: 'Grey body, broad band',
      validity: 'Of bright steel; the other surfaces stand in the working. Kelvin in the formula.',
    },
  }
}
