import { needleLife } from '#core/care'
import { bobbinMatches } from '#core/colour'
import { shareOf } from '#core/dial'
import { JOBS } from '#core/job'
import { fitThread, threadClassOf } from '#core/pairing'
import { DENSE_HOLES_MM, type SignContext, stabilizerForSigns } from '#core/signs'
import { hasSwing } from '#core/stitch'
import type { TensionDial } from '#core/terms'
import type { NeedleRecord } from '../records'
import type { SetupContent } from '../setup'
import { type PairingTables, threadedBlades } from './pairing'
import { setupPartsOf } from './swing'

/**
 * What of a setup Troubleshooting looks at.
 *
 * @param walked - whether exactly this setup was turned through by hand.
 */
export function signContextOf(setup: SetupContent, tables: PairingTables, walked: boolean): SignContext {
  const { machine, needle, stitch } = setupPartsOf(setup, tables)
  const construction = needle?.construction ?? 'single'
  const threads = threadedBlades(setup, construction, tables.threads).map(({ thread }) => thread)
  const { widthMm, lengthMm } = setup.stitch
  const bobbin = tables.threads.get(setup.bobbinId ?? '')
  const hexOf = ({ colours }: { readonly colours: readonly { readonly hex: string }[] }) => colours[0]!.hex
  return {
    construction,
    threads: threads.map(threadClassOf),
    technique: JOBS[setup.job].technique,
    swings: stitch !== null && widthMm > 0 && hasSwing(stitch),
    tensionShare: tensionShareOf(setup.tension, machine?.tensionDial ?? null),
    isDialKnown: machine?.tensionDial != null,
    needleState: needle?.state ?? null,
    needleSpent: needle ? needleLife(needle).share : null,
    eyeFill: fullestEye(needle, threads),
    lengthMm,
    pressure: setup.pressure,
    stabilizer: stabilizerForSigns(tables.stabilizers.get(setup.stabilizerId ?? '')?.kind ?? null),
    bobbinMatches: bobbin ? bobbinMatches(hexOf(bobbin), threads.map(hexOf)) : null,
    walked,
    holesDense: lengthMm < DENSE_HOLES_MM,
  }
}

const tensionShareOf = (tension: number | null, dial: TensionDial | null) =>
  tension === null || dial === null ? null : shareOf(tension, dial)

function fullestEye(
  needle: NeedleRecord | null,
  threads: readonly Parameters<typeof fitThread>[0][],
): number | null {
  if (!needle || threads.length === 0) return null
  return Math.max(...threads.map(thread => fitThread(thread, needle.type, needle.sizeNm).fill))
}
