import { computed } from 'vue'
import { bladeNames } from '#core/needle'
import type { SewnInput, SewnThread } from '#core/sewn'
import { drawnDiameter, THREAD_KINDS } from '#core/thread'
import type { Thread } from '#shared/records'

const NO_THREAD = {
  left: { hex: '#2b4c7e', runMm: 1000 },
  middle: { hex: '#6a4b33', runMm: 1000 },
  right: { hex: '#b57e12', runMm: 1000 },
  bobbin: { hex: '#9a9088', runMm: 1000 },
} as const

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
    const threads = bladeNames(swing.needle.construction).map(blade => {
      const side = blade === 'only' ? 'left' : blade
      return asSewn(thread(threadIds[side]), NO_THREAD[side])
    })
    return {
      stitch: swing.stitch,
      maxWidthMm: swing.machine.maxWidthMm,
      needle: swing.needle,
      threads,
      bobbin: asSewn(thread(bobbinId), NO_THREAD.bobbin),
      seamMm: seamMm(),
      clothThicknessMm: (thickness ?? 0) * layers,
    }
  })
  const widthSource = computed(() => {
    const { left, middle, right } = bench.setup.threadIds
    const ids =
      bench.swingInput?.needle.construction === 'single'
        ? [left]
        : bench.swingInput?.needle.construction === 'triple'
          ? [left, middle, right]
          : [left, right]
    const sources = ids.map(id => drawnDiameter(thread(id)).source)
    return sources.includes('guess') ? 'guess' : sources.includes('rule') ? 'rule' : 'measured'
  })
  return { input, widthSource }
}

function asSewn(
  thread: Thread | null,
  instead: { readonly hex: string; readonly runMm: number },
): SewnThread {
  return {
    colours: thread?.colours ?? [instead],
    diameterMm: drawnDiameter(thread).mm,
    look: thread ? THREAD_KINDS[thread.kind].look : 'sheen',
  }
}
