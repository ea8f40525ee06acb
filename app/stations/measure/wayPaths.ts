import type { MeasureWay, Quantity } from '#core/measure'

/** Where each way of measuring is. */
const WAY_PATHS: Readonly<Record<MeasureWay, string>> = {
  wedge: '/measure-gauge',
  photo: '/measure-photo',
  counting: '/measure-count',
  screen: '/measure-screen',
}

/**
 * The page that measures a quantity of something in one way.
 *
 * @example
 * wayTo('wedge', 'foot-opening', 'foot-1') // '/measure-gauge?what=foot-opening&of=foot-1'
 */
export function wayTo(way: MeasureWay, quantity: Quantity, ofId: string | null): string {
  const query = new URLSearchParams({ what: quantity, ...(ofId === null ? {} : { of: ofId }) })
  return `${WAY_PATHS[way]}?${query.toString()}`
}
