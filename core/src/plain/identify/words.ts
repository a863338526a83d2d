import type { PlainForm, PlainMaterial } from '../../kinds/plain/choices.ts'
import { capital, mm, plain } from '../../words/quantities.ts'
import type { Saying } from '../../working/check.ts'
import { formWords, lookWords, materialWords } from '../words.ts'
import type { LookedAt } from './material-by-look.ts'
import type { SleeveSizes } from './work-out.ts'

// Every sentence of Identify.

export const formSaysOther = (form: PlainForm, says: PlainMaterial, entered: PlainMaterial): Saying => ({
  reason: `A ${formWords[form]} is made of ${materialWords[says]}; entered is ${materialWords[entered]}.`,
  wayOut: 'Correct the form or the material.',
})

export const looksLike = (own: LookedAt, likest: LookedAt): Saying => ({
  reason: `${capital(own.against.map((look) => lookWords[look]).join(', '))}: that is not ${materialWords[own.material]}.`,
  wayOut: `It looks more like ${materialWords[likest.material]}. Look again, or correct the material.`,
})

export const tooLong = ({ ratio }: SleeveSizes): Saying => ({
  reason: `It is ${plain(ratio)} times as long as its journal is thick: a bent shaft makes its edges bear.`,
  wayOut: 'A shorter one, or two with a gap; align it within the clearance over its length.',
})

export const flangeSmall = (flangeMm: number, odMm: number): Saying => ({
  reason: `The flange, ${mm(flangeMm, 1)}, is no larger than the bush, ${mm(odMm, 1)}.`,
  wayOut: 'Measure the flange or the wall again.',
})
