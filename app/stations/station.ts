import type { KeyId } from '../utils/keys'

/** One page of a station. */
export interface View {
  /** On the tabs of its station. */
  readonly name: string
  readonly path: string
  /** The component beside the manifest that shows it. */
  readonly page: string
  /** The key that jumps to it, where it has one. */
  readonly key?: string
  /** Addresses it had before, which lead there. */
  readonly formerly?: readonly string[]
  /** Looked at by the accessibility tests in both lamps; false: it has a test of its own. */
  readonly axe: boolean
  /** The name of its picture in docs/screenshots/; null: it has none. */
  readonly shot: string | null
}

/** A station on the rail. Pages, rail, keys, preloading, accessibility tests and pictures follow from it. */
export interface Station {
  readonly group: 'Plan' | 'Prepare' | 'Sew' | 'Keep'
  readonly name: string
  /** Its folder beside this file. */
  readonly folder: string
  /** Jumps to its first view. */
  readonly key: string
  readonly icon: string
  /** The first is the one the rail leads to. */
  readonly views: readonly [View, ...View[]]
  /** What else it listens for, for the sheet of keys. */
  readonly keys: readonly KeyId[]
}
