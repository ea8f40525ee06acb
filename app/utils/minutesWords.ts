import { formatNumber } from '#core/units'

const FEW_MINUTES = 90

/** “45 minutes”, “2.5 hours” */
export function minutesWords(minutes: number): string {
  if (minutes >= FEW_MINUTES) return `${formatNumber(minutes / 60, 1)} hours`
  const tenths = Math.round(10 * minutes) / 10
  if (tenths === 1) return '1 minute'
  return tenths < 10 ? `${formatNumber(tenths, 1)} minutes` : `${Math.round(minutes)} minutes`
}
