/** A station on the rail, in working order. Its key jumps to it. */
export interface Station {
  readonly group: 'Plan' | 'Prepare' | 'Keep'
  readonly name: string
  readonly to: string
  readonly key: string
  readonly icon: string
}

export const STATIONS: readonly Station[] = [
  { group: 'Plan', name: 'Width and swing', to: '/', key: '1', icon: 'i-lucide-move-horizontal' },
  { group: 'Plan', name: 'Thread and needle', to: '/pairing', key: '2', icon: 'i-lucide-spool' },
  { group: 'Prepare', name: 'Threading walk', to: '/walk', key: '3', icon: 'i-lucide-footprints' },
  { group: 'Prepare', name: 'Trial strip', to: '/trial', key: '4', icon: 'i-lucide-sliders-horizontal' },
  { group: 'Keep', name: 'Swatch book', to: '/swatches', key: '9', icon: 'i-lucide-book-open' },
  { group: 'Keep', name: 'Workbox', to: '/workbox', key: '0', icon: 'i-lucide-archive' },
  { group: 'Keep', name: 'Files', to: '/files', key: 'F', icon: 'i-lucide-folder-open' },
]

/** Views inside the first station. */
export const WIDTH_VIEWS = [
  { name: 'Plan', to: '/' },
  { name: 'Compare', to: '/compare' },
  { name: 'Kept plans', to: '/plans' },
] as const

/** Views inside Thread and needle. */
export const PAIRING_VIEWS = [
  { name: 'Pairing', to: '/pairing' },
  { name: 'Which twins to own', to: '/twins' },
  { name: 'How do we know', to: '/evidence' },
] as const

/** Views inside Threading walk. */
export const PREPARE_VIEWS = [
  { name: 'Walk', to: '/walk' },
  { name: 'Bench card', to: '/card' },
  { name: 'Put back', to: '/putback' },
  { name: 'Care', to: '/care' },
] as const

/** Views inside Trial strip. */
export const TRIAL_VIEWS = [
  { name: 'Strip', to: '/trial' },
  { name: 'Sign doctor', to: '/signs' },
  { name: 'Practice', to: '/practice' },
] as const

/** All views that share a station with others. */
export const VIEWS: readonly (readonly { readonly to: string }[])[] = [
  WIDTH_VIEWS,
  PAIRING_VIEWS,
  PREPARE_VIEWS,
  TRIAL_VIEWS,
]

/** The station a path belongs to: its own, or that of the views it is one of. */
export function stationOf(path: string): Station | undefined {
  const home = VIEWS.find(views => views.some(({ to }) => to === path))?.[0]?.to ?? path
  return STATIONS.find(({ to }) => to === home)
}
