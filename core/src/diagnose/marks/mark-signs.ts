import { loadAtDeg, rings, type PaintedMark, type RingName } from '../../model/painted.ts'
import type { Raceway } from './raceways.ts'

/** A sign that was painted, and where it stands in words. */
export interface PaintedSign {
  sign: string
  where: string
}

/** Marks whose distances are so near a whole number of pitches stand at the pitch. */
const pitchTolerance = 0.12
/** Fewer than so many at the pitch may be chance. */
const leastAtPitch = 3
/** A mark longer than this many pitches is not one of a row. */
const longestAtPitch = 0.6
/** Part of a ring that is all round, and part of its width that is all across. */
const [allRound, allAcross] = [0.9, 0.7]
/** Beyond this a mark lies toward one edge. */
const edgeFrom = 0.12
/** Half of the arc about the load that a bearing with some clearance is loaded in, degrees. */
const loadedHalfDeg = 75
/** A dent this near before a spall may have begun it, degrees. */
const behindDeg = 12

const middleDeg = ({ fromDeg, lengthDeg }: PaintedMark): number => (fromDeg + lengthDeg / 2) % 360
const apartDeg = (a: number, b: number): number => Math.abs(((a - b + 540) % 360) - 180)
const middleAcross = ({ low, high }: PaintedMark): number => (low + high) / 2

/** Marks of one kind that stand in a row at the spacing of the rolling elements. */
export function atPitch(marks: readonly PaintedMark[], pitchDeg: number): PaintedMark[] {
  const short = marks.filter(({ lengthDeg }) => lengthDeg <= longestAtPitch * pitchDeg)
  const inRow = short.map((first) =>
    short.filter((one) => {
      const pitches = ((middleDeg(one) - middleDeg(first) + 360) % 360) / pitchDeg
      return Math.abs(pitches - Math.round(pitches)) <= pitchTolerance
    }),
  )
  const longest = inRow.reduce<PaintedMark[]>((most, row) => (row.length > most.length ? row : most), [])
  return longest.length >= leastAtPitch ? longest : []
}

/**
 * The signs that painted marks are, by what they are and where they stand: at the spacing of the elements, at the load, at one
 * edge, all round.
 *
 * @param raceways - of the bearing that was painted
 * @returns each sign once, in the order of what was painted
 */
export function signsOfMarks(marks: readonly PaintedMark[], raceways: readonly Raceway[]): PaintedSign[] {
  const signs: PaintedSign[] = []
  const add = (sign: string, where: string) => {
    if (!signs.some((one) => one.sign === sign)) signs.push({ sign, where })
  }
  for (const ring of rings) {
    const raceway = raceways.find((one) => one.ring === ring)
    if (!raceway) continue
    const on = marks.filter((mark) => mark.ring === ring)
    const where = `on the ${ring} ring`
    for (const [sign, place] of [
      ...ofRaceway(
        on.filter(({ surface }) => surface === 'raceway'),
        raceway,
      ),
      ...ofRib(on.filter(({ surface }) => surface === 'rib')),
      ...ofSeat(
        on.filter(({ surface }) => surface === 'seat'),
        ring,
      ),
    ])
      add(sign, place ? `${where}, ${place}` : where)
  }
  const spalled = marks.filter(({ kind, surface }) => kind === 'spalling' && surface === 'raceway')
  if (rings.every((ring) => spalled.some((mark) => mark.ring === ring && isWide(mark) && isRound(mark))))
    add('spall-full-width-all', 'on both rings, all round')
  return signs
}

type Told = [sign: string, place: string]

const isWide = ({ low, high }: PaintedMark): boolean => high - low >= allAcross
const isRound = ({ lengthDeg }: PaintedMark): boolean => lengthDeg >= 360 * allRound
const atEdge = (mark: PaintedMark): boolean => !isWide(mark) && Math.abs(middleAcross(mark)) >= edgeFrom

function ofRaceway(marks: readonly PaintedMark[], raceway: Raceway): Told[] {
  const of = (kind: PaintedMark['kind']) => marks.filter((mark) => mark.kind === kind)
  const [spalls, dents, etched] = [of('spalling'), of('dents'), of('etching')]
  const [spallRow, dentRow, etchRow] = [spalls, dents, etched].map((row) => atPitch(row, raceway.pitchDeg))
  const told: Told[] = []
  // Tint and etching are no mark that somebody would point at as damage to a raceway.
  if (marks.some(({ kind }) => kind !== 'heat-tint')) told.push([`at-${raceway.ring}-raceway`, ''])
  if (spallRow?.length) told.push(['line-spalls-at-pitch', 'at the spacing of the elements'])
  else if (spalls.length) told.push(...ofSpalls(spalls, dents, raceway))
  if (dentRow?.length) {
    told.push(['dents-at-pitch', 'at the spacing of the elements'])
    if (dentRow.every(atEdge)) told.push(['dents-toward-shoulder', 'toward one shoulder'])
  } else if (dents.length) told.push(['dents-random', ''])
  if (etchRow?.length) told.push(['etched-lines-at-pitch', 'at the spacing of the elements'])
  // Etching without the spacing of the elements is water all the same.
  else if (etched.length) told.push(['rust', ''])
  if (of('rust').length) told.push(['rust', ''])
  if (of('flutes').length) told.push(['fluting', ''])
  if (of('heat-tint').length) told.push(['heat-tint', ''])
  if (of('scoring').length) told.push(['smearing', ''])
  return told
}

function ofSpalls(spalls: readonly PaintedMark[], dents: readonly PaintedMark[], { turns }: Raceway): Told[] {
  const behind = spalls.some((spall) =>
    dents.some((dent) => apartDeg(middleDeg(dent), middleDeg(spall)) <= behindDeg + spall.lengthDeg / 2),
  )
  if (behind) return [['spall-behind-dent', 'beside a dent']]
  const [first, ...rest] = spalls.map(middleAcross)
  const oneEdge = spalls.every(atEdge) && rest.every((u) => Math.sign(u) === Math.sign(first ?? 0))
  if (oneEdge) return [['spall-one-edge', 'at one edge']]
  const loaded = spalls.every((spall) => apartDeg(middleDeg(spall), loadAtDeg) <= loadedHalfDeg && !isRound(spall))
  return !turns && loaded ? [['spall-load-zone', 'at the load']] : []
}

const ofRib = (marks: readonly PaintedMark[]): Told[] => {
  const told: Told[] = []
  if (marks.length) told.push(['at-rib-or-roller-ends', 'on the rib'])
  if (marks.some(({ kind }) => kind === 'scoring')) told.push(['rib-scoring', 'on the rib'])
  if (marks.some(({ kind }) => kind === 'heat-tint')) told.push(['heat-tint', 'on the rib'])
  return told
}

const ofSeat = (marks: readonly PaintedMark[], ring: RingName): Told[] => {
  const seat = ring === 'inner' ? 'bore' : 'outside'
  const told: Told[] = []
  if (marks.length) told.push([`at-${seat}`, 'on its seat'])
  if (marks.some(({ kind }) => kind === 'creep')) told.push([`creep-${seat}`, 'on its seat'])
  if (marks.some(({ kind }) => kind === 'rust')) told.push([`fretting-${seat}`, 'on its seat'])
  if (marks.some(({ kind }) => kind === 'heat-tint')) told.push(['heat-tint-faces', 'on its seat'])
  return told
}
