import type { PlainRule } from './compare.ts'

/** Why a rule speaks for plain or for rolling, to follow its points. */
export const ruleWords = (rule: PlainRule, points: number): string => said[rule](points)

const said: Record<PlainRule, (points: number) => string> = {
  stock: () => 'a rolling bearing is a standard part with a known life and no running-in',
  speed: (points) => (points > 0 ? 'an oil film knows no limit of speed' : 'a bush without a film burns at this speed'),
  'boundary-duty': () => 'pressure times speed is over what a bush without a film bears for long',
  'slow-heavy': () => 'slow and heavy: rolling contacts would have to be very large',
  swing: () => 'it swings, which wears pits into raceways',
  shock: () => 'a shell takes blows on its whole area',
  space: () => 'a bush has a wall of a few millimetres',
  noise: () => 'a plain bearing is quieter',
  starts: () => 'every start wears the shell before the film carries',
  dirt: () => 'a soft, cheap bush takes the grains in and is replaced',
  wet: () => 'water washes grease out of raceways; some bushes run in it',
  growth: () => 'the shaft slides freely through a plain bearing',
  split: () => 'half shells go in over the shaft',
  friction: () => 'it must start easily, and a shell starts with a hundred times the friction',
  axial: () => 'a bush needs a thrust face of its own for the axial load',
  failure: (points) =>
    points > 0 ? 'a film does not tire, and its temperature warns' : 'a bush without a film wears unseen',
}
