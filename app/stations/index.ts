import { bands } from './bands/station'
import { edges } from './edges/station'
import { files } from './files/station'
import { measure } from './measure/station'
import { pairing } from './pairing/station'
import { pintucks } from './pintucks/station'
import type { Station, View } from './station'
import { project } from './project/station'
import { swatches } from './swatches/station'
import { topstitch } from './topstitch/station'
import { trial } from './trial/station'
import { walk } from './walk/station'
import { width } from './width/station'
import { workbox } from './workbox/station'

export type { Station, View } from './station'

/** In working order, as the rail lists them. A new station is one line here. */
export const STATIONS: readonly Station[] = [
  width,
  pairing,
  walk,
  trial,
  pintucks,
  topstitch,
  edges,
  bands,
  project,
  swatches,
  workbox,
  measure,
  files,
]

/** The groups of the rail, with their stations. */
export const GROUPS = [...new Set(STATIONS.map(({ group }) => group))].map(name => ({
  name,
  stations: STATIONS.filter(({ group }) => group === name),
}))

export const ALL_VIEWS: readonly View[] = STATIONS.flatMap(({ views }) => views)

/** The station a path belongs to. */
export function stationOf(path: string): Station | undefined {
  return STATIONS.find(({ views }) => views.some(view => view.path === path))
}

/** Every key that jumps, with where to and what that is called: stations first, then their other views. */
export const JUMPS: readonly { readonly key: string; readonly path: string; readonly name: string }[] = [
  ...STATIONS.map(({ key, name, views: [first] }) => ({ key, path: first.path, name })),
  ...ALL_VIEWS.flatMap(({ key, path, name }) => (key ? [{ key, path, name }] : [])),
]
