import { type JobReason, mendedBy, type OwnedPart } from '#core/verdict'
import type { Mend } from '#core/conflicts'
import { swapFor } from '#shared/inputs'
import { mendOf } from '#shared/setup'
import { REASON_LOOKS } from '~/utils/verdict'

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

/** What does not go together in the piece in hand, the worst first, and how it is mended. */
export function useSetupReasons() {
  const book = useBookStore()
  const inHand = useInHandStore()
  const settings = useSettingsStore()
  const all = computed(() =>
    inHand.verdict.reasons.map(reason => ({ ...reason, look: REASON_LOOKS[reason.severity] })),
  )
  const rows = computed(() => all.value.filter(({ about }) => about === 'setup'))
  const withPresses = computed(() => rows.value.map(row => ({ ...row, press: pressOf(row) })))
  /**
   * The first thing owned that lets the needle swing as it is set; null: nothing is in its way, or none.
   * Where a narrower stitch helps, no needle is changed and nothing bought for it.
   */
  const swingPress = computed(() => {
    const against = inHand.verdict.reasons.find(
      ({ about, severity }) => about === 'swing' && severity !== 'note',
    )
    if (!against) return null
    const widthHelps = (inHand.result?.safeWidthMm ?? 0) > 0
    if (widthHelps && mendedBy(against.code) === 'needle') return null
    const press = swapPress(against)
    return widthHelps && press && 'to' in press ? null : press
  })

  /** null where nothing one could own takes it away. */
  function pressOf(reason: JobReason): Press | null {
    const { mend, severity } = reason
    if (!mend) return severity === 'note' ? null : swapPress(reason)
    const change = mendOf(mend, inHand.setup, book.shelf.feet, book.shelf.stabilizers)
    if (!change) return toBuy(partOf(mend))
    return { label: mend.label, do: () => inHand.update(`Mend: ${mend.label}`, change) }
  }
  function swapPress({ code, message }: JobReason): Press | null {
    // Another row's reason speaks of a setup that is not the one shown.
    if (/^Row \d+: /.test(message)) return null
    const swap = swapFor(
      code,
      inHand.setup,
      inHand.verdict,
      book.shelf,
      settings.record,
      settings.unit,
      inHand.ownStart,
    )
    if (!swap) return toBuy(mendedBy(code))
    const label = `Take ${swap.name}`
    return { label, do: () => inHand.update(label, swap.change) }
  }
  return { rows, withPresses, swingPress }
}
