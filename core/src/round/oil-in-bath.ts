import type { ResolvedBearing } from '../catalogue/resolve-bearing.ts'
import { oilLevel } from '../running/oil-level.ts'
import type { Verdict } from '../working/check.ts'
import { mm } from '../words/quantities.ts'
import type { PointWork } from './point.ts'

type Bath = NonNullable<PointWork['bath']>

/** What the oil level of a bearing is drawn from, mm. */
export const bathOf = ({
  row: { boreMm, odMm },
  interior: { pitchDiameterMm, elementDiameterMm, elements },
}: ResolvedBearing): Bath => ({ boreMm, odMm, pitchDiameterMm, elementDiameterMm, elements })

/** How the oil of a bath stands against its mark. */
export interface OilInBath {
  toleranceMm: number
  state: Verdict
  reason: string
  wayOut: string
}

/**
 * What an oil level read at its mark says.
 *
 * @param overMm - oil over the mark at standstill, mm; negative below it; null while nobody has read it
 * @see oilLevel
 */
export function oilInBath(bath: Bath, overMm: number | null): OilInBath {
  const { pitchDiameterMm, elementDiameterMm } = bath
  const measured = overMm === null ? {} : { measuredMm: pitchDiameterMm / 2 - overMm }
  const { toleranceMm, verdict, immersion } = oilLevel({ pitchDiameterMm, elementDiameterMm, ...measured })
  const off = mm(Math.abs(overMm ?? 0), 0)
  switch (verdict) {
    case 'high':
      return { toleranceMm, state: 'watch', reason: `The oil stands ${off} too high: it churns, foams and heats.`, wayOut: 'Let some out at standstill; find where it came from.' } // prettier-ignore
    case 'low':
      return immersion === 0
        ? { toleranceMm, state: 'stop', reason: `The oil stands ${off} too low: no element reaches it.`, wayOut: 'Stop it as the site’s rules have it, find the leak, fill to the mark with the same oil.' } // prettier-ignore
        : { toleranceMm, state: 'watch', reason: `The oil stands ${off} too low.`, wayOut: 'Fill to the mark with the same oil, at standstill; look for the leak.' } // prettier-ignore
    case 'ok':
    case null:
      return { toleranceMm, state: 'go', reason: '', wayOut: '' }
    default:
      return verdict satisfies never
  }
}
