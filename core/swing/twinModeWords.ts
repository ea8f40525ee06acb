import { type Needle, outerSpanMm } from '#core/needle'
import { machineLength } from '#core/units'
import { compareTwinMode, type TwinMode, type TwinModeComparison } from './twinMode'

/**
 * What the machine itself would let one set under this needle, and how that stands to what is safe, as a
 * sentence. Where nothing is safe, nothing is compared with it.
 *
 * @param safeWidthMm - from the verdict; null when no width helps.
 *
 * @example
 * twinModeWords({ kind: 'on-off', assumedGapMm: 2 }, 7, twin4, 2.5)
 * // 'With twin mode on the machine lets you set 5.0 mm, because it takes every twin for 2.0 mm: …'
 */
export function twinModeWords(
  mode: TwinMode,
  maxWidthMm: number,
  needle: Needle,
  safeWidthMm: number | null,
): string {
  const compared = compareTwinMode(mode, maxWidthMm, needle, safeWidthMm)
  const length = machineLength
  const allows = `the machine allows ${length(compared.allowsMm)}`
  return `${leadOf(mode, allows, needle, length)}${againstSafe(compared, safeWidthMm, length)}.`
}

type Length = (mm: number) => string

function leadOf(mode: TwinMode, allows: string, needle: Needle, length: Length): string {
  switch (mode.kind) {
    case 'none':
      return `Without a twin setting, ${allows}`
    case 'on-off':
      return `With the twin setting on, ${allows} for every gap`
    case 'by-gap':
      return `With a gap of ${length(outerSpanMm(needle))} entered, ${allows}`
  }
}

function againstSafe(
  { overMm, pastEachSideMm }: TwinModeComparison,
  safeMm: number | null,
  length: Length,
): string {
  if (pastEachSideMm > 0) return `: ${length(pastEachSideMm)} past the end of its swing on each side`
  if (overMm === null || safeMm === null || safeMm <= 0) return ''
  return overMm > 0 ? `: ${length(overMm)} more than is safe` : ': no more than is safe'
}
