/** A station on the rail, in working order. Its key jumps to it. */
export interface Station {
  readonly group: 'Plan' | 'Keep'
  readonly name: string
  readonly to: string
  readonly key: string
  readonly icon: string
}

export const STATIONS: readonly Station[] = [
  { group: 'Plan', name: 'Width and swing', to: '/', key: '1', icon: 'i-lucide-move-horizontal' },
  { group: 'Keep', name: 'Files', to: '/files', key: 'F', icon: 'i-lucide-folder-open' },
]

/** Views inside the first station. */
export const WIDTH_VIEWS = [
  { name: 'Plan', to: '/' },
  { name: 'Compare', to: '/compare' },
  { name: 'Kept plans', to: '/plans' },
] as const

export function stationOf(path: string): Station | undefined {
  return STATIONS.find(({ to }) => to === path) ?? (WIDTH_VIEWS.some(({ to }) => to === path) ? STATIONS[0] : undefined)
}
