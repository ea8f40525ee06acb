import { computed } from 'vue'
import { threadedBladesOf } from '#core/needle'
import type { SewnInput, SewnThread } from '#core/sewn'
import { drawnDiameter, leastSure, THREAD_KINDS } from '#core/thread'
import { BLADE_LOOKS } from '~/seam/bladeLooks'
import type { Thread } from '#shared/records'

const instead = (hex: string) => ({ hex, runMm: 1000 })
/** What is drawn where no thread is chosen. */
const NO_BOBBIN = instead('#9a9088')

/** The current setup as the drawing core wants it, with where the thread widths come from. */
export function useSewnInput(seamMm: () => number) {
  const book = useBookStore()
  const bench = useBenchStore()
  const thread = (id: string | null) => (id === null ? null : (book.shelf.threads.get(id) ?? null))

  const input = computed<SewnInput | null>(() => {
    const swing = bench.swingInput
    if (!swing || !(swing.stitch.lengthMm > 0)) return null
    const { threadIds, bobbinId, clothId, layers } = bench.setup
    const thickness = book.shelf.cloths.get(clothId ?? '')?.thicknessMm ?? null
    const threads = threadedBladesOf(swing.needle.construction).map(blade =>
      asSewn(thread(threadIds[blade]), instead(BLADE_LOOKS[blade].hex)),
    )
    return {
      stitch: swing.stitch,
      maxWidthMm: swing.machine.maxWidthMm,
      needle: swing.needle,
      threads,
      bobbin: asSewn(thread(bobbinId), NO_BOBBIN),
      seamMm: seamMm(),
      clothThicknessMm: (thickness ?? 0) * layers,
    }
  })
  const widthSource = computed(() => {
    const blades = threadedBladesOf(bench.swingInput?.needle.construction ?? 'single')
    return leastSure(blades.map(blade => drawnDiameter(thread(bench.setup.threadIds[blade])).source))
  })
  return { input, widthSource }
}

function asSewn(
  thread: Thread | null,
  unchosen: { readonly hex: string; readonly runMm: number },
): SewnThread {
  return {
    colours: thread?.colours ?? [unchosen],
    diameterMm: drawnDiameter(thread).mm,
    look: thread ? THREAD_KINDS[thread.kind].look : 'sheen',
  }
}
