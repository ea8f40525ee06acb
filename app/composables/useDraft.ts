import * as z from 'zod/mini'
import type { InjectionKey, Ref } from 'vue'

export interface Draft {
  /** Whether what was typed before came back. */
  readonly cameBack: Readonly<Ref<boolean>>
  /** The fields as they were when typing began. */
  readonly begun: unknown
  /** Forgets what was typed, once it is saved or given up. */
  readonly drop: () => void
  readonly startOver: () => void
}
/** For the frame of a form, which says that it came back. */
export const DRAFT: InjectionKey<Draft> = Symbol('draft')

/**
 * Keeps what is typed into a form until it is saved or given up: it outlives a reload of the tab, and a form
 * that was shut by mistake.
 *
 * @param key - of the form and the record it is about.
 * @param fields - what is typed, changed in place when it comes back.
 * @param mend - makes what comes back whole: it was kept outside the book, perhaps by an older app.
 */
export function useDraft(
  key: string,
  fields: object,
  mend: (typed: unknown) => object = typed => typed as object,
): Draft {
  const place = `lacy-spool-draft-${key}`
  const cameBack = ref(false)
  const fresh = JSON.stringify(fields)
  const kept = read(place)
  const begun: unknown = kept?.begun ?? JSON.parse(fresh)
  if (kept) {
    Object.assign(fields, mend(kept.typed))
    cameBack.value = true
  }
  const stop = watch(
    () => JSON.stringify(fields),
    typed => write(place, typed === fresh ? null : `{"begun":${JSON.stringify(begun)},"typed":${typed}}`),
    { flush: 'sync' },
  )
  const draft: Draft = {
    cameBack: readonly(cameBack),
    begun,
    drop: () => {
      stop()
      write(place, null)
    },
    startOver: () => {
      Object.assign(fields, JSON.parse(fresh))
      cameBack.value = false
    },
  }
  provide(DRAFT, draft)
  return draft
}

const keptSchema = z.object({ begun: z.looseObject({}), typed: z.looseObject({}) })

/** Site data may be blocked: then a draft lasts as long as its form. */
function read(place: string): z.output<typeof keptSchema> | null {
  try {
    return keptSchema.parse(JSON.parse(sessionStorage.getItem(place) ?? 'null'))
  } catch {
    return null
  }
}
function write(place: string, text: string | null): void {
  try {
    if (text === null) sessionStorage.removeItem(place)
    else sessionStorage.setItem(place, text)
  } catch {
    // Nothing is lost that a form without drafts would have kept.
  }
}
