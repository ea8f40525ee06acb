import type { MeasureWay, Quantity } from '#core/measure'

/** Where each way of measuring is. */
const WAY_PATHS: Readonly<Record<MeasureWay, string>> = {
  wedge: '/measure-gauge',
  photo: '/measure-photo',
  counting: '/measure-count',
  screen: '/measure-screen',
}

/** The page that measures a quantity of something in one way. */
export function wayTo(way: MeasureWay, quantity: Quantity, ofId: string | null) {
  return { path: WAY_PATHS[way], query: { what: quantity, ...(ofId === null ? {} : { of: ofId }) } }
}
