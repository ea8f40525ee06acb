import { bladeNames, bladeOffsetsMm } from '#core/needle'
import { seamDropsMm } from '#core/stitch'

/** A short piece of the current seam for small drawings: where each blade lands, in mm, along and across. */
export interface SeamPoints {
  readonly blades: readonly { readonly colour: string, readonly points: readonly { readonly along: number, readonly across: number }[] }[]
  readonly bobbin: string
  readonly cloth: string
  readonly longMm: number
  readonly wideMm: number
}

const LEAST_MM = 9
const MOST_MM = 32
/** As long as small pictures are for their height. */
const LONG_FOR_WIDE = 3.3
/** Drawn where nothing is chosen. */
const USUAL = { left: '#2b4c7e', middle: '#6a4b33', right: '#b57e12', bobbin: '#9a9088', cloth: '#efe6d4' } as const

/** The current setup's seam; a plain straight one while nothing is chosen. */
export function useSeamPoints() {
  const book = useBookStore()
  const bench = useBenchStore()
  return computed<SeamPoints>(() => {
    const swing = bench.swingInput
    const hex = (id: string | null, instead: string) => book.shelf.threads.get(id ?? '')?.colours[0]?.hex ?? instead
    const needle = swing?.needle ?? { construction: 'single' as const, gapMm: 0, sizeNm: 80 }
    const stitch = swing?.stitch
    const offsets = bladeOffsetsMm(needle)
    const wideMm = (stitch?.widthMm ?? 0) + offsets.at(-1)! - offsets[0]!
    const longMm = Math.min(MOST_MM, Math.max(LEAST_MM, LONG_FOR_WIDE * wideMm))
    const drops = stitch ? seamDropsMm(stitch, stitch, swing.machine.maxWidthMm, longMm) : Array.from({ length: 5 }, (_, i) => ({ xMm: 0, yMm: 2.5 * i }))
    const { threadIds, bobbinId, clothId } = bench.setup
    const blades = offsets.map((offset, place) => {
      const blade = bladeNames(needle.construction)[place]!
      const side = blade === 'only' ? 'left' : blade
      return { colour: hex(threadIds[side], USUAL[side]), points: drops.map(({ xMm, yMm }) => ({ along: yMm, across: xMm + offset })) }
    })
    const across = blades.flatMap(({ points }) => points.map(point => point.across))
    const middle = (Math.min(...across) + Math.max(...across)) / 2
    return {
      blades: blades.map(({ colour, points }) => ({ colour, points: points.map(({ along, across: at }) => ({ along, across: at - middle })) })),
      bobbin: hex(bobbinId, USUAL.bobbin), cloth: book.shelf.cloths.get(clothId ?? '')?.hex ?? USUAL.cloth,
      longMm, wideMm: Math.max(...across) - Math.min(...across),
    }
  })
}
