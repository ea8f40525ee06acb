import type { Mend } from '#core/conflicts'
import type { SetupContent } from './schema'

interface OwnedFoot {
  readonly id: string
  readonly slotMm: number | null
  readonly singleHole: boolean
}
interface OwnedStabilizer {
  readonly id: string
  readonly kind: string
}

/**
 * What pressing a mend changes in the setup; null when what it needs is not owned.
 *
 * @param feet - owned, to take a foot without a single hole from.
 * @param stabilizers - owned, to take one of the kind asked for from.
 */
export function mendOf(
  mend: Mend,
  setup: SetupContent,
  feet: ReadonlyMap<string, OwnedFoot>,
  stabilizers: ReadonlyMap<string, OwnedStabilizer>,
): Partial<SetupContent> | null {
  switch (mend.kind) {
    case 'plate':
      return { plate: 'zigzag', plateId: null }
    case 'foot':
    case 'plate-and-foot': {
      const wide = widestOf(feet)
      if (!wide) return null
      return mend.kind === 'foot' ? { footId: wide.id } : { footId: wide.id, plate: 'zigzag', plateId: null }
    }
    case 'to-bobbin': {
      const thick = setup.threadIds[mend.blade]
      const { left, middle, right } = setup.threadIds
      const off = (id: string | null) => (id === thick ? null : id)
      return {
        bobbinId: thick,
        threadIds: { left: off(left), middle: off(middle), right: off(right) },
        // Bobbin work: normal tension above, past the spring below.
        tension: mend.tension ?? setup.tension,
        bobbinTension: 'bypassed',
      }
    }
    case 'thread-as':
      return { threadIds: { ...setup.threadIds, [mend.blade]: setup.threadIds[mend.like] } }
    case 'threader-off':
      return { threader: false }
    case 'cutter-off':
      return { cutter: false }
    case 'split-discs':
      return { sharedDiscs: false }
    case 'supply':
      return {
        supplies: { ...setup.supplies, [mend.blade]: { ...setup.supplies[mend.blade], ...mend.supply } },
      }
    case 'tension':
      return { tension: mend.dial }
    case 'length':
      return { stitch: { ...setup.stitch, lengthMm: mend.lengthMm } }
    case 'stabilizer': {
      const owned = [...stabilizers.values()].find(({ kind }) => kind === mend.stabilizer)
      return owned ? { stabilizerId: owned.id } : null
    }
  }
}

function widestOf(feet: ReadonlyMap<string, OwnedFoot>): OwnedFoot | undefined {
  return [...feet.values()]
    .filter(({ singleHole }) => !singleHole)
    .sort((a, b) => (b.slotMm ?? 0) - (a.slotMm ?? 0))[0]
}
