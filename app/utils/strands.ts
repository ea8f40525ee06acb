/** The colours of left, middle and right thread in every schematic. */
export const STRAND_COLOURS = { left: 'var(--woad)', middle: 'var(--middle)', right: 'var(--weld)' } as const
