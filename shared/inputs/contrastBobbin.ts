import { bobbinMatches, leadingColour } from '#core/colour'
import type { Bobbin, Thread } from '../records'
import type { SetupContent } from '../setup'

/** Threads within this share of each other’s weight pull alike. A guess. */
const ALIKE = 0.15

interface ContrastTables {
  readonly threads: ReadonlyMap<string, Thread>
  readonly bobbins: ReadonlyMap<string, Bobbin>
}

export interface ContrastBobbin {
  /** Above and below are of one colour: which of them shows is hard to see. */
  readonly looksAlike: boolean
  /** A bobbin that is wound with a thread as heavy, of another colour; null: none is. */
  readonly wound: { readonly threadId: string; readonly name: string; readonly bobbinName: string } | null
}

/**
 * Whether a trial strip would be read more easily with a bobbin of another colour, and which one is wound.
 *
 * @param above - the threads in the needles.
 */
export function contrastBobbinOf(
  { bobbinId }: Pick<SetupContent, 'bobbinId'>,
  above: readonly Thread[],
  { threads, bobbins }: ContrastTables,
): ContrastBobbin {
  const below = threads.get(bobbinId ?? '') ?? null
  const hexes = above.flatMap(({ colours }) => leadingColour(colours) ?? [])
  const matches = (thread: Thread) => bobbinMatches(leadingColour(thread.colours)!, hexes) ?? false
  if (!below || !matches(below)) return { looksAlike: false, wound: null }
  const asHeavy = (thread: Thread) =>
    thread.kind === below.kind
    && thread.tex !== null
    && below.tex !== null
    && Math.abs(thread.tex - below.tex) <= ALIKE * below.tex
  for (const { threadId, name: bobbinName } of bobbins.values()) {
    const thread = threads.get(threadId ?? '')
    if (thread && asHeavy(thread) && !matches(thread))
      return { looksAlike: true, wound: { threadId: thread.id, name: thread.name, bobbinName } }
  }
  return { looksAlike: true, wound: null }
}
