import type { Strip } from './strip'

/** How far each value differs from the cloth beside it, and how much cloth alone does. */
export interface ThreadField {
  /** Brightness less the cloth's, of thread: signed. */
  readonly data: Float32Array
  readonly noise: number
}

/** The outer share of the strip that is taken for bare cloth. */
const BARE_SHARE = 0.16

/** The cloth is what lies at both rims of the strip, followed along it and drawn straight across. */
export function threadOf({ data, along, across, stepMm }: Strip): ThreadField {
  const rim = Math.max(2, Math.round((BARE_SHARE * across) / 2))
  const window = Math.max(3, Math.round(4 / stepMm))
  const sides = [0, across - rim].map(first => smooth(rimMeans(data, along, across, first, rim), window))
  const middles = [(rim - 1) / 2, across - (rim + 1) / 2]
  const out = new Float32Array(data.length)
  let [noise, counted] = [0, 0]
  for (let s = 0; s < along; s++)
    for (let t = 0; t < across; t++) {
      const share = (t - middles[0]!) / (middles[1]! - middles[0]!)
      const cloth = sides[0]![s]! * (1 - share) + sides[1]![s]! * share
      const off = data[s * across + t]! - cloth
      out[s * across + t] = off
      if (t < rim || t >= across - rim) {
        noise += off * off
        counted += 1
      }
    }
  return { data: out, noise: Math.sqrt(noise / counted) + 0.5 }
}

function rimMeans(data: Float32Array, along: number, across: number, first: number, rim: number) {
  return Float32Array.from({ length: along }, (_, s) => {
    let sum = 0
    for (let t = first; t < first + rim; t++) sum += data[s * across + t]!
    return sum / rim
  })
}

/** Running means. */
export function smooth(values: Float32Array, window: number): Float32Array {
  const half = window >> 1
  const sums = new Float64Array(values.length + 1)
  values.forEach((value, i) => (sums[i + 1] = sums[i]! + value))
  return values.map((_, i) => {
    const [from, to] = [Math.max(0, i - half), Math.min(values.length, i + half + 1)]
    return (sums[to]! - sums[from]!) / (to - from)
  })
}
