/** One key: as the interface kit listens for it, as it is printed, and what it does. */
interface KeyFact {
  readonly key: string
  readonly shown: string
  readonly does: string
}

/** Every key of the app but those that jump to a view: these stand in the manifests of the stations. */
export const KEYS = {
  narrower: { key: '[', shown: '[', does: 'Width 0.1 mm narrower' },
  wider: { key: ']', shown: ']', does: 'Width 0.1 mm wider' },
  safeWidth: { key: 'w', shown: 'W', does: 'Set the safe width' },
  nextNeedle: { key: 'n', shown: 'N', does: 'Next needle you own' },
  namePiece: { key: 'k', shown: 'K', does: 'Name this piece' },
  nextDrop: { key: '.', shown: '.', does: 'Turn the handwheel to the next drop' },
  lastDrop: { key: ',', shown: ',', does: 'Turn it back one drop' },
  stepDone: { key: 'arrowright', shown: '→', does: 'In the walk: done and next' },
  stepBack: { key: 'arrowleft', shown: '←', does: 'In the walk: back' },
  leaveCard: { key: 'escape', shown: 'Esc', does: 'Leave the bench card' },
  search: { key: '/', shown: '/', does: 'Search everything' },
  searchToo: { key: 'meta_k', shown: 'Ctrl K', does: 'Search everything' },
  unit: { key: 'u', shown: 'U', does: 'Millimetres or inches' },
  schools: { key: 's', shown: 'S', does: 'Sewists differ: your choices' },
  lamp: { key: 'l', shown: 'L', does: 'Dim lamp' },
  undo: { key: 'meta_z', shown: 'Ctrl Z', does: 'Undo' },
  redo: { key: 'meta_shift_z', shown: 'Ctrl Shift Z', does: 'Redo' },
  keys: { key: '?', shown: '?', does: 'All keys' },
} as const satisfies Record<string, KeyFact>
export type KeyId = keyof typeof KEYS

/** Those that work on every page. */
export const EVERYWHERE = [
  'search',
  'searchToo',
  'unit',
  'schools',
  'lamp',
  'undo',
  'redo',
  'keys',
] as const satisfies readonly KeyId[]
