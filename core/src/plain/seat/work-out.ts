import { attempt, type Outcome } from '../../errors/input-error.ts'
import { parseInput } from '../../errors/parse-input.ts'
import type { PlainPosition } from '../../kinds/plain/position.ts'
import { materialOf } from '../../model/materials.ts'
import { pressedRing } from '../../seat/pressed-ring.ts'
import { bush, BushInput, type SizedBush } from '../bush.ts'
import type { CarryOutcome } from '../carry/work-out.ts'
import { bushMaterialOf } from '../bush-materials.ts'
import type { IdentifyOutcome } from '../identify/work-out.ts'
import type { PlainMaterial } from '../../kinds/plain/choices.ts'

/** A bush in its housing: as practice has it, and as gauged. */
export interface SeatOutcome {
  sized: Outcome<SizedBush | null> | null
  /** Of its own sizes, where they were gauged: interference, pressure in the joint and closing-in, mm and MPa. */
  gauged: { interferenceMm: number; pressureMPa: number; closingMm: number; freeBoreMm: number | null; fittedMm: number | null } | null
  /** Bore to have in place, and before it goes in, mm. */
  boreAfterMm: number | null
  boreBeforeMm: number | null
  closingMm: number | null
  /** Crush of half shells: pressure on their back at what was measured, and what is wanted, mm. */
  crush: { lowMm: number; highMm: number; pressureMPa: number | null } | null
  finishUm: number
  hardnessHb: number | null
} // prettier-ignore

/** Journal finish for oil, and for grease and dry, µm Ra. @see sleeve.md, practice */
const [oiledRaUm, greasedRaUm] = [0.4, 0.8]
/** Pressure on the back of a half shell that is held fast and not bent, MPa. @see practice */
const shellPressureMPa = { low: 3, high: 10 } as const

/** What the bush is pressed into, what that leaves of its bore, and what runs in it. */
export function workOutSeat(position: PlainPosition, identify: IdentifyOutcome, carry: CarryOutcome): SeatOutcome {
  const { seat, oil, bearing } = position
  const { sizes, name } = identify
  const sized =
    sizes && name && oil.lubrication !== null && bearing.form !== 'split'
      ? attempt(() => sizedBush(position, sizes, name))
      : null
  const gauged = sizes && name && bearing.form !== 'split' ? gaugedFit(position, sizes, name, sized?.value ?? null) : null
  const clearanceMm = carry.clearance?.newMm ?? null
  const boreAfterMm = sizes && clearanceMm !== null ? sizes.journalMm + clearanceMm : null
  const closingMm = gauged?.closingMm ?? sized?.value?.closingInMm ?? null
  return {
    sized,
    gauged,
    boreAfterMm,
    closingMm,
    boreBeforeMm: boreAfterMm !== null && closingMm !== null ? boreAfterMm + closingMm : null,
    crush: bearing.form === 'split' && sizes && name ? crushOf(sizes, name, seat) : null,
    finishUm: oil.lubrication === 'oil-fed' ? oiledRaUm : greasedRaUm,
    hardnessHb: name ? bushMaterialOf(name).shaftHardnessHb : null,
  }
} // prettier-ignore

type Sizes = NonNullable<IdentifyOutcome['sizes']>

/** The bush that practice makes for this journal; its load does not matter to its sizes. */
function sizedBush({ seat, oil, load }: PlainPosition, { journalMm, lengthMm }: Sizes, material: PlainMaterial): SizedBush | null {
  return bush(
    parseInput(BushInput, {
      journalDiameterMm: journalMm,
      lengthMm,
      loadN: load.radialN !== null && load.radialN > 0 ? load.radialN : 1,
      speedRpm: load.speedRpm ?? 0,
      lubrication: oil.lubrication,
      loadRotates: load.turning === 'turns',
      housingMaterial: seat.housingMaterial,
      housingOdMm: seat.housingOdMm ?? 0,
      material,
    }),
  ).bush
} // prettier-ignore

/** Outside of a housing round what sits in it, mm; one that is no larger, or not measured, is a thick block. */
const outsideOver = (odMm: number, { housingOdMm }: PlainPosition['seat']): number =>
  housingOdMm !== null && housingOdMm > odMm ? housingOdMm : 0

/** What was gauged, as far as it was: the fit of the bush itself in its own housing. */
function gaugedFit({ seat }: PlainPosition, { journalMm, odMm }: Sizes, name: PlainMaterial, sized: SizedBush | null): SeatOutcome['gauged'] {
  const { housingBoreMm, bushOdMm, freeBoreMm, fittedBoreMm } = seat
  if (housingBoreMm === null || bushOdMm === null) return fittedBoreMm === null || !sized ? null : { interferenceMm: sized.interferenceMm, pressureMPa: sized.fitPressureMPa, closingMm: sized.closingInMm, freeBoreMm, fittedMm: fittedBoreMm }
  const interferenceMm = bushOdMm - housingBoreMm
  const insideMm = Math.min(freeBoreMm ?? journalMm, 0.98 * Math.min(bushOdMm, odMm))
  const fit = interferenceMm > 0
    ? pressedRing({ insideMm, outsideMm: bushOdMm, ring: bushMaterialOf(name), housing: materialOf(seat.housingMaterial), housingOutsideMm: outsideOver(bushOdMm, seat) }, interferenceMm)
    : { pressureMPa: 0, closingMm: 0 }
  return { interferenceMm, ...fit, freeBoreMm, fittedMm: fittedBoreMm }
} // prettier-ignore

/** A half shell that stands proud by `a` is, closed, a ring tight by 2a/π on the diameter. */
function crushOf({ journalMm, odMm }: Sizes, name: PlainMaterial, seat: PlainPosition['seat']): SeatOutcome['crush'] {
  const tight = (standsMm: number) =>
    pressedRing(
      { insideMm: journalMm, outsideMm: odMm, ring: bushMaterialOf(name), housing: materialOf(seat.housingMaterial), housingOutsideMm: outsideOver(odMm, seat) },
      (2 * standsMm) / Math.PI,
    ).pressureMPa
  const perMm = tight(1)
  return {
    lowMm: shellPressureMPa.low / perMm,
    highMm: shellPressureMPa.high / perMm,
    pressureMPa: seat.crushMm === null ? null : seat.crushMm <= 0 ? 0 : tight(seat.crushMm),
  }
} // prettier-ignore
