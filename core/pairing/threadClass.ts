import { threadDiameterMm, type ThreadKind } from '#core/thread'

/** What pairing needs to know of a thread. */
export interface ThreadFacts {
  readonly kind: ThreadKind
  /** Linear density; null: not known. */
  readonly tex: number | null
  /** Measured; of a flat metallic its width. null: not measured. */
  readonly diameterMm: number | null
}

export const THREAD_CLASSES = [
  'embroidery',
  'all-purpose',
  'fine',
  'heavy',
  'metallic',
  'film',
  'pearl',
  'thick',
  'monofilament',
] as const
/** A row of the practice table: threads that are handled alike. */
export type ThreadClass = (typeof THREAD_CLASSES)[number]

/** Up to here a thread counts as fine: 60 wt and finer. Common practice. */
const FINE_TEX = 17
/** From here on a thread counts as heavy topstitch. Common practice draws the line at about 20 wt. */
const HEAVY_TEX = 45
/** From here on a thread is bulky through any needle: pearl 8 is 125 tex. Common practice. */
const THICK_TEX = 115

/**
 * Which row of the practice table a thread belongs to, by its kind and weight.
 *
 * @example
 * threadClassOf({ kind: 'pearl-cotton', tex: 83, diameterMm: null }) // 'pearl'
 */
export function threadClassOf({ kind, tex }: Pick<ThreadFacts, 'kind' | 'tex'>): ThreadClass {
  switch (kind) {
    case 'metallic':
      return 'metallic'
    case 'film':
      return 'film'
    case 'monofilament':
      return 'monofilament'
    case 'pearl-cotton':
      return tex !== null && tex >= THICK_TEX ? 'thick' : 'pearl'
    default:
      if (tex === null) return kind === 'rayon' ? 'embroidery' : 'all-purpose'
      if (tex >= THICK_TEX) return 'thick'
      if (tex >= HEAVY_TEX) return 'heavy'
      if (tex <= FINE_TEX) return 'fine'
      return kind === 'rayon' || kind === 'polyester' ? 'embroidery' : 'all-purpose'
  }
}

/**
 * Whether a thread on the bobbin is sewn from below, past its spring: pearl and all that is thicker. Common
 * practice.
 *
 * @example
 * isThickBelow({ kind: 'pearl-cotton', tex: 83 }) // true
 */
export const isThickBelow = (thread: Pick<ThreadFacts, 'kind' | 'tex'>): boolean =>
  ['thick', 'pearl'].includes(threadClassOf(thread))

/**
 * A usual thread of each class: 40 wt rayon, 50 wt cotton, 80 wt polyester, tex 60, … Nominal. A flat
 * metallic's is its width.
 */
export const USUAL_THREADS: Readonly<Record<ThreadClass, ThreadFacts>> = {
  'embroidery': { kind: 'rayon', tex: 25, diameterMm: null },
  'all-purpose': { kind: 'cotton', tex: 23.62, diameterMm: null },
  'fine': { kind: 'polyester', tex: 12.5, diameterMm: null },
  'heavy': { kind: 'polyester', tex: 60, diameterMm: null },
  'metallic': { kind: 'metallic', tex: 30, diameterMm: null },
  'film': { kind: 'film', tex: null, diameterMm: 0.4 },
  'pearl': { kind: 'pearl-cotton', tex: 83, diameterMm: null },
  'thick': { kind: 'pearl-cotton', tex: 125, diameterMm: null },
  'monofilament': { kind: 'monofilament', tex: 8.95, diameterMm: null },
}

export interface Thickness {
  readonly mm: number
  readonly source: 'measured' | 'rule' | 'guess'
}

/**
 * How thick a thread is for its needle's eye: measured, else from its tex, else as its class usually is (a
 * guess).
 *
 * @example
 * thicknessOf({ kind: 'cotton', tex: 25, diameterMm: 0.2 }) // { mm: 0.2, source: 'measured' }
 */
export function thicknessOf(thread: ThreadFacts): Thickness {
  if (thread.diameterMm !== null) return { mm: thread.diameterMm, source: 'measured' }
  // A flat metallic's mass says nothing about how its width and thickness share it.
  if (thread.tex !== null && thread.kind !== 'film')
    return { mm: threadDiameterMm(thread.tex, thread.kind), source: 'rule' }
  const usual = USUAL_THREADS[threadClassOf(thread)]
  return { mm: usual.diameterMm ?? threadDiameterMm(usual.tex!, usual.kind), source: 'guess' }
}
