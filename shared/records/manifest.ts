import type * as z from 'zod/mini'
import type { Reference, SetupContent } from '../setup'

/** Where a record of a table holds a setup: in its field `setup`, or nowhere. */
export type SetupPlace<Content> = Content extends { setup: SetupContent | null } ? 'inside' : 'nowhere'

/** What the records of a table point at in other tables, and what becomes of one when that is taken away. */
export interface Pointing<Content> {
  readonly find: (record: Content) => readonly Reference[]
  /** The record as it is without something it points at; null: it goes too. */
  readonly whenGone: (record: Content, gone: Reference) => Content | null
  /** Records that hold what they point at: it cannot be taken away. @defaultValue none */
  readonly holds?: (record: Content) => boolean
}

/** All that the app knows of one table: whatever works over all tables reads it here. */
export interface TableManifest<Schema extends z.ZodMiniType<{ id: string }>> {
  readonly schema: Schema
  /** The version of the records that brought the table. */
  readonly since: number
  /** What a new record begins with, besides what the user types; null: none is begun by hand. */
  readonly blank: Partial<z.output<Schema>> | null
  /** Where it holds a setup: setups everywhere are upgraded alike. Checked against the schema. */
  readonly holdsSetup: SetupPlace<z.output<Schema>>
  /** null: it points at nothing. A log does not either: it stays true when what it speaks of is gone. */
  readonly refersTo: Pointing<z.output<Schema>> | null
  /** Fields that say nothing a person did, as where they stand: no step of undo, and in the way of none. */
  readonly asides?: readonly (keyof z.output<Schema> & string)[]
  /** What a person calls one and several; null: nothing a person counts. */
  readonly words: { readonly one: string; readonly many: string } | null
  /** Whether the demo has some; a test holds it to that. */
  readonly demo: boolean
}

/** A manifest as written, its schema's type kept. */
export function table<Schema extends z.ZodMiniType<{ id: string }>>(
  manifest: TableManifest<Schema>,
): TableManifest<Schema> {
  return manifest
}
