import { aboveY, belowY, flat, groove, pair, strip, track, zone } from './bases.ts'
import { arrow, body, circle, fill, fine, mark, shade, type Shape } from './shape.ts'

const even = (half: number) => () => half
const wave = (t: number) => 5 * Math.cos(2 * Math.PI * t)
const slant = (t: number) => 13 * (t - 0.5)

/** Running tracks: where the elements ran on both rings. */
export const trackDrawings: Record<string, () => Shape[]> = {
  'track-as-expected': () => pair([track(aboveY, flat, zone(4))], [track(belowY, flat, even(3.5))]),
  'track-tilted-stationary': () => pair([track(aboveY, slant, zone(4, 0.45))], [track(belowY, flat, even(7))]),
  'track-tilted-rotating': () => pair([track(aboveY, flat, zone(7, 0.4))], [track(belowY, wave, even(3.5))]),
  'track-off-centre': () => pair([track(aboveY, () => -5.5, zone(3.5, 0.4))], [track(belowY, () => 5.5, even(3))]),
  'worn-to-one-side': () => [...strip(), shade('M5 16H59V26Q46 22 32 27T5 25Z'), mark('M9 16v7M15 16v9M21 16v9M27 16v10M33 16v9M39 16v7M45 16v7M51 16v8')], // prettier-ignore
  'tracks-offset-opposed': () => [
    body('M5 8h54v20h-54ZM5 37h54v20h-54Z'),
    track(aboveY, () => -5, zone(3.5)),
    track(belowY, () => 5, zone(3.5)),
    mark(arrow(14, 24, 14, 10), arrow(14, 41, 14, 55)),
  ],
  'track-two-opposite': () =>
    pair(
      [track(aboveY, flat, zone(5, 0.16, 0.25)), track(aboveY, flat, zone(5, 0.16, 0.75))],
      [track(belowY, flat, even(3.5))],
    ),
  'track-all-round-stationary': () => pair([track(aboveY, flat, (t) => 5.5 + 1.5 * Math.sin(Math.PI * t))], [track(belowY, flat, even(5.5))]), // prettier-ignore
  'track-spot-rotating': () => pair([track(aboveY, flat, even(3.5))], [track(belowY, flat, zone(5, 0.18))]),
  'track-short-narrow': () => pair([track(aboveY, flat, zone(2.6, 0.12))], [track(belowY, flat, even(1.6))]),
  'track-toward-pull': () => [
    body(circle(28, 32, 24), circle(28, 32, 16)),
    fill('M44 32A16 16 0 0 0 39.3 20.7L42.8 17.2A21 21 0 0 1 42.8 46.8L39.3 43.3A16 16 0 0 0 44 32Z'),
    mark(arrow(44, 32, 62, 32, 5)),
  ],
  'track-on-shoulder': () => [...groove(), body(circle(44, 24, 14)), mark('M38 38A17 15 0 0 0 49 34H57'), fine(arrow(30, 12, 44, 12))],
} // prettier-ignore
