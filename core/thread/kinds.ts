/** How a thread catches the light. */
export type ThreadLook = 'matt' | 'sheen' | 'glint' | 'film' | 'clear'

export interface ThreadKindFacts {
  readonly name: string
  /** Fibre density in g/cm³. Source: Morton & Hearle, Physical Properties of Textile Fibres (from memory). */
  readonly fibreDensity: number
  /** Share of the thread's cross-section that is fibre. Common practice: spun and plied 0.6, pearl 0.5, monofilament 1. */
  readonly packing: number
  readonly look: ThreadLook
}

/** Kinds of thread. A film has a width, not a diameter; it is measured, not computed from its mass. */
export const THREAD_KINDS = {
  'cotton': { name: 'Cotton', fibreDensity: 1.52, packing: 0.6, look: 'matt' },
  'rayon': { name: 'Rayon', fibreDensity: 1.52, packing: 0.6, look: 'sheen' },
  'polyester': { name: 'Polyester', fibreDensity: 1.38, packing: 0.6, look: 'sheen' },
  'silk': { name: 'Silk', fibreDensity: 1.34, packing: 0.6, look: 'sheen' },
  'wool': { name: 'Wool', fibreDensity: 1.31, packing: 0.6, look: 'matt' },
  'pearl-cotton': { name: 'Pearl cotton', fibreDensity: 1.52, packing: 0.5, look: 'matt' },
  'metallic': { name: 'Wrapped metallic', fibreDensity: 1.38, packing: 0.6, look: 'glint' },
  'film': { name: 'Flat film', fibreDensity: 1.38, packing: 1, look: 'film' },
  'monofilament': { name: 'Monofilament nylon', fibreDensity: 1.14, packing: 1, look: 'clear' },
} as const satisfies Record<string, ThreadKindFacts>

export type ThreadKind = keyof typeof THREAD_KINDS
