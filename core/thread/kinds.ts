/** How a thread catches the light. */
export type ThreadLook = 'matt' | 'sheen' | 'twist' | 'glint' | 'film' | 'clear'

/** Fibre density in g/cm³. Source: Morton & Hearle, Physical Properties of Textile Fibres (from memory). */
export const FIBRE_DENSITIES = {
  cotton: 1.52,
  polyester: 1.38,
  nylon: 1.14,
  viscose: 1.52,
  silk: 1.34,
  wool: 1.31,
} as const
export type Fibre = keyof typeof FIBRE_DENSITIES

export interface ThreadKindFacts {
  readonly name: string
  readonly fibre: Fibre
  /**
   * Share of the thread's cross-section that is fibre. Common practice: spun and plied 0.6, pearl 0.5,
   * monofilament 1.
   */
  readonly packing: number
  readonly look: ThreadLook
}

/**
 * Kinds of thread. A flat metallic has a width, not a diameter; it is measured, not computed from its mass.
 */
export const THREAD_KINDS = {
  'cotton': { name: 'Cotton', fibre: 'cotton', packing: 0.6, look: 'matt' },
  'rayon': { name: 'Rayon', fibre: 'viscose', packing: 0.6, look: 'sheen' },
  'polyester': { name: 'Polyester', fibre: 'polyester', packing: 0.6, look: 'sheen' },
  'silk': { name: 'Silk', fibre: 'silk', packing: 0.6, look: 'sheen' },
  'wool': { name: 'Wool', fibre: 'wool', packing: 0.6, look: 'matt' },
  'pearl-cotton': { name: 'Pearl cotton', fibre: 'cotton', packing: 0.5, look: 'twist' },
  'metallic': { name: 'Wrapped metallic', fibre: 'polyester', packing: 0.6, look: 'glint' },
  'film': { name: 'Flat metallic (film)', fibre: 'polyester', packing: 1, look: 'film' },
  'monofilament': { name: 'Monofilament nylon', fibre: 'nylon', packing: 1, look: 'clear' },
} as const satisfies Record<string, ThreadKindFacts>

export type ThreadKind = keyof typeof THREAD_KINDS
