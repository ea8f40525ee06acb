import { formatLength, formatLengthDown } from '#core/units'

/** Lengths as the user reads them, following the units switch. */
export function useLength() {
  const bench = useBenchStore()
  return {
    /** The number alone. */
    bare: (mm: number | null) => formatLength(mm, bench.unit),
    /** With its unit; `not measured` stands alone. */
    length: (mm: number | null) =>
      mm === null ? 'not measured' : `${formatLength(mm, bench.unit)} ${unitSign(bench.unit)}`,
    /** A limit: never rounded up. */
    limit: (mm: number | null) => formatLengthDown(mm, bench.unit),
    sign: () => unitSign(bench.unit),
  }
}

function unitSign(unit: 'mm' | 'inch'): string {
  return unit === 'mm' ? 'mm' : 'in'
}
