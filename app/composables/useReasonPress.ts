import { type JobReason, mendedBy, type OwnedPart } from '#core/verdict'
import type { Mend } from '#core/conflicts'
import { swapFor } from '#shared/inputs'
import { mendOf } from '#shared/setup'

/** What a reason can be mended with: a press, or a link to what would have to be bought. */
export type Press =
  { readonly label: string; readonly do: () => void } | { readonly label: string; readonly to: string }

/** Where what is not owned is looked for, and added once it is. */
const SHELVES: Readonly<Record<OwnedPart | 'stabilizer', { readonly one: string; readonly to: string }>> = {
  needle: { one: 'another needle', to: '/pairing' },
  foot: { one: 'another foot', to: '/workbox?table=feet' },
  plate: { one: 'another plate', to: '/workbox?table=plates' },
  thread: { one: 'another thread', to: '/workbox?table=threads' },
  bobbin: { one: 'another thread', to: '/workbox?table=threads' },
  stabilizer: { one: 'a stabilizer', to: '/workbox?table=stabilizers' },
}
const partOf = ({ kind }: Mend): OwnedPart | 'stabilizer' | null => {
  if (kind === 'foot' || kind === 'plate-and-foot') return 'foot'
  return kind === 'stabilizer' ? kind : null
}
function toBuy(part: OwnedPart | 'stabilizer' | null): Press | null {
  return part && { label: `To buy: ${SHELVES[part].one}`, to: SHELVES[part].to }
}

/**
 * How a reason of the piece in hand is mended: the mend its rule names, else the first thing owned that takes
 * it away, else what would have to be bought; null: nothing one could own takes it away, or a press stands
 * beside it already.
 */
export function useReasonPress(reason: () => JobReason) {
  const book = useBookStore()
  const inHand = useInHandStore()
  const settings = useSettingsStore()

  return computed((): Press | null => {
    const { about, mend, severity } = reason()
    // Another row of the band fares worst: its reasons speak of a setup that is not the one shown.
    if (inHand.verdict.row !== inHand.row) return severity === 'note' ? null : toRow(inHand.verdict.row)
    if (about === 'swing') return swingPress(reason())
    if (!mend) return severity === 'note' ? null : swapPress(reason())
    const change = mendOf(mend, inHand.setup, book.shelf.feet, book.shelf.stabilizers)
    if (!change) return toBuy(partOf(mend))
    return { label: mend.label, do: () => inHand.update(`Mend: ${mend.label}`, change) }
  })

  /** Where a narrower stitch helps, no needle is changed and nothing bought for it. */
  function swingPress(against: JobReason): Press | null {
    const widthHelps = (inHand.result?.safeWidthMm ?? 0) > 0
    if (widthHelps && mendedBy(against.code) === 'needle') return null
    const press = swapPress(against)
    return widthHelps && press && 'to' in press ? null : press
  }
  function swapPress({ code }: JobReason): Press | null {
    const swap = swapFor(code, inHand.setup, inHand.verdict, book.shelf, settings.record, inHand.ownStart)
    if (!swap) return toBuy(mendedBy(code))
    const label = `Take ${swap.name}`
    return { label, do: () => inHand.update(label, swap.change) }
  }
  function toRow(row: number): Press {
    const show = () => {
      inHand.row = row
    }
    return { label: `Show row ${row + 1}`, do: show }
  }
}
